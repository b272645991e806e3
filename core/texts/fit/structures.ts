/** Structures of a text that lie ahead of a class, each in its place with the reason. */
import type { ClassProfile } from '../../classes/class-profile';
import { analysePassage } from '../../languages/en/grammar/find/analyse-passage';
import { structureNamed } from '../../languages/en/grammar/structures/structures';
import type { Reach, ReachReason } from '../../reach/check-word';
import { grammarReach } from '../../reach/structure-reach';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Span } from '../../languages/shared/segment';
import { speaks } from '../../languages/registry/registry';

/** A book is checked chapter by chapter: of one longer than this, in letters, the beginning is. */
const LONGEST = 40_000;

export interface FoundStructure extends Span {
  readonly name: string;
  readonly reach: Reach;
  readonly reasons: readonly ReachReason[];
}

/** The structures that lie ahead of the class, in the order of the text. */
export function findStructures(
  text: string,
  profile: ClassProfile,
  lexicon: Lexicon,
): FoundStructure[] {
  const ahead = grammarReach(profile).filter(({ reach }) => reach !== 'secure');
  if (ahead.length === 0 || !speaks(profile.language, 'tagging')) return [];
  return analysePassage(text.slice(0, LONGEST), lexicon)
    .flatMap(({ analysis }) =>
      ahead.flatMap(({ structure, reach, own }) =>
        (structureNamed(structure.name)?.find(analysis) ?? []).map((parts): FoundStructure => ({
          name: structure.name,
          start: parts[0]?.start ?? 0,
          end: parts[parts.length - 1]?.end ?? 0,
          reach,
          reasons: [
            {
              kind: 'structure',
              text: `${structure.name[0]?.toUpperCase()}${structure.name.slice(1)}: ${own ? 'not taught yet, as you have set it' : 'usually taught later'}. ${structure.advice}${analysis.sure ? '' : ' Please check: this sentence can be read in two ways.'}`.trim(),
            },
          ],
        })),
      ),
    )
    .sort((left, right) => left.start - right.start);
}
