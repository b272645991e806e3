/**
 * What a learner has written, checked as it grows: words, capital and end mark,
 * whole sentences, and the structures that were asked for, each found in its place.
 */
import { checkSentence, type SentenceCheck } from '../../../shared/sentence-check';
import type { Span } from '../../../shared/segment';
import type { Lexicon } from '../../lexicon/lexicon';
import { analysePassage } from '../find/analyse-passage';
import { findInText } from '../find/find-in-text';
import type { Fault } from './fault';
import { findFaults } from './find-faults';

export interface FoundRequirement {
  readonly name: string;
  readonly wanted: number;
  /** Where it was found. */
  readonly spans: readonly (Span & { readonly text: string })[];
  readonly met: boolean;
  /** As a sentence: three second conditionals: two found. */
  readonly says: string;
}

export interface WritingReport {
  /** What is still missing, in the learner's words; empty where nothing is. */
  readonly missing: readonly string[];
  /** What to look at again, without being sure. */
  readonly suggestions: readonly string[];
  readonly requirements: readonly FoundRequirement[];
  /** Faults and doubts, each with its place, its rule and what could stand there. */
  readonly faults: readonly Fault[];
  readonly words: number;
  readonly sentences: number;
}

const count = (number: number, name: string) => {
  const one = name.replace(/s$/, '');
  return number === 1 ? `1 ${one}` : `${number} ${name.endsWith('s') ? name : `${name}s`}`;
};

const lacks: Readonly<Record<string, string>> = {
  subject: 'Say who or what does it.',
  verb: 'Say what happens: there is no verb.',
  'main clause': 'This is only a part: finish the thought.',
};

export function checkWriting(text: string, check: SentenceCheck, lexicon: Lexicon): WritingReport {
  const missing = [...checkSentence(text, check)];
  const suggestions: string[] = [];
  const faults = findFaults(text, lexicon);
  const sentences = text.trim() === '' ? [] : analysePassage(text, lexicon, false);
  if (check.complete) {
    for (const { start, end, analysis } of sentences) {
      const shown = text.slice(start, end);
      if (analysis.completeness === 'fragment') {
        // A verb that does not go with who does it reads as none: its fault says more.
        const said = faults.some(
          (fault) => fault.name === 'agreement' && fault.start >= start && fault.end <= end,
        );
        const lacking = analysis.whole.missing.filter((what) => !said || what !== 'verb');
        missing.push(...lacking.map((what) => `“${shown}” ${lacks[what] ?? ''}`));
      } else if (analysis.completeness === 'run-on') {
        missing.push(
          `“${shown}” These are two sentences. Put a full stop between them, or join them with a word such as and.`,
        );
      } else if (analysis.whole.cut) {
        suggestions.push(
          `“${shown}” Is this two sentences? Look again before “${analysis.whole.cut.text}”.`,
        );
      }
    }
  }
  const requirements = (check.structures ?? []).map(({ name, count: wanted }): FoundRequirement => {
    const spans =
      text.trim() === ''
        ? []
        : findInText(text, name, lexicon).map(({ start, end, text: found }) => ({
            start,
            end,
            text: found,
          }));
    const met = spans.length >= wanted;
    const says = `${count(wanted, name)}: ${spans.length === 0 ? 'none found' : `${spans.length} found`}${spans.length > 0 ? ` (${spans.map((span) => span.text).join('; ')})` : ''}.`;
    if (!met)
      missing.push(
        `Use ${count(wanted, name)}: ${spans.length === 0 ? 'there is none yet' : `there ${spans.length === 1 ? 'is' : 'are'} ${spans.length}`}.`,
      );
    return { name, wanted, spans, met, says };
  });
  // Capital and end mark are asked for in “missing” where they are wanted.
  for (const { start, end, name, rule, offer } of faults) {
    if (/^(?:capital letter|end mark)$/.test(name)) continue;
    const instead = offer === undefined ? '' : ` Perhaps: ${offer}.`;
    suggestions.push(`“${text.slice(start, end)}”: ${rule}${instead}`);
  }
  return {
    missing,
    suggestions,
    requirements,
    faults,
    words: text.match(/[\p{L}\p{N}][\p{L}\p{N}'’-]*/gu)?.length ?? 0,
    sentences: sentences.length,
  };
}
