import { randomBytes } from 'node:crypto';
import { PassThrough } from 'node:stream';
import { createReadableStreamFromReadable } from '@react-router/node';
import { isbot } from 'isbot';
import { renderToPipeableStream } from 'react-dom/server';
import { ServerRouter, type EntryContext } from 'react-router';
import { contentSecurityPolicy } from '../server/security';
import { attachRoom } from '../server/room/attach';
import { NonceContext } from './ui/nonce';

/** For `server/serve.mjs`, which owns the server that the relay of rooms stands on. */
export { attachRoom };

const GIVE_UP_AFTER_MS = 5_000;

/** Renders the shell of a page; every script in it carries this answer's own nonce. */
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
): Promise<Response> {
  const nonce = randomBytes(16).toString('base64');
  const whole = isbot(request.headers.get('user-agent') ?? '');
  return new Promise((resolve, reject) => {
    let shellSent = false;
    const { pipe, abort } = renderToPipeableStream(
      <NonceContext value={nonce}>
        <ServerRouter context={context} url={request.url} nonce={nonce} />
      </NonceContext>,
      {
        nonce,
        [whole ? 'onAllReady' : 'onShellReady']() {
          shellSent = true;
          const body = new PassThrough();
          headers.set('Content-Type', 'text/html; charset=utf-8');
          headers.set('Content-Security-Policy', contentSecurityPolicy(nonce));
          headers.set('X-Content-Type-Options', 'nosniff');
          headers.set('Referrer-Policy', 'no-referrer');
          resolve(new Response(createReadableStreamFromReadable(body), { headers, status }));
          pipe(body);
        },
        onShellError: reject,
        onError(error) {
          status = 500;
          if (shellSent) console.error(error);
        },
      },
    );
    setTimeout(abort, GIVE_UP_AFTER_MS + 1_000);
  });
}
