/** What all makers from a text have in common. */
import type { Ability } from '../../languages/language-pack';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { openPassage, type Passage } from '../../texts/reading/passage';
import type { TextMaterial } from '../../texts/reading/text-material';
import type { Task } from '../interactions';
import type { MakerNote } from './exercise';
import type { GivenItem } from './written';
import type { Maker, MakerUse, MakerInput, MakerOutput } from './maker';
import { flag, howMany, read, shaped, type Parameters } from './parameters';

export interface ReadingInput extends MakerInput {
  readonly text: TextMaterial;
  readonly passage: Passage;
  /** How many items are wanted, for a maker that says how many are usual. */
  readonly wanted: number;
}

export interface ReadingMakerSettings
  extends
    MakerUse,
    Pick<Maker, 'id' | 'name' | 'description' | 'needs' | 'interaction' | 'onScreen'> {
  readonly title: string;
  readonly instruction: string;
  readonly workedByDefault?: boolean;
  readonly needsMeanings?: boolean;
  /** Items where nothing else is asked for; the number can then be chosen. */
  readonly usual?: number;
  /** False where the text always stands between the questions. */
  readonly printable?: boolean;
  readonly parameters?: Parameters;
  /** Fewest items of a version with fewer of them. */
  readonly fewest?: number;
  /** It does without a text as well: `text` is then empty. */
  readonly textOptional?: boolean;
  /** What it needs to know of the language; to read its sentences where it is not said. */
  readonly asks?: readonly Ability[];
  /** The task, and in plain sentences what could not be made. */
  readonly make: (input: ReadingInput) => {
    readonly task: Task;
    readonly paper?: object;
    readonly notes?: readonly (string | MakerNote)[];
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

/** Nothing to read. */
const noText: TextMaterial = {
  title: '',
  credit: '',
  author: '',
  kind: 'prose',
  body: '',
  glosses: [],
  boxed: [],
  settled: [],
  annotations: [],
  methods: [],
};

/** A maker from a text. */
export function readingMaker(settings: ReadingMakerSettings): Maker {
  const {
    title,
    instruction,
    make,
    needsMeanings,
    fewest = 2,
    asks,
    usual,
    printable = true,
    textOptional = false,
    parameters: own = {},
    ...rest
  } = settings;
  const declared = {
    textId: shaped('text of the class', 'Text'),
    section: shaped('section', 'Section'),
    ...(usual === undefined ? {} : { count: howMany() }),
    ...own,
    ...(printable ? { printText: flag('Print the text above', false) } : {}),
  } satisfies Parameters;
  const maker: Maker = {
    ...rest,
    parameters: declared,
    group: 'Reading',
    fewestWords: fewest,
    usesWords: false,
    needsText: !textOptional,
    ...(needsMeanings ? { needsMeanings } : {}),
    asks: asks ?? ['tagging'],
    workedByDefault: settings.workedByDefault ?? false,
    make(input): MakerOutput {
      const { parameters, text, lexicon } = input;
      const about = text ?? (textOptional ? noText : undefined);
      if (about === undefined) throw new Error(`${maker.name} was asked to work without a text.`);
      const wanted = read({ count: howMany() }, parameters).count ?? usual ?? 0;
      const made = make({
        ...input,
        text: about,
        wanted,
        passage: passageOf(about, lexicon),
      });
      return {
        title: parameters.title ?? made.title ?? title,
        instruction: parameters.instruction ?? made.instruction ?? instruction,
        worked: parameters.worked ?? maker.workedByDefault,
        task: made.task,
        ...(made.paper ? { paper: made.paper } : {}),
        notes: (made.notes ?? []).map((note) => (typeof note === 'string' ? { text: note } : note)),
      };
    },
    replacements: () => [],
    suggestions: () => [],
  };
  return maker;
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
