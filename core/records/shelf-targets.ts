/**
 * What a thing practises, by the names a teacher seeks it with: a sound, a pattern, a topic, an
 * ending and its rule, a structure.
 */
import { makerInfo, parametersOf } from '../exercises/catalogue';
import type { Parameter } from '../exercises/making/parameters';
import type { Accent } from '../kernel/accent';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { describePhoneme, toIpa } from '../languages/en/sounds/phonemes';
import { patternTexts } from '../languages/en/sounds/patterns';
import { speaks } from '../languages/registry/registry';
import { aimOf } from '../lists/aim-of';

/** An exercise or a list, as far as its target needs it. */
export interface Targeted {
  /** Absent of a list. */
  readonly maker?: string | undefined;
  readonly parameters?: Readonly<Record<string, unknown>>;
  readonly words: readonly string[];
  /** Of its class. */
  readonly language?: string | undefined;
  readonly accent?: Accent | undefined;
}

/** Settings that say what an exercise is about. */
const telling = { suffix: 'ending', grammar: 'structure' } as const;

/** Choices that are no structure but all of them, or a kind of material. */
const isAll = (name: string) => /^(all|a bit of)\b/i.test(name);

function chosenName(parameter: Parameter | undefined, value: unknown): string | undefined {
  if (parameter?.kind !== 'choice' && parameter?.kind !== 'open choice') return undefined;
  const chosen = value ?? ('usual' in parameter ? parameter.usual : undefined);
  return parameter.options.find(([each]) => each === chosen)?.[1];
}

/** A sound as it is said in the accent; the mark of stress is no part of its name. */
function soundNamed(sound: string, accent: Accent): string | undefined {
  const phonemes = sound.split(' ').map((each) => each.replace(/\d$/, ''));
  const known = phonemes.every((each) => describePhoneme(each, accent) !== undefined);
  return known ? `sound ${toIpa(phonemes, accent)}` : undefined;
}

/** The names of all that it practises; none where its words have nothing in common. */
export function targetsOf(
  { maker, parameters = {}, words, language, accent = 'american' }: Targeted,
  lexicon: Lexicon,
): string[] {
  const declared = maker === undefined ? {} : parametersOf(makerInfo(maker));
  const set = Object.entries(telling).flatMap(([name, kind]) => {
    const named = chosenName(declared[name], parameters[name]);
    if (named === undefined || isAll(named)) return [];
    const whole = maker === 'conditional-halves' ? `${named} conditional` : named;
    return [`${kind} ${lowerFirst(whole)}`];
  });
  const { sound, topic, patterns = [] } = speaks(language, 'words') ? aimOf(words, lexicon) : {};
  const own = parameters['sound'];
  const heard = [sound, typeof own === 'string' ? own : undefined].flatMap(
    (each) => (each && soundNamed(each, accent)) ?? [],
  );
  return [
    ...new Set([
      ...heard,
      ...patterns.map((pattern) => `pattern ${patternTexts[pattern]}`),
      ...(topic === undefined ? [] : [`topic ${topic}`]),
      ...(maker === 'build-ing' ? ['ending -ing'] : []),
      ...set,
    ]),
  ];
}

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
