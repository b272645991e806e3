import type { TileUnit } from '~/workers/tile-units';

/** A word with a mark under each grapheme: a dot for one letter, a bar for several, an arc for a split digraph. */
export function MarkedWord({ units }: { units: readonly TileUnit[] }) {
  return (
    <span className="marked" aria-hidden="true">
      {units.map((unit, index) => (
        <span
          key={index}
          className={`unit unit--${unit.mark}${unit.taught ? ' unit--taught' : ''}`}
        >
          {unit.letters}
        </span>
      ))}
    </span>
  );
}
