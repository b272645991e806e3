/** What teachers call exercises: their words for ours, so that a search finds what they mean. */
import { canDo } from '../languages/language-pack';
import { packOf } from '../languages/registry/registry';
import { catalogue, type MakerInfo } from './catalogue';

/**
 * A teacher's words and the makers they mean, the closest first (common practice of staff rooms,
 * British and American).
 */
const synonyms: readonly (readonly [string, readonly string[]])[] = [
  ['flash cards flashcards word cards', ['two-sided-cards', 'pairs']],
  ['bingo lotto housie', ['bingo-boards']],
  ['memory game concentration snap pelmanism', ['pairs']],
  ['sentence frame stem starter scaffold slots building', ['sentence-frames', 'writing-bank']],
  [
    'cloze gap fill gapfill fill in the blanks missing words',
    ['sentence-gaps', 'text-word-box', 'own-gaps'],
  ],
  [
    'multiple choice quiz test',
    ['choose-meaning', 'picture-to-word', 'fitting-phrase', 'own-choices'],
  ],
  ['matching match up connect lines', ['match-meaning', 'match-picture', 'match-translation']],
  ['wordsearch find the words', ['word-search']],
  ['anagram jumbled letters scrambled', ['unscramble']],
  ['jumbled sentence scrambled sentence unjumble', ['word-order']],
  ['elkonin phoneme frames sound buttons segmenting', ['sound-boxes']],
  ['nonsense words pseudo words alien decoding', ['made-up-words']],
  ['dice game board game reading race die game', ['roll-and-read', 'fluency-grid']],
  ['reading speed fluency words a minute', ['fluency-grid']],
  [
    'cut and stick cut and paste sorting categorise',
    ['sort-by-spelling', 'sort-by-topic', 'sort-by-sound'],
  ],
  ['soft c soft g hard c hard g', ['sort-hard-soft']],
  ['word families rhyming rhyme', ['sort-by-rhyme', 'onset-rime-wheel']],
  ['clapping beats syllable division', ['sort-by-syllables', 'syllable-cutting']],
  [
    'phonics phoneme grapheme letter sounds',
    ['spellings-of-a-sound', 'sounds-of-a-letter', 'missing-letters'],
  ],
  ['silent letters mute', ['silent-letters']],
  ['accents accent marks stress tilde aguda llana esdrújula', ['stressed-syllable']],
  ['syllables hyphenation', ['written-syllables', 'syllable-cutting']],
  ['open closed vowel team magic e', ['sort-by-syllable-type', 'missing-grapheme']],
  ['handwriting copying tracing names to trace', ['trace-copy-write', 'letters-and-joins']],
  [
    'letter formation families joins joining cursive alphabet pre-writing numerals figures',
    ['letters-and-joins', 'trace-copy-write'],
  ],
  ['doublets change a letter ladder weaver', ['word-ladder', 'word-chain']],
  ['domino dominoes loop cards follow me', ['dominoes']],
  ['spinner dice cube net template game pieces', ['spinner-or-die', 'roll-and-read']],
  ['bookmark strip reading record', ['bookmarks']],
  ['labels envelope tray classroom signs word wall', ['word-labels', 'two-sided-cards']],
  ['spelling test', ['dictation', 'missing-grapheme']],
  ['look cover write check spelling homework', ['trace-copy-write', 'writing-bank']],
  ['definitions vocabulary dictionary', ['match-meaning', 'choose-meaning', 'crossword']],
  ['agreement agree concord gender number feminine plural', ['adjective-agreement']],
  ['negation negative negate interrogative ask deny', ['say-no-or-ask']],
  ['antonyms opposites synonyms thesaurus', ['synonyms-opposites']],
  ['frayer mind map word web graphic organiser', ['word-map', 'relations-map']],
  ['family tree relatives parts of kinds of', ['relations-map']],
  ['map country city town atlas geography locate place', ['pinned-picture', 'place-articles']],
  ['homophones there their confused words', ['confusable-words']],
  ['prefixes suffixes endings', ['build-suffix', 'build-ing', 'sort-by-suffix-rule']],
  ['error correction editing proofreading find the mistake', ['repair-sentence', 'end-marks']],
  ['punctuation capital letters full stops periods', ['end-marks', 'repair-sentence']],
  ['tenses past simple present perfect', ['tense-contrast', 'verb-form', 'forms-table']],
  ['verb chart conjugation verb table', ['forms-table', 'irregular-parts']],
  [
    'second conditional first conditional third conditional if clauses',
    ['conditional-halves', 'verb-form'],
  ],
  ['active passive rewrite transformation', ['same-meaning', 'verb-form']],
  ['direct speech indirect speech reported', ['reported-speech']],
  ['tag questions isn’t it', ['question-tags']],
  ['superlatives comparatives bigger biggest', ['comparison-forms']],
  ['in on at prepositions', ['place-and-time']],
  ['some any much many countable uncountable', ['how-much-how-many']],
  ['who which that relative pronouns', ['relative-clauses']],
  ['conjunctions because but so joining sentences', ['join-sentences']],
  ['expand sentences adjectives adverbs stretch', ['grow-sentence']],
  ['comprehension questions reading questions wh', ['find-it', 'short-answers', 'gist-and-detail']],
  ['true false statements', ['true-false-not-said']],
  ['main idea gist summary', ['gist-and-detail']],
  ['inference reading between the lines', ['work-it-out']],
  ['sequencing order events story order', ['order-of-events']],
  ['character description traits', ['character-traits']],
  ['text features structure', ['text-structure']],
  ['poetry similes metaphor figurative language techniques', ['device-chart', 'quotation-chart']],
  ['quotation evidence point explain', ['quotation-chart']],
  ['note taking notes', ['notes-page']],
  ['prediction before you read pre-reading', ['before-reading']],
  [
    'picture description describe the picture',
    ['picture-prompt', 'labelled-picture', 'pinned-picture'],
  ],
  ['my own picture photo hotspot', ['pinned-picture', 'picture-prompt']],
  ['creative writing story writing composition essay', ['writing-task', 'sentence-planner']],
  ['i spy hidden pictures', ['find-in-picture']],
  ['numbers dates prices telling the time', ['number-readings', 'numbers-heard', 'number-match']],
  ['timeline time line dates history chronology', ['time-line', 'order-of-events']],
  ['order of size smallest largest compare measures', ['number-order', 'measure-forms']],
  ['listening numbers dictation figures', ['numbers-heard', 'dictation']],
  ['revision review mixed practice', ['mixed-review']],
  ['word ladder change one letter', ['word-chain']],
  ['spinner wheel onset rime', ['onset-rime-wheel']],
  ['highlight underline find', ['underline-spelling', 'spot-form']],
  ['translation bilingual', ['match-translation', 'two-sided-cards']],
];

