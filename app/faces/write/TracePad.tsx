import { getStroke } from 'perfect-freehand';
import { useRef, useState, type PointerEvent } from 'react';

type Point = readonly [number, number, number];

/** The outline of a stroke as the path data of SVG. */
function outline(points: readonly Point[]): string {
  const around = getStroke(points as [number, number, number][], { size: 9, thinning: 0.4 });
  const [first, ...rest] = around;
  if (first === undefined) return '';
  return `M${first.join(' ')}${rest.map((point) => `L${point.join(' ')}`).join('')}Z`;
}

/** The word in grey on its line, to be written over with a pen, a finger or the mouse. */
export function TracePad({
  text,
  done,
  locked,
  onDone,
}: {
  text: string;
  done: boolean;
  locked: boolean;
  onDone: (done: boolean) => void;
}) {
  const pad = useRef<SVGSVGElement>(null);
  const [strokes, setStrokes] = useState<readonly (readonly Point[])[]>([]);
  const [stroke, setStroke] = useState<readonly Point[]>();
  const at = (event: PointerEvent): Point => {
    const box = pad.current?.getBoundingClientRect();
    const scale = box ? 600 / box.width : 1;
    return [
      (event.clientX - (box?.left ?? 0)) * scale,
      (event.clientY - (box?.top ?? 0)) * scale,
      event.pressure || 0.5,
    ];
  };
  const finish = () => {
    if (stroke === undefined) return;
    setStrokes([...strokes, stroke]);
    setStroke(undefined);
    onDone(true);
  };
  return (
    <div className="play-trace">
      <svg
        ref={pad}
        viewBox="0 0 600 150"
        role="img"
        aria-label={`${text}, to write over`}
        onPointerDown={(event) => {
          if (locked) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          setStroke([at(event)]);
        }}
        onPointerMove={(event) => stroke && setStroke([...stroke, at(event)])}
        onPointerUp={finish}
        onPointerCancel={finish}
      >
        <line x1="0" x2="600" y1="105" y2="105" className="play-trace__line" />
        <line x1="0" x2="600" y1="55" y2="55" className="play-trace__middle" />
        <text x="12" y="105" className="play-trace__model">
          {text}
        </text>
        {[...strokes, ...(stroke ? [stroke] : [])].map((each, index) => (
          <path key={index} d={outline(each)} className="play-trace__ink" />
        ))}
      </svg>
      <div className="play-trace__does">
        <button
          type="button"
          className="play-button"
          disabled={locked || strokes.length === 0}
          onClick={() => {
            setStrokes(strokes.slice(0, -1));
            if (strokes.length === 1) onDone(false);
          }}
        >
          Take back a stroke
        </button>
        <label className="play-option">
          <input
            type="checkbox"
            checked={done}
            disabled={locked}
            onChange={(event) => onDone(event.currentTarget.checked)}
          />
          <span>I have written it</span>
        </label>
      </div>
    </div>
  );
}
