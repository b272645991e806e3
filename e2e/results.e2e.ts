/** Slips brought back as files, codes and QR pictures; what the results say, and a practice made of it. */
import { readFileSync } from 'node:fs';
import { toBuffer } from 'qrcode';
import { afterAll, expect, test } from 'vitest';
import { catalogue } from '../core/exercises/catalogue';
import { simulate } from '../core/practice/simulated-learner';
import { writeSlip } from '../core/practice/slip';
import type { TakeHome } from '../core/practice/take-home';
import { expectNoViolations } from './axe';
import { addFromGallery, closeBrowser, Desk } from './desk';
import { button, closeFiles, faults, openFile, reopen } from './home-file';

afterAll(closeBrowser);
afterAll(closeFiles);

test('26 slips come back by file, code and QR picture; the results say who makes which error; a practice is made of it', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByRole('link', { name: 'Build words with -ing' }).waitFor();
  const lesson = page.url().split('/lessons/')[1]?.split('?')[0] ?? '';
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByRole('button', { name: 'Take it home …' }).click();
  await page.getByText(/3 exercises · \d+ KB/).waitFor();
  await expectNoViolations(page, 'the dialog of what goes home');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file' }).click(),
  ]);
  const html = readFileSync(await download.path(), 'utf8');
  // Ten exercises are to be under 1.5 MB; three of words are well under that.
  expect(html.length).toBeLessThan(900_000);
  const json = /<script type="application\/json" id="take-home">(.*?)<\/script>/s.exec(html)?.[1];
  const home = JSON.parse(json ?? '') as TakeHome;
  expect(home.learners).toHaveLength(26);

  // Each learner answers: eight keep the silent e.
  const slips = home.learners.map((learner, index) =>
    writeSlip({
      learner,
      lesson,
      answers: home.exercises.map(({ id, print, exercise }) => ({
        exercise: id,
        print,
        response: simulate(
          exercise.task,
          { name: learner, skill: 1, habits: index < 8 ? ['keeps the silent e'] : [] },
          3,
        ),
      })),
      at: 1,
    }),
  );
  // The desk says what is still at home, and leads to where it comes in.
  await page.getByRole('link', { name: 'Wordane, start' }).click();
  const due = page.getByRole('region', { name: 'Due' });
  await due.getByText('The file given home has not come back from anybody').waitFor();
  await expectNoViolations(page, 'a desk on which something is due');
  await due.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByText('Nothing has come back yet').waitFor();
  const [typed = '', pictured = '', ...files] = slips;
  const drop = page.locator('input[type=file]');
  await drop.setInputFiles(
    files.map((slip, index) => ({
      name: `slip ${index}.txt`,
      mimeType: 'text/plain',
      buffer: Buffer.from(slip),
    })),
  );
  await page.getByText('24 slips are taken in.').waitFor();
  await drop.setInputFiles([
    {
      name: 'photo.png',
      mimeType: 'image/png',
      buffer: await toBuffer(pictured, { errorCorrectionLevel: 'L', scale: 6 }),
    },
  ]);
  await page.locator('strong', { hasText: /^25 of 26$/ }).waitFor();
  // Typed in small letters, with spaces for hyphens.
  await page.getByLabel('Or paste or type a code').fill(typed.toLowerCase().replace(/-/g, ' '));
  await page.getByRole('button', { name: 'Take it in' }).click();
  await page.locator('strong', { hasText: /^26 of 26$/ }).waitFor();

  // Tampered, cut off, foreign, doubled and script-laden: refused with the reason, and nothing changes.
  const foreign = writeSlip({ learner: 'Mina', lesson: 'another', answers: [] });
  for (const [slip, says] of [
    [
      `${typed.slice(0, 20)}${typed[20] === '4' ? '5' : '4'}${typed.slice(21)}`,
      /Group \d+ .* is not right|was changed/,
    ],
    [typed.slice(0, -12), /cut off|not right/],
    [foreign, /is of another lesson/],
    [typed, /is here already/],
    ['<script>document.title="changed"</script>', /is not a slip/],
  ] as const) {
    await page.getByLabel('Or paste or type a code').fill(slip);
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.locator('.results-in li', { hasText: says }).waitFor();
    expect(await page.locator('strong', { hasText: /^26 of 26$/ }).count()).toBe(1);
  }
  expect(await page.title()).toBe('Results · Wordane');

  const row = page
    .getByRole('region', { name: 'What to teach next' })
    .getByRole('row', { name: /keeps the silent e/ });
  const who = await row.locator('td').nth(1).innerText();
  expect(who.split(', ').sort()).toEqual(home.learners.slice(0, 8).sort());
  await expectNoViolations(page, 'the results');
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  expect(readFileSync(await csv.path(), 'utf8')).toMatch(
    /^learner,exercise,asked,given,expected,right,error/,
  );

  // They are the lesson’s: still there after a reload; and one click makes a practice of just that.
  await page.reload();
  await page.locator('strong', { hasText: /^26 of 26$/ }).waitFor();
  await page.getByRole('button', { name: 'Make a practice: keeps the silent e' }).click();
  await page.waitForURL(/[?]part=/);
  const chips = page.getByRole('complementary', { name: /Check for/ });
  await chips.getByRole('button', { name: 'Remove wave' }).waitFor();
  await chips.getByRole('button', { name: 'Remove flake' }).waitFor();
  // As many more as the exercise needs, and no word twice.
  const fewest = catalogue.find(({ id }) => id === 'build-ing')?.fewestWords ?? 0;
  expect(await chips.getByRole('button', { name: /^Remove / }).count()).toBe(fewest);
  await desk.close();
});

