import { useEffect, useMemo, useState } from 'react';
import { readSlip, type Slip } from '~core/practice/slip';
import { resultsOf, type GivenExercise } from '~core/results/results-of';
import type { RoomState } from '~core/room/room-state';
import type { RoomQuestion } from '~core/room/show';
import { thoughts } from '~core/room/thoughts';
import { engine } from '~/workers/engine.client';
import { t } from '~/phrases/t';

/** A share as a bar with its number; the number says the same. */
function Share({ parts, all }: { parts: readonly (readonly [string, number])[]; all: number }) {
  return (
    <span className="room-share" aria-hidden="true">
      {parts.map(([kind, count]) => (
        <span
          key={kind}
          className={`room-share__part room-share__part--${kind}`}
          style={{ width: `${all === 0 ? 0 : (count / all) * 100}%` }}
        />
      ))}
    </span>
  );
}

/** What was answered to an exercise so far, item by item, with the wrong answer that is most given. */
export function ExerciseThinks({
  exercise,
  slips,
  here,
  look,
}: {
  exercise: GivenExercise;
  slips: readonly string[];
  /** Learners in the room. */
  here: number;
  /** Shows one answer to all, without a name. */
  look: (answer: string) => void;
}) {
  const results = useMemo(() => {
    const read = slips.flatMap((code): Slip[] => {
      const slip = readSlip(code);
      return 'error' in slip ? [] : [slip];
    });
    return resultsOf(read, { id: read[0]?.lesson ?? '', title: '', exercises: [exercise] });
  }, [slips, exercise]);
  const [keyShown, setKeyShown] = useState(false);
  return (
    <>
      <div className="d-flex flex-wrap gap-2 align-items-baseline">
        <h2 className="h5 me-auto mb-0">{exercise.title}</h2>
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          aria-pressed={keyShown}
          onClick={() => setKeyShown(!keyShown)}
        >
          {keyShown ? t('room.hideTheAnswers') : t('room.showTheAnswers')}
        </button>
      </div>
      {results.items.length === 0 && <p className="quiet">{t('room.nothingHasComeInYet')}</p>}
      <ol className="room-items">
        {results.items.map(({ item, asked, expected, right, wrong }) => {
          const false_ = wrong.filter(({ given }) => given !== '');
          const not = false_.reduce((sum, { count }) => sum + count, 0);
          const [commonest] = false_;
          return (
            <li key={item}>
              <span className="learner-text">{asked.replace(/_{4,}/g, '____')}</span>
              {keyShown && <strong className="room-items__key"> {expected}</strong>}
              <Share
                parts={[
                  ['right', right],
                  ['not', not],
                ]}
                all={Math.max(here, right + not)}
              />
              <span className="small">
                {t('room.rightNotYet', { right, not })}
                {commonest && (
                  <>
                    {' '}
                    {t('room.most')} <strong>{commonest.given}</strong> ×{commonest.count}
                    {commonest.error && ` (${commonest.error})`}{' '}
                    <button
                      type="button"
                      className="btn btn-link btn-sm p-0"
                      aria-label={t('room.lookAtTogether', { given: commonest.given })}
                      onClick={() => look(commonest.given)}
                    >
                      {t('room.lookAtItTogether')}
                    </button>
                  </>
                )}
              </span>
            </li>
          );
        })}
      </ol>
    </>
  );
}

/** Texts that a class should not see before the teacher has: those with a word that is none for it. */
export function useUnfit(texts: readonly string[]): ReadonlySet<string> | undefined {
  const [unfit, setUnfit] = useState<ReadonlySet<string>>();
  const key = texts.join('\n');
  useEffect(() => {
    let stale = false;
    void engine()
      .unfitTexts(texts)
      .then((found) => {
        if (!stale) setUnfit(new Set(found));
      });
    return () => {
      stale = true;
    };
    // Asked anew where a text came.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return unfit;
}

/** What was said to a question: bars, words, or sentences without names. */
export function QuestionThinks({
  question,
  room,
  look,
}: {
  question: RoomQuestion;
  room: RoomState;
  look: (answer: string) => void;
}) {
  const found = useMemo(() => thoughts(room, question), [room, question]);
  const unfit = useUnfit(found.map(({ text }) => text));
  const [shown, setShown] = useState<ReadonlySet<string>>(new Set());
  const most = Math.max(1, ...found.map(({ count }) => count));
  const said = new Set(found.flatMap(({ members }) => members)).size;
  return (
    <>
      <h2 className="room-question__text">{question.text}</h2>
      <p role="status" className="quiet small">
        {said === 0
          ? t('room.nothingHasComeInYet')
          : t('room.ofHaveAnswered', { said, members: room.members.length })}
      </p>
      <ul className={`room-thoughts room-thoughts--${question.kind}`}>
        {found.map(({ text, count }) => {
          // Until it has been looked through it is not shown.
          const hidden =
            question.kind !== 'choice' && (unfit?.has(text) ?? true) && !shown.has(text);
          return (
            <li key={text}>
              {hidden ? (
                <>
                  <span className="quiet">
                    {unfit === undefined ? '…' : t('room.anAnswerThatMayNot')}
                  </span>{' '}
                  {unfit !== undefined && (
                    <button
                      type="button"
                      className="btn btn-sm btn-outline-dark"
                      onClick={() => setShown(new Set([...shown, text]))}
                    >
                      {t('room.showIt')}
                    </button>
                  )}
                </>
              ) : (
                <>
                  <span
                    className="learner-text"
                    style={
                      question.kind === 'words'
                        ? { fontSize: `${1 + (count / most) * 1.2}rem` }
                        : undefined
                    }
                  >
                    {text}
                  </span>
                  {question.kind !== 'open' && (
                    <span className="room-thoughts__count">{count}</span>
                  )}
                  {question.kind === 'choice' && (
                    <Share parts={[['said', count]]} all={Math.max(1, room.members.length)} />
                  )}
                  {question.kind === 'open' && (
                    <button
                      type="button"
                      className="btn btn-link btn-sm"
                      aria-label={t('room.lookAtTogether2', { text })}
                      onClick={() => look(text)}
                    >
                      {t('room.lookAtItTogether')}
                    </button>
                  )}
                </>
              )}
            </li>
          );
        })}
      </ul>
    </>
  );
}
