import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import type { Download, Page } from 'playwright-core';
import { afterAll, describe, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk, addFromGallery } from './desk';
import { pdfFacts, pdfPages } from './pdf';

afterAll(closeBrowser);

async function openLesson(): Promise<Desk> {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  return desk;
}

/** Adds an exercise to a stage by typing its name, and waits until its paper is there. */
async function addExercise(page: Page, stage: string, name: string, title: string): Promise<void> {
  await addFromGallery(page, stage, name);
  await page.locator('.paper-stack').getByRole('heading', { name: title }).first().waitFor();
}

async function openExercise(page: Page, title: string): Promise<void> {
  await page.getByRole('link', { name: title }).click();
  await page.locator('.paper-stack').getByRole('heading', { name: title }).waitFor();
}

const downloaded = async (page: Page, press: () => Promise<unknown>): Promise<Download> => {
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    press(),
  ]);
  return download;
};

const exercises = [
  ['Pairs', 'Find the pairs'],
  ['Word search', 'Word search'],
  ['Crossword', 'Crossword'],
  ['Trace, copy, write', 'Trace, copy, write'],
] as const;

test('a sheet of six exercises in three versions for twenty-six learners', async () => {
  const desk = await openLesson();
  const { page } = desk;
  for (const [name, title] of exercises) await addExercise(page, 'Alone', name, title);

  await page.getByRole('button', { name: 'More for Alone' }).click();
  await page.getByRole('button', { name: /A sheet of my own/ }).click();
  const add = page.getByRole('button', { name: 'Add a block' });
  await add.waitFor();
  // Two exercises of the plan and the four new ones.
  for (const title of [/Write the missing/, /Sort the/, ...exercises.map(([, each]) => each)]) {
    await add.click();
    await page.locator('.maker-menu.show').getByRole('button', { name: title }).click();
    await page
      .getByRole('button', { name: /^Exercise/ })
      .filter({ hasText: title })
      .waitFor();
  }
  for (const [index, [, title]] of exercises.entries()) {
    await page
      .locator('.paper-stack')
      .getByRole('heading', { name: `${index + 3}. ${title}` })
      .waitFor();
  }
  await expectNoViolations(page, 'a sheet of blocks');
  // A new exercise is chosen by seeing it, and stands on the sheet and in its stage; undone at once.
  await add.click();
  await page.getByRole('link', { name: 'A new exercise …' }).click();
  await page.getByRole('heading', { name: /^Add to the sheet/ }).waitFor();
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('Dominoes');
  const card = page.locator('.gallery-card', {
    has: page.getByRole('button', { name: 'Dominoes', exact: true }),
  });
  await card.locator('.paper-page').waitFor();
  await card.getByRole('button', { name: 'Dominoes', exact: true }).click();
  await page
    .getByRole('button', { name: /^Exercise/ })
    .filter({ hasText: 'Dominoes' })
    .waitFor();
  await page.getByRole('button', { name: /^Undo: Added Dominoes/ }).click();
  await expect
    .poll(() =>
      page
        .getByRole('button', { name: /^Exercise/ })
        .filter({ hasText: 'Dominoes' })
        .count(),
    )
    .toBe(0);

  // Five learners get the support version, three the stretch.
  await desk.go('/classes/fernhill-kestrels');
  const learners = {
    support: ['Asha', 'Bram', 'Cleo', 'Dario', 'Edie'],
    stretch: ['Femi', 'Gus', 'Hana'],
  };
  for (const [version, names] of Object.entries(learners)) {
    for (const name of names) {
      await page.getByLabel(`Version for ${name}`).selectOption(version);
      await page.getByText(`Undo: ${name} gets the ${version} version`).waitFor();
    }
  }
  await page.goBack();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await page.getByLabel('What to print').selectOption('copies');
  const print = page.getByRole('button', { name: /^Print \d+ pages/ });
  // Learner's pages of each version, its key, and the cutting list.
  await expect
    .poll(async () => Number(/\d+/.exec((await print.textContent()) ?? '')?.[0]))
    .toBeGreaterThan(100);
  const count = Number(/\d+/.exec((await print.textContent()) ?? '')?.[0]);

  const download = await downloaded(page, () =>
    page.getByRole('button', { name: 'Download PDF' }).click(),
  );
  const file = await download.path();
  const facts = pdfFacts(file);
  expect(facts.pages).toBe(count);
  expect(facts.tagged).toBe(true);
  // ISO 216: A4 in points.
  expect(facts.size.map(Math.round)).toEqual([595, 842]);
  for (const font of facts.fonts)
    expect(font, 'every font is embedded').toMatch(/\s+yes\s+(yes|no)\s+(yes|no)\s+\d+\s+0\s*$/);
  expect(facts.fonts.join('\n')).toMatch(/Andika/);
  // The hand comes as a variable font: Chromium puts its outlines in as a font of Type 3.
  expect(facts.fonts.join('\n')).toMatch(/Type 3/);

  const pages = pdfPages(file);
  const first = (name: string) =>
    pages.findIndex((text) => new RegExp(`Name\\s+${name}\\b`).test(text));
  const roster = ['Asha', 'Bram', 'Femi', 'Ivo', 'Zeb'].map(first);
  // Every learner's copy begins with her name, in roster order.
  expect(roster.every((place) => place >= 0)).toBe(true);
  expect([...roster].sort((left, right) => left - right)).toEqual(roster);
  const keys = pages.filter((text) => /^\s*Key: /.test(text));
  expect(keys.map((text) => /\((support|stretch)\)/.exec(text)?.[1] ?? 'core').sort()).toEqual([
    'core',
    'stretch',
    'support',
  ]);
  const list = pages[pages.length - 1] ?? '';
  expect(list).toContain('Cutting list');
  expect(list).toMatch(/26 copies on \d+ pages/);
  for (const name of ['Asha', 'Hana', 'Zeb']) expect(list).toContain(name);
  await desk.close();
}, 600_000);

