import { useState } from 'react';
import type { BoardItem } from '~core/board/board-state';
import { bidBy, lotNow, newAuction, nextLot, settle } from '~core/board/auction';
import { MOST_SIDES, sidesOf, throwDice, usualPrompts } from '~core/board/dice';
import { Random } from '~core/kernel/random';
import { teamNames } from './games';
import { Sides } from './Sides';
import { useShared } from './use-shared';
import { t } from '~/phrases/t';

/** Two dice: a word, and what to do with it; the sides of both are the teacher's to write. */
export function DiceGame({
  words,
  seed,
  lesson,
}: {
  words: readonly string[];
  seed: number;
  lesson: string;
}) {
  const [first, setFirst] = useShared(
    `wordane board ${lesson} dice words`,
    words.slice(0, MOST_SIDES).join('\n'),
  );
  const [second, setSecond] = useShared(
    `wordane board ${lesson} dice prompts`,
    usualPrompts.join('\n'),
  );
  const [random] = useState(() => new Random(seed + 23));
  const [thrown, setThrown] = useState<readonly string[]>();
  const dice = [sidesOf(first), sidesOf(second)].map((sides) => sides.slice(0, MOST_SIDES));
  return (
    <section className="board-game" aria-label={t('board.dice')}>
      <div className="board-dice" role="status">
        {(thrown ?? ['', '']).map((side, at) => (
          <p key={at} className={at === 0 ? 'board-die learner-text' : 'board-die board-die--do'}>
            {side || '?'}
          </p>
        ))}
      </div>
      <div className="board-row">
        <button
          type="button"
          className="board-button board-button--main"
          disabled={dice.some((sides) => sides.length === 0)}
          onClick={() => setThrown(throwDice(dice, random, thrown?.[0]))}
        >
          {t('board.throw')}
        </button>
      </div>
      <Sides
        most={MOST_SIDES}
        fields={[
          [t('board.wordsOnTheFirstDie'), first, setFirst],
          [t('board.whatToDoOnThe'), second, setSecond],
        ]}
      />
    </section>
  );
}

/** Sentences go under the hammer: teams bid for what they take to be right. */
export function AuctionGame({ items, seed }: { items: readonly BoardItem[]; seed: number }) {
  const [auction, setAuction] = useState(() => newAuction(items, new Random(seed + 31)));
  const lot = lotNow(auction);
  const { bid, purses, settled, lots, at } = auction;
  if (lot === undefined) {
    const [left, right] = purses;
    return (
      <section className="board-game" aria-label={t('board.auctionOfSentences')}>
        <p className="board-game__turn" role="status">
          {left === right
            ? t('board.bothHaveCoins', { left })
            : t('board.haveMoreCoinsTo', {
                teamNames: teamNames[left > right ? 0 : 1],
                left: Math.max(left, right),
                leftA: Math.min(left, right),
              })}
        </p>
        <div className="board-row">
          <button
            type="button"
            className="board-button board-button--main"
            onClick={() => setAuction(newAuction(items, new Random(seed + 32)))}
          >
            {t('board.beginAgain')}
          </button>
        </div>
      </section>
    );
  }
  return (
    <section className="board-game" aria-label={t('board.auctionOfSentences')}>
      <p className="board-game__turn" role="status">
        {settled
          ? `${lot.right ? t('board.right') : t('board.wrong')}. ${lot.says}`
          : bid
            ? t('board.bid', { teamNames: teamNames[bid.team], coins: bid.coins })
            : t('board.sentenceOfIsItRight', { at: at + 1, lots: lots.length })}
      </p>
      <p className="board-lot learner-text">{lot.sentence}</p>
      <div className="board-row">
        {([0, 1] as const).map((team) => (
          <button
            key={team}
            type="button"
            className="board-button"
            disabled={bidBy(auction, team) === auction}
            onClick={() => setAuction(bidBy(auction, team))}
          >
            {t('board.bidCoins', { teamNames: teamNames[team], purses: purses[team] })}
          </button>
        ))}
        {settled ? (
          <button
            type="button"
            className="board-button board-button--main"
            onClick={() => setAuction(nextLot(auction))}
          >
            {t('board.nextSentence')}
          </button>
        ) : (
          <button
            type="button"
            className="board-button board-button--main"
            onClick={() => setAuction(settle(auction))}
          >
            {bid ? t('board.soldOpenIt') : t('board.nobodyOpenIt')}
          </button>
        )}
      </div>
    </section>
  );
}
