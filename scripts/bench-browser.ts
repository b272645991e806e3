/**
 * The doors in Chromium, printed as counts and as ratios to a bare page that
 * loads the same bytes: cold start to a usable Words screen, a lesson of twelve
 * exercises, one letter in a text of 5,000 words, one search.
 */
import { chromium, type Page } from 'playwright-core';

const address = process.env['WORDANE_ADDRESS'] ?? 'http://127.0.0.1:4390';
const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});

interface Counts {
  readonly milliseconds: number;
  readonly script: number;
  readonly bytes: number;
  readonly requests: number;
  readonly workerCalls: number;
  readonly reads: number;
}

/** Counts what a page does: messages to the worker, reads of the storage. */
const counting = () => {
  const counts = { workerCalls: 0, reads: 0 };
  Object.assign(window, { wordaneCounts: counts });
  const post = Worker.prototype.postMessage;
  Worker.prototype.postMessage = function (this: Worker, ...input: never[]) {
    counts.workerCalls += 1;
    return (post as (...all: never[]) => void).apply(this, input);
  } as never;
  for (const name of ['get', 'getAll', 'openCursor', 'count'] as const) {
    for (const kind of [IDBObjectStore, IDBIndex]) {
      const read = kind.prototype[name] as (...input: never[]) => unknown;
      kind.prototype[name] = function (this: unknown, ...input: never[]) {
        counts.reads += 1;
        return read.apply(this, input);
      } as never;
    }
  }
};

const read = (page: Page) =>
  page.evaluate(() => ({
    ...(window as unknown as { wordaneCounts: object }).wordaneCounts,
  })) as Promise<Pick<Counts, 'workerCalls' | 'reads'>>;

const reset = (page: Page) =>
  page.evaluate(() => {
    const counts = (window as unknown as { wordaneCounts: Record<string, number> }).wordaneCounts;
    for (const name of Object.keys(counts)) counts[name] = 0;
  });

async function fresh() {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.addInitScript(counting);
  return { context, page };
}

/** Bytes that came, as they came (packed), and those of scripts. */
async function weigh(page: Page, work: () => Promise<unknown>) {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const kinds = new Map<string, string>();
  let bytes = 0;
  let script = 0;
  session.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    bytes += encodedDataLength;
    if (kinds.get(requestId) === 'Script') script += encodedDataLength;
  });
  const began = performance.now();
  await work();
  const milliseconds = performance.now() - began;
  await session.detach();
  return { milliseconds, bytes, script, requests: kinds.size };
}

/** A page with one script of so many bytes, which does nothing. */
async function bare(bytes: number): Promise<number> {
  const { context, page } = await fresh();
  await page.route('**/bare*', (route) =>
    route.request().url().endsWith('.js')
      ? route.fulfill({ contentType: 'text/javascript', body: `//${'x'.repeat(bytes)}\n` })
      : route.fulfill({
          contentType: 'text/html',
          body: '<p>bare</p><script src="/bare.js"></script><p id="end">end</p>',
        }),
  );
  const began = performance.now();
  await page.goto(`${address}/bare`);
  await page.waitForSelector('#end');
  const took = performance.now() - began;
  await context.close();
  return took;
}

const line = (name: string, counts: Counts, base: number) =>
  console.log(
    [
      name.padEnd(34),
      `${(counts.milliseconds / base).toFixed(1)}× bare`.padStart(12),
      `${Math.round(counts.script / 1000)} kB script`.padStart(14),
      `${Math.round(counts.bytes / 1000)} kB`.padStart(9),
      `${counts.requests} requests`.padStart(13),
      `${counts.workerCalls} to the worker`.padStart(18),
      `${counts.reads} reads`.padStart(11),
    ].join(' '),
  );

// A desk with the demo, so that the screens have something to show.
const { context, page } = await fresh();
await page.goto(`${address}/demo`);
await page.waitForSelector('.tile, [class*="tile"]', { timeout: 120_000 });
const state = await context.storageState({ indexedDB: true });

async function cold(name: string, path: string, wait: string) {
  const other = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    storageState: state,
    serviceWorkers: 'block',
  });
  const first = await other.newPage();
  await first.addInitScript(counting);
  const weight = await weigh(first, async () => {
    await first.goto(`${address}${path}`);
    await first.waitForSelector(wait, { timeout: 120_000 });
  });
  line(name, { ...weight, ...(await read(first)) }, await bare(weight.bytes));
  await other.close();
}

await cold('Cold start: the desk is painted', '/words', '.app-shell[data-ready="true"]');
await cold('Cold start: Words can be used', '/words', 'button.tile, .tile button, [class*="tile"]');

// From here on in one page, as a teacher goes on.
async function step(name: string, work: () => Promise<unknown>) {
  await page.waitForLoadState('networkidle');
  await reset(page);
  const weight = await weigh(page, work);
  line(name, { ...weight, ...(await read(page)) }, await bare(20_000));
}

const lessons = await page.evaluate(async () => {
  const open = indexedDB.open('wordane');
  const base = await new Promise<IDBDatabase>((resolve) => {
    open.onsuccess = () => resolve(open.result);
  });
  const all = base.transaction('lessons').objectStore('lessons').getAll();
  return new Promise<{ id: string; count: number }[]>((resolve) => {
    all.onsuccess = () =>
      resolve(
        (all.result as { id: string; stages: { parts: { kind: string }[] }[] }[]).map((lesson) => ({
          id: lesson.id,
          count: lesson.stages
            .flatMap(({ parts }) => parts)
            .filter(({ kind }) => kind === 'exercise').length,
        })),
      );
  });
});
const [largest] = lessons.sort((left, right) => right.count - left.count);
await step('One search', async () => {
  await page.goto(`${address}/words?sound=OW`);
  await page.waitForSelector('[class*="tile"]');
});
await step(`A lesson of ${largest?.count ?? 0} exercises`, async () => {
  await page.goto(`${address}/lessons/${largest?.id ?? ''}`);
  await page.waitForSelector('.paper-page', { timeout: 120_000 });
});

await page.evaluate(async () => {
  const open = indexedDB.open('wordane');
  const base = await new Promise<IDBDatabase>((resolve) => {
    open.onsuccess = () => resolve(open.result);
  });
  const body = 'The wind blew over the hill all night. '.repeat(625);
  const write = base
    .transaction('texts', 'readwrite')
    .objectStore('texts')
    .put({
      ...{ id: 'bench-text', classId: 'fernhill-kestrels', title: 'A long night', body },
      ...{ original: body, author: '', year: '', source: '', licence: '', language: 'en' },
      ...{ kind: 'prose', released: null, glosses: [], boxed: [], accepted: [], annotations: [] },
    });
  await new Promise((resolve) => {
    write.onsuccess = resolve;
  });
});
await page.goto(`${address}/texts/bench-text?view=write`);
const field = page.getByLabel('The text');
await field.click();
await field.press('End');
await step('A letter in a text of 5,000 words', async () => {
  await field.press('x');
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => resolve(null))));
});
await browser.close();
