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
import type { Stroke } from '~core/board/drawn';
import type { OtherVersion } from '~core/kernel/version';
import { callBack, callNext, newCalling, type Calling } from '~core/board/calling';
import { Random } from '~core/kernel/random';
import { gamePlace, tableFrom, takeMoves, viewFor, type GameTable } from '~core/room/games/table';
import { newCall } from '~core/room/word-boards';
import { slatePlace, slateStrokes } from '~core/room/posts';
import {
  firstShow,
  type RoomContent,
  type RoomPair,
  type RoomShow,
  type RoomSlate,
} from '~core/room/show';
import { newId } from '~/operations/new-id';
import type { RoomVersions } from './room-lesson';
import { ask, connect } from './socket';
import { t } from '~/phrases/t';

export interface KeptRoom {
  readonly secret: string;
  readonly code?: string;
  readonly room: RoomState;
  readonly show: RoomShow;
  /** Games of two that are on. */
  readonly games: readonly GameTable[];
  /** Words that are being called, in their order: nobody else knows it. */
  readonly calling?: Calling | undefined;
  /** What the teacher has drawn on the slate. */
  readonly drawn: readonly Stroke[];
  /** Learners who have another version, by their ids. */
  readonly versions: Readonly<Record<string, OtherVersion>>;
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
  private versions: RoomVersions['content'] | undefined;

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
      games: (before?.games ?? []).flatMap((table) => tableFrom(table) ?? []),
      ...(before?.calling ? { calling: before.calling } : {}),
      drawn: before?.drawn ?? [],
      versions: before?.versions ?? {},
    };
    this.sees = { ...this.kept, state: 'opening', message: '' };
    this.socket = connect(address);
    this.socket.on('connect', () => void this.open());
    this.socket.on('disconnect', () =>
      this.see({ state: 'away', message: t('room.theServerIsAwayWhat') }),
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
      return this.see({ message: t('room.theRoomIsFullOne') });
    }
    this.change({ room });
    const name = room.members.find(({ id }) => id === member)?.name ?? '';
    this.tell('named', { name }, member);
    this.tell('content', this.contentFor(member), member);
    this.tell('show', this.kept.show, member);
    this.tellSlate(member);
    for (const table of this.kept.games) this.tellTable(table, [member]);
  }

  /** The exercises of a learner: hers where she has another version of one. */
  private contentFor(member: string): RoomContent {
    const version = this.kept.versions[member];
    const own = version === undefined ? [] : (this.versions?.[version] ?? []);
    return {
      ...this.content,
      exercises: this.content.exercises.map(
        (usual) => own.find(({ id }) => id === usual.id) ?? usual,
      ),
    };
  }

  private tellSlate(member?: string) {
    const { show, room, drawn } = this.kept;
    if (!show.slate) return;
    const { id } = show.slate;
    this.tell('slate', { id, strokes: slateStrokes(room, id, drawn) }, member);
  }

  private tellTable(table: GameTable, to: readonly string[] = table.players) {
    const nameOf = (id: string) =>
      this.kept.room.members.find((each) => each.id === id)?.name ?? '';
    for (const member of to) {
      const view = viewFor(table, member, nameOf);
      if (view) this.tell('game', view, member);
    }
  }

  /** What an answer does besides being kept: a move at a table, a stroke on the slate. */
  private follow(member: string, { exercise, response }: AnswerMessage) {
    const table = this.kept.games.find(({ id }) => gamePlace(id) === exercise);
    if (table) {
      const next = takeMoves(table, member, response['moves']);
      this.change({ games: this.kept.games.map((each) => (each === table ? next : each)) });
      this.tellTable(next);
    }
    const { slate } = this.kept.show;
    if (slate && slatePlace(slate.id) === exercise) this.tellSlate();
  }

  private receive(member: string, given: unknown) {
    const checked = validateAs(AnswerMessage, given);
    if (!checked.ok) return;
    // Only who has the pen draws.
    const { slate } = this.kept.show;
    const drawsUnasked =
      slate !== undefined &&
      checked.value.exercise === slatePlace(slate.id) &&
      slate.pen !== member;
    // An answer that is known is said to be stored once more: the learner did not hear of it.
    const before = this.kept.room;
    const room = drawsUnasked ? before : answered(before, member, checked.value);
    const ids = this.toAcknowledge.get(member) ?? [];
    this.toAcknowledge.set(member, [...ids, checked.value.id]);
    this.change({ room });
    if (room !== before) this.follow(member, checked.value);
  }

  /** Stores what has come, and says so, a little later: what comes at once is stored at once. */
  private gather() {
    this.timer ??= setTimeout(() => this.keep(), GATHERED);
  }

  private keep() {
    clearTimeout(this.timer);
    this.timer = undefined;
    try {
      this.store.write(this.kept);
    } catch {
      // The learners keep theirs, and send them again.
      this.toAcknowledge.clear();
      return this.see({
        message: t('room.thisBrowserHasNoRoom'),
      });
    }
    for (const [member, ids] of this.toAcknowledge) this.tell('stored', { ids }, member);
    return this.toAcknowledge.clear();
  }

  /** What the class sees. */
  show(changed: Partial<RoomShow>) {
    // Who is taken elsewhere leaves her table.
    const elsewhere = changed.exercise ?? changed.question ?? changed.slate ?? changed.call;
    if (elsewhere !== undefined && this.kept.games.length > 0) this.play([]);
    const show = { ...this.kept.show, ...changed };
    this.change({ show, ...(show.call ? {} : { calling: undefined }) });
    this.tell('show', show);
  }

  /** A slate for all; who has the pen draws on it. Another id is a clean one. */
  slate(slate: RoomSlate | undefined) {
    if (slate?.id !== this.kept.show.slate?.id) this.change({ drawn: [] });
    this.show({ slate, call: undefined });
    this.tellSlate();
  }

  /** What the teacher draws on the slate herself. */
  draw(drawn: readonly Stroke[]) {
    this.change({ drawn });
    this.tellSlate();
  }

  /** These tables instead of those before; none ends the games. */
  play(games: readonly GameTable[]) {
    for (const { players } of this.kept.games) {
      for (const member of players) this.tell('game', {}, member);
    }
    this.change({ games });
    for (const table of games) this.tellTable(table);
  }

  /** Everybody gets a board with some of these words, and they are called one by one. */
  callWords(words: readonly string[], seed: number) {
    const call = newCall(newId(), words);
    this.change({ calling: newCalling(call.words, new Random(seed)) });
    this.show({ call, slate: undefined, question: undefined, wall: undefined, looked: undefined });
  }

  /** The next word is called, or the last one is taken back. */
  callOn(back = false) {
    const { calling, show } = this.kept;
    if (!calling || !show.call) return;
    const next = back ? callBack(calling) : callNext(calling);
    this.change({ calling: next });
    if (show.call.shown) this.showCalled(true);
  }

  /** Whether the words that are called also stand on the learners' screens. */
  showCalled(shown: boolean) {
    const { calling, show } = this.kept;
    if (!calling || !show.call) return;
    const { shown: _before, ...call } = show.call;
    const heard = calling.order.slice(0, calling.called);
    this.show({ call: shown ? { ...call, shown: heard } : call });
  }

  /** No more words are called. */
  endCalling() {
    this.show({ call: undefined });
  }

  /** A learner gets another version, or the usual one again. */
  give(member: string, version: OtherVersion | undefined) {
    const { [member]: _before, ...others } = this.kept.versions;
    this.change({
      versions: version === undefined ? others : { ...others, [member]: version },
    });
    this.tell('content', this.contentFor(member), member);
  }

  /** The other versions are made: who was given one before gets it. */
  withVersions(versions: RoomVersions['content']) {
    this.versions = versions;
    for (const member of Object.keys(this.kept.versions)) {
      this.tell('content', this.contentFor(member), member);
    }
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

  /** Stores at once what waits to be stored: the page may be going. */
  keepNow() {
    if (this.timer !== undefined) this.keep();
  }

  /** Leaves the room open, as where the window is closed. */
  leave() {
    this.keepNow();
    this.socket.disconnect();
  }
}

const firstExercise = ({ exercises: [first] }: RoomContent) =>
  first ? { exercise: first.id } : {};
