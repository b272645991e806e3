/** Keys of the board: a clicker sends Page Down and Page Up. */
import { useEffect, useRef } from 'react';
import { t } from '~/phrases/t';

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Within an exercise the arrows and the space bar are the exercise's; on a button the space bar presses it. */
const isAnswering = ({ target, key }: KeyboardEvent) =>
  target instanceof HTMLElement &&
  target.closest(`.play, [role="slider"]${key === ' ' ? t('board.button') : ''}`) !== null;

export interface BoardKeys {
  readonly next: () => void;
  readonly back: () => void;
  readonly blank: () => void;
}

export function useBoardKeys(keys: BoardKeys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      // What has taken a key, as a stamp that is moved, keeps it.
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
      const clicker = event.key === 'PageDown' || event.key === 'PageUp';
      if (!clicker && (isTyping(event.target) || isAnswering(event))) return;
      const { next, back, blank } = latest.current;
      if (event.key === 'PageDown' || event.key === 'ArrowRight' || event.key === ' ') next();
      else if (event.key === 'PageUp' || event.key === 'ArrowLeft') back();
      else if (event.key === '.' || event.key === 'b') blank();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
