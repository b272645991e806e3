/** Words that stand on things to cut out: spinners, dice, bookmarks, labels. */
import type { SpeakTask } from '../interactions/speak/task';
import { numbered } from './usable-words';

/** Words in as few groups as hold them, as even as they can be, so that none has one alone. */
export function inGroups(words: readonly string[], most: number): string[][] {
  const groups = Math.max(1, Math.ceil(words.length / most));
  const [small, larger] = [Math.floor(words.length / groups), words.length % groups];
  let from = 0;
  return Array.from({ length: groups }, (_, at) => {
    const to = from + small + (at < larger ? 1 : 0);
    const group = words.slice(from, to);
    from = to;
    return group;
  });
}

/** The words as they are said on a screen. */
export const spokenGrid = (words: readonly string[]): SpeakTask => ({
  interaction: 'speak',
  real: true,
  items: numbered(words.map((word) => ({ word, says: '', reason: `${word} was not read yet.` }))),
});
