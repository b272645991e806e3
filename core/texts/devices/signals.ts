/** Words that show how a text is built: connectives, words of time, signals of text structure, shifts. */
import type { Span } from '../../languages/shared/segment';
import type { FoundDevice } from './device';

/** The five structures of informational text and the words that signal them (common practice). */
export const structureSignals = {
  'order of time':
    'first|firstly|second|secondly|third|next|then|after that|afterwards|finally|at last|lastly|before|later|meanwhile|at first|in the end|soon|until|while|during|by then|to begin with|at the same time|eventually|earlier',
  'cause and effect':
    'because|because of|so that|therefore|as a result|since|due to|thanks to|that is why|this is why|for this reason|consequently|leads to|led to|causes|caused|owing to|thus|hence',
  'problem and solution':
    'problem|trouble|difficulty|solution|solve|solved|to fix|answer to|one way to|the risk|danger|prevent|prevents|can be avoided|to stop this|the way out',
  compare:
    'but|however|although|though|while|whereas|unlike|in contrast|on the other hand|instead|similarly|in the same way|likewise|both|both … and|than|compared with|different from|similar to|just as|even though|yet',
  description:
    'for example|for instance|such as|looks like|is made of|consists of|is called|includes|in front of|next to|beside|above|below|there is|there are|a kind of|known as|has many|on top of',
} as const;
export type TextStructure = keyof typeof structureSignals;
export const textStructures = Object.keys(structureSignals) as TextStructure[];

const patternOf = (words: string) =>
  new RegExp(`(?<![\\p{L}’'-])(?:${words.replaceAll(' ', '\\s+')})(?![\\p{L}’'-])`, 'giu');
const structurePatterns = textStructures.map(
  (name) => [name, patternOf(structureSignals[name])] as const,
);

export interface Connective {
  readonly does: string;
  readonly words: string;
}

/** What connectives do (common practice). */
const connectives: readonly Connective[] = [
  { does: 'adds', words: 'and|also|moreover|furthermore|as well as|in addition|besides|too' },
  {
    does: 'sets against',
    words:
      'but|however|although|though|yet|nevertheless|even though|whereas|despite|in spite of|instead|still',
  },
  { does: 'gives the reason', words: 'because|since|as a result of|due to|for' },
  {
    does: 'gives the result',
    words: 'so|therefore|thus|consequently|as a result|so that|that is why',
  },
  { does: 'makes a condition', words: 'if|unless|otherwise|provided that|in case' },
  { does: 'gives an example', words: 'for example|for instance|such as|in particular|especially' },
  {
    does: 'orders in time',
    words:
      'when|whenever|while|until|before|after|then|next|finally|meanwhile|once|as soon as|first',
  },
  { does: 'sums up', words: 'in short|to sum up|in conclusion|altogether|overall|in the end' },
];
const connectivePatterns = connectives.map(({ does, words }) => [does, patternOf(words)] as const);

const timeWords = patternOf(
  `yesterday|today|tomorrow|tonight|now|then|soon|later|always|never|often|sometimes|usually|ago|last (?:night|week|month|year|monday|tuesday|wednesday|thursday|friday|saturday|sunday)|next (?:day|week|month|year|morning)|every (?:day|week|month|year|morning|evening|night)|in the (?:morning|afternoon|evening)|at (?:night|noon|midnight|dawn|dusk|once|last|first)|one (?:day|morning|evening|night)|once|already|still|yet|just|since|for (?:an hour|hours|days|weeks|months|years)|(?:monday|tuesday|wednesday|thursday|friday|saturday|sunday)|(?:january|february|april|june|july|august|september|october|november|december)|spring|summer|autumn|winter|at \\d{1,2}(?:[:.]\\d\\d)?|in \\d{4}|noon|midnight|dawn|dusk`,
);

/** Offsets of the first word of each unit. */
function firstWords(text: string, units: readonly Span[]): Set<number> {
  return new Set(
    units.map(
      ({ start, end }) => start + (/^[^\p{L}]*/u.exec(text.slice(start, end))?.[0].length ?? 0),
    ),
  );
}