test('how an exercise plays is set for it and its class; a code carries it whole; a page goes to a family', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByRole('link', { name: 'Build words with -ing' }).click();
  await page.getByRole('heading', { name: 'Build words with -ing' }).waitFor();
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByText('How it plays').click();
  await page.getByLabel('Answers are marked').selectOption('end');
  await page.getByRole('button', { name: 'I am done' }).waitFor();
  await page.getByLabel('What is said: All right').fill('Every drop counted!');
  await page.getByLabel('What is said: All right').press('Enter');
  await page.getByRole('button', { name: 'Make it usual for Kestrels' }).click();
  await page
    .getByRole('button', { name: 'Make it usual for Kestrels' })
    .waitFor({ state: 'hidden' });
  await expectNoViolations(page, 'how an exercise plays');
  await page.getByRole('link', { name: /Write the missing/ }).click();
  await page.getByRole('heading', { name: /Write the missing/ }).waitFor();
  await page.getByRole('button', { name: 'I am done' }).waitFor();

  // One exercise of letters alone fits a code.
  await page.getByRole('button', { name: 'Take it home …' }).click();
  await page.getByText(/3 exercises · \d+ KB/).waitFor();
  await page.getByText('A QR code instead').click();
  await page.getByText(/It is too long for a code/).waitFor();
  await page.getByRole('checkbox', { name: /Write the missing/ }).uncheck();
  await page.getByRole('checkbox', { name: /Sort the/ }).uncheck();
  await page.getByRole('img', { name: /^QR code of/ }).waitFor();
  await expectNoViolations(page, 'a code that carries an exercise');
  const href = await page.getByRole('link', { name: 'Open it here' }).getAttribute('href');
  await page.getByRole('button', { name: 'Close' }).click();
  const other = await desk.tab();
  await other.goto(href ?? '');
  await other.getByLabel('Who are you?').selectOption({ index: 1 });
  await other.getByRole('button', { name: 'Begin' }).click();
  await other.getByRole('heading', { name: 'Build words with -ing' }).waitFor();
  await other.getByRole('button', { name: 'I am done' }).waitFor();
  await other.close();

  await page.getByRole('link', { name: /^Results/ }).click();
  await page.getByRole('button', { name: 'Rehearse with made-up answers' }).click();
  await page
    .getByRole('region', { name: 'By what is practised' })
    .getByText('a–e')
    .first()
    .waitFor();
  await page
    .getByRole('link', { name: /^A page for/ })
    .first()
    .click();
  const given = page.locator('.give');
  await given.getByText('What went well').waitFor();
  await page.getByLabel('Language of the page').selectOption('ar');
  await given.getByText('ما يسير جيدًا').waitFor();
  expect(await given.getAttribute('dir')).toBe('rtl');
  await expectNoViolations(page, 'a page to give');
  const pdf = await page.pdf();
  // A blank page is a few hundred bytes; this one has its fonts in it.
  expect(pdf.length).toBeGreaterThan(8000);
  await desk.go(`${new URL(page.url()).pathname.replace('/for', '')}`);
  await page.getByRole('link', { name: /over the weeks/ }).click();
  await page.getByRole('heading', { name: 'What stays' }).waitFor();
  await page.getByLabel('Beside the class').selectOption({ index: 1 });
  await expectNoViolations(page, 'a class over the weeks');
  await desk.close();
});

