import { useState } from 'react';
import type { Exercise } from '~core/exercises/making/exercise';
import type { TextMaterial } from '~core/texts/reading/text-material';
import { usualBehaviour } from '~core/practice/behaviour';
import { forLearner } from '~core/practice/for-learner';
import { begun, Play } from '~/faces/Play';
import { pictureAddress } from '~/ui/Picture';

/** The exercise as a learner meets it on a screen; nothing that is answered here is kept. */
export function TryIt({
  exercise,
  text,
}: {
  exercise: Exercise;
  /** What it is made from. */
  text: TextMaterial | undefined;
}) {
  const [progress, setProgress] = useState(begun);
  return (
    <Play
      exercise={forLearner(exercise, true, text)}
      behaviour={usualBehaviour}
      progress={progress}
      onProgress={setProgress}
      picture={(name) => pictureAddress(name, 'colour')}
    />
  );
}
