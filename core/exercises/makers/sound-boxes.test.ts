/**
 * Words with the letters that spell each of their sounds, as phonics programmes segment them: common
 * practice (the notes of the English programme of study name the correspondences, Appendix 1, 2013).
 */
import { describe, expect, test } from 'vitest';
import { gapsOf } from '../interactions/gap/task';
import { keyOf, reasonsOf, taskOf } from '../../testing/key-of';

/** Words by what they show, each with its boxes. */
const boxes: Readonly<Record<string, string>> = {
  'a letter a sound': 's-u-n c-a-t b-e-d p-i-g f-r-o-g s-t-a-m-p s-p-l-i-t',
  'two letters that are one sound': 'sh-i-p ch-i-p th-i-n r-i-ng d-u-ck qu-i-ck wh-i-p',
  'doubled letters': 'b-e-ll f-u-ss o-ff b-u-zz h-i-ll m-e-ss',
  'vowel teams': 'r-ai-n d-ay s-ee s-ea b-oa-t s-n-ow m-oo-n c-oi-n t-oy ou-t c-ow n-igh-t',
  'vowels with r': 'c-ar f-or-k b-ir-d t-ur-n h-er',
  'letters that are silent': 'kn-ee l-a-mb s-i-gn gn-a-t',
  'three and four letters': 'c-a-tch e-dge l-igh-t b-r-i-dge',
};

describe('one box a sound', () => {
  test.each(Object.entries(boxes))('%s', (_, text) => {
    const segmented = text.split(' ');
    const words = segmented.map((word) => word.replaceAll('-', ''));
    const reasons = reasonsOf('sound-boxes', words);
    segmented.forEach((word, at) => {
      const said = (reasons[words[at] ?? ''] ?? '').split(':')[0]?.replaceAll(' | ', '-');
      expect([words[at], said]).toEqual([words[at], word]);
    });
  });

  test('a vowel and its silent e are one box, where the vowel stands', () => {
    const reasons = reasonsOf('sound-boxes', ['make', 'hope', 'time', 'cube', 'stone']);
    expect(
      Object.values(reasons)
        .map((reason) => reason.split(':')[0])
        .sort(),
    ).toEqual(
      ['c | u–e | b', 'h | o–e | p', 'm | a–e | k', 's | t | o–e | n', 't | i–e | m'].sort(),
    );
  });

  test('as many boxes as sounds are heard', () => {
    const { items } = taskOf('gap', 'sound-boxes', [
      'ship',
      'rain',
      'church',
      'lake',
      'night',
      'duck',
    ]);
    for (const item of items) expect([item.word, gapsOf(item).length]).toEqual([item.word, 3]);
  });
});

describe('the letters that spell a sound are what is missing', () => {
  test.each([
    ['EY', 'rain ai, day ay, cake a–e, train ai, play ay, snake a–e, eight eigh, they ey'],
    ['IY', 'tree ee, leaf ea, field ie, seed ee, beach ea, thief ie'],
    ['OW', 'boat oa, snow ow, bone o–e, coat oa, blow ow, stone o–e, toe oe'],
    ['AY', 'night igh, bike i–e, light igh, kite i–e, pie ie, cry y'],
    ['UW', 'moon oo, blue ue, chew ew, spoon oo, glue ue, screw ew'],
    ['ER', 'bird ir, turn ur, fern er, girl ir, nurse ur, herb er'],
    ['OY', 'coin oi, toy oy, point oi, boy oy'],
    ['AW', 'cloud ou, cow ow, house ou, town ow'],
    ['K', 'cat c, kite k, duck ck, king k, cup c, rock ck'],
    ['F', 'fish f, phone ph, cuff ff, photo ph'],
  ])('%s', (sound, text) => {
    const wanted = Object.fromEntries(
      text.split(', ').map((pair) => pair.split(' ') as [string, string]),
    );
    const reasons = reasonsOf('missing-grapheme', Object.keys(wanted), { sound });
    for (const [word, spelling] of Object.entries(wanted))
      expect([word, reasons[word]?.split(':')[0]]).toEqual([word, spelling]);
  });
});

describe('hard and soft letters', () => {
  test.each([
    ['c', 'cat cot cup clap crab picnic', 'city ice cell fancy pencil circle'],
    ['g', 'goat gap gum green flag glad', 'gem giant cage magic gym orange'],
  ])('%s', (letter, hard, soft) => {
    const words = [...hard.split(' '), ...soft.split(' ')];
    const key = keyOf('sort-hard-soft', words, { letter });
    for (const word of hard.split(' '))
      expect([word, key[word]]).toEqual([word, expect.stringMatching(/^hard/)]);
    for (const word of soft.split(' ')) {
      // Circle has both: the sort names one of them, and no reason denies the other.
      if (word === 'circle') continue;
      expect([word, key[word]]).toEqual([word, expect.stringMatching(/^soft/)]);
    }
  });

  // Get, girl, give and gift break the rule: common practice.
  test('what breaks the rule is called tricky, or said to be hard with its reason', () => {
    const reasons = reasonsOf('sort-hard-soft', ['get', 'girl', 'gem', 'giant', 'goat', 'gap'], {
      letter: 'g',
    });
    for (const word of ['get', 'girl'])
      expect(reasons[word]).toMatch(/rule|although|even|tricky|exception/i);
  });
});
