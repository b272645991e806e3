/**
 * A room as the teacher's browser keeps it: who is there, where each one is, and
 * what has been answered. Every step is a pure function, and taking an answer a
 * second time changes nothing, so that what is sent again is stored once.
 */
import type { AnswerMessage } from './messages';
import { MOST_MEMBERS } from './messages';

export interface Member {
  readonly id: string;
  /** As the class sees it: a second of the same name has a number. */
  readonly name: string;
  readonly here: boolean;
  /** The exercise she was last at. */
  readonly at?: string;
}

export interface KeptAnswer {
  readonly id: string;
  readonly turn: number;
  readonly response: Readonly<Record<string, unknown>>;
  readonly print?: string;
}

export interface RoomState {
  readonly members: readonly Member[];
  /** By member, then by exercise or question. */
  readonly answers: Readonly<Record<string, Readonly<Record<string, KeptAnswer>>>>;
}

export const emptyRoom: RoomState = { members: [], answers: {} };

const sameName = (one: string, other: string) =>
  one.localeCompare(other, undefined, { sensitivity: 'base' }) === 0;

/** The name as it was chosen, or with the next number where somebody has it. */
function freeName(name: string, others: readonly Member[]): string {
  const taken = (each: string) => others.some((other) => sameName(other.name, each));
  if (!taken(name)) return name;
  let number = 2;
  while (taken(`${name} ${number}`)) number += 1;
  return `${name} ${number}`;
}

/** A name without signs that are not seen, in one line. */
export const plainName = (name: string): string =>
  name
    .normalize('NFC')
    .replace(/[\p{C}\p{Zl}\p{Zp}]/gu, '')
    .replace(/\s+/g, ' ')
    .trim();

/** Somebody came in, came back, or chose a name; undefined where the room is full. */
export function joined(room: RoomState, id: string, given: string): RoomState | undefined {
  const present = room.members.find((member) => member.id === id);
  const others = room.members.filter((member) => member.id !== id);
  const chosen = plainName(given);
  // Who has a name keeps it.
  const name = present?.name || (chosen === '' ? '' : freeName(chosen, others));
  if (present) {
    return {
      ...room,
      members: room.members.map((member) =>
        member.id === id ? { ...member, name, here: true } : member,
      ),
    };
  }
  if (room.members.length >= MOST_MEMBERS) return undefined;
  return { ...room, members: [...room.members, { id, name, here: true }] };
}

export const left = (room: RoomState, id: string): RoomState => ({
  ...room,
  members: room.members.map((member) => (member.id === id ? { ...member, here: false } : member)),
});

/** A member is sent out; what she answered goes with her. */
export function sentOut(room: RoomState, id: string): RoomState {
  const { [id]: _gone, ...answers } = room.answers;
  return { members: room.members.filter((member) => member.id !== id), answers };
}

/** An answer came. The later turn counts; one that is known, or older than what is kept, changes nothing. */
export function answered(
  room: RoomState,
  member: string,
  { id, exercise, turn, response, print }: AnswerMessage,
): RoomState {
  const of = room.answers[member] ?? {};
  const kept = of[exercise];
  if (kept && kept.turn >= turn) return room;
  if (!room.members.some((each) => each.id === member)) return room;
  return {
    members: room.members.map((each) => (each.id === member ? { ...each, at: exercise } : each)),
    answers: {
      ...room.answers,
      [member]: {
        ...of,
        [exercise]: { id, turn, response, ...(print === undefined ? {} : { print }) },
      },
    },
  };
}

/** A room as it was kept, if it is one. */
export function roomFrom(kept: unknown): RoomState {
  const { members, answers } = (kept ?? {}) as Partial<RoomState>;
  if (!Array.isArray(members) || typeof answers !== 'object' || answers === null) return emptyRoom;
  // Who was here when it was kept says so again when she is back.
  return { members: members.map((member: Member) => ({ ...member, here: false })), answers };
}
