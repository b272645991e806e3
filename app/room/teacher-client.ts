/**
 * The teacher's side of a room, without a screen: it opens the room, tells the
 * class what to see, stores what comes in, and only then says that it is stored.
 */
import type { Socket } from 'socket.io-client';
import { AnswerMessage } from '~core/room/messages';
import { validateAs } from '~core/records/validate';
import {
  answered,
  emptyRoom,
  joined,
  left,
  roomFrom,
  sentOut,
  type RoomState,
} from '~core/room/room-state';
import { firstShow, type RoomContent, type RoomPair, type RoomShow } from '~core/room/show';
import { newId } from '~/operations/new-id';
import { ask, connect } from './socket';

export interface KeptRoom {
  readonly secret: string;
  readonly code?: string;
  readonly room: RoomState;
  readonly show: RoomShow;
}

export interface RoomStore {
  readonly read: () => unknown;
  /** @throws where there is no room left: then nothing is said to be stored */
  readonly write: (kept: KeptRoom) => void;
}

export interface TeacherSees extends KeptRoom {
  readonly state: 'opening' | 'open' | 'away' | 'refused';
  readonly message: string;
}

/** Milliseconds in which answers are gathered before they are stored together. */
const GATHERED = 150;

export class TeacherClient {
  private readonly socket: Socket;
  private kept: KeptRoom;
  private sees: TeacherSees;
  private readonly toAcknowledge = new Map<string, string[]>();
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly content: RoomContent,
    private readonly store: RoomStore,
    private readonly onChange: (sees: TeacherSees) => void,
    address?: string,
  ) {
    const before = store.read() as Partial<KeptRoom> | undefined;
    this.kept = {
      secret: before?.secret ?? newId(),
      ...(before?.code === undefined ? {} : { code: before.code }),
      room: before ? roomFrom(before.room) : emptyRoom,
      show: before?.show ?? { ...firstShow, ...firstExercise(content) },
    };
    this.sees = { ...this.kept, state: 'opening', message: '' };
    this.socket = connect(address);
    this.socket.on('connect', () => void this.open());
    this.socket.on('disconnect', () =>
      this.see({ state: 'away', message: 'The server is away. What is answered waits.' }),
    );
    this.socket.on('joined', ({ member, name }: { member: string; name: string }) =>
      this.comesIn(member, name),
    );
    this.socket.on('left', ({ member }: { member: string }) =>
      this.change({ room: left(this.kept.room, member) }),
    );
    this.socket.on('answer', ({ member, answer }: { member: string; answer: unknown }) =>
      this.receive(member, answer),
    );
  }

  private see(news: Partial<TeacherSees>) {
    this.sees = { ...this.sees, ...this.kept, ...news };
    this.onChange(this.sees);
  }

  private change(changed: Partial<KeptRoom>) {
    this.kept = { ...this.kept, ...changed };
    this.gather();
    this.see({});
  }

  private async open() {
    const { secret, code } = this.kept;
    const done = await ask<{ code: string }>(this.socket, 'open', {
      secret,
      ...(code === undefined ? {} : { code }),
    });
    if (!done.ok) return this.see({ state: 'refused', message: done.message });
    this.kept = { ...this.kept, code: done.code };
    this.gather();
    this.see({ state: 'open', message: '' });
    this.tell('show', this.kept.show);
  }

  private tell(kind: string, body: object, to?: string) {
    void ask(this.socket, 'tell', { kind, body, ...(to === undefined ? {} : { to }) });
  }

  private comesIn(member: string, given: string) {
    const room = joined(this.kept.room, member, given);
    if (room === undefined) {
      this.tell('away', {}, member);
      return this.see({ message: 'The room is full: one more could not come in.' });
    }
    this.change({ room });
    const name = room.members.find(({ id }) => id === member)?.name ?? '';
    this.tell('named', { name }, member);
    this.tell('content', this.content, member);
    this.tell('show', this.kept.show, member);
  }

  private receive(member: string, given: unknown) {
    const checked = validateAs(AnswerMessage, given);
    if (!checked.ok) return;
    // An answer that is known is said to be stored once more: the learner did not hear of it.
    const room = answered(this.kept.room, member, checked.value);
    const ids = this.toAcknowledge.get(member) ?? [];
    this.toAcknowledge.set(member, [...ids, checked.value.id]);
    this.change({ room });
  }

  /** Stores what has come, and says so, a little later: what comes at once is stored at once. */
  private gather() {
    this.timer ??= setTimeout(() => {
      this.timer = undefined;
      try {
        this.store.write(this.kept);
      } catch {
        // The learners keep theirs, and send them again.
        this.toAcknowledge.clear();
        return this.see({
          message:
            'This browser has no room left: what is answered is not stored. Make room first.',
        });
      }
      for (const [member, ids] of this.toAcknowledge) this.tell('stored', { ids }, member);
      return this.toAcknowledge.clear();
    }, GATHERED);
  }

  /** What the class sees. */
  show(changed: Partial<RoomShow>) {
    const show = { ...this.kept.show, ...changed };
    this.change({ show });
    this.tell('show', show);
  }

  pair(member: string, pair: RoomPair) {
    this.tell('pair', pair, member);
  }

  sendOut(member: string) {
    this.tell('away', {}, member);
    this.change({ room: sentOut(this.kept.room, member) });
  }

  get present(): TeacherSees {
    return this.sees;
  }

  /** Closes the room for all. */
  async close() {
    await this.socket
      .timeout(4000)
      .emitWithAck('close')
      .catch(() => undefined);
    this.leave();
  }

  /** Leaves the room open, as where the window is closed. */
  leave() {
    clearTimeout(this.timer);
    this.socket.disconnect();
  }
}

const firstExercise = ({ exercises: [first] }: RoomContent) =>
  first ? { exercise: first.id } : {};
