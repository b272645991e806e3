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

test('a wall, a ring, a slate, a game of two, and another version for one', async () => {
  const teacher = await Desk.withDemo('/lessons/fernhill-33/room');
  const room = teacher.page;
  const code = await codeOn(room);
  const named = async (name: string, size: { width: number; height: number }) => {
    const desk = await comeIn(code, size);
    await desk.page.getByLabel('My name').selectOption(name);
    await desk.page.getByRole('button', { name: 'That is me' }).click();
    await desk.page.locator('.play').waitFor();
    return desk;
  };
  const mina = await named('Mina', { width: 390, height: 800 });
  const kofi = await named('Kofi', { width: 1280, height: 800 });
  const ask = async (question: string, kind: string) => {
    await room.getByRole('button', { name: 'Ask the class …' }).click();
    await room.getByLabel('The question').fill(question);
    await room.getByLabel('They answer with').selectOption(kind);
  };

  // The wall: a text, a drawing by touch or mouse, a picture from a file; what may not be for all waits.
  await ask('What was the storm like?', 'wall');
  await room.getByRole('button', { name: 'Ask it' }).click();
  await mina.page.getByLabel('What you think').fill('Loud and wet.');
  await mina.page.getByRole('button', { name: 'Put it up' }).click();
  await mina.page.getByRole('button', { name: 'Draw' }).click();
  const field = await mina.page.locator('.draw-pad__field').boundingBox();
  if (!field) throw new Error('no field');
  await mina.page.mouse.move(field.x + 40, field.y + 40);
  await mina.page.mouse.down();
  await mina.page.mouse.move(field.x + 200, field.y + 120, { steps: 6 });
  await mina.page.mouse.up();
  await expectNoViolations(mina.page, 'a wall on a phone');
  await mina.page.getByRole('button', { name: 'Put it up' }).click();
  await kofi.page.getByRole('button', { name: 'A picture' }).click();
  const file = kofi.page.getByLabel('A photograph or a picture');
  await file.setInputFiles({
    name: 'no-picture.png',
    mimeType: 'image/png',
    buffer: Buffer.from('not a picture'),
  });
  await kofi.page.getByText(/This file is no picture/).waitFor();
  await file.setInputFiles({
    name: 'storm.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="900" height="600"><rect width="900" height="600" fill="#8ec0e4"/></svg>',
    ),
  });
  await room.getByText('3 put up, 2 of them still closed.').waitFor();
  await room.getByText('Loud and wet.').waitFor();
  expect(await room.locator('.room-post__drawing, .room-post__picture').count()).toBe(0);
  await room.getByRole('button', { name: 'Open all' }).click();
  await room.locator('.room-post__drawing path').waitFor();
  await room.locator('.room-post__picture').waitFor();
  await expectNoViolations(room, 'the wall');
  await room.getByRole('button', { name: 'Let all see the wall' }).click();
  await kofi.page.getByRole('region', { name: 'The wall' }).getByText('Loud and wet.').waitFor();
  await mina.page.getByRole('button', { name: /Take back .* number 1/ }).click();
  await room.getByText('2 put up.').waitFor();

  // A ring on a picture: by a touch, and by keys alone.
  await ask('Where is the wind?', 'ring');
  await room.getByLabel('On which picture').selectOption({ label: 'wave' });
  await expectNoViolations(room, 'asking for a ring');
  await room.getByRole('button', { name: 'Ask it' }).click();
  await mina.page.locator('.room-ring img').click({ position: { x: 30, y: 40 } });
  await mina.page.getByText('Your ring is set.').waitFor();
  const ring = kofi.page.getByRole('button', { name: /^Your ring/ });
  await ring.press('ArrowRight');
  await ring.press('Enter');
  await room.getByText('2 of 2 have set a ring.').waitFor();
  expect(await room.locator('.room-ring__one').count()).toBe(2);
  await expectNoViolations(room, 'rings of a class');
  await expectNoViolations(kofi.page, 'a ring to set');

  // The slate: the pen goes from hand to hand.
  await room.getByRole('button', { name: 'Slate …' }).click();
  await room.getByLabel('What stands on it').fill('The wind ___ all night.');
  await room.getByRole('button', { name: 'Show the slate' }).click();
  await mina.page.getByText('Look at the slate.').waitFor();
  await room.getByLabel('The pen has').selectOption({ label: 'Kofi' });
  await kofi.page.getByText('You have the pen.').waitFor();
  const slate = await kofi.page.locator('.draw-pad__field').boundingBox();
  if (!slate) throw new Error('no slate');
  await kofi.page.mouse.move(slate.x + 100, slate.y + 100);
  await kofi.page.mouse.down();
  await kofi.page.mouse.move(slate.x + 300, slate.y + 160, { steps: 5 });
  await kofi.page.mouse.up();
  await mina.page.locator('.draw-pad__field path').waitFor();
  await room.locator('.draw-pad__field path').waitFor();
  await expectNoViolations(kofi.page, 'a slate');
  await expectNoViolations(room, 'the teacher’s slate');
  await room.getByRole('button', { name: 'Wipe it' }).click();
  await expect.poll(() => mina.page.locator('.draw-pad__field path').count()).toBe(0);
  await room.getByRole('button', { name: 'Put it away' }).click();

  // A game of two with the exercise's own items: one answers, the other has the answer.
  await room.getByRole('button', { name: 'Write the missing /ā/ spelling' }).click();
  await room.getByText('Games', { exact: true }).click();
  await room.getByRole('button', { name: 'They play' }).click();
  await mina.page.getByRole('region', { name: /Three in a line with Kofi/ }).waitFor();
  await kofi.page.getByRole('region', { name: /Three in a line with Mina/ }).waitFor();
  const chooses = await mina.page.getByText('Choose a square.').count();
  const [first, judge] = chooses > 0 ? [mina.page, kofi.page] : [kofi.page, mina.page];
  await first.getByRole('button', { name: 'Square 5' }).click();
  await judge.getByRole('button', { name: 'Right', exact: true }).waitFor();
  expect(await first.locator('.room-game__answer').count()).toBe(0);
  await expectNoViolations(judge, 'a referee');
  await judge.getByRole('button', { name: 'Right', exact: true }).click();
  await first.getByRole('button', { name: 'Square 5: yours' }).waitFor();
  await expectNoViolations(first, 'a game of two');
  await room.getByRole('button', { name: 'End the games' }).click();

  // One has another version: fewer items, and nobody is told so.
  await mina.page.locator('.play input').first().waitFor();
  const items = (page: Page) => page.locator('.play input').count();
  const all = await items(mina.page);
  await room.getByRole('button', { name: 'For Mina alone' }).click();
  await expectNoViolations(room, 'what is for one alone');
  await room.getByRole('button', { name: 'With support' }).click();
  await expect.poll(() => items(mina.page)).not.toBe(all);
  expect(await items(kofi.page)).toBe(all);
  await mina.page.locator('.play input').last().fill('ai');
  await mina.page.getByText('With your teacher').waitFor();
  await room.locator('.room-items li').first().waitFor();
  await room.getByRole('button', { name: 'Close the room …' }).click();
  await room.getByRole('button', { name: 'Close, keep the answers of 1' }).click();
  await room.getByRole('link', { name: 'What came back' }).click();
  await room.getByText('Mina').first().waitFor();
  expect(await room.getByText(/was changed after Mina had it/).count()).toBe(0);
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
