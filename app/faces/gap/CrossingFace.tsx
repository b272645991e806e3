import { useRef } from 'react';
import type {
  Crossing,
  CrossingEntry,
  GapResponse,
  GapTask,
} from '~core/exercises/interactions/gap/task';
import { clueNumbers } from '~core/exercises/interactions/gap/crossing-words';
import type { FaceProps } from '../kit/face-props';
import { Said } from '../kit/ItemRow';

const EMPTY = ' ';

interface Square {
  readonly row: number;
  readonly column: number;
  readonly entries: readonly { readonly entry: CrossingEntry; readonly at: number }[];
}

const lengthOf = (task: GapTask, entry: CrossingEntry) =>
  entry.length ?? [...(task.items.find(({ id }) => id === entry.item)?.key ?? '')].length;

function squaresOf(task: GapTask, { entries }: Crossing): Square[] {
  const squares = new Map<string, Square>();
  for (const entry of entries) {
    for (let at = 0; at < lengthOf(task, entry); at += 1) {
      const row = entry.row + (entry.down ? at : 0);
      const column = entry.column + (entry.down ? 0 : at);
      const key = `${row} ${column}`;
      const before = squares.get(key)?.entries ?? [];
      squares.set(key, { row, column, entries: [...before, { entry, at }] });
    }
  }
  return [...squares.values()].sort(
    (one, other) => one.row - other.row || one.column - other.column,
  );
}

/** Words that cross: a letter a square, the arrows go from square to square. */
export function CrossingFace({
  task,
  crossing,
  response,
  onResponse,
  verdicts,
  locked,
}: FaceProps<GapTask, GapResponse> & { crossing: Crossing }) {
  const board = useRef<HTMLDivElement>(null);
  const down = useRef(false);
  const squares = squaresOf(task, crossing);
  const numbers = clueNumbers(crossing.entries);
  const letterAt = ({ entries }: Square) => {
    for (const { entry, at } of entries) {
      const letter = [...(response[entry.item]?.[0] ?? '')][at];
      if (letter !== undefined && letter !== EMPTY) return letter;
    }
    return '';
  };
  const go = (row: number, column: number) =>
    board.current?.querySelector<HTMLInputElement>(`[data-square="${row} ${column}"]`)?.focus();
  const write = (square: Square, typed: string) => {
    const letter = [...typed].at(-1)?.toLowerCase() ?? EMPTY;
    const next = { ...response };
    for (const { entry, at } of square.entries) {
      const signs = [...(next[entry.item]?.[0] ?? '').padEnd(lengthOf(task, entry), EMPTY)];
      signs[at] = letter;
      next[entry.item] = [signs.join('').trimEnd()];
    }
    onResponse(next);
    if (letter === EMPTY) return;
    const [only] = square.entries;
    const goesDown = square.entries.length === 1 ? (only?.entry.down ?? false) : down.current;
    down.current = goesDown;
    go(square.row + (goesDown ? 1 : 0), square.column + (goesDown ? 0 : 1));
  };
  const moves: Readonly<Record<string, readonly [number, number]>> = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
  };
  return (
    <>
      <div
        ref={board}
        className="play-crossing"
        style={{ '--columns': crossing.columns, '--rows': crossing.rows } as React.CSSProperties}
      >
        {squares.map((square) => {
          const starts = square.entries.filter(({ at }) => at === 0);
          const number = starts.map(({ entry }) => numbers.get(entry.item)).find(Boolean);
          return (
            <label
              key={`${square.row} ${square.column}`}
              style={{ gridRow: square.row + 1, gridColumn: square.column + 1 }}
            >
              {number !== undefined && <small aria-hidden="true">{number}</small>}
              <input
                data-square={`${square.row} ${square.column}`}
                aria-label={`Row ${square.row + 1}, column ${square.column + 1}`}
                autoCapitalize="off"
                autoComplete="off"
                spellCheck={false}
                disabled={locked}
                value={letterAt(square)}
                onFocus={(event) => event.currentTarget.select()}
                onChange={(event) => write(square, event.currentTarget.value)}
                onKeyDown={(event) => {
                  const move = moves[event.key];
                  if (move === undefined) return;
                  event.preventDefault();
                  down.current = move[0] !== 0;
                  go(square.row + move[0], square.column + move[1]);
                }}
              />
            </label>
          );
        })}
      </div>
      {[false, true].map((isDown) => (
        <section key={String(isDown)}>
          <h3 className="play-heading">{isDown ? 'Down' : 'Across'}</h3>
          <ul className="put-said">
            {crossing.entries
              .filter((entry) => entry.down === isDown)
              .map(({ item: id }) => {
                const item = task.items.find((each) => each.id === id);
                const clue = item?.pieces
                  .map((piece) => (piece.kind === 'text' ? piece.text : ''))
                  .join('');
                return (
                  <li key={id}>
                    <strong>{numbers.get(id)}</strong> {clue} <Said verdict={verdicts.get(id)} />
                  </li>
                );
              })}
          </ul>
        </section>
      ))}
    </>
  );
}
