import { describe, expect, test } from 'vitest';
import { usualBehaviour } from '../kernel/behaviour';
import { scoreSays, signsOf } from './behaviour';
import { phrases, phrasesOf, withNumbers, type Phrases } from './phrases';
import { asHints, givesAway, hintFor, LOOK_AGAIN, NOTHING_YET } from './hint';
import { handsIn, picturesIn, takeHomePage, type TakeHome } from './take-home';
import { forLearner } from './for-learner';
import { makeExercise } from '../exercises/make-exercise';
import { keyedItems, markTask } from '../exercises/interactions';
import { makers } from '../exercises/makers';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { simulate } from './simulated-learner';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = ['rain', 'train', 'snail', 'lake', 'snake', 'day', 'hop', 'make', 'storm'];
const made = (maker: string) =>
  makeExercise({ maker, words, parameters: {}, seed: 3 }, lexicon, meanings);

const home: TakeHome = {
  version: 1,
  title: 'Storm </title><script>alert(1)</script>',
  className: 'Kestrels',
  lesson: 'l',
  made: 'm',
  behaviour: usualBehaviour,
  returned: true,
  learners: ['</script><img src=x>'],
  exercises: [{ id: 'a', print: 'p', exercise: forLearner(made('match-picture'), true) }],
  pictures: {},
};

