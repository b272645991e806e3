/** A room: learners come in by a code, answer, are asked, talk in pairs, drop out and come back; what came is kept. */
import { afterAll, expect, test } from 'vitest';
import type { Page } from 'playwright-core';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

const codeOn = async (page: Page) =>
  (await page.locator('.room-code__signs').first().innerText()).replace(/\s/g, '');

/** A learner at the door: the code as a child would type it. */
async function comeIn(code: string, size: { width: number; height: number }) {
  const desk = await Desk.open(size);
  await desk.go('/room');
  await desk.page.getByLabel('The code on the board').fill(code.toLowerCase());
  await desk.page.keyboard.press('Enter');
  await desk.page.waitForURL(/\/room\/[A-Z0-9]{6}$/);
  return desk;
}

test('two learners answer on their own screens; the teacher sees it come, and keeps it', async () => {
  const teacher = await Desk.withDemo('/lessons/fernhill-33');
  await teacher.page.getByRole('link', { name: 'Room', exact: true }).click();
  const room = teacher.page;
  await room.getByText('Nobody yet.').waitFor();
  const code = await codeOn(room);
  await expectNoViolations(room, 'an empty room');

  const mina = await comeIn(code, { width: 390, height: 800 });
  await expectNoViolations(mina.page, 'who a learner is');
  await mina.page.getByLabel('My name').selectOption('Mina');
  await mina.page.getByRole('button', { name: 'That is me' }).click();
  const kofi = await comeIn(code, { width: 1280, height: 800 });
  // By keys alone, under a name of his own that has a mark-up in it.
  await kofi.page.getByRole('button', { name: 'I am not in the list' }).click();
  await kofi.page.getByLabel('My first name').fill('<b>Kofi</b>');
  await kofi.page.keyboard.press('Enter');
  await room.getByText('In the room · 2').waitFor();
  await room.getByText('<b>Kofi</b>').waitFor();

  // An answer of each, the wrong one with its named error; no key is on a learner's screen.
  const gap = (page: Page) => page.locator('.play input').first();
  await gap(mina.page).fill('a');
  await gap(kofi.page).fill('ay');
  const first = room.locator('.room-items li').first();
  await first.getByText(/[12] not yet/).waitFor();
  await mina.page.getByText('With your teacher').waitFor();
  await expectNoViolations(mina.page, 'an exercise in the room');
  await expectNoViolations(room, 'what a class thinks');
  await first.getByRole('button', { name: /^Look at .* together$/ }).click();
  await mina.page.getByText('One answer. What do you think of it?').waitFor();
  await room.getByRole('button', { name: 'Take it away' }).click();

  // A phone that was loaded anew goes on where it was.
  await mina.page.reload();
  await mina.page.locator('.play').waitFor();
  expect(await gap(mina.page).inputValue()).toBe('a');

  await room.getByRole('button', { name: 'Look up' }).click();
  await mina.page.getByRole('heading', { name: 'Look up' }).waitFor();
  await room.getByRole('button', { name: 'Screens on' }).click();
  await mina.page.locator('.play').waitFor();

  // A question on the spot; an answer that is none for all is not shown before the teacher has.
  await room.getByRole('button', { name: 'Ask the class …' }).click();
  await room.getByLabel('The question').fill('What would you write in the log?');
  await room.getByLabel('They answer with').selectOption('open');
  await expectNoViolations(room, 'asking the class');
  await room.getByRole('button', { name: 'Ask it' }).click();
  await mina.page.getByLabel('What you think').fill('<script>alert(1)</script> It was windy.');
  await mina.page.getByRole('button', { name: 'Send it' }).click();
  await kofi.page.getByLabel('What you think').fill('It was a shit day.');
  await kofi.page.keyboard.press('Enter');
  await room.getByText('<script>alert(1)</script> It was windy.').waitFor();
  await room.getByText('An answer that may not be for all').waitFor();
  expect(await room.getByText('shit').count()).toBe(0);
  await room.getByRole('button', { name: 'Show it' }).click();
  await room.getByText('It was a shit day.').waitFor();
  await expectNoViolations(room, 'sentences of a class');
  await expectNoViolations(mina.page, 'a question in the room');

  await room.getByText('Talk in pairs').click();
  await room.getByLabel('About what').fill('What did you hear?');
  await room.getByRole('button', { name: 'Put them together' }).click();
  await mina.page.getByText('Talk with <b>Kofi</b>').waitFor();
  await kofi.page.getByText('Talk with Mina').waitFor();

  // Without a connection the answer waits, and goes off when it is back.
  await room.getByRole('button', { name: 'Write the missing /ā/ spelling' }).click();
  await mina.page.locator('.play').waitFor();
  await mina.page.context().setOffline(true);
  await mina.page.locator('.play input').nth(1).fill('ai');
  await mina.page.getByText(/Your answers are kept here/).waitFor();
  await mina.page.context().setOffline(false);
  await mina.page.getByText('With your teacher').waitFor();

  await room.getByRole('button', { name: 'Close the room …' }).click();
  await room.getByRole('button', { name: 'Close, keep the answers of 2' }).click();
  await room.getByText('2 slips are taken in.').waitFor();
  await mina.page.getByText('The room is closed.').waitFor();
  await room.getByRole('link', { name: 'What came back' }).click();
  await room.getByText('Mina').first().waitFor();
  // That there was no connection is all that may have gone wrong.
  const others = mina.faults.filter((fault) => !/ERR_INTERNET_DISCONNECTED/.test(fault));
  mina.faults.splice(0, mina.faults.length, ...others);
  await mina.close();
  await kofi.close();
  await teacher.close();
});

test('a code that is none, and a class that is not there', async () => {
  const lost = await Desk.open({ width: 390, height: 800 });
  await lost.go('/room');
  await lost.page.getByLabel('The code on the board').fill('hello');
  await lost.page.keyboard.press('Enter');
  await lost.page.getByText(/A code has six letters and figures/).waitFor();
  await expectNoViolations(lost.page, 'the door of a room');
  await lost.go('/room/BCDFGH');
  await lost.page.getByText('There is no room with this code. Look at the board again.').waitFor();
  await lost.close();

  const teacher = await Desk.withDemo('/lessons/fernhill-33/room');
  const { page } = teacher;
  await page.getByText('Rehearse with a class that is not there').click();
  await page.getByRole('button', { name: 'They come in' }).click();
  await page.getByText('In the room · 26').waitFor();
  await page.locator('.room-items li').first().waitFor();
  await page.getByLabel('How they go on').selectOption('own');
  await page.locator('.room-far tbody tr').nth(25).waitFor();
  await expectNoViolations(page, 'how far each one is');
  await page.setViewportSize({ width: 390, height: 800 });
  await expectNoViolations(page, 'a room on a phone');
  await page.getByRole('button', { name: 'Close the room …' }).click();
  await page.getByRole('button', { name: 'Close, keep nothing' }).click();
  await page.getByText('Nothing of it was kept.').waitFor();
  await teacher.close();
});
