/** A connection to the relay that comes back by itself. */
import { io, type ManagerOptions, type Socket } from 'socket.io-client';
import type { Answered } from '~core/room/messages';
import { t } from '~/phrases/t';

/** Milliseconds within which a call is answered, or counts as lost. */
const PATIENCE = 8000;

export type Told = { readonly kind: string; readonly body: Record<string, unknown> };

/** How every connection is made. */
export const connectionOptions: Partial<ManagerOptions> = {
  reconnectionDelay: 500,
  reconnectionDelayMax: 4000,
  // Each room of this browser has a connection of its own.
  forceNew: true,
  transports: ['websocket', 'polling'],
};

export const connect = (address?: string): Socket =>
  address === undefined ? io(connectionOptions) : io(address, connectionOptions);

/** Asks the relay; what is lost on the way is answered with why. */
export async function ask<More extends object = object>(
  socket: Socket,
  event: string,
  message: object,
): Promise<Answered<More>> {
  try {
    return (await socket.timeout(PATIENCE).emitWithAck(event, message)) as Answered<More>;
  } catch {
    return { ok: false, message: t('room.theServerDoesNotAnswer') };
  }
}
