/** The server bears what is asked of it: odd requests, many at once, and a browser that dies. */
import { execFileSync } from 'node:child_process';
import { request } from 'node:http';
import { describe, expect, test } from 'vitest';
import { address } from './desk';
import { altTexts, structureTypes } from './pdf';

const sheet = {
  title: 'Gale',
  paper: 'a4',
  font: 'andika',
  problems: [],
  pages: [
    {
      part: 'learner',
      number: 1,
      marks: [
        {
          ...{ kind: 'text', x: 20, y: 30, text: 'The gale blew.', size: 6 },
          ...{ weight: 400, align: 'start', role: 'text' },
        },
      ],
    },
  ],
};

const post = (path: string, body: string, headers: Record<string, string> = {}) =>
  fetch(address + path, {
    method: 'POST',
    body,
    headers: { 'Content-Type': 'application/json', ...headers },
  });
const print = () => post('/pdf', JSON.stringify({ title: 'Gale', sheets: [sheet] }));
const isPdf = async (response: Response) =>
  Buffer.from(await response.arrayBuffer())
    .subarray(0, 5)
    .toString() === '%PDF-';

describe('odd requests get an answer that says what is wrong', () => {
  test.each([
    ['null', 400],
    ['[]', 400],
    ['"sheets"', 400],
    ['{', 400],
    ['', 400],
    ['{"sheets":[]}', 400],
    ['{"sheets":[null]}', 400],
    ['{"sheets":{"length":9}}', 400],
  ])('%s', async (body, status) => {
    for (const path of ['/pdf', '/png']) {
      const response = await post(path, body);
      expect(response.status).toBe(status);
      expect(((await response.json()) as { message: string }).message).not.toBe('');
    }
  });

  test.each(['PUT', 'DELETE', 'PATCH', 'OPTIONS'])('%s is not allowed anywhere', async (method) => {
    for (const path of ['/', '/pdf', '/words', '/assets/none.js']) {
      expect((await fetch(address + path, { method })).status).toBe(405);
    }
  });

  test('a page of another site may not print', async () => {
    const response = await post('/pdf', '{}', { Origin: 'https://evil.example' });
    expect(response.status).toBe(403);
  });

  test('a name that is not the server’s is refused', async () => {
    const { hostname, port } = new URL(address);
    const status = await new Promise<number | undefined>((resolve) => {
      request({ hostname, port, headers: { host: 'evil.example' } }, (response) => {
        response.resume();
        resolve(response.statusCode);
      }).end();
    });
    expect(status).toBe(421);
  });

  test('what is said more slowly is longer, and no deeper', async () => {
    const bytes = async (pace: string) =>
      (
        await (
          await fetch(
            `${address}/speech?text=${encodeURIComponent('The rain fell all night.')}${pace}`,
          )
        ).arrayBuffer()
      ).byteLength;
    const usual = await bytes('');
    // Half as fast is about twice as long; silence at both ends stays as it is.
    expect((await bytes('&pace=0.50')) / usual).toBeGreaterThan(1.5);
    expect((await bytes('&pace=1.50')) / usual).toBeLessThan(0.9);
  });

  test('speech and meanings of anything answer', async () => {
    for (const path of [
      '/speech?text=',
      '/speech?sound=%00',
      `/speech?text=${'a'.repeat(3000)}`,
      '/speech?text=rain&language=xx',
      '/speech?text=rain&pace=9',
      '/speech?text=rain&pace=fast',
      '/meaning',
      '/meaning?words=__proto__,constructor,%00',
    ]) {
      const { status } = await fetch(address + path);
      expect([200, 422]).toContain(status);
    }
  });
});

