/** Cards that are gone through: their sides, what can be chosen, and what counts as known. */
import type { MatchSide, MatchTask } from '../exercises/interactions/match/task';
import type { Random } from '../kernel/random';

/** A card as it is asked: the front is seen, the back is sought. */
export interface AskedCard {
  readonly id: string;
  /** The word it is about: what is said aloud. */
  readonly word: string;
  readonly front: MatchSide;
  readonly back: MatchSide;
}

/** The cards of a task, the other side first where they are swapped. */
export function cardsOf({ pairs, rights }: MatchTask, swapped = false): AskedCard[] {
  return pairs.flatMap(({ id, word, left, partner }) => {
    const right = rights.find((side) => side.id === partner);
    if (right === undefined) return [];
    return [
      swapped ? { id, word, front: right, back: left } : { id, word, front: left, back: right },
    ];
  });
}

const shownBy = ({ picture, text }: MatchSide) => picture ?? text;

/** How many are chosen from. */
export const CHOICES = 4;

/** The back of a card among those of others, in an order of chance; sides that look alike stand once. */
export function choicesFor(
  card: AskedCard,
  cards: readonly AskedCard[],
  random: Random,
): MatchSide[] {
  const seen = new Set([shownBy(card.back)]);
  const others = random
    .shuffle(cards)
    // Two cards of one front have two right backs.
    .filter(({ front, id }) => id !== card.id && shownBy(front) !== shownBy(card.front))
    .map(({ back }) => back)
    .filter((side) => {
      const fresh = !seen.has(shownBy(side));
      seen.add(shownBy(side));
      return fresh;
    });
  return random.shuffle([card.back, ...others.slice(0, CHOICES - 1)]);
}

const tidy = (text: string) =>
  text
    .normalize('NFC')
    .toLowerCase()
    .replace(/[’‘]/g, "'")
    .replace(/[.!?;:]+$/u, '')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * What may be typed for a side: its text, each of several answers between strokes or semicolons,
 * and each with what stands in brackets or without it.
 */
export function answersOf(text: string): ReadonlySet<string> {
  const parts = [text, ...text.split(/\s*[/;]\s*/)];
  const found = parts.flatMap((part) => [
    part,
    part.replace(/[()]/g, ''),
    part.replace(/\([^)]*\)/g, ''),
  ]);
  return new Set(found.map(tidy).filter((each) => each !== ''));
}

/** True where what was typed stands for the side. */
export const isTyped = (typed: string, { text }: MatchSide) => answersOf(text).has(tidy(typed));

/** One face of a pair that lies on the table. */
export interface Tile {
  readonly key: string;
  readonly card: string;
  readonly side: MatchSide;
}

/** Pairs on the table at once: more are no game but a search. */
export const PAIRS_AT_ONCE = 6;

/** Both sides of some cards, laid out in an order of chance; no two cards that look alike on one side. */
export function tilesOf(cards: readonly AskedCard[], random: Random): Tile[] {
  const seen = new Set<string>();
  const some = random
    .shuffle(cards)
    .filter(({ front, back }) => {
      const faces = [shownBy(front), shownBy(back)];
      if (faces.some((face) => seen.has(face)) || faces[0] === faces[1]) return false;
      faces.forEach((face) => seen.add(face));
      return true;
    })
    .slice(0, PAIRS_AT_ONCE);
  return random.shuffle(
    some.flatMap(({ id, front, back }) => [
      { key: `${id} front`, card: id, side: front },
      { key: `${id} back`, card: id, side: back },
    ]),
  );
}
