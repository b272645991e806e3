import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { usualBehaviour } from '~core/kernel/behaviour';
import { NAME_LENGTH } from '~core/room/messages';
import type { RoomExercise, RoomQuestion } from '~core/room/show';
import { MOST_WORDS } from '~core/room/thoughts';
import type { AnyResponse } from '~/faces/Face';
import { begun, Play } from '~/faces/Play';
import { pictureAddress } from '~/ui/Picture';
import type { LearnerSees } from './learner-client';
import { readWork, useLearnerRoom, writeWork } from './use-learner-room';

/** Milliseconds after the last stroke when an answer goes off. */
const SETTLED = 400;

type Answer = (exercise: string, response: AnyResponse, print?: string) => void;

function WhoAmI({
  names,
  onName,
}: {
  names: readonly string[] | undefined;
  onName: (name: string) => void;
}) {
  const [name, setName] = useState('');
  const [own, setOwn] = useState(names === undefined);
  return (
    <form
      className="card-paper room-door__form"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') onName(name.trim());
      }}
    >
      <h1>Who are you?</h1>
      {own || names === undefined ? (
        <label>
          My first name
          <input
            className="form-control"
            autoComplete="off"
            maxLength={NAME_LENGTH}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          />
        </label>
      ) : (
        <label>
          My name
          <select
            className="form-select"
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          >
            <option value="">choose …</option>
            {names.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
      )}
      {names !== undefined && (
        <button type="button" className="btn btn-link p-0" onClick={() => setOwn(!own)}>
          {own ? 'Choose from the class' : 'I am not in the list'}
        </button>
      )}
      <button type="submit" className="play-button play-button--main" disabled={name.trim() === ''}>
        That is me
      </button>
    </form>
  );
}

