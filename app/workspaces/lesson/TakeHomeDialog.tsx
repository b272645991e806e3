import { useEffect, useId, useState } from 'react';
import { Button, Form, Modal } from 'react-bootstrap';
import type { Lesson } from '~core/records/lesson';
import { learnerCopy, type Task } from '~core/exercises/interactions';
import { behaviourFrom, usualBehaviour, type Behaviour } from '~core/kernel/behaviour';
import { phrases } from '~core/practice/phrases';
import { forLearner } from '~core/practice/for-learner';
import { printOf } from '~core/practice/slip';
import type { TakeHomeRecord } from '~core/records/take-home-record';
import type { TakeHome, TakeHomeRecording } from '~core/practice/take-home';
import { spokenOf } from '~core/practice/spoken';
import { saveTakeHome, sizeOf, takeHomeFile, type SpokenItem } from '~/documents/take-home-file';
import { recordingsFor } from '~/storage/recordings-for';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import { AddressCode } from './AddressCode';
import { titleOf, type ExercisePart, type Send } from './built-part';
import { screenTextOf } from './screen-text';
import { t } from '~/phrases/t';

/** Characters of a file that most mailboxes take (10 MB is a common limit; common practice). */
const MAILED = 9_000_000;

type Choice = Readonly<Omit<TakeHomeRecord, 'id' | 'day'>>;

/** How an exercise behaves in the file: as it is set, and as a test with nothing marked. */
function behaviourOf({ part }: ExercisePart, { profile }: PartContext, marks: boolean): Behaviour {
  const set = behaviourFrom(part.parameters.practice, profile.practice);
  if (!marks) return { ...set, feedback: 'none' };
  // What marks itself says so, whatever is set for the screen of the class.
  return set.feedback === 'none' ? { ...set, feedback: 'check' } : set;
}

type Spares = Readonly<Record<string, Task | undefined>>;

/** What stands in the file. */
function homeOf(
  lesson: Lesson,
  exercises: readonly ExercisePart[],
  context: PartContext,
  choice: Choice,
  made: string,
  spares: Spares,
  recordings: readonly TakeHomeRecording[] = [],
): Omit<TakeHome, 'pictures'> {
  const heard = recordings
    .map((each) => ({
      ...each,
      exercises: each.exercises.filter((part) => choice.parts.includes(part)),
    }))
    .filter(({ exercises: asking }) => asking.length > 0);
  return {
    ...(choice.recordings && heard.length > 0 ? { recordings: heard } : {}),
    version: 1,
    title: lesson.title,
    className: context.profile.name,
    lesson: lesson.id,
    made,
    speaks: choice.speaks,
    behaviour: { ...usualBehaviour, feedback: choice.marks ? 'check' : 'none' },
    returned: choice.returned || !choice.marks,
    learners: choice.names ? context.profile.roster.map(({ name }) => name) : [],
    boards: (lesson.boards ?? [])
      .filter(({ id }) => choice.boards?.includes(id))
      .map((board) => {
        const key = exercises.find(({ part }) => part.id === board.part)?.exercise.task;
        return { board, ...(choice.marks && key ? { task: key } : {}) };
      }),
    exercises: exercises
      .filter(({ part }) => choice.parts.includes(part.id))
      .map((open) => ({
        id: open.part.id,
        print: printOf(learnerCopy(open.exercise.task)),
        behaviour: behaviourOf(open, context, choice.marks),
        exercise: forLearner(
          open.exercise,
          choice.marks,
          screenTextOf(open, context),
          spares[open.part.id],
        ),
      })),
  };
}

/** Items of the same kind for the exercises that ask for them. */
async function sparesOf(
  exercises: readonly ExercisePart[],
  context: PartContext,
  { parts, marks }: Choice,
): Promise<Spares> {
  const asked = exercises.filter(
    (open) =>
      marks && parts.includes(open.part.id) && behaviourOf(open, context, marks).again === 'new',
  );
  const made = await Promise.all(
    asked.map(async ({ part }) => [part.id, await engine().spare(part, context)] as const),
  );
  return Object.fromEntries(made);
}

