/**
 * Attacks on what is kept: the browser killed, reloaded and left while somebody
 * types; two tabs on one text; altered backups; twenty prints at once. Seeded, so
 * that a round can be had again; prints counts, and exits with 1 where a bound is
 * passed. Chosen by name: `npm run attack -- kills tabs`.
 */
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { chromium, type BrowserContext, type Page } from 'playwright-core';
import { Random } from '../core/kernel/random';
import { readBackup } from '../core/records/backup';

const address = process.env['WORDANE_ADDRESS'] ?? 'http://127.0.0.1:4390';
const executable = process.env['CHROMIUM'] ?? '/usr/bin/chromium';
const rounds = Number(process.env['ROUNDS'] ?? 20);
const random = new Random(Number(process.env['SEED'] ?? 12));
const chosen = process.argv.slice(2);

/** Letters a minute of a quick typist, and what may be lost of them: two seconds. */
const LETTERS_A_SECOND = 12;
const MOST_LOST = 2 * LETTERS_A_SECOND;

const flags = [
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
];
const text = '/texts/fernhill-station?view=write';
let failed = 0;

const report = (name: string, said: string, good: boolean) => {
  if (!good) failed += 1;
  console.log(`${good ? 'held' : 'BROKEN'}  ${name.padEnd(34)} ${said}`);
};

/** A browser of its own process and folder, which can be killed and started again. */
async function start(folder: string, port: number) {
  const child = spawn(
    executable,
    [...flags, '--headless=new', `--user-data-dir=${folder}`, `--remote-debugging-port=${port}`],
    { stdio: 'ignore' },
  );
  for (let tries = 0; tries < 80; tries += 1) {
    try {
      const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
      const [context] = browser.contexts();
      if (context) return { child, browser, context };
    } catch {
      await pause(250);
    }
  }
  throw new Error('Chromium did not start.');
}

const ready = (page: Page) =>
  page.waitForSelector('.app-shell[data-ready=true]', { timeout: 120_000 });

async function open(context: BrowserContext, path: string): Promise<Page> {
  const page = await context.newPage();
  await page.goto(address + path);
  await ready(page);
  return page;
}

const field = (page: Page) => page.getByLabel('The text');
const bodyOf = (page: Page) => field(page).inputValue();

/** Types at the end of the text for a while; gives what was typed. */
async function type(page: Page, letters: number): Promise<string> {
  await field(page).focus();
  await page.keyboard.press('Control+End');
  let typed = '';
  for (let count = 0; count < letters; count += 1) {
    const letter = String.fromCharCode(97 + Math.floor(random.next() * 26));
    await page.keyboard.type(letter);
    typed += letter;
    await pause(1000 / LETTERS_A_SECOND);
  }
  return typed;
}

/** Letters of the end of `typed` that are not there. */
function lostOf(body: string, before: string, typed: string): number {
  for (let kept = typed.length; kept >= 0; kept -= 1) {
    if (body === before + typed.slice(0, kept)) return typed.length - kept;
  }
  return typed.length;
}

async function kills() {
  const folder = mkdtempSync(join(tmpdir(), 'wordane-attack-'));
  let lost = 0;
  let most = 0;
  let all = 0;
  let child: ChildProcess | undefined;
  try {
    for (let round = 0; round < rounds; round += 1) {
      const started = await start(folder, 9400 + round);
      child = started.child;
      if (round === 0) {
        const demo = await open(started.context, '/demo');
        await demo.waitForURL('**/words', { timeout: 120_000 });
        await demo.close();
      }
      const page = await open(started.context, text);
      await field(page).waitFor();
      const before = await bodyOf(page);
      const typed = await type(page, 30 + Math.floor(random.next() * 30));
      child.kill('SIGKILL');
      await pause(600);
      rmSync(join(folder, 'SingletonLock'), { force: true });
      const again = await start(folder, 9500 + round);
      child = again.child;
      const after = await open(again.context, text);
      await field(after).waitFor();
      await pause(300);
      const gone = lostOf(await bodyOf(after), before, typed);
      all += typed.length;
      lost += gone;
      most = Math.max(most, gone);
      await again.browser.close();
      child.kill('SIGKILL');
      await pause(300);
      rmSync(join(folder, 'SingletonLock'), { force: true });
    }
  } finally {
    child?.kill('SIGKILL');
    rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
  }
  report(
    'the browser is killed',
    `${rounds} times: ${lost} of ${all} letters lost, at most ${most} at once (${(most / LETTERS_A_SECOND).toFixed(1)} s)`,
    most <= MOST_LOST,
  );
}

/** A browser with the demo for everything that kills nothing. */
async function desk() {
  const browser = await chromium.launch({ executablePath: executable, args: flags });
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await open(context, '/demo');
  await page.waitForURL('**/words', { timeout: 120_000 });
  return { browser, context, page };
}

const ways: readonly (readonly [string, (page: Page) => Promise<unknown>])[] = [
  ['a reload', (page) => page.reload()],
  ['a link', (page) => page.getByRole('link', { name: 'Shelf', exact: true }).click()],
  ['the way back', (page) => page.goBack()],
  ['another address', (page) => page.goto(`${address}/classes`)],
  ['another view', (page) => page.getByRole('button', { name: 'Marks', exact: true }).click()],
  ['a closed tab', (page) => page.close()],
];

