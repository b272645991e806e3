import { useState } from 'react';
import type { RoomQuestion } from '~core/room/show';
import { MOST_WORDS } from '~core/room/thoughts';
import { RingFace } from './RingPicture';
import { WallFace } from './WallFace';
import { t } from '~/phrases/t';

type Said = Readonly<Record<string, string>>;

/** One of several, chosen by a press. */
function OneOf({
  options,
  said,
  give,
}: {
  options: readonly string[];
  said: Said;
  give: (said: Said) => void;
}) {
  return (
    <div className="room-options" role="group" aria-label={t('room.chooseOne')}>
      {options.map((option) => (
        <button
          key={option}
          type="button"
          className="play-button"
          aria-pressed={said['said'] === option}
          onClick={() => give({ said: option })}
        >
          {option}
        </button>
      ))}
    </div>
  );
}

/** Words or a sentence, written. */
function Written({
  count,
  before,
  give,
}: {
  count: number;
  before: Said;
  give: (said: Said) => void;
}) {
  const [typed, setTyped] = useState(before);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        give(typed);
      }}
    >
      {Array.from({ length: count }, (_, at) => {
        const name = count === 1 ? 'said' : `said${at + 1}`;
        return (
          <label key={name} className="d-block mb-2">
            {t('room.whatYouThink2', { count, at: at + 1 })}
            <input
              className="form-control"
              maxLength={200}
              value={typed[name] ?? ''}
              onChange={(event) => setTyped({ ...typed, [name]: event.currentTarget.value })}
            />
          </label>
        );
      })}
      <button type="submit" className="play-button play-button--main">
        {t('room.sendIt')}
      </button>
    </form>
  );
}

/** A question on the spot, as a learner answers it. */
export function QuestionFace({
  question,
  kept,
  locked,
  answer,
}: {
  question: RoomQuestion;
  /** What was answered under a place. */
  kept: (place: string) => object | undefined;
  locked: boolean;
  answer: (place: string, response: object) => void;
}) {
  const { id, kind, text, options, picture } = question;
  const before = kept(id);
  const [said, setSaid] = useState((before ?? {}) as Said);
  const give = (response: Said) => {
    setSaid(response);
    answer(id, response);
  };
  return (
    <section className="card-paper room-question" inert={locked}>
      <h2>{text}</h2>
      {kind === 'choice' && <OneOf options={options} said={said} give={give} />}
      {(kind === 'words' || kind === 'open') && (
        <Written count={kind === 'words' ? MOST_WORDS : 1} before={said} give={give} />
      )}
      {kind === 'wall' && <WallFace question={id} kept={kept} answer={answer} />}
      {kind === 'ring' && picture !== undefined && (
        <RingFace picture={picture} kept={before} onRing={(ring) => answer(id, ring)} />
      )}
    </section>
  );
}
