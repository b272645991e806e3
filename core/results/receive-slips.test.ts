import { expect, test } from 'vitest';
import { writeSlip } from '../practice/slip';
import { simulatedClass, simulatedSlips } from '../practice/simulated-class';
import { codesIn, receiveSlips } from './receive-slips';

const of = (learner: string, lesson = 'storm') =>
  writeSlip({ learner, lesson, answers: [{ exercise: 'a', response: { 'item-1': 'x' } }] });

test('many codes are found in one text, with anything between, however they were typed', () => {
  const [mina, ivo] = [of('Mina'), of('Ivo')];
  const text = `Dear teacher,\n${mina.toLowerCase()}\n\n${ivo.replace(/-/g, ' ')}`;
  expect(codesIn(text)).toEqual([mina, ivo]);
  expect(codesIn('nothing here')).toEqual([]);
});

test('new ones are taken, the others named with the reason, and nothing is lost', () => {
  const [mina, ivo] = [of('Mina'), of('Ivo')];
  const cut = mina.slice(0, -10);
  const { taken, refused } = receiveSlips(
    [mina, mina, ivo, of('Bram', 'another'), cut, 'hello'],
    'storm',
    [ivo],
  );
  expect(taken).toEqual([mina]);
  expect(refused).toEqual([
    'The slip of Mina is here already.',
    'The slip of Ivo is here already.',
    'The slip of Bram is of another lesson. Open that lesson’s results.',
    expect.stringMatching(/cut off|not right/) as string,
    'One thing that was handed in is not a slip: a slip begins with W1.',
  ]);
});

test('a class that is not there is the same for the same seed, and differs within', () => {
  const names = Array.from({ length: 26 }, (_, index) => `Learner ${index}`);
  const made = simulatedClass(names, 4);
  expect(simulatedClass(names, 4)).toEqual(made);
  expect(new Set(made.map(({ skill }) => skill)).size).toBeGreaterThan(3);
  expect(new Set(made.flatMap(({ habits }) => habits)).size).toBeGreaterThan(3);
  const slips = simulatedSlips(names, 'storm', [], 1);
  expect(receiveSlips(slips, 'storm', []).taken).toHaveLength(26);
});
