/** What every answer of the server has in common: who may ask, how much, and the headers. */

/** More was sent than is taken. */
export class TooLargeError extends Error {
  override readonly name = 'TooLargeError';
}

/** The body as text; given up as soon as more bytes than the limit have come. */
export async function readBody(request: Request, mostBytes: number): Promise<string> {
  const said = Number(request.headers.get('Content-Length') ?? 0);
  if (said > mostBytes) throw new TooLargeError();
  const reader = request.body?.getReader();
  if (reader === undefined) return '';
  const parts: Uint8Array[] = [];
  let bytes = 0;
  for (;;) {
    const { done, value } = (await reader.read()) as ReadableStreamReadResult<Uint8Array>;
    if (done) break;
    bytes += value.byteLength;
    if (bytes > mostBytes) {
      await reader.cancel();
      throw new TooLargeError();
    }
    parts.push(value);
  }
  return Buffer.concat(parts).toString('utf8');
}

/** True where a page of another site makes the browser ask (Fetch Metadata, W3C; Origin, RFC 6454). */
export function isCrossOrigin(request: Request): boolean {
  const site = request.headers.get('Sec-Fetch-Site');
  if (site !== null && site !== 'same-origin' && site !== 'none') return true;
  const origin = request.headers.get('Origin');
  if (origin === null) return false;
  const host = request.headers.get('X-Forwarded-Host') ?? request.headers.get('Host');
  try {
    return new URL(origin).host !== (host ?? new URL(request.url).host);
  } catch {
    return true;
  }
}

/** An answer as JSON that nothing else is made of. */
export const json = (body: unknown, status = 200, headers: Record<string, string> = {}) =>
  Response.json(body, { status, headers: { 'X-Content-Type-Options': 'nosniff', ...headers } });
