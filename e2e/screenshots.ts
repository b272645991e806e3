/** Takes one picture of each main view from the demo data, for docs/screenshots. */
import { mkdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { fileURLToPath } from 'node:url';
import { closeBrowser, Desk, addFromGallery } from './desk';

const folder =
  process.env['SHOTS'] ?? fileURLToPath(new URL('../docs/screenshots', import.meta.url));
mkdirSync(folder, { recursive: true });

const desk = await Desk.open();
const { page } = desk;
const shoot = async (name: string) => {
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
  // What was just done is said for a moment; the pictures show the desk at rest.
  await page.locator('.undo-button--news').waitFor({ state: 'detached', timeout: 15_000 });
  await page.screenshot({ path: `${folder}/${name}.png` });
};

/** The file that goes home as it opens on a phone. */
async function takeHomeShot() {
  await page.getByRole('button', { name: 'Take it home …' }).click();
  await page.getByText(/exercises · \d+ KB/).waitFor();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file' }).click(),
  ]);
  const file = `${tmpdir()}/wordane-take-home.html`;
  await download.saveAs(file);
  const phone = await desk.context.browser()?.newContext({
    viewport: { width: 390, height: 800 },
    offline: true,
  });
  const home = await phone?.newPage();
  await home?.goto(`file://${file}`);
  await home?.getByLabel('Who are you?').selectOption({ index: 13 });
  await home?.getByRole('button', { name: 'Begin' }).click();
  await home?.getByRole('button', { name: /Sort the/ }).click();
  await home?.getByRole('button', { name: 'rain', exact: true }).click();
  await home?.evaluate(() => window.scrollTo(0, 0));
  await home?.screenshot({ path: `${folder}/take-home.png` });
  await phone?.close();
}

await desk.go('/');
await desk.go('/demo');
await page.waitForURL('**/words');
await page.getByRole('button', { name: /^Sound:/ }).waitFor();
await shoot('words');
await desk.go('/');
await page.locator('.small-page .paper-page').first().waitFor({ state: 'attached' });
await page.waitForTimeout(500);
await shoot('desk');
await desk.go('/words?word=train');
await page.getByRole('dialog').getByText('onset tr').waitFor();
await page.waitForTimeout(600);
await shoot('word-card');
await desk.go('/lists/fernhill-storm-words');
await page.getByRole('columnheader', { name: 'Translation' }).waitFor();
await desk.go('/lessons');
await page.getByRole('link', { name: 'Long a in the storm log' }).click();
await page.locator('.paper-stack .paper-page').first().waitFor();
await page.getByRole('link', { name: /Sort the/ }).click();
await page.getByRole('heading', { name: /Sort the/ }).waitFor();
await page.evaluate(() => window.scrollTo(0, 0));
await shoot('lesson');
await page.getByRole('link', { name: /Write the missing/ }).click();
await page.getByRole('button', { name: 'Try it' }).click();
await page
  .getByRole('textbox', { name: /^Item 1, gap/ })
  .first()
  .waitFor();
for (const [item, letters] of ['ae', 'ae', 'ay', 'ay'].entries()) {
  const gaps = page.getByRole('textbox', { name: new RegExp(`^Item ${item + 1}, gap`) });
  const count = await gaps.count();
  for (let at = 0; at < count; at += 1) {
    await gaps.nth(at).fill(count === 1 ? letters.slice(0, 2) : (letters[at] ?? ''));
  }
}
await page.getByRole('button', { name: 'Check' }).click();
await page.evaluate(() => window.scrollTo(0, 0));
await takeHomeShot();
await page.getByRole('link', { name: 'Board', exact: true }).click();
await page
  .getByLabel('Part of the lesson')
  .selectOption({ label: 'Together: Write the missing /ā/ spelling' });
