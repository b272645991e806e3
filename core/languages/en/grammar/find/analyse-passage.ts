/** A text sentence by sentence, each analysed once, its spans counted from the beginning of the text. */
import { looksLikeVerse, sentencesIn, type Span } from '../../../shared/segment';
import type { Lexicon } from '../../lexicon/lexicon';
import { analyseSentenceTokens, type SentenceAnalysis } from '../describe/describe-sentence';
import { tokenise } from '../tokens/tokenise';

export interface AnalysedSentence extends Span {
  readonly analysis: SentenceAnalysis;
}

/** No sentence of a school text is longer; a longer stretch is read in pieces of this many words. */
const LONGEST = 220;

const cache = new WeakMap<Lexicon, Map<string, SentenceAnalysis>>();

export function analysePassage(
  text: string,
  lexicon: Lexicon,
  verse = looksLikeVerse(text),
): AnalysedSentence[] {
  const known = cache.get(lexicon) ?? new Map<string, SentenceAnalysis>();
  cache.set(lexicon, known);
  return sentencesIn(text, verse).flatMap((span) => {
    const tokens = tokenise(text, span);
    const pieces = [];
    for (let at = 0; at < tokens.length; at += LONGEST) pieces.push(tokens.slice(at, at + LONGEST));
    return pieces.map((piece) => {
      const start = piece[0]?.start ?? span.start;
      const end = piece[piece.length - 1]?.end ?? span.end;
      // The same sentence at the same place is analysed once, while a text is edited around it.
      const key = `${start}:${text.slice(start, end)}`;
      let analysis = known.get(key);
      if (analysis === undefined) {
        analysis = analyseSentenceTokens(piece, lexicon);
        if (known.size > 4000) known.clear();
        known.set(key, analysis);
      }
      return { start, end, analysis };
    });
  });
}
