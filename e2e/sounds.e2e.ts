/** Recordings of the teacher's own: brought in, cued while they play, heard at the board, exported and read back. */
import { readFileSync } from 'node:fs';
import { unzipSync, strFromU8 } from 'fflate';
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';
import { button, closeFiles, faults, openFile } from './home-file';

afterAll(closeBrowser);
afterAll(closeFiles);

/** Some seconds of a tone, or of silence, as a WAV file (RIFF, 16 bits, mono). */
function wav(seconds: number, loud: number): Buffer {
  const rate = 8000;
  const samples = seconds * rate;
  const file = Buffer.alloc(44 + samples * 2);
  file.write('RIFF', 0);
  file.writeUInt32LE(36 + samples * 2, 4);
  file.write('WAVEfmt ', 8);
  file.writeUInt32LE(16, 16);
  file.writeUInt16LE(1, 20);
  file.writeUInt16LE(1, 22);
  file.writeUInt32LE(rate, 24);
  file.writeUInt32LE(rate * 2, 28);
  file.writeUInt16LE(2, 32);
  file.writeUInt16LE(16, 34);
  file.write('data', 36);
  file.writeUInt32LE(samples * 2, 40);
  for (let at = 0; at < samples; at += 1) {
    file.writeInt16LE(Math.round(Math.sin(at / 4) * loud * 32_000), 44 + at * 2);
  }
  return file;
}

const sound = (name: string, buffer: Buffer, mimeType = 'audio/wav') => ({
  name,
  mimeType,
  buffer,
});

test('a recording with its cues: set by hand, read from WebVTT, undone, exported', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-estacao?view=listen');
  const { page } = desk;
  const file = page.getByLabel('Sound or film from a file …');
  await file.setInputFiles(sound('notes.txt', Buffer.from('no sound'), 'text/plain'));
  await page.getByText(/neither sound nor film/).waitFor();
  await file.setInputFiles(sound('broken.mp3', Buffer.from('no sound'), 'audio/mpeg'));
  await page.getByText(/neither sound nor film/).waitFor();
  await file.setInputFiles(sound('quiet.wav', wav(1, 0)));
  await page.getByText(/Nothing can be heard in this recording/).waitFor();
  await page.getByRole('button', { name: 'Remove the recording quiet' }).click();
  await file.setInputFiles(sound('storm.wav', wav(6, 0.4)));
  const own = page.getByRole('article', { name: 'storm' });
  await own.getByRole('button', { name: 'Set a cue at 0:00' }).click();
  await own.getByRole('button', { name: 'Play from 0:00' }).waitFor();
  await own.locator('audio').evaluate((player: HTMLAudioElement) => {
    player.currentTime = 3.2;
  });
  await own.getByRole('button', { name: 'Set a cue at 0:03' }).click();
  await own.getByRole('button', { name: 'Play from 0:03' }).waitFor();
  await own.getByRole('button', { name: /The cue at 0:03 half a second later/ }).click();
  await own.getByLabel('Said from 0:03').fill('What the log says');
  await own.getByLabel('Said from 0:03').blur();
  await expectNoViolations(page, 'a recording with cues');
  // A part alone: it stops where the next begins.
  await own.getByRole('button', { name: 'Play from 0:00' }).click();
  await expect
    .poll(() => own.locator('audio').evaluate((player: HTMLAudioElement) => player.currentTime), {
      timeout: 15_000,
    })
    .toBeGreaterThan(3.6);
  await expect
    .poll(() => own.locator('audio').evaluate((player: HTMLAudioElement) => player.paused))
    .toBe(true);

  await own.getByLabel('Cues from WebVTT …').setInputFiles({
    name: 'storm.vtt',
    mimeType: 'text/vtt',
    buffer: Buffer.from('WEBVTT\n\n00:02.000 --> 00:03.000\nThe gate bangs.\n'),
  });
  await own.getByRole('button', { name: 'Play from 0:02' }).waitFor();
  expect(await own.getByLabel('Said from 0:02').inputValue()).toBe('The gate bangs.');
  await page.getByRole('button', { name: 'Undo: Read in the cues of a recording' }).click();
  await own.getByRole('button', { name: 'Play from 0:03' }).waitFor();

  // It stays through a reload, and goes along in the backup.
  await page.reload();
  await own.getByLabel('Said from 0:03').waitFor();
  expect(await own.getByLabel('Said from 0:03').inputValue()).toBe('What the log says');
  // At the board: from cue to cue, and what is said is not on the screen.
  await desk.go('/lessons/fernhill-portuguese-lesson/board');
  const part = page.getByLabel('Part of the lesson');
  const heard = page.getByRole('region', { name: 'storm' });
  const options = await part.locator('option').count();
  for (let at = 0; at < options && (await heard.count()) === 0; at += 1) {
    await part.selectOption(String(at));
  }
  await heard.getByRole('button', { name: '0:03' }).click();
  await expect
    .poll(() => heard.locator('audio').evaluate((player: HTMLAudioElement) => player.currentTime), {
      timeout: 15_000,
    })
    .toBeGreaterThan(3.8);
  expect(await page.getByText('What the log says').count()).toBe(0);
  await expectNoViolations(page, 'a recording at the board');
  await desk.go('/shelf');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('button', { name: /^Export everything/ })
      .first()
      .click(),
  ]);
  const files = unzipSync(readFileSync(await download.path()));
  const kept = JSON.parse(strFromU8(files['sounds.json'] ?? new Uint8Array())) as {
    name: string;
    cues: { label: string }[];
  }[];
  expect(kept.map(({ name, cues }) => [name, cues.length])).toEqual([['storm', 2]]);
  await desk.close();
});

test('a recording goes home with the exercises that ask about its text, and plays from its cues without a network', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-estacao?view=listen');
  const { page } = desk;
  const file = page.getByLabel('Sound or film from a file …');
  await file.setInputFiles(sound('storm.wav', wav(6, 0.4)));
  const own = page.getByRole('article', { name: 'storm' });
  await own.locator('audio').evaluate((player: HTMLAudioElement) => {
    player.currentTime = 3.2;
  });
  await own.getByRole('button', { name: 'Set a cue at 0:03' }).click();
  await own.getByRole('button', { name: 'Play from 0:03' }).waitFor();
  await desk.go('/lessons/fernhill-portuguese-lesson');
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByRole('button', { name: 'Take it home …' }).click();
  const recorded = page.getByLabel('Your recordings of its texts are in the file: storm');
  expect(await recorded.isChecked()).toBe(true);
  await page.getByText(/exercises? · \d+ KB/).waitFor();
  await expectNoViolations(page, 'what goes home, with a recording');
  const save = page.getByRole('button', { name: 'Save the file' });
  const [download] = await Promise.all([page.waitForEvent('download'), save.click()]);
  const home = await openFile('storm.html', readFileSync(await download.path(), 'utf8'));
  await home
    .getByLabel(/name|Who are you/i)
    .first()
    .waitFor();
  const names = home.getByLabel('Who are you?');
  if ((await names.count()) > 0) await names.selectOption({ index: 1 });
  else await home.getByRole('textbox').first().fill('Mina');
  await button(home, 'Begin').click();
  const heard = home.getByRole('region', { name: 'storm' });
  await button(heard, '0:03').click();
  await expect
    .poll(() => heard.locator('audio').evaluate((player: HTMLAudioElement) => player.currentTime))
    .toBeGreaterThan(2.9);
  await expectNoViolations(home, 'an exercise with a recording at home');
  await home.context().close();
  expect(faults).toEqual([]);
  await desk.close();
});
