/** What each function for scripts takes: its fields, and the values that are not free. */
import { lookNames } from '../kernel/look';
import { finishNames, keyNames } from '../paper/sheet-layout';
import { completeClass, type ClassSettings } from '../classes/new-class';
import { accents } from '../kernel/accent';
import { mapZooms } from '../maps/locator-map';
import { spellings } from '../kernel/spelling';
import { openRecord } from '../records/open-record';
import { knowledges, matches, places, sortOrders, stressPlaces } from '../search/word-query';
import {
  anything,
  count,
  either,
  fields,
  flag,
  oneOf,
  text,
  texts,
  type Check,
  type Fields,
} from './strict';

const accent = oneOf(accents);
const spelling = oneOf(Object.keys(spellings));

/** Settings of a class: checked as a class is before it is kept. */
const classSettings: Check = (value) => {
  if (typeof value !== 'object' || value === null) return 'is an object with settings of a class';
  const read = openRecord('classes', completeClass(value as ClassSettings));
  if (read.ok) return undefined;
  const [first] = read.problems;
  return `is not right: ${first?.field ?? ''}: ${first?.text ?? ''}`;
};

const query: Fields = {
  sound: text,
  sounds: texts,
  soundMatch: oneOf(matches),
  spelling: text,
  spellings: texts,
  spellingMatch: oneOf(matches),
  place: oneOf(places),
  pattern: text,
  patterns: texts,
  patternMatch: oneOf(matches),
  without: fields({ sounds: texts, spellings: texts, patterns: texts }),
  minSyllables: count,
  maxSyllables: count,
  stress: oneOf(stressPlaces),
  rhymesWith: text,
  minimalPair: texts,
  prefix: text,
  suffix: text,
  family: text,
  root: text,
  homophones: flag,
  homophoneOf: text,
  opposites: flag,
  oppositeOf: text,
  nameFor: text,
  fold: flag,
  beginsWith: text,
  endsWith: text,
  wordClass: text,
  level: text,
  topic: text,
  pictured: flag,
  compound: flag,
  expression: text,
  class: classSettings,
  knows: oneOf(knowledges),
  ingRule: text,
  except: texts,
  sort: oneOf(sortOrders),
  limit: count,
  accent,
};

const layout = fields({
  paper: text,
  columns: oneOf([1, 2]),
  largePrint: flag,
  wideSpacing: flag,
  inkSaver: flag,
  look: oneOf(lookNames),
  colour: flag,
  asIs: flag,
  finish: oneOf(finishNames),
  key: oneOf(keyNames),
  keyStrip: flag,
  border: text,
  header: text,
});

/** Parameters are checked by what the maker declares. */
const recipe: Fields = {
  maker: text,
  parameters: fieldsOfAny(),
  material: fields({ words: texts, text: anything }),
  seed: count,
  class: classSettings,
};

function fieldsOfAny(): Check {
  return (value) => (typeof value === 'object' && value !== null ? undefined : 'is an object');
}

const check = fields({
  words: texts,
  fewest: count,
  most: count,
  text: flag,
  complete: flag,
  structures: anything,
});

export const inputs = {
  analyseWord: { word: text, accent },
  explainWord: { word: text, query: fields(query) },
  wordsLike: { words: texts, accent },
  pseudowords: {
    sequence: either(text, fieldsOfAny()),
    step: count,
    pattern: text,
    count,
    seed: count,
  },
  findWords: query,
  define: { word: text },
  sentencesOf: { word: text, class: classSettings },
  inflect: { base: text, suffix: text, spelling, wordClass: oneOf(['noun', 'verb']) },
  analyseText: { text, language: text, class: classSettings, verse: flag },
  findDevices: { text, verse: flag },
  methods: {},
  layOutText: {
    text: anything,
    reading: fieldsOfAny(),
    layout,
    class: classSettings,
    footer: text,
  },
  readText: { text, fileName: text, format: text },
  checkReach: { words: texts, text, class: classSettings },
  makeExercise: recipe,
  checkExercise: recipe,
  markResponse: { item: fieldsOfAny(), response: anything },
  forLearner: { exercise: fieldsOfAny(), answers: flag },
  writeSlip: { learner: text, lesson: text, answers: anything, at: count },
  readSlip: { slip: text },
  diagnose: { item: fieldsOfAny(), response: anything },
  simulate: { task: fieldsOfAny(), learner: fieldsOfAny(), seed: count },
  resultsOf: { slips: anything, lesson: fieldsOfAny() },
  nextPractice: { results: fieldsOfAny(), learner: text },
  checkObjective: { objective: text },
  readStandards: { text },
  toCalendar: { lessons: anything, made: count },
  makers: {},
  paginate: { blocks: anything, paper: anything, columns: oneOf([1, 2]) },
  layOutSheet: { ...recipe, footer: text, layout },
  layOutLesson: {
    title: text,
    exercises: anything,
    class: classSettings,
    footer: text,
    booklet: flag,
  },
  fitsBest: { words: texts, stage: text, present: texts, class: classSettings },
  layOutBlocks: { title: text, blocks: anything, layout, class: classSettings, footer: text },
  writeDocument: { ...recipe, format: oneOf(['markdown', 'text', 'csv']) },
  ruleCard: { topic: text, class: classSettings },
  confusables: { word: text },
  readRoster: { text, present: texts },
  sequence: { accent },
  describeSentence: { sentence: text },
  findInText: { text, language: text, feature: text },
  transform: {
    sentence: text,
    to: text,
    with: text,
    pronoun: oneOf(['he', 'she', 'they']),
    spelling,
  },
  verbForms: {
    verb: text,
    language: oneOf(['en', 'ja', 'fr', 'es', 'pt', 'it']),
    spelling,
    reading: text,
    verbClass: oneOf(['godan', 'ichidan', 'irregular']),
  },
  parseForm: { language: oneOf(['la']), form: text },
  formsOf: { language: oneOf(['la', 'ja', 'fr', 'es', 'pt', 'it']), lemma: text },
  letterSounds: { language: oneOf(['fr', 'es', 'pt', 'it']), word: text },
  formsTable: { verb: text, tense: text, spelling },
  checkWriting: { text, check },
  writeScript: {
    text,
    title: text,
    language: text,
    times: count,
    pause: anything,
    pace: anything,
    numbered: flag,
    by: oneOf(['line', 'sentence', 'paragraph']),
  },
  measureWords: { measure: text, spelling },
  findPlaces: { name: text, most: count },
  placeMap: { name: text, country: text, zoom: oneOf(mapZooms), marked: flag },
  readMeasure: {
    text,
    variety: oneOf(['us', 'international']),
    language: oneOf(['en', 'fr', 'es', 'pt', 'it', 'ru']),
  },
  grammar: {},
} as const satisfies Readonly<Record<string, Fields>>;
