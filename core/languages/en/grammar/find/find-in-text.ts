/** A word class or a structure found in a text, in order. */
import type { Lexicon } from '../../lexicon/lexicon';
import { structureNames } from '../structures/structure-table';
import { structureNamed } from '../structures/structures';
import { analysePassage } from './analyse-passage';
import { featureNames } from '../structures/feature-names';
import { features, type FoundFeature } from './features';

export interface FoundInText extends FoundFeature {
  /** Where a structure stands in several places (has … closed): each of them. */
  readonly parts?: readonly { readonly start: number; readonly end: number }[];
  /** False where the sentence can be read in two ways: a person should look. */
  readonly sure: boolean;
}

export const findable: readonly string[] = [...featureNames, ...structureNames];

const englishWords =
  /^(?:the|a|an|and|of|to|in|is|are|was|were|it|he|she|they|we|you|i|that|on|at|with|for|not|but|his|her|this|my|by|from|have|has|had|do|does|will)$/i;

/** True where a longer text has next to none of the small words of English. */
export function seemsForeign(text: string): boolean {
  const words = text.match(/\p{L}+/gu) ?? [];
  if (words.length < 12) return false;
  const latin = words.filter((word) => /^[a-z'’]+$/i.test(word)).length / words.length;
  const small = words.filter((word) => englishWords.test(word)).length / words.length;
  return latin < 0.6 || small < 0.08;
}

/**
 * @throws RangeError for a feature that is not one of `findable`, and for a
 * language whose grammar is not known
 */
export function findInText(
  text: string,
  feature: string,
  lexicon: Lexicon,
  language = 'en',
): FoundInText[] {
  if (language !== 'en') {
    throw new RangeError(
      `Grammar can be found in English texts; this one is marked ${language}. Change its language if that is wrong.`,
    );
  }
  const name = feature.trim().toLowerCase();
  const byClass = features[name];
  const structure = structureNamed(feature) ?? structureNamed(name);
  if (byClass === undefined && structure === undefined) {
    throw new RangeError(
      `There is nothing called ${feature} to find. What can be found: ${findable.join(', ')}.`,
    );
  }
  if (seemsForeign(text)) {
    throw new RangeError(
      'This does not read like English. Set the language of the text, or paste an English one.',
    );
  }
  return analysePassage(text, lexicon).flatMap(({ analysis }): FoundInText[] => {
    if (byClass) return byClass(analysis).map((one) => ({ ...one, sure: analysis.sure }));
    return (structure?.find(analysis) ?? []).map((parts) => {
      const start = parts[0]?.start ?? 0;
      const end = parts[parts.length - 1]?.end ?? 0;
      return {
        start,
        end,
        text: text.slice(start, end),
        ...(parts.length > 1 ? { parts } : {}),
        sure: analysis.sure,
      };
    });
  });
}
