import { useEffect, useMemo, useState } from 'react';
import { engine } from '~/workers/engine.client';
import type { ShownThing } from './shelf-things';

const keyOf = ({ kind, id }: ShownThing) => `${kind} ${id}`;

/** The things with what each practises, once that is worked out. */
export function useWithTargets(things: readonly ShownThing[]): readonly ShownThing[] {
  const [targets, setTargets] = useState<Readonly<Record<string, readonly string[]>>>({});
  useEffect(() => {
    let stale = false;
    const asked = Object.fromEntries(
      things.flatMap((thing) =>
        thing.practises && thing.practises.length > 0 ? [[keyOf(thing), thing.practises]] : [],
      ),
    );
    engine()
      .targets(asked)
      .then(
        (found) => !stale && setTargets(found),
        // Without the words the shelf is found through by its other marks.
        () => undefined,
      );
    return () => {
      stale = true;
    };
  }, [things]);
  return useMemo(
    () => things.map((thing) => ({ ...thing, targets: targets[keyOf(thing)] ?? [] })),
    [things, targets],
  );
}
