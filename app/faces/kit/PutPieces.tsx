import { DndContext, useDraggable, useDroppable } from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';
import type { Verdict } from '~core/exercises/interactions/kit/verdict';
import { Said } from './ItemRow';
import { usePhrases } from './use-phrases';
import { useDragSensors } from '~/ui/drag-sensors';

/** A piece that is put somewhere. */
export interface Piece {
  readonly id: string;
  /** What is said of it. */
  readonly name: string;
  readonly shows?: ReactNode;
}

export interface Target {
  readonly id: string;
  readonly name: string;
  readonly shows?: ReactNode;
}

export interface PutPiecesProps {
  readonly pieces: readonly Piece[];
  readonly targets: readonly Target[];
  /** Piece id to the id of the target it was put on. */
  readonly placed: Readonly<Record<string, string>>;
  readonly onPlaced: (placed: Readonly<Record<string, string>>) => void;
  /** One piece a target: another that is put there sends the first back. */
  readonly single?: boolean;
  readonly verdictOf: (piece: string) => Verdict | undefined;
  readonly locked: boolean;
  /** What the pieces are called: “the words”. */
  readonly label: string;
}

interface PieceButtonProps {
  readonly piece: Piece;
  readonly picked: boolean;
  readonly verdict: Verdict | undefined;
  readonly locked: boolean;
  readonly onPick: () => void;
  readonly onLeave: () => void;
}

function PieceButton({ piece, picked, verdict, locked, onPick, onLeave }: PieceButtonProps) {
  const { listeners, setNodeRef, transform } = useDraggable({
    id: piece.id,
    disabled: locked,
  });
  const state = verdict === undefined ? '' : verdict.right ? ' piece--right' : ' piece--look';
  const said = verdict === undefined ? '' : verdict.right ? ', right' : ', not yet';
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...listeners}
      className={`piece${state}`}
      style={
        transform
          ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 5 }
          : undefined
      }
      aria-pressed={picked}
      aria-label={typeof piece.shows === 'object' ? `${piece.name}${said}` : undefined}
      disabled={locked}
      onClick={onPick}
      onKeyDown={(event) => event.key === 'Escape' && onLeave()}
    >
      {piece.shows ?? piece.name}
      {said !== '' && <span className="visually-hidden">{said}</span>}
    </button>
  );
}

function TargetBox({
  target,
  picked,
  onPut,
  children,
}: {
  target: Target;
  picked: Piece | undefined;
  onPut: () => void;
  children: ReactNode;
}) {
  const says = usePhrases();
  const { setNodeRef, isOver } = useDroppable({ id: target.id });
  return (
    <section
      ref={setNodeRef}
      className={`put-target${isOver ? ' put-target--over' : ''}${picked ? ' put-target--open' : ''}`}
      aria-label={target.name}
    >
      <div className="put-target__head">{target.shows ?? target.name}</div>
      <div className="put-target__pieces">{children}</div>
      {picked && (
        <button type="button" className="put-target__put" onClick={onPut}>
          {says.putHere} <strong>{picked.name}</strong>
        </button>
      )}
    </section>
  );
}

/**
 * Pieces that are put where they belong: dragged, or tapped and then the place tapped, or both by
 * keys. A piece that was put is taken up again in the same way.
 */
export function PutPieces(props: PutPiecesProps) {
  const { pieces, targets, placed, onPlaced, single = false, verdictOf, locked, label } = props;
  const says = usePhrases();
  const [pickedId, setPicked] = useState<string>();
  const [said, setSaid] = useState('');
  const sensors = useDragSensors();
  const picked = pieces.find(({ id }) => id === pickedId);
  const nameOf = (id: string) => pieces.find((piece) => piece.id === id)?.name ?? '';
  const put = (piece: string, target: string) => {
    const others = Object.entries(placed).filter(
      ([id, at]) => id !== piece && !(single && at === target),
    );
    onPlaced(Object.fromEntries([...others, [piece, target]]));
    setPicked(undefined);
    setSaid(`${nameOf(piece)}: ${targets.find(({ id }) => id === target)?.name ?? ''}`);
  };
  const pick = (id: string) => {
    if (id === pickedId) {
      // Tapped twice it goes back.
      setPicked(undefined);
      if (placed[id] !== undefined) {
        onPlaced(Object.fromEntries(Object.entries(placed).filter(([each]) => each !== id)));
        setSaid(`${nameOf(id)} is back`);
      }
      return;
    }
    setPicked(id);
    setSaid(`${nameOf(id)} is taken up. Choose its place.`);
  };
  const button = (piece: Piece) => (
    <PieceButton
      key={piece.id}
      piece={piece}
      picked={piece.id === pickedId}
      verdict={verdictOf(piece.id)}
      locked={locked}
      onPick={() => pick(piece.id)}
      onLeave={() => setPicked(undefined)}
    />
  );
  const loose = pieces.filter(({ id }) => placed[id] === undefined);
  const looked = pieces.filter(({ id }) => verdictOf(id)?.right === false);
  return (
    <DndContext
      sensors={sensors}
      accessibility={{
        announcements: {
          onDragStart: () => undefined,
          onDragOver: () => undefined,
          onDragEnd: () => undefined,
          onDragCancel: () => undefined,
        },
        screenReaderInstructions: { draggable: '' },
      }}
      onDragEnd={({ active, over }) => {
        if (over) put(String(active.id), String(over.id));
      }}
    >
      <div className="put">
        <section className="put-tray" aria-label={label}>
          {loose.length === 0 ? <span className="quiet">{says.allPlaced}</span> : loose.map(button)}
        </section>
        <div className={`put-targets${single ? ' put-targets--single' : ''}`}>
          {targets.map((target) => (
            <TargetBox
              key={target.id}
              target={target}
              picked={locked ? undefined : picked}
              onPut={() => pickedId !== undefined && put(pickedId, target.id)}
            >
              {pieces.filter(({ id }) => placed[id] === target.id).map(button)}
            </TargetBox>
          ))}
        </div>
        {looked.length > 0 && (
          <ul className="put-said">
            {looked.map(({ id, name }) => (
              <li key={id}>
                <strong>{name}</strong> <Said verdict={verdictOf(id)} />
              </li>
            ))}
          </ul>
        )}
        <p className="visually-hidden" role="status">
          {said}
        </p>
      </div>
    </DndContext>
  );
}
