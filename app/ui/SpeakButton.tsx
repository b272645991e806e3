import { BsVolumeUp } from 'react-icons/bs';
import { useSpeaker, type Spoken } from './speak';

/** Says a word or a sound when pressed. */
export function SpeakButton({ spoken, name }: { spoken: Spoken; name: string }) {
  const { say, problem } = useSpeaker();
  return (
    <>
      <button
        type="button"
        className="icon-button icon-button--speak"
        aria-label={name}
        onClick={() => say(spoken)}
      >
        <BsVolumeUp aria-hidden="true" />
      </button>
      {problem && (
        <span className="message small" role="alert">
          {problem}
        </span>
      )}
    </>
  );
}
