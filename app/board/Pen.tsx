import { getStroke } from 'perfect-freehand';
import { useRef, useState, type PointerEvent } from 'react';

/** A stroke in thousandths of the board's width and height, so that it stays in its place on any screen. */
export interface Stroke {
  readonly tool: PenTool;
  readonly points: readonly (readonly [x: number, y: number])[];
}

export const penTools = {
  ink: 'Pen',
  red: 'Red pen',
  light: 'Highlighter',
  rubber: 'Rubber',
} as const;
export type PenTool = keyof typeof penTools;

const looks: Readonly<
  Record<Exclude<PenTool, 'rubber'>, { size: number; fill: string; opacity: number }>
> = {
  ink: { size: 7, fill: '#1d2b36', opacity: 1 },
  red: { size: 7, fill: '#a83a1e', opacity: 1 },
  light: { size: 34, fill: '#f0b429', opacity: 0.4 },
};

function outline({ tool, points }: Stroke): string {
  if (tool === 'rubber') return '';
  const around = getStroke(
    points.map(([x, y]) => [x, y * 0.5625]),
    { size: looks[tool].size, thinning: 0.3 },
  );
  const [first, ...rest] = around;
  if (first === undefined) return '';
  return `M${first.join(' ')}${rest.map((point) => `L${point.join(' ')}`).join('')}Z`;
}

/** How near the rubber must come, in thousandths. */
const NEAR = 18;

const touches = (stroke: Stroke, [x, y]: readonly [number, number]) =>
  stroke.points.some(([px, py]) => Math.hypot(px - x, py - y) < NEAR);

/** What is drawn over the board; while no tool is taken, everything beneath can be used. */
export function Pen({
  tool,
  strokes,
  onStrokes,
}: {
  tool: PenTool | undefined;
  strokes: readonly Stroke[];
  onStrokes: (strokes: readonly Stroke[]) => void;
}) {
  const pad = useRef<SVGSVGElement>(null);
  const [open, setOpen] = useState<Stroke>();
  const at = (event: PointerEvent): readonly [number, number] => {
    const box = pad.current?.getBoundingClientRect() ?? new DOMRect(0, 0, 1, 1);
    const part = (value: number, whole: number) =>
      Math.round((value / Math.max(1, whole)) * 10_000) / 10;
    return [part(event.clientX - box.left, box.width), part(event.clientY - box.top, box.height)];
  };
  const rub = (event: PointerEvent) => {
    const left = strokes.filter((stroke) => !touches(stroke, at(event)));
    if (left.length < strokes.length) onStrokes(left);
  };
  const finish = () => {
    if (open) onStrokes([...strokes, open]);
    setOpen(undefined);
  };
  return (
    <svg
      ref={pad}
      className={`board-pen${tool ? ' board-pen--on' : ''}`}
      viewBox="0 0 1000 562.5"
      preserveAspectRatio="none"
      aria-hidden="true"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        if (tool === 'rubber') rub(event);
        else if (tool) setOpen({ tool, points: [at(event)] });
      }}
      onPointerMove={(event) => {
        if (tool === 'rubber' && event.buttons > 0) rub(event);
        else if (open) setOpen({ ...open, points: [...open.points, at(event)] });
      }}
      onPointerUp={finish}
      onPointerCancel={finish}
    >
      {[...strokes, ...(open ? [open] : [])].map((stroke, index) =>
        stroke.tool === 'rubber' ? null : (
          <path
            key={index}
            d={outline(stroke)}
            fill={looks[stroke.tool].fill}
            opacity={looks[stroke.tool].opacity}
          />
        ),
      )}
    </svg>
  );
}