/** One exercise; every settled answer goes off by itself. */
function Exercise({
  given,
  kept,
  locked,
  answer,
}: {
  given: RoomExercise;
  kept: AnyResponse | undefined;
  locked: boolean;
  answer: Answer;
}) {
  const [progress, setProgress] = useState({ ...begun, ...(kept ? { response: kept } : {}) });
  const sent = useRef(JSON.stringify(progress.response));
  useEffect(() => {
    const now = JSON.stringify(progress.response);
    if (now === sent.current) return undefined;
    const timer = setTimeout(() => {
      sent.current = now;
      answer(given.id, progress.response, given.print);
    }, SETTLED);
    return () => clearTimeout(timer);
    // It is sent once for each change of the response.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [progress.response]);
  return (
    <div inert={locked}>
      <Play
        exercise={given.exercise}
        behaviour={{ ...usualBehaviour, feedback: 'none' }}
        progress={progress}
        onProgress={setProgress}
        picture={(name) => pictureAddress(name, 'colour')}
      />
    </div>
  );
}

function Question({
  question,
  kept,
  locked,
  answer,
}: {
  question: RoomQuestion;
  kept: AnyResponse | undefined;
  locked: boolean;
  answer: Answer;
}) {
  const before = (kept ?? {}) as Readonly<Record<string, string>>;
  const [said, setSaid] = useState(before);
  const give = (response: Readonly<Record<string, string>>) => {
    setSaid(response);
    answer(question.id, response as AnyResponse);
  };
  const count = question.kind === 'words' ? MOST_WORDS : 1;
  const [typed, setTyped] = useState(before);
  return (
    <section className="card-paper room-question" inert={locked}>
      <h2>{question.text}</h2>
      {question.kind === 'choice' ? (
        <div className="room-options" role="group" aria-label="Choose one">
          {question.options.map((option) => (
            <button
              key={option}
              type="button"
              className="play-button"
              aria-pressed={said.said === option}
              onClick={() => give({ said: option })}
            >
              {option}
            </button>
          ))}
        </div>
      ) : (
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
                {count === 1 ? 'What you think' : `Word ${at + 1}`}
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
            Send it
          </button>
        </form>
      )}
    </section>
  );
}

/** Whether what was answered is with the teacher. */
function Standing({ sees }: { sees: LearnerSees }) {
  const { state, waiting, message } = sees;
  const away = state === 'away';
  return (
    <p
      className={`room-standing${away || waiting > 0 ? ' room-standing--waits' : ''}`}
      role="status"
    >
      {away
        ? waiting > 0
          ? 'No connection. Your answers are kept here, and go off by themselves.'
          : message || 'No connection. You can go on: answers are kept here.'
        : waiting > 0
          ? 'On its way …'
          : 'With your teacher'}
    </p>
  );
}

/** The class's side of a room: whatever the teacher opens, to be answered. */
export function LearnerRoom({ code }: { code: string }) {
  const { sees, client } = useLearnerRoom(code);
  const [work, setWork] = useState(() => readWork(code));
  const [at, setAt] = useState<string>();
  const answer: Answer = (exercise, response, print) => {
    const next = { ...work, [exercise]: response };
    setWork(next);
    writeWork(code, next);
    client.current?.answer(exercise, response as Readonly<Record<string, unknown>>, print);
  };
  const refused = sees?.state === 'refused' || sees?.state === 'closed';
  if (!sees || refused || !sees.content || !sees.show) {
    return (
      <div className="room-door">
        <div className="card-paper room-door__form">
          <h1>{refused ? 'You are not in the room' : 'Coming in …'}</h1>
          <p role="status">
            {refused ? sees?.message : 'Your teacher’s screen opens the room. Wait a moment.'}
          </p>
          {refused && (
            <Link className="play-button play-button--main" to="/room">
              Another code
            </Link>
          )}
        </div>
      </div>
    );
  }
  const { content, show, pair, name } = sees;
  if (name === '') {
    return (
      <div className="room-door">
        <WhoAmI names={content.names} onName={(chosen) => client.current?.choose(chosen)} />
      </div>
    );
  }
  if (show.paused) {
    return (
      <div className="room-door room-door--dark">
        <h1>Look up</h1>
        <p>Your answers are kept.</p>
      </div>
    );
  }
  const together = show.pace === 'teacher';
  const open = content.exercises.find(
    ({ id }) => id === (together ? show.exercise : (at ?? show.exercise)),
  );
  return (
    <div className="room-learner">
      <header className="room-head">
        <strong>{name}</strong>
        <h1 className="room-head__lesson">{content.title}</h1>
        <Standing sees={sees} />
      </header>
      {pair && pair.partners.length > 0 && (
        <section className="card-paper room-pair" aria-label="Talk in pairs">
          <p>
            Talk with <strong>{pair.partners.join(' and ')}</strong>
          </p>
          {pair.prompt && <p className="room-pair__prompt">{pair.prompt}</p>}
        </section>
      )}
      {show.looked !== undefined && (
        <section className="card-paper room-looked" aria-label="One answer, for all to look at">
          <p className="quiet small mb-1">One answer. What do you think of it?</p>
          <p className="learner-text">{show.looked}</p>
        </section>
      )}
      {show.locked && (
        <p className="message message--note" role="status">
          Closed for now: what you answered is kept.
        </p>
      )}
      <div>
        {show.question ? (
          <Question
            key={show.question.id}
            question={show.question}
            kept={work[show.question.id]}
            locked={show.locked}
            answer={answer}
          />
        ) : open ? (
          <>
            {!together && (
              <nav aria-label="Exercises" className="room-steps">
                {content.exercises.map((each, index) => (
                  <button
                    key={each.id}
                    type="button"
                    aria-current={each.id === open.id ? 'step' : undefined}
                    onClick={() => setAt(each.id)}
                  >
                    {index + 1}
                    <span className="visually-hidden"> {each.exercise.title}</span>
                    {work[each.id] ? ' ·' : ''}
                  </button>
                ))}
              </nav>
            )}
            <Exercise
              key={open.id}
              given={open}
              kept={work[open.id]}
              locked={show.locked}
              answer={answer}
            />
          </>
        ) : (
          <p className="room-door">Nothing is open yet. Look at the board.</p>
        )}
      </div>
    </div>
  );
}
