import { useMemo, useRef, useState } from 'react';
import { BsArrowCounterclockwise, BsGear, BsVolumeUp } from 'react-icons/bs';
import type { ChoiceRow } from '~core/exercises/interactions/write/task';
import {
  endMarks,
  partsOfSentence,
  withoutLast,
  withPart,
  wordKinds,
} from '~core/kernel/sentence-parts';
import { choosingFrom, usualChoosing, type Choosing } from '~core/practice/scan';
import { ChoosingOptions } from './ChoosingOptions';
import { canSay, sayWords } from './say-words';
import { useScan } from './use-scan';

const KEY = 'wordane choosing';

function keptChoosing(): Choosing {
  try {
    return choosingFrom(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
  } catch {
    return usualChoosing;
  }
}

interface Cell {
  readonly text: string;
  readonly picture?: string | undefined;
  /** What it does, where it is no word. */
  readonly does?: 'back' | 'say';
}

/** A sentence written by choosing its words: with the hand, by resting, with one switch or two. */
export function ChooseWords({
  rows,
  value,
  onValue,
  locked,
  picture,
  label,
  language,
}: {
  rows: readonly ChoiceRow[];
  value: string;
  onValue: (value: string) => void;
  locked: boolean;
  picture: (name: string) => string;
  label: string;
  language: string;
}) {
  const [choosing, setChoosing] = useState(keptChoosing);
  const [setting, setSetting] = useState(false);
  const [lit, setLit] = useState<number>();
  const [last, setLast] = useState('');
  const touched = useRef(0);
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  const all = useMemo(
    (): { readonly name: string; readonly kind: string; readonly cells: readonly Cell[] }[] => [
      ...rows.map(({ kind, words }) => ({
        name: wordKinds[kind],
        kind,
        cells: words.map(({ word, picture: shown }) => ({ text: word, picture: shown })),
      })),
      {
        name: 'End, take back, hear',
        kind: 'end',
        cells: [
          ...endMarks.map((text) => ({ text })),
          { text: 'Take back', does: 'back' },
          ...(canSay(language) ? [{ text: 'Hear it', does: 'say' } as const] : []),
        ],
      },
    ],
    [rows, language],
  );
  const grid = useMemo(() => all.map(({ cells }) => cells.length), [all]);
  const choose = ({ text, does }: Cell) => {
    if (locked) return;
    if (does === 'say') return sayWords(partsOfSentence(value), language, setLit);
    const next = does === 'back' ? withoutLast(value) : withPart(value, text);
    setLast(does === 'back' ? 'Taken back' : text);
    onValue(next);
    return undefined;
  };
  const { scan, take, step } = useScan(grid, choosing, (row, cell) => {
    const chosen = all[row]?.cells[cell];
    if (chosen) choose(chosen);
  });
  const set = (changed: Partial<Choosing>) => {
    const next = { ...choosing, ...changed };
    setChoosing(next);
    try {
      localStorage.setItem(KEY, JSON.stringify(next));
    } catch {
      // It holds for as long as the page is open.
    }
  };
  const press = (cell: Cell) => {
    const now = Date.now();
    // A finger that trembles touches twice.
    if (now - touched.current < choosing.filter) return;
    touched.current = now;
    choose(cell);
  };
  const rest = (cell: Cell | undefined) => {
    clearTimeout(resting.current);
    if (cell && choosing.by === 'rest') {
      resting.current = setTimeout(() => choose(cell), choosing.pace);
    }
  };
  const bySwitch = choosing.by === 'one' || choosing.by === 'two';
  return (
    <div className="choose-words" role="group" aria-label={`${label}: choose words`}>
      <p className="choose-words__sentence" aria-live="polite">
        {partsOfSentence(value).map((part, at) => (
          <span key={at} className={at === lit ? 'choose-words__said' : ''}>
            {part}{' '}
          </span>
        ))}
        {value === '' && <span className="quiet">Choose the first word.</span>}
      </p>
      <span className="visually-hidden" role="status">
        {last}
      </span>
      {bySwitch && (
        <div className="choose-words__switches">
          {choosing.by === 'two' && (
            <button type="button" className="play-button" disabled={locked} onClick={step}>
              Move
            </button>
          )}
          <button
            type="button"
            className="play-button play-button--main"
            disabled={locked}
            onClick={take}
          >
            {scan.level === 'rest' ? 'Begin' : 'Take it'}
          </button>
        </div>
      )}
      {all.map(({ name, kind, cells }, row) => {
        const isLit = scan.level !== 'rest' && scan.row === row;
        return (
          <div
            key={kind}
            className={`choose-row choose-row--${kind}${isLit && scan.level === 'rows' ? ' choose-row--lit' : ''}`}
            role="group"
            aria-label={name}
          >
            {cells.map((cell, at) => (
              <button
                key={cell.text}
                type="button"
                className={`choose-cell${isLit && scan.level === 'cells' && scan.cell === at ? ' choose-cell--lit' : ''}`}
                disabled={locked}
                onClick={() => press(cell)}
                onPointerEnter={() => rest(cell)}
                onPointerLeave={() => rest(undefined)}
              >
                {cell.picture !== undefined && <img src={picture(cell.picture)} alt="" />}
                {cell.does === 'back' && <BsArrowCounterclockwise aria-hidden="true" />}
                {cell.does === 'say' && <BsVolumeUp aria-hidden="true" />} {cell.text}
              </button>
            ))}
          </div>
        );
      })}
      <button
        type="button"
        className="play-button choose-words__how"
        aria-expanded={setting}
        onClick={() => setSetting(!setting)}
      >
        <BsGear aria-hidden="true" /> How I choose
      </button>
      {setting && <ChoosingOptions choosing={choosing} set={set} />}
    </div>
  );
}
