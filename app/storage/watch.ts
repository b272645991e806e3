/** Tells the other tabs of this browser that something kept has changed. */

const CHANNEL = 'wordane-changes';

const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);
// In Node, where tests run, an open channel would keep the process waiting.
(channel as { unref?: () => void } | undefined)?.unref?.();

/** Says that something has changed; this tab knows it already. */
export const tellOthers = () => channel?.postMessage('changed');

/** Calls back after each change in another tab from now on; gives the function that ends it. */
export function watchOthers(onChange: () => void): () => void {
  channel?.addEventListener('message', onChange);
  return () => channel?.removeEventListener('message', onChange);
}
