import { useEffect, useState } from 'react';
import { boardViews, viewsOf } from '~core/board/board-state';
import { askSomebody } from './Ask';
import type { BoardLesson } from './board-lesson';
import { useBoardKeys } from './board-keys';
import { useBoard } from './use-board';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

/** The hour, by the minute. */
function useTime(): string {
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const timer = window.setInterval(() => setNow(new Date()), 5_000);
    return () => clearInterval(timer);
  }, []);
  return now.toLocaleTimeString(locale, { hour: '2-digit', minute: '2-digit' });
}

/** The second window: what to say, the key, what comes next, and the same steps as at the board. */
export function TeacherView({ lesson, profile, parts }: BoardLesson) {
  const board = useBoard(lesson.id, parts);
  const { state, step, part, asked } = board;
  const time = useTime();
  const names = profile.roster.map(({ name }) => name);
  const after = parts[state.part + 1];
  useBoardKeys({
    next: () => step({ kind: 'next' }),
    back: () => step({ kind: 'back' }),
    blank: () => step({ kind: 'blank' }),
  });
  return (
    <div className="page board-teacher">
      <div className="d-flex flex-wrap gap-3 align-items-baseline justify-content-between">
        <h1 className="h4 mb-0">{lesson.title}</h1>
        <strong className="h4 mb-0">{time}</strong>
      </div>
      <p className="quiet">
        {t('board.whatIsDoneHereIs')}
        {state.blank && t('board.theBoardShowsNothingNow')}
      </p>
      <div className="d-flex flex-wrap gap-2 mb-3">
        <button
          type="button"
          className="btn btn-outline-dark btn-lg"
          onClick={() => step({ kind: 'back' })}
        >
          {t('board.back')}
        </button>
        <button
          type="button"
          className="btn btn-primary btn-lg"
          onClick={() => step({ kind: 'next' })}
        >
          {t('board.next')}
        </button>
        <button
          type="button"
          className="btn btn-outline-dark btn-lg"
          aria-pressed={state.blank}
          onClick={() => step({ kind: 'blank' })}
        >
          {state.blank ? t('board.showTheBoard') : t('board.hideTheBoard')}
        </button>
        {names.length > 0 && (
          <button
            type="button"
            className="btn btn-outline-dark btn-lg"
            onClick={() => askSomebody(board, names)}
          >
            {t('board.askSomebody2', { which: asked.shown && asked.name ? `: ${asked.name}` : '' })}
          </button>
        )}
      </div>
      <div className="board-teacher__sides">
        <section className="card-paper" aria-label={t('board.now2')}>
          <p className="quiet mb-1">{part?.stage}</p>
          <h2 className="h5">{part?.title}</h2>
          {part && (
            <p className="small">
              {viewsOf(part).includes(state.view) && boardViews[state.view]}
              {state.view === 'one' &&
                t('board.of2', { at: state.at + 1, items: part.items.length })}
            </p>
          )}
          {part?.notes.map((note, index) => (
            <p key={index} className="board-teacher__note">
              {note}
            </p>
          ))}
          {part && part.items.length > 0 && (
            <ol className="board-teacher__key" aria-label={t('board.key')}>
              {part.items.map(({ id, question, answer, reason }, index) => (
                <li
                  key={id}
                  aria-current={state.view === 'one' && index === state.at ? 'step' : undefined}
                >
                  <button type="button" onClick={() => step({ kind: 'item', at: index })}>
                    <span className="learner-text">{question}</span>{' '}
                    <strong className="learner-text">{answer}</strong>
                    {reason && <span className="quiet small d-block">{reason}</span>}
                  </button>
                </li>
              ))}
            </ol>
          )}
        </section>
        <section className="card-paper" aria-label={t('board.parts')}>
          <h2 className="h6">
            {after ? t('board.next2', { title: after.title }) : t('board.thisIsTheLastPart')}
          </h2>
          <ol className="board-teacher__parts">
            {parts.map(({ id, title, stage }, index) => (
              <li key={id}>
                <button
                  type="button"
                  className="btn btn-link btn-sm text-start"
                  aria-current={index === state.part ? 'step' : undefined}
                  onClick={() => step({ kind: 'part', part: index })}
                >
                  {stage === title ? title : `${stage}: ${title}`}
                </button>
              </li>
            ))}
          </ol>
        </section>
      </div>
    </div>
  );
}
