/** Keeps the focus where the work is when what had it is taken away. */
import { useEffect } from 'react';

const focusable = 'a[href], button:not([disabled]), input, select, textarea, [tabindex="0"]';

/**
 * When the element with the focus is removed (a deleted row, a closed panel), the
 * focus goes to what stands in its place now, else to the nearest thing around it.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let around: { readonly parent: Element; readonly index: number }[] = [];
    const remember = (event: FocusEvent) => {
      around = [];
      for (
        let element = event.target as Element | null;
        element?.parentElement;
        element = element.parentElement
      ) {
        const parent = element.parentElement;
        around.push({ parent, index: [...parent.children].indexOf(element) });
      }
    };
    const restore = () => {
      if (document.activeElement !== document.body || around.length === 0) return;
      const main = document.querySelector('main');
      // Past the page itself there is nothing nearer than the page.
      const place = around.find(({ parent }) => parent.isConnected && main?.contains(parent));
      around = [];
      if (place === undefined || place.parent === main) {
        main?.focus({ preventScroll: true });
        return;
      }
      const there = place.parent.children[Math.min(place.index, place.parent.children.length - 1)];
      const inside = there?.matches(focusable) ? there : there?.querySelector(focusable);
      const next =
        inside ?? place.parent.querySelector(focusable) ?? document.querySelector('main');
      (next as HTMLElement | null)?.focus({ preventScroll: true });
    };
    const observer = new MutationObserver((changes) => {
      if (changes.some(({ removedNodes }) => removedNodes.length > 0)) queueMicrotask(restore);
    });
    document.addEventListener('focusin', remember);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener('focusin', remember);
      observer.disconnect();
    };
  }, []);
}
