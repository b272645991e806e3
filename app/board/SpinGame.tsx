import { useState } from 'react';
import { sidesOf, usualPrompts } from '~core/board/dice';
import { MOST_AROUND, spin, type Spun } from '~core/board/spin';
import { Random } from '~core/kernel/random';
import { Sides } from './Sides';
import { useShared } from './use-shared';

/** Milliseconds in which the vane comes to rest; as its transition in the styles. */
const TURNING = 2600;

const stillPreferred = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

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

/** A weather vane among the words: it turns, and where it rests a word is to be said. */
export function SpinGame({
  words,
  seed,
  lesson,
}: {
  words: readonly string[];
  seed: number;
  lesson: string;
}) {
  const [text, setText] = useShared(
    `wordane board ${lesson} vane`,
    words.slice(0, MOST_AROUND).join('\n'),
  );
  const [tasks, setTasks] = useShared(
    `wordane board ${lesson} vane tasks`,
    usualPrompts.join('\n'),
  );
  const [random] = useState(() => new Random(seed + 41));
  const [spun, setSpun] = useState<Spun>();
  const [task, setTask] = useState('');
  const [resting, setResting] = useState(true);
  const around = sidesOf(text).slice(0, MOST_AROUND);
  const turn = () => {
    setSpun(spin(around.length, random, spun));
    setTask(random.shuffle(sidesOf(tasks).filter((each) => each !== task))[0] ?? task);
    setResting(false);
    setTimeout(() => setResting(true), stillPreferred() ? 0 : TURNING);
  };
  const word = spun && resting ? around[spun.at] : undefined;
  return (
    <section className="board-game" aria-label="The vane">
      <div className="board-vane">
        {around.map((each, at) => (
          <span
            key={each}
            className={`board-vane__word learner-text${each === word ? ' board-vane__word--lit' : ''}`}
            style={placeOf(at, around.length)}
          >
            {each}
          </span>
        ))}
        <svg viewBox="-50 -50 100 100" className="board-vane__hand" aria-hidden="true">
          <circle r="5" fill="var(--ink)" />
          <g
            className="board-vane__turns"
            style={{ transform: `rotate(${handAt(spun?.turned ?? 0)}deg)` }}
          >
            <path d="M-2 24V-28h4V24Z" fill="var(--ink)" />
            <path d="M0-46 13-24H-13Z" fill="var(--vane)" />
            <path d="M-11 42 0 22 11 42 0 36Z" fill="var(--sun)" stroke="var(--ink)" />
          </g>
        </svg>
      </div>
      <p className="board-game__turn" role="status">
        {word === undefined ? ' ' : `${word}: ${task}`}
      </p>
      <div className="board-row">
        <button
          type="button"
          className="board-button board-button--main"
          disabled={!resting || around.length < 2 || sidesOf(tasks).length === 0}
          onClick={turn}
        >
          Turn the vane
        </button>
      </div>
      <Sides
        most={MOST_AROUND}
        fields={[
          ['Words around the vane', text, setText],
          ['What to do with them', tasks, setTasks],
        ]}
      />
    </section>
  );
}