describe('a sheet of blocks', () => {
  test('is arranged by keyboard and menu, undone, and there after a reload', async () => {
    const desk = await openLesson();
    const { page } = desk;
    await page.getByRole('button', { name: 'More for Show' }).click();
    await page.getByRole('button', { name: /A sheet of my own/ }).click();
    const add = page.getByRole('button', { name: 'Add a block' });
    const names = () => page.locator('.block-row__name strong').allTextContents();
    for (const block of ['Text', 'Can-do slip', 'Rule card']) {
      await add.click();
      await page
        .locator('.maker-menu.show')
        .getByRole('button', { name: block, exact: true })
        .click();
      await page.locator('.block-row__name', { hasText: block }).waitFor();
    }
    expect(await names()).toEqual(['Name and date', 'Heading', 'Text', 'Can-do slip', 'Rule card']);

    // A word box takes words of a topic that the class can read.
    await add.click();
    await page.locator('.maker-menu.show').getByRole('button', { name: 'Word box' }).click();
    await page.locator('.block-row__name', { hasText: 'Word box' }).click();
    await page.getByRole('combobox', { name: 'Or words about' }).selectOption('weather');
    await page.locator('.paper-stack').getByText('rain', { exact: true }).first().waitFor();
    await page.getByRole('button', { name: /^Change Word box/ }).click();
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
    await expect.poll(names).toHaveLength(5);

    // By menu.
    await page.getByRole('button', { name: /^Change Rule card/ }).click();
    await page.getByRole('button', { name: 'Move up' }).click();
    await expect
      .poll(names)
      .toEqual(['Name and date', 'Heading', 'Text', 'Rule card', 'Can-do slip']);
    // By keyboard: the grip is lifted with the space bar, moved, and put down.
    const grip = page.getByRole('button', { name: /^Move Can-do slip/ });
    await grip.focus();
    await page.keyboard.press('Space');
    await page.waitForTimeout(150);
    await page.keyboard.press('ArrowUp');
    await page.waitForTimeout(250);
    await page.keyboard.press('Space');
    await expect
      .poll(names)
      .toEqual(['Name and date', 'Heading', 'Text', 'Can-do slip', 'Rule card']);
    await page.getByRole('button', { name: 'Undo: Moved a block' }).click();
    await expect
      .poll(names)
      .toEqual(['Name and date', 'Heading', 'Text', 'Rule card', 'Can-do slip']);
    await page.reload();
    await expect
      .poll(names)
      .toEqual(['Name and date', 'Heading', 'Text', 'Rule card', 'Can-do slip']);

    // A block that cannot be set says what to do.
    await page.getByRole('button', { name: /^Text/ }).click();
    await page.getByRole('textbox', { name: 'Text' }).fill('');
    await page.getByRole('textbox', { name: 'Text' }).blur();
    await page.getByText('A text is empty. Write it, or take the block away.').waitFor();
    await page.getByRole('textbox', { name: 'Text' }).fill('The snail hid in the rain.');
    await page.getByRole('textbox', { name: 'Text' }).blur();
    await page.locator('.paper-stack').getByText('The snail hid in the rain.').first().waitFor();
    await desk.close();
  });

  test('prints on other paper, in columns, with a border', async () => {
    const desk = await openLesson();
    const { page } = desk;
    await openExercise(page, 'Build words with -ing');
    await page.getByText('Paper and print').click();
    await page.getByRole('combobox', { name: /^Paper/ }).selectOption('a4-landscape');
    await page.getByLabel('Columns').selectOption('2');
    await page.getByLabel('Border').selectOption('drops');
    await page.getByLabel('Header of each page').fill('Kestrels, Thursday');
    await page.getByLabel('Header of each page').blur();
    await page.locator('.paper-stack').getByText('Kestrels, Thursday').first().waitFor();
    const download = await downloaded(page, () =>
      page.getByRole('button', { name: 'Download PDF' }).click(),
    );
    const facts = pdfFacts(await download.path());
    // ISO 216: A4 on its side, in points.
    expect(facts.size.map(Math.round)).toEqual([842, 595]);
    await expectNoViolations(page, 'paper options');
    await desk.close();
  });
});

