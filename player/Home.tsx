import { useMemo, useState } from 'react';
import { behaviourFrom } from '~core/kernel/behaviour';
import { scoreSays } from '~core/practice/behaviour';
import type { TakeHome, TakeHomeExercise } from '~core/practice/take-home';
import { markTask } from '~core/exercises/interactions';
import { phrasesOf, type Phrases } from '~core/practice/phrases';
import { PhrasesContext, usePhrases } from '~/faces/kit/use-phrases';
import { begun, Play, type Progress } from '~/faces/Play';
import { LayHome } from '~/pieces/LayHome';
import { HandIn } from './HandIn';
import { storeOf, type Kept } from './progress';
import { Recordings } from './Recordings';

const answered = (progress: Progress | undefined) =>
  progress !== undefined && Object.keys(progress.response).length > 0;

/** How far an exercise is, in a few words. */
function stateOf(
  home: TakeHome,
  { exercise, behaviour = home.behaviour }: TakeHomeExercise,
  progress: Progress | undefined,
  says: Phrases,
) {
  if (!answered(progress) || progress === undefined) return says.toDo;
  if (behaviour.feedback === 'none') return says.answered;
  if (progress.tried === 0 && behaviour.feedback !== 'once') return says.answered;
  const { score, outOf } = markTask(exercise.task, progress.response);
  return outOf === 0 ? says.answered : `${score}/${outOf}`;
}

/** Another order for each learner: a number from a name (FNV-1a, 32 bits). */
const seedOf = (name: string) =>
  [...name].reduce(
    (hash, sign) => Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 16_777_619),
    2_166_136_261,
  ) >>> 0;

let playing: HTMLAudioElement | undefined;

/** Plays what is heard of an exercise; undefined where nothing is. */
function hearOf({ sounds = {} }: TakeHome, exercise: string) {
  if (!Object.keys(sounds).some((key) => key.startsWith(`${exercise} `))) return undefined;
  return (item: string) => {
    playing?.pause();
    playing = new Audio(sounds[`${exercise} ${item}`]);
    void playing.play();
  };
}

function WhoAmI({ home, onName }: { home: TakeHome; onName: (name: string) => void }) {
  const says = usePhrases();
  const [name, setName] = useState('');
  return (
    <form
      className="play home-name"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') onName(name.trim());
      }}
    >
      <h2 className="play__title">{home.title}</h2>
      <label>
        {says.who}{' '}
        {home.learners.length > 0 ? (
          <select value={name} onChange={(event) => setName(event.currentTarget.value)}>
            <option value="">{says.chooseName}</option>
            {home.learners.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        ) : (
          <input
            value={name}
            maxLength={80}
            onChange={(event) => setName(event.currentTarget.value)}
          />
        )}
      </label>
      <button type="submit" className="play-button play-button--main" disabled={name.trim() === ''}>
        {says.begin}
      </button>
    </form>
  );
}

/** The exercises of the file, one at a time, and what has been done of each. */
export function Home({ home }: { home: TakeHome }) {
  const says = phrasesOf(home.speaks ?? 'en');
  const store = useMemo(() => storeOf(`wordane ${home.lesson} ${home.made}`), [home]);
  const [kept, setKept] = useState<Kept>(() => store.read());
  const [at, setAt] = useState(0);
  const keep = (next: Kept) => {
    setKept(next);
    store.write(next);
  };
  const { exercises, boards = [] } = home;
  const last = exercises.length + boards.length;
  const laid = boards[at - exercises.length];
  const open = exercises[at];
  const named = !home.returned || kept.learner !== '';
  const done = exercises.filter(({ id }) => answered(kept.progress[id])).length;
  const total = exercises.reduce(
    (sum, { id, exercise }) => {
      const { score, outOf } = markTask(exercise.task, kept.progress[id]?.response ?? {});
      return { score: sum.score + score, outOf: sum.outOf + outOf };
    },
    { score: 0, outOf: 0 },
  );
  return (
    <PhrasesContext value={says}>
      <div lang={home.speaks ?? 'en'} dir={says.direction}>
        <header className="home-head">
          <h1>{home.title}</h1>
          <p>
            {home.className}
            {kept.learner && ` · ${kept.learner}`}
          </p>
        </header>
        {!store.keeps && (
          <p className="home-note" role="status">
            {says.keepsNothing}
          </p>
        )}
        {!named ? (
          <main>
            <WhoAmI home={home} onName={(learner) => keep({ ...kept, learner })} />
          </main>
        ) : (
          <>
            <nav
              className="home-steps"
              aria-label="Exercises"
              hidden={last === 1 && !home.returned}
            >
              <ol>
                {exercises.map((each, index) => (
                  <li key={each.id}>
                    <button
                      type="button"
                      aria-current={index === at ? 'step' : undefined}
                      onClick={() => setAt(index)}
                    >
                      <strong>{index + 1}</strong> {each.exercise.title}
                      <small>{stateOf(home, each, kept.progress[each.id], says)}</small>
                    </button>
                  </li>
                ))}
                {boards.map(({ board }, index) => (
                  <li key={board.id}>
                    <button
                      type="button"
                      aria-current={board === laid?.board ? 'step' : undefined}
                      onClick={() => setAt(exercises.length + index)}
                    >
                      <strong>{exercises.length + index + 1}</strong> {board.name}
                    </button>
                  </li>
                ))}
                {home.returned && (
                  <li>
                    <button
                      type="button"
                      aria-current={at === last ? 'step' : undefined}
                      onClick={() => setAt(last)}
                    >
                      {says.handIn}
                      <small>
                        {done}/{exercises.length}
                      </small>
                    </button>
                  </li>
                )}
              </ol>
            </nav>
            <main>
              {open && <Recordings of={open.id} recordings={home.recordings} />}
              {open ? (
                <Play
                  key={open.id}
                  exercise={open.exercise}
                  behaviour={behaviourFrom(open.behaviour, home.behaviour)}
                  seed={seedOf(`${kept.learner} ${home.made}`)}
                  progress={kept.progress[open.id] ?? begun}
                  onProgress={(progress) =>
                    keep({ ...kept, progress: { ...kept.progress, [open.id]: progress } })
                  }
                  picture={(name) => home.pictures[name] ?? name}
                  hear={hearOf(home, open.id)}
                  records={home.returned}
                />
              ) : laid ? (
                <LayHome
                  key={laid.board.id}
                  given={laid}
                  kept={kept.boards?.[laid.board.id]}
                  onKeep={(board) =>
                    keep({ ...kept, boards: { ...kept.boards, [board.id]: board } })
                  }
                  address={(name) => home.pictures[name] ?? name}
                />
              ) : (
                <HandIn home={home} kept={kept} />
              )}
              <div className="home-foot">
                {at > 0 && (
                  <button type="button" className="play-button" onClick={() => setAt(at - 1)}>
                    {says.back}
                  </button>
                )}
                {at < last - (home.returned ? 0 : 1) && (
                  <button
                    type="button"
                    className="play-button play-button--main"
                    onClick={() => setAt(at + 1)}
                  >
                    {at === last - 1 ? says.handIn : says.next}
                  </button>
                )}
                <button type="button" className="play-button" onClick={() => window.print()}>
                  {says.print}
                </button>
                {home.behaviour.feedback !== 'none' &&
                  exercises.length > 1 &&
                  done === exercises.length && (
                    <p className="play__score" role="status">
                      {scoreSays(total.score, total.outOf, 0, says)}
                    </p>
                  )}
              </div>
            </main>
          </>
        )}
      </div>
    </PhrasesContext>
  );
}
