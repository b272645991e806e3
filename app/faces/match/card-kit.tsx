import type { MatchSide } from '~core/exercises/interactions/match/task';
import type { AskedCard } from '~core/practice/cards';
import type { Recall } from '~core/practice/spaced';

/** What every way of going through cards is given. */
export interface WayProps {
  /** The cards that are gone through, in their order. */
  readonly deck: readonly AskedCard[];
  /** All cards of the set, to choose others from. */
  readonly all: readonly AskedCard[];
  readonly picture: (name: string) => string;
  readonly hear?: ((item: string) => void) | undefined;
  /** How cards went. */
  readonly onRecall: (...went: readonly (readonly [card: string, recall: Recall])[]) => void;
  /** All have been gone through. */
  readonly onEnd: () => void;
  readonly onBest?: (seconds: number) => void;
  readonly best?: number | undefined;
  readonly hard: readonly string[];
  readonly onHard: (card: string) => void;
}

export function Side({
  side,
  picture,
}: {
  side: MatchSide | undefined;
  picture: (name: string) => string;
}) {
  if (side === undefined) return null;
  return side.picture === undefined ? (
    <span>{side.text}</span>
  ) : (
    <img className="play-card__picture" src={picture(side.picture)} alt={side.text} />
  );
}
