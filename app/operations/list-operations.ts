/** What can be done to a word list. */
import { merged, subtracted } from '~core/lists/join-lists';
import type { ReadWord } from '~core/lists/read-list';
import {
  LIST_LIMIT,
  listGroupings,
  withDetail,
  withMoved,
  withRespelled,
  withoutWord,
  withWord,
  withWords,
  type ListGrouping,
  type WordDetail,
  type WordList,
} from '~core/lists/word-list';
import { Fields, List, Name, OneOf, Texts, Whole, Word } from './fields';
import { ChangeError, operation, type Operations } from './operation';
import { shelfOperation } from './shelf-operation';
import { t } from '~/phrases/t';

class OneWord {
  @Word() word!: string;
}
class MoveWord extends OneWord {
  @Whole(0, LIST_LIMIT) to!: number;
}
class Respell extends OneWord {
  @Word() to!: string;
}
class Rename {
  @Name(120) name!: string;
}
class Detail extends OneWord {
  @Fields() fields!: Partial<Omit<WordDetail, 'word'>>;
}
class GroupBy {
  @OneOf(listGroupings) by!: ListGrouping;
}
class Order {
  @Texts(LIST_LIMIT) words!: string[];
}
class ReadWords {
  @List(LIST_LIMIT) words!: ReadWord[];
}
class Meanings extends Order {
  @Fields() meanings!: Record<string, string>;
}
class OtherList {
  @Fields() other!: WordList;
}

const op = operation<WordList>();
const many = (count: number, what: string) => `${count} ${count === 1 ? what : `${what}s`}`;

export const listOperations: Operations<WordList> = {
  shelf: shelfOperation(({ name }) => name),
  add: op({
    input: OneWord,
    label: (_, { word }) => t('change.added', { word }),
    step: (list, { word }) => withWord(list, word),
  }),
  remove: op({
    input: OneWord,
    label: (_, { word }) => t('change.removed3', { word }),
    step: (list, { word }) => withoutWord(list, word),
  }),
  move: op({
    input: MoveWord,
    label: (_, { word }) => t('change.moved2', { word }),
    step: (list, { word, to }) => withMoved(list, list.words.indexOf(word), to),
  }),
  /** Writes a word otherwise: a slip mended, another form, another word. */
  respell: op({
    input: Respell,
    label: (_, { word, to }) => t('change.changedTo', { word, to }),
    step: (list, { word, to }) => {
      const changed = withRespelled(list, word, to);
      if (changed === undefined) {
        throw new ChangeError(t('change.isInTheListAlready', { to, word }));
      }
      return changed;
    },
  }),
  rename: op({
    input: Rename,
    label: (_, { name }) => t('change.renamedTheList', { name }),
    step: (list, { name }) => ({ ...list, name }),
  }),
  /** Adds words that were read from text, with what stood beside them. */
  'add-words': op({
    input: ReadWords,
    label: (_, { words }) => t('change.added3', { many: many(words.length, 'word') }),
    step: (list, { words }) => withWords(list, words),
  }),
  /** Sets what stands beside a word. */
  detail: op({
    input: Detail,
    label: (_, { word }) => t('change.changedInTheList', { word }),
    step: (list, { word, fields }) => withDetail(list, word, fields),
  }),
  /** Writes the first meaning of words that have none yet. */
  meanings: op({
    input: Meanings,
    label: () => t('change.filledInMeanings'),
    step: (list, { words, meanings }) =>
      words.reduce(
        (result, word) => withDetail(result, word, { definition: meanings[word] ?? '' }),
        list,
      ),
  }),
  group: op({
    input: GroupBy,
    label: () => t('change.groupedTheList'),
    step: (list, { by }) => ({ ...list, groupBy: by }),
  }),
  /** Puts the words in another order; words it lacks by now are left out. */
  order: op({
    input: Order,
    label: () => t('change.putTheListInOrder'),
    step: (list, { words }) => {
      const kept = words.filter((word) => list.words.includes(word));
      return { ...list, words: [...kept, ...list.words.filter((word) => !kept.includes(word))] };
    },
  }),
  merge: op({
    input: OtherList,
    label: (_, { other }) => t('change.addedTheWordsOf', { name: other.name }),
    step: (list, { other }) => merged(list, other),
  }),
  subtract: op({
    input: OtherList,
    label: (_, { other }) => t('change.tookAwayTheWordsOf', { name: other.name }),
    step: (list, { other }) => subtracted(list, other),
  }),
};
