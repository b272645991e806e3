import { useId, type KeyboardEvent } from 'react';
import { useFetcher, useFormAction } from 'react-router';
import type { ActionAnswer } from '~/routes/action-answer';
import { Clash } from './Clash';
import { Restored } from './Restored';
import { useSavedText } from './use-saved-text';
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

/** A field that saves itself; where another tab changed the same, both versions are shown. */
export function AutoField(props: AutoFieldProps) {
  const { label, value, payload, className, multiline = false, placeholder } = props;
  const fetcher = useFetcher<ActionAnswer>();
  // What is saved as the screen is left must not reach the next one.
  const action = useFormAction();
  const revision = useRevision();
  const problemId = useId();
  const failed = fetcher.data && !fetcher.data.ok ? fetcher.data : undefined;
  const clash = failed?.conflict;
  const field = useSavedText({
    // Two fields of a page may be called alike; what they change tells them apart.
    name: `${label}#${JSON.stringify(payload(''))}`,
    value,
    basis: { revision },
    failed: failed && (failed.full ? 'no room' : clash ? 'clash' : 'refused'),
    send: (text, on) => {
      const body = payload(text);
      void fetcher.submit(
        (on.revision === undefined ? body : { revision: on.revision, ...body }) as never,
        {
          method: 'post',
          encType: 'application/json',
          action,
        },
      );
    },
  });

  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key === 'Enter' && !(multiline && event.shiftKey)) {
      event.preventDefault();
      event.currentTarget.blur();
    }
    if (event.key === 'Escape') field.giveUp();
  };
  const problem = clash ? undefined : failed?.message;
  const Field = multiline ? 'textarea' : 'input';
  return (
    <>
      <Field
        aria-label={label}
        className={className ?? 'form-control'}
        value={field.draft}
        placeholder={placeholder}
        rows={multiline ? 2 : undefined}
        onFocus={field.onFocus}
        onChange={(event) => field.type(event.currentTarget.value)}
        onBlur={field.onBlur}
        onKeyDown={onKeyDown}
        aria-invalid={problem !== undefined}
        aria-describedby={problem === undefined ? undefined : problemId}
      />
      {field.restored && <Restored {...field.restored} />}
      {problem !== undefined && (
        <div id={problemId} className="message mt-1" role="alert">
          {problem}
        </div>
      )}
      {clash && (
        <Clash
          clash={clash}
          onMine={() => field.insist(field.draft, clash)}
          onTheirs={() => {
            field.settle(String(clash.theirs ?? ''), clash);
            void fetcher.reset();
          }}
          {...(clash.both === undefined
            ? {}
            : { onBoth: () => field.insist(clash.both ?? '', clash) })}
        />
      )}
    </>
  );
}