test('an exercise is saved as Word, Markdown, text, a picture and a table of items', async () => {
  const desk = await openLesson();
  const { page } = desk;
  await openExercise(page, 'Build words with -ing');
  const save = async (kind: RegExp) => {
    await page.getByRole('button', { name: 'Download as something else' }).click();
    const download = await downloaded(page, () => page.getByRole('button', { name: kind }).click());
    return readFileSync(await download.path());
  };
  const word = unzipSync(new Uint8Array(await save(/Word file/)));
  expect(strFromU8(word['word/document.xml'] as Uint8Array)).toContain('Build words with -ing');
  const markdown = (await save(/Markdown/)).toString('utf8');
  expect(markdown).toMatch(/^# Build words with -ing$/m);
  expect((await save(/Plain text/)).toString('utf8')).toContain('Key: Build words with -ing');
  const rows = Papa.parse<Record<string, string>>(
    (await save(/Items and key \(\.csv\)/)).toString('utf8'),
    {
      header: true,
    },
  );
  expect(rows.data.find((row) => row['word'] === 'rain')?.['answer']).toBe('raining');
  const picture = await save(/Picture of page 1/);
  // PNG specification (ISO/IEC 15948): the signature, then width and height; A4 at 200 dots an inch.
  expect(picture.subarray(1, 4).toString('latin1')).toBe('PNG');
  expect(Math.abs(picture.readUInt32BE(16) - (210 / 25.4) * 200)).toBeLessThan(6);
  await desk.close();
});

test('an item is changed by hand, keeps its change when shuffled, and is put back', async () => {
  const desk = await openLesson();
  const { page } = desk;
  await openExercise(page, 'Build words with -ing');
  await page.getByText('Change items by hand').click();
  await page.locator('.item-texts summary', { hasText: 'hail' }).click();
  const field = page.getByRole('textbox', { name: 'Text of hail' });
  await field.fill('to hail + ing =');
  await field.blur();
  const onPaper = page.locator('.paper-stack').getByText('to hail + ing =');
  await onPaper.waitFor();
  await page.getByRole('button', { name: 'Shuffle again' }).click();
  await onPaper.waitFor();
  await page.getByRole('button', { name: /As it was made: Text of hail/ }).click();
  await onPaper.waitFor({ state: 'detached' });
  await desk.close();
});

test('each learner traces her own name', async () => {
  const desk = await openLesson();
  const { page } = desk;
  await addExercise(page, 'Show', 'Trace, copy, write', 'Trace, copy, write');
  await page.getByRole('switch', { name: 'Each learner’s own name' }).click();
  await page.locator('.paper-page .hand', { hasText: 'Asha' }).first().waitFor();
  await page.getByRole('combobox', { name: /^Hand/ }).selectOption('us-cursive');
  // The paper shows the new hand before copies of it are made.
  await page.locator('.paper-stack .hand[font-family*="Playwrite US"]').first().waitFor();
  await page.getByLabel('What to print').selectOption('copies');
  // A page for each of 26, and the cutting list; what is traced has no key.
  await page.getByRole('button', { name: 'Print 27 pages' }).waitFor();
  const download = await downloaded(page, () =>
    page.getByRole('button', { name: 'Download PDF' }).click(),
  );
  const facts = pdfFacts(await download.path());
  expect(facts.pages).toBe(27);
  expect(facts.fonts.join('\n')).toMatch(/PlaywriteUSTrad/);
  await desk.close();
});

test('a class adds words that it takes for each other, and meets them in an exercise', async () => {
  const desk = await openLesson();
  const { page } = desk;
  await desk.go('/classes/fernhill-kestrels');
  const form = page.getByRole('form', { name: 'New set of confused words' });
  await form.getByRole('button', { name: 'Add the set' }).click();
  await form.getByText('A set needs two words or more.').waitFor();
  await form.getByLabel('Word 1').fill('gale');
  await form.getByLabel('What it means').nth(0).fill('a strong wind');
  await form
    .getByLabel(/A sentence with/)
    .nth(0)
    .fill('A ___ blew all night.');
  await form.getByLabel('Word 2').fill('gala');
  await form.getByLabel('What it means').nth(1).fill('a big party');
  await form
    .getByLabel(/A sentence with/)
    .nth(1)
    .fill('We danced at the ___.');
  await form.getByRole('button', { name: 'Add the set' }).click();
  await page.getByText('gale, gala').waitFor();
  await expectNoViolations(page, 'class with sets');
  await page.goBack();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await addExercise(page, 'Show', 'Often confused words', 'Which word is right?');
  await page.locator('.paper-stack').getByText('A ______ blew all night.').first().waitFor();
  await desk.close();
});

test('an exercise with too little on it is no sheet, and says how it becomes one', async () => {
  const desk = await openLesson();
  const { page } = desk;
  await openExercise(page, 'Sort the /ā/ words');
  const panel = page.getByRole('complementary', { name: /^Check for/ });
  const words = panel.getByRole('button', { name: /^Remove / });
  for (let left = await words.count(); left > 2; left -= 1) {
    await words.first().click();
    await expect.poll(() => words.count()).toBe(left - 1);
  }
  const place = page.getByRole('region', { name: /not a sheet yet/ });
  await place.getByText(/needs 4 words or more .*; \d|none of these can be used/).waitFor();
  expect(await page.locator('.paper-stack .paper-page').count()).toBe(0);
  expect(await page.getByRole('button', { name: 'Print 0 pages' }).isDisabled()).toBe(true);
  await expectNoViolations(page, 'an exercise that is not a sheet yet');

  // The rest of the lesson prints without it, and says so.
  const scope = page.getByRole('combobox', { name: 'What to print' });
  await scope.selectOption('lesson');
  await page.getByText('One exercise of this lesson is not ready, and not printed').waitFor();
  expect(await page.getByRole('button', { name: /^Print [1-9]\d* pages$/ }).count()).toBe(1);
  await scope.selectOption('exercise');

  // One click brings words that fit; one undo takes them away again.
  await place.getByRole('button', { name: /^Add .* and / }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await place.waitFor();

  // Or another exercise of the same two words.
  await place.getByRole('list').getByRole('button', { name: 'Word wheel' }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();

  // What is made from a text asks for one.
  await page.getByRole('link', { name: 'Add to Alone' }).click();
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('Notes page');
  await page.getByRole('button', { name: 'Notes page', exact: true }).focus();
  await page.getByRole('complementary').getByText('Choose one in this panel').waitFor();
  await page.getByRole('link', { name: 'Bring a text' }).waitFor();
  expect(desk.faults).toEqual([]);
  await desk.close();
}, 240_000);
