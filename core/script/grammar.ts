/** The grammar functions for scripts. */
import type { Spelling } from '../classes/choices';
import { verbForms as formsOf } from '../forms/english/verb-forms';
import { describe } from '../grammar/describe/sentence-report';
import { featureNames } from '../grammar/find/features';
import { findInText as find } from '../grammar/find/find-in-text';
import { structures } from '../grammar/structures/structures';
import { targets, transformSentence, type TransformRequest } from '../grammar/transform/transform';
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

/** What grammar can be found, changed and taught: names of features, structures and targets. */
export function grammar() {
  return {
    features: featureNames,
    structures: structures.map(({ name, level, advice }) => ({ name, level, advice })),
    targets,
  };
}
