import { useState } from 'react';
import type { BoardItem } from '~core/board/board-state';
import { isCleared, newPairs, pairsOfEach, turnCard } from '~core/board/pairs-game';
import { Random } from '~core/kernel/random';
import { pictureAddress } from '~/ui/Picture';
import { teamNames } from './games';
import { TeamSign } from './GameDrawings';
import { t } from '~/phrases/t';

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
    <section className="board-game" aria-label={t('board.findThePairs')}>
      <p className="board-game__turn" role="status">
        {!isCleared(game)
          ? t('board.turnAnotherCard', {
              count: game.open.length,
              teamNames: teamNames[game.turn],
              teamNamesA: teamNames[0],
              suns,
              teamNamesB: teamNames[1],
              waves,
            })
          : suns === waves
            ? t('board.bothHavePairs', { suns })
            : t('board.haveMorePairsTo', {
                teamNames: teamNames[suns > waves ? 0 : 1],
                suns: Math.max(suns, waves),
                sunsA: Math.min(suns, waves),
              })}
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
                  ? t('board.card', {
                      at: at + 1,
                      shows: text.replace(PICTURE, t('board.aPictureOnIt')),
                      which: of === undefined ? '' : `, ${teamNames[of]}`,
                    })
                  : t('board.cardClosed', { at: at + 1 })
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
        {t('board.beginAgain')}
      </button>
    </section>
  );
}