/** Words for adding, setting against, giving reasons … : the plain and and for only where they begin. */
export function findConnectives(text: string, sentences: readonly Span[]): FoundDevice[] {
  const begins = firstWords(text, sentences);
  const seen = new Set<number>();
  return connectivePatterns
    .flatMap(([does, pattern]) =>
      [...text.matchAll(pattern)].flatMap((match): FoundDevice[] => {
        const word = match[0].toLowerCase();
        const start = match.index;
        if (
          /^(?:and|for|so|then|still|too|as|first|since|besides|once)$/.test(word) &&
          !begins.has(start)
        ) {
          const before = text.slice(0, start).trimEnd();
          if (!/[,;:]$/.test(before) || /^(?:for|still|too|first|once)$/.test(word)) return [];
        }
        if (seen.has(start)) return [];
        seen.add(start);
        return [
          {
            kind: 'connective',
            start,
            end: start + match[0].length,
            parts: [],
            note: `It ${does}.`,
          },
        ];
      }),
    )
    .sort((left, right) => left.start - right.start);
}

export function findTimeWords(text: string): FoundDevice[] {
  return [...text.matchAll(timeWords)].map((match) => ({
    kind: 'time-word',
    start: match.index,
    end: match.index + match[0].length,
    parts: [],
    note: 'It says when, or how often.',
  }));
}

export interface StructureFinding {
  readonly structure: TextStructure;
  readonly signals: readonly FoundDevice[];
}

/** The signals of each structure; the one with the most comes first. */
export function findStructureSignals(text: string): StructureFinding[] {
  return structurePatterns
    .map(([structure, pattern]) => ({
      structure,
      signals: [...text.matchAll(pattern)].map((match): FoundDevice => ({
        kind: 'structure-signal',
        start: match.index,
        end: match.index + match[0].length,
        parts: [],
        note: `It signals ${structure}.`,
      })),
    }))
    .filter(({ signals }) => signals.length > 0)
    .sort((left, right) => right.signals.length - left.signals.length);
}

/** But, yet, until … at the beginning of a line or a sentence: the thought turns. */
export function findShifts(text: string, units: readonly Span[]): FoundDevice[] {
  const shift = /^(?:But|Yet|Until|However|Though|Although|Nevertheless|And yet|Till|Suddenly)\b/;
  return units.flatMap((unit): FoundDevice[] => {
    const skip = /^[^\p{L}]*/u.exec(text.slice(unit.start, unit.end))?.[0].length ?? 0;
    const start = unit.start + skip;
    const match = shift.exec(text.slice(start, start + 20));
    if (!match) return [];
    return [
      {
        kind: 'shift',
        start,
        end: start + match[0].length,
        parts: [],
        note: `“${match[0]}” turns the thought: what is different after it?`,
      },
    ];
  });
}

/** Stretches in quotation marks, with who speaks where the words beside them say so. */
export function findDialogue(text: string): FoundDevice[] {
  const quotes =
    /“[^”]{2,600}”|"[^"]{2,600}"|(?<![\p{L}\p{N}])‘(?:[^’]|’(?=\p{L})){2,600}’(?!\p{L})/gu;
  return [...text.matchAll(quotes)]
    .filter((match) => /\s|[.,!?]/.test(match[0]))
    .map((match): FoundDevice => {
      const after = text.slice(match.index + match[0].length, match.index + match[0].length + 60);
      const before = text.slice(Math.max(0, match.index - 50), match.index);
      const verb = 'said|asked|replied|answered|cried|shouted|whispered|called|says|asks';
      const named =
        new RegExp(`^\\s*(?:${verb})\\s+(\\p{Lu}[\\p{L}’'-]+)`, 'u').exec(after)?.[1] ??
        new RegExp(`^\\s*(\\p{Lu}[\\p{L}’'-]+)\\s+(?:${verb})\\b`, 'u').exec(after)?.[1] ??
        new RegExp(`(\\p{Lu}[\\p{L}’'-]+)\\s+(?:${verb}),?\\s*$`, 'u').exec(before)?.[1];
      return {
        kind: 'dialogue',
        start: match.index,
        end: match.index + match[0].length,
        parts: [],
        note: named ? `${named} speaks.` : 'Someone speaks: who?',
      };
    });
}
