/** A browser page for a test; the test fails on a console error or on a request to another host. */
import { chromium, type Browser, type BrowserContext, type Page } from 'playwright-core';

const address = process.env['WORDANE_ADDRESS'] ?? 'http://127.0.0.1:4390';

let browser: Promise<Browser> | undefined;

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

  static async open(size = { width: 1280, height: 800 }): Promise<Desk> {
    const context = await (
      await openBrowser()
    ).newContext({ viewport: size, acceptDownloads: true });
    context.setDefaultTimeout(30_000);
    const desk = new Desk(context, await context.newPage());
    desk.watch(desk.page);
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

  /** Opens a path and waits until the screen answers. */
  async go(path: string, page = this.page): Promise<void> {
    await page.goto(address + path);
    await page.waitForSelector('.app-shell[data-ready=true]');
  }

  /** Ends the test for this desk: nothing may have gone wrong on the way. */
  async close(): Promise<void> {
    await this.context.close();
    if (this.faults.length > 0) throw new Error(this.faults.join('\n'));
  }
}

export { address };
