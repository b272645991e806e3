import { describe, expect, test } from 'vitest';
import { isCrossOrigin, json, readBody, TooLargeError } from './requests';

const post = (body: BodyInit | null, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1:4310/pdf', { method: 'POST', body, headers });

describe('what is sent', () => {
  test('is counted in bytes, not in letters', async () => {
    expect(await readBody(post('é'.repeat(50)), 100)).toHaveLength(50);
    await expect(readBody(post('é'.repeat(51)), 100)).rejects.toThrow(TooLargeError);
  });

  test('is given up while it comes, however long it says it is', async () => {
    let sent = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        sent += 1;
        controller.enqueue(new Uint8Array(1000));
      },
    });
    const request = new Request('http://127.0.0.1/pdf', {
      method: 'POST',
      body: endless,
      duplex: 'half',
    } as RequestInit);
    await expect(readBody(request, 10_000)).rejects.toThrow(TooLargeError);
    expect(sent).toBeLessThan(20);
  });

  test('nothing is an empty text', async () => {
    expect(await readBody(post(null), 10)).toBe('');
  });
});

// Fetch Metadata Request Headers (W3C): same-origin, same-site, cross-site, none; RFC 6454: Origin.
describe('who asks', () => {
  const own = { Host: '127.0.0.1:4310' };
  test.each<[string, Record<string, string>, boolean]>([
    ['the own page', { ...own, 'Sec-Fetch-Site': 'same-origin' }, false],
    ['the address bar', { ...own, 'Sec-Fetch-Site': 'none' }, false],
    ['a program without either header', own, false],
    ['the own origin', { ...own, Origin: 'http://127.0.0.1:4310' }, false],
    ['another site', { ...own, 'Sec-Fetch-Site': 'cross-site' }, true],
    ['another port', { ...own, 'Sec-Fetch-Site': 'same-site' }, true],
    ['another origin', { ...own, Origin: 'http://elsewhere.example' }, true],
    ['a page without an origin', { ...own, Origin: 'null' }, true],
  ])('%s', (_, headers, crossing) => {
    expect(isCrossOrigin(post(null, headers))).toBe(crossing);
  });
});

test('answers are nothing but what they say', () => {
  expect(json({ message: 'x' }, 413).headers.get('X-Content-Type-Options')).toBe('nosniff');
});
