/**
 * The face of the core for scripts: functions that take one plain object and
 * give plain data, and refuse what they do not know. The lexicon is loaded once a
 * process with `useLexicon`.
 */
import * as functions from './script/functions';
import * as languages from './script/languages';
import * as listening from './script/listening';
import * as maps from './script/maps';
import * as plan from './script/plan';
import * as practice from './script/practice';
import * as sentences from './script/grammar';
import { inputs } from './script/inputs';
import { strictly } from './script/strict';

export { useAtlas, useLexicon, useMeanings, useSyllables, type PackSource } from './script/loaded';

/** A word taken apart: graphemes, phonemes, syllables, patterns, parts, frequency, level, pictures. */
export const analyseWord = strictly('analyseWord', inputs.analyseWord, functions.analyseWord);

/** Why a word is among the answers of a query, or is not: each condition with whether it is met. */
export const explainWord = strictly('explainWord', inputs.explainWord, functions.explainWord);

/** What a few example words share, as a query for more like them. */
export const wordsLike = strictly('wordsLike', inputs.wordsLike, functions.wordsLike);

/** Words a class can sound out and cannot know; `sequence` is `american`, `british` or a whole sequence. */
export const pseudowords = strictly('pseudowords', inputs.pseudowords, functions.pseudowords);

/** The words that match a query, most frequent first, with the count under each spelling. */
export const findWords = strictly('findWords', inputs.findWords, functions.findWords);

/** Short meanings of a word or of the base it is a form of, the likeliest sense first. */
export const define = strictly('define', inputs.define, functions.define);

/** Sentences with a word in them, in whatever form: those that suit the class first. */
export const sentencesOf = strictly('sentencesOf', inputs.sentencesOf, functions.sentencesOf);

/** A word form with the rule that made it; the suffixes are those of `suffixes`. */
export const inflect = strictly('inflect', inputs.inflect, functions.inflect);

/** Counts, eight readability formulas, vocabulary, what the class can decode, and how the text runs. */
export const analyseText = strictly('analyseText', inputs.analyseText, functions.analyseText);

/** Devices that a machine can find, and how a poem is built. */
export const findDevices = strictly('findDevices', inputs.findDevices, functions.findDevices);

/** The list of methods, with definition and example. */
export const methods = strictly('methods', inputs.methods, functions.methods);

/** A text as the pages that print. */
export const layOutText = strictly('layOutText', inputs.layOutText, functions.layOutText);

/** A text brought in from a format, with what could not be kept. */
export const readText = strictly('readText', inputs.readText, functions.readText);

/** Each word's reach for a class, with the reasons; of a text every word in its place, with swaps, and what else is hard. */
export const checkReach = strictly('checkReach', inputs.checkReach, functions.checkReach);

/** An exercise from words, parameters and a seed. */
export const makeExercise = strictly('makeExercise', inputs.makeExercise, functions.makeExercise);

/** Every word of an exercise with its reach and swaps. */
export const checkExercise = strictly(
  'checkExercise',
  inputs.checkExercise,
  functions.checkExercise,
);

/** Marks one item: `{interaction: 'sort', card}` with a heading id, or `{interaction: 'gap', item}` with the written answers. */
export const markResponse = strictly('markResponse', inputs.markResponse, functions.markResponse);

/** An exercise as a learner gets it: without any right answer, key or reason, unless `answers` is true. */
export const forLearner = strictly('forLearner', inputs.forLearner, practice.forLearner);

/** A return slip as a string; what it held, read back, or `{error}`. */
export const writeSlip = strictly('writeSlip', inputs.writeSlip, practice.writeSlip);
export const readSlip = strictly('readSlip', inputs.readSlip, practice.readSlip);

/** The errors that a response shows, by their names, with rule and next practice. */
export const diagnose = strictly('diagnose', inputs.diagnose, practice.diagnose);

/** What a simulated learner answers. */
export const simulate = strictly('simulate', inputs.simulate, practice.simulate);

/** The results of a lesson from slips: by learner, item and error. */
export const resultsOf = strictly('resultsOf', inputs.resultsOf, practice.resultsOf);

/** What a learner should practise next, from results. */
export const nextPractice = strictly('nextPractice', inputs.nextPractice, practice.nextPractice);

/** What an objective has of who, verb, what and how well. */
export const checkObjective = strictly(
  'checkObjective',
  inputs.checkObjective,
  plan.checkObjective,
);

