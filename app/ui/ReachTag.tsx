import type { Reach } from '~core/reach/check-word';

/** The reach in a word: plain, dotted or wavy. */
export function ReachTag({ reach }: { reach: Reach }) {
  return <span className={`reach-tag reach-${reach}`}>{reach}</span>;
}
