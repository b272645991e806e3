import { getStroke } from 'perfect-freehand';
import { useEffect, useRef, useState, type PointerEvent } from 'react';
import type { HandName } from '~core/kernel/hand-names';
import { SIGN_GRID, type SignStrokes } from '~core/kernel/sign-strokes';
import {
  followSign,
  followStrokes,
  type DrawnStroke,
  type LetterBox,
} from '~core/practice/follow-strokes';
import { handFamily } from '~/ui/hand-family';
import { usePhrases } from '../kit/use-phrases';

type Point = readonly [number, number, number];

/** The outline of a stroke as the path data of SVG. */
function outline(points: readonly Point[]): string {
  const around = getStroke(points as [number, number, number][], { size: 9, thinning: 0.4 });
  const [first, ...rest] = around;
  if (first === undefined) return '';
  return `M${first.join(' ')}${rest.map((point) => `L${point.join(' ')}`).join('')}Z`;
}

/** Size of the pad for a word, and for a sign in its square. */
const WORD = { width: 600, height: 150 };
const SIGN = { width: 300, height: 300 };

const BASELINE = 105;
const MIDDLE = 55;

/** Where the letters of the model stand, once they are drawn. */
function boxesOf(model: SVGTextElement | null, text: string): LetterBox[] {
  if (model === null) return [];
  return [...text].flatMap((letter, index) => {
    try {
      const { x, width } = model.getExtentOfChar(index);
      return [{ letter, left: x, width }];
    } catch {
      // A sign that is not drawn has no place.
      return [];
    }
  });
}

const ends = (stroke: readonly Point[]): DrawnStroke => {
  const place = ([x, y]: Point = [0, 0, 0]) => ({ x, y });
  return { from: place(stroke[0]), to: place(stroke.at(-1)) };
};

/** The lines of a square and the sign in grey. */
function SignModel({ sign }: { sign: SignStrokes }) {
  const { width: side } = SIGN;
  return (
    <>
      <path d={`M${side / 2} 0V${side}M0 ${side / 2}H${side}`} className="play-trace__middle" />
      <g transform={`scale(${side / SIGN_GRID})`}>
        {sign.strokes.map(({ path }) => (
          <path key={path} d={path} className="play-trace__sign" />
        ))}
      </g>
    </>
  );
}

/**
 * The word in grey on its line, or a sign in its square, to be written over with a pen, a finger or
 * the mouse.
 */
export function TracePad({
  text,
  done,
  printed,
  hand,
  sign,
  locked,
  onDone,
}: {
  text: string;
  done: boolean;
  /** Its letters are printed ones, whose strokes have known beginnings. */
  printed: boolean;
  /** The school hand that is learned; where its font is not there, plain letters. */
  hand?: HandName | undefined;
  /** The text is a sign of these strokes. */
  sign?: SignStrokes | undefined;
  locked: boolean;
  onDone: (done: boolean) => void;
}) {
  const says = usePhrases();
  const pad = useRef<SVGSVGElement>(null);
  const model = useRef<SVGTextElement>(null);
  const [boxes, setBoxes] = useState<readonly LetterBox[]>([]);
  useEffect(() => {
    if (!printed || sign) return setBoxes([]);
    const measure = () => setBoxes(boxesOf(model.current, text));
    measure();
    // Letters move when their font arrives.
    void document.fonts.ready.then(measure);
    return undefined;
  }, [text, printed, sign]);
  const size = sign ? SIGN : WORD;
  const [strokes, setStrokes] = useState<readonly (readonly Point[])[]>([]);
  const [stroke, setStroke] = useState<readonly Point[]>();
  const at = (event: PointerEvent): Point => {
    const box = pad.current?.getBoundingClientRect();
    const scale = box ? size.width / box.width : 1;
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
  const drawn = strokes.map(ends);
  const { said, next } = sign
    ? followSign(sign, SIGN.width, drawn)
    : boxes.length === 0
      ? {}
      : followStrokes(boxes, { baseline: BASELINE, xHeight: BASELINE - MIDDLE }, drawn);
  return (
    <div className={`play-trace${sign ? ' play-trace--sign' : ''}`}>
      <svg
        ref={pad}
        viewBox={`0 0 ${size.width} ${size.height}`}
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
        {sign ? (
          <SignModel sign={sign} />
        ) : (
          <>
            <line x1="0" x2="600" y1={BASELINE} y2={BASELINE} className="play-trace__line" />
            <line x1="0" x2="600" y1={MIDDLE} y2={MIDDLE} className="play-trace__middle" />
            <text
              ref={model}
              x="12"
              y={BASELINE}
              className="play-trace__model"
              style={hand && { fontFamily: `${handFamily(hand)}, var(--learner-font, sans-serif)` }}
            >
              {text}
            </text>
          </>
        )}
        {[...strokes, ...(stroke ? [stroke] : [])].map((each, index) => (
          <path key={index} d={outline(each)} className="play-trace__ink" />
        ))}
        {next && !locked && !stroke && (
          <circle cx={next.x} cy={next.y} r="7" className="play-trace__start" />
        )}
      </svg>
      <p role="status" className="play-trace__said">
        {said && (said === 'order' ? says.strokeOrder : says.beginHere)}
      </p>
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
