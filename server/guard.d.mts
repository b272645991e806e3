import type { RequestHandler } from 'express';

export function guard(hosts?: readonly string[]): RequestHandler;
