import { useState } from 'react';
import { sidesOf, usualPrompts } from '~core/board/dice';
import { MOST_AROUND, spin, type Spun } from '~core/board/spin';
import { Random } from '~core/kernel/random';
import { VaneField } from './GameDrawings';
import { Sides } from './Sides';
import { useShared } from './use-shared';
import { t } from '~/phrases/t';

/** Milliseconds in which the vane comes to rest; as its transition in the styles. */
const TURNING = 2600;

const stillPreferred = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

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
    <section className="board-game" aria-label={t('board.theVane')}>
      <VaneField words={around} turned={spun?.turned ?? 0} lit={word} />
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
          {t('board.turnTheVane')}
        </button>
      </div>
      <Sides
        most={MOST_AROUND}
        fields={[
          [t('board.wordsAroundTheVane'), text, setText],
          [t('board.whatToDoWithThem'), tasks, setTasks],
        ]}
      />
    </section>
  );
}
