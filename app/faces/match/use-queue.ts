import { useState } from 'react';
import type { AskedCard } from '~core/practice/cards';

/** Cards one after the other; one that was not known comes again behind the others. */
export function useQueue(deck: readonly AskedCard[]) {
  const [queue, setQueue] = useState<readonly string[]>(() => deck.map(({ id }) => id));
  const [again, setAgain] = useState<ReadonlySet<string>>(new Set());
  const [at, ...rest] = queue;
  return {
    card: deck.find(({ id }) => id === at),
    left: queue.length,
    /** It was not known before in this round. */
    late: at !== undefined && again.has(at),
    next: (known: boolean) => {
      if (at === undefined) return;
      setQueue(known ? rest : [...rest, at]);
      if (!known) setAgain(new Set([...again, at]));
    },
  };
}
