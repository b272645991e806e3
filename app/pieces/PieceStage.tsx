import {
  useLayoutEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type PointerEvent,
  type RefObject,
} from 'react';
import { move, moveTo, putDown, putIn, takeAway, turn } from '~core/pieces/moves';
import { BOARD, type Piece, type PieceBoard, type Place } from '~core/pieces/piece-board';
import { nameOf, placeWords, sayWhere, type PlaceWords } from '~core/pieces/say-where';
import type { Phrases } from '~core/practice/phrase';
import type { PieceVerdict } from '~core/pieces/check-board';
import { pictureAddress } from '~/ui/Picture';
import { PieceShape } from './PieceShape';
import type { Laying } from './use-laying';

/** How far a pointer goes before a tap is a drag, in pixels. */
const DRAG = 5;
/** What can be grabbed around a thin thing, on every side, in pixels. */
const GRAB = 22;
const STEPS = { plain: 20, shift: 100, alt: 2 } as const;

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

interface Drag {
  readonly id: string;
  readonly from: { readonly x: number; readonly y: number };
  readonly start: PieceBoard;
  moved: boolean;
}

export interface PieceStageProps {
  readonly laying: Laying;
  readonly chosen: readonly string[];
  readonly onChosen: (ids: readonly string[]) => void;
  /** Called with the second of two pieces that are to be joined; undefined where nothing is being joined. */
  readonly onJoin: ((id: string) => void) | undefined;
  readonly verdicts: readonly PieceVerdict[];
  readonly label: string;
  /** Where a picture is; that of the house where it is not given. */
  readonly address?: (picture: string) => string;
  /** In which language it is said where a piece is; in English where it is not given. */
  readonly words?: StageWords;
}

export type StageWords = PlaceWords & Pick<Phrases, 'right' | 'notYet' | 'putHere'>;
const english: StageWords = {
  ...placeWords,
  right: 'right',
  notYet: 'not yet',
  putHere: 'Put it in',
};

const shipped = (picture: string) => pictureAddress(picture, 'colour');

/** Pixels of a unit of the board, as large as it is now. */
function usePixels(svg: RefObject<SVGSVGElement | null>): number {
  const [pixels, setPixels] = useState(1);
  // Measured before it is first painted: a finger may be quicker than the first report of a size.
  useLayoutEffect(() => {
    const measure = () => {
      const scale = svg.current?.getScreenCTM()?.a;
      if (scale !== undefined && scale > 0) setPixels(scale);
    };
    measure();
    const seen = new ResizeObserver(measure);
    if (svg.current) seen.observe(svg.current);
    return () => seen.disconnect();
  }, [svg]);
  return pixels;
}

