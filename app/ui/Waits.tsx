import { tryAgain, useWaiting } from './waiting';

/** What waits for the teacher, under the head: it pushes the work down and never lies over it. */
export function Waits({ onNewVersion }: { readonly onNewVersion: (() => void) | undefined }) {
  const waits = useWaiting();
  return (
    <div aria-live="polite">
      {onNewVersion && (
        <div className="waits">
          <span>A newer Wordane is here.</span>
          <button type="button" onClick={onNewVersion}>
            Load it
          </button>
        </div>
      )}
      {waits > 0 && (
        <div className="waits">
          <span>
            {waits === 1 ? '1 change waits' : `${waits} changes wait`} for room in the browser.
          </span>
          <button type="button" onClick={tryAgain}>
            Try again
          </button>
        </div>
      )}
    </div>
  );
}
