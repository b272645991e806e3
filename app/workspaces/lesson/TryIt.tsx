import { useState } from 'react';
import type { Exercise } from '~core/exercises/making/exercise';
import type { TextMaterial } from '~core/texts/reading/text-material';
import { usualBehaviour } from '~core/practice/behaviour';
import { forLearner } from '~core/practice/for-learner';
import type { Accent } from '~core/kernel/accent';
import { useSpeaker } from '~/ui/speak';
import { begun, Play } from '~/faces/Play';
import { pictureAddress } from '~/ui/Picture';

/** The exercise as a learner meets it on a screen; nothing that is answered here is kept. */
export function TryIt({
  exercise,
  text,
  accent,
}: {
  exercise: Exercise;
  /** What it is made from. */
  text: TextMaterial | undefined;
  readonly accent: Accent;
}) {
  const [progress, setProgress] = useState(begun);
  const { say, problem } = useSpeaker();
  const learner = forLearner(exercise, true, text);
  const { spoken } = learner;
  return (
    <>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <Play
        exercise={learner}
        behaviour={usualBehaviour}
        progress={progress}
        onProgress={setProgress}
        picture={(name) => pictureAddress(name, 'colour')}
        hear={
          spoken &&
          ((item) => say({ text: spoken[item] ?? '', language: exercise.language, accent }))
        }
      />
    </>
  );
}
