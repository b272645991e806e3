/**
 * A lesson to begin with, from what a teacher has in mind: words, a text, a grammar target, a
 * picture, names to trace, a piece of writing, or nothing yet. Its five stages are filled in the
 * order in which a practitioner works: recall, a model, together, alone, a look back.
 */
import type { ClassProfile } from '../classes/class-profile';
import { fitsBest } from '../exercises/fits-best';
import { makeExercise } from '../exercises/make-exercise';
import { capitalised } from '../languages/en/grammar/frames/bank-sentence';
import { grammarRuleNames } from '../languages/en/rules/grammar-rules';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import type { Meanings } from '../languages/en/words/meanings';
import type { TextMaterial } from '../texts/reading/text-material';
import { Lesson, partsOf, stageIds, type LessonPart, type StageId } from '../records/lesson';
import type { SheetBlock } from '../sheets/blocks/sheet-block';
import { catalogue } from '../exercises/catalogue';
import { besideWords } from '../lists/beside-words';
import type { WordList } from '../lists/word-list';
import { showSound } from '../languages/en/sounds/phonemes';
import { speaks } from '../languages/registry/registry';
import { ruleCard } from '../rule-cards/rule-card';
import { findTargetSound } from '../search/target-sound';
import { planLesson } from './plan-lesson';

export const startKinds = [
  'blank',
  'words',
  'text',
  'grammar',
  'picture',
  'names',
  'writing',
] as const;

export type StartKind = (typeof startKinds)[number];

export type LessonStart =
  | { readonly kind: Exclude<StartKind, 'words' | 'text' | 'grammar'> }
  | { readonly kind: 'words'; readonly list: WordList }
  | { readonly kind: 'text'; readonly id: string; readonly text: TextMaterial }
  | { readonly kind: 'grammar'; readonly target: string };

export interface StartInput {
  readonly start: LessonStart;
  readonly class: ClassProfile;
  readonly lexicon: Lexicon;
  readonly meanings?: Meanings | undefined;
  readonly newId: () => string;
  readonly seed: number;
}

/** Minutes of each stage: forty-five in all (common practice). */
export const usualMinutes: Readonly<Record<StageId, number>> = {
  'get-ready': 5,
  show: 10,
  together: 10,
  alone: 15,
  'look-back': 5,
};

type Parts = Partial<Record<StageId, readonly LessonPart[]>>;

/** Grammar targets that can be taught: those with a rule card and an exercise of their own. */
export const grammarTargets: readonly string[] = grammarRuleNames;

/** The last of them ends with what a learner can do now. */
const withCanDo = (parts: readonly LessonPart[]): LessonPart[] =>
  parts.map((part, at) =>
    at === parts.length - 1 ? { ...part, layout: { finish: 'can-do' } } : part,
  );

interface Bench {
  readonly exercise: (
    maker: string,
    words?: readonly string[],
    parameters?: LessonPart['parameters'],
  ) => LessonPart;
  readonly note: (text: string) => LessonPart;
  readonly sheet: (title: string, blocks: readonly Omit<SheetBlock, 'id'>[]) => LessonPart;
  /** What the teacher does with the first item of a part, at the board. */
  readonly model: (part: LessonPart | undefined) => LessonPart[];
  /** Exercises that give a sheet, in the order given; the first `most` of them. */
  readonly made: (parts: readonly LessonPart[], most: number) => LessonPart[];
}

function benchOf({ start, class: profile, lexicon, meanings, newId, seed }: StartInput): Bench {
  const reading = start.kind === 'text' ? start.text : undefined;
  const part = (kind: LessonPart['kind'], more: Partial<LessonPart>): LessonPart => ({
    id: newId(),
    kind,
    text: '',
    maker: '',
    words: [],
    parameters: {},
    seed,
    ...more,
  });
  const make = (each: LessonPart) => {
    const recipe = { ...each, ...(each.parameters.textId && reading ? { reading } : {}) };
    return makeExercise(recipe, lexicon, meanings, profile);
  };
  const note = (text: string) => part('note', { text });
  return {
    exercise: (maker, words = [], parameters = {}) =>
      part('exercise', { maker, words: [...words], parameters }),
    note,
    model: (each) =>
      each === undefined
        ? []
        : [
            note(
              `Do item 1 of “${make(each).title}” on the board. Say aloud what you look at and how you know.`,
            ),
          ],
    sheet: (title, blocks) =>
      part('sheet', { text: title, blocks: blocks.map((block) => ({ id: newId(), ...block })) }),
    made: (parts, most) => parts.filter((each) => make(each).short === undefined).slice(0, most),
  };
}

