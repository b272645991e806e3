/** Open to everyone: every menu, dialog and panel, narrow screens, targets, and what a screen reader is told. */
import type { Page } from 'playwright-core';
import { afterAll, describe, expect, test } from 'vitest';
import { violations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

const views = [
  '/',
  '/classes',
  '/classes/fernhill-kestrels',
  '/classes/fernhill-kestrels/sequence',
  '/words',
  '/lists/fernhill-storm-words',
  '/lessons',
  '/lessons/fernhill-if-lesson',
  '/lessons/fernhill-33/plan',
  '/classes/fernhill-kestrels/coverage',
  '/week',
  '/texts',
  '/texts/fernhill-wind?view=reach',
  '/texts/fernhill-wind?view=marks',
  '/texts/fernhill-wind?view=write',
  '/texts/fernhill-wind?view=paper',
  '/texts/fernhill-station?view=measures',
  '/texts/fernhill-station?view=grammar',
  '/shelf',
];

const settled = (page: Page) =>
  page.waitForFunction(() => document.querySelector('.working, [aria-busy="true"]') === null);

/** What opens something: menus and folded parts, by a number that the page keeps. */
const markOpeners = (page: Page) =>
  page.evaluate(() => {
    const found = [
      ...document.querySelectorAll<HTMLElement>('.dropdown-toggle, [aria-expanded], summary'),
    ].filter((element) => element.offsetParent !== null && !element.closest('.print-root'));
    const seen = new Set<string>();
    let count = 0;
    for (const element of found) {
      // Menus of one kind in a long list are one.
      const kind = (element.getAttribute('aria-label') ?? element.textContent ?? '')
        .replace(/[\d“”]|of .*|to .*/g, '')
        .slice(0, 24);
      if (seen.has(kind)) continue;
      seen.add(kind);
      element.dataset['opener'] = String((count += 1));
    }
    return count;
  });

/** What is open over or in the page. */
const open = '.dropdown-menu.show, [role="dialog"], details[open], .text-slot, [data-opened]';

test('every menu, dialog and folded part, opened, has no violations', async () => {
  const desk = await Desk.withDemo('/words');
  const { page } = desk;
  const faults: string[] = [];
  const seen = new Set<string>();
  for (const view of views) {
    await desk.go(view);
    await settled(page);
    const count = await markOpeners(page);
    for (let number = 1; number <= count; number += 1) {
      const opener = page.locator(`[data-opener="${number}"]`);
      if ((await opener.count()) === 0 || !(await opener.isVisible())) continue;
      const name = ((await opener.getAttribute('aria-label')) ?? (await opener.innerText())).slice(
        0,
        30,
      );
      // The menus of the header are the same everywhere.
      if (seen.has(name)) continue;
      seen.add(name);
      await opener.click({ timeout: 5000 }).catch(() => undefined);
      // Only what is open: of what lies under it a part may be covered, and a press there closes it.
      if ((await page.locator(open).count()) > 0) {
        for (const fault of await violations(page, open)) faults.push(`${view}, ${name}: ${fault}`);
      }
      await page.keyboard.press('Escape');
    }
  }
  expect([...new Set(faults)]).toEqual([]);
  expect(seen.size).toBeGreaterThan(25);
  await desk.close();
});

test('a dialog has the focus while it is open, and gives it back', async () => {
  const desk = await Desk.withDemo('/words');
  const { page } = desk;
  const opener = page.getByRole('button', { name: 'Paste or import' });
  await opener.click();
  const dialog = page.getByRole('dialog');
  await dialog.waitFor();
  for (const fault of await violations(page, '[role="dialog"]')) throw new Error(fault);
  for (let press = 0; press < 12; press += 1) {
    await page.keyboard.press('Tab');
    // Past its last field the focus may go to the browser’s own bar, never to the page behind. What
    // leaves is brought back in a turn of its own, so the answer may come a moment later.
    await expect
      .poll(
        () =>
          dialog.evaluate(
            (element) =>
              element.contains(document.activeElement) || document.activeElement === document.body,
          ),
        { timeout: 10_000 },
      )
      .toBe(true);
  }
  await page.keyboard.press('Escape');
  await dialog.waitFor({ state: 'detached' });
  await expect
    .poll(() => opener.evaluate((element) => element === document.activeElement), {
      timeout: 10_000,
    })
    .toBe(true);
  await desk.close();
});

describe('at 320 pixels, as on a screen enlarged four times', () => {
  test('nothing has to be scrolled sideways but paper and tables of their own', async () => {
    const desk = await Desk.withDemo('/words', { width: 320, height: 640 });
    const { page } = desk;
    const wide: string[] = [];
    for (const view of views) {
      await desk.go(view);
      await settled(page);
      const width = await page.evaluate(() => document.documentElement.scrollWidth);
      if (width > 321) {
        const culprit = await page.evaluate(() => {
          const outside = [...document.querySelectorAll<HTMLElement>('main *')].find(
            (element) => element.getBoundingClientRect().right > 322,
          );
          return outside ? `${outside.tagName} ${outside.className}` : '';
        });
        wide.push(`${view}: ${width} (${culprit})`);
      }
    }
    expect(wide).toEqual([]);
    await desk.close();
  });
});

test('what is pressed is 24 pixels high and wide, or stands clear of its neighbours', async () => {
  const desk = await Desk.withDemo('/words');
  const { page } = desk;
  const small: string[] = [];
  for (const view of views) {
    await desk.go(view);
    await settled(page);
    // WCAG 2.2, 2.5.8: 24 by 24, or no other target within a circle of 24 about its middle; text links are free.
    const found = await page.evaluate(() => {
      const all = [
        ...document.querySelectorAll<HTMLElement>(
          'button, select, input, summary, a[href], [role="button"]',
        ),
      ]
        .filter(
          (element) =>
            element.offsetParent !== null &&
            !element.closest('.print-root, .visually-hidden, .paper-page') &&
            !element.matches('.visually-hidden, .visually-hidden-focusable, .skip-link'),
        )
        .map((element) => ({ element, box: element.getBoundingClientRect() }))
        .filter(({ box }) => box.width > 0 && box.height > 0);
      const inText = (element: HTMLElement) =>
        getComputedStyle(element).display === 'inline' || element.classList.contains('btn-link');
      return all
        .filter(({ element, box }) => {
          if (box.width >= 24 && box.height >= 24) return false;
          if (inText(element)) return false;
          const label = element.closest('label');
          if (label && label.getBoundingClientRect().height >= 24) return false;
          const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
          return all.some((other) => {
            if (other.element === element) return false;
            const dx = Math.max(other.box.left - x, 0, x - other.box.right);
            const dy = Math.max(other.box.top - y, 0, y - other.box.bottom);
            return Math.hypot(dx, dy) < 12;
          });
        })
        .map(
          ({ element, box }) =>
            `${element.tagName} ${element.className} “${(element.getAttribute('aria-label') ?? element.textContent ?? '').slice(0, 20)}” ${Math.round(box.width)}×${Math.round(box.height)}`,
        );
    });
    for (const each of new Set(found)) small.push(`${view}: ${each}`);
  }
  expect(small).toEqual([]);
  await desk.close();
});

test('a tile says its word, and its graphemes to whoever asks', async () => {
  const desk = await Desk.withDemo('/words');
  const { page } = desk;
  const tile = page.locator('.tile__word').first();
  const label = (await tile.getAttribute('aria-label')) ?? '';
  expect(label).toMatch(/^\S+, (secure|stretch|beyond)$/);
  const id = (await tile.getAttribute('aria-describedby')) ?? '';
  expect(await page.locator(`[id="${id}"]`).textContent()).toMatch(/as in/);
  await desk.close();
});

test('a page of a lesson is read item by item', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-if-lesson');
  const { page } = desk;
  await page.locator('.paper-page').first().waitFor();
  const read = await page
    .locator('.paper-stack .paper-page')
    .first()
    .evaluate((paper) =>
      [...paper.querySelectorAll('p, h3, h4, img[alt]:not([alt=""])')].map(
        (element) =>
          element.querySelector('[role="img"]')?.getAttribute('aria-label') ??
          element.getAttribute('alt') ??
          element.textContent,
      ),
    );
  expect(read.length).toBeGreaterThan(5);
  expect(read.join('\n')).not.toMatch(/_{3,}/);
  expect(read.some((line) => /^1\./.test(line ?? ''))).toBe(true);
  await desk.close();
});

test('with colours of the person’s own, dots, selection and the present place are still told apart', async () => {
  const desk = await Desk.withDemo('/words');
  const { page } = desk;
  await page.emulateMedia({ forcedColors: 'active' });
  const outline = (selector: string) =>
    page
      .locator(selector)
      .first()
      .evaluate((element) => getComputedStyle(element).outlineStyle);
  await page.locator('.tile__word').first().click();
  await page.locator('.tile--chosen').first().waitFor();
  expect(await outline('.tile--chosen')).toBe('solid');
  expect(await outline('.masthead__places a[aria-current="page"]')).toBe('solid');
  const dot = await page
    .locator('.marked .unit--dot')
    .first()
    .evaluate((unit) => getComputedStyle(unit, '::after').backgroundColor);
  expect(dot).not.toBe('rgba(0, 0, 0, 0)');
  await desk.close();
});
