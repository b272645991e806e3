import type { RequestHandler } from 'express';

export function guard(hosts?: readonly string[]): RequestHandler;

/** Who may open a lasting connection: a page of this server, under a name that is known. */
export function allowed(
  hosts?: readonly string[],
): (host: string, origin: string | undefined) => boolean;
