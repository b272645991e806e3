/** The school hands as Chromium draws them: what is traced stays on its line, joins and all. */
import { afterAll, expect, test } from 'vitest';
import { fontOf, handIds, handWidth } from '../core/paper/hands';
import { handBytes } from '../core/testing/hand-files';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

/** Words that the widths were not measured with: names, doubles, rare neighbours. */
const words = [
  'Fernhill',
  'Asha',
  'Bram',
  'fjord',
  'jazzy',
  'ffwl',
  'Quixwy',
  'Wrenhill',
  'vowvow',
];

const SIZE = 200;

test('no word is wider in any hand than the room it is given', async () => {
  const desk = await Desk.open();
  const { page } = desk;
  for (const hand of handIds) {
    const font = handBytes(hand).toString('base64');
    await page.setContent(
      `<style>@font-face { font-family: hand; src: url(data:font/opentype;base64,${font}) }
       p { font: ${SIZE}px hand; position: absolute; white-space: pre }</style>
       ${words.map((word) => `<p>${word}</p>`).join('')}`,
    );
    await page.evaluate((size) => document.fonts.load(`${size}px hand`), SIZE);
    const drawn = await page
      .locator('p')
      .evaluateAll((lines) => lines.map((line) => line.getBoundingClientRect().width));
    words.forEach((word, at) => {
      const room = handWidth(word, fontOf(hand, 'grey'), SIZE);
      expect([hand, word, (drawn[at] ?? Infinity) <= room + 1]).toEqual([hand, word, true]);
      // Nor is the room half as wide again.
      expect([hand, word, room < (drawn[at] ?? 0) * 1.5]).toEqual([hand, word, true]);
    });
  }
  expect(desk.faults).toEqual([]);
});
