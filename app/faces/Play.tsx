import { useMemo, useState } from 'react';
import type { Behaviour } from '~core/kernel/behaviour';
import type { Span } from '~core/kernel/span';
import { scoreSays, signsOf } from '~core/practice/behaviour';
import { cluesFor } from '~core/practice/clue';
import { asHints } from '~core/practice/hint';
import type { LearnerExercise } from '~core/practice/for-learner';
import {
  canStandAlone,
  itemIds,
  onlyItems,
  roundOf,
  shuffledTask,
} from '~core/practice/only-items';
import { interactionOf, keyedItems, type Task } from '~core/exercises/interactions';
import { Clock } from './Clock';
import { Face, type AnyResponse } from './Face';
import { ItemHelpContext, type ItemHelp } from './kit/item-help';
import type { ReadWriting } from './kit/face-props';
import { usePhrases } from './kit/use-phrases';
import { PlayFoot } from './PlayFoot';
import { begun, hasMarks, standingOf, type Progress } from './progress';
import { Reading } from './Reading';

export { begun, type Progress } from './progress';

export interface PlayProps {
  readonly exercise: LearnerExercise;
  readonly behaviour: Behaviour;
  readonly progress: Progress;
  readonly onProgress: (progress: Progress) => void;
  readonly picture: (name: string) => string;
  /** Says what is read out for an item; not there where nothing can be heard. */
  readonly hear?: ((item: string) => void) | undefined;
  readonly readWriting?: ReadWriting | undefined;
  /** What is said is recorded, to be handed in. */
  readonly records?: boolean;
  /** The order of shuffled items: another for every learner. */
  readonly seed?: number;
}

/** The answers with their reasons, once they may be seen. */
function Answers({ exercise }: Pick<PlayProps, 'exercise'>) {
  return (
    <ol className="play-answers">
      {keyedItems(exercise.task).map(({ id, question, answer, reason }) => (
        <li key={id}>
          <span className="quiet">{question}</span> <strong>{answer}</strong>
          {reason && <span className="d-block small">{reason}</span>}
        </li>
      ))}
    </ol>
  );
}

/** Cards are gone through until they are known: there is nothing to check. */
const isCards = (task: Task) =>
  task.interaction === 'match' &&
  task.cards === 'backs' &&
  task.pairs.every(({ partner }) => partner !== '');

/** What is being written does not count yet: it does when the field is left. */
const isWriting = () =>
  document.activeElement instanceof HTMLTextAreaElement ||
  (document.activeElement instanceof HTMLInputElement && document.activeElement.type === 'text');

/** The part of the task that is shown, where its items come one by one. */
function useOneByOne(task: Task, on: boolean) {
  const [at, setAt] = useState(0);
  const ids = useMemo(() => (on && canStandAlone(task) ? itemIds(task) : []), [task, on]);
  const id = ids[Math.min(at, ids.length - 1)];
  const shown = useMemo(() => (id === undefined ? task : onlyItems(task, [id])), [task, id]);
  return { shown, at: Math.min(at, Math.max(0, ids.length - 1)), count: ids.length, setAt };
}

/** The items that were wrong once more, or others of their kind, until they are right. */
function Round({
  task,
  wrong,
  onLeave,
  ...props
}: Omit<PlayProps, 'progress' | 'onProgress'> & {
  readonly task: Task;
  readonly wrong: readonly string[];
  readonly onLeave: () => void;
}) {
  const says = usePhrases();
  const [progress, setProgress] = useState(begun);
  const { exercise, behaviour } = props;
  const made = useMemo(
    () => roundOf(task, wrong, behaviour.again === 'new' ? exercise.spare : undefined),
    [task, wrong, behaviour.again, exercise.spare],
  );
  return (
    <section className="play-round" aria-label={says.wrongAgain}>
      <Play
        {...props}
        exercise={{ ...exercise, title: says.wrongAgain, task: made }}
        behaviour={{ ...behaviour, feedback: 'check', tries: 1, answers: true, pass: 0 }}
        progress={progress}
        onProgress={setProgress}
      />
      <button type="button" className="play-button" onClick={onLeave}>
        {says.back}
      </button>
    </section>
  );
}

