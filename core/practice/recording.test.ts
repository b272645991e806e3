import { describe, expect, test } from 'vitest';
import { codesIn } from '../results/receive-slips';
import { isSound, MOST_SOUND, readRecordings, withRecordings } from './recording';
import { readSlip, writeSlip } from './slip';

const sound = 'data:audio/webm;codecs=opus;base64,GkXfo59ChoEBQveBAULygQRC84EI';
const slip = writeSlip({
  learner: 'Oona',
  lesson: 'fernhill-1',
  answers: [{ exercise: 'part-1', response: { w1: true } }],
});
const recorded = { exercise: 'part-1', item: 'w1', seconds: 3.2, sound };
const file = withRecordings(slip, [recorded, { ...recorded, item: 'w2' }]);

describe('what was said travels behind the slip', () => {
  test('it comes back as it went, and the slip with it', () => {
    const { rest, recordings, refused } = readRecordings(file);
    expect(recordings).toEqual([recorded, { ...recorded, item: 'w2' }]);
    expect(refused).toEqual([]);
    expect(codesIn(rest)).toHaveLength(1);
    expect(readSlip(codesIn(rest)[0] ?? '')).toMatchObject({ learner: 'Oona' });
  });

  test('a slip without recordings is the slip', () => {
    expect(withRecordings(slip, [])).toBe(slip);
    expect(readRecordings(slip)).toEqual({ rest: slip, recordings: [], refused: [] });
  });

  test('line ends of another system do no harm', () => {
    expect(readRecordings(file.replaceAll('\n', '\r\n')).recordings).toHaveLength(2);
  });

  test('one that is cut off is refused by itself; the other and the slip are read', () => {
    const { rest, recordings, refused } = readRecordings(file.slice(0, -9));
    expect(recordings.map(({ item }) => item)).toEqual(['w1']);
    expect(refused).toEqual([
      'A recording is cut off or was changed. The rest of the slip is read.',
    ]);
    expect(readSlip(rest)).toMatchObject({ learner: 'Oona' });
  });

  test('a changed item, length or sound is noticed', () => {
    for (const [from, to] of [
      ['\tw1\t', '\tw9\t'],
      ['3.2', '9.2'],
      ['GkXf', 'HkXf'],
    ] as const) {
      expect(readRecordings(file.replace(from, to)).recordings).toHaveLength(1);
    }
  });
});

describe('a sound is a sound and nothing else', () => {
  test.each([
    ['data:audio/wav;base64,UklGRg==', true],
    ['data:audio/mp4;base64,AAAA', true],
    ['data:text/html;base64,PHNjcmlwdD4=', false],
    ['data:image/svg+xml;base64,PHN2Zz4=', false],
    ['javascript:alert(1)', false],
    ['https://example.org/a.wav', false],
    ['data:audio/webm;base64,PHN2Zz4"onerror="x', false],
    ['data:audio/webm;codecs=opus,notbase64', false],
    ['', false],
  ])('%s: %s', (text, is) => expect(isSound(text)).toBe(is));

  test('one of many minutes is refused', () => {
    expect(isSound(`data:audio/webm;base64,${'A'.repeat(MOST_SOUND)}`)).toBe(false);
  });
});
