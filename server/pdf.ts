/** PDF through the Chromium that is installed: the print page of this very server, with the sheets handed over. */
import { accessSync, constants } from 'node:fs';
import { delimiter, join } from 'node:path';
import { chromium, type Browser, type Page } from 'playwright-core';
import type { Sheet } from '../core/sheets/sheet';
import { papers } from '../core/kernel/paper-size';
import { Queue, type Asking } from './queue';

export class NoChromiumError extends Error {
  override readonly name = 'NoChromiumError';
}

const programs = ['chromium', 'chromium-browser', 'google-chrome', 'google-chrome-stable'];

/** The path of an installed Chromium, or undefined. */
export function findChromium(): string | undefined {
  for (const folder of (process.env['PATH'] ?? '').split(delimiter)) {
    for (const program of programs) {
      const path = join(folder, program);
      try {
        accessSync(path, constants.X_OK);
        return path;
      } catch {
        // Not here; look on.
      }
    }
  }
  return undefined;
}

let running: Promise<Browser> | undefined;

/** One browser for all requests, started with the first and again after a crash. */
function browser(executablePath: string): Promise<Browser> {
  running ??= chromium
    .launch({
      executablePath,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    })
    .then((started) => {
      started.on('disconnected', () => {
        running = undefined;
      });
      return started;
    })
    .catch((error: unknown) => {
      running = undefined;
      throw error;
    });
  return running;
}

/** Starts the browser before it is needed: who asks whether a PDF can be made is about to ask for one. */
export function startBrowser(): void {
  const executablePath = findChromium();
  // What goes wrong is said to whoever asks for a PDF.
  if (executablePath !== undefined) browser(executablePath).catch(() => undefined);
}

/** The server was not told where it answers: it never guesses, or it might hand sheets to another. */
export class NoAddressError extends Error {
  override readonly name = 'NoAddressError';
}

/** Where this server answers itself, as it said when it began to listen. */
function ownAddress(): string {
  const address = process.env['WORDANE_OWN_ADDRESS'];
  if (address === undefined) throw new NoAddressError();
  return address;
}

/** How often a print is tried where its browser dies. */
const MOST_TRIES = 3;

/** Each page takes a browser's tab: few at once, few waiting, none for ever. */
const queue = new Queue({ atOnce: 2, waiting: 40, deadline: 180_000 });

/** The place of a print in the line; 0 while it is made, undefined where it is not here. */
export const placeOf = (ticket: string) => queue.placeOf(ticket);

/** Opens the print page with the sheets handed over, and works on it. */
function withPages<Result>(
  sheets: readonly Sheet[],
  title: string,
  scale: number,
  work: (page: Page) => Promise<Result>,
  asking: Asking,
): Promise<Result> {
  return queue.run(async (signal) => {
    for (let tries = 1; ; tries += 1) {
      try {
        return await openPages(sheets, title, scale, work, signal);
      } catch (error) {
        // The browser was ended by what was made before: this one is made by a new browser.
        const gone = /closed|crash|disconnect/i.test((error as Error).message);
        if (!gone || signal.aborted || tries === MOST_TRIES) throw error;
      }
    }
  }, asking);
}

async function openPages<Result>(
  sheets: readonly Sheet[],
  title: string,
  scale: number,
  work: (page: Page) => Promise<Result>,
  signal: AbortSignal,
): Promise<Result> {
  const executablePath = findChromium();
  if (executablePath === undefined) throw new NoChromiumError();
  const address = ownAddress();
  const context = await (await browser(executablePath)).newContext({ deviceScaleFactor: scale });
  signal.addEventListener('abort', () => void context.close().catch(() => undefined));
  try {
    // The print page needs this server and nothing else.
    await context.route('**/*', (route) =>
      route.request().url().startsWith(`${address}/`) ? route.continue() : route.abort(),
    );
    const page = await context.newPage();
    await page.addInitScript(
      (given) => {
        window.wordaneSheets = given;
      },
      { sheets, title },
    );
    await page.goto(`${address}/print`);
    // It loads its fonts itself before it is there; it is laid out once only, for the paper.
    await page.waitForSelector('[data-printable]', { state: 'attached' });
    return await work(page);
  } finally {
    // It is closed already where the browser has died.
    await context.close().catch(() => undefined);
  }
}

/**
 * The sheets' pages as a tagged PDF with fonts embedded.
 *
 * @throws NoChromiumError where no Chromium is installed
 */
export function makePdf(
  sheets: readonly Sheet[],
  title: string,
  asking: Asking = {},
): Promise<Buffer> {
  const { width, height } = papers[sheets[0]?.paper ?? 'a4'];
  return withPages(
    sheets,
    title,
    1,
    (page) =>
      page.pdf({
        width: `${width}mm`,
        height: `${height}mm`,
        printBackground: true,
        preferCSSPageSize: true,
        tagged: true,
      }),
    asking,
  );
}

/** Dots in an inch of a picture of a page, over the 96 of a screen. */
const PICTURE_SCALE = 200 / 96;

/**
 * One page as a picture.
 *
 * @param index of the page among all, learner's pages first
 * @throws NoChromiumError where no Chromium is installed
 * @throws RangeError where there is no such page
 */
export function makePng(
  sheets: readonly Sheet[],
  title: string,
  index: number,
  asking: Asking = {},
): Promise<Buffer> {
  return withPages(
    sheets,
    title,
    PICTURE_SCALE,
    async (page) => {
      await page.emulateMedia({ media: 'print' });
      await page.evaluate(() => document.fonts.ready.then(() => undefined));
      const pages = page.locator('.paper-page');
      const count = await pages.count();
      if (index < 0 || index >= count) {
        throw new RangeError(`There is no page ${index + 1}: there are ${count}.`);
      }
      return pages.nth(index).screenshot();
    },
    asking,
  );
}
