import { useCallback, useEffect, useState } from 'react';
import { behaviourFrom, type Behaviour } from '~core/kernel/behaviour';
import { nameOf } from '~/phrases/name-of';
import type { Task } from '~core/exercises/interactions';
import { forLearner } from '~core/practice/for-learner';
import { speaks } from '~core/languages/registry/registry';
import type { ReadWriting } from '~/faces/kit/face-props';
import { begun, Play } from '~/faces/Play';
import { pictureAddress } from '~/ui/Picture';
import { useSpeaker } from '~/ui/speak';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import { BehaviourOptions } from './BehaviourOptions';
import type { ExercisePart, Send } from './built-part';
import { screenTextOf } from './screen-text';
import { t } from '~/phrases/t';

/** Items of the same kind, made only where another round asks for them. */
function useSpare({ part }: ExercisePart, context: PartContext, wanted: boolean): Task | undefined {
  const [spare, setSpare] = useState<Task>();
  useEffect(() => {
    if (!wanted) return undefined;
    let stale = false;
    void engine()
      .spare(part, context)
      .then((task) => {
        if (!stale) setSpare(task);
      });
    return () => {
      stale = true;
    };
  }, [part, context, wanted]);
  return spare;
}

/** How this exercise behaves, and whether its class usually has it so. */
function HowItPlays({
  open,
  context,
  behaviour,
  send,
}: {
  open: ExercisePart;
  context: PartContext;
  behaviour: Behaviour;
  send: Send;
}) {
  const { part } = open;
  const { profile } = context;
  const own = part.parameters.practice;
  const differs = JSON.stringify(behaviour) !== JSON.stringify(behaviourFrom(profile.practice));
  return (
    <details className="card-paper behaviour-card">
      <summary>
        {t('lesson.howItPlays', { which: own && differs ? t('lesson.setForThisExercise') : '' })}
      </summary>
      <BehaviourOptions
        behaviour={behaviour}
        bodyOf={(change) => ({
          intent: 'parameters',
          part: part.id,
          parameters: { practice: { ...own, ...change } },
          label: t('lesson.changedHowPlays', { title: open.exercise.title }),
        })}
        send={send}
      />
      {own && differs && (
        <p className="behaviour__usual">
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => send({ intent: 'practise-usually', part: part.id })}
          >
            {t('lesson.makeItUsualFor', { name: profile.name })}
          </button>{' '}
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() =>
              send({
                intent: 'parameters',
                part: part.id,
                parameters: { practice: null },
                label: t('lesson.tookBackHowPlays', { title: open.exercise.title }),
              })
            }
          >
            {t('lesson.backToUsualWay', nameOf(profile))}
          </button>
        </p>
      )}
    </details>
  );
}

/** The exercise as a learner meets it on a screen; nothing that is answered here is kept. */
export function TryIt({
  open,
  context,
  send,
}: {
  open: ExercisePart;
  context: PartContext;
  send: Send;
}) {
  const { exercise, part } = open;
  const [progress, setProgress] = useState(begun);
  const { say, problem } = useSpeaker();
  const behaviour = behaviourFrom(part.parameters.practice, context.profile.practice);
  const spare = useSpare(open, context, behaviour.again === 'new' && behaviour.feedback !== 'none');
  const learner = forLearner(exercise, true, screenTextOf(open, context), spare);
  const { spoken } = learner;
  const { profile } = context;
  const readWriting = useCallback<ReadWriting>(
    async (text, check) => {
      const { missing, requirements } = await engine().checkWriting(text, check, profile);
      return { missing, found: requirements.filter(({ met }) => met).map(({ says }) => says) };
    },
    [profile],
  );
  const { accent } = context.profile;
  return (
    <>
      <HowItPlays open={open} context={context} behaviour={behaviour} send={send} />
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <Play
        // Another behaviour begins anew; what is typed into its fields does not.
        key={JSON.stringify([
          exercise.task,
          behaviour.feedback,
          behaviour.oneByOne,
          behaviour.shuffle,
        ])}
        exercise={learner}
        behaviour={behaviour}
        progress={progress}
        onProgress={setProgress}
        picture={(name) => pictureAddress(name, 'colour')}
        readWriting={speaks(exercise.language, 'tagging') ? readWriting : undefined}
        hear={
          spoken &&
          ((item) => say({ text: '', language: exercise.language, ...spoken[item], accent }))
        }
      />
    </>
  );
}
