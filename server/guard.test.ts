import { request } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { guard } from './guard.mjs';

const app = express();
app.use(guard(['school.example']));
app.all('*', (_, response) => {
  response.send('hello');
});

interface Answer {
  readonly status: number;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
  readonly body: string;
}

let port = 0;
let close: () => void = () => undefined;
beforeAll(
  () =>
    new Promise<void>((ready) => {
      const server = app.listen(0, '127.0.0.1', () => {
        ({ port } = server.address() as AddressInfo);
        ready();
      });
      close = () => server.close();
    }),
);
afterAll(() => close());

/** One request with a Host of one's own, which fetch does not allow. */
const ask = (host: string, method = 'GET') =>
  new Promise<Answer>((resolve, reject) => {
    const call = request({ port, host: '127.0.0.1', method, headers: { host } }, (response) => {
      let body = '';
      response.on('data', (part: Buffer) => {
        body += part.toString();
      });
      response.on('end', () =>
        resolve({ status: response.statusCode ?? 0, headers: response.headers, body }),
      );
    });
    call.on('error', reject);
    call.end();
  });

describe('who may ask', () => {
  test.each(['localhost', 'localhost:4310', '127.0.0.1:80', '[::1]:4310', 'School.Example'])(
    '%s is known',
    async (host) => {
      expect((await ask(host)).body).toBe('hello');
    },
  );

  // A page of another site that lets its own name point here (DNS rebinding).
  test.each(['evil.example', 'localhost.evil.example', '192.0.2.7'])(
    '“%s” is not',
    async (host) => {
      const { status, body } = await ask(host);
      expect([400, 421]).toContain(status);
      expect(body).not.toBe('hello');
    },
  );

  test.each(['PUT', 'DELETE', 'PATCH', 'OPTIONS', 'TRACE', 'PROPFIND'])(
    '%s is answered with what is allowed',
    async (method) => {
      const { status, headers } = await ask('localhost', method);
      expect(status).toBe(405);
      expect(headers['allow']).toBe('GET, HEAD, POST');
    },
  );

  test('every answer carries the headers', async () => {
    for (const host of ['localhost', 'evil.example']) {
      expect((await ask(host)).headers).toMatchObject({
        'x-content-type-options': 'nosniff',
        'cross-origin-resource-policy': 'same-origin',
        'referrer-policy': 'no-referrer',
        'x-frame-options': 'DENY',
      });
    }
    expect((await ask('localhost')).headers['permissions-policy']).toMatch(/camera=\(self\)/);
  });
});
