import { useState } from 'react';
import type { Behaviour } from '~core/kernel/behaviour';
import { usePhrases } from './kit/use-phrases';
import type { Progress, Standing } from './progress';

interface PlayFootProps {
  readonly behaviour: Behaviour;
  readonly progress: Progress;
  readonly standing: Standing;
  readonly onCheck: () => void;
  readonly onShow: () => void;
  readonly onBegin: () => void;
}

/** What can be done with the answers: check them, see the right ones, begin again. */
export function PlayFoot(props: PlayFootProps) {
  const { behaviour, progress, standing, onCheck, onShow, onBegin } = props;
  const { response, tried, checked, shown } = progress;
  const { done, locked, mark } = standing;
  const says = usePhrases();
  const [asked, setAsked] = useState(false);
  const empty = Object.keys(response).length === 0;
  const { feedback } = behaviour;
  // Marked at once, an answer that is wrong has been tried.
  const tries = feedback === 'once' ? (mark && !done ? behaviour.tries : 0) : tried;
  const mayShow =
    behaviour.answers && feedback !== 'end' && tries >= behaviour.tries && !done && !shown;
  return (
    <div className="play__foot">
      {feedback !== 'once' && !checked && !shown && (
        <button
          type="button"
          className="play-button play-button--main"
          disabled={empty}
          onClick={onCheck}
        >
          {feedback === 'end' ? says.done : says.check}
        </button>
      )}
      {mayShow &&
        (asked ? (
          <span className="play__sure" role="group" aria-label={says.showAnswers}>
            {says.sure}{' '}
            <button type="button" className="play-button" onClick={onShow}>
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
      {locked && (
        <button
          type="button"
          className="play-button"
          onClick={() => {
            setAsked(false);
            onBegin();
          }}
        >
          {says.beginAgain}
        </button>
      )}
    </div>
  );
}
