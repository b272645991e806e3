import { useEffect, useState } from 'react';
import { t } from '~/phrases/t';

export type Asked<Value> =
  | { readonly state: 'working' }
  | { readonly state: 'ready'; readonly value: Value }
  | { readonly state: 'failed'; readonly message: string };

/** What the engine answers; the last answer stays until the next is there. */
export function useAsked<Value>(ask: () => Promise<Value>, when: readonly unknown[]): Asked<Value> {
  const [asked, setAsked] = useState<Asked<Value>>({ state: 'working' });
  useEffect(() => {
    let current = true;
    ask()
      .then((value) => current && setAsked({ state: 'ready', value }))
      .catch(
        (error: unknown) =>
          current &&
          setAsked({
            state: 'failed',
            message: error instanceof Error ? error.message : t('texts.thisCouldNotBeComputed'),
          }),
      );
    return () => {
      current = false;
    };
    // Asked again when what it is about changes; the function itself is new each time.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, when);
  return asked;
}
