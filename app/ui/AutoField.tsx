import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react';
import { useFetcher } from 'react-router';
import type { ActionAnswer } from '~/routes/action-answer';
import { Clash } from './Clash';
import { useRevision } from './use-send';

export interface AutoFieldProps {
  readonly label: string;
  readonly value: string;
  /** Makes the JSON that the route's action gets. */
  readonly payload: (value: string) => object;
  readonly className?: string;
  readonly multiline?: boolean;
  readonly placeholder?: string;
}

/** While the typing goes on, it is saved this often, in milliseconds. */
const SAVE_AFTER = 1500;

/**
 * A field that saves itself while it is typed in, when it is left, and when the
 * page goes away; where another tab changed the same, both versions are shown.
 */
export function AutoField(props: AutoFieldProps) {
  const { label, value, payload, className, multiline = false, placeholder } = props;
  const fetcher = useFetcher<ActionAnswer>();
  const revision = useRevision();
  const problemId = useId();
  const [draft, setDraft] = useState(value);
  /** What the field was last in step with, and the record's revision then. */
  const seen = useRef({ value, revision });
  const latest = useRef(value);
  const sent = useRef<string>(undefined);
  const focused = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const show = (text: string) => {
    latest.current = text;
    setDraft(text);
  };
  useEffect(() => {
    const unsaved = latest.current !== seen.current.value && latest.current !== sent.current;
    // What another tab writes shows at once, unless something here is still to be saved.
    if (focused.current ? latest.current === value : !unsaved) {
      seen.current = { value, revision };
      sent.current = undefined;
      if (latest.current !== value) show(value);
    }
  }, [value, revision]);

  const submit = (text: string, on: number | undefined) => {
    sent.current = text;
    const body = payload(text);
    void fetcher.submit((on === undefined ? body : { revision: on, ...body }) as never, {
      method: 'post',
      encType: 'application/json',
    });
  };
  const save = () => {
    clearTimeout(timer.current);
    timer.current = undefined;
    if (latest.current === seen.current.value || latest.current === sent.current) return;
    submit(latest.current, seen.current.revision);
  };
  const saveNow = useRef(save);
  saveNow.current = save;
  useEffect(() => {
    const flush = () => saveNow.current();
    const onHidden = () => document.visibilityState === 'hidden' && flush();
    window.addEventListener('pagehide', flush);
    document.addEventListener('visibilitychange', onHidden);
    return () => {
      window.removeEventListener('pagehide', flush);
      document.removeEventListener('visibilitychange', onHidden);
      flush();
    };
  }, []);

  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key === 'Enter' && !(multiline && event.shiftKey)) {
      event.preventDefault();
      event.currentTarget.blur();
    }
    if (event.key === 'Escape') show(seen.current.value);
  };
  const failed = fetcher.data && !fetcher.data.ok ? fetcher.data : undefined;
  const clash = failed?.conflict;
  const problem = clash ? undefined : failed?.message;
  const Field = multiline ? 'textarea' : 'input';
  return (
    <>
      <Field
        aria-label={label}
        className={className ?? 'form-control'}
        value={draft}
        placeholder={placeholder}
        rows={multiline ? 2 : undefined}
        onFocus={() => {
          focused.current = true;
        }}
        onChange={(event) => {
          show(event.currentTarget.value);
          // Counted from the first key, not the last: it is kept although the typing goes on.
          timer.current ??= setTimeout(() => saveNow.current(), SAVE_AFTER);
        }}
        onBlur={() => {
          focused.current = false;
          save();
        }}
        onKeyDown={onKeyDown}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : problemId}
      />
      {problem !== undefined && (
        <div id={problemId} className="message mt-1" role="alert">
          {problem}
        </div>
      )}
      {clash && (
        <Clash
          clash={clash}
          onMine={() => submit(latest.current, clash.revision)}
          onTheirs={() => {
            sent.current = undefined;
            seen.current = { value: String(clash.theirs ?? ''), revision: clash.revision };
            show(seen.current.value);
            void fetcher.reset();
          }}
          {...(clash.both === undefined
            ? {}
            : {
                onBoth: () => {
                  show(clash.both ?? '');
                  submit(clash.both ?? '', clash.revision);
                },
              })}
        />
      )}
    </>
  );
}
