/**
 * Which rooms are open, and who may lead them. In memory alone: a room is
 * forgotten when it closes, or when its teacher has been away for hours.
 */
import { createHash, randomInt, timingSafeEqual } from 'node:crypto';
import { CODE_LENGTH, CODE_SIGNS } from '~core/room/messages';

export interface OpenRoom {
  readonly code: string;
  /** SHA-256 of the teacher's secret, as base64. */
  readonly owner: string;
  /** When its teacher was last heard of, in milliseconds. */
  seen: number;
}

const MOST_ROOMS = 2000;
/** Hours that a room stays without its teacher. */
const HOURS_KEPT = 6;

export const ownerOf = (secret: string): string =>
  createHash('sha256').update(secret).digest('base64');

const isOwner = (room: OpenRoom, owner: string) =>
  timingSafeEqual(Buffer.from(room.owner), Buffer.from(owner));

export class Register {
  private readonly rooms = new Map<string, OpenRoom>();

  private freeCode(): string {
    for (;;) {
      const code = Array.from({ length: CODE_LENGTH }, () =>
        CODE_SIGNS.charAt(randomInt(CODE_SIGNS.length)),
      ).join('');
      if (!this.rooms.has(code)) return code;
    }
  }

  /** Forgets rooms that were left alone. */
  tidy(now = Date.now()): void {
    for (const [code, { seen }] of this.rooms) {
      if (now - seen > HOURS_KEPT * 3_600_000) this.rooms.delete(code);
    }
  }

  /**
   * The teacher's room: the one of this code where it is hers or nobody's any more, else a new one;
   * undefined where there are too many.
   */
  open(secret: string, code?: string): OpenRoom | undefined {
    this.tidy();
    const owner = ownerOf(secret);
    const known = code === undefined ? undefined : this.rooms.get(code);
    if (known && isOwner(known, owner)) {
      known.seen = Date.now();
      return known;
    }
    if (this.rooms.size >= MOST_ROOMS) return undefined;
    // A server that was started anew knows no rooms: whoever comes back has hers again.
    const room = {
      code: code === undefined || known ? this.freeCode() : code,
      owner,
      seen: Date.now(),
    };
    this.rooms.set(room.code, room);
    return room;
  }

  /** A room that another process opened. */
  learn(room: OpenRoom): void {
    if (!this.rooms.has(room.code)) this.rooms.set(room.code, { ...room });
  }

  has(code: string): boolean {
    return this.rooms.has(code);
  }

  seen(code: string): void {
    const room = this.rooms.get(code);
    if (room) room.seen = Date.now();
  }

  close(code: string): void {
    this.rooms.delete(code);
  }

  all(): OpenRoom[] {
    return [...this.rooms.values()];
  }
}
