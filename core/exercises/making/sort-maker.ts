/** The common shape of every sort: a heading for each word, or a reason why it has none. */
import { joinList } from '../../kernel/join-list';
import type { MakerNote } from './exercise';
import type { SortCard } from '../interactions/sort/task';
import type { Maker, MakerInput } from './maker';
import type { MakerGroup } from './maker-group';
import { numbered, usableWords, type KnownMaterial } from './usable-words';

/** Where a word belongs, and why; or a reason why it belongs nowhere, read after the word. */
export interface Home {
  readonly heading: string;
  readonly reason: string;
}

export interface SortMakerSettings extends Pick<
  Maker,
  | 'id'
  | 'name'
  | 'description'
  | 'needs'
  | 'onScreen'
  | 'replacements'
  | 'suggestions'
  | 'startWords'
  | 'parameters'
> {
  readonly group: MakerGroup;
  readonly title: (input: Pick<MakerInput, 'words' | 'parameters'>) => string;
  readonly instruction: string;
  /** The home of a word; a word with two homes says so, and is left out. */
  readonly homeOf: (
    word: KnownMaterial,
    input: Pick<MakerInput, 'words' | 'parameters' | 'lexicon' | 'meanings' | 'profile'>,
  ) => Home | string;
  /** Most words under one heading; the rest is left out with a note. */
  readonly most?: number;
}

/** A maker of sorts. */
export function sortMaker(settings: SortMakerSettings): Maker {
  const { title, instruction, homeOf, most = 12, ...rest } = settings;
  const maker: Maker = {
    ...rest,
    interaction: 'sort',
    fewestWords: 4,
    asks: ['words', 'sounds'],
    workedByDefault: false,
    make(input) {
      const { words, parameters, random } = input;
      const { used, notes } = usableWords(words, (word) => homeOf(word, input));
      const counts = new Map<string, number>();
      const cards: Omit<SortCard, 'id'>[] = [];
      const past: string[] = [];
      for (const { word, found } of used) {
        const count = counts.get(found.heading) ?? 0;
        if (count >= most) {
          past.push(word.word);
          continue;
        }
        counts.set(found.heading, count + 1);
        // A word that is itself the heading is there to be seen already.
        if (found.heading === word.word) continue;
        cards.push({ text: word.word, home: found.heading, reason: found.reason });
      }
      const filled = new Set(cards.map(({ home }) => home));
      const headings = [...counts.keys()]
        .filter((label) => filled.has(label))
        .map((label) => ({ id: label, label }));
      // A heading under which no other word would come is left out, and its word with it.
      const more: MakerNote[] = used
        .filter(({ found }) => !filled.has(found.heading))
        .map(({ word: { word } }) => ({
          word,
          text: `${word} is the only word of its kind, so that it is left out. Add another, and it comes back.`,
        }));
      if (past.length > 0) {
        more.push({
          text: `There is room for ${most} words of a kind: ${joinList(past, 'and')} were left out.`,
        });
      }
      const ordered = parameters.shuffle === false ? cards : random.shuffle(cards);
      return {
        title: parameters.title ?? title(input),
        instruction: parameters.instruction ?? instruction,
        worked: parameters.worked ?? maker.workedByDefault,
        task: { interaction: 'sort', headings, cards: numbered(ordered, 'card') },
        notes: [...notes, ...more],
      };
    },
  };
  return maker;
}
