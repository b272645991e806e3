/** What games look like, at the board and in the room. */
import { PATH, ROPE } from '~core/board/moving-games';

/** A team is told by its shape as well as by its colour. */
export function TeamSign({ team, size }: { team: 0 | 1; size?: number }) {
  return (
    <svg viewBox="0 0 40 40" width={size} height={size} aria-hidden="true">
      {team === 0 ? (
        <circle cx="20" cy="20" r="13" fill="#f0b429" stroke="#1d2b36" strokeWidth="3" />
      ) : (
        <path
          d="M4 24c5-9 9-9 12-3s7 6 11 0 7-6 9-3"
          fill="none"
          stroke="#2b6cb0"
          strokeWidth="6"
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}

/** A rope with a knot; below 0 it is on the first team's side. */
export function Rope({ knot }: { knot: number }) {
  return (
    <svg
      className="board-rope"
      viewBox={`${-ROPE * 20 - 40} -24 ${ROPE * 40 + 80} 48`}
      aria-hidden="true"
    >
      <line x1={-ROPE * 20} x2={ROPE * 20} y1="0" y2="0" stroke="#8a6d3b" strokeWidth="5" />
      {Array.from({ length: ROPE * 2 + 1 }, (_, at) => (
        <line
          key={at}
          x1={(at - ROPE) * 20}
          x2={(at - ROPE) * 20}
          y1="-9"
          y2="9"
          stroke="#1d2b36"
          strokeWidth={at === ROPE ? 3 : 1}
        />
      ))}
      <circle cx={knot * 20} cy="0" r="9" fill="#a7351b" stroke="#1d2b36" strokeWidth="2" />
      <g transform={`translate(${-ROPE * 20 - 36} -16)`}>
        <TeamSign team={0} size={32} />
      </g>
      <g transform={`translate(${ROPE * 20 + 4} -16)`}>
        <TeamSign team={1} size={32} />
      </g>
    </svg>
  );
}

/** A path and who stands where on it. */
export function PathSquares({ places }: { places: readonly [number, number] }) {
  return (
    <ol className="board-path" aria-hidden="true">
      {Array.from({ length: PATH }, (_, at) => (
        <li key={at}>
          <span>{at + 1}</span>
          {places[0] === at + 1 && <TeamSign team={0} />}
          {places[1] === at + 1 && <TeamSign team={1} />}
        </li>
      ))}
    </ol>
  );
}

/** The field's width to its height, as in the styles, and how far out the words stand in it. */
const FIELD = 2.2;
const OUT = { x: 0.43, y: 0.42 } as const;

/** Words stand on an oval, so that long ones have room beside each other. */
const placeOf = (at: number, count: number) => {
  const turn = (at / count) * 2 * Math.PI;
  return {
    left: `${50 + 100 * OUT.x * Math.sin(turn)}%`,
    top: `${50 - 100 * OUT.y * Math.cos(turn)}%`,
  };
};

/** Degrees by which the hand is turned, so that it points at its word on the oval. */
function handAt(turned: number): number {
  const turn = ((turned % 360) * Math.PI) / 180;
  const pointed = Math.atan2(OUT.x * FIELD * Math.sin(turn), OUT.y * Math.cos(turn));
  return Math.floor(turned / 360) * 360 + (((pointed * 180) / Math.PI + 360) % 360);
}

/** A weather vane among words, one of them lit where it rests. */
export function VaneField({
  words,
  turned,
  lit,
}: {
  words: readonly string[];
  /** Degrees in all since it stood upright. */
  turned: number;
  lit: string | undefined;
}) {
  return (
    <div className="board-vane">
      {words.map((each, at) => (
        <span
          key={each}
          className={`board-vane__word learner-text${each === lit ? ' board-vane__word--lit' : ''}`}
          style={placeOf(at, words.length)}
        >
          {each}
        </span>
      ))}
      <svg viewBox="-50 -50 100 100" className="board-vane__hand" aria-hidden="true">
        <circle r="5" fill="var(--ink)" />
        <g className="board-vane__turns" style={{ transform: `rotate(${handAt(turned)}deg)` }}>
          <path d="M-2 24V-28h4V24Z" fill="var(--ink)" />
          <path d="M0-46 13-24H-13Z" fill="var(--vane)" />
          <path d="M-11 42 0 22 11 42 0 36Z" fill="var(--sun)" stroke="var(--ink)" />
        </g>
      </svg>
    </div>
  );
}
