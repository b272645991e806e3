/** Similes: like and as if before a thing, as … as; the like of liking is none. */
import type { FoundDevice } from './device';

/** After these, like is a verb or says what is similar in fact. */
const likingBefore =
  /(?:^|[\s"“‘])(?:i|you|we|they|who|to|would|will|do|does|did|don['’]t|doesn['’]t|didn['’]t|not|really|also|shall|should|might|may|can|could|i['’]d|you['’]d|we['’]d|they['’]d|he['’]d|she['’]d)\s+$/i;
const notSimile = /^(?:as (?:well|soon|long|far|much|many|little|few|often|good) as)$/i;

const noun = `(?:(?:a|an|the|some|any|one|two|its|his|her|my|your|our|their|these|those|no|of|in|on|with|from|that|and)\\s+|[\\p{L}’'-]+\\s+){0,4}?[\\p{L}’'-]+`;
const likePattern = new RegExp(
  `\\blike\\s+(?:(?:a|an|the|some|one|two|his|her|its|my|their)\\s+)?[\\p{L}’'-]+(?:\\s+[\\p{L}’'-]+)?`,
  'giu',
);
const asPattern = new RegExp(
  `\\b(?:as|so)\\s+[\\p{L}’'-]+(?:\\s+and\\s+[\\p{L}’'-]+)?,?\\s+as\\s+${noun}`,
  'giu',
);
const asIfPattern = /\bas (?:if|though)\s+[\p{L}’'-]+(?:\s+[\p{L}’'-]+){0,4}/giu;

/** Words that follow like without a likeness: like to, like it. */
const likingAfter = /^like\s+(?:to|it|that|this|them|him|her|me|us|you|being|going)\b/i;

export function similes(text: string): FoundDevice[] {
  const device = (start: number, said: string, note: string): FoundDevice => ({
    kind: 'simile',
    start,
    end: start + said.length,
    parts: [],
    note,
  });
  const found: FoundDevice[] = [];
  for (const match of text.matchAll(likePattern)) {
    const before = text.slice(Math.max(0, match.index - 14), match.index);
    if (likingBefore.test(before) || likingAfter.test(match[0])) continue;
    found.push(
      device(
        match.index,
        match[0],
        `A comparison with “like”: what is like what, and in which way?`,
      ),
    );
  }
  for (const match of text.matchAll(asPattern)) {
    const said = match[0].replace(/\s+/g, ' ');
    const head = said.split(' ').slice(0, 3).join(' ');
    if (notSimile.test(head.replace(/,/, ''))) continue;
    if (/^so\b/i.test(said) && !/^so \p{L}+ as (?:a|an|the)\b/iu.test(said)) continue;
    found.push(
      device(match.index, match[0], 'A comparison with “as … as”: what do the two share?'),
    );
  }
  for (const match of text.matchAll(asIfPattern)) {
    found.push(
      device(
        match.index,
        match[0],
        'A comparison with “as if”: it says what it seemed, not what it was.',
      ),
    );
  }
  return found.sort((left, right) => left.start - right.start);
}
