/** From a paste to a printed sheet, a poem with its marks, and everything that may go wrong on the way in. */
import { readFileSync, writeFileSync } from 'node:fs';
import { Document, HeadingLevel, Packer, Paragraph, TextRun } from 'docx';
import type { Page } from 'playwright-core';
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';
import { pdfFacts, pdfPages } from './pdf';

afterAll(closeBrowser);

const page1 = `Fernhill school maintains a weather station on the hill. Asha reads the rain gauge at eight every morning. Bram watches the vane.

On Monday an enormous storm crossed the valley. Bram found the lid beside the gate. The club closed the gate because the wind was strong. Asha carried three lamps to the hut.`;

/** Opens a view of the text and waits for what it shows. */
async function view(page: Page, name: string, shows: string): Promise<void> {
  await page.getByRole('button', { name, exact: true }).click();
  await page.locator(shows).first().waitFor();
}

const undone = (page: Page, label: string) => page.getByText(`Undo: ${label}`).waitFor();

test('a page is pasted, fitted, asked about and printed', async () => {
  const desk = await Desk.open();
  const { page } = desk;
  await desk.go('/');
  await page.getByLabel('Name of the class').fill('Harriers');
  await page.getByLabel('Level').selectOption({ label: 'Grade 2' });
  await page.getByLabel('Sounds and spellings taught up to').selectOption('all');
  await page.getByRole('button', { name: 'Make this class' }).click();
  await page.waitForURL('**/words');
  await desk.go('/texts');
  await expectNoViolations(page, 'texts, empty');
  await page.getByRole('button', { name: 'Read it for Harriers' }).click();
  await page.getByText('There is nothing to bring in yet.').waitFor();
  await page.getByLabel('Paste or type it here').fill(page1);
  await page.getByLabel('Title', { exact: true }).fill('The station');
  await page.getByRole('button', { name: 'Read it for Harriers' }).click();
  await page.waitForURL('**/texts/*');

  // A word past reach is swapped in its form, and the measures move.
  const swap = page.getByRole('button', { name: /^Swap maintains for/ }).first();
  await swap.waitFor();
  await expectNoViolations(page, 'reach');
  const word = ((await swap.getAttribute('aria-label')) ?? '').split(' ').at(-1) ?? '';
  expect(word).toMatch(/s$/);
  await swap.click();
  await page.locator('.shown-text').getByText(`school ${word} a`).waitFor();
  await page.getByText('was ').first().waitFor();

  // Another is glossed with the meaning that fits.
  await page
    .locator('.shown-run', { hasText: /^gauge$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Suggest a meaning' }).click();
  await expect
    .poll(() => page.getByRole('textbox', { name: 'Gloss' }).inputValue())
    .toContain('instrument');
  await page.getByRole('button', { name: 'Gloss it' }).click();
  await undone(page, 'Glossed gauge');
  await view(page, 'Before and after', '.compared ins');
  await expectNoViolations(page, 'before and after');
  await view(page, 'Measures', '.formulas');
  await expectNoViolations(page, 'measures');
  await page.reload();
  await page.locator('.formulas').waitFor();

  // It becomes questions with the line that proves the answer.
  await page.getByRole('link', { name: 'Ask about it' }).click();
  await page.getByRole('heading', { name: /^Ask about “/ }).waitFor();
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('find it');
  const findIt = page.locator('.gallery-card', {
    has: page.getByRole('button', { name: 'Find it', exact: true }),
  });
  await findIt.locator('.paper-page').waitFor();
  await expectNoViolations(page, 'what can be asked about a text');
  await findIt.getByRole('button', { name: 'Find it', exact: true }).click();
  await page.waitForURL('**/lessons/*');
  await page.locator('.paper-stack').getByText('Find it in the text').first().waitFor();
  await page.getByRole('switch', { name: 'Print the text above' }).click();
  await page.locator('.paper-stack').getByText('The station').first().waitFor();
  await expectNoViolations(page, 'questions about a text');
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    page.getByRole('button', { name: 'Download PDF' }).click(),
  ]);
  const file = await download.path();
  const pages = pdfPages(file).join('\n');
  expect(pages).toContain(word);
  expect(pages).toMatch(/(?:Who|What|When|Where|Why|How many) .*\?/);
  expect(pages).toMatch(/Paragraph \d: “/);
  expect(pdfFacts(file).tagged).toBe(true);
  await desk.close();
}, 600_000);

