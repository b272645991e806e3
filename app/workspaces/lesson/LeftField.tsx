import { useEffect, useRef, useState } from 'react';

/** While the typing goes on, it is kept this often, in milliseconds. */
const SAVE_AFTER = 1200;

/** A field that is kept while it is typed in, when it is left, and when the page goes away. */
export function LeftField(props: {
  readonly label: string;
  /** As it is kept; what was typed may be put in order before it is kept. */
  readonly value: string;
  readonly onSave: (value: string) => void;
  readonly lines?: number;
  readonly longest?: number;
}) {
  const { label, value, onSave, lines = 1, longest } = props;
  const [draft, setDraft] = useState(value);
  const typing = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  /** What was typed and is not kept yet. */
  const unsaved = useRef<string>(undefined);
  useEffect(() => {
    // What is kept shows in order once the hand has left; a comma that is typed must not vanish under it.
    if (!typing.current) setDraft(value);
  }, [value]);
  const save = () => {
    clearTimeout(timer.current);
    timer.current = undefined;
    const text = unsaved.current;
    unsaved.current = undefined;
    if (text !== undefined && text !== value) onSave(text);
  };
  const saveNow = useRef(save);
  useEffect(() => {
    saveNow.current = save;
  });
  useEffect(() => {
    const flush = () => saveNow.current();
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      flush();
    };
  }, []);
  const Tag = lines > 1 ? 'textarea' : 'input';
  return (
    <label className="d-block mb-2">
      {label}
      <Tag
        className="form-control form-control-sm"
        rows={lines > 1 ? lines : undefined}
        maxLength={longest}
        value={draft}
        onChange={(event) => {
          const text = event.currentTarget.value;
          typing.current = true;
          unsaved.current = text;
          setDraft(text);
          timer.current ??= setTimeout(() => saveNow.current(), SAVE_AFTER);
        }}
        onBlur={() => {
          typing.current = false;
          if (unsaved.current === undefined) setDraft(value);
          else save();
        }}
      />
    </label>
  );
}
