/** Games in the room: each of two on a screen of her own, by mouse on one and by keys on the other; words called for all. */
import { afterAll, expect, test } from 'vitest';
import type { Page } from 'playwright-core';
import { expectNoViolations } from './axe';
import { addFromGallery, closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

/** @param maker an exercise that the lesson gets first, by its name and its title */
async function roomOfTwo(maker?: readonly [name: string, title: string]) {
  const teacher = await Desk.withDemo('/lessons/fernhill-33');
  const room = teacher.page;
  if (maker) await addFromGallery(room, 'Alone', maker[0]);
  await teacher.go('/lessons/fernhill-33/room');
  const code = (await room.locator('.room-code__signs').first().innerText()).replace(/\s/g, '');
  const named = async (name: string, size: { width: number; height: number }) => {
    const desk = await Desk.open(size);
    await desk.go(`/room/${code}`);
    await desk.page.getByLabel('My name').selectOption(name);
    await desk.page.getByRole('button', { name: 'That is me' }).click();
    await desk.page.locator('.play').waitFor();
    return desk;
  };
  const mina = await named('Mina', { width: 390, height: 800 });
  const kofi = await named('Kofi', { width: 1920, height: 1080 });
  await room.getByRole('button', { name: maker?.[1] ?? 'Write the missing /ā/ spelling' }).click();
  await room.getByText('Games', { exact: true }).click();
  const play = async (name: string) => {
    await room.getByLabel(/^With/).selectOption({ label: name });
    await room.getByRole('button', { name: /They play|Others together/ }).click();
    const tables = [mina, kofi].map(({ page }) =>
      page.getByRole('region', { name: new RegExp(`${name} with`) }),
    );
    await Promise.all(tables.map((table) => table.waitFor()));
  };
  return { teacher, room, mina, kofi, play };
}

/** The one whose turn it is, found by what only she is offered, and the other. */
async function inTurn(
  pages: readonly [Page, Page],
  offered: (page: Page) => ReturnType<Page['locator']>,
) {
  const [one, other] = pages;
  await expect
    .poll(async () => (await offered(one).count()) + (await offered(other).count()))
    .toBe(1);
  return (await offered(one).count()) > 0 ? ([one, other] as const) : ([other, one] as const);
}

const button = (name: string | RegExp) => (page: Page) =>
  page.getByRole('button', { name, exact: true });
/** Pressed by keys alone. */
const press = async (page: Page, name: string) => {
  await button(name)(page).focus();
  await page.keyboard.press('Enter');
};

test('every game of two is played on two screens', async () => {
  const { teacher, room, mina, kofi, play } = await roomOfTwo();
  const pages = [mina.page, kofi.page] as const;

  await play('Pull the rope');
  const [judge, pulls] = await inTurn(pages, button('Right'));
  expect(await pulls.locator('.room-game__answer').count()).toBe(0);
  await expectNoViolations(pulls, 'a rope');
  await press(judge, 'Right');
  await room.getByText(/[01] · \w+ [01] steps/).waitFor();
  await expect.poll(() => button('Right')(pulls).count()).toBe(1);

  await play('Along the path');
  const [throws, waits] = await inTurn(pages, button('Throw'));
  await press(throws, 'Throw');
  await throws.locator('.room-game__thrown').waitFor();
  await expectNoViolations(mina.page, 'a path on a phone');
  await button('Right')(waits).click();
  await button('Throw')(waits).waitFor();

  await play('Hidden word');
  const [says, asks] = await inTurn(pages, button('Right'));
  await button('Right')(says).click();
  await asks.getByLabel('The word is').fill('sunshine');
  await expectNoViolations(asks, 'a hidden word');
  await asks.keyboard.press('Enter');
  await asks.getByText(/answers\. You have the answer/).waitFor();

  await play('Describe it');
  const [has, finds] = await inTurn(pages, button('Found'));
  await has.getByText('Do not say:').waitFor();
  expect(await finds.getByText('Do not say:').count()).toBe(0);
  await expectNoViolations(has, 'a word to describe');
  await press(has, 'Found');
  await finds.getByText('Do not say:').waitFor();

  await play('The vane');
  const [turns, sees] = await inTurn(pages, button('Turn it'));
  await press(turns, 'Turn it');
  await button('Done')(sees).waitFor();
  await turns.locator('.board-vane__word--lit').waitFor();
  await expectNoViolations(mina.page, 'a vane on a phone');
  await button('Done')(sees).click();
  await button('Turn it')(sees).waitFor();

  await play('Dice');
  const [rolls, looks] = await inTurn(pages, button('Throw'));
  await press(rolls, 'Throw');
  await button('Not yet')(looks).click();
  await button('Throw')(looks).waitFor();

  await room.getByRole('button', { name: 'End the games' }).click();
  await mina.page.locator('.play').waitFor();
  await mina.close();
  await kofi.close();
  await teacher.close();
});

test('words are called, and marked on a board of one’s own', async () => {
  const { teacher, room, mina, kofi } = await roomOfTwo();
  await room.getByLabel(/^With/).selectOption({ label: 'Call the words' });
  await room.getByRole('button', { name: 'They play' }).click();
  const board = (page: Page) => page.locator('.room-board__word');
  await board(mina.page).first().waitFor();
  const hers = await board(mina.page).allInnerTexts();
  expect(await board(kofi.page).allInnerTexts()).not.toEqual(hers);
  await expectNoViolations(mina.page, 'a board of words');

  // She marks what is called until she has a line; the desk says so when it is true.
  const desk = room.getByRole('region', { name: 'Call the words' });
  for (let called = 0; called < 30; called += 1) {
    await desk.getByRole('button', { name: 'Next word' }).click();
    const word = await desk.locator('.room-called').innerText();
    expect(await mina.page.getByText('You have a line').count()).toBe(0);
    if (!hers.includes(word)) continue;
    await press(mina.page, word);
    if ((await mina.page.getByText('You have a line: say so!').count()) > 0) break;
  }
  await desk.getByText('Mina has a line').waitFor();
  await expectNoViolations(room, 'the desk of who calls');

  // Too soon is no line: what was not called is named.
  const wrong = (await board(kofi.page).allInnerTexts())[0] ?? '';
  await desk.getByLabel('Show the words on their screens too').check();
  const last = await desk.locator('.room-called').innerText();
  await kofi.page.locator('.room-game__answer').getByText(last, { exact: true }).waitFor();
  const heard = [last, ...(await desk.locator('p').last().innerText()).split(' · ')];
  if (!heard.includes(wrong)) {
    await press(kofi.page, wrong);
    await desk.getByText(`not called: ${wrong}`).waitFor();
  }
  // A reload keeps her marks.
  await mina.page.reload();
  await mina.page.getByText('You have a line: say so!').waitFor();
  await desk.getByRole('button', { name: 'End it' }).click();
  await mina.page.locator('.play').waitFor();
  await mina.close();
  await kofi.close();
  await teacher.close();
});

test('sentences are bid for by two: what is right wins the bid, what is wrong loses it', async () => {
  const { teacher, mina, kofi, play } = await roomOfTwo([
    'Articles with place names',
    'The, or no article?',
  ]);
  const pages = [mina.page, kofi.page] as const;
  await play('Auction of sentences');
  const [bids, raises] = await inTurn(pages, button('Bid 10'));
  await press(bids, 'Bid 10');
  await button('Bid 20')(raises).waitFor();
  await expectNoViolations(raises, 'an auction in the room');
  await button('Bid 20')(raises).click();
  await press(bids, 'No more');
  const said = raises.getByText(/^The sentence is (right|wrong)\.$/);
  await said.waitFor();
  const coins = (await said.innerText()).includes('right') ? 120 : 80;
  await raises.getByText(`You ${coins}`).waitFor();
  await bids.getByText('You 100').waitFor();
  await button('Next sentence')(bids).click();
  await raises.getByText(/^Sentence 2 of /).waitFor();
  await mina.close();
  await kofi.close();
  await teacher.close();
});
