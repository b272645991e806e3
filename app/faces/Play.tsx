import { useState } from 'react';
import { scoreSays, signsOf, type Behaviour } from '~core/practice/behaviour';
import { asHints } from '~core/practice/hint';
import type { LearnerExercise } from '~core/practice/for-learner';
import { interactionOf, keyedItems, markTask } from '~core/exercises/interactions';
import type { Mark } from '~core/exercises/interactions/kit/verdict';
import { Face, type AnyResponse } from './Face';
import { usePhrases } from './kit/use-phrases';

/** How far a learner is with one exercise. */
export interface Progress {
  readonly response: AnyResponse;
  /** How often it was checked. */
  readonly tried: number;
  /** The verdicts stand beside the items. */
  readonly checked: boolean;
  /** The answers were shown: nothing can be changed any more. */
  readonly shown: boolean;
}

export const begun: Progress = { response: {}, tried: 0, checked: false, shown: false };

export interface PlayProps {
  readonly exercise: LearnerExercise;
  readonly behaviour: Behaviour;
  readonly progress: Progress;
  readonly onProgress: (progress: Progress) => void;
  readonly picture: (name: string) => string;
  /** Says what is read out for an item; not there where nothing can be heard. */
  readonly hear?: ((item: string) => void) | undefined;
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

/** What is to be said of a marked exercise: nothing can be said of one that has no marks. */
const isDone = ({ score, outOf }: Mark) => outOf > 0 && score === outOf;

/** One exercise as a learner meets it: answered, checked, tried again, and at last seen. */
export function Play({ exercise, behaviour, progress, onProgress, picture, hear }: PlayProps) {
  const { task, title, instruction, language, reading } = exercise;
  const { response, tried, checked, shown } = progress;
  const says = usePhrases();
  const [asked, setAsked] = useState(false);
  const tells = behaviour.feedback === 'check';
  const mark = checked || shown ? markTask(task, response) : undefined;
  const hints = mark && !shown ? asHints(mark.verdicts, task) : mark?.verdicts;
  // Of an item that is still empty nothing is said but that it is.
  const said = (hints ?? []).filter(
    ({ right, given }) => shown || right || given.trim() !== '' || task.interaction === 'spot',
  );
  const left = (hints ?? []).length - said.length;
  const empty = Object.keys(response).length === 0;
  const done = mark !== undefined && isDone(mark);
  const mayShow = tells && behaviour.answers && tried >= behaviour.tries && !done && !shown;
  return (
    <article className="play" lang={language} dir="ltr">
      <h2 className="play__title">{title}</h2>
      <p className="play__instruction">{instruction}</p>
      {reading && (
        <section className="play-reading" aria-label={reading.title}>
          <h3 className="play-heading">{reading.title}</h3>
          {reading.body.split('\n').map((line, index) => (
            <p key={index}>{line}</p>
          ))}
        </section>
      )}
      <Face
        task={task}
        response={response}
        // What was said of an item goes when something is changed.
        onResponse={(next) => onProgress({ ...progress, response: next, checked: false })}
        verdicts={new Map(said.map((verdict) => [verdict.item, verdict]))}
        locked={shown || done}
        picture={picture}
        hear={hear}
        signs={signsOf(language)}
      />
      {tells && (
        <div className="play__foot">
          {!checked && !shown && (
            <button
              type="button"
              className="play-button play-button--main"
              disabled={empty}
              onClick={() => onProgress({ ...progress, checked: true, tried: tried + 1 })}
            >
              {says.check}
            </button>
          )}
          {mayShow &&
            (asked ? (
              <span className="play__sure" role="group" aria-label={says.showAnswers}>
                {says.sure}{' '}
                <button
                  type="button"
                  className="play-button"
                  onClick={() => onProgress({ ...progress, shown: true })}
                >
                  {says.showThem}
                </button>{' '}
                <button type="button" className="play-button" onClick={() => setAsked(false)}>
                  {says.notYet}
                </button>
              </span>
            ) : (
              <button type="button" className="play-button" onClick={() => setAsked(true)}>
                {says.showAnswers}
              </button>
            ))}
          {(done || shown) && (
            <button
              type="button"
              className="play-button"
              onClick={() => {
                setAsked(false);
                onProgress(begun);
              }}
            >
              {says.beginAgain}
            </button>
          )}
        </div>
      )}
      <div role="status" className="play__status">
        {mark && mark.outOf > 0 && (
          <p className="play__score" dir="auto">
            {scoreSays(mark.score, mark.outOf, left, says)}
          </p>
        )}
      </div>
      {shown && interactionOf(task).size(task) > 0 && <Answers exercise={exercise} />}
    </article>
  );
}