/** Standards of a CASE package or a table, each with the exercises it suggests. */
export const readStandards = strictly('readStandards', inputs.readStandards, plan.readStandards);

/** Lessons as a calendar. */
export const toCalendar = strictly('toCalendar', inputs.toCalendar, plan.toCalendar);

/** The makers, with what each needs. */
export const makers = strictly('makers', inputs.makers, functions.makers);

/**
 * Sets blocks on pages; lengths in millimetres. A page names its blocks by their
 * place in the list.
 */
export const paginate = strictly('paginate', inputs.paginate, functions.paginate);

/** An exercise as the pages that print, for a class; `layout` says how its paper differs. */
export const layOutSheet = strictly('layOutSheet', inputs.layOutSheet, functions.layOutSheet);

/** A whole lesson as the pages that print: its exercises share pages, or are a booklet. */
export const layOutLesson = strictly('layOutLesson', inputs.layOutLesson, functions.layOutLesson);

/** The exercises that fit words and a stage of the lesson best, each with why. */
export const fitsBest = strictly('fitsBest', inputs.fitsBest, functions.fitsBest);

/** A sheet of blocks as the pages that print; an exercise block holds what `makeExercise` takes. */
export const layOutBlocks = strictly('layOutBlocks', inputs.layOutBlocks, functions.layOutBlocks);

/** An exercise as a document: Markdown, plain text, or its items and key as CSV. */
export const writeDocument = strictly(
  'writeDocument',
  inputs.writeDocument,
  functions.writeDocument,
);

/** A rule card for a class: `sound:EY`, `ending:ing` or `pattern:soft-c`. */
export const ruleCard = strictly('ruleCard', inputs.ruleCard, functions.ruleCard);

/** The sets of often confused words: all, or those a word belongs to. */
export const confusables = strictly('confusables', inputs.confusables, functions.confusables);

/** Names from a pasted roster, with notes on what was left out. */
export const readRoster = strictly('readRoster', inputs.readRoster, functions.readRoster);

/** The default sequence of an accent, step by step. */
export const sequence = strictly('sequence', inputs.sequence, functions.sequence);

/** What is in an English sentence. */
export const describeSentence = strictly(
  'describeSentence',
  inputs.describeSentence,
  sentences.describeSentence,
);

/** A word class or a structure in a text: a list of `{start, end, text, …}`. */
export const findInText = strictly('findInText', inputs.findInText, sentences.findInText);

/** A sentence in another form, with what moved and why; `refused` says why there is none. */
export const transform = strictly('transform', inputs.transform, sentences.transform);

/** The forms of a verb: English ones with variants, Japanese ones in kana and as written. */
export const verbForms = strictly('verbForms', inputs.verbForms, languages.verbForms);

/** Every parse of a Latin form. */
export const parseForm = strictly('parseForm', inputs.parseForm, languages.parseForm);

/** All forms of a Latin word or a Japanese verb. */
export const formsOf = strictly('formsOf', inputs.formsOf, languages.formsOf);

/** What the letters of a word of another language say, and how it is cut. */
export const letterSounds = strictly('letterSounds', inputs.letterSounds, languages.letterSounds);

/** A verb in one tense for every person: positive, negative, question, short answers. */
export const formsTable = strictly('formsTable', inputs.formsTable, sentences.formsTable);

/** What a learner has written against what was asked for: words, whole sentences, structures. */
export const checkWriting = strictly('checkWriting', inputs.checkWriting, sentences.checkWriting);

/** A text as a script to be heard, with its SSML and WebVTT. */
export const writeScript = strictly('writeScript', inputs.writeScript, listening.writeScript);

/** Places by what is typed: countries, and towns of 15,000 people or more. */
export const findPlaces = strictly('findPlaces', inputs.findPlaces, maps.findPlaces);

/** The map of a place as an SVG picture in lines: globe, country or region. */
export const placeMap = strictly('placeMap', inputs.placeMap, maps.placeMap);

/** A number with its unit as it is read aloud. */
export const readMeasure = strictly('readMeasure', inputs.readMeasure, sentences.readMeasure);
export const measureWords = strictly('measureWords', inputs.measureWords, sentences.measureWords);

/** What grammar can be found, changed and taught: names of features, structures and targets. */
export const grammar = strictly('grammar', inputs.grammar, sentences.grammar);