async function leavings() {
  const { browser, context, page: first } = await desk();
  await first.close();
  for (const [name, leave] of ways) {
    let lost = 0;
    let most = 0;
    let all = 0;
    for (let round = 0; round < rounds; round += 1) {
      const page = await open(context, '/texts');
      await page.goto(address + text);
      await field(page).waitFor();
      const before = await bodyOf(page);
      const typed = await type(page, 6 + Math.floor(random.next() * 12));
      await leave(page);
      await pause(150);
      if (!page.isClosed()) await page.close();
      const after = await open(context, text);
      await field(after).waitFor();
      await pause(200);
      const gone = lostOf(await bodyOf(after), before, typed);
      lost += gone;
      most = Math.max(most, gone);
      all += typed.length;
      // What came back from a draft is kept before the next round.
      await field(after).blur();
      await pause(400);
      await after.close();
    }
    report(
      `left by ${name}`,
      `${rounds} times: ${lost} of ${all} letters lost, at most ${most} at once`,
      most <= MOST_LOST,
    );
  }
  await browser.close();
}

async function tabs() {
  const { browser, context, page: first } = await desk();
  let silent = 0;
  let asked = 0;
  let merged = 0;
  const second = await context.newPage();
  for (let round = 0; round < rounds * 3; round += 1) {
    const path = '/texts/fernhill-station?view=write';
    await Promise.all([first.goto(address + path), second.goto(address + path)]);
    await Promise.all([field(first).waitFor(), field(second).waitFor()]);
    await Promise.all([ready(first), ready(second)]);
    const body = await bodyOf(first);
    const [one, other] = [`ONE${round}`, `TWO${round}`];
    const apart = random.next() < 0.5;
    const middle = body.indexOf(' ', Math.floor(body.length / 2));
    await Promise.all([
      field(first).fill(`${one} ${body}`),
      field(second).fill(
        apart ? `${body.slice(0, middle)} ${other}${body.slice(middle)}` : `${other} ${body}`,
      ),
    ]);
    await Promise.all([field(first).blur(), field(second).blur()]);
    await pause(1200);
    const clash = async (page: Page) =>
      (await page.getByText(/Changed in another tab/).count()) > 0;
    const shown = (await clash(first)) || (await clash(second));
    if (shown) asked += 1;
    const fresh = await open(context, path);
    await field(fresh).waitFor();
    const kept = await bodyOf(fresh);
    await fresh.close();
    const both = kept.includes(one) && kept.includes(other);
    if (both) merged += 1;
    if (!both && !shown) silent += 1;
  }
  await browser.close();
  report(
    'two tabs on one text',
    `${rounds * 3} rounds: ${merged} merged, ${asked} asked about, ${silent} lost in silence`,
    silent === 0,
  );
}

async function backups() {
  const { browser, page } = await desk();
  await page.goto(`${address}/shelf`);
  await ready(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export everything' }).click(),
  ]);
  const whole = new Uint8Array(readFileSync(await download.path()));
  await browser.close();
  const before = JSON.stringify(readBackup(whole));
  let refused = 0;
  let same = 0;
  let wrong = 0;
  for (let round = 0; round < rounds * 15; round += 1) {
    const altered = whole.slice();
    const at = Math.floor(random.next() * altered.length);
    altered[at] = (altered[at] ?? 0) ^ (1 << Math.floor(random.next() * 8));
    try {
      if (JSON.stringify(readBackup(altered)) === before) same += 1;
      else wrong += 1;
    } catch {
      refused += 1;
    }
  }
  report(
    'altered backups',
    `${rounds * 15}: ${refused} refused by name, ${same} the same all the same, ${wrong} let in changed`,
    wrong === 0,
  );
}

/** Memory of the server and of all its children, in megabytes. */
function memoryOf(pid: number): number {
  const all = execFileSync('ps', ['-eo', 'pid=,ppid=,rss='], { encoding: 'utf8' })
    .trim()
    .split('\n')
    .map((line) => line.trim().split(/\s+/).map(Number) as [number, number, number]);
  const inside = new Set([pid]);
  for (let grown = true; grown;) {
    grown = false;
    for (const [child, parent] of all) {
      if (inside.has(parent) && !inside.has(child)) {
        inside.add(child);
        grown = true;
      }
    }
  }
  return all.reduce((sum, [each, , rss]) => sum + (inside.has(each) ? rss : 0), 0) / 1024;
}

async function load() {
  const mark = {
    ...{ kind: 'text', x: 20, y: 30, text: 'The gale blew.', size: 6 },
    ...{ weight: 400, align: 'start', role: 'text' },
  };
  const pages = Array.from({ length: 12 }, (_, index) => ({
    part: 'learner',
    number: index + 1,
    marks: Array.from({ length: 60 }, (__, row) => ({ ...mark, y: 20 + row * 4 })),
  }));
  const sheet = { title: 'Gale', paper: 'a4', font: 'andika', problems: [], pages };
  const body = JSON.stringify({ title: 'Gale', sheets: [sheet] });
  const server = Number(process.env['SERVER_PID'] ?? 0);
  let most = 0;
  const timer = setInterval(() => {
    most = Math.max(most, memoryOf(server));
  }, 200);
  const answers = await Promise.all(
    Array.from({ length: 20 }, () => fetch(`${address}/pdf`, { method: 'POST', body })),
  );
  const good = answers.filter(({ status }) => status === 200).length;
  await Promise.all(answers.map((answer) => answer.arrayBuffer()));
  for (let count = 0; count < 330; count += 1) {
    await (await fetch(`${address}/speech?text=gale ${count}`)).arrayBuffer();
  }
  clearInterval(timer);
  report(
    'twenty prints at once, 330 sayings',
    `${good} of 20 printed, ${Math.round(most)} MB at most in all`,
    good === 20 && most < 2048,
  );
}

const attacks = { kills, leavings, tabs, backups, load };
for (const [name, attack] of Object.entries(attacks)) {
  if (chosen.length === 0 || chosen.includes(name)) await attack();
}
process.exit(failed === 0 ? 0 : 1);
