/** Something that the board and the teacher's window both show: kept in the browser, and told at once. */
import { useCallback, useEffect, useRef, useState } from 'react';

const channelOf = () => new BroadcastChannel('wordane board');

function kept<Value>(key: string): Value | undefined {
  try {
    const text = localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as Value);
  } catch {
    return undefined;
  }
}

/** A value under a key, and how to change it; another window of the same browser has the same. */
export function useShared<Value>(
  key: string,
  initial: Value,
): readonly [Value, (step: (value: Value) => Value) => void] {
  const [value, setValue] = useState<Value>(() => kept<Value>(key) ?? initial);
  const now = useRef(value);
  const channel = useRef<BroadcastChannel>(undefined);
  useEffect(() => {
    const open = channelOf();
    channel.current = open;
    open.onmessage = ({ data }: MessageEvent<{ key: string; value: Value }>) => {
      if (data.key !== key) return;
      now.current = data.value;
      setValue(data.value);
    };
    return () => open.close();
  }, [key]);
  const change = useCallback(
    (step: (value: Value) => Value) => {
      const next = step(now.current);
      now.current = next;
      setValue(next);
      channel.current?.postMessage({ key, value: next });
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // No room: it is shown all the same.
      }
    },
    [key],
  );
  return [value, change];
}
