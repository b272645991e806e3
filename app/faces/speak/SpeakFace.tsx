import { BsCheckLg } from 'react-icons/bs';
import type { SpeakResponse, SpeakTask } from '~core/exercises/interactions/speak/task';
import type { FaceProps } from '../kit/face-props';

/** Each word is read aloud, and ticked when it was. */
export function SpeakFace(props: FaceProps<SpeakTask, SpeakResponse>) {
  const { task, response, onResponse, locked } = props;
  return (
    <ol className="play-speak">
      {task.items.map((item) => {
        const said = response[item.id] === true;
        return (
          <li key={item.id}>
            <button
              type="button"
              className="piece piece--word"
              aria-pressed={said}
              disabled={locked}
              onClick={() => onResponse({ ...response, [item.id]: !said })}
            >
              {item.word}
              {said && <BsCheckLg aria-label="said" />}
            </button>
          </li>
        );
      })}
    </ol>
  );
}
