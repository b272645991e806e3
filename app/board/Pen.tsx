import { getStroke } from 'perfect-freehand';
import { useRef, useState, type PointerEvent } from 'react';
import { rubbed, thinned, type PenTool, type Stroke, type StrokeTool } from '~core/board/drawn';

const looks: Readonly<Record<StrokeTool, { size: number; fill: string; opacity: number }>> = {
  ink: { size: 7, fill: '#1d2b36', opacity: 1 },
  red: { size: 7, fill: '#a83a1e', opacity: 1 },
  light: { size: 34, fill: '#f0b429', opacity: 0.4 },
};

/** The board is as wide as this for each thing that is high. */
const FLAT = 0.5625;
/** How near the rubber must come, in thousandths. */
const NEAR = 18;

function outline({ tool, points }: Stroke): string {
  const pairs = points.flatMap((x, at) =>
    at % 2 === 0 ? [[x, (points[at + 1] ?? 0) * FLAT] as const] : [],
  );
  const around = getStroke(
    pairs.map(([x, y]) => [x, y]),
    { size: looks[tool].size, thinning: 0.3 },
  );
  const [first, ...rest] = around;
  if (first === undefined) return '';
  return `M${first.join(' ')}${rest.map((point) => `L${point.join(' ')}`).join('')}Z`;
}

/** Strokes as they stand over a board of any size. */
export function Strokes({ strokes }: { strokes: readonly Stroke[] }) {
  return strokes.map((stroke, index) => (
    <path
      key={index}
      d={outline(stroke)}
      fill={looks[stroke.tool].fill}
      opacity={looks[stroke.tool].opacity}
    />
  ));
}

/** What is drawn over the board; while no tool is taken, everything beneath can be used. */
export function Pen({
  tool,
  strokes,
  onStrokes,
  onStamp,
}: {
  tool: PenTool | 'stamp' | undefined;
  strokes: readonly Stroke[];
  onStrokes: (strokes: readonly Stroke[]) => void;
  /** A stamp is set where the board is touched. */
  onStamp?: ((x: number, y: number) => void) | undefined;
}) {
  const pad = useRef<SVGSVGElement>(null);
  const [open, setOpen] = useState<Stroke>();
  const at = (event: PointerEvent): readonly [number, number] => {
    const box = pad.current?.getBoundingClientRect() ?? new DOMRect(0, 0, 1, 1);
    const part = (value: number, whole: number) =>
      Math.min(1000, Math.max(0, Math.round((value / Math.max(1, whole)) * 10_000) / 10));
    return [part(event.clientX - box.left, box.width), part(event.clientY - box.top, box.height)];
  };
  const rub = (event: PointerEvent) => {
    const left = rubbed(strokes, at(event), NEAR);
    if (left.length < strokes.length) onStrokes(left);
  };
  const finish = () => {
    if (open) onStrokes([...strokes, { ...open, points: thinned(open.points) }]);
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
        if (tool === 'stamp') return onStamp?.(...at(event));
        event.currentTarget.setPointerCapture(event.pointerId);
        if (tool === 'rubber') rub(event);
        else if (tool) setOpen({ tool, points: at(event) });
        return undefined;
      }}
      onPointerMove={(event) => {
        if (tool === 'rubber' && event.buttons > 0) rub(event);
        else if (open) setOpen({ ...open, points: [...open.points, ...at(event)] });
      }}
      onPointerUp={finish}
      onPointerCancel={finish}
    >
      <Strokes strokes={open ? [...strokes, open] : strokes} />
    </svg>
  );
}