describe('the page that goes home', () => {
  const page = takeHomePage(home, { script: 'run("</script>")', style: 'p{color:#000}</style>' });

  test('nothing that a teacher writes can end its element or begin another', () => {
    // HTML, 13.2.5 (whatwg.org): a script ends at the first </script.
    expect(page.match(/<script/g)).toHaveLength(2);
    expect(page.match(/<\/script>/g)).toHaveLength(2);
    expect(page.match(/<\/style>/g)).toHaveLength(1);
    expect(page.match(/<img/g)).toBeNull();
    expect(page).toContain('<title>Storm &lt;/title>&lt;script>alert(1)&lt;/script></title>');
  });

  test('what stands in it comes back as it was', () => {
    const json = /id="take-home">(.*?)<\/script>/s.exec(page)?.[1] ?? '';
    expect(JSON.parse(json)).toEqual(JSON.parse(JSON.stringify(home)));
  });

  test('it may reach no other host: the policy allows only what is in it', () => {
    expect(page).toContain("default-src 'none'");
    expect(page).toContain("connect-src 'none'");
    expect(page).not.toMatch(/https?:\/\//);
  });

  test('its pictures are named, those of the teacher’s own are in it already', () => {
    expect(picturesIn(home.exercises)).toEqual(expect.arrayContaining(['snail', 'train']));
    expect(picturesIn([{ picture: 'data:image/png;base64,AA' }, { picture: 'none' }])).toEqual([]);
  });
});

describe('a hint', () => {
  test('an answer is found as a word of its own, in any capitals', () => {
    expect(givesAway('The answer is Rain.', 'rain')).toBe(true);
    expect(givesAway('It is raining.', 'rain')).toBe(false);
    expect(givesAway('Anything', '')).toBe(false);
    expect(givesAway('a+b?', 'a+b?')).toBe(true);
  });

  test('never gives the answer, for any maker and any wrong answer', () => {
    let read = 0;
    for (const { id, needsText } of makers) {
      if (needsText) continue;
      const { task, short } = made(id);
      if (short !== undefined) continue;
      for (const skill of [0, 0.3]) {
        const response = simulate(task, { name: 'Mina', skill, habits: ['leaves out a vowel'] }, 2);
        for (const verdict of asHints(markTask(task, response).verdicts, task)) {
          if (verdict.right || verdict.item === 'extra') continue;
          read += 1;
          expect([
            id,
            verdict.expected,
            verdict.reason,
            givesAway(verdict.reason, verdict.expected),
          ]).toEqual([id, verdict.expected, verdict.reason, false]);
        }
      }
    }
    expect(read).toBeGreaterThan(200);
  });

  test('says what it can: the rule of the error, that nothing is there, or to look again', () => {
    const { task } = made('build-ing');
    const id = keyedItems(task).find(({ answer }) => answer === 'making')?.id ?? '';
    const of = (given: string) => {
      const verdict = markTask(task, { [id]: [given] }).verdicts.find(({ item }) => item === id);
      return verdict && hintFor(verdict, task);
    };
    expect(of('makeing')).toBe('The silent e goes before an ending that begins with a vowel.');
    expect(of('')).toBe(NOTHING_YET);
    expect(of('xyz')).not.toContain('making');
    const mixed = made('unscramble').task;
    const [one] = mixed.interaction === 'order' ? mixed.items : [];
    const order = markTask(mixed, { [one?.id ?? '']: one?.pieces ?? [] }).verdicts[0];
    expect(order && hintFor(order, mixed)).toContain('Say the sounds');
    const gap = made('missing-grapheme');
    const [first] = gap.task.interaction === 'gap' ? gap.task.items : [];
    const verdict = markTask(gap.task, { [first?.id ?? '']: ['zz'] }).verdicts[0];
    expect(verdict && hintFor(verdict, gap.task)).toBe(LOOK_AGAIN);
  });
});

test('the score is said in whole sentences', () => {
  expect(scoreSays(10, 10)).toBe('10 of 10 right. All of it is right.');
  expect(scoreSays(1, 10, 4)).toMatch(/^1 of 10 right\. You have begun.* Still empty: 4\.$/);
  expect(scoreSays(8, 10)).toContain('Nearly all');
  expect(scoreSays(0, 0)).toBe('');
  expect(scoreSays(7, 10, 0, phrasesOf('ja'))).toMatch(/^正解：10問中7問。/);
});

test('every language has every phrase, with its numbers, and none is left in English', () => {
  // The languages that are asked for; Arabic alone is written from the right (Unicode Standard Annex 9).
  expect(Object.keys(phrases).sort()).toEqual(
    ['ar', 'de', 'en', 'es', 'fr', 'it', 'ja', 'pl', 'pt', 'ru', 'uk', 'zh'].sort(),
  );
  const names = Object.keys(phrasesOf('en')) as (keyof Phrases)[];
  for (const [tag, own] of Object.entries(phrases)) {
    expect(Object.keys(own)).toEqual(names);
    expect([tag, own.direction]).toEqual([tag, tag === 'ar' ? 'rtl' : 'ltr']);
    expect(withNumbers(own.score, { n: 7, of: 10 })).toMatch(/7.*10|10.*7/);
    expect(withNumbers(own.empty, { n: 3 })).toContain('3');
    expect(own.bands).toHaveLength(4);
    if (tag === 'en') continue;
    const same = names.filter(
      (name) =>
        name !== 'direction' && JSON.stringify(own[name]) === JSON.stringify(phrasesOf('en')[name]),
    );
    expect([tag, same]).toEqual([tag, []]);
  }
  expect(phrasesOf('xx')).toBe(phrasesOf('en'));
});

test('letters with accents are offered where the language has them', () => {
  // The Unicode CLDR lists them as exemplar characters of each language.
  expect(signsOf('de')).toEqual(['ä', 'ö', 'ü', 'ß']);
  expect(signsOf('es')).toContain('ñ');
  expect(signsOf('en')).toEqual([]);
});

test('the fonts of traced hands are in its style, and nothing that is no font', () => {
  const page = takeHomePage(
    {
      ...home,
      fonts: {
        'Playwrite IE': 'data:font/woff2;base64,AAAA',
        'No}body{': 'data:font/woff2;base64,AAAA',
        Other: 'data:text/html,<b>',
      },
    },
    { script: '', style: '' },
  );
  expect(page).toContain(
    "@font-face{font-family:'Playwrite IE';src:url(data:font/woff2;base64,AAAA)}",
  );
  expect(page.match(/@font-face/g)).toHaveLength(1);
  expect(page).not.toContain('text/html,<b>');
});

test('only a hand that is traced needs its font', () => {
  const task = (items: object[]) => ({
    exercise: { task: { interaction: 'write', handwriting: { hand: 'ie-cursive' }, items } },
  });
  const traced = task([{ trace: ['dots', 'grey'] }]) as never;
  expect(handsIn([traced, traced])).toEqual(['ie-cursive']);
  expect(handsIn([task([{}]) as never])).toEqual([]);
});
