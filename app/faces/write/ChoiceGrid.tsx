import { useMemo, useRef, useState, type ReactNode } from 'react';
import { BsArrowCounterclockwise, BsGear, BsVolumeUp } from 'react-icons/bs';
import { choosingFrom, usualChoosing, type Choosing } from '~core/practice/scan';
import { ChoosingOptions } from './ChoosingOptions';
import { sayWords } from './say-words';
import { useScan } from './use-scan';

const KEY = 'wordane choosing';

function keptChoosing(): Choosing {
  try {
    return choosingFrom(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
  } catch {
    return usualChoosing;
  }
}

export interface Cell {
  readonly text: string;
  readonly picture?: string | undefined;
  /** What it does, where it is no word. */
  readonly does?: 'back' | 'say';
}

export interface ChoiceGridRow {
  readonly name: string;
  /** By which its border and colour are told. */
  readonly kind: string;
  readonly cells: readonly Cell[];
}

/** Rows of words to choose from: with the hand, by resting, with one switch or two. */
export function ChoiceGrid({
  rows: all,
  shown,
  onWord,
  onBack,
  parts,
  locked,
  picture,
  label,
  language,
}: {
  rows: readonly ChoiceGridRow[];
  /** The sentence as it stands; the part that is being said is lit. */
  shown: (lit: number | undefined) => ReactNode;
  onWord: (text: string) => void;
  onBack: () => void;
  /** Of the sentence, as they are said. */
  parts: readonly string[];
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
  const grid = useMemo(() => all.map(({ cells }) => cells.length), [all]);
  const choose = ({ text, does }: Cell) => {
    if (locked) return;
    if (does === 'say') return sayWords(parts, language, setLit);
    setLast(does === 'back' ? 'Taken back' : text);
    if (does === 'back') onBack();
    else onWord(text);
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
        {shown(lit)}
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
