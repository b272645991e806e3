import { useState } from 'react';
import { BsVolumeUp } from 'react-icons/bs';
import { usePlayer } from '~/faces/kit/use-player';
import type { RecordingRecord } from '~core/records/recording-record';
import type { Lesson, Remark } from '~core/records/lesson';
import type { GivenExercise, Results } from '~core/results/results-of';
import { AutoField } from '~/ui/AutoField';
import type { Send } from '../lesson/built-part';
import { t } from '~/phrases/t';

interface OpenItem {
  readonly exercise: string;
  readonly item: string;
  readonly asked: string;
}

/** Items to which nothing is computed: what is written there is read, what is said is heard. */
const openItems = (exercises: readonly GivenExercise[]): OpenItem[] =>
  exercises.flatMap(({ id: exercise, title, task }) => {
    if (task.interaction === 'speak') {
      return task.items.map(({ id: item, word }) => ({ exercise, item, asked: word }));
    }
    if (task.interaction !== 'write') return [];
    return task.items
      .filter(({ open }) => open)
      .map(({ id: item, prompt }) => ({ exercise, item, asked: prompt || title }));
  });

/** Plays what was said, one learner after the other; a second press ends it. */
function PlayInRow({ sounds, of }: { sounds: readonly string[]; of: string }) {
  const player = usePlayer();
  const [at, setAt] = useState<number>();
  const play = (index: number) => {
    const sound = sounds[index];
    setAt(sound === undefined ? undefined : index);
    if (sound !== undefined) player.play(sound, () => play(index + 1));
  };
  const end = () => {
    player.stop();
    setAt(undefined);
  };
  return (
    <button
      type="button"
      className="btn btn-sm btn-outline-dark mb-2"
      onClick={() => (at === undefined ? play(0) : end())}
      aria-label={
        at === undefined ? t('results.playAllOf', { of }) : t('results.stopPlaying', { of })
      }
    >
      {at === undefined
        ? t('results.playAllInARow')
        : t('results.stopOf', { at: at + 1, sounds: sounds.length })}
    </button>
  );
}

const marks: readonly (readonly [Exclude<Remark['met'], ''>, string])[] = [
  ['met', t('results.asItShouldBe')],
  ['again', t('results.onceMore')],
];

function Answer({
  on,
  given,
  spoken,
  remark,
  send,
}: {
  on: { readonly learner: string; readonly exercise: string; readonly item: string };
  given: string;
  spoken: RecordingRecord | undefined;
  remark: Remark | undefined;
  send: Send;
}) {
  const { learner } = on;
  const player = usePlayer();
  return (
    <div>
      <dt>{learner}</dt>
      <dd>
        {spoken ? (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark mb-1"
            aria-label={t('results.hear', { learner })}
            onClick={() => player.play(spoken.sound)}
          >
            <BsVolumeUp aria-hidden="true" /> {spoken.seconds.toFixed(1)} s
          </button>
        ) : (
          <p className="learner-text mb-1">{given}</p>
        )}
        <div className="results-remark">
          <div
            role="group"
            aria-label={t('results.whatWroteIs', { learner })}
            className="d-flex gap-1"
          >
            {marks.map(([met, name]) => (
              <button
                key={met}
                type="button"
                className="btn btn-sm btn-outline-dark"
                aria-pressed={remark?.met === met}
                onClick={() =>
                  send({ intent: 'remark-met', ...on, met: remark?.met === met ? '' : met })
                }
              >
                {spoken && met === 'met' ? t('results.readAsItShouldBe') : name}
              </button>
            ))}
          </div>
          <AutoField
            label={t('results.aWordTo', { learner })}
            className="form-control form-control-sm"
            placeholder={t('results.aWordTo', { learner })}
            value={remark?.text ?? ''}
            payload={(text) => ({ intent: 'remark', ...on, text })}
          />
        </div>
      </dd>
    </div>
  );
}

/** Open answers, one learner after the other: read, marked, and answered with a word. Tab leads from one to the next. */
export function ToRead({
  lesson,
  results,
  exercises,
  recordings,
  send,
}: {
  lesson: Lesson;
  results: Results;
  exercises: readonly GivenExercise[];
  recordings: readonly RecordingRecord[];
  send: Send;
}) {
  const isOf = (open: OpenItem, each: { exercise: string; item: string }) =>
    each.exercise === open.exercise && each.item === open.item;
  const speaks = new Set(
    exercises.filter(({ task }) => task.interaction === 'speak').map(({ id }) => id),
  );
  const shown = openItems(exercises).flatMap((open) => {
    const answers = results.learners.flatMap(({ learner, items }) => {
      const spoken = recordings.find((each) => each.learner === learner && isOf(open, each));
      const written = speaks.has(open.exercise)
        ? undefined
        : items.find((each) => isOf(open, each))?.given;
      return spoken || written ? [{ learner, given: written ?? '', spoken }] : [];
    });
    return answers.length > 0 ? [{ ...open, answers }] : [];
  });
  if (shown.length === 0) return null;
  const remarkOn = (learner: string, { exercise, item }: OpenItem) =>
    lesson.remarks?.find(
      (each) => each.learner === learner && each.exercise === exercise && each.item === item,
    );
  const left = shown.reduce(
    (sum, open) => sum + open.answers.filter(({ learner }) => !remarkOn(learner, open)?.met).length,
    0,
  );
  return (
    <section className="card-paper" aria-label={t('results.toRead')}>
      <h2 className="h5">
        {recordings.length > 0 ? t('results.toReadAndToHear') : t('results.toRead')}
      </h2>
      <p className="quiet small">
        {t('results.whatYouWriteStandsOn', {
          which:
            left === 0 ? t('results.allAreRead') : t('results.answerNotMarkedYet', { count: left }),
        })}
      </p>
      {shown.map((open) => (
        <div key={`${open.exercise} ${open.item}`} className="mb-3">
          <h3 className="h6">{open.asked}</h3>
          {open.answers.some(({ spoken }) => spoken) && (
            <PlayInRow
              sounds={open.answers.flatMap(({ spoken }) => spoken?.sound ?? [])}
              of={open.asked}
            />
          )}
          <dl className="results-read">
            {open.answers.map(({ learner, given, spoken }) => (
              <Answer
                key={learner}
                on={{ learner, exercise: open.exercise, item: open.item }}
                given={given}
                spoken={spoken}
                remark={remarkOn(learner, open)}
                send={send}
              />
            ))}
          </dl>
        </div>
      ))}
    </section>
  );
}
