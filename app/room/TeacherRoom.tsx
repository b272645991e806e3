import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import {
  BsArrowLeft,
  BsDoorClosed,
  BsEyeSlash,
  BsLock,
  BsPeople,
  BsQuestionLg,
} from 'react-icons/bs';
import { Link, useFetcher } from 'react-router';
import { pairsOf } from '~core/room/pairs';
import type { Member } from '~core/room/room-state';
import { paces, type Pace } from '~core/room/show';
import type { ActionAnswer } from '~/routes/action-answer';
import { AskClass } from './AskClass';
import { ExerciseThinks, QuestionThinks, useUnfit } from './ClassThinks';
import { rehearse } from './rehearsal';
import { RoomDoor, useRoomAddress } from './RoomDoor';
import type { RoomLesson } from './room-lesson';
import type { TeacherClient, TeacherSees } from './teacher-client';
import { forgetRoom, slipsOfRoom, useTeacherRoom } from './use-teacher-room';

/** Speeds of a rehearsal: as a class works, and faster for a look at it. */
const speeds = [
  [1, 'as a class works'],
  [8, 'eight times as fast'],
] as const;

function Members({
  sees,
  exercises,
  client,
}: {
  sees: TeacherSees;
  exercises: RoomLesson['exercises'];
  client: TeacherClient | undefined;
}) {
  const { members, answers } = sees.room;
  const unfit = useUnfit(members.map(({ name }) => name));
  const [shown, setShown] = useState<ReadonlySet<string>>(new Set());
  const done = (member: Member) =>
    exercises.filter(({ id }) => answers[member.id]?.[id] !== undefined).length;
  const nameOf = ({ id, name }: Member) =>
    name === ''
      ? 'somebody, choosing a name'
      : (unfit?.has(name) ?? false) && !shown.has(id)
        ? 'a name that was not shown'
        : name;
  return (
    <section aria-labelledby="room-members">
      <h2 className="h6" id="room-members">
        In the room · {members.filter(({ here }) => here).length}
      </h2>
      {members.length === 0 && <p className="quiet small">Nobody yet.</p>}
      <ul className="room-members">
        {members.map((member) => (
          <li key={member.id} className={member.here ? '' : 'room-members__away'}>
            <span>
              {nameOf(member)}
              {!member.here && <span className="quiet small"> · away</span>}
            </span>
            <span className="quiet small">
              {done(member)}/{exercises.length}
            </span>
            {nameOf(member) === 'a name that was not shown' && (
              <button
                type="button"
                className="btn btn-link btn-sm p-0"
                onClick={() => setShown(new Set([...shown, member.id]))}
              >
                Show
              </button>
            )}
            <button
              type="button"
              className="icon-button"
              aria-label={`Send ${nameOf(member)} out`}
              onClick={() => client?.sendOut(member.id)}
            >
              <BsDoorClosed aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Everybody gets a partner and a prompt on the screen. */
function Pairs({ sees, client }: { sees: TeacherSees; client: TeacherClient | undefined }) {
  const [prompt, setPrompt] = useState('');
  const [made, setMade] = useState<readonly string[]>([]);
  const pair = () => {
    const here = sees.room.members.filter((member) => member.here && member.name !== '');
    const pairs = pairsOf(here, Date.now() % 1_000_000);
    for (const together of pairs) {
      for (const member of together) {
        const partners = together.filter((each) => each !== member).map(({ name }) => name);
        client?.pair(member.id, { partners, prompt: prompt.trim() });
      }
    }
    setMade(pairs.map((together) => together.map(({ name }) => name).join(' and ')));
  };
  const end = () => {
    for (const { id } of sees.room.members) client?.pair(id, { partners: [], prompt: '' });
    setMade([]);
  };
  return (
    <details className="room-fold">
      <summary>Talk in pairs</summary>
      <label className="d-block my-2">
        About what
        <input
          className="form-control form-control-sm"
          maxLength={200}
          value={prompt}
          onChange={(event) => setPrompt(event.currentTarget.value)}
        />
      </label>
      <button type="button" className="btn btn-sm btn-dark" onClick={pair}>
        {made.length > 0 ? 'Others together' : 'Put them together'}
      </button>{' '}
      {made.length > 0 && (
        <button type="button" className="btn btn-sm btn-outline-dark" onClick={end}>
          End the talk
        </button>
      )}
      <ul className="small mt-2 mb-0" role="status">
        {made.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </details>
  );
}

/** A class that is not there comes in, so that the lesson can be tried alone. */
function Rehearsal({
  code,
  lesson: { content, exercises, profile, words },
}: {
  code: string;
  lesson: RoomLesson;
}) {
  const end = useRef<() => void>(undefined);
  const [running, setRunning] = useState(false);
  const [speed, setSpeed] = useState<number>(speeds[1][0]);
  useEffect(() => () => end.current?.(), []);
  const names = content.names ?? Array.from({ length: 12 }, (_, at) => `Learner ${at + 1}`);
  return (
    <details className="room-fold">
      <summary>Rehearse with a class that is not there</summary>
      <p className="small my-2">
        {names.length} made-up learners come in and answer, with typical errors of {profile.name}.
        Close the room afterwards without keeping what came.
      </p>
      <select
        className="form-select form-select-sm mb-2"
        aria-label="How fast they are"
        value={speed}
        disabled={running}
        onChange={(event) => setSpeed(Number(event.currentTarget.value))}
      >
        {speeds.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
      <button
        type="button"
        className="btn btn-sm btn-outline-dark"
        onClick={() => {
          if (running) end.current?.();
          else {
            end.current = rehearse({ code, names, exercises, words, speed, seed: 20_261_128 });
          }
          setRunning(!running);
        }}
      >
        {running ? 'They leave' : 'They come in'}
      </button>
    </details>
  );
}

/** How far each learner is, where they go on by themselves. */
function HowFar({ sees, exercises }: { sees: TeacherSees; exercises: RoomLesson['exercises'] }) {
  const { members, answers } = sees.room;
  return (
    <table className="room-far">
      <caption className="visually-hidden">How far each one is</caption>
      <thead>
        <tr>
          <th scope="col">Learner</th>
          {exercises.map(({ id, title }, index) => (
            <th key={id} scope="col" title={title}>
              {index + 1}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {members.map((member) => (
          <tr key={member.id}>
            <th scope="row">{member.name}</th>
            {exercises.map(({ id }) => {
              const kept = answers[member.id]?.[id];
              return <td key={id}>{kept ? Object.keys(kept.response).length : '·'}</td>;
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What becomes of what came in. */
function CloseRoom({
  count,
  onKeep,
  onNothing,
  onStay,
}: {
  count: number;
  onKeep: () => void;
  onNothing: () => void;
  onStay: () => void;
}) {
  return (
    <Modal show onHide={onStay} aria-labelledby="room-closing">
      <Modal.Header closeButton>
        <Modal.Title id="room-closing" className="h5">
          Close the room
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p className="mb-0">
          {count === 0
            ? 'Nothing was answered in it. Everybody leaves.'
            : `Everybody leaves. The answers of ${count} ${count === 1 ? 'learner' : 'learners'} can be kept with the lesson, as slips are; questions asked on the spot are not.`}
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-dark" onClick={onNothing}>
          Close, keep nothing
        </Button>
        {count > 0 && <Button onClick={onKeep}>Close, keep the answers of {count}</Button>}
      </Modal.Footer>
    </Modal>
  );
}

/** The teacher's side of a room: the way in, who is there, what the class thinks as it comes. */
export function TeacherRoom(lesson: RoomLesson) {
  const { content, exercises, left } = lesson;
  const { id, title } = lesson.lesson;
  const { sees, client } = useTeacherRoom(id, content);
  const fetcher = useFetcher<ActionAnswer>();
  const address = useRoomAddress();
  const [asking, setAsking] = useState(false);
  const [closing, setClosing] = useState(false);
  const [closed, setClosed] = useState(false);
  // What comes in fast is gathered for the eye.
  const seen = useDeferredValue(sees);
  const slips = useMemo(
    () => (seen ? slipsOfRoom(seen, id, exercises, Math.floor(Date.now() / 60_000)) : []),
    [seen, id, exercises],
  );
  if (!sees) return <div className="room-door">Opening the room …</div>;
  const { show, code, state, message, room } = sees;
  const open = exercises.find((each) => each.id === show.exercise);
  const tell = client.current;
  const set: TeacherClient['show'] = (changed) => tell?.show(changed);
  const here = room.members.filter((member) => member.here).length;
  const close = async (keep: boolean) => {
    if (keep && slips.length > 0) {
      await fetcher.submit({ slips } as never, { method: 'post', encType: 'application/json' });
    }
    await tell?.close();
    forgetRoom(id);
    setClosed(true);
  };
  if (closed) {
    const kept = fetcher.data?.ok ? fetcher.data.notes?.join(' ') : undefined;
    return (
      <div className="room-door">
        <div className="card-paper room-door__form">
          <h1>The room is closed</h1>
          <p role="status">
            {fetcher.data && !fetcher.data.ok
              ? fetcher.data.message
              : (kept ?? 'Nothing of it was kept.')}
          </p>
          <Link className="btn btn-primary" to={`/lessons/${id}/results`}>
            What came back
          </Link>
          <Link className="btn btn-outline-dark" to={`/lessons/${id}`}>
            Back to the lesson
          </Link>
        </div>
      </div>
    );
  }
  return (
    <div className="room-teacher">
      <header className="room-head">
        <Link to={`/lessons/${id}`} className="icon-button" aria-label="Back to the lesson">
          <BsArrowLeft aria-hidden="true" />
        </Link>
        <h1>{title}</h1>
        <label>
          <span className="visually-hidden">How they go on</span>
          <select
            className="form-select"
            value={show.pace}
            onChange={(event) => set({ pace: event.currentTarget.value as Pace })}
          >
            {Object.entries(paces).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Button
          variant="outline-dark"
          aria-pressed={show.locked}
          onClick={() => set({ locked: !show.locked })}
        >
          <BsLock aria-hidden="true" /> {show.locked ? 'Open the answers' : 'Close the answers'}
        </Button>
        <Button
          variant="outline-dark"
          aria-pressed={show.paused}
          onClick={() => set({ paused: !show.paused })}
        >
          <BsEyeSlash aria-hidden="true" /> {show.paused ? 'Screens on' : 'Look up'}
        </Button>
        <Button variant="outline-dark" onClick={() => setAsking(true)}>
          <BsQuestionLg aria-hidden="true" /> Ask the class …
        </Button>
        <Button onClick={() => setClosing(true)}>Close the room …</Button>
      </header>
      {(message || state === 'away') && (
        <p className="message m-3" role="alert">
          {message} The lesson goes on at the board meanwhile.
        </p>
      )}
      {left.length > 0 && (
        <p className="message message--note m-3">
          Not in the room, because it cannot be made: {left.join(', ')}.
        </p>
      )}
      {closing && (
        <CloseRoom
          count={slips.length}
          onKeep={() => void close(true)}
          onNothing={() => void close(false)}
          onStay={() => setClosing(false)}
        />
      )}
      {asking && (
        <AskClass
          onAsk={(question) => {
            set({ question });
            setAsking(false);
          }}
          onClose={() => setAsking(false)}
        />
      )}
      <div className="room-layout">
        <div>
          {code && <RoomDoor code={code} address={address} />}
          <section aria-labelledby="room-parts">
            <h2 className="h6" id="room-parts">
              {show.pace === 'teacher' ? 'Everybody is at' : 'They begin at'}
            </h2>
            <ul className="room-parts">
              {exercises.map((each) => (
                <li key={each.id}>
                  <button
                    type="button"
                    aria-pressed={each.id === show.exercise && !show.question}
                    onClick={() =>
                      set({ exercise: each.id, question: undefined, looked: undefined })
                    }
                  >
                    {each.title}
                  </button>
                </li>
              ))}
              {exercises.length === 0 && (
                <li className="quiet small">The lesson has no exercise. You can still ask.</li>
              )}
            </ul>
          </section>
          <Pairs sees={sees} client={tell} />
          {code && <Rehearsal code={code} lesson={lesson} />}
        </div>
        <div className="card-paper">
          {show.looked !== undefined && (
            <div className="room-looked">
              <p className="quiet small mb-1">All look at this answer:</p>
              <p className="learner-text">{show.looked}</p>
              <button
                type="button"
                className="btn btn-sm btn-outline-dark"
                onClick={() => set({ looked: undefined })}
              >
                Take it away
              </button>
            </div>
          )}
          {room.members.length === 0 ? (
            code && <RoomDoor code={code} address={address} large />
          ) : show.question ? (
            <QuestionThinks
              key={show.question.id}
              question={show.question}
              room={(seen ?? sees).room}
              look={(looked) => set({ looked })}
            />
          ) : open ? (
            <>
              <ExerciseThinks
                key={open.id}
                exercise={open}
                slips={slips}
                here={here}
                look={(looked) => set({ looked })}
              />
              {show.pace !== 'teacher' && <HowFar sees={seen ?? sees} exercises={exercises} />}
            </>
          ) : (
            <p className="quiet">Open an exercise, or ask the class something.</p>
          )}
        </div>
        <div>
          <p className="quiet small">
            <BsPeople aria-hidden="true" /> Names stand here alone; beside answers there are none.
          </p>
          <Members sees={sees} exercises={exercises} client={tell} />
        </div>
      </div>
    </div>
  );
}