/** One exercise as a learner meets it: answered, checked, tried again, and at last seen. */
export function Play(props: PlayProps) {
  const {
    exercise,
    behaviour,
    progress,
    onProgress,
    picture,
    hear,
    readWriting,
    seed = 1,
    records = false,
  } = props;
  const { title, instruction, also, language, reading } = exercise;
  const { response, tried, checked, shown } = progress;
  const says = usePhrases();
  const [place, setPlace] = useState<Span>();
  const [settled, setSettled] = useState<AnyResponse>(response);
  const [round, setRound] = useState<readonly string[]>();
  const task = useMemo(
    () => (behaviour.shuffle ? shuffledTask(exercise.task, seed) : exercise.task),
    [exercise.task, behaviour.shuffle, seed],
  );
  const one = useOneByOne(task, behaviour.oneByOne);
  const standing = standingOf(task, progress, behaviour, settled);
  const { mark, done, locked, empty } = standing;
  const said = shown ? standing.said : asHints(standing.said, task);
  const clues = useMemo(
    () =>
      behaviour.feedback === 'none' || behaviour.hints === 'none'
        ? undefined
        : cluesFor(task, reading?.body),
    [task, reading?.body, behaviour.feedback, behaviour.hints],
  );
  const help = useMemo(
    (): ItemHelp => ({
      before: one.at,
      clues: (behaviour.hints === 'first' ? clues : undefined) ?? new Map(),
      after: clues ?? new Map(),
      onPlace: reading ? (span) => setPlace({ ...span }) : undefined,
    }),
    [one.at, clues, behaviour.hints, reading],
  );
  const cards = isCards(task);
  const tells = behaviour.feedback !== 'none';
  const change = (next: AnyResponse) => {
    if (!isWriting()) setSettled(next);
    const ends =
      behaviour.feedback === 'once' &&
      standingOf(task, { ...progress, response: next, checked: false }, behaviour, next).done;
    // What was said of an item goes when something is changed.
    onProgress({
      ...progress,
      response: next,
      checked: false,
      ...(progress.started === undefined ? { started: Date.now() } : {}),
      ...(ends ? { ended: Date.now() } : {}),
    });
  };
  const check = () => {
    const last = behaviour.feedback === 'end';
    const judged = standingOf(task, { ...progress, checked: true }, behaviour, response);
    onProgress({
      ...progress,
      checked: true,
      tried: tried + 1,
      shown: last && behaviour.answers && hasMarks(task),
      ...(last || judged.done ? { ended: Date.now() } : {}),
    });
  };
  const wrong =
    locked && !done && behaviour.again !== 'none' && mark
      ? mark.verdicts.filter(({ right }) => !right).map(({ item }) => item)
      : [];
  return (
    <article className="play" lang={language} dir="ltr">
      <div className="play__head">
        <h2 className="play__title">{title}</h2>
        {behaviour.clock && <Clock started={progress.started} ended={progress.ended} />}
      </div>
      <p className="play__instruction">{instruction}</p>
      {also && (
        <p className="play__also" lang={also.language} dir="auto">
          {also.text}
        </p>
      )}
      {reading && <Reading reading={reading} lit={place} />}
      <ItemHelpContext value={help}>
        <div onBlur={() => setSettled(response)}>
          <Face
            task={one.shown}
            response={response}
            onResponse={change}
            verdicts={
              new Map(
                behaviour.hints === 'none' && !shown
                  ? said.map((each) => [each.item, { ...each, reason: '' }])
                  : said.map((each) => [each.item, each]),
              )
            }
            locked={locked}
            picture={picture}
            hear={behaviour.sound ? hear : undefined}
            readWriting={readWriting}
            signs={signsOf(language)}
            recordings={progress.recordings}
            onRecording={
              records
                ? (item, spoken, said) =>
                    onProgress({
                      ...progress,
                      response: said,
                      recordings: { ...progress.recordings, [item]: spoken },
                    })
                : undefined
            }
            cards={progress.cards}
            onCards={(cards, known) => onProgress({ ...progress, cards, response: known })}
          />
        </div>
      </ItemHelpContext>
      {one.count > 0 && (
        <div className="play__steps" role="group" aria-label={title}>
          <button
            type="button"
            className="play-button"
            disabled={one.at === 0}
            onClick={() => one.setAt(one.at - 1)}
          >
            {says.back}
          </button>
          <span>
            {one.at + 1} / {one.count}
          </span>
          <button
            type="button"
            className="play-button"
            disabled={one.at === one.count - 1}
            onClick={() => one.setAt(one.at + 1)}
          >
            {says.next}
          </button>
        </div>
      )}
      {tells && !cards && (
        <PlayFoot
          behaviour={behaviour}
          progress={progress}
          standing={standing}
          onCheck={check}
          onShow={() => onProgress({ ...progress, shown: true, ended: Date.now() })}
          onBegin={() => {
            setRound(undefined);
            setSettled({});
            onProgress({ ...begun, ...(progress.cards ? { cards: progress.cards } : {}) });
          }}
        />
      )}
      <div role="status" className="play__status">
        {mark && mark.outOf > 0 && (checked || shown || done) && (
          <p className="play__score" dir="auto">
            {scoreSays(mark.score, mark.outOf, empty, says, behaviour)}
          </p>
        )}
      </div>
      {shown && interactionOf(task).size(task) > 0 && <Answers exercise={{ ...exercise, task }} />}
      {tells && wrong.length > 0 && round === undefined && (
        <button
          type="button"
          className="play-button play-button--main"
          onClick={() => setRound(wrong)}
        >
          {says.wrongAgain}
        </button>
      )}
      {round !== undefined && (
        <Round {...props} task={task} wrong={round} onLeave={() => setRound(undefined)} />
      )}
    </article>
  );
}
