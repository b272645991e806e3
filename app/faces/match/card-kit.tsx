import { BsVolumeUp } from 'react-icons/bs';
import type { MatchSide } from '~core/exercises/interactions/match/task';
import type { AskedCard } from '~core/practice/cards';
import type { Recall } from '~core/practice/spaced';
import { usePhrases } from '../kit/use-phrases';

/** What every way of going through cards is given. */
export interface WayProps {
  /** The cards that are gone through, in their order. */
  readonly deck: readonly AskedCard[];
  /** All cards of the set, to choose others from. */
  readonly all: readonly AskedCard[];
  readonly picture: (name: string) => string;
  readonly hear?: ((item: string) => void) | undefined;
  /** Signs that the keyboard may not have, of the language that is typed. */
  readonly signs: readonly string[];
  /** How cards went. */
  readonly onRecall: (...went: readonly (readonly [card: string, recall: Recall])[]) => void;
  /** All have been gone through. */
  readonly onEnd: () => void;
  readonly onBest?: (seconds: number) => void;
  readonly best?: number | undefined;
  readonly hard: readonly string[];
  readonly onHard: (card: string) => void;
}

/** Says a side that is in a language of its own. */
export function HearSide({ side, hear }: { side: MatchSide } & Pick<WayProps, 'hear'>) {
  const says = usePhrases();
  if (hear === undefined || side.language === undefined || side.picture !== undefined) return null;
  return (
    <button
      type="button"
      className="play-button play-hear"
      aria-label={`${says.hear}: ${side.text}`}
      onClick={() => hear(side.id)}
    >
      <BsVolumeUp aria-hidden="true" />
    </button>
  );
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
    <span lang={side.language} dir="auto">
      {side.text}
    </span>
  ) : (
    <img className="play-card__picture" src={picture(side.picture)} alt={side.text} />
  );
}
