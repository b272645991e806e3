import { createContext, useContext, useEffect, useId, useRef } from 'react';
import { useFetcher, useFormAction } from 'react-router';
import type { ActionAnswer } from '~/routes/action-answer';
import { Clash } from './Clash';
import { done, wait } from './waiting';

/** The revision of the record that a screen shows: every edit says which one it was made on. */
export const RecordRevision = createContext<number | undefined>(undefined);

export const useRevision = () => useContext(RecordRevision);

/** Sends what is asked of the record on the screen, and says what came of it. */
export function useSend(action?: string) {
  const revision = useRevision();
  const fetcher = useFetcher<ActionAnswer>();
  // The address of the screen itself: what is saved as it is left must not reach the next one.
  const own = useFormAction(action);
  const last = useRef<object>({});
  const submit = (body: object) => {
    last.current = body;
    void fetcher.submit(body as never, {
      method: 'post',
      encType: 'application/json',
      action: own,
    });
  };
  const send = (body: object) => submit(revision === undefined ? body : { revision, ...body });
  const { data } = fetcher;
  const place = useId();
  const full = data?.ok === false && data.full === true;
  useEffect(() => {
    if (full) wait(place, () => submit(last.current));
    else done(place);
    return () => done(place);
    // What is sent again is always the last that was sent.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [full, data, place]);
  const clash = data && !data.ok ? data.conflict : undefined;
  return {
    fetcher,
    send,
    answer: data,
    /** What was said of it; undefined where a clash says it. */
    message: data && !data.ok && !clash ? data.message : undefined,
    notes: data?.ok ? data.notes : undefined,
    clash: clash && (
      <Clash
        clash={clash}
        onMine={() => submit({ ...last.current, revision: clash.revision })}
        onTheirs={() => fetcher.reset()}
      />
    ),
  };
}