describe('prints', () => {
  test('ten at once are all made, one after another', async () => {
    const answers = await Promise.all(Array.from({ length: 10 }, print));
    expect(answers.map(({ status }) => status)).toEqual(Array.from({ length: 10 }, () => 200));
    for (const answer of answers) expect(await isPdf(answer)).toBe(true);
  });

  test('a teacher’s own picture is printed, into a PDF and as a picture of the page', async () => {
    // The smallest PNG: one grey point (from memory).
    const picture =
      'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==';
    const mark = { kind: 'picture', x: 20, y: 40, width: 40, height: 40, picture, name: 'the hut' };
    const page = { part: 'learner', number: 1, marks: [mark] };
    const body = JSON.stringify({ title: 'Gale', sheets: [{ ...sheet, pages: [page] }] });
    const pdf = await post('/pdf', body);
    expect(pdf.status).toBe(200);
    expect(altTexts(Buffer.from(await pdf.arrayBuffer()))).toContain('the hut');
    expect((await post('/png', body)).status).toBe(200);
  });

  test('the tags of a PDF say an item whole, in the order in which it is read', async () => {
    const said = (item: number, as: string, x: number, text: string) => ({
      ...{ kind: 'text', x, y: 40, text, size: 6, weight: 400, align: 'start', role: 'text' },
      reading: { item, as },
    });
    const marks = [
      said(1, '1. w gap v e', 20, 'w'),
      said(6, '6. l gap k e', 120, 'l'),
      said(1, '1. w gap v e', 30, 'v e'),
      said(2, '2. ‘sn’ gap k e', 20, 'sn'),
    ];
    const page = { part: 'learner', number: 1, marks };
    const response = await post(
      '/pdf',
      JSON.stringify({ title: 'Gale', sheets: [{ ...sheet, pages: [page] }] }),
    );
    expect(altTexts(Buffer.from(await response.arrayBuffer()))).toEqual([
      '1. w gap v e',
      '2. ‘sn’ gap k e',
      '6. l gap k e',
    ]);
  });

  test('a table is a table in the tags, with its heads, and an empty cell says that it is a gap', async () => {
    const cell = (row: number, column: number, text: string, as = text) => ({
      ...{ kind: 'text', x: 20 + 40 * column, y: 40 + 10 * row, text, size: 6, weight: 400 },
      ...{ align: 'start', role: 'text' },
      reading: { cell: { row, column, head: row === 0 }, as },
    });
    const marks = [
      ...[cell(0, 0, 'Base'), cell(0, 1, 'Past')],
      ...[cell(1, 0, 'blow'), cell(1, 1, '', 'gap')],
    ];
    const response = await post(
      '/pdf',
      JSON.stringify({
        title: 'Gale',
        sheets: [{ ...sheet, pages: [{ part: 'learner', number: 1, marks }] }],
      }),
    );
    const pdf = Buffer.from(await response.arrayBuffer());
    // Standard structure types of ISO 32000-1, 14.8.4.3.4: Table, TR, TH, TD.
    expect(structureTypes(pdf)).toEqual({ Table: 1, TR: 2, TH: 2, TD: 2 });
    expect(altTexts(pdf)).toContain('gap');
  });

  test('a browser that was killed is started again, and nothing asked for meanwhile fails', async () => {
    expect(await isPdf(await print())).toBe(true);
    const running = Promise.all(Array.from({ length: 6 }, print));
    try {
      // The print browser is the one without a window of its own that a test did not start.
      execFileSync('pkill', ['-KILL', '-P', String(serverProcess()), 'chromium']);
    } catch {
      // None was running just then: the first print starts one.
    }
    for (const answer of await running) expect(await isPdf(answer)).toBe(true);
  });

  test('who leaves is not printed for', async () => {
    const leaving = new AbortController();
    const gone = fetch(`${address}/pdf`, {
      method: 'POST',
      body: JSON.stringify({ title: 'Gale', sheets: [sheet] }),
      headers: { 'X-Ticket': 'leaving' },
      signal: leaving.signal,
    });
    leaving.abort();
    await expect(gone).rejects.toThrow();
    await expect
      .poll(
        async () =>
          ((await (await fetch(`${address}/pdf?ticket=leaving`)).json()) as { place: unknown })
            .place,
        { timeout: 60_000 },
      )
      .toBeNull();
  });
});

/** The process that answers at the address. */
function serverProcess(): number {
  const found = execFileSync('pgrep', ['-f', 'server/serve.mjs'], { encoding: 'utf8' });
  return Number(found.trim().split('\n')[0]);
}
