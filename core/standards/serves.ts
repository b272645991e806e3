/**
 * What serves a standard: the exercises that can be made for each thing it asks, and the things
 * that an exercise practises by what it holds. Both sides speak the table’s names (`spelling:ai`,
 * `structure:passive`, `infer`).
 */
import { recipeProblems } from '../exercises/catalogue';
import type { Task } from '../exercises/interactions';
import { gapsOf } from '../exercises/interactions/gap/task';

/** Exercises for what has no value of its own. */
const makersFor: Readonly<Record<string, readonly string[]>> = {
  sound: ['sort-by-sound', 'sound-boxes', 'missing-grapheme'],
  spelling: ['missing-grapheme', 'sort-by-spelling', 'underline-spelling', 'dictation'],
  pattern: ['sort-by-syllable-type', 'fluency-grid', 'word-search'],
  suffix: ['build-suffix', 'sort-by-suffix-rule', 'build-ing'],
  prefix: ['build-suffix', 'word-map'],
  syllables: ['syllable-cutting', 'sort-by-syllables'],
  compound: ['compound-words'],
  rhyme: ['sort-by-rhyme', 'onset-rime-wheel'],
  segment: ['sound-boxes'],
  'blend-sounds': ['made-up-words', 'roll-and-read', 'onset-rime-wheel'],
  decode: ['fluency-grid', 'roll-and-read', 'made-up-words'],
  fluency: ['fluency-grid', 'roll-and-read'],
  'sight-words': ['trace-copy-write', 'word-search'],
  homophones: ['confusable-words'],
  confusables: ['confusable-words'],
  synonyms: ['synonyms-opposites'],
  opposites: ['synonyms-opposites'],
  'word-meaning-in-context': ['word-in-context', 'work-it-out', 'choose-meaning', 'sentence-gaps'],
  'word-family': ['word-map'],
  categories: ['sort-by-topic', 'odd-one-out'],
  dictionary: ['match-meaning', 'choose-meaning'],
  'sentence-types': ['sentence-types'],
  'end-marks': ['end-marks'],
  'capital-letters': ['repair-sentence'],
  'complete-sentences': ['repair-sentence', 'sentence-planner', 'word-order'],
  'join-sentences': ['join-sentences'],
  handwriting: ['trace-copy-write'],
  'find-it': ['find-it', 'true-false-not-said'],
  infer: ['questions-between', 'work-it-out'],
  'main-idea': ['gist-and-detail'],
  'order-of-events': ['order-of-events'],
  'text-structure': ['text-structure'],
  'authors-purpose': ['authors-purpose'],
  character: ['character-traits'],
  quotation: ['quotation-chart'],
  devices: ['device-chart'],
  poetry: ['device-chart', 'quotation-chart'],
  'compare-texts': ['notes-page'],
  predict: ['before-reading'],
  evidence: ['quotation-chart', 'find-it'],
  'narrative-writing': ['writing-task', 'picture-prompt'],
  'opinion-writing': ['writing-task'],
  'informative-writing': ['writing-task', 'notes-page'],
  'punctuation:comma': ['repair-sentence'],
  'punctuation:apostrophe': ['same-meaning'],
  'punctuation:quotation': ['reported-speech'],
};

/** Exercises for a structure that has some of its own, with what they are to be about. */
const forStructure: Readonly<
  Record<string, readonly { readonly maker: string; readonly grammar?: string }[]>
> = {
  passive: [{ maker: 'same-meaning', grammar: 'passive' }],
  question: [{ maker: 'same-meaning', grammar: 'question' }],
  negative: [{ maker: 'same-meaning', grammar: 'negative' }],
  contraction: [{ maker: 'same-meaning', grammar: 'contracted' }],
  plural: [{ maker: 'same-meaning', grammar: 'plural' }],
  'tag-question': [{ maker: 'question-tags' }],
  reported: [{ maker: 'reported-speech' }],
  comparative: [{ maker: 'comparison-forms' }],
  superlative: [{ maker: 'comparison-forms' }],
  'relative-clause': [{ maker: 'relative-clauses' }],
  conjunction: [{ maker: 'join-sentences' }],
  'because-clause': [{ maker: 'join-sentences', grammar: 'because' }],
  'when-clause': [{ maker: 'join-sentences', grammar: 'when' }],
  article: [{ maker: 'place-articles' }, { maker: 'how-much-how-many' }],
  preposition: [{ maker: 'place-and-time' }],
  'first-conditional': [{ maker: 'conditional-halves', grammar: 'first' }],
  'second-conditional': [{ maker: 'conditional-halves', grammar: 'second' }],
  'third-conditional': [{ maker: 'conditional-halves', grammar: 'third' }],
  'subject-verb-agreement': [{ maker: 'verb-form', grammar: 'present simple' }],
};

/** Tenses as the table and as the makers name them. */
const tenses: Readonly<Record<string, string>> = {
  'past-simple': 'past simple',
  'present-simple': 'present simple',
  'present-continuous': 'present continuous',
  'past-continuous': 'past continuous',
  'present-perfect': 'present perfect',
  'past-perfect': 'past perfect',
  'future-will': 'future will',
  'going-to': 'future going-to',
};

