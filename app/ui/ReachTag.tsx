import type { Reach } from '~core/reach/check-word';
import { coreName } from '~/phrases/core-name';

/** The reach in a word: plain, dotted or with slanting strokes. */
export function ReachTag({ reach }: { reach: Reach }) {
  return <span className={`reach-tag reach-${reach}`}>{coreName(reach)}</span>;
}