/** The board itself: pieces are dragged, tapped and then put by a second tap, or moved by keys. */
export function PieceStage(props: PieceStageProps) {
  const { laying, chosen, onChosen, onJoin, verdicts, label } = props;
  const { address = shipped, words = english } = props;
  const { board, drag, change } = laying;
  const svg = useRef<SVGSVGElement>(null);
  const held = useRef<Drag>(undefined);
  const pixels = usePixels(svg);
  const [first] = chosen;
  const pieceAt = (id: string) => board.pieces.find((each) => each.id === id);
  const verdictOf = new Map(verdicts.map(({ piece, is }) => [piece, is]));

  /** Where a pointer is, in units of the board. */
  const pointOf = (event: PointerEvent) => {
    const matrix = svg.current?.getScreenCTM()?.inverse();
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x: at.x, y: at.y };
  };
  const where = (next: PieceBoard, id: string) => {
    const piece = next.pieces.find((each) => each.id === id);
    return piece ? sayWhere(piece, next, words) : '';
  };
  const done = (next: PieceBoard, id: string, did = 'Moved') => {
    const piece = pieceAt(id);
    change(next, `${did} ${piece ? nameOf(piece) : 'a piece'}`, where(next, id));
  };

  const grab = (event: PointerEvent, piece: Piece) => {
    if (event.button !== 0) return;
    event.stopPropagation();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held.current = { id: piece.id, from: pointOf(event), start: board, moved: false };
  };
  const pull = (event: PointerEvent) => {
    const drawn = held.current;
    if (drawn === undefined || pieceAt(drawn.id)?.fixed) return;
    const to = pointOf(event);
    const [dx, dy] = [to.x - drawn.from.x, to.y - drawn.from.y];
    if (!drawn.moved && Math.hypot(dx, dy) * pixels < DRAG) return;
    drawn.moved = true;
    const ids = chosen.includes(drawn.id) ? chosen : [drawn.id];
    drag(move(drawn.start, ids, dx, dy));
  };
  const letGo = (event: PointerEvent) => {
    const drawn = held.current;
    held.current = undefined;
    if (drawn === undefined) return;
    if (drawn.moved) done(chosen.length > 1 ? board : putDown(board, drawn.id), drawn.id);
    else choose(drawn.id, event.shiftKey);
  };
  const choose = (id: string, more: boolean) => {
    if (onJoin) onJoin(id);
    else if (more) {
      onChosen(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id]);
    } else onChosen(chosen.length === 1 && first === id ? [] : [id]);
  };
  /** The second tap: the chosen piece goes there. */
  const put = (event: PointerEvent) => {
    const piece = first === undefined ? undefined : pieceAt(first);
    if (piece === undefined || piece.fixed) {
      onChosen([]);
      return;
    }
    const { x, y } = pointOf(event);
    done(moveTo(board, piece.id, x, y), piece.id);
    onChosen([]);
  };
  const putInto = (place: Place) => {
    if (first === undefined) return;
    done(putIn(board, first, place), first);
    onChosen([]);
  };
  const press = (event: KeyboardEvent, piece: Piece) => {
    const arrow = arrows[event.key];
    const ids = chosen.includes(piece.id) ? chosen : [piece.id];
    if (arrow) {
      const step = event.shiftKey ? STEPS.shift : event.altKey ? STEPS.alt : STEPS.plain;
      if (!piece.fixed) done(move(board, ids, arrow[0] * step, arrow[1] * step), piece.id);
    } else if (event.key === 'Enter' || event.key === ' ') choose(piece.id, event.shiftKey);
    else if (event.key === 'Escape') onChosen([]);
    else if (event.key === 'Delete') {
      if (!piece.fixed) {
        change(takeAway(board, ids), `Took ${nameOf(piece)} away`);
        onChosen([]);
      }
    } else if (event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey) {
      done(turn(board, ids, event.shiftKey ? -15 : 15), piece.id, 'Turned');
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const middle = (id: string) => pieceAt(id) ?? { x: 0, y: 0 };
  return (
    <svg
      ref={svg}
      className="loose"
      viewBox={`0 0 ${BOARD.width} ${BOARD.height}`}
      role="group"
      aria-label={label}
      onPointerDown={put}
    >
      {board.places.map((place) => (
        <g
          key={place.id}
          className={first === undefined ? 'loose__place' : 'loose__place loose__place--open'}
          {...(first === undefined
            ? { role: 'img', 'aria-label': place.label || words.aLine }
            : {
                role: 'button',
                tabIndex: 0,
                'aria-label': `${words.putHere} ${place.label || words.aLine}`,
                onPointerDown: (event: PointerEvent) => {
                  event.stopPropagation();
                  const piece = pieceAt(first);
                  // A line of words is put together by place, a heading takes what it is given.
                  if (piece && place.label !== '') putInto(place);
                  else put(event);
                },
                onKeyDown: (event: KeyboardEvent) => {
                  if (event.key !== 'Enter' && event.key !== ' ') return;
                  event.preventDefault();
                  putInto(place);
                },
              })}
        >
          <rect x={place.x} y={place.y} width={place.width} height={place.height} rx={16} />
          <text x={place.x + 18} y={place.y + 40}>
            {place.label}
          </text>
        </g>
      ))}
      {board.joins.map(({ from, to }) => (
        <line
          key={`${from} ${to}`}
          className="loose__join"
          x1={middle(from).x}
          y1={middle(from).y}
          x2={middle(to).x}
          y2={middle(to).y}
        />
      ))}
      {board.pieces.map((piece) => {
        const is = verdictOf.get(piece.id);
        const spare = (length: number) => Math.max(0, (2 * GRAB) / pixels - length) / 2;
        const thin = piece.kind === 'line' ? GRAB / pixels : 0;
        const [across, down] = [
          Math.max(spare(piece.width), thin),
          Math.max(spare(piece.height), thin),
        ];
        const state = chosen.includes(piece.id) ? ' loose__piece--chosen' : '';
        return (
          <g
            key={piece.id}
            role="button"
            tabIndex={0}
            aria-pressed={chosen.includes(piece.id)}
            aria-label={`${sayWhere(piece, board, words)}${is === 'right' ? `, ${words.right}` : is === 'wrong' ? `, ${words.notYet}` : ''}`}
            className={`loose__piece${state}${piece.fixed ? ' loose__piece--fixed' : ''}${is ? ` loose__piece--${is}` : ''}`}
            transform={`translate(${piece.x} ${piece.y}) rotate(${piece.turn})`}
            onPointerDown={(event) => grab(event, piece)}
            onPointerMove={pull}
            onPointerUp={letGo}
            onPointerCancel={letGo}
            onKeyDown={(event) => press(event, piece)}
          >
            <rect
              className="loose__grab"
              x={-piece.width / 2 - across}
              y={-piece.height / 2 - down}
              width={piece.width + 2 * across}
              height={piece.height + 2 * down}
            />
            <PieceShape piece={piece} address={address} />
            {(is === 'right' || is === 'wrong') && (
              <g
                className="loose__sign"
                transform={`translate(${piece.width / 2 - 6} ${-piece.height / 2 + 6})`}
              >
                <circle r={19} />
                <path d={is === 'right' ? 'M -9 0 L -3 7 L 9 -7' : 'M -9 0 L 9 0'} />
              </g>
            )}
          </g>
        );
      })}
    </svg>
  );
}
