/** Pairs as a task: the right sides shuffled, and no side named after its partner. */
import type { MatchSide, MatchTask } from '../interactions/match/task';
import type { Random } from '../../kernel/random';
import { numbered } from './usable-words';

export interface GivenPair {
  readonly word: string;
  readonly left: string;
  /** Of the left side, where it is not that of the exercise. */
  readonly language?: string;
  readonly right: Omit<MatchSide, 'id'>;
  readonly reason: string;
}

export function matchTask(
  pairs: readonly GivenPair[],
  random: Random,
  rest: Pick<MatchTask, 'cards'> = {},
): MatchTask {
  const shown = numbered(
    random.shuffle(pairs).map((pair) => ({ pair })),
    'right',
  );
  return {
    interaction: 'match',
    pairs: numbered(
      pairs.map((pair, index) => ({
        word: pair.word,
        left: {
          id: `left-${index + 1}`,
          text: pair.left,
          ...(pair.language === undefined ? {} : { language: pair.language }),
        },
        partner: shown.find((side) => side.pair === pair)?.id ?? '',
        reason: pair.reason,
      })),
    ),
    rights: shown.map(({ id, pair }) => ({ id, ...pair.right })),
    ...rest,
  };
}
