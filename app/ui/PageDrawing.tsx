import type { BoxMark, HandMark, LineMark, PageMark, PathMark } from '~core/paper/marks';
import { handFamily } from './hand-family';

const DASHES = '1.6 1.2';
const GREY = '#7a7a7a';
/** Of what is written over: as the letters of a hand in grey. */
const PALE = '#a9a9a9';
const fills = {
  tint: '#efefef',
  ink: '#000',
  paper: '#fff',
  // Of the look, where the sheet is in colour.
  accent: 'var(--accent)',
  pale: 'var(--pale)',
} as const;

function Line({ mark }: { mark: LineMark }) {
  return (
    <line
      x1={mark.x1}
      y1={mark.y1}
      x2={mark.x2}
      y2={mark.y2}
      strokeWidth={mark.width}
      stroke={mark.grey ? GREY : undefined}
      strokeDasharray={mark.dashed ? DASHES : undefined}
    />
  );
}

function Box({ mark }: { mark: BoxMark }) {
  return (
    <rect
      x={mark.x}
      y={mark.y}
      width={mark.width}
      height={mark.height}
      rx={mark.radius}
      stroke={mark.stroke === 0 ? 'none' : undefined}
      strokeWidth={mark.stroke}
      fill={mark.fill && fills[mark.fill]}
      strokeDasharray={mark.dashed ? DASHES : undefined}
    />
  );
}

function Path({ mark }: { mark: PathMark }) {
  return (
    <path
      d={mark.d}
      transform={`translate(${mark.x} ${mark.y})${mark.scale === undefined ? '' : ` scale(${mark.scale})`}`}
      stroke={mark.stroke === 0 ? 'none' : mark.pale ? PALE : undefined}
      strokeWidth={mark.stroke}
      strokeLinecap={mark.round ? 'round' : undefined}
      strokeLinejoin={mark.round ? 'round' : undefined}
      fill={mark.fill && fills[mark.fill]}
      strokeDasharray={mark.dashed ? DASHES : undefined}
    />
  );
}

/** How each ink draws its letters; the fonts of dots and arrows carry theirs in the letters. */
function inkOf({ ink, font }: HandMark) {
  if (ink === 'outline') return { fill: 'none', stroke: '#000', strokeWidth: 0.22 };
  if (ink === 'grey') return { fill: '#a9a9a9', stroke: 'none' };
  if (ink === 'dots' && font !== 'dots') {
    return {
      fill: 'none',
      stroke: '#555',
      strokeWidth: 0.4,
      strokeLinecap: 'round' as const,
      strokeDasharray: '0.01 0.95',
    };
  }
  return { fill: '#000', stroke: 'none' };
}

function Hand({ mark }: { mark: HandMark }) {
  return (
    <text
      className="hand"
      x={mark.x}
      y={mark.y}
      fontFamily={handFamily(mark.font)}
      fontSize={mark.size}
      {...inkOf(mark)}
    >
      {mark.text}
    </text>
  );
}

/** The lines, shapes and letters to trace of a page, in millimetres. */
export function PageDrawing({
  marks,
  width,
  height,
  over = false,
}: {
  marks: readonly PageMark[];
  width: number;
  height: number;
  /** Only what lies over the pictures. */
  over?: boolean;
}) {
  const lying = marks.filter((mark) => (mark.kind === 'box' && mark.over === true) === over);
  if (over && lying.length === 0) return null;
  return (
    <svg
      className={over ? 'paper-over' : undefined}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
      fill="none"
      stroke="#000"
    >
      {lying.map((mark, index) => {
        switch (mark.kind) {
          case 'line':
            return <Line key={index} mark={mark} />;
          case 'box':
            return <Box key={index} mark={mark} />;
          case 'path':
            return <Path key={index} mark={mark} />;
          case 'hand':
            return <Hand key={index} mark={mark} />;
          default:
            return null;
        }
      })}
    </svg>
  );
}
