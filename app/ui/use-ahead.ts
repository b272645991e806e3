import { useEffect, useState } from 'react';
import { useFetchers } from 'react-router';

/**
 * A value as the teacher has just set it, until what is kept has caught up.
 * A second change made meanwhile is made of the first, not of what was kept
 * before it.
 */
export function useAhead<Value>(
  kept: Value,
  keep: (next: Value) => void,
): [shown: Value, set: (next: Value) => void] {
  const [ahead, setAhead] = useState<{ readonly value: Value }>();
  const busy = useFetchers().some(({ state }) => state !== 'idle');
  useEffect(() => {
    if (!busy) setAhead(undefined);
  }, [busy, kept]);
  return [
    ahead ? ahead.value : kept,
    (next) => {
      setAhead({ value: next });
      keep(next);
    },
  ];
}
