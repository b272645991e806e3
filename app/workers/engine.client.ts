/** The one engine worker of this tab: started when first needed, and anew where it could not start. */
import * as Comlink from 'comlink';
import type { EngineService } from './engine.worker';
import { t } from '~/phrases/t';

/** The engine cannot answer; the message says what to do. */
export class EngineError extends Error {
  override readonly name = 'EngineError';
}

type Remote = Comlink.Remote<EngineService>;

interface Started {
  readonly remote: Remote;
  /** Rejects where the worker breaks off; it never resolves. */
  readonly broken: Promise<never>;
}

let started: Started | undefined;

function start(): Started {
  const worker = new Worker(new URL('./engine.worker.ts', import.meta.url), {
    type: 'module',
    name: 'engine',
  });
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) => {
      event.preventDefault();
      worker.terminate();
      started = undefined;
      reject(new EngineError(t('workers.theWordBankCouldNot')));
    });
  });
  broken.catch(() => undefined);
  return { remote: Comlink.wrap<EngineService>(worker), broken };
}

/** Every call ends: with the worker's answer, or with why there is none. */
function safely({ remote, broken }: Started): Remote {
  return new Proxy(remote, {
    get(target, name) {
      const call = Reflect.get(target, name) as (...input: unknown[]) => Promise<unknown>;
      if (typeof name !== 'string' || name === 'then') return call;
      return (...input: unknown[]) =>
        Promise.race([call(...input), broken]).catch((error: unknown) => {
          // A failed fetch of a pack is told in the worker's words.
          if (error instanceof Error && /word bank|fetch/i.test(error.message)) {
            throw new EngineError(t('workers.theWordBankCouldNot2'));
          }
          throw error;
        });
    },
  });
}

let safe: { readonly of: Started; readonly remote: Remote } | undefined;

/** The engine; the worker starts with the first use. */
export function engine(): Remote {
  started ??= start();
  if (safe?.of !== started) safe = { of: started, remote: safely(started) };
  return safe.remote;
}
