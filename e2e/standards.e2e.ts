/** Sets of standards read in, and lessons that go out as packages and pages. */
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { strFromU8, unzipSync } from 'fflate';
import { expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { Desk } from './desk';

const fileOf = async (name: string, text: string) => {
  const path = join(await mkdtemp(join(tmpdir(), 'wordane-')), name);
  await writeFile(path, text);
  return path;
};

test('a set is read in, found in, named by a plan, and taken back; what is wrong in a file is said', async () => {
  const desk = await Desk.withDemo('/standards');
  const { page } = desk;
  const readIn = async (path: string) => {
    await page.getByLabel(/A CASE package/).setInputFiles(path);
    await page.getByRole('button', { name: 'Read it in' }).click();
  };
  await readIn(await fileOf('no heads.csv', 'one,two\n1,2\n'));
  await page.getByText(/has no column “code”/).waitFor();
  const table =
    'code,wording,grade,strand\nFH.1,Read the log aloud,Y2,Reading\nFH.1,Again,Y2,Reading\nFH.2,Spell long a three ways,Y2,Spelling\n';
  await readIn(await fileOf('Fernhill.csv', table));
  await page.getByText('2 standards read in.').waitFor();
  await page.getByText(/FH\.1 stands twice in Fernhill/).waitFor();
  await page.getByLabel('Find in Fernhill').fill('spell');
  expect(await page.getByRole('row').count()).toBe(2);
  await expectNoViolations(page, 'a set of standards');
  await desk.go('/lessons/fernhill-33/plan');
  await page.getByLabel('Find a standard').fill('FH.2');
  await page.getByText('Spell long a three ways').first().waitFor();
  await desk.go('/classes/fernhill-kestrels/coverage');
  await page.getByText('FH.2').waitFor();
  await desk.go('/standards');
  await page.getByRole('button', { name: 'Remove Fernhill' }).click();
  await page.getByText('No set of your own is here yet.').waitFor();
  await page.getByRole('button', { name: /^Undo: Removed the standards Fernhill/ }).click();
  await page.getByRole('heading', { name: /Fernhill · 2/ }).waitFor();
  await desk.close();
});

test('a whole lesson goes out as a web page and as a QTI package, which says what it cannot hold', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33');
  const { page } = desk;
  await page.getByRole('link', { name: /Sort/ }).first().click();
  await page.locator('.paper-stack').getByText('rain').first().waitFor();
  const save = async (kind: string) => {
    await page.getByRole('button', { name: 'Download as something else' }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByText(kind).click(),
    ]);
    const path = join(await mkdtemp(join(tmpdir(), 'wordane-')), download.suggestedFilename());
    await download.saveAs(path);
    return path;
  };
  const html = await readFile(await save('Web page (.html)'), 'utf8');
  expect(html).toContain('rain');
  const packed = await save('QTI 3 package (.zip)');
  const files = unzipSync(await readFile(packed));
  expect(Object.keys(files)).toContain('imsmanifest.xml');
  const items = Object.keys(files).filter((name) => name.startsWith('items/'));
  expect(items.length).toBeGreaterThan(0);
  expect(strFromU8(files['imsmanifest.xml'] ?? new Uint8Array())).toContain(items[0]);
  // The browser's own reader of XML finds nothing wrong in any of its files.
  const faults = await page.evaluate(
    (texts) =>
      texts.filter(
        (text) =>
          new DOMParser().parseFromString(text, 'application/xml').querySelector('parsererror') !==
          null,
      ).length,
    Object.entries(files)
      .filter(([name]) => name.endsWith('.xml'))
      .map(([, bytes]) => strFromU8(bytes)),
  );
  expect(faults).toBe(0);
  // Read back, it is a lesson of the class with the same exercise.
  await desk.go('/shelf');
  await page.getByLabel('Read an exported file back in').setInputFiles(packed);
  await page.getByRole('button', { name: 'Read it in' }).click();
  await page.getByText(/^Read in as the lesson “.+” of Kestrels: 1 exercise\./).waitFor();
  await desk.close();
});

test('questions of one’s own are written in the panel, keyed, and one that is wrong is named', async () => {
  const desk = await Desk.withDemo(
    '/lessons/fernhill-33/add?stage=alone&find=My%20own%20questions',
  );
  const { page } = desk;
  await page.getByRole('button', { name: 'My own questions', exact: true }).click();
  await page.getByRole('button', { name: 'Add it, and set it up there' }).click();
  await page.waitForURL(/[?]part=/);
  const lines = page.getByLabel(/Your questions, one a line/);
  await lines.fill(
    'Which wind is warm? | the south wind | the north wind\nWhat is this?\nWho reads the gauge? | Asha | Nils',
  );
  await lines.blur();
  const paper = page.locator('.paper-stack');
  await paper.getByText('Who reads the gauge?').first().waitFor();
  await page.getByText(/“What is this\?” needs the right answer/).waitFor();
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await paper.getByText('Asha').first().waitFor();
  await desk.close();
});