/** The makers that have an option for a grammar target, and the parameters that set it. */
function forTarget(
  target: string,
): readonly { maker: string; parameters: LessonPart['parameters'] }[] {
  const own: Readonly<Record<string, readonly string[]>> = {
    'question tag': ['question-tags'],
    comparative: ['comparison-forms'],
    superlative: ['comparison-forms'],
    'relative clause': ['relative-clauses'],
    'because clause': ['join-sentences'],
    'reported speech': ['reported-speech'],
    'used to': ['used-to'],
    'prepositions of place and time': ['place-and-time'],
    'some and any, much and many': ['how-much-how-many'],
  };
  const conditional = /^(zero|first|second|third) conditional$/.exec(target)?.[1];
  const named = catalogue.flatMap(({ id, parameters, needsText }) => {
    const grammar = parameters['grammar'];
    if (needsText || grammar === undefined || !('options' in grammar)) return [];
    const options = grammar.options.map(([value]) => value as string);
    const value =
      options.find((each) => each === target) ??
      options.find((each) => each.startsWith(`${target} or `)) ??
      options.find((each) => each.endsWith(` or ${target}`)) ??
      (id === 'conditional-halves' && conditional ? conditional : undefined);
    return value === undefined ? [] : [{ maker: id, parameters: { grammar: value } }];
  });
  return [...(own[target] ?? []).map((maker) => ({ maker, parameters: {} })), ...named];
}

function grammarParts(target: string, bench: Bench): Parts {
  const all = forTarget(target);
  const of = (...makers: readonly string[]) =>
    all
      .filter(({ maker }) => makers.includes(maker))
      .map(({ maker, parameters }) => bench.exercise(maker, [], parameters));
  const spot = bench.made(of('spot-form'), 1);
  const practice = bench.made(
    all
      .filter(({ maker }) => !['spot-form', 'writing-task', 'picture-prompt'].includes(maker))
      .map(({ maker, parameters }) => bench.exercise(maker, [], parameters)),
    3,
  );
  const writing = bench.exercise('writing-task', [], {
    grammar: target,
    required: [],
    fewest: 20,
    most: 60,
  });
  const writes = all.some(({ maker }) => maker === 'writing-task');
  const alone = practice.slice(1);
  return {
    'get-ready': spot,
    show: [
      bench.sheet(capitalised(target), [
        { kind: 'rule', topic: `grammar:${target}`, size: 'large' },
      ]),
      bench.note('Read the rule together. Say one example of your own, and let a learner say one.'),
      ...bench.model(practice[0]),
    ],
    together: practice.slice(0, 1),
    alone: writes ? alone : withCanDo(alone),
    'look-back': writes ? withCanDo([writing]) : [],
  };
}

function textParts(id: string, text: TextMaterial, bench: Bench): Parts {
  const about = (maker: string) => bench.exercise(maker, [], { textId: id });
  const questions = bench.made(
    // What is read twice asks again what is true or false: it comes only where others cannot.
    ['find-it', 'true-false-not-said', 'order-of-events', 'short-answers', 'gist-and-detail'].map(
      about,
    ),
    3,
  );
  return {
    'get-ready': bench.made(['before-reading', 'word-in-context', 'text-word-box'].map(about), 2),
    show: [
      bench.sheet(text.title, [{ kind: 'reading', textId: id }]),
      bench.note('Read the first part aloud and think aloud: what do we know, what do we ask?'),
      ...bench.model(questions[0]),
    ],
    together: questions.slice(0, 1),
    alone: questions.slice(1),
    'look-back': withCanDo([about('writing-task')]),
  };
}

