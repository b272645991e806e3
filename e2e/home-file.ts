/** A file to take home, opened from disk in a browser profile of its own with the network off. */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { chromium, type Browser, type Locator, type Page } from 'playwright-core';
import { usualBehaviour } from '../core/kernel/behaviour';
import { picturesIn, takeHomePage, type TakeHome } from '../core/practice/take-home';

const root = new URL('../', import.meta.url);
const folder = new URL('.tmp/answers/', root);
const patience = Number(process.env['PATIENCE'] ?? 120_000);

/** What went wrong in any page: a message on the console, or a request. */
export const faults: string[] = [];

let browser: Promise<Browser> | undefined;

const open = () =>
  (browser ??= chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      // A microphone that is made up.
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
    ],
  }));

export async function closeFiles(): Promise<void> {
  const opened = await browser;
  browser = undefined;
  await opened?.close();
}

/** The file as it is built in the browser, with a stand-in for each picture. */
export function homePage(more: Partial<TakeHome>): string {
  const home = {
    version: 1 as const,
    title: 'Storm log at home',
    className: 'Kestrels',
    lesson: 'storm-lesson',
    made: 'e2e',
    behaviour: usualBehaviour,
    returned: true,
    learners: ['Mina', 'Ivo'],
    exercises: [],
    ...more,
  };
  const shown = 'data:image/svg+xml,%3Csvg xmlns="http://www.w3.org/2000/svg"/%3E';
  const pictures = Object.fromEntries(picturesIn(home.exercises).map((name) => [name, shown]));
  const asset = (name: string) => readFileSync(new URL(`public/player/${name}`, root), 'utf8');
  return takeHomePage(
    { ...home, pictures },
    { script: asset('player.js'), style: asset('player.css') },
  );
}

export async function openFile(name: string, page: string, touch = false): Promise<Page> {
  mkdirSync(folder, { recursive: true });
  const file = new URL(name, folder);
  writeFileSync(file, page);
  const context = await (
    await open()
  ).newContext({
    viewport: { width: 390, height: 800 },
    offline: true,
    hasTouch: touch,
    acceptDownloads: true,
  });
  context.setDefaultTimeout(patience);
  const opened = await context.newPage();
  opened.on('console', (message) => {
    if (message.type() === 'error') faults.push(message.text());
  });
  opened.on('pageerror', (error) => faults.push(error.message));
  opened.on('request', (request) => {
    if (!/^(file|data|blob):/.test(request.url())) faults.push(request.url());
  });
  await opened.goto(file.href);
  return opened;
}

/**
 * The page closed and opened again, as a person does it. Chromium hands what is kept to another
 * process; a page that is reloaded in the same instant can be sooner and lack the last answer.
 */
export async function reopen(page: Page): Promise<void> {
  await page.waitForTimeout(2000);
  await page.reload();
}

export const button = (page: Page | Locator, name: string) =>
  page.getByRole('button', { name, exact: true });