test('a poem is marked, its chart grows, and its marks go out and come back', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-wind?view=marks');
  const { page } = desk;
  await page.locator('.quotation-chart tbody tr').nth(4).waitFor();
  await expectNoViolations(page, 'marks');
  await page.getByLabel('Select words in the text, or type them here').fill('the leaves hang');
  await page.getByRole('button', { name: 'Mark them' }).click();
  await page.getByRole('combobox', { name: 'Method' }).selectOption('imagery');
  await page.getByRole('button', { name: 'Mark it', exact: true }).click();
  await page.locator('.quotation-chart tbody tr').nth(5).waitFor();
  await page.locator('.quotation-chart').getByRole('button', { name: '“the leaves hang”' }).click();
  const effect = page.getByLabel(/^Effect/);
  await effect.fill('We see them tremble.');
  await effect.blur();
  await page.locator('.quotation-chart').getByText('We see them tremble.').waitFor();

  // With the mouse, over the end of another mark.
  const line = page.locator('.shown-line').nth(3).locator('p');
  await line.scrollIntoViewIfNeeded();
  const box = await line.boundingBox();
  if (!box) throw new Error('The line is not there.');
  await page.mouse.move(box.x + 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 130, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await page.getByRole('region', { name: 'Mark this stretch' }).waitFor();
  await page.getByRole('button', { name: 'Leave it' }).click();

  // What was found is offered, and kept by a click.
  await page.locator('.panel-fold summary', { hasText: 'Anaphora' }).click();
  await page
    .getByRole('button', { name: /^Keep as anaphora/ })
    .first()
    .click();
  await undone(page, 'Marked anaphora');

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Web Annotation', exact: true }).click(),
  ]);
  const file = await download.path();
  const count = (JSON.parse(readFileSync(file, 'utf8')) as { items: unknown[] }).items.length;
  expect(count).toBe(8);
  await page.getByLabel('Read Web Annotation marks in').setInputFiles({
    name: 'marks.jsonld',
    mimeType: 'application/ld+json',
    buffer: readFileSync(file),
  });
  await page.getByText('Read 8 marks.').waitFor();
  await page.getByRole('button', { name: /^Undo: Read 8 marks in/ }).click();

  await page.getByRole('button', { name: 'Sound and build' }).click();
  await page.getByText('a b c b · a d e d').waitFor();
  await expectNoViolations(page, 'sound and build');
  await view(page, 'Paper', '.paper-stack .paper-page');
  await page.locator('.paper-stack').getByText('imagery').first().waitFor();
  await expectNoViolations(page, 'a text on paper');
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await page.locator('.paper-stack').getByText('We see them').first().waitFor();
  await desk.close();
}, 600_000);

test('a text is written in, its sections are given one by one, and a copy goes to another class', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-station?view=write');
  const { page } = desk;
  const field = page.getByRole('textbox', { name: 'The text' });
  await field.fill(`${await field.inputValue()}\n\n# After the storm\n\nThe sun came out.`);
  await field.blur();
  await undone(page, 'Changed the text');
  await page.getByRole('checkbox', { name: 'The night of the storm' }).click();
  await page.getByText('The class has got 1 of 4 sections').waitFor();
  await expectNoViolations(page, 'write');
  await page.getByRole('button', { name: 'More for this text' }).click();
  await page.getByRole('button', { name: 'Newcomers', exact: true }).click();
  await page.getByRole('link', { name: 'Texts for Newcomers' }).waitFor();
  await page.getByRole('heading', { name: 'Check for Newcomers' }).waitFor();
  await desk.close();
});

