import { Button } from 'react-bootstrap';
import { BsDownload, BsPrinter } from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { keyedItems } from '~core/exercises/interactions';
import { findFewest } from './fewest';
import type { RecordingRecord } from '~core/records/recording-record';
import type { Lesson, LessonPart } from '~core/records/lesson';
import { simulatedSlips } from '~core/practice/simulated-class';
import { nextPractice } from '~core/results/next-practice';
import type { GivenExercise, LearnerResult, Results } from '~core/results/results-of';
import { resultsCsv } from '~/documents/results-csv';
import { OwnPaper } from '~/ui/OwnPaper';
import { saveText } from '~/ui/save-text';
import { useSend } from '~/ui/use-send';
import type { Send } from '../lesson/built-part';
import { ErrorBars } from './ErrorBars';
import { ByTarget } from './ByTarget';
import { HandIn } from './HandIn';
import { ToRead } from './ToRead';
import { t } from '~/phrases/t';

/** An exercise of the lesson, made, with the part it is made from. */
export interface MadeExercise extends GivenExercise {
  readonly part: LessonPart;
}

export interface ResultsWorkspaceProps {
  readonly lesson: Lesson;
  readonly profile: ClassProfile;
  readonly exercises: readonly MadeExercise[];
  readonly results: Results;
  readonly recordings: readonly RecordingRecord[];
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** The words of the items of an exercise that were wrong. */
function wordsOf(exercise: MadeExercise, items: readonly string[]): string[] {
  const wrong = keyedItems(exercise.task).filter(({ id }) => items.includes(id));
  const own = wrong.map(({ word }) => word).filter((word) => exercise.part.words.includes(word));
  return [...new Set(own)];
}

/** A practice of what was wrong: its words first, and as many more of the exercise’s as its maker needs. */
function practiceOf(
  exercises: readonly MadeExercise[],
  wrong: readonly { readonly exercise: string; readonly items: readonly string[] }[],
): { readonly part: string; readonly words: readonly string[] } | undefined {
  for (const { exercise: id, items } of wrong) {
    const exercise = exercises.find((each) => each.id === id);
    const words = exercise ? wordsOf(exercise, items) : [];
    if (!exercise || words.length === 0) continue;
    const more = exercise.part.words.filter((word) => !words.includes(word));
    const needed = Math.max(0, findFewest(exercise.part.maker) - words.length);
    return { part: exercise.id, words: [...words, ...more.slice(0, needed)] };
  }
  return undefined;
}

/** Items by exercise that show an error, of some learners. */
function itemsWith(error: string, learners: readonly LearnerResult[]) {
  const found = new Map<string, Set<string>>();
  for (const { items } of learners) {
    for (const { exercise, item, named } of items) {
      if (named === error) found.set(exercise, (found.get(exercise) ?? new Set()).add(item));
    }
  }
  return [...found].map(([exercise, items]) => ({ exercise, items: [...items] }));
}

function Errors({
  results,
  exercises,
  send,
}: Pick<ResultsWorkspaceProps, 'results' | 'exercises'> & { send: Send }) {
  const shown = results.errors.slice(0, 12);
  if (shown.length === 0) {
    return <p>{t('results.noErrorThatHasA')}</p>;
  }
  return (
    <>
      <ErrorBars errors={shown.slice(0, 8)} />
      <table className="table results-table">
        <thead>
          <tr>
            <th scope="col">{t('results.whatHappens')}</th>
            <th scope="col">{t('results.howOften')}</th>
            <th scope="col">{t('results.who')}</th>
            <th scope="col">
              <span className="visually-hidden">{t('results.practice')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ error, count, learners }) => {
            const practice = practiceOf(exercises, itemsWith(error, results.learners));
            return (
              <tr key={error}>
                <th scope="row">{error}</th>
                <td>{count}</td>
                <td>{learners.join(', ')}</td>
                <td className="text-end">
                  {practice && (
                    <button
                      type="button"
                      className="btn btn-sm btn-outline-dark text-nowrap"
                      aria-label={t('results.makeAPractice2', { error })}
                      onClick={() =>
                        send({
                          intent: 'practise',
                          ...practice,
                          name: t('results.aPractice', { error }),
                        })
                      }
                    >
                      {t('results.makeAPractice')}
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}

function Learners({
  results,
  exercises,
  roster,
  send,
}: Pick<ResultsWorkspaceProps, 'results' | 'exercises'> & {
  roster: readonly string[];
  send: Send;
}) {
  const missing = roster.filter(
    (name) => !results.learners.some(({ learner }) => learner === name),
  );
  return (
    <>
      {missing.length > 0 && (
        <p>
          <strong>{t('results.notBackYet')}</strong> {missing.join(', ')}
        </p>
      )}
      <table className="table results-table">
        <thead>
          <tr>
            <th scope="col">{t('results.learner')}</th>
            <th scope="col">{t('results.right')}</th>
            <th scope="col">{t('results.whatToPractiseNext')}</th>
            <th scope="col">
              <span className="visually-hidden">{t('results.more')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {results.learners.map(({ learner, score, outOf, items }) => {
            const next = nextPractice(results, learner);
            const practice = practiceOf(exercises, next.exercises);
            const wrong = items.filter(({ right }) => !right);
            return (
              <tr key={learner}>
                <th scope="row">
                  {learner}
                  {roster.length > 0 && !roster.includes(learner) && (
                    <small className="quiet d-block">{t('results.notOnTheClasssList')}</small>
                  )}
                </th>
                <td className="text-nowrap">{t('results.of2', { score, outOf })}</td>
                <td>
                  {next.says
                    .replace(`${learner} `, '')
                    .replace(/^./, (first) => first.toUpperCase())}
                  {wrong.length > 0 && (
                    <details>
                      <summary className="small">
                        {t('results.answerToLookAt', { count: wrong.length })}
                      </summary>
                      <ul className="small mb-0">
                        {wrong.map(({ exercise, item, given, expected, named }) => (
                          <li key={`${exercise} ${item}`}>
                            <span className="learner-text">{given || '–'}</span> {t('results.for')}{' '}
                            <span className="learner-text">{expected}</span>
                            {named && <span className="quiet"> · {named}</span>}
                          </li>
                        ))}
                      </ul>
                    </details>
                  )}
                </td>
                <td className="results-doors">
                  <Link
                    className="btn btn-sm btn-outline-dark text-nowrap"
                    to={`for?learner=${encodeURIComponent(learner)}`}
                    aria-label={t('results.aPageFor', { learner })}
                  >
                    {t('results.aPageToGive')}
                  </Link>
                  {practice && (
                    <button
                      type="button"
                      className="btn btn-sm btn-outline-dark text-nowrap"
                      aria-label={t('results.makeAPracticeFor', { learner })}
                      onClick={() =>
                        send({
                          intent: 'practise',
                          ...practice,
                          name: t('results.aPracticeFor', { learner }),
                        })
                      }
                    >
                      {t('results.makeAPractice')}
                    </button>
                  )}
                  <button
                    type="button"
                    className="btn btn-link btn-sm d-block ms-auto mt-1 px-1 py-1"
                    aria-label={t('results.takeOutTheSlipsOf', { learner })}
                    onClick={() => send({ intent: 'take-out-slips', learner })}
                  >
                    {t('results.takeOut')}
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}

function Items({ results, exercises }: Pick<ResultsWorkspaceProps, 'results' | 'exercises'>) {
  return exercises.map((exercise) => {
    const items = results.items.filter((item) => item.exercise === exercise.id);
    if (items.length === 0) return null;
    return (
      <section key={exercise.id}>
        <h3 className="h6 mt-3">{exercise.title}</h3>
        <table className="table results-table">
          <thead>
            <tr>
              <th scope="col">{t('results.asked')}</th>
              <th scope="col">{t('results.answer')}</th>
              <th scope="col">{t('results.right')}</th>
              <th scope="col">{t('results.wrongAnswers')}</th>
            </tr>
          </thead>
          <tbody>
            {items.map(({ item, asked, expected, right, answered, difficulty, wrong, note }) => (
              <tr key={item}>
                <td className="learner-text">{asked}</td>
                <td className="learner-text">{expected}</td>
                <td className="text-nowrap">
                  {t('results.of', { right, answered })}{' '}
                  <span className="quiet">({percent(difficulty)})</span>
                </td>
                <td>
                  {wrong
                    .slice(0, 4)
                    .map(({ given, count }) => `${given || 'nothing'} ${count}×`)
                    .join(', ')}
                  {note && <span className="message message--note small d-block mt-1">{note}</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    );
  });
}

/** What has come back of a lesson, what it shows, and what to teach next. */
export function ResultsWorkspace(props: ResultsWorkspaceProps) {
  const { lesson, profile, exercises, results, recordings } = props;
  const { send, message, notes } = useSend();
  const roster = profile.roster.map(({ name }) => name);
  const came = results.learners.length;
  const titleOf = (id: string) => exercises.find((each) => each.id === id)?.title ?? '';
  const rehearse = () =>
    send({
      intent: 'hand-in',
      texts: simulatedSlips(roster, lesson.id, exercises, lesson.title.length + 11),
    });
  return (
    <div className="page results prints-itself">
      <OwnPaper paper={profile.paper} />
      <p className="mb-1">
        <Link to={`/lessons/${lesson.id}`}>{lesson.title}</Link> ·{' '}
        <Link to={`/classes/${profile.id}/results`}>
          {t('results.overTheWeeks', { name: profile.name })}
        </Link>
      </p>
      <div className="d-flex flex-wrap gap-3 align-items-center justify-content-between mb-3">
        <h1 className="mb-0">{t('results.results')}</h1>
        {came > 0 && (
          <div className="d-flex gap-2">
            <Button
              variant="outline-dark"
              onClick={() =>
                saveText(
                  t('results.resultsCsv', { title: lesson.title }),
                  resultsCsv(results, titleOf),
                )
              }
            >
              <BsDownload aria-hidden="true" /> {t('results.saveAsCsv')}
            </Button>
            <Button variant="outline-dark" onClick={() => window.print()}>
              <BsPrinter aria-hidden="true" /> {t('results.print')}
            </Button>
          </div>
        )}
      </div>
      {message && (
        <p className="message" role="alert">
          {message}
        </p>
      )}
      <div className="results-layout">
        <div>
          {came === 0 ? (
            <section className="card-paper">
              <h2 className="h5">{t('results.nothingHasComeBackYet')}</h2>
              <p>{t('results.openAnExerciseOfThe')}</p>
              {roster.length > 0 && exercises.length > 0 && (
                <p className="mb-0">
                  <button type="button" className="btn btn-sm btn-outline-dark" onClick={rehearse}>
                    {t('results.rehearseWithMadeUpAnswers')}
                  </button>{' '}
                  <span className="quiet small">
                    {t('results.eachNameOfAnswersWith', { name: profile.name })}
                  </span>
                </p>
              )}
            </section>
          ) : (
            <>
              <section className="card-paper" aria-label={t('results.whatToTeachNext')}>
                <h2 className="h5">{t('results.whatToTeachNext')}</h2>
                <Errors results={results} exercises={exercises} send={send} />
              </section>
              <section className="card-paper" aria-label={t('results.byLearner')}>
                <h2 className="h5">{t('results.byLearner')}</h2>
                <Learners results={results} exercises={exercises} roster={roster} send={send} />
              </section>
              <ToRead
                lesson={lesson}
                results={results}
                exercises={exercises}
                recordings={recordings}
                send={send}
              />
              <ByTarget results={results} exercises={exercises} />
              <section className="card-paper" aria-label={t('results.byItem')}>
                <h2 className="h5">{t('results.byItem')}</h2>
                <Items results={results} exercises={exercises} />
              </section>
            </>
          )}
        </div>
        <aside>
          <HandIn send={send} notes={notes} />
          {came > 0 && (
            <section className="card-paper">
              <p className="mb-1">
                <strong>
                  {roster.length > 0
                    ? t('results.of3', {
                        learners: results.learners.filter(({ learner }) => roster.includes(learner))
                          .length,
                        roster: roster.length,
                      })
                    : came}
                </strong>{' '}
                {t('results.haveHandedIn')}
              </p>
              <button
                type="button"
                className="btn btn-link btn-sm p-0"
                onClick={() => send({ intent: 'take-out-slips', learner: '' })}
              >
                {t('results.takeOutAllSlips')}
              </button>
            </section>
          )}
          {results.problems.length > 0 && (
            <section className="card-paper">
              <h2 className="h6">{t('results.notCounted')}</h2>
              <ul className="small mb-0 ps-3">
                {results.problems.map((problem) => (
                  <li key={problem}>{problem}</li>
                ))}
              </ul>
            </section>
          )}
        </aside>
      </div>
    </div>
  );
}
