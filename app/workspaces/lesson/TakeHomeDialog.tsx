import { useEffect, useId, useState } from 'react';
import { Button, Form, Modal } from 'react-bootstrap';
import type { Lesson } from '~core/records/lesson';
import { learnerCopy } from '~core/exercises/interactions';
import { usualBehaviour, type Behaviour } from '~core/practice/behaviour';
import { phrases } from '~core/practice/phrases';
import { forLearner } from '~core/practice/for-learner';
import { printOf } from '~core/practice/slip';
import type { TakeHome } from '~core/practice/take-home';
import { spokenOf } from '~core/practice/spoken';
import { saveTakeHome, sizeOf, takeHomeFile, type SpokenItem } from '~/documents/take-home-file';
import type { PartContext } from '~/workers/part-builder';
import { titleOf, type ExercisePart } from './built-part';
import { screenTextOf } from './screen-text';

interface Choice {
  /** Ids of the exercises that go home. */
  readonly parts: readonly string[];
  /** It marks itself; or it is a test, and no answer is in it. */
  readonly marks: boolean;
  readonly returned: boolean;
  readonly names: boolean;
  readonly tries: number;
  /** The language of buttons and messages. */
  readonly speaks: string;
}

/** What stands in the file. */
function homeOf(
  lesson: Lesson,
  exercises: readonly ExercisePart[],
  context: PartContext,
  choice: Choice,
  made: string,
): Omit<TakeHome, 'pictures'> {
  const behaviour: Behaviour = {
    ...usualBehaviour,
    tries: choice.tries,
    feedback: choice.marks ? 'check' : 'none',
  };
  return {
    version: 1,
    title: lesson.title,
    className: context.profile.name,
    lesson: lesson.id,
    made,
    speaks: choice.speaks,
    behaviour,
    returned: choice.returned || !choice.marks,
    learners: choice.names ? context.profile.roster.map(({ name }) => name) : [],
    exercises: exercises
      .filter(({ part }) => choice.parts.includes(part.id))
      .map((open) => ({
        id: open.part.id,
        print: printOf(learnerCopy(open.exercise.task)),
        exercise: forLearner(open.exercise, choice.marks, screenTextOf(open, context)),
      })),
  };
}

/** What is to be heard in the file: dictations, whether it marks itself or not. */
const spokenFor = (
  exercises: readonly ExercisePart[],
  { parts }: Choice,
  { profile }: PartContext,
): SpokenItem[] =>
  exercises
    .filter(({ part }) => parts.includes(part.id))
    .flatMap(({ part, exercise }) =>
      Object.entries(spokenOf(exercise.task)).map(([item, text]) => ({
        key: `${part.id} ${item}`,
        text,
        language: exercise.language,
        accent: profile.accent,
      })),
    );

/** The lesson's exercises as one file that runs anywhere, with no network and no account. */
export function TakeHomeDialog({
  lesson,
  exercises,
  context,
  onClose,
}: {
  lesson: Lesson;
  exercises: readonly ExercisePart[];
  context: PartContext;
  onClose: () => void;
}) {
  const id = useId();
  const able = exercises.filter(({ exercise }) => exercise.short === undefined);
  const [choice, setChoice] = useState<Choice>({
    parts: able.map(({ part }) => part.id),
    marks: true,
    returned: true,
    names: context.profile.roster.length > 0,
    tries: usualBehaviour.tries,
    speaks: 'en',
  });
  const [page, setPage] = useState<string>();
  const [problem, setProblem] = useState('');
  const [made] = useState(() => Date.now().toString(36));
  const set = (next: Partial<Choice>) => setChoice({ ...choice, ...next });
  useEffect(() => {
    let stale = false;
    setPage(undefined);
    if (choice.parts.length === 0) return undefined;
    takeHomeFile(homeOf(lesson, able, context, choice, made), spokenFor(able, choice, context))
      .then((built) => {
        if (!stale) setPage(built);
      })
      .catch(() => {
        if (!stale) {
          setProblem(
            'The file could not be built: a piece of Wordane cannot be had. Connect once, load the page again, and try again.',
          );
        }
      });
    return () => {
      stale = true;
    };
    // The exercises are those of the lesson as it was when this was opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [choice]);
  return (
    <Modal show onHide={onClose} centered scrollable aria-labelledby={`${id}-title`}>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id={`${id}-title`} className="h5">
          Take it home
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>
          One file with these exercises. It opens in any browser, from a memory stick, an e-mail or
          a phone, with no network and no account. What a learner does is kept on her device.
        </p>
        <fieldset className="mb-3">
          <legend className="h6">What goes home</legend>
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
          {able.length === 0 && <p>No exercise of this lesson is ready yet.</p>}
        </fieldset>
        <fieldset className="mb-3">
          <legend className="h6">Marks</legend>
          <Form.Check
            type="radio"
            name={`${id}-marks`}
            id={`${id}-practice`}
            label="Practice: the file checks answers, gives hints, and shows the answers after the tries"
            checked={choice.marks}
            onChange={() => set({ marks: true })}
          />
          <Form.Check
            type="radio"
            name={`${id}-marks`}
            id={`${id}-test`}
            label="A test: no answer is in the file; it is marked when it comes back"
            checked={!choice.marks}
            onChange={() => set({ marks: false, returned: true })}
          />
          {choice.marks && (
            <label className="d-flex gap-2 align-items-center mt-2">
              Tries before the answers can be seen
              <input
                type="number"
                className="form-control form-control-sm w-auto"
                min={1}
                max={9}
                value={choice.tries}
                onChange={(event) =>
                  set({ tries: Math.min(9, Math.max(1, Number(event.currentTarget.value) || 1)) })
                }
              />
            </label>
          )}
        </fieldset>
        <label className="d-flex gap-2 align-items-center mb-3">
          Buttons and messages in
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
          <legend className="h6">Coming back</legend>
          <Form.Check
            id={`${id}-returned`}
            label="It asks for the learner’s name, and gives a slip to hand in"
            checked={choice.returned || !choice.marks}
            disabled={!choice.marks}
            onChange={(event) => set({ returned: event.currentTarget.checked })}
          />
          {context.profile.roster.length > 0 && (choice.returned || !choice.marks) && (
            <Form.Check
              id={`${id}-names`}
              label={`The names of ${context.profile.name} are in the file, to choose from`}
              checked={choice.names}
              onChange={(event) => set({ names: event.currentTarget.checked })}
            />
          )}
        </fieldset>
        {problem && (
          <p className="message mt-3" role="alert">
            {problem}
          </p>
        )}
      </Modal.Body>
      <Modal.Footer>
        <span className="quiet me-auto" role="status">
          {choice.parts.length === 0
            ? 'Choose at least one exercise.'
            : page === undefined
              ? problem
                ? ''
                : 'Building …'
              : `${choice.parts.length} ${choice.parts.length === 1 ? 'exercise' : 'exercises'} · ${sizeOf(page)}`}
        </span>
        <Button
          disabled={page === undefined}
          onClick={() => {
            if (page !== undefined) saveTakeHome(page, lesson.title);
            onClose();
          }}
        >
          Save the file
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
