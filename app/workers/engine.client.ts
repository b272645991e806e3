/** The one engine worker of this tab. */
import * as Comlink from 'comlink';
import type { EngineService } from './engine.worker';

let remote: Comlink.Remote<EngineService> | undefined;

/** The engine; the worker starts with the first use. */
export function engine(): Comlink.Remote<EngineService> {
  remote ??= Comlink.wrap<EngineService>(
    new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module', name: 'engine' }),
  );
  return remote;
}
