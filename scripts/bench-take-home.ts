/** The file that goes home, with ten exercises: its size, its start as a ratio to an empty page, its memory. */
import { readFileSync, mkdirSync, writeFileSync } from 'node:fs';
import { chromium, type Browser } from 'playwright-core';
import { makeExercise } from '../core/exercises/make-exercise';
import { learnerCopy } from '../core/exercises/interactions';
import { usualBehaviour } from '../core/kernel/behaviour';
import { forLearner } from '../core/practice/for-learner';
import { printOf } from '../core/practice/slip';
import { picturesIn, takeHomePage } from '../core/practice/take-home';
import { testLexicon, testMeanings } from '../core/testing/test-lexicon';

const root = new URL('../', import.meta.url);
const folder = new URL('.tmp/bench/', root);
mkdirSync(folder, { recursive: true });
const text = (path: string) => readFileSync(new URL(path, root), 'utf8');

const words = 'rain train snail lake snake day cloud rainbow storm play'.split(' ');
const makers =
  'missing-grapheme picture-to-word sort-by-spelling unscramble match-picture word-search sentence-gaps odd-one-out crossword labelled-picture'.split(
    ' ',
  );
const exercises = makers.map((maker) => {
  const recipe = { maker, words, parameters: {}, seed: 2 };
  const made = makeExercise(recipe, testLexicon(), testMeanings());
  return { id: maker, print: printOf(learnerCopy(made.task)), exercise: forLearner(made, true) };
});
const home = {
  version: 1 as const,
  title: 'Ten exercises',
  className: 'Kestrels',
  lesson: 'bench',
  made: 'bench',
  behaviour: usualBehaviour,
  returned: true,
  learners: [],
  exercises,
};
const assets = { script: text('public/player/player.js'), style: text('public/player/player.css') };
const bare = takeHomePage({ ...home, pictures: {} }, assets);
const pictures = Object.fromEntries(
  picturesIn(exercises).map((name) => [
    name,
    `data:image/svg+xml,${encodeURIComponent(text(`public/pictures/colour/${name}.svg`))}`,
  ]),
);
const whole = takeHomePage({ ...home, pictures }, assets);

/** Milliseconds until the page answers, the median of five; and the memory of its script, in bytes. */
async function opened(browser: Browser, name: string, page: string, ready: string) {
  const file = new URL(name, folder);
  writeFileSync(file, page);
  const times: number[] = [];
  let memory = 0;
  for (let round = 0; round < 5; round += 1) {
    const context = await browser.newContext({ offline: true });
    const tab = await context.newPage();
    const begun = performance.now();
    await tab.goto(file.href);
    await tab.waitForSelector(ready);
    times.push(performance.now() - begun);
    memory = await tab.evaluate(
      () =>
        (performance as unknown as { memory?: { usedJSHeapSize: number } }).memory
          ?.usedJSHeapSize ?? 0,
    );
    await context.close();
  }
  return { time: times.sort((one, other) => one - other)[2] ?? 0, memory };
}

const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const empty = await opened(browser, 'empty.html', '<!doctype html><p>x</p>', 'p');
const taken = await opened(browser, 'home.html', whole, '.home-name');
await browser.close();
const kilobytes = (page: string) => Math.round(new Blob([page]).size / 1000);
console.log('\nThe file that goes home, ten exercises');
console.log(`  size ${kilobytes(bare)} KB without pictures, ${kilobytes(whole)} KB with`);
console.log(
  `  start ${Math.round(taken.time)} ms, ${(taken.time / empty.time).toFixed(1)} × an empty page`,
);
console.log(
  `  memory ${(taken.memory / 1e6).toFixed(1)} MB, an empty page ${(empty.memory / 1e6).toFixed(1)} MB`,
);