/** The rule card of the sound that the words share, where there is one. */
function soundCard(words: readonly string[], input: StartInput, bench: Bench): LessonPart[] {
  const { class: profile, lexicon } = input;
  if (!speaks(profile.language, 'sounds')) return [];
  const sound = findTargetSound(words.map((word) => ({ word, entry: lexicon.find(word) })));
  if (sound === undefined || ruleCard(`sound:${sound}`, profile, lexicon).rules.length === 0)
    return [];
  const rule = { kind: 'rule', topic: `sound:${sound}`, size: 'large' } as const;
  return [bench.sheet(`${showSound(sound.split(' '))} and how it is spelled`, [rule])];
}

/** As a lesson is planned from a list, with a quick recall, a rule to look at and a model. */
function wordsPlanned(list: WordList, input: StartInput, bench: Bench): Omit<Begun, 'title'> {
  const { class: profile, lexicon, meanings } = input;
  const planned = planLesson({ ...input, list });
  const partsAt = (stage: StageId) => planned.stages.find(({ id }) => id === stage)?.parts ?? [];
  /** What fits the words best, beside what is in the lesson already. */
  const best = (stage: StageId): LessonPart[] => {
    const recipe = { words: list.words, parameters: { beside: besideWords([list]) } };
    const present = partsOf(planned).map(({ maker }) => maker);
    return fitsBest({ recipe, stage, present, profile }, lexicon, meanings, 1).map(({ maker }) =>
      bench.exercise(maker, list.words),
    );
  };
  const shared = partsAt('together');
  const together = shared.length > 0 ? shared : best('together');
  const parts: Parts = {
    'get-ready': [...partsAt('get-ready'), ...best('get-ready')],
    show: [...soundCard(list.words, input, bench), ...partsAt('show'), ...bench.model(together[0])],
    together,
    alone: withCanDo(partsAt('alone')),
    'look-back': partsAt('look-back'),
  };
  return { objective: planned.objective, parts };
}

interface Begun {
  readonly title: string;
  readonly objective: string;
  readonly parts: Parts;
}

function begin(input: StartInput, bench: Bench): Begun {
  const { start } = input;
  switch (start.kind) {
    case 'words':
      return {
        title: start.list.name,
        ...wordsPlanned(start.list, input, bench),
      };
    case 'text':
      return {
        title: `Reading: ${start.text.title}`,
        objective: `Read “${start.text.title}”, and say what in the text shows it.`,
        parts: textParts(start.id, start.text, bench),
      };
    case 'grammar':
      return {
        title: capitalised(start.target),
        objective: `Learners find the ${start.target} in sentences and use it in their own.`,
        parts: grammarParts(start.target, bench),
      };
    case 'picture':
      return {
        title: 'Around a picture',
        objective: 'Learners name what they see and write about it.',
        parts: {
          'get-ready': [
            bench.note('Look at the picture for one minute. Cover it. What was there?'),
          ],
          together: [bench.exercise('pinned-picture')],
          alone: [bench.exercise('picture-prompt')],
        },
      };
    case 'names':
      return {
        title: 'Our names',
        objective: 'Learners write their own name with letters that stand on the line.',
        parts: {
          show: [bench.note('Write one name large. Say where each letter begins.')],
          alone: [bench.exercise('trace-copy-write', [], { ownName: true })],
        },
      };
    case 'writing':
      return {
        title: 'A piece of writing',
        objective: 'Learners plan, write and check a text of their own.',
        parts: {
          'get-ready': [bench.note('Say to a partner what you will write about.')],
          alone: [bench.exercise('writing-task')],
          'look-back': [bench.note('Read it once more aloud. Tick off the list.')],
        },
      };
    case 'blank':
      return { title: 'New lesson', objective: '', parts: {} };
  }
}

/** The lesson that a start gives. */
export function startLesson(input: StartInput): Lesson {
  const { title, objective, parts } = begin(input, benchOf(input));
  return Object.assign(new Lesson(), {
    id: input.newId(),
    classId: input.class.id,
    title: title.slice(0, 300),
    objective: objective.slice(0, 600),
    stages: stageIds.map((id) => ({
      id,
      minutes: usualMinutes[id],
      parts: [...(parts[id] ?? [])],
    })),
  });
}
