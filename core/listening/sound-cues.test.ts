import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  cuesToVtt,
  isSilent,
  movedAt,
  nextLabel,
  readVttCues,
  sectionsOf,
  shortClock,
  withCue,
  type SoundCue,
} from './sound-cues';

let count = 0;
const newId = () => `c${(count += 1)}`;
const cue = (at: number, label = ''): SoundCue => ({ id: newId(), at, label });

describe('cues of a recording', () => {
  test('stand in their order, and none where one is already', () => {
    const some = [cue(28), cue(3)].reduce<readonly SoundCue[]>(withCue, []);
    expect(some.map(({ at }) => at)).toEqual([3, 28]);
    expect(withCue(some, cue(28.1))).toBe(some);
    expect(sectionsOf(some, 60).map(({ at, to }) => [at, to])).toEqual([
      [3, 28],
      [28, 60],
    ]);
  });

  test('are moved, and never out of the recording', () => {
    expect(movedAt(0.2, -0.5, 10)).toBe(0);
    expect(movedAt(5, 9, 10)).toBe(10);
    expect(movedAt(3.2, 0.5, 10)).toBe(3.7);
  });

  test('are called by the lines of the text, then by number', () => {
    const body = 'Bram: Is it raining?\n\nMina: Not yet.';
    const first = nextLabel(body, []);
    const second = nextLabel(body, [cue(0, first)]);
    expect([first, second]).toEqual(['Bram: Is it raining?', 'Mina: Not yet.']);
    expect(nextLabel(body, [cue(0, first), cue(1, second)])).toBe('Part 3');
  });

  test.each([
    [28.4, '0:28'],
    [61, '1:01'],
    [3599.9, '59:59'],
  ])('%d seconds are %s', (seconds, shown) => expect(shortClock(seconds)).toBe(shown));
});

describe('WebVTT', () => {
  test('is read: hours or none, voices, marks, notes left out (examples after the W3C draft)', () => {
    const source = [
      'WEBVTT - Storm at the station',
      '',
      'NOTE 00:00:01.000 --> 00:00:02.000 is no cue',
      '',
      '1',
      '00:28.500 --> 00:31.000 align:start',
      '<v Bram>Is it <i>raining</i> &amp; cold?',
      '',
      '01:00:00.000 --> 01:00:02.000',
      'Two lines',
      'of one cue',
    ].join('\r\n');
    expect(readVttCues(source, newId).map(({ at, label }) => [at, label])).toEqual([
      [28.5, 'Bram: Is it raining & cold?'],
      [3600, 'Two lines of one cue'],
    ]);
    expect(readVttCues('not a script', newId)).toEqual([]);
  });

  test('a time is read to the thousandth', () => {
    const [read] = readVttCues(cuesToVtt([cue(1.477, 'rain')], 4000), newId);
    expect(read?.at).toBe(1.477);
  });

  test('what is written is read back', () => {
    const label = fc
      .string({ maxLength: 40 })
      .map((text) => text.replace(/\s+/g, ' ').trim())
      .filter((text) => !text.includes('&'));
    const cues = fc.uniqueArray(fc.record({ at: fc.integer({ min: 0, max: 3_000_000 }), label }), {
      selector: ({ at }) => at,
      maxLength: 20,
    });
    fc.assert(
      fc.property(cues, (given) => {
        const all = given.map(({ at, label: text }) => cue(at / 1000, text));
        const back = readVttCues(cuesToVtt(all, 4000), newId);
        const sorted = [...all].sort((one, other) => one.at - other.at);
        expect(back.map(({ at }) => at)).toEqual(sorted.map(({ at }) => at));
        expect(back.map(({ label: text }) => text)).toEqual(sorted.map(({ label: text }) => text));
      }),
    );
  });
});

test('silence is what nobody can hear', () => {
  expect(isSilent(new Float32Array(100))).toBe(true);
  expect(isSilent([0, 0.001, -0.002])).toBe(true);
  expect(isSilent([0, 0.1])).toBe(false);
});