test('what is read aloud is recorded at home, comes back in the file, and is heard and answered at the desk', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByRole('link', { name: 'Build words with -ing' }).waitFor();
  await addFromGallery(page, 'Alone', 'Fluency grid');
  await button(page, 'Try it').click();
  await button(page, 'Take it home …').click();
  await page.getByText(/4 exercises · \d+ KB/).waitFor();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    button(page, 'Save the file').click(),
  ]);

  const home = await openFile('heard.html', readFileSync(await download.path(), 'utf8'), true);
  const learner = 'Wren';
  await home.getByLabel('Who are you?').selectOption(learner);
  await button(home, 'Begin').click();
  await home
    .getByRole('button', { name: /Read it again/ })
    .first()
    .tap();
  const record = home.getByRole('button', { name: /^Record: / }).first();
  const word = (await record.getAttribute('aria-label'))?.replace('Record: ', '') ?? '';
  await record.tap();
  await home.waitForTimeout(1200);
  await button(home, `Stop: ${word}`).tap();
  await button(home, `Listen again: ${word}`).waitFor();
  await expectNoViolations(home, 'words to record');
  // It is there after a reload, as every answer is.
  await reopen(home);
  await home
    .getByRole('button', { name: /Read it again/ })
    .first()
    .tap();
  await button(home, `Listen again: ${word}`).waitFor();
  await home
    .getByRole('button', { name: /^Hand in/ })
    .first()
    .tap();
  await home.getByText('Recordings go back with the file').waitFor();
  const [back] = await Promise.all([
    home.waitForEvent('download'),
    button(home, 'Save the file').tap(),
  ]);
  const slip = readFileSync(await back.path());
  expect(faults).toEqual([]);

  await page.getByRole('link', { name: /^Results/ }).click();
  const drop = page.locator('input[type=file]');
  await drop.setInputFiles([{ name: 'w.slip.txt', mimeType: 'text/plain', buffer: slip }]);
  await page.getByText('1 recording is with them.').waitFor();
  await page.getByRole('link', { name: 'Wordane, start' }).click();
  const due = page.getByRole('listitem').filter({ hasText: `Not read yet: ${learner}` });
  await due.getByRole('link', { name: 'Long a in the storm log' }).click();
  const heard = page.getByRole('region', { name: 'To read' });
  await button(heard, `Hear ${learner}`).click();
  await button(heard, `Play all of ${word}`).click();
  await heard.getByRole('button', { name: 'Read as it should be' }).click();
  await heard.getByRole('textbox', { name: `A word to ${learner}` }).fill('Clear and slow!');
  await heard.getByText('All are read.').waitFor();
  await expectNoViolations(page, 'what is to be heard');
  // It is the lesson’s: there after a reload, gone with the slip, back with undo.
  await page.reload();
  await heard.getByText('All are read.').waitFor();
  await button(page, `Take out the slips of ${learner}`).click();
  await page.getByText('Nothing has come back yet').waitFor();
  await page.keyboard.press('Control+z');
  await button(heard, `Hear ${learner}`).waitFor();
  // Codes that are held up are read one after the other.
  await button(page, 'Read codes with the camera').click();
  await page.getByText('Hold a code up to the camera.').waitFor();
  await button(page, 'Close the camera').click();
  await desk.close();
});
