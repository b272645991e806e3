import { useEffect, useRef, useState } from 'react';

/** How long what was done is said, in milliseconds. */
const SAID_FOR = 8000;

/** Whether something was just done or undone: said once, where the undo of it stands. */
export function useSaid(
  latest: { readonly id: number } | undefined,
  undone: { readonly count: number } | undefined,
): 'did' | 'undid' | undefined {
  const [said, setSaid] = useState<'did' | 'undid'>();
  const seen = useRef(latest?.id);
  const undoings = useRef(undone?.count ?? 0);
  // Every revalidation brings the same change as a new object; only another id is news.
  const id = latest?.id ?? 0;
  const count = undone?.count ?? 0;
  useEffect(() => {
    if (count > undoings.current) setSaid('undid');
    // An undo brings an older change back to the top: nothing new was done.
    else if (id > (seen.current ?? 0)) setSaid('did');
    else return;
    undoings.current = count;
    seen.current = Math.max(id, seen.current ?? 0);
    const timer = setTimeout(() => setSaid(undefined), SAID_FOR);
    return () => clearTimeout(timer);
  }, [id, count]);
  return said;
}