/** Structures that a text can be looked through for, as the makers name them. */
const spotted: Readonly<Record<string, string>> = {
  ...tenses,
  adjective: 'adjectives',
  adverb: 'adverbs',
  preposition: 'prepositions',
  pronoun: 'pronouns',
  passive: 'passive',
  'relative-clause': 'relative clause',
  comparative: 'comparative',
  superlative: 'superlative',
  modal: 'must, should, have to',
};

/** An exercise that serves a standard, with what is to be set for it. */
export interface Suggestion {
  readonly maker: string;
  readonly parameters: Readonly<Record<string, unknown>>;
  /** The name of what it serves. */
  readonly serves: string;
}

/** The sound and the spelling that a standard names, for a search of words. */
export interface SoughtWords {
  readonly sounds: readonly string[];
  readonly spellings: readonly string[];
  readonly suffixes: readonly string[];
}

/** Exercises that are about one ending or beginning. */
const affixed: readonly string[] = ['build-suffix', 'sort-by-suffix-rule'];

const valueOf = (key: string) => key.slice(key.indexOf(':') + 1);
const kindOf = (key: string) => (key.includes(':') ? key.slice(0, key.indexOf(':')) : key);

/** Exercises for a standard, in the order of what it asks; each maker once. */
export function suggestionsFor(serves: readonly string[]): Suggestion[] {
  const found = serves.flatMap((key): Suggestion[] => {
    const kind = kindOf(key);
    if (kind === 'structure') {
      const name = valueOf(key);
      const own = (forStructure[name] ?? []).map(({ maker, grammar }) => ({
        maker,
        parameters: grammar === undefined ? {} : { grammar },
        serves: key,
      }));
      const tense = tenses[name];
      const formed = tense
        ? [{ maker: 'verb-form', parameters: { grammar: tense }, serves: key }]
        : [];
      const lit = spotted[name];
      const spot = lit ? [{ maker: 'spot-form', parameters: { grammar: lit }, serves: key }] : [];
      return [...own, ...formed, ...spot];
    }
    return (makersFor[key] ?? makersFor[kind] ?? []).map((maker) => ({
      maker,
      parameters: affixed.includes(maker) ? { suffix: valueOf(key) } : {},
      serves: key,
    }));
  });
  const seen = new Set<string>();
  return found.filter(({ maker, parameters, serves: key }) => {
    // Only a list about -ing is for the exercise of just that ending.
    if (maker === 'build-ing' && key !== 'suffix:ing') return false;
    const fresh = !seen.has(maker);
    // An ending that the exercise does not know is nothing it can be about.
    if (!fresh || recipeProblems(maker, parameters).length > 0) return false;
    seen.add(maker);
    return true;
  });
}

/** What words a standard is about; undefined where it is about none. */
export function soughtBy(serves: readonly string[]): SoughtWords | undefined {
  const values = (kind: string) => serves.filter((key) => kindOf(key) === kind).map(valueOf);
  const sought = {
    sounds: values('sound').flatMap((value) => value.split('+')),
    spellings: values('spelling'),
    suffixes: values('suffix'),
  };
  return Object.values(sought).some((list) => list.length > 0) ? sought : undefined;
}

/** What an exercise is, as far as a standard asks. */
export interface HeldExercise {
  readonly maker: string;
  readonly parameters: Readonly<Record<string, unknown>>;
  readonly task: Task;
}

/** The letters that are missing or under which words are sorted, without marks. */
function lettersOf(task: Task): string[] {
  if (task.interaction === 'gap') {
    return task.items.flatMap((item) =>
      item.pieces.some((piece) => piece.kind === 'text' && /^\p{L}+$/u.test(piece.text.trim()))
        ? [
            gapsOf(item)
              .map(({ answer }) => answer)
              .join('_'),
          ]
        : [],
    );
  }
  if (task.interaction === 'sort') return task.headings.map(({ label }) => label.replace('–', '_'));
  return [];
}

/** Everything the table has a name for that an exercise practises. */
export function practisedBy({ maker, parameters, task }: HeldExercise): Set<string> {
  const keys = new Set<string>();
  for (const [key, ids] of Object.entries(makersFor)) {
    if (!ids.includes(maker)) continue;
    // What has a value is served by the value that is there, not by the kind of exercise.
    if (!['sound', 'spelling', 'pattern', 'suffix', 'prefix'].includes(key)) keys.add(key);
  }
  for (const letters of lettersOf(task)) keys.add(`spelling:${letters}`);
  if (maker === 'build-ing') keys.add('suffix:ing');
  const { suffix, grammar } = parameters;
  if (typeof suffix === 'string') {
    const [plain = suffix] = suffix.split('-');
    keys.add(`suffix:${plain}`).add(`prefix:${plain}`);
  }
  for (const [name, own] of Object.entries(forStructure)) {
    const its = own.find((each) => each.maker === maker);
    if (its && (its.grammar === undefined || its.grammar === grammar)) {
      keys.add(`structure:${name}`);
    }
  }
  for (const [name, called] of [...Object.entries(tenses), ...Object.entries(spotted)]) {
    if (grammar === called) keys.add(`structure:${name}`);
  }
  return keys;
}
