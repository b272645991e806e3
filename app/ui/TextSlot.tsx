import { useEffect, useRef, useState } from 'react';

export interface TextSlotProps {
  /** What the slot asks, for a screen reader: “Rhymes with”. */
  readonly name: string;
  readonly value: string;
  readonly placeholder: string;
  readonly onChange: (value: string) => void;
  /** Characters it is wide. */
  readonly size?: number;
  /** What is wrong with the value; shown under it. */
  readonly problem?: string | undefined;
  readonly startHere?: boolean;
}

const SETTLED_MS = 450;

/** A place in a sentence whose words are typed; it answers when typing rests, or at Enter. */
export function TextSlot(props: TextSlotProps) {
  const { name, value, placeholder, onChange, size = 8, problem, startHere = false } = props;
  const [typed, setTyped] = useState(value);
  const sent = useRef(value);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // A change from elsewhere (undo, a link) replaces what stands here.
    if (value !== sent.current) setTyped(value);
    sent.current = value;
  }, [value]);
  useEffect(() => {
    if (startHere) input.current?.focus();
  }, [startHere]);
  const send = (next: string) => {
    if (next === sent.current) return;
    sent.current = next;
    onChange(next);
  };
  useEffect(() => {
    const timer = setTimeout(() => send(typed), SETTLED_MS);
    return () => clearTimeout(timer);
  });
  return (
    <span className="text-slot">
      <input
        ref={input}
        className="text-slot__input"
        aria-label={name}
        aria-invalid={problem !== undefined}
        placeholder={placeholder}
        value={typed}
        size={Math.max(size, typed.length + 1)}
        maxLength={80}
        spellCheck={false}
        autoCapitalize="off"
        onChange={(event) => setTyped(event.currentTarget.value)}
        onBlur={() => send(typed)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') send(typed);
        }}
      />
      {problem && (
        <span className="text-slot__problem" role="alert">
          {problem}
        </span>
      )}
    </span>
  );
}
