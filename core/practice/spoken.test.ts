import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { smallWav } from './small-wav';
import { spokenOf } from './spoken';

/** A tone as a WAV of 16 bits. */
function tone(rate: number, seconds: number, hertz: number): Uint8Array {
  const count = rate * seconds;
  const bytes = new Uint8Array(44 + count * 2);
  const view = new DataView(bytes.buffer);
  const write = (at: number, text: string) =>
    [...text].forEach((sign, index) => view.setUint8(at + index, sign.charCodeAt(0)));
  write(0, 'RIFF');
  view.setUint32(4, bytes.length - 8, true);
  write(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  write(36, 'data');
  view.setUint32(40, count * 2, true);
  for (let each = 0; each < count; each += 1) {
    view.setInt16(44 + each * 2, Math.sin((2 * Math.PI * hertz * each) / rate) * 16000, true);
  }
  return bytes;
}

test('each item of a dictation has what is read out for it, and nothing else has', () => {
  const words = ['rain', 'train', 'day', 'lake', 'storm'];
  const of = (maker: string) =>
    makeExercise({ maker, words, parameters: {}, seed: 5 }, testLexicon(), testMeanings()).task;
  const task = of('dictation');
  if (task.interaction !== 'write') throw new Error('no dictation');
  const spoken = spokenOf(task);
  expect(Object.keys(spoken)).toEqual(task.items.map(({ id }) => id));
  for (const { id, word } of task.items)
    expect(spoken[id]?.text).toMatch(new RegExp(`^${word}\\.`));
  expect(spokenOf(of('missing-grapheme'))).toEqual({});
});

describe('a sound made small', () => {
  const small = smallWav(tone(22_050, 1, 440));

  test('is a quarter of its size, with the head that the form asks for', () => {
    expect(small.length).toBe(44 + 11_025 + 1);
    const view = new DataView(small.buffer);
    expect(new TextDecoder().decode(small.subarray(0, 4))).toBe('RIFF');
    expect(view.getUint32(4, true)).toBe(small.length - 8);
    expect(view.getUint32(24, true)).toBe(11_025);
    expect(view.getUint16(34, true)).toBe(8);
  });

  test('has the same tone: it crosses its middle 880 times in a second of 440 Hz', () => {
    let crossings = 0;
    for (let at = 45; at < 44 + 11_025; at += 1) {
      if ((small[at - 1] ?? 128) < 128 !== (small[at] ?? 128) < 128) crossings += 1;
    }
    expect(Math.abs(crossings - 880)).toBeLessThan(6);
  });

  test('what is no such sound comes back as it was', () => {
    const other = new Uint8Array([1, 2, 3]);
    expect(smallWav(other)).toBe(other);
    const low = tone(8000, 1, 200);
    expect(smallWav(low)).toBe(low);
  });
});
