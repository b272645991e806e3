/**
 * Structures that may stop a class: found by their words, with the level at
 * which they are usually taught (common practice for courses of English). Only
 * what its words show for certain is named.
 */
import type { ClassProfile } from '../../classes/class-profile';
import { scaleOf } from '../../classes/class-level';
import { irregularBases, irregularVerb } from '../../forms/english/irregular-verbs';
import type { Reach, ReachReason } from '../../reach/check-word';
import type { Level } from '../../words/level';
import type { Span } from '../analysis/segment';

interface Structure {
  readonly name: string;
  readonly pattern: RegExp;
  /** On the internal scale, in UK school years. */
  readonly level: Level;
  readonly advice: string;
}

const participles = irregularBases.flatMap((base) => irregularVerb(base)?.pastParticiple ?? []);
/** A past participle: an irregular one, or a word in -ed. */
const participle = `(?:${[...new Set(participles)].filter((word) => /^[a-z]+$/.test(word)).join('|')}|[a-z]{2,}ed)`;
const between = `(?:\\s+(?:not|never|always|often|only|already|just|also|still|ever|then|soon|slowly|quickly|nearly|almost|once))?`;
const space = '\\s+';

const structures: readonly Structure[] = [
  {
    name: 'third conditional',
    pattern: new RegExp(
      `\\b(?:would|could|might)(?:n[’']t|${space}not)?${space}have${between}${space}${participle}\\b`,
      'giu',
    ),
    level: 8,
    advice: 'Say what did happen instead.',
  },
  {
    name: 'past perfect',
    pattern: new RegExp(`\\b(?:had|hadn[’']t)${between}${space}(?:been|${participle})\\b`, 'giu'),
    level: 5.5,
    advice: 'Tell it in order in the past simple.',
  },
  {
    name: 'passive',
    pattern: new RegExp(
      `\\b(?:was|were|is|are|am|been|being|be)(?:n[’']t)?${between}${space}${participle}(?=${space}by\\b)`,
      'giu',
    ),
    level: 4.5,
    advice: 'Begin with who did it.',
  },
  {
    name: 'whose, whom or of which',
    pattern: /\b(?:whose|whom|(?:of|in|to|from|with|by) which)\b/giu,
    level: 6,
    advice: 'Make it two sentences.',
  },
  {
    name: 'verb before its subject',
    pattern:
      /\b(?:Never|Seldom|Rarely|Hardly|Scarcely|Nor|Not only)\s+(?:had|has|have|did|do|does|was|were|is|are|could|would|can|will)\s+(?=\p{L})/gu,
    level: 9,
    advice: 'Put the subject first.',
  },
  {
    name: 'participle that opens a sentence',
    pattern: /(?<=^|[.!?]["”’]?\s+)(?:Having\s+\p{Ll}+|Being\s+\p{Ll}+)/gmu,
    level: 7,
    advice: 'Begin with “When” or “Because”.',
  },
];

/** Years above the class's level at which a structure is past it rather than just ahead. */
const BEYOND = 2.5;

export interface FoundStructure extends Span {
  readonly name: string;
  readonly reach: Reach;
  readonly reasons: readonly ReachReason[];
}

/** The structures that lie ahead of the class, in the order of the text. */
export function findStructures(text: string, profile: ClassProfile): FoundStructure[] {
  const { middle } = scaleOf(profile.level);
  return structures
    .filter(({ level }) => level > middle + 0.5)
    .flatMap(({ name, pattern, level, advice }) =>
      [...text.matchAll(pattern)].map((match): FoundStructure => ({
        name,
        start: match.index,
        end: match.index + match[0].trimEnd().length,
        reach: level > middle + BEYOND ? 'beyond' : 'stretch',
        reasons: [
          {
            kind: 'rarity',
            text: `${name[0]?.toUpperCase()}${name.slice(1)}: usually taught later. ${advice}`,
          },
        ],
      })),
    )
    .sort((left, right) => left.start - right.start);
}
