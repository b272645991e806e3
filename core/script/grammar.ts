/** The grammar functions for scripts. */
import type { Spelling } from '../kernel/spelling';
import { verbForms as formsOf } from '../languages/en/forms/verb-forms';
import { describe } from '../languages/en/grammar/find/sentence-report';
import { featureNames } from '../languages/en/grammar/structures/feature-names';
import { findInText as find } from '../languages/en/grammar/find/find-in-text';
import { structures } from '../languages/en/grammar/structures/structures';
import {
  targets,
  transformSentence,
  type TransformRequest,
} from '../languages/en/grammar/transform/transform';
import { pronouns } from '../languages/en/forms/pronouns';
import type { SentenceCheck } from '../languages/shared/sentence-check';
import { checkWriting as checkText } from '../languages/en/grammar/writing/check-writing';
import { conjugate } from '../languages/en/forms/conjugate';
import { tenseFeatures } from '../languages/en/grammar/transform/form-change';
import { measureWords as read } from '../languages/en/speech/read-aloud';
import { findArticles } from '../languages/romance/articles';
import { constructionNames } from '../languages/la/constructions';
import { packOf } from '../languages/registry/registry';
import { contractingLanguages, findContractions } from '../languages/romance/contractions';
import { loadedLexicon } from './loaded';

/** What is in an English sentence. */
export function describeSentence({ sentence }: { sentence: string }) {
  return describe(sentence, loadedLexicon());
}

/** A word class or a structure in a text: a list of `{start, end, text, …}`. */
export function findInText({
  text,
  language = 'en',
  feature,
}: {
  text: string;
  language?: string;
  feature: string;
}) {
  const contracting = contractingLanguages.find((each) => each === language);
  if (contracting !== undefined) {
    if (feature === 'contractions') return findContractions(text, contracting);
    if (feature === 'articles') return findArticles(text, contracting);
    throw new RangeError(
      `In a text of this language contractions and articles can be found, and not yet ${feature}.`,
    );
  }
  const constructions = packOf(language).constructions?.();
  if (constructions !== undefined) {
    const found = constructions(text);
    const names: readonly string[] = constructionNames;
    if (feature === 'constructions') return found;
    if (names.includes(feature)) return found.filter(({ name }) => name === feature);
    throw new RangeError(
      `In a text of this language can be found: constructions, ${names.join(', ')}.`,
    );
  }
  return find(text, feature, loadedLexicon(), language);
}

/** A sentence in another form, with what moved and why; `refused` says why there is none. */
export function transform(request: TransformRequest) {
  return transformSentence(request, loadedLexicon());
}

/** The five forms of a verb, with variants. */
export function verbForms({ verb, spelling = 'us' }: { verb: string; spelling?: Spelling }) {
  return formsOf(verb, { lexicon: loadedLexicon(), spelling });
}

/** A verb in one tense for every person: positive, negative, question, short answers. */
export function formsTable({
  verb,
  tense = 'present simple',
  spelling = 'us',
}: {
  verb: string;
  tense?: string;
  spelling?: Spelling;
}) {
  const forms = { lexicon: loadedLexicon(), spelling };
  return conjugate(formsOf(verb, forms).base, tenseFeatures(tense), forms);
}

/** What a learner has written against what was asked for: words, whole sentences, structures. */
export function checkWriting({
  text,
  check = {},
}: {
  text: string;
  check?: Partial<SentenceCheck>;
}) {
  const asked = { words: [], fewest: 1, complete: true, text: true, ...check };
  return checkText(text, asked, loadedLexicon());
}

/** A number with its unit as it is read aloud. */
export function measureWords({
  measure,
  spelling = 'uk',
}: {
  measure: string;
  spelling?: Spelling;
}) {
  return { words: read(measure, spelling) };
}

/** A number, measure, price, date, time … with every accepted reading, the preferred first. */
export function readMeasure({
  text,
  variety = 'international',
  language = 'en',
}: {
  text: string;
  variety?: 'us' | 'international';
  language?: string;
}) {
  const numbers = packOf(language).numbers;
  if (!numbers) throw new RangeError(`Numbers are not read aloud in ${language} here.`);
  return numbers.read(text, variety === 'us' ? 'us' : 'uk');
}

/** What grammar can be found, changed and taught: names of features, structures and targets. */
export function grammar() {
  return {
    features: featureNames,
    structures: structures.map(({ name, level, advice }) => ({ name, level, advice })),
    targets,
    pronouns,
  };
}
