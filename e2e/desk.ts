/** A browser page for a test; the test fails on a console error or on a request to another host. */
import { chromium, type Browser, type BrowserContext, type Page } from 'playwright-core';

const address = process.env['WORDANE_ADDRESS'] ?? 'http://127.0.0.1:4390';

/** How long a step may take on a machine that does other work beside: a wait, never a measure. */
const patience = Number(process.env['PATIENCE'] ?? 120_000);

type StorageState = Awaited<ReturnType<BrowserContext['storageState']>>;

/** The app's own router, which React Router leaves on the window. */
interface Router {
  navigate(to: string): Promise<void>;
}

let browser: Promise<Browser> | undefined;

/** What the browser of a desk with the demo keeps. */
let demo: Promise<StorageState> | undefined;

function openBrowser(): Promise<Browser> {
  browser ??= chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      // A microphone and a camera that are made up.
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
    ],
  });
  return browser;
}

export async function closeBrowser(): Promise<void> {
  const open = await browser;
  browser = undefined;
  await open?.close();
}

/** One person's browser: its storage is its own. */
export class Desk {
  readonly faults: string[] = [];

  private constructor(
    readonly context: BrowserContext,
    readonly page: Page,
  ) {}

  static async open(
    size = { width: 1280, height: 800 },
    storageState?: StorageState,
    keepsFiles = false,
    hasTouch = false,
  ): Promise<Desk> {
    const context = await (
      await openBrowser()
    ).newContext({
      viewport: size,
      acceptDownloads: true,
      hasTouch,
      // What is kept for use without the server would stand between a test and what it tests.
      serviceWorkers: keepsFiles ? 'allow' : 'block',
      ...(storageState && { storageState }),
    });
    context.setDefaultTimeout(patience);
    const desk = new Desk(context, await context.newPage());
    desk.watch(desk.page);
    return desk;
  }

  /** A desk that holds the demo, opened at `path`: the demo itself is put in once a test file. */
  static async withDemo(
    path = '/words',
    size = { width: 1280, height: 800 },
    hasTouch = false,
  ): Promise<Desk> {
    demo ??= Desk.open().then(async (desk) => {
      await desk.go('/demo');
      await desk.page.waitForURL('**/words');
      await desk.page.getByRole('button', { name: /^Sound:/ }).waitFor();
      const state = await desk.context.storageState({ indexedDB: true });
      await desk.close();
      return state;
    });
    const desk = await Desk.open(size, await demo, false, hasTouch);
    await desk.go(path);
    return desk;
  }

  /** Another tab of the same browser. */
  async tab(): Promise<Page> {
    const page = await this.context.newPage();
    this.watch(page);
    return page;
  }

  private watch(page: Page): void {
    page.on('console', (message) => {
      if (message.type() === 'error') this.faults.push(`console: ${message.text()}`);
    });
    page.on('pageerror', (error) => this.faults.push(`page: ${error.message}`));
    page.on('request', (request) => {
      const url = request.url();
      const own = url.startsWith(`${address}/`) || /^(data|blob|about):/.test(url);
      if (!own) this.faults.push(`request to another host: ${url}`);
    });
  }

  /**
   * Opens a path and waits until the screen answers: inside the app where it is open already, as a
   * link would, so that the word bank stays loaded.
   */
  async go(path: string, page = this.page): Promise<void> {
    const inside =
      page.url().startsWith(`${address}/`) &&
      (await page.evaluate(async (to) => {
        const router = (window as { __reactRouterDataRouter?: Router }).__reactRouterDataRouter;
        if (document.querySelector('.app-shell[data-ready=true]') === null) return false;
        await router?.navigate(to);
        return router !== undefined;
      }, path));
    if (!inside) await page.goto(address + path);
    await page.waitForSelector('.app-shell[data-ready=true] main');
  }

  /** Ends the test for this desk: nothing may have gone wrong on the way. */
  async close(): Promise<void> {
    await this.context.close();
    if (this.faults.length > 0) throw new Error(this.faults.join('\n'));
  }
}

/** Adds an exercise to a stage from the gallery: its name typed, its card taken. */
export async function addFromGallery(page: Page, stage: string, name: string): Promise<void> {
  await page.getByRole('link', { name: `Add to ${stage}` }).click();
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill(name);
  const card = page.locator('.gallery-card', {
    has: page.getByRole('button', { name, exact: true }),
  });
  await card.locator('.paper-page').waitFor();
  await card.getByRole('button', { name, exact: true }).click();
  await page.waitForURL(/[?]part=/);
}

export { address };
