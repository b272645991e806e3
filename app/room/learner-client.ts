/**
 * A learner in a room, without a screen: what she answers waits in her outbox, is
 * sent, and is sent again until the teacher's browser has stored it.
 */
import type { Socket } from 'socket.io-client';
import { strokesFrom, type Stroke } from '~core/board/drawn';
import type { GameView } from '~core/room/games/table';
import { answering, emptyOutbox, outboxFrom, storedAt, type Outbox } from '~core/room/outbox';
import type { RoomContent, RoomPair, RoomShow } from '~core/room/show';
import { newId } from '~/operations/new-id';
import { ask, connect, type Told } from './socket';
import { t } from '~/phrases/t';

/** What is kept on the device of a room, so that a reload goes on where it was. */
export interface KeptLearner {
  readonly key: string;
  readonly name: string;
  readonly outbox: Outbox;
}

export interface LearnerStore {
  readonly read: () => unknown;
  readonly write: (kept: KeptLearner) => void;
}

export interface LearnerSees {
  readonly state: 'coming' | 'in' | 'away' | 'refused' | 'closed';
  /** Why she is not in. */
  readonly message?: string;
  /** As the class sees her: empty while it is still to be chosen. */
  readonly name: string;
  readonly content?: RoomContent;
  readonly show?: RoomShow;
  readonly pair?: RoomPair;
  /** What has been drawn on the slate of this id. */
  readonly slate?: { readonly id: string; readonly strokes: readonly Stroke[] };
  /** Her table in a game of two. */
  readonly game?: GameView | undefined;
  /** Her id in the room: whoever is named by it has the pen. */
  readonly member?: string;
  /** Answers that are not stored yet. */
  readonly waiting: number;
}

/** Milliseconds after which what is not stored is sent again. */
const AGAIN = 4000;
/** Milliseconds after which somebody who was in before tries to come in again. */
const COME_AGAIN = 2500;

export class LearnerClient {
  private readonly socket: Socket;
  private kept: KeptLearner;
  private left = false;
  private sees: LearnerSees;
  private readonly timer: ReturnType<typeof setInterval>;
  private later: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly code: string,
    private readonly store: LearnerStore,
    private readonly onChange: (sees: LearnerSees) => void,
    address?: string,
  ) {
    const before = store.read() as Partial<KeptLearner> | undefined;
    this.kept = {
      key: before?.key ?? newId(),
      name: before?.name ?? '',
      outbox: before ? outboxFrom(before.outbox) : emptyOutbox,
    };
    this.sees = { state: 'coming', name: this.kept.name, waiting: this.waiting() };
    this.socket = connect(address);
    this.socket.on('connect', () => void this.comeIn());
    this.socket.on('disconnect', () => this.see({ state: 'away' }));
    this.socket.on('told', (told: Told) => this.hear(told));
    this.timer = setInterval(() => this.sendWaiting(), AGAIN);
  }

  private waiting() {
    return Object.keys(this.kept.outbox.waiting).length;
  }

  private see(news: Partial<LearnerSees>) {
    // Who was sent out, or whose room is closed, does not come back by itself.
    if (this.sees.state === 'closed' || (this.sees.state === 'refused' && news.state === 'away')) {
      return;
    }
    this.sees = { ...this.sees, ...news, waiting: this.waiting() };
    this.onChange(this.sees);
  }

  private keep(changed: Partial<KeptLearner>) {
    this.kept = { ...this.kept, ...changed };
    this.store.write(this.kept);
  }

  private async comeIn() {
    clearTimeout(this.later);
    if (!this.socket.connected || this.left) return;
    this.keep({});
    const { key, name } = this.kept;
    const done = await ask<{ member: string }>(this.socket, 'join', { code: this.code, key, name });
    if (!done.ok) {
      // Who was in before waits for the room: the server may have been started anew.
      const waits = this.kept.name !== '' || this.sees.content !== undefined;
      this.see({ state: waits ? 'away' : 'refused', message: done.message });
      if (waits) this.later = setTimeout(() => void this.comeIn(), COME_AGAIN);
    } else {
      this.see({ state: this.sees.content ? 'in' : 'coming', message: '', member: done.member });
      this.sendWaiting();
    }
  }

  private hear({ kind, body }: Told) {
    switch (kind) {
      case 'hello':
        return void this.comeIn();
      case 'content':
        return this.see({ state: 'in', content: body as unknown as RoomContent });
      case 'show':
        return this.see({ show: body as unknown as RoomShow });
      case 'pair':
        return this.see({ pair: body as unknown as RoomPair });
      case 'slate':
        return this.see({
          slate: { id: String(body['id'] ?? ''), strokes: strokesFrom(body['strokes']) },
        });
      case 'game':
        return this.see({ game: body['id'] ? (body as unknown as GameView) : undefined });
      case 'named': {
        const name = typeof body.name === 'string' ? body.name : '';
        this.keep({ name });
        return this.see({ name });
      }
      case 'stored': {
        const ids = Array.isArray(body.ids) ? body.ids.map(String) : [];
        this.keep({ outbox: storedAt(this.kept.outbox, ids) });
        return this.see({});
      }
      case 'away':
        this.see({ state: 'refused', message: t('room.yourTeacherTookYouOut') });
        return this.leave();
      case 'closed':
        this.see({ state: 'closed', message: t('room.theRoomIsClosed') });
        return this.leave();
      default:
        return undefined;
    }
  }

  private sendWaiting() {
    if (!this.socket.connected) return;
    for (const message of Object.values(this.kept.outbox.waiting)) {
      // Whether it came is said by “stored”, not by the relay.
      void ask(this.socket, 'answer', message);
    }
  }

  /** Chooses a name; who has one keeps it. */
  choose(name: string) {
    this.keep({ name });
    void this.comeIn();
  }

  answer(exercise: string, response: Readonly<Record<string, unknown>>, print?: string) {
    this.keep({ outbox: answering(this.kept.outbox, newId(), exercise, response, print) });
    this.see({});
    const message = this.kept.outbox.waiting[exercise];
    if (message && this.socket.connected) void ask(this.socket, 'answer', message);
  }

  /** The connection breaks off, as where a phone sleeps; for the rehearsal and tests. */
  drop() {
    this.socket.io.engine.close();
  }

  get present(): LearnerSees {
    return this.sees;
  }

  leave() {
    this.left = true;
    clearTimeout(this.later);
    clearInterval(this.timer);
    this.socket.disconnect();
  }
}
