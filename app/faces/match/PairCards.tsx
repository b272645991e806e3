import { useEffect, useMemo, useState } from 'react';
import { tilesOf } from '~core/practice/cards';
import { Random } from '~core/kernel/random';
import { usePhrases } from '../kit/use-phrases';
import { Side, type WayProps } from './card-kit';

/** Both sides lie face down; two that belong together stay open. */
export function PairCards({ deck, picture, onRecall, onEnd }: WayProps) {
  const says = usePhrases();
  const [seed] = useState(() => Date.now() % 100_000);
  const tiles = useMemo(() => tilesOf(deck, new Random(seed)), [deck, seed]);
  const [open, setOpen] = useState<readonly string[]>([]);
  const [found, setFound] = useState<readonly string[]>([]);
  const cardOf = (key: string) => tiles.find((tile) => tile.key === key)?.card;
  const all = tiles.length > 0 && found.length === tiles.length / 2;
  useEffect(() => {
    if (all) onEnd();
  }, [all, onEnd]);
  const turn = (key: string) => {
    // Two that do not belong together lie open until the next is turned.
    const lying = open.length === 2 ? [] : open;
    const now = [...lying, key];
    setOpen(now);
    const [one, other] = now.map(cardOf);
    if (now.length === 2 && one !== undefined && one === other) {
      onRecall([one, 'good']);
      setFound([...found, one]);
      setOpen([]);
    }
  };
  return (
    <div className="play-tiles">
      {tiles.map(({ key, card, side }, index) => {
        const done = found.includes(card);
        const seen = done || open.includes(key);
        return (
          <button
            key={key}
            type="button"
            className={`play-tile${seen ? ' play-tile--open' : ''}${done ? ' play-tile--found' : ''}`}
            aria-label={seen ? `${index + 1}: ${side.text}` : `${says.turnCard} ${index + 1}`}
            disabled={done}
            onClick={() => !open.includes(key) && turn(key)}
          >
            {seen ? (
              <Side side={side} picture={picture} />
            ) : (
              <span aria-hidden="true">{index + 1}</span>
            )}
          </button>
        );
      })}
    </div>
  );
}
