/** All the grammar of a text at once: every word class and structure with its places, and the tenses of its sentences. */
import type { Lexicon } from '../../lexicon/lexicon';
import { whyTense } from '../transform/form-change';
import { structures } from '../structures/structures';
import { analysePassage } from './analyse-passage';
import { features } from './features';
import type { FoundInText } from './find-in-text';

export interface LitForm {
  readonly name: string;
  readonly group: 'Word classes' | 'Verbs and clauses';
  readonly places: readonly FoundInText[];
}

/** A sentence under the tense of its main clause. */
export interface TenseExample {
  readonly tense: string;
  readonly start: number;
  readonly end: number;
  readonly text: string;
  /** The verb in it. */
  readonly verb: string;
  readonly why: string;
  readonly sure: boolean;
}

export interface LitText {
  readonly forms: readonly LitForm[];
  readonly tenses: readonly TenseExample[];
  /** Sentences that can be read in two ways. */
  readonly doubts: number;
}

export function lightUp(text: string, lexicon: Lexicon, verse?: boolean): LitText {
  const sentences = analysePassage(text, lexicon, verse);
  const classes = Object.entries(features).map(([name, find]): LitForm => ({
    name,
    group: 'Word classes',
    places: sentences.flatMap(({ analysis }) =>
      find(analysis).map((one) => ({ ...one, sure: analysis.sure })),
    ),
  }));
  const built = structures.map(({ name, find }): LitForm => ({
    name,
    group: 'Verbs and clauses',
    places: sentences.flatMap(({ analysis }) =>
      find(analysis).map((parts): FoundInText => {
        const start = parts[0]?.start ?? 0;
        const end = parts[parts.length - 1]?.end ?? 0;
        const several = parts.length > 1 ? { parts } : {};
        return { start, end, text: text.slice(start, end), ...several, sure: analysis.sure };
      }),
    ),
  }));
  const tenses = sentences.flatMap(({ start, end, analysis }): TenseExample[] => {
    const { main, tenseAspect: tense, sure } = analysis;
    if (main === undefined || whyTense(tense) === '') return [];
    const verb = main.group.tokens.map((token) => token.text).join(' ');
    return [{ tense, start, end, text: text.slice(start, end), verb, why: whyTense(tense), sure }];
  });
  return {
    forms: [...classes, ...built].filter(({ places }) => places.length > 0),
    tenses,
    doubts: sentences.filter(({ analysis }) => !analysis.sure).length,
  };
}
