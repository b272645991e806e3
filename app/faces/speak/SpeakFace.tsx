import { BsCheckLg, BsMic, BsStopFill, BsVolumeUp } from 'react-icons/bs';
import type { SpeakResponse, SpeakTask } from '~core/exercises/interactions/speak/task';
import type { FaceProps } from '../kit/face-props';
import { usePlayer } from '../kit/use-player';
import { usePhrases } from '../kit/use-phrases';
import { useRecorder } from './use-recorder';

type SpeakProps = FaceProps<SpeakTask, SpeakResponse>;

/** The word, ticked when it was read. */
function Word({
  item,
  said,
  locked,
  onToggle,
}: {
  item: SpeakTask['items'][number];
  said: boolean;
  locked: boolean;
  onToggle: () => void;
}) {
  return (
    <button
      type="button"
      className="piece piece--word"
      aria-pressed={said}
      disabled={locked}
      onClick={onToggle}
    >
      {item.word}
      {said && <BsCheckLg aria-label="said" />}
    </button>
  );
}

/** Each word is read aloud, and ticked when it was; what is to be handed in can be recorded. */
export function SpeakFace({
  task,
  response,
  onResponse,
  locked,
  recordings,
  onRecording,
}: SpeakProps) {
  const says = usePhrases();
  const player = usePlayer();
  const recorder = useRecorder((item, spoken) =>
    onRecording?.(item, spoken, { ...response, [item]: true }),
  );
  return (
    <>
      {recorder.refused && (
        <p className="play-note" role="alert">
          {says.noMicrophone}
        </p>
      )}
      <ol className="play-speak">
        {task.items.map((item) => {
          const spoken = recordings?.[item.id];
          const here = recorder.item === item.id;
          return (
            <li key={item.id}>
              <Word
                item={item}
                said={response[item.id] === true}
                locked={locked}
                onToggle={() => onResponse({ ...response, [item.id]: response[item.id] !== true })}
              />
              {onRecording && (
                <span className="play-speak__sound">
                  <button
                    type="button"
                    className={`play-button${here ? ' play-button--main' : ''}`}
                    disabled={locked}
                    aria-label={`${here ? says.stop : says.record}: ${item.word}`}
                    onClick={() => (here ? recorder.stop() : recorder.start(item.id))}
                  >
                    {here ? <BsStopFill aria-hidden="true" /> : <BsMic aria-hidden="true" />}{' '}
                    {here ? says.stop : says.record}
                  </button>
                  {spoken && !here && (
                    <button
                      type="button"
                      className="play-button"
                      aria-label={`${says.listenAgain}: ${item.word}`}
                      onClick={() => player.play(spoken.sound)}
                    >
                      <BsVolumeUp aria-hidden="true" /> {Math.max(1, Math.round(spoken.seconds))} s
                    </button>
                  )}
                </span>
              )}
            </li>
          );
        })}
      </ol>
    </>
  );
}
