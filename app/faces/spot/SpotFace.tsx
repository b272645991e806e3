import { useState } from 'react';
import type { SpotResponse, SpotTask } from '~core/exercises/interactions/spot/task';
import { PICKED } from '~core/exercises/interactions/spot/picks';
import type { FaceProps } from '../kit/face-props';
import { Said } from '../kit/ItemRow';

type Props = FaceProps<SpotTask, SpotResponse>;

/** The words of a text with where they begin, and what stands between them. */
function piecesOf(text: string) {
  return [...text.matchAll(/[\p{L}\p{M}\d]+(?:['’-][\p{L}\p{M}\d]+)*|\n|[^\p{L}\d\n]+/gu)].map(
    (match) => ({ text: match[0], start: match.index, isWord: /[\p{L}\d]/u.test(match[0]) }),
  );
}

const range = (start: number, length: number) =>
  Array.from({ length }, (_, index) => start + index);

/** Words of a text are picked and let go. */
function TextFace({ task, response, onResponse, verdicts, locked }: Props) {
  const picked = new Set(response[PICKED] ?? []);
  const right = new Set(
    task.items.filter(({ id }) => verdicts.get(id)?.right).flatMap(({ place }) => place),
  );
  const toggle = (start: number, length: number) => {
    const next = new Set(picked);
    const has = next.has(start);
    for (const offset of range(start, length)) {
      if (has) next.delete(offset);
      else next.add(offset);
    }
    onResponse({ [PICKED]: [...next].sort((one, other) => one - other) });
  };
  const pick = (text: string, start: number, name?: string) => {
    const isPicked = picked.has(start);
    const state =
      verdicts.size > 0 && isPicked
        ? right.has(start)
          ? ' play-word--right'
          : ' play-word--look'
        : '';
    return (
      <button
        key={start}
        type="button"
        className={`play-word${state}`}
        data-offset={start}
        aria-label={name}
        aria-pressed={isPicked}
        disabled={locked}
        onClick={() => toggle(start, text.length)}
      >
        {text}
      </button>
    );
  };
  return (
    <p className="play-text">
      {piecesOf(task.text).map(({ text, start, isWord }) => {
        if (text === '\n') return <br key={start} />;
        if (!isWord) return <span key={start}>{text}</span>;
        if (!task.letters) return pick(text, start);
        return (
          <span key={start} className="play-letters">
            {[...text].map((letter, at) =>
              pick(letter, start + at, `${letter}, letter ${at + 1} of ${text}`),
            )}
          </span>
        );
      })}
    </p>
  );
}

/** The offsets on a straight line between two squares; none where no straight line joins them. */
function lineBetween(from: number, to: number, width: number): number[] {
  const step = width + 1;
  const [row, column] = [Math.floor(from / step), from % step];
  const [down, across] = [Math.floor(to / step) - row, (to % step) - column];
  const length = Math.max(Math.abs(down), Math.abs(across));
  if (length === 0 || !(down === 0 || across === 0 || Math.abs(down) === Math.abs(across)))
    return [];
  return Array.from(
    { length: length + 1 },
    (_, index) => (row + Math.sign(down) * index) * step + column + Math.sign(across) * index,
  );
}

/** In a grid the first and the last letter of a word are tapped. */
function GridFace({ task, response, onResponse, verdicts, locked }: Props) {
  const [first, setFirst] = useState<number>();
  const rows = task.text.split('\n');
  const width = [...(rows[0] ?? '')].length;
  const lines = Object.entries(response).filter(([id]) => id.startsWith(PICKED));
  const picked = new Set(lines.flatMap(([, line]) => line));
  const tap = (offset: number) => {
    if (first === undefined) {
      setFirst(offset);
      return;
    }
    setFirst(undefined);
    const line = lineBetween(first, offset, width);
    if (line.length === 0) return;
    // The same line once more takes it back.
    const same = lines.find(
      ([, each]) => each.join() === line.join() || [...each].reverse().join() === line.join(),
    );
    const rest = lines.filter((each) => each !== same);
    const all = same ? rest : [...rest, [PICKED, line] as const];
    onResponse(Object.fromEntries(all.map(([, each], index) => [`${PICKED}-${index + 1}`, each])));
  };
  return (
    <div
      className="play-grid"
      style={{ '--columns': width } as React.CSSProperties}
      role="group"
      aria-label="Grid of letters"
    >
      {rows.flatMap((row, down) =>
        [...row].map((letter, across) => {
          const offset = down * (width + 1) + across;
          return (
            <button
              key={offset}
              type="button"
              className={`play-letter${offset === first ? ' play-letter--first' : ''}`}
              aria-pressed={picked.has(offset)}
              aria-label={`${letter}, row ${down + 1}, column ${across + 1}`}
              disabled={locked || (verdicts.size > 0 && locked)}
              onClick={() => tap(offset)}
              onKeyDown={(event) => {
                const move = {
                  ArrowUp: -(width + 1),
                  ArrowDown: width + 1,
                  ArrowLeft: -1,
                  ArrowRight: 1,
                }[event.key];
                if (move === undefined) return;
                event.preventDefault();
                event.currentTarget.parentElement
                  ?.querySelector<HTMLElement>(`[data-offset="${offset + move}"]`)
                  ?.focus();
              }}
              data-offset={offset}
            >
              {letter}
            </button>
          );
        }),
      )}
    </div>
  );
}

/** What is to be found is picked where it stands. */
export function SpotFace(props: Props) {
  const { task, verdicts } = props;
  const missed = task.items.filter(({ id }) => verdicts.get(id)?.right === false);
  return (
    <>
      {task.listed && (
        <ul className="put-tray play-listed" aria-label="To find">
          {task.items.map(({ id, word }) => (
            <li key={id} className={verdicts.get(id)?.right ? 'play-found' : ''}>
              {word}
              {verdicts.get(id)?.right && <span className="visually-hidden">, found</span>}
            </li>
          ))}
        </ul>
      )}
      {task.layout === 'grid' ? <GridFace {...props} /> : <TextFace {...props} />}
      {verdicts.size > 0 && (
        <ul className="put-said">
          {missed.length > 0 && (
            <li>
              {missed.length === 1
                ? 'One is still to be found.'
                : `${missed.length} are still to be found.`}
            </li>
          )}
          {verdicts.get('extra') && (
            <li>
              <Said verdict={verdicts.get('extra')} />
            </li>
          )}
        </ul>
      )}
    </>
  );
}
