/** Slips brought back as files, codes and QR pictures; what the results say, and a practice made of it. */
import { readFileSync } from 'node:fs';
import { toBuffer } from 'qrcode';
import { afterAll, expect, test } from 'vitest';
import { catalogue } from '../core/exercises/catalogue';
import { simulate } from '../core/practice/simulated-learner';
import { writeSlip } from '../core/practice/slip';
import type { TakeHome } from '../core/practice/take-home';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

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
  await page.getByRole('link', { name: /^Results/ }).click();
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
  await page.getByText(/^25 of 26$/).waitFor();
  // Typed in small letters, with spaces for hyphens.
  await page.getByLabel('Or paste or type a code').fill(typed.toLowerCase().replace(/-/g, ' '));
  await page.getByRole('button', { name: 'Take it in' }).click();
  await page.getByText(/^26 of 26 have|^26 of 26$/).waitFor();

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
    expect(await page.getByText(/^26 of 26 have|^26 of 26$/).count()).toBe(1);
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
  await page.getByText(/^26 of 26 have|^26 of 26$/).waitFor();
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
