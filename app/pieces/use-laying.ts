import { useRef, useState } from 'react';
import type { PieceBoard } from '~core/pieces/piece-board';

/** Steps that can be taken back while the board is open. */
const MOST_STEPS = 200;

/** A board being laid: each change is kept at once, and can be taken back and done again. */
export function useLaying(
  start: PieceBoard,
  onKeep: (board: PieceBoard, did: string) => void,
  takenBack = 'Taken back',
) {
  const [board, setBoard] = useState(start);
  const [past, setPast] = useState<readonly PieceBoard[]>([]);
  const [future, setFuture] = useState<readonly PieceBoard[]>([]);
  /** As it lay before a drag that is not done yet. */
  const before = useRef<PieceBoard | undefined>(undefined);
  const [said, setSaid] = useState('');

  /** The board as a piece is dragged over it: nothing is kept of it. */
  const drag = (next: PieceBoard) => {
    before.current ??= board;
    setBoard(next);
  };
  /** @param did what it was, for the history and for whoever listens */
  const change = (next: PieceBoard, did: string, says = did) => {
    const from = before.current ?? board;
    before.current = undefined;
    setBoard(next);
    setSaid(says);
    if (next === from) return;
    setPast([...past, from].slice(-MOST_STEPS));
    setFuture([]);
    onKeep(next, did);
  };
  const undo = () => {
    const last = past.at(-1);
    if (last === undefined) return;
    setPast(past.slice(0, -1));
    setFuture([board, ...future]);
    setBoard(last);
    setSaid(takenBack);
    onKeep(last, 'Took a move back');
  };
  const redo = () => {
    const [next, ...rest] = future;
    if (next === undefined) return;
    setPast([...past, board]);
    setFuture(rest);
    setBoard(next);
    setSaid('Done again');
    onKeep(next, 'Did a move again');
  };
  return {
    board,
    drag,
    change,
    undo: past.length > 0 ? undo : undefined,
    redo: future.length > 0 ? redo : undefined,
    said,
  };
}

export type Laying = ReturnType<typeof useLaying>;
