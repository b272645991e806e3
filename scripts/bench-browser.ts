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
  /** Times that React wrote to the page. */
  readonly commits: number;
  /** The longest task of the page's own thread, in milliseconds, and how many took over 100. */
  readonly longest: number;
  readonly long: number;
}

/** Counts what a page does: messages to the worker, reads of the storage, commits of React. */
const counting = () => {
  const counts = { workerCalls: 0, reads: 0, commits: 0 };
  Object.assign(window, {
    wordaneCounts: counts,
    // What React tells its own tools.
    __REACT_DEVTOOLS_GLOBAL_HOOK__: {
      supportsFiber: true,
      inject: () => 1,
      onCommitFiberRoot: () => {
        counts.commits += 1;
      },
      onCommitFiberUnmount: () => undefined,
      onPostCommitFiberRoot: () => undefined,
    },
  });
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

// The runner's compiler names functions with a helper that a page has not.
const script = `globalThis.__name ??= (named) => named; (${counting.toString()})();`;

const read = (page: Page) =>
  page.evaluate(() => ({
    ...(window as unknown as { wordaneCounts: object }).wordaneCounts,
  })) as Promise<Pick<Counts, 'workerCalls' | 'reads' | 'commits'>>;

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
  await page.addInitScript({ content: script });
  return { context, page };
}

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  readonly dur?: number;
  readonly args?: { readonly name?: string };
}

/** How long each task of the pages' own threads took, in milliseconds. */
function tasksOf(trace: Buffer): number[] {
  const { traceEvents } = JSON.parse(trace.toString()) as { traceEvents: readonly TraceEvent[] };
  const main = new Set(
    traceEvents
      .filter(({ name, args }) => name === 'thread_name' && args?.name === 'CrRendererMain')
      .map(({ pid, tid }) => `${pid}/${tid}`),
  );
  return traceEvents
    .filter(
      ({ name, ph, pid, tid }) => /RunTask$/.test(name) && ph === 'X' && main.has(`${pid}/${tid}`),
    )
    .map(({ dur = 0 }) => dur / 1000);
}

/** Bytes that came, as they came (packed), and those of scripts. */
async function weigh(page: Page, work: () => Promise<unknown>) {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const kinds = new Map<string, string>();
  let bytes = 0;
  let scripts = 0;
  session.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    bytes += encodedDataLength;
    if (kinds.get(requestId) === 'Script') scripts += encodedDataLength;
  });
  await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline'] });
  const began = performance.now();
  await work();
  const milliseconds = performance.now() - began;
  const tasks = tasksOf(await browser.stopTracing());
  await session.detach();
  return {
    ...{ milliseconds, bytes, script: scripts, requests: kinds.size },
    ...{ longest: Math.max(0, ...tasks), long: tasks.filter((task) => task > 100).length },
  };
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
      `${counts.commits} commits`.padStart(13),
      `longest task ${Math.round(counts.longest)} ms, ${counts.long} over 100`.padStart(34),
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
  await first.addInitScript({ content: script });
  const weight = await weigh(first, async () => {
    await first.goto(`${address}${path}`);
    await first.waitForSelector(wait, { timeout: 120_000 });
  });
  line(name, { ...weight, ...(await read(first)) }, await bare(weight.bytes));
  await other.close();
}

await cold('Cold start: the shell is painted', '/words', '[data-desk="true"], [data-ready="true"]');
await cold('Cold start: the desk is ready', '/words', '.app-shell[data-ready="true"]');
await cold('Cold start: Words can be used', '/words', 'button.tile, .tile button, [class*="tile"]');

// From here on in one page, as a teacher goes on.
async function step(name: string, work: () => Promise<unknown>) {
  await page.waitForLoadState('networkidle');
  await reset(page);
  const weight = await weigh(page, work);
  line(name, { ...weight, ...(await read(page)) }, await bare(20_000));
}

/** A lesson of twelve exercises, of those that the demo has. */
const lesson = await page.evaluate(async () => {
  const open = indexedDB.open('wordane');
  const base = await new Promise<IDBDatabase>((resolve) => {
    open.onsuccess = () => resolve(open.result);
  });
  const all = base.transaction('lessons').objectStore('lessons').getAll();
  const lessons = await new Promise<
    { id: string; stages: { parts: { id: string; kind: string }[] }[] }[]
  >((resolve) => {
    all.onsuccess = () => resolve(all.result as never);
  });
  const exercises = lessons
    .flatMap(({ stages }) => stages)
    .flatMap(({ parts }) => parts)
    .filter(({ kind }) => kind === 'exercise')
    .slice(0, 12);
  const [first] = lessons;
  const long = {
    ...first,
    id: 'bench-lesson',
    stages: first?.stages.map((stage, at) => ({
      ...stage,
      parts: at === 0 ? exercises.map((part, index) => ({ ...part, id: `bench-${index}` })) : [],
    })),
  };
  const write = base.transaction('lessons', 'readwrite').objectStore('lessons').put(long);
  await new Promise((resolve) => {
    write.onsuccess = resolve;
  });
  return { id: long.id, count: exercises.length };
});
await step('One search', async () => {
  await page.goto(`${address}/words?sound=OW`);
  await page.waitForSelector('[class*="tile"]');
});
await step(`A lesson of ${lesson.count} exercises`, async () => {
  await page.goto(`${address}/lessons/${lesson.id}`);
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
