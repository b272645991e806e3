/**
 * Choosing with one switch or two: first a row is lit, then a cell in it. With
 * one switch the light moves by itself and the switch takes what is lit; with
 * two the first moves it and the second takes it. Row–column scanning as it is
 * common practice.
 */
export interface ScanState {
  readonly level: 'rest' | 'rows' | 'cells';
  readonly row: number;
  readonly cell: number;
  /** Times that the light has gone through all of this level. */
  readonly rounds: number;
}

export const scanStart: ScanState = { level: 'rest', row: 0, cell: 0, rounds: 0 };

/** How many cells each row has; rows without any are passed over. */
export type ScanGrid = readonly number[];

const begin = (grid: ScanGrid): ScanState => {
  const row = grid.findIndex((cells) => cells > 0);
  return row < 0 ? scanStart : { level: 'rows', row, cell: 0, rounds: 0 };
};

/**
 * The light moves on.
 *
 * @param repeats times it goes through before it rests; in a row it then goes back to the rows
 */
export function scanOn(state: ScanState, grid: ScanGrid, repeats: number): ScanState {
  if (state.level === 'rest') return state;
  if (state.level === 'rows') {
    const next = grid.findIndex((cells, index) => cells > 0 && index > state.row);
    if (next >= 0) return { ...state, row: next };
    const rounds = state.rounds + 1;
    return rounds >= repeats ? scanStart : { ...begin(grid), rounds };
  }
  const cells = grid[state.row] ?? 0;
  if (state.cell + 1 < cells) return { ...state, cell: state.cell + 1 };
  const rounds = state.rounds + 1;
  return rounds >= repeats
    ? { level: 'rows', row: state.row, cell: 0, rounds: 0 }
    : { ...state, cell: 0, rounds };
}

/** The switch is pressed: a row is opened, or a cell is chosen. */
export function scanTake(
  state: ScanState,
  grid: ScanGrid,
): {
  readonly state: ScanState;
  readonly chosen?: { readonly row: number; readonly cell: number };
} {
  if (state.level === 'rest') return { state: begin(grid) };
  if (state.level === 'rows') {
    // A row of one needs no second choice.
    if (grid[state.row] === 1) {
      return { state: begin(grid), chosen: { row: state.row, cell: 0 } };
    }
    return { state: { level: 'cells', row: state.row, cell: 0, rounds: 0 } };
  }
  return { state: begin(grid), chosen: { row: state.row, cell: state.cell } };
}

/** How somebody chooses, on this device. */
export interface Choosing {
  readonly by: 'hand' | 'one' | 'two' | 'rest';
  /** Milliseconds for which each row or cell is lit, or must be rested on. */
  readonly pace: number;
  readonly repeats: number;
  /** A short tone as the light moves. */
  readonly tone: boolean;
  /** A second touch within so many milliseconds is none. */
  readonly filter: number;
}

export const usualChoosing: Choosing = {
  by: 'hand',
  pace: 1600,
  repeats: 2,
  tone: false,
  filter: 0,
};

const within = (value: unknown, least: number, most: number, usual: number) =>
  typeof value === 'number' && value >= least && value <= most ? value : usual;

/** Settings as they were kept; what is not fit is as usual. */
export function choosingFrom(kept: unknown): Choosing {
  const { by, pace, repeats, tone, filter } = (kept ?? {}) as Partial<
    Record<keyof Choosing, unknown>
  >;
  const usual = usualChoosing;
  return {
    by: by === 'one' || by === 'two' || by === 'rest' ? by : 'hand',
    pace: within(pace, 300, 10_000, usual.pace),
    repeats: within(repeats, 1, 9, usual.repeats),
    tone: tone === true,
    filter: within(filter, 0, 2000, usual.filter),
  };
}
