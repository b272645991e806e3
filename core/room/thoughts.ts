/** What a class thinks, as it comes: choices counted, words gathered, sentences in their order. */
import type { RoomQuestion } from './show';
import type { RoomState } from './room-state';

export interface Thought {
  /** The option, the word or the sentence. */
  readonly text: string;
  readonly count: number;
  /** Ids of the members who said so. */
  readonly members: readonly string[];
}

/** Words that one learner can give to a question. */
export const MOST_WORDS = 5;
const LONGEST = 200;

const textsIn = (response: Readonly<Record<string, unknown>>): string[] =>
  Object.values(response)
    .filter((value): value is string => typeof value === 'string')
    .map((text) => text.replace(/\s+/g, ' ').trim().slice(0, LONGEST))
    .filter((text) => text !== '');

/** Words that differ only in capitals, accents apart, are one. */
const keyOf = (text: string, kind: RoomQuestion['kind']) =>
  kind === 'open' ? text : text.toLocaleLowerCase();

/**
 * What was answered to a question. Options stand in their order, also those that nobody chose; words
 * the most said first; sentences as they came in.
 */
export function thoughts(room: RoomState, { id, kind, options }: RoomQuestion): Thought[] {
  const found = new Map<string, { text: string; members: Set<string> }>();
  if (kind === 'choice') {
    for (const text of options) found.set(keyOf(text, kind), { text, members: new Set() });
  }
  for (const { id: member } of room.members) {
    const answer = room.answers[member]?.[id];
    if (!answer) continue;
    for (const text of textsIn(answer.response).slice(0, kind === 'words' ? MOST_WORDS : 1)) {
      const key = keyOf(text, kind);
      const known = found.get(key);
      if (known) known.members.add(member);
      // What is none of the options was not chosen from them.
      else if (kind !== 'choice') found.set(key, { text, members: new Set([member]) });
    }
  }
  const all = [...found.values()].map(({ text, members }) => ({
    text,
    count: members.size,
    members: [...members],
  }));
  return kind === 'words' ? all.sort((one, other) => other.count - one.count) : all;
}