const plain = (text: string) => text.toLowerCase().replaceAll('’', "'").replace(/[-–]/g, ' ');

export const tokensOf = (text: string) =>
  plain(text)
    .split(/[^\p{L}\p{N}']+/u)
    .filter(Boolean);

/** Words that say nothing of what is meant: a map of a country. */
const small = new Set('a an the of for with in on at to my and or some'.split(' '));

/** What is typed without its small words, unless there are no others. */
export function tellingWords(typed: string): readonly string[] {
  const words = tokensOf(typed);
  const left = words.filter((word) => !small.has(word));
  return left.length > 0 ? left : words;
}

/** True where a word of the text begins as was typed, one or many: “flash” finds “flashcards”. */
export const beginsWith = (words: readonly string[], typed: string) =>
  words.some(
    (word) => word.startsWith(typed) || (typed.endsWith('s') && word === typed.slice(0, -1)),
  );

/** What a name or a description is called in the language of whoever types. */
type Called = (english: string) => string;

/** How well a maker answers what was typed; 0 where it does not. */
function scoreOf(info: MakerInfo, typed: readonly string[], called: Called): number {
  const both = (english: string) => [...tokensOf(english), ...tokensOf(called(english))];
  const name = both(info.name);
  const described = both(info.description);
  const own = typed.every((each) => beginsWith(name, each))
    ? 4
    : typed.every((each) => beginsWith([...name, ...described], each))
      ? 2
      : 0;
  const meant = synonyms
    .filter(([, ids]) => ids.includes(info.id))
    .map(([words, ids]) => {
      const known = [...tokensOf(words), ...name];
      return typed.every((each) => beginsWith(known, each)) ? 3 - ids.indexOf(info.id) * 0.1 : 0;
    });
  return Math.max(own, ...meant, 0);
}

/**
 * The makers that a teacher means, the closest first; all that the language has where nothing is typed.
 *
 * @param language tag of the class's language
 * @param called what is called otherwise by whoever types: it is found by both names
 */
export function findMakersByWords(
  typed: string,
  language: string,
  called: Called = (english) => english,
): readonly MakerInfo[] {
  const offered = catalogue.filter((info) => canDo(packOf(language), info.asks));
  const words = tellingWords(typed);
  if (words.length === 0) return offered;
  return offered
    .map((info) => ({ info, score: scoreOf(info, words, called) }))
    .filter(({ score }) => score > 0)
    .sort((one, other) => other.score - one.score)
    .map(({ info }) => info);
}
