import { useEffect, useRef, useState } from 'react';
import { useFetcher } from 'react-router';
import type { ActionAnswer } from '~/routes/action-answer';

/** What was just done, said once, with its undo; the header keeps the undo after this has gone. */
export function Said({ latest }: { latest: { id: number; label: string } | undefined }) {
  const fetcher = useFetcher<ActionAnswer>();
  const [shown, setShown] = useState(false);
  const seen = useRef(latest?.id);
  // Every revalidation brings the same change as a new object; only another id is news.
  const id = latest?.id ?? 0;
  useEffect(() => {
    if (id <= (seen.current ?? 0)) {
      // An undo brings an older change back to the top: nothing new was done.
      setShown(false);
      return;
    }
    seen.current = id;
    setShown(true);
    const timer = setTimeout(() => setShown(false), 8000);
    return () => clearTimeout(timer);
  }, [id]);
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  return (
    <div className="toast-area" aria-live="polite">
      {(shown || problem) && latest && (
        <div className="said">
          <span>{problem ?? latest.label}</span>
          {!problem && (
            <button
              type="button"
              onClick={() =>
                void fetcher.submit({ intent: 'undo', id: latest.id } as never, {
                  method: 'post',
                  action: '/?index',
                  encType: 'application/json',
                })
              }
            >
              Undo
            </button>
          )}
        </div>
      )}
    </div>
  );
}
