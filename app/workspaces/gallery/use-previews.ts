import { useCallback, useEffect, useRef, useState } from 'react';
import { engine } from '~/workers/engine.client';
import type { Preview } from '~/workers/part-builder';
import type { PartContext, PartRecipe } from '~/workers/part-maker';
import { t } from '~/phrases/t';

/** So many are asked of the worker at once: what comes into view later does not wait for all. */
const AT_ONCE = 2;

/** Previews of makers on one material, made as they are asked for, the last asked first. */
export function usePreviews(
  recipeOf: (maker: string) => PartRecipe,
  context: PartContext,
): {
  readonly previews: ReadonlyMap<string, Preview>;
  readonly ask: (maker: string) => void;
} {
  const [previews, setPreviews] = useState<ReadonlyMap<string, Preview>>(new Map());
  const waiting = useRef<string[]>([]);
  const asked = useRef(new Set<string>());
  const running = useRef(0);
  const current = useRef({ recipeOf, context });
  const round = useRef(0);
  useEffect(() => {
    // Another material: everything is made anew.
    current.current = { recipeOf, context };
    round.current += 1;
    waiting.current = [];
    asked.current.clear();
    setPreviews(new Map());
  }, [recipeOf, context]);
  const next = useCallback(() => {
    const maker = waiting.current.pop();
    if (maker === undefined || running.current >= AT_ONCE) {
      if (maker !== undefined) waiting.current.push(maker);
      return;
    }
    running.current += 1;
    const of = round.current;
    const keep = (preview: Preview) => {
      if (of === round.current) setPreviews((before) => new Map(before).set(maker, preview));
    };
    engine()
      .preview(current.current.recipeOf(maker), current.current.context)
      .then(keep, (error: unknown) =>
        keep({ missing: error instanceof Error ? error.message : t('gallery.itCouldNotBeMade') }),
      )
      .finally(() => {
        running.current -= 1;
        next();
      });
    next();
  }, []);
  const ask = useCallback(
    (maker: string) => {
      if (asked.current.has(maker)) return;
      asked.current.add(maker);
      waiting.current.push(maker);
      next();
    },
    [next],
  );
  return { previews, ask };
}