await page.getByText(/^1 of 12/).waitFor();
await page.keyboard.press('PageDown');
await page.getByRole('button', { name: 'Ask somebody' }).click();
await page.screenshot({ path: `${folder}/board.png` });
await page.getByRole('link', { name: 'Leave the board' }).click();
await page.locator('.paper-stack .paper-page').first().waitFor();
await page.getByRole('link', { name: /^Results/ }).click();
await page.getByRole('button', { name: 'Rehearse with made-up answers' }).click();
await page.getByRole('heading', { name: 'What to teach next' }).waitFor();
await page.waitForTimeout(600);
await page.evaluate(() => window.scrollTo(0, 0));
await shoot('results');
await page.getByRole('button', { name: 'Take out all slips' }).click();
await page.getByText('Nothing has come back yet').waitFor();
await page.getByRole('link', { name: 'Long a in the storm log' }).click();
await page.locator('.paper-stack .paper-page').first().waitFor();
await page.getByRole('button', { name: 'Paper', exact: true }).click();
const addExercise = async (name: string, title: string) => {
  await addFromGallery(page, 'Alone', name);
  await page.locator('.paper-stack').getByRole('heading', { name: title }).first().waitFor();
};
await addExercise('Trace, copy, write', 'Trace, copy, write');
await page.evaluate(() => window.scrollTo(0, 0));
await page.getByRole('link', { name: 'Add to Alone' }).click();
await page.locator('.gallery-card .paper-page').nth(7).waitFor();
await page.waitForTimeout(500);
await shoot('gallery');
await page.getByRole('link', { name: 'Close' }).click();
await page.locator('.paper-stack .paper-page').first().waitFor();
await addExercise('Crossword', 'Crossword');
await page.getByRole('button', { name: 'More for Alone' }).click();
await page.getByRole('button', { name: /A sheet of my own/ }).click();
const addBlock = async (name: string | RegExp) => {
  await page.getByRole('button', { name: 'Add a block' }).click();
  await page.locator('.maker-menu.show').getByRole('button', { name }).first().click();
  await page.waitForTimeout(500);
};
for (const block of ['Rule card', /Write the missing/, /Crossword/, 'Can-do slip', 'QR code']) {
  await addBlock(block);
}
await page.evaluate(() => window.scrollTo(0, 0));
await shoot('sheet');
await desk.go('/classes/fernhill-kestrels');
await page.getByText('Where the class stands').waitFor();
await shoot('class');
await desk.go('/texts/fernhill-station');
await page.locator('.measures dd').nth(2).waitFor();
await page.waitForTimeout(800);
await shoot('text');
await desk.go('/texts/fernhill-wind?view=marks');
await page.locator('.panel-fold').first().waitFor();
await shoot('marks');
await desk.go('/lessons/fernhill-33/plan');
await page.getByRole('heading', { name: 'Plan', exact: true }).waitFor();
await page.getByLabel('Find a standard').fill('spelling:ay');
await page.getByRole('list', { name: 'Found' }).getByRole('button').first().click();
await page.getByLabel('Find a standard').fill('');
await page.getByRole('list', { name: 'Of this lesson' }).getByText('chosen').waitFor();
await page.waitForTimeout(9000);
await page.evaluate(() => window.scrollTo(0, 0));
await shoot('plan');
await desk.go('/classes/fernhill-kestrels/coverage');
await page.getByRole('heading', { name: 'Standards met' }).waitFor();
await shoot('standards');
await desk.go('/texts/fernhill-station?view=grammar');
await page.locator('.form-chip').first().waitFor();
await page.getByRole('button', { name: /^Passive/ }).click();
await shoot('grammar');
await desk.go('/lessons/fernhill-33/pieces');
await page.getByRole('button', { name: 'Sort the /ā/ words' }).click();
await page.waitForURL(/\/pieces\/.+/);
for (const [word, place] of [
  ['rain', 'ai'],
  ['wave', 'a–e'],
  ['day', 'ay'],
  ['lake', 'ai'],
] as const) {
  await page.getByRole('button', { name: new RegExp(`^${word}, `) }).click();
  await page.getByRole('button', { name: `Put it in ${place}` }).click();
}
await page.getByRole('button', { name: 'Check' }).click();
await page.getByText(/^3 of 12 are right/).waitFor();
await page.screenshot({ path: `${folder}/pieces.png` });
await desk.go('/shelf');
await page.locator('.shelf-thing .small-page .ink').first().waitFor({ state: 'attached' });
await page.waitForTimeout(3000);
await shoot('shelf');
await desk.go('/library');
await page.getByLabel('Take for').selectOption({ label: 'Kestrels' });
await page.getByRole('button', { name: 'Word lists', exact: true }).click();
await shoot('library');
await desk.go('/lessons/fernhill-33/room');
await page.getByText('Rehearse with a class that is not there').click();
await page.getByRole('button', { name: 'They come in' }).click();
await page.getByText('In the room · 26').waitFor();
await page.waitForTimeout(6000);
await shoot('room');
await desk.close();
await closeBrowser();
