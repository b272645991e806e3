import { useState } from 'react';
import type { BoardItem } from '~core/board/board-state';
import { isCleared, newPairs, pairsOfEach, turnCard } from '~core/board/pairs-game';
import { Random } from '~core/kernel/random';
import { pictureAddress } from '~/ui/Picture';
import { teamNames } from './games';
import { TeamSign } from './GameDrawings';

const PICTURE = 'picture: ';

/** Questions and answers face down: two that belong together stay with the team that turned them. */
export function PairsBoard({ items, seed }: { items: readonly BoardItem[]; seed: number }) {
  const [round, setRound] = useState(0);
  const [game, setGame] = useState(() => newPairs(items, new Random(seed + 51)));
  const [suns, waves] = pairsOfEach(game);
  const again = () => {
    setGame(newPairs(items, new Random(seed + 52 + round), round % 2 === 0 ? 1 : 0));
    setRound(round + 1);
  };
  return (
    <section className="board-game" aria-label="Find the pairs">
      <p className="board-game__turn" role="status">
        {!isCleared(game)
          ? `${teamNames[game.turn]}, turn ${game.open.length === 1 ? 'another card' : 'a card'}. ${teamNames[0]} ${suns}, ${teamNames[1]} ${waves}.`
          : suns === waves
            ? `Both have ${suns} pairs.`
            : `${teamNames[suns > waves ? 0 : 1]} have more: ${Math.max(suns, waves)} pairs to ${Math.min(suns, waves)}.`}
      </p>
      <div className="board-cards">
        {game.cards.map(({ pair, text }, at) => {
          const of = game.taken[pair];
          const open = of !== undefined || game.open.includes(at);
          return (
            <button
              key={at}
              type="button"
              className={`board-card${open ? '' : ' board-card--closed'}${of === undefined ? '' : ' board-card--taken'}`}
              disabled={of !== undefined}
              aria-label={
                open
                  ? `Card ${at + 1}: ${text.replace(PICTURE, 'a picture')}${of === undefined ? '' : `, ${teamNames[of]}`}`
                  : `Card ${at + 1}, closed`
              }
              onClick={() => setGame(turnCard(game, at))}
            >
              {!open ? (
                <span className="board-card__number">{at + 1}</span>
              ) : text.startsWith(PICTURE) ? (
                <img src={pictureAddress(text.slice(PICTURE.length), 'colour')} alt="" />
              ) : (
                <span className="learner-text">{text}</span>
              )}
              {of !== undefined && <TeamSign team={of} size={26} />}
            </button>
          );
        })}
      </div>
      <button type="button" className="board-button" onClick={again}>
        Begin again
      </button>
    </section>
  );
}
