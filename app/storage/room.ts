/** How safe and how full the browser's storage is. */
import { database } from './database';

/** Days without an export after which it is recalled. */
const EXPORT_AFTER_DAYS = 14;
const DAY = 24 * 60 * 60 * 1000;

/** Asks the browser not to clear what is kept when room is short. True where it will not. */
export async function askToKeep(): Promise<boolean> {
  try {
    const { storage } = navigator;
    return (await storage.persisted()) || (await storage.persist());
  } catch {
    return false;
  }
}

export interface Room {
  /** Bytes used and the most that may be; undefined where the browser does not say. */
  readonly used?: number;
  readonly most?: number;
  readonly kept: boolean;
  /** When everything was last exported, in milliseconds since 1970. */
  readonly exported?: number;
  /** True where much was made since, and long ago. */
  readonly exportDue: boolean;
}

export async function room(now = Date.now()): Promise<Room> {
  const storage = globalThis.navigator?.storage as StorageManager | undefined;
  const [estimate, kept, exported, first] = await Promise.all([
    storage?.estimate().catch(() => undefined),
    storage?.persisted().catch(() => false),
    database.settings.get('exported'),
    database.changes.orderBy('id').first(),
  ]);
  const last = exported ? Number(exported.value) : undefined;
  const since = last ?? first?.at ?? now;
  return {
    ...(estimate?.usage === undefined ? {} : { used: estimate.usage }),
    ...(estimate?.quota === undefined ? {} : { most: estimate.quota }),
    kept: kept === true,
    ...(last === undefined ? {} : { exported: last }),
    exportDue: first !== undefined && now - since > EXPORT_AFTER_DAYS * DAY,
  };
}

export const rememberExport = (now = Date.now()) =>
  database.settings.put({ key: 'exported', value: String(now) }).catch(() => undefined);
