/** The search as it stands in the address, so that a search can be kept, shared and gone back to. */
import type { ClassProfile } from '~core/classes/class-profile';
import { sequenceOf } from '~core/classes/class-sequence';
import { isPatternName, type PatternName } from '~core/languages/en/sounds/patterns';
import { describePhoneme, isVowelPhoneme } from '~core/languages/en/sounds/phonemes';
import {
  knowledges,
  matches,
  places,
  sortOrders,
  stressPlaces,
  type WordQuery,
} from '~core/search/word-query';
import { wordClassNames } from '~core/languages/en/lexicon/word-class';
import { t } from '~/phrases/t';

/** Values of the slot for syllables. */
export const syllableChoices: Readonly<Record<string, { text: string; min: number; max: number }>> =
  {
    '1': { text: t('words.1Syllable'), min: 1, max: 1 },
    '1-2': { text: t('words.12Syllables'), min: 1, max: 2 },
    '2': { text: t('words.2Syllables'), min: 2, max: 2 },
    '3': { text: t('words.3SyllablesOrMore'), min: 3, max: 99 },
    any: { text: t('words.anyNumberOfSyllables'), min: 1, max: 99 },
  };

/** The slot that asks for no sound. */
export const ANY_SOUND = 'any';

export type ScreenQuery = Omit<WordQuery, 'class' | 'limit' | 'except'> & {
  readonly sounds: readonly string[];
  readonly patterns: readonly PatternName[];
  readonly syllables: string;
  /** Leave out what the open list has. */
  readonly fresh: boolean;
  /** Show every answer rather than the first few hundred. */
  readonly all: boolean;
};

/** The sound a class is most likely working on: the latest vowel of its sequence, else /ă/; none for a class that reads freely. */
export function defaultSound(profile: ClassProfile): string {
  if (profile.step === null) return ANY_SOUND;
  const { steps } = sequenceOf(profile);
  for (let number = profile.step ?? steps.length; number > 0; number -= 1) {
    const taught = steps[number - 1]?.teaches ?? [];
    const sounds = taught.map((key) => key.split('|')[1] ?? '');
    const vowel = sounds.find((sound) => isVowelPhoneme(sound) && sound !== 'AH');
    if (vowel !== undefined) return vowel;
  }
  return 'AE';
}

/** One of a list of values, else nothing. */
function oneOf<Value extends string>(value: string | null, values: readonly Value[]) {
  return values.find((each) => each === value);
}

const isSound = (value: string) =>
  value !== '' &&
  (/^AH[01]$/.test(value) ||
    value.split(' ').every((phoneme) => describePhoneme(phoneme) !== undefined));

/** An object without the fields that have no value. */
function given<Shape extends object>(
  fields: Shape,
): { [Key in keyof Shape]?: Exclude<Shape[Key], undefined> } {
  return Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined && value !== ''),
  ) as never;
}

/** Reads the address; whatever it does not say, or says wrongly, has a default. */
export function readQuery(parameters: URLSearchParams, sound: string): ScreenQuery {
  const free = sound === ANY_SOUND;
  const syllables = parameters.get('syllables') ?? (free ? 'any' : '1-2');
  const choice = syllableChoices[syllables] ?? { min: 1, max: 2 };
  const asked = parameters.getAll('sound');
  const sounds = asked.length === 0 && !free ? [sound] : asked.filter(isSound);
  const pair = (parameters.get('pair') ?? '').split('-');
  const flag = (name: string) => (parameters.get(name) === '1' ? true : undefined);
  const text = (name: string) => parameters.get(name)?.trim() ?? undefined;
  const withoutSpelling = text('nospelling');
  const withoutPatterns = parameters.getAll('nopattern').filter(isPatternName);
  return {
    sounds,
    patterns: parameters.getAll('pattern').filter(isPatternName),
    place: oneOf(parameters.get('place'), places) ?? 'any',
    knows: oneOf(parameters.get('knows'), knowledges) ?? 'secure',
    sort: oneOf(parameters.get('sort'), sortOrders) ?? 'known',
    syllables: syllableChoices[syllables] ? syllables : '1-2',
    minSyllables: choice.min,
    maxSyllables: choice.max,
    fresh: flag('new') ?? false,
    all: flag('all') ?? false,
    ...given({
      soundMatch: oneOf(parameters.get('soundMatch'), matches),
      patternMatch: oneOf(parameters.get('patternMatch'), matches),
      spelling: text('spelling'),
      wordClass: oneOf(parameters.get('pos'), wordClassNames),
      stress: oneOf(parameters.get('stress'), stressPlaces),
      level: text('level'),
      topic: text('topic'),
      pictured: flag('pictured'),
      compound: flag('compound'),
      rhymesWith: text('rhyme'),
      prefix: text('prefix'),
      suffix: text('suffix'),
      family: text('family'),
      homophones: flag('homophones'),
      opposites: flag('opposites'),
      oppositeOf: text('opposite'),
      nameFor: text('name'),
      fold: flag('fold'),
      beginsWith: text('begins'),
      endsWith: text('ends'),
      expression: text('expr'),
      minimalPair:
        pair.length === 2 && pair.every(isSound)
          ? ([pair[0], pair[1]] as [string, string])
          : undefined,
      without:
        withoutSpelling || withoutPatterns.length > 0
          ? {
              ...(withoutSpelling ? { spellings: [withoutSpelling] } : {}),
              patterns: withoutPatterns,
            }
          : undefined,
    }),
  };
}

/** The address parameters that search for a query: for links, and for “words like these”. */
export function writeQuery(query: WordQuery): URLSearchParams {
  const parameters = new URLSearchParams();
  const set = (name: string, value: string | undefined) => {
    if (value !== undefined && value !== '') parameters.append(name, value);
  };
  const sounds = [...(query.sound ? [query.sound] : []), ...(query.sounds ?? [])];
  for (const sound of sounds.length > 0 ? sounds : [ANY_SOUND]) set('sound', sound);
  set('spelling', query.spelling);
  for (const pattern of query.patterns ?? []) set('pattern', pattern);
  const { minSyllables: min, maxSyllables: max } = query;
  const choice = Object.entries(syllableChoices).find(
    ([, each]) => each.min === min && each.max === max,
  );
  set('syllables', choice?.[0] ?? (min === 1 && max === 1 ? '1' : max === 2 ? '1-2' : 'any'));
  set('topic', query.topic);
  set('name', query.nameFor);
  set('prefix', query.prefix);
  set('suffix', query.suffix);
  set('family', query.family);
  set('opposite', query.oppositeOf);
  set('homophones', query.homophones ? '1' : undefined);
  set('opposites', query.opposites ? '1' : undefined);
  set('pictured', query.pictured ? '1' : undefined);
  set('fold', query.fold ? '1' : undefined);
  set('rhyme', query.rhymesWith);
  set('knows', query.knows);
  set('pos', query.wordClass);
  return parameters;
}

/** The address of a search for one sound, in one spelling. */
export function soundLink(sound: string, spelling?: string): string {
  const parameters = writeQuery({ sound, ...(spelling ? { spelling } : {}) });
  return `/words?${parameters.toString()}`;
}
