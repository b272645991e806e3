import type { Page } from 'playwright-core';
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { address, closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

/** A desk with the demo in, at the Words screen. */
async function wordsDesk(): Promise<Desk> {
  const desk = await Desk.withDemo();
  await desk.page.getByRole('button', { name: /^Sound:/ }).waitFor();
  return desk;
}

/** Chooses in a slot of the sentence by its name. */
async function choose(page: Page, slot: string, option: string | RegExp): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${slot}:`) }).click();
  const menu = page.locator('.dropdown-menu.show');
  await menu
    .getByRole('button', { name: option, exact: typeof option === 'string' })
    .first()
    .click();
  await menu.waitFor({ state: 'detached' }).catch(() => undefined);
}

async function add(page: Page, extra: string): Promise<void> {
  const direct = page.getByRole('button', { name: `+ ${extra}`, exact: true });
  if ((await direct.count()) > 0) return direct.click();
  await page.getByRole('button', { name: '+ more', exact: true }).click();
  await page
    .locator('.dropdown-menu.show')
    .getByRole('button', { name: extra, exact: true })
    .click();
}

/** The words of the tiles in sight. */
async function tiles(page: Page): Promise<string[]> {
  // The answer to the last choice, not the one before it.
  await page.waitForTimeout(100);
  await page.locator('.words-layout > [aria-busy=false]').waitFor();
  await page.locator('.tile').first().waitFor();
  const names = await page
    .locator('.tile__word')
    .evaluateAll((buttons) => buttons.map((button) => button.getAttribute('aria-label') ?? ''));
  return names.map((name) => name.replace(/, (secure|stretch|beyond)$/, ''));
}

/** Waits until the tiles hold the words: the answer to a choice comes a moment after it. */
async function tilesWith(page: Page, words: readonly string[]): Promise<string[]> {
  await expect.poll(() => tiles(page)).toEqual(expect.arrayContaining([...words]));
  return tiles(page);
}

const count = async (page: Page) =>
  Number((await page.locator('.toolbar-words__count b').innerText()).replaceAll(',', ''));

test('decodable long-a words at step 24 with a picture', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await desk.go('/classes/fernhill-kestrels');
  await page.getByRole('radio', { name: /^24/ }).click();
  await page.getByText('steps 1–24 taught').waitFor();
  await desk.go('/words');
  await choose(page, 'Sound', /as in rain/);
  await add(page, 'that can be pictured');
  await page.waitForURL(/pictured=1/);
  const found = await tilesWith(page, ['rain', 'train', 'paint']);
  await expect.poll(() => page.locator('.tile img').count()).toBe(found.length);
  await desk.close();
});

test('ten hard-c and ten soft-c words for Year 1', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await choose(page, 'Sound', 'any sound');
  await choose(page, 'What the class knows', 'any words');
  await add(page, 'up to a level');
  await choose(page, 'Level', 'Year 1');
  await add(page, 'with a pattern');
  for (const [pattern, words] of [
    ['hard c', ['can', 'come']],
    ['soft c', ['nice', 'ice']],
  ] as const) {
    await choose(page, 'Pattern', pattern);
    await page.getByRole('button', { name: `Pattern: ${pattern}` }).waitFor();
    await page.locator('.tile').first().waitFor();
    await tilesWith(page, words);
    expect(await count(page)).toBeGreaterThanOrEqual(10);
  }
  await desk.close();
});

test('minimal pairs of /ɪ/ and /iː/ for A2 learners', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await choose(page, 'Sound', 'any sound');
  await choose(page, 'What the class knows', 'any words');
  await add(page, 'up to a level');
  await choose(page, 'Level', 'CEFR A2');
  await add(page, 'that make minimal pairs');
  await page.getByRole('button', { name: 'Sound that changes: /ĭ/ as in mist' }).waitFor();
  await tilesWith(page, ['ship and sheep', 'sit and seat']);
  // Keeping a pair keeps both words.
  await page.getByRole('button', { name: /^ship and sheep/ }).click();
  await page.getByRole('button', { name: 'Remove sheep', exact: true }).waitFor();
  await page.getByRole('button', { name: 'Remove ship', exact: true }).waitFor();
  await desk.close();
});

test('verbs with one short vowel and one final consonant', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await choose(page, 'Sound', 'any sound');
  await add(page, 'with a pattern');
  await add(page, 'of a word class');
  await page.getByRole('button', { name: 'Word class: verbs' }).waitFor();
  const found = await tilesWith(page, ['get', 'sit', 'win', 'run', 'cut']);
  for (const noun of ['bed', 'cat', 'dog', 'hat']) expect(found).not.toContain(noun);
  await desk.close();
});

test('a rhyme set for storm, and what to do when the word is not known', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await choose(page, 'Sound', 'any sound');
  await choose(page, 'What the class knows', 'any words');
  await add(page, 'that rhyme with …');
  await page.getByLabel('Rhymes with').fill('storm');
  await page.waitForURL(/rhyme=storm/);
  await tilesWith(page, ['form', 'warm']);
  await page.getByLabel('Rhymes with').fill('zzog');
  await page.getByText('zzog is not in the word bank').waitFor();
  await desk.close();
});

test('compound words about weather', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await choose(page, 'Sound', 'any sound');
  await choose(page, 'What the class knows', 'any words');
  await choose(page, 'Syllables', 'any number of syllables');
  await add(page, 'about a topic');
  await add(page, 'made of two words');
  await page.waitForURL(/compound=1/);
  await tilesWith(page, ['rainbow', 'sunshine', 'snowman']);
  await desk.close();
});

test('this week’s list against what the text uses', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await page.getByRole('link', { name: 'Open as a table' }).click();
  await page.getByRole('button', { name: 'Compare with a text' }).click();
  await page
    .getByLabel('The text the class reads')
    .fill('It rained all day. The train stood at the gate, and hail hit the roof. It rains again.');
  await page.getByRole('button', { name: 'Compare', exact: true }).click();
  await page.getByText('The text uses 4 of 12 words').waitFor();
  await page.getByText('rain (as rained, rains) ×2').waitFor();
  await expectNoViolations(page, 'comparison');
  await page.getByRole('button', { name: /^Add gate/ }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Remove gate', exact: true }).waitFor();
  await desk.close();
});

test('the word card shows the word, says it, and explains why it is here', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await page.getByRole('button', { name: 'About train', exact: true }).first().click();
  const card = page.getByRole('dialog');
  await card.getByText('onset tr, rime ain').waitFor();
  await card.getByText('a row of carriages that an engine pulls along rails').waitFor();
  await card.getByText('is within Kestrels’ reach').waitFor();
  await expectNoViolations(page, 'word card');
  const [speech] = await Promise.all([
    page.waitForResponse((response) => response.url().includes('/speech?')),
    card.getByRole('button', { name: 'Say the sound of ai' }).click(),
  ]);
  expect(speech.headers()['content-type']).toBe('audio/wav');
  // The meaning is kept with the list, and undone.
  await card.getByRole('button', { name: 'Keep this meaning' }).first().click();
  await card.getByRole('button', { name: 'Kept with your list' }).waitFor();
  await card.getByRole('link', { name: 'More words with ai for /ā/' }).click();
  await page.getByRole('button', { name: 'Spelling: ai' }).waitFor();
  await desk.close();
});

test('a word can be hidden from a class, and offered again', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await page.locator('.tile').first().waitFor();
  const before = await count(page);
  await desk.go('/words?word=sail');
  await page.getByRole('button', { name: 'Never offer sail to Kestrels' }).click();
  await page.getByRole('button', { name: 'Offer sail to Kestrels again' }).waitFor();
  await page.getByRole('button', { name: 'Close the word card' }).click();
  await expect.poll(() => count(page)).toBe(before - 1);
  await page.getByRole('button', { name: /^Undo:/ }).click();
  await expect.poll(() => count(page)).toBe(before);
  await desk.close();
});

test('words like these, why not, made-up words, and a pattern of signs', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await page.getByRole('button', { name: 'Why is a word not here?' }).click();
  await page.getByLabel('Why is this word here, or not?').fill('eight');
  await page.getByRole('button', { name: 'Ask' }).click();
  await page.getByText('is not here').waitFor();
  await page.locator('.ask').getByText('eigh for /ā/ is taught at step 41.').waitFor();

  await page.getByRole('button', { name: 'Made-up words …' }).click();
  await page.getByRole('button', { name: 'Make some' }).click();
  await page.locator('.made-up span').nth(11).waitFor();

  await page.getByRole('button', { name: 'Words like these …' }).click();
  await page.getByLabel('Words like these').fill('city cell');
  await page.getByRole('button', { name: 'Find more' }).click();
  await page.getByText('They have the pattern soft-c').waitFor();
  await page.getByRole('button', { name: 'Pattern: soft c' }).waitFor();

  await desk.go('/words?sound=any&expr=C%2B+(ai|ay)+C*&syllables=1');
  await expect.poll(async () => (await tiles(page)).every((word) => /ai|ay/.test(word))).toBe(true);
  await page.getByLabel('Pattern of signs', { exact: true }).fill('C+ @@');
  await page.getByText(/cannot be read/).waitFor();
  await desk.close();
});

test('every answer of a wide search can be scrolled to, and only a part is drawn', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await desk.go('/words?sound=any&knows=any&syllables=any');
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.waitForURL(/all=1/);
  await page.locator('.tile').first().waitFor();
  await expect.poll(() => count(page)).toBeGreaterThan(40_000);
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight / 2));
  await page.waitForTimeout(300);
  await page.locator('.tile').first().waitFor();
  expect(await page.locator('.tile').count()).toBeLessThan(200);
  await desk.close();
});

test('a list is pasted with its columns, changed beside its words, and comes back after a reload', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await page.getByRole('button', { name: 'Paste or import' }).click();
  await page
    .getByLabel('A word a line, a row of words, or columns from a spreadsheet')
    .fill(
      'word\tmeaning\ttranslation\nStorm\twild weather\t嵐\nrain\tagain\t雨\nzog\tnot a word\t',
    );
  await page.getByText('2 words to add').waitFor();
  await page.getByText('Already there, so left out: rain.').waitFor();
  await page.getByText('Not in the word bank: zog').waitFor();
  await expectNoViolations(page, 'import');
  await page.getByRole('button', { name: 'Add 2 words' }).click();
  await page.getByRole('button', { name: 'Remove storm', exact: true }).waitFor();
  await page.getByRole('link', { name: 'Open as a table' }).click();
  expect(await page.getByLabel('Meaning of storm').inputValue()).toBe('wild weather');
  expect(await page.getByLabel('Translation of storm').inputValue()).toBe('嵐');
  await page.getByLabel('Note of storm').fill('log book, page 3');
  await page.getByLabel('Note of storm').press('Enter');
  await page.getByRole('button', { name: 'Star storm' }).click();
  await page.getByRole('button', { name: 'Choose a picture for zog' }).click();
  await page.getByLabel('Look for').fill('robot');
  await page.getByRole('button', { name: 'robot', exact: true }).click();
  await page.getByRole('button', { name: 'Change the picture of zog' }).waitFor();
  await expectNoViolations(page, 'list');
  await page.reload();
  expect(await page.getByLabel('Note of storm').inputValue()).toBe('log book, page 3');
  expect(await page.getByRole('button', { name: 'Star storm' }).getAttribute('aria-pressed')).toBe(
    'true',
  );

  // A word is written otherwise where it stands, and put elsewhere by the keys.
  const rewrite = async (word: string, to: string) => {
    await page.getByRole('button', { name: `Write ${word} otherwise` }).click();
    await page.getByRole('textbox', { name: `Write ${word} otherwise` }).fill(to);
    await page.keyboard.press('Enter');
  };
  await rewrite('zog', 'storm');
  await page.getByText('storm is in the list already, so zog was left as it was.').waitFor();
  await rewrite('zog', 'fog');
  await page.getByRole('button', { name: 'Change the picture of fog' }).waitFor();
  const grip = page.getByRole('button', { name: 'Move fog', exact: true });
  await grip.focus();
  // The rows are measured between the keys.
  for (const key of ['Space', 'ArrowUp', 'Space']) {
    await page.keyboard.press(key);
    await page.waitForTimeout(300);
  }
  await page.getByRole('button', { name: 'Undo: Moved fog' }).waitFor();
  const rows = await page.locator('.list-table tbody tr th').allInnerTexts();
  expect(rows.findIndex((text) => text.includes('fog'))).toBe(rows.length - 2);
  await expectNoViolations(page, 'a word written otherwise');

  await choose(page, 'Grouping', 'by spelling');
  await page.getByRole('rowheader', { name: /^ai/ }).waitFor();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Make a list of each group' }).click();
  await page.getByText(/^Made \d lists/).waitFor();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: /^Take away the words of Storm words: ai/ }).click();
  await page
    .getByRole('button', { name: 'Remove rain', exact: true })
    .waitFor({ state: 'detached' });
  await desk.close();
});

test('a sequence is changed, checks move with it, and it is exported and read back', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await desk.go('/classes/fernhill-kestrels/sequence');
  await page.getByText('60 steps.').waitFor();
  await expectNoViolations(page, 'sequence');
  // ea moves from step 25 to the front: team becomes secure at once.
  const spellings = page.getByLabel('Spellings of step 1', { exact: true });
  await spellings.fill('s=S a=AE t=T p=P ea=IY');
  await spellings.press('Enter');
  await page.getByText('This is the class’s own sequence.').waitFor();
  await desk.go('/words?sound=IY&spelling=ea&syllables=1');
  await page.getByRole('button', { name: 'team, secure', exact: true }).waitFor();
  await desk.go('/classes/fernhill-kestrels/sequence');
  await spellings.fill('ai=ZZ');
  await spellings.press('Enter');
  await page.getByText(/ai does not say ZZ/).waitFor();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export as CSV' }).click(),
  ]);
  const file = await download.path();
  await page.getByRole('button', { name: 'Back to the default' }).click();
  await page.getByText('The first change makes it').waitFor();
  await page.locator('input[type=file]').setInputFiles({
    name: 'Our order.csv',
    mimeType: 'text/csv',
    buffer: (await import('node:fs')).readFileSync(file),
  });
  await expect.poll(() => page.getByLabel('Name of the sequence').inputValue()).toBe('Our order');
  expect(await spellings.inputValue()).toContain('ea=IY');
  await page.locator('input[type=file]').setInputFiles({
    name: 'not.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('a,b\n1,2\n'),
  });
  await page.getByText(/one of them must be “spellings”.*Nothing was changed/).waitFor();
  await desk.close();
});

test('a British class hears British sounds', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await desk.go('/classes/fernhill-kestrels');
  await page.getByLabel('Accent').selectOption({ label: 'Southern British' });
  await page.getByText('Wordane default, British').waitFor();
  await desk.go('/words?sound=AA&knows=any&syllables=1');
  await tilesWith(page, ['car', 'half']);
  await desk.go('/words?sound=OH&knows=any&syllables=1');
  await tilesWith(page, ['not']);
  await desk.close();
});

test('speech of a language without a voice, and of too much, says so', async () => {
  const ask = async (query: string) => {
    const response = await fetch(`${address}/speech?${query}`);
    return {
      status: response.status,
      type: response.headers.get('content-type') ?? '',
      body: response,
    };
  };
  expect((await ask('text=rain&language=en')).type).toBe('audio/wav');
  expect((await ask('text=la+pluie&language=fr')).type).toBe('audio/wav');
  const unknown = await ask('text=hi&language=xx');
  expect(unknown.status).toBe(422);
  expect(((await unknown.body.json()) as { message: string }).message).toContain('no voice');
  expect((await ask(`text=${'a'.repeat(2000)}`)).status).toBe(422);
  expect((await ask('sound=QQ')).status).toBe(422);
});

test('a word card gives the meaning with its sentences, and what is kept back is offered by hand', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await desk.go('/words?word=hedgehog');
  const card = page.getByRole('dialog');
  await card.getByText('a small garden animal covered with short sharp points').waitFor();
  await card.getByText(/rolled up into a prickly ball/).waitFor();
  await card.getByText('Meanings and sentences written for Wordane.').waitFor();
  expect(await card.locator('.word-card__sentence b').first().textContent()).toBe('hedgehog');
  await card.getByText(/understood from about age 4/).waitFor();
  await expectNoViolations(page, 'the word card');
  await page.getByRole('button', { name: 'Close the word card' }).click();

  // A weapon is offered from eleven on: not to Year 2 unless its teacher says so.
  await desk.go('/words?word=gun&sound=AH1&knows=any&syllables=1');
  await page.getByText(/gun is kept back: it is offered unasked from age 11/).waitFor();
  const before = await count(page);
  await page.getByRole('button', { name: 'Offer it to Kestrels all the same' }).click();
  await page.getByText(/Kestrels are offered it all the same/).waitFor();
  await expect.poll(() => count(page)).toBe(before + 1);
  await page.getByRole('button', { name: 'Close the word card' }).click();
  await desk.go('/classes/fernhill-kestrels');
  await page.getByRole('button', { name: 'Keep gun back again' }).click();
  await page.getByRole('button', { name: 'Keep gun back again' }).waitFor({ state: 'detached' });
  await page.getByLabel('Words offered are fit for').selectOption({ label: 'age 11' });
  await page.getByText(/Undo: Changed the class’s words offered/).waitFor();
  await desk.close();
});

test('words are asked for by part, family, kind, opposite and homophone', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await desk.go('/words?sound=any&knows=any&syllables=any&prefix=un');
  await tilesWith(page, ['unhappy', 'unfair']);
  await page.getByRole('textbox', { name: 'Prefix' }).fill('re');
  await tilesWith(page, ['rewrite', 'replay']);
  await desk.go('/words?sound=any&knows=any&syllables=any&name=insect&fold=1');
  const insects = await tilesWith(page, ['bee', 'butterfly']);
  expect(insects).not.toContain('bees');
  await desk.go('/words?sound=any&knows=any&syllables=any&opposites=1');
  await page.locator('.tile', { hasText: /hot/ }).first().waitFor();
  await desk.go('/words?sound=any&knows=any&syllables=any&family=happy');
  await tilesWith(page, ['happy', 'unhappy', 'happily']);
  await desk.close();
});

test('a class that reads freely begins with what words are about', async () => {
  const desk = await wordsDesk();
  const { page } = desk;
  await page.getByRole('button', { name: /^Kestrels/ }).click();
  await page.getByRole('button', { name: /^Newcomers/ }).click();
  await page.getByText(/Words about/).waitFor();
  await choose(page, 'Topic', 'food');
  await tilesWith(page, ['dinner', 'cake']);
  await expectNoViolations(page, 'the words of a class that reads freely');
  await desk.close();
});