test('files come in with what was left out named; what cannot be read is refused and nothing is lost', async () => {
  const desk = await Desk.withDemo('/texts');
  const { page } = desk;
  const files = page.getByLabel(/^Or choose a file/);
  const bring = (name: string, mimeType: string, content: string | Buffer) =>
    files.setInputFiles({ name, mimeType, buffer: Buffer.from(content) });

  await bring('broken.docx', 'application/octet-stream', 'this is no zip');
  await page.getByText(/broken\.docx cannot be opened as a DOCX file/).waitFor();
  await bring('empty.txt', 'text/plain', '   ');
  await page.getByText('There is no word in this file.').waitFor();
  const typed = page.getByLabel('Paste or type it here');
  await typed.evaluate((field) => {
    const data = new DataTransfer();
    data.setData('text/plain', 'rain '.repeat(400_000));
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
  });
  await page.getByText('A paste of 2,000,000 characters is held here').waitFor();
  await page.getByRole('button', { name: /^Read it for/ }).click();
  await page.getByText(/This text has 1,999,999 characters/).waitFor();
  await page.getByText('A paste of 2,000,000 characters is held here').waitFor();
  await page.getByRole('button', { name: 'Put it away' }).click();

  await bring(
    'page.html',
    'text/html',
    '<title>The log</title><h1>Rain</h1><p>It rained.</p><script>document.title="bad"</script>',
  );
  await page.getByText('a script (it was not run)').waitFor();
  await page.getByRole('heading', { name: 'The log', level: 1 }).waitFor();
  expect(await page.title()).not.toBe('bad');

  await desk.go('/texts');
  await page.getByText('Bring in a text').click();
  const word = new Document({
    sections: [
      {
        children: [
          new Paragraph({ text: 'The flood', heading: HeadingLevel.HEADING_1 }),
          new Paragraph({
            children: [
              new TextRun('The river rose '),
              new TextRun({ text: 'fast', bold: true }),
              new TextRun('.'),
            ],
          }),
        ],
      },
    ],
  });
  const path = '/tmp/wordane-e2e-flood.docx';
  writeFileSync(path, await Packer.toBuffer(word));
  await files.setInputFiles(path);
  await page.locator('.shown-text').getByText('The river rose fast.').waitFor();
  await page.locator('.shown-text__heading', { hasText: 'The flood' }).waitFor();
  await desk.close();
});

test('a text is heard part by part, and saved as sound, times and script', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-station?view=listen');
  const { page } = desk;
  await page.getByLabel('In', { exact: true }).selectOption('paragraph');
  const parts = page.locator('.listen-parts li');
  await expect.poll(() => parts.count()).toBeLessThan(12);
  await page.getByLabel('Said', { exact: true }).selectOption('2');
  await page.getByLabel('Silence after each').selectOption('3');
  await page.getByRole('checkbox', { name: 'Words are shown' }).uncheck();
  await page.getByText('Part 2', { exact: true }).waitFor();
  await expectNoViolations(page, 'a text as it is heard');
  const saved = async (name: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name }).click(),
    ]);
    return readFileSync(await download.path(), 'utf8');
  };
  const count = await parts.count();
  expect((await saved('Times (WebVTT)')).match(/-->/g)).toHaveLength(count * 2);
  const ssml = await saved('Script (SSML)');
  expect(ssml.match(/<break time="3s"\/>/g)).toHaveLength(count * 2);
  await page.getByRole('button', { name: 'Play part 2', exact: true }).click();
  await page.locator('.listen-parts [aria-current=step]').waitFor();
  await page.getByRole('button', { name: 'Stop' }).click();
  await desk.close();
});
