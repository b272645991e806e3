/** What all makers from a text have in common. */
import type { Lexicon } from '../words/lexicon';
import { openPassage, type Passage } from '../texts/reading/passage';
import type { TextMaterial } from '../texts/reading/text-material';
import type { Task } from './exercise';
import type { WriteItem, WriteTask } from './interactions/write';
import type { Maker, MakerInput, MakerOutput } from './maker';
import { numbered } from './usable-words';

export interface ReadingInput extends MakerInput {
  readonly text: TextMaterial;
  readonly passage: Passage;
}

export interface ReadingMakerSettings extends Pick<
  Maker,
  'id' | 'name' | 'description' | 'needs' | 'interaction'
> {
  readonly title: string;
  readonly instruction: string;
  readonly workedByDefault?: boolean;
  readonly needsMeanings?: boolean;
  /** Fewest items of a version with fewer of them. */
  readonly fewest?: number;
  readonly languages?: readonly string[];
  /** The task, and in plain sentences what could not be made. */
  readonly make: (input: ReadingInput) => {
    readonly task: Task;
    readonly notes?: readonly string[];
    readonly title?: string;
    readonly instruction?: string;
  };
}

const passages = new WeakMap<TextMaterial, Map<Lexicon, Passage>>();

/** A text laid open once, however many exercises are made from it. */
function passageOf(text: TextMaterial, lexicon: Lexicon): Passage {
  const known = passages.get(text)?.get(lexicon);
  if (known !== undefined) return known;
  const passage = openPassage(text, lexicon);
  passages.set(text, (passages.get(text) ?? new Map<Lexicon, Passage>()).set(lexicon, passage));
  return passage;
}

export const everyLanguage = ['en', 'fr', 'es', 'pt', 'ja', 'la', 'ru'];

/** A maker from a text. */
export function readingMaker(settings: ReadingMakerSettings): Maker {
  const { title, instruction, make, needsMeanings, fewest = 2, languages, ...rest } = settings;
  const maker: Maker = {
    ...rest,
    group: 'Reading',
    fewestWords: fewest,
    usesWords: false,
    needsText: true,
    ...(needsMeanings ? { needsMeanings } : {}),
    languages: languages ?? ['en'],
    workedByDefault: settings.workedByDefault ?? false,
    make(input): MakerOutput {
      const { parameters, text, lexicon } = input;
      if (text === undefined) throw new Error(`${maker.name} was asked to work without a text.`);
      const made = make({ ...input, text, passage: passageOf(text, lexicon) });
      return {
        title: parameters.title ?? made.title ?? title,
        instruction: parameters.instruction ?? made.instruction ?? instruction,
        worked: parameters.worked ?? maker.workedByDefault,
        task: made.task,
        notes: (made.notes ?? []).map((note) => ({ text: note })),
      };
    },
    replacements: () => [],
    suggestions: () => [],
  };
  return maker;
}

/** An item that is written; lines and reason are filled in where they are not given. */
export type GivenItem = Pick<WriteItem, 'word' | 'prompt' | 'answer'> & Partial<WriteItem>;

export function writeTask(items: readonly GivenItem[], rest: Partial<WriteTask> = {}): WriteTask {
  return {
    interaction: 'write',
    script: [],
    ...rest,
    items: numbered(items.map((item) => ({ accepted: [], lines: 2, reason: '', ...item }))),
  };
}

/** A question that no one can answer but the learner; a model answer may stand with it. */
export const openItem = (
  prompt: string,
  answer = '',
  more: Partial<GivenItem> = {},
): GivenItem => ({
  word: prompt,
  prompt,
  answer,
  open: true,
  reason:
    answer === ''
      ? 'An open question: any answer that the text bears out.'
      : 'A model answer; others are good too.',
  ...more,
});

/** Fewer items than were asked for, in a plain sentence. */
export const shortOf = (made: number, wanted: number, what: string) =>
  made >= wanted
    ? []
    : [
        `This text gives ${made === 0 ? 'no' : made} ${what}${made === 0 ? '' : ` of ${wanted}`}: a longer one, or one with plainer sentences, gives more.`,
      ];
