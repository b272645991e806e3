import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useFetcher } from 'react-router';
import type { ActionAnswer } from '~/routes/action-answer';

export interface AutoFieldProps {
  readonly label: string;
  readonly value: string;
  /** Makes the JSON that the route's action gets: the new value and the one that was seen. */
  readonly payload: (value: string, was: string) => object;
  readonly className?: string;
  readonly multiline?: boolean;
  readonly placeholder?: string;
}

/** A field that saves itself when it is left or Enter is pressed, and says where another tab was faster. */
export function AutoField(props: AutoFieldProps) {
  const { label, value, payload, className, multiline = false, placeholder } = props;
  const fetcher = useFetcher<ActionAnswer>();
  const [draft, setDraft] = useState(value);
  const seen = useRef(value);
  const focused = useRef(false);
  useEffect(() => {
    // What another tab writes shows at once, unless this field is being typed in.
    if (!focused.current) {
      seen.current = value;
      setDraft(value);
    }
  }, [value]);

  const save = () => {
    focused.current = false;
    if (draft === seen.current) {
      seen.current = value;
      setDraft(value);
      return;
    }
    const was = seen.current;
    seen.current = draft;
    void fetcher.submit(payload(draft, was) as never, {
      method: 'post',
      encType: 'application/json',
    });
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key === 'Enter' && !(multiline && event.shiftKey)) {
      event.preventDefault();
      event.currentTarget.blur();
    }
    if (event.key === 'Escape') {
      setDraft(seen.current);
    }
  };
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
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
        onChange={(event) => setDraft(event.currentTarget.value)}
        onBlur={save}
        onKeyDown={onKeyDown}
        aria-invalid={problem !== undefined}
      />
      {problem !== undefined && (
        <div className="message mt-1" role="alert">
          {problem}
        </div>
      )}
    </>
  );
}
