import type { Reach } from '~core/reach/check-word';

/** The reach in a word: plain, dotted or with slanting strokes. */
export function ReachTag({ reach }: { reach: Reach }) {
  return <span className={`reach-tag reach-${reach}`}>{reach}</span>;
}
