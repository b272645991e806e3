import { expect, test } from 'vitest';
import { fernhillDemo } from '~core/demo/fernhill';
import { testLexicon, testMeanings } from '~core/testing/test-lexicon';
import { testSyllables } from '~core/testing/texts';
import { TextService } from './text-service';

const { texts, classes } = fernhillDemo(testLexicon());
const service = new TextService(testLexicon(), testSyllables(), testMeanings());
const text = (id: string) => {
  const found = texts.find((each) => each.id === `fernhill-${id}`);
  const profile = classes.find((each) => each.id === found?.classId);
  if (!found || !profile) throw new Error(`${id} is not in the demo.`);
  return { found, profile };
};

test('the Harriers’ page was fitted from grade 6 to grade 4 or below, as Flesch–Kincaid has it', () => {
  const { found, profile } = text('station');
  const grade = (body: string) =>
    service.analyse({ ...found, body }, profile).readability.fleschKincaid;
  expect(grade(found.original)).toBeGreaterThan(5.9);
  expect(grade(found.original)).toBeLessThan(7.5);
  expect(grade(found.body)).toBeLessThan(4.5);
  const before = service.reach({ ...found, body: found.original }, profile);
  const after = service.reach(found, profile);
  expect(after.secure / after.total).toBeGreaterThan(before.secure / before.total);
  expect(after.secure / after.total).toBeGreaterThan(0.97);
});

test('progress rises to the end', () => {
  const { found, profile } = text('station');
  const shares: number[] = [];
  service.analyse(found, profile, (share) => shares.push(share));
  expect(shares.length).toBeGreaterThan(3);
  expect([...shares].sort((left, right) => left - right)).toEqual(shares);
  expect(shares.at(-1)).toBe(1);
});

test('the poem’s form, a swap in place, a meaning that fits, and the pages', () => {
  const { found, profile } = text('wind');
  expect(service.devices(found).form?.scheme).toBe('a b c b · a d e d');
  expect(service.swapped('It was a calm day.', { start: 9, end: 13 }, 'easy')).toBe(
    'It was an easy day.',
  );
  const station = text('station').found.body;
  const start = station.indexOf('vane');
  expect(service.meaningHere(station, { start, end: start + 4 })).toContain('wind');
  expect(service.layOut(found, profile, 'Test').pages.map(({ part }) => part)).toEqual([
    'learner',
    'key',
  ]);
});

test('a text of another language has no reach, and its measures say so', () => {
  const { found, profile } = text('talk');
  const spanish = {
    ...found,
    language: 'es',
    body: 'La lluvia cae en la colina. El viento es frío.',
  };
  expect(service.reach(spanish, profile).total).toBe(0);
  expect(service.analyse(spanish, profile).notes.join(' ')).toContain('made for English');
});
