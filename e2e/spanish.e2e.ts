/** The interface in its second language: every main view, and what the teacher made stays as it was. */
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

/** Words of the interface that would stand in a view if it had been left in English. */
const english =
  /\b(Add|Cancel|Choose|Close|Download|Export|Find|Print|Remove|Save|Show|Undo|Lessons|Shelf|Classes|items?|pages?|beyond|taught)\b/;

test('the teacher chooses Spanish, works in it, and goes back', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  await page.getByLabel('Language of Wordane').selectOption('es');
  await page.getByRole('heading', { name: 'Estante' }).waitFor();
  expect(await page.title()).toBe('Estante · Wordane');
  expect(await page.locator('html').getAttribute('lang')).toBe('es');

  const views: readonly (readonly [path: string, heading: RegExp])[] = [
    ['/', /Kestrels hoy/],
    ['/classes', /Clases/],
    ['/classes/fernhill-kestrels', /Por dónde va la clase/],
    ['/texts', /Textos para Kestrels/],
    ['/lessons', /Lecciones para Kestrels/],
    ['/lessons/new', /Una lección nueva/],
    ['/lessons/fernhill-33', /Comprobar para Kestrels/],
    ['/library', /Biblioteca inicial/],
    ['/week', /Kestrels/],
  ];
  for (const [path, heading] of views) {
    await desk.go(path);
    await page.getByRole('heading', { name: heading }).first().waitFor();
    await expectNoViolations(page, `${path} in Spanish`);
    const buttons = await page.locator('button:visible, nav a:visible').allInnerTexts();
    // What was done before stands in the language in which it was done.
    const own = buttons.filter((text) => !text.includes('Fernhill demo'));
    for (const text of own) expect(text, path).not.toMatch(english);
  }

  // An exercise is found by its Spanish name and by its English one; the sheet stays English.
  await desk.go('/lessons/fernhill-33/add?stage=show');
  for (const typed of ['crucigrama', 'crossword']) {
    await page.getByRole('searchbox').fill(typed);
    await page.getByText(`1 ejercicio para «${typed}»`).waitFor();
    await page.locator('.gallery-card').getByText('Crucigrama').first().waitFor();
  }
  await desk.go('/lessons/fernhill-33');
  await page.getByText('Write the missing /ā/ spelling').first().waitFor();

  // What is changed is named in Spanish, and undone.
  await desk.go('/words');
  const word = page.getByRole('button', { name: 'Quitar spray', exact: true });
  await word.click();
  await page.getByRole('button', { name: 'Deshacer: Quitada spray' }).click();
  await word.waitFor();

  await desk.go('/shelf');
  await page.getByLabel('Lengua de Wordane').selectOption('en');
  await page.getByRole('heading', { name: 'Shelf', exact: true }).waitFor();
  await desk.close();
});
