/** What can be done to a text and its marks. */
import type { SheetLayout } from '~core/paper/sheet-layout';
import { moveMarks, type Annotation, type OwnMethod } from '~core/texts/marks/annotation';
import type { ReadingLayout } from '~core/texts/reading-layout';
import { LONGEST_TEXT, type ReadingText } from '~core/texts/reading-text';
import { Fields, Id, List, Maybe, OneOf, Text, Whole, Word, Yes } from './fields';
import { ChangeError, newId, NoInput, operation, type Operations } from './operation';
import { shelfOperation } from './shelf-operation';
import { t } from '~/phrases/t';

export const textFacts = [
  'title',
  'author',
  'year',
  'source',
  'licence',
  'language',
  'kind',
] as const;
export type TextFact = (typeof textFacts)[number];

class Body {
  @Text(LONGEST_TEXT) body!: string;
  @Maybe() @Text(200) label?: string;
}
class Fact {
  @OneOf(textFacts) fact!: TextFact;
  @Text(400) value!: string;
}
class Released {
  @Maybe() @Whole(0, 10_000) released!: number | null;
}
class Gloss {
  @Word() word!: string;
  @Text(200) text!: string;
}
class Boxed {
  @Word() word!: string;
  @Yes() boxed!: boolean;
}
class Accepted {
  @Word() word!: string;
  @Yes() accepted!: boolean;
}
class NewMark {
  @Fields() mark!: Omit<Annotation, 'id'>;
  @Text(200) name!: string;
}
class OneMark {
  @Id() id!: string;
}
class SetMark extends OneMark {
  @Fields() fields!: Partial<Annotation>;
}
class Marks {
  @List(2000) marks!: Annotation[];
}
class Method {
  @Fields() method!: Omit<OwnMethod, 'id'>;
}
class Reading {
  @Fields() reading!: ReadingLayout;
  @Text(300) label!: string;
}
class Layout {
  @Fields() layout!: SheetLayout;
  @Text(300) label!: string;
}

const op = operation<ReadingText>();

const without = (words: readonly string[], word: string) =>
  words.filter((each) => each.toLowerCase() !== word.toLowerCase());

const withOr = (words: readonly string[], word: string, there: boolean) =>
  there ? [...without(words, word), word.toLowerCase()] : without(words, word);

/** A text with another body; its marks move with it. */
export const withBody = (text: ReadingText, body: string): ReadingText => ({
  ...text,
  body,
  annotations: moveMarks(text.annotations, text.body, body),
});

export const textOperations: Operations<ReadingText> = {
  shelf: shelfOperation(({ title }) => title),
  body: op({
    input: Body,
    label: (_, { label }) => label ?? t('change.changedTheText'),
    step: (text, { body }) => withBody(text, body),
  }),
  restore: op({
    input: NoInput,
    label: () => t('change.wentBackToTheOriginal'),
    step: (text) => withBody(text, text.original),
  }),
  original: op({
    input: NoInput,
    label: () => t('change.tookTheTextAsIt'),
    step: (text) => ({ ...text, original: text.body }),
  }),
  fact: op({
    input: Fact,
    label: (_, { fact }) => t('change.changedTheTexts', { fact }),
    step: (text, { fact, value }) => ({ ...text, [fact]: value }),
  }),
  released: op({
    input: Released,
    label: (_, { released }) =>
      released === null
        ? t('change.gaveTheClassAllSections')
        : t('change.gaveTheClassOfThe', { released }),
    step: (text, { released }) => ({ ...text, released }),
  }),
  /** A gloss to a word; an empty one takes it away. */
  gloss: op({
    input: Gloss,
    label: (_, { word, text }) =>
      text === '' ? t('change.tookTheGlossOfAway', { word }) : t('change.glossed', { word }),
    step: (text, { word, text: said }) => {
      const others = text.glosses.filter((each) => each.word.toLowerCase() !== word.toLowerCase());
      return { ...text, glosses: said === '' ? others : [...others, { word, text: said }] };
    },
  }),
  boxed: op({
    input: Boxed,
    label: (_, { word, boxed }) =>
      boxed ? t('change.putInTheWordBox', { word }) : t('change.tookOutOfTheWord', { word }),
    step: (text, { word, boxed }) => ({ ...text, boxed: withOr(text.boxed, word, boxed) }),
  }),
  accepted: op({
    input: Accepted,
    label: (_, { word, accepted }) =>
      accepted ? t('change.leftAsItIs', { word }) : t('change.showedAgain', { word }),
    step: (text, { word, accepted }) => ({
      ...text,
      accepted: withOr(text.accepted, word, accepted),
    }),
  }),
  mark: op({
    input: NewMark,
    label: (_, { name }) => t('change.marked', { name }),
    step: (text, { mark }) => ({
      ...text,
      annotations: [...text.annotations, { ...mark, id: newId() }],
    }),
  }),
  'set-mark': op({
    input: SetMark,
    label: () => t('change.changedAMark'),
    step: (text, { id, fields }) => {
      if (!text.annotations.some((mark) => mark.id === id)) {
        throw new ChangeError(t('change.thisMarkWasRemovedIn'));
      }
      return {
        ...text,
        annotations: text.annotations.map((mark) =>
          mark.id === id ? { ...mark, ...fields } : mark,
        ),
      };
    },
  }),
  'remove-mark': op({
    input: OneMark,
    label: () => t('change.removedAMark'),
    step: (text, { id }) => ({
      ...text,
      annotations: text.annotations.filter((mark) => mark.id !== id),
    }),
  }),
  'add-marks': op({
    input: Marks,
    label: (_, { marks }) => t('change.readMarksIn', { marks: marks.length }),
    step: (text, { marks }) => ({ ...text, annotations: [...text.annotations, ...marks] }),
  }),
  method: op({
    input: Method,
    label: (_, { method }) => t('change.addedTheMethod', { name: method.name }),
    step: (text, { method }) => ({
      ...text,
      methods: [...(text.methods ?? []), { ...method, id: newId() }],
    }),
  }),
  reading: op({
    input: Reading,
    label: (_, { label }) => label,
    step: (text, { reading }) => ({ ...text, reading: { ...text.reading, ...reading } }),
  }),
  layout: op({
    input: Layout,
    label: (_, { label }) => label,
    step: (text, { layout }) => ({ ...text, layout: { ...text.layout, ...layout } }),
  }),
};