/** The whole file, as it is built in the browser. */
async function fileOf(
  lesson: Lesson,
  exercises: readonly ExercisePart[],
  context: PartContext,
  choice: Choice,
  made: string,
  recordings: readonly TakeHomeRecording[],
): Promise<string> {
  const spares = await sparesOf(exercises, context, choice);
  return takeHomeFile(
    homeOf(lesson, exercises, context, choice, made, spares, recordings),
    spokenFor(exercises, choice, context),
  );
}

const isCards = (task: Task) => task.interaction === 'match' && task.cards === 'backs';

/** What is to be heard in the file: dictations, whether it marks itself or not, and cards where it is asked for. */
const spokenFor = (
  exercises: readonly ExercisePart[],
  { parts, heard }: Choice,
  { profile }: PartContext,
): SpokenItem[] =>
  exercises
    .filter(({ part, exercise }) => parts.includes(part.id) && (heard || !isCards(exercise.task)))
    .flatMap(({ part, exercise }) =>
      Object.entries(spokenOf(exercise.task)).map(([item, { text, language }]) => ({
        key: `${part.id} ${item}`,
        text,
        language: language ?? exercise.language,
        accent: profile.accent,
      })),
    );

/** The lesson's exercises as one file that runs anywhere, with no network and no account. */
export function TakeHomeDialog({
  lesson,
  exercises,
  context,
  again,
  send,
  onClose,
}: {
  lesson: Lesson;
  exercises: readonly ExercisePart[];
  context: PartContext;
  /** One that was given before, to be made again. */
  again: TakeHomeRecord | undefined;
  send: Send;
  onClose: () => void;
}) {
  const id = useId();
  const able = exercises.filter(({ exercise }) => exercise.short === undefined);
  const [choice, setChoice] = useState<Choice>({
    ...(again ?? {
      marks: true,
      returned: true,
      names: context.profile.roster.length > 0,
      heard: false,
      recordings: true,
      speaks: 'en',
    }),
    parts: able
      .map(({ part }) => part.id)
      .filter((each) => again === undefined || again.parts.includes(each)),
    boards: (lesson.boards ?? [])
      .map(({ id: board }) => board)
      .filter((each) => again?.boards?.includes(each) ?? false),
  });
  const { boards = [] } = choice;
  const count = choice.parts.length + boards.length;
  const [recordings, setRecordings] = useState<readonly TakeHomeRecording[]>();
  const [page, setPage] = useState<string>();
  const [problem, setProblem] = useState('');
  const [made] = useState(() => Date.now().toString(36));
  const set = (next: Partial<Choice>) => setChoice({ ...choice, ...next });
  useEffect(() => {
    void recordingsFor(able.map(({ part }) => part))
      .catch(() => [])
      .then(setRecordings);
    // The exercises are those of the lesson as it was when this was opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useEffect(() => {
    let stale = false;
    setPage(undefined);
    if (count === 0 || recordings === undefined) return undefined;
    fileOf(lesson, able, context, choice, made, recordings)
      .then((built) => {
        if (!stale) setPage(built);
      })
      .catch(() => {
        if (!stale) {
          setProblem(t('lesson.theFileCouldNotBe'));
        }
      });
    return () => {
      stale = true;
    };
    // The exercises are those of the lesson as it was when this was opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [choice, recordings]);
  return (
    <Modal show onHide={onClose} centered scrollable aria-labelledby={`${id}-title`}>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id={`${id}-title`} className="h5">
          {t('lesson.takeItHome')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>{t('lesson.oneFileWithTheseExercises')}</p>
        <fieldset className="mb-3">
          <legend className="h6">{t('lesson.whatGoesHome')}</legend>
          {able.map((open) => (
            <Form.Check
              key={open.part.id}
              id={`${id}-${open.part.id}`}
              label={titleOf(open)}
              checked={choice.parts.includes(open.part.id)}
              onChange={(event) =>
                set({
                  parts: event.currentTarget.checked
                    ? [...choice.parts, open.part.id]
                    : choice.parts.filter((each) => each !== open.part.id),
                })
              }
            />
          ))}
          {(lesson.boards ?? []).map(({ id: board, name }) => (
            <Form.Check
              key={board}
              id={`${id}-${board}`}
              label={t('lesson.loosePiecesAsTheyLie', { name })}
              checked={boards.includes(board)}
              onChange={(event) =>
                set({
                  boards: event.currentTarget.checked
                    ? [...boards, board]
                    : boards.filter((each) => each !== board),
                })
              }
            />
          ))}
          {able.length === 0 && <p>{t('lesson.noExerciseOfThisLesson')}</p>}
        </fieldset>
        <fieldset className="mb-3">
          <legend className="h6">{t('lesson.marks')}</legend>
          <Form.Check
            type="radio"
            name={`${id}-marks`}
            id={`${id}-practice`}
            label={t('lesson.practiceEachExercisePlaysAs')}
            checked={choice.marks}
            onChange={() => set({ marks: true })}
          />
          <Form.Check
            type="radio"
            name={`${id}-marks`}
            id={`${id}-test`}
            label={t('lesson.aTestNoAnswerIs')}
            checked={!choice.marks}
            onChange={() => set({ marks: false, returned: true })}
          />
        </fieldset>
        <label className="d-flex gap-2 align-items-center mb-3">
          {t('lesson.buttonsAndMessagesIn')}
          <select
            className="form-select form-select-sm w-auto"
            value={choice.speaks}
            onChange={(event) => set({ speaks: event.currentTarget.value })}
          >
            {Object.entries(phrases).map(([tag, { name }]) => (
              <option key={tag} value={tag} lang={tag}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <fieldset>
          <legend className="h6">{t('lesson.comingBack')}</legend>
          <Form.Check
            id={`${id}-returned`}
            label={t('lesson.itAsksForTheLearners')}
            checked={choice.returned || !choice.marks}
            disabled={!choice.marks}
            onChange={(event) => set({ returned: event.currentTarget.checked })}
          />
          {context.profile.roster.length > 0 && (choice.returned || !choice.marks) && (
            <Form.Check
              id={`${id}-names`}
              label={t('lesson.theNamesOfAreIn', { name: context.profile.name })}
              checked={choice.names}
              onChange={(event) => set({ names: event.currentTarget.checked })}
            />
          )}
        </fieldset>
        {able.some(({ exercise }) => isCards(exercise.task)) && (
          <Form.Check
            className="mt-3"
            id={`${id}-heard`}
            label={t('lesson.cardsCanBeHeardEach')}
            checked={choice.heard}
            onChange={(event) => set({ heard: event.currentTarget.checked })}
          />
        )}
        {recordings !== undefined && recordings.length > 0 && (
          <Form.Check
            className="mt-3"
            id={`${id}-recordings`}
            label={t('lesson.yourRecordingsOfItsTexts', {
              recordings: recordings.map(({ name }) => name).join(', '),
            })}
            checked={choice.recordings ?? false}
            onChange={(event) => set({ recordings: event.currentTarget.checked })}
          />
        )}
        {page !== undefined && page.length > MAILED && (
          <p className="quiet small mt-2 mb-0">{t('lesson.thisFileIsLargeFor')}</p>
        )}
        <AddressCode home={homeOf(lesson, able, context, choice, made, {})} title={lesson.title} />
        {problem && (
          <p className="message mt-3" role="alert">
            {problem}
          </p>
        )}
      </Modal.Body>
      <Modal.Footer>
        <span className="quiet me-auto" role="status">
          {count === 0
            ? t('lesson.chooseAtLeastOneExercise')
            : page === undefined
              ? problem
                ? ''
                : t('lesson.building')
              : `${choice.parts.length} ${t('lesson.exercise2', { count: choice.parts.length })}${boards.length > 0 ? t('lesson.andBoardOfPieces', { count: boards.length }) : ''} · ${sizeOf(page)}`}
        </span>
        <Button
          disabled={page === undefined}
          onClick={() => {
            if (page === undefined) return;
            saveTakeHome(page, lesson.title);
            const { parts, marks, returned, names, heard, speaks } = choice;
            const withSound = choice.recordings ? { recordings: true } : {};
            const day = new Date().toISOString().slice(0, 10);
            const given = boards.length > 0 ? { boards: [...boards] } : {};
            const takeHome = {
              id: made,
              day,
              parts,
              ...given,
              marks,
              returned,
              names,
              heard,
              ...withSound,
              speaks,
            };
            send({ intent: 'gave-home', takeHome });
            onClose();
          }}
        >
          {t('lesson.saveTheFile')}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
