import { useRef } from 'react';

type Field = HTMLInputElement | HTMLTextAreaElement;

/** Writes into a field as its keyboard would. */
function writeInto(field: Field, sign: string) {
  const { selectionStart, selectionEnd, value } = field;
  const from = selectionStart ?? value.length;
  const next = value.slice(0, from) + sign + value.slice(selectionEnd ?? from);
  const prototype =
    field instanceof HTMLTextAreaElement
      ? HTMLTextAreaElement.prototype
      : HTMLInputElement.prototype;
  // React hears of a change only through the setter that it has not wrapped.
  Object.getOwnPropertyDescriptor(prototype, 'value')?.set?.call(field, next);
  field.dispatchEvent(new Event('input', { bubbles: true }));
  field.focus();
  field.setSelectionRange(from + sign.length, from + sign.length);
}

/** Letters with accents and other signs, for the field that was written in last. */
export function useSigns(signs: readonly string[]) {
  const last = useRef<Field | null>(null);
  const note = (event: { target: EventTarget }) => {
    const { target } = event;
    if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) {
      last.current = target;
    }
  };
  const bar =
    signs.length === 0 ? null : (
      <div className="play-signs" role="group" aria-label="Letters">
        {signs.map((sign) => (
          <button
            key={sign}
            type="button"
            onClick={() => last.current && writeInto(last.current, sign)}
          >
            {sign}
          </button>
        ))}
      </div>
    );
  return {
    bar,
    onFocus: note,
    write: (text: string) => last.current && writeInto(last.current, text),
  };
}
