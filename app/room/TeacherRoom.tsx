import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsArrowLeft, BsEyeSlash, BsEasel, BsLock, BsPeople, BsQuestionLg } from 'react-icons/bs';
import { Link, useFetcher } from 'react-router';
import type { Task } from '~core/exercises/interactions';
import type { Post } from '~core/room/posts';
import { paces, type Pace } from '~core/room/show';
import type { ActionAnswer } from '~/routes/action-answer';
import { AskClass } from './AskClass';
import { CallDesk } from './CallBoard';
import { ExerciseThinks, QuestionThinks } from './ClassThinks';
import { CloseRoom } from './CloseRoom';
import { Games } from './Games';
import { HowFar } from './HowFar';
import { Members } from './Members';
import { Pairs } from './Pairs';
import { PostView } from './PostView';
import { Rehearsal } from './Rehearsal';
import { RoomDoor, useRoomAddress } from './RoomDoor';
import type { RoomLesson } from './room-lesson';
import { NewSlate, SlateBoard } from './SlateBoard';
import type { TeacherClient, TeacherSees } from './teacher-client';
import { forgetRoom, slipsOfRoom, useTeacherRoom } from './use-teacher-room';
import { RingThinks, WallThinks } from './WallThinks';
import { t } from '~/phrases/t';

/** What stands in the middle: the slate, what is said to a question, or what is answered. */
function Middle({
  sees,
  seen,
  exercises,
  slips,
  client,
}: {
  sees: TeacherSees;
  /** As it was a moment ago, for the eye. */
  seen: TeacherSees;
  exercises: RoomLesson['exercises'];
  slips: readonly string[];
  client: TeacherClient | undefined;
}) {
  const { show, room } = sees;
  const look = (looked: Post) => client?.show({ looked });
  const lookAt = (text: string) => look({ kind: 'text', text });
  const { slate, question } = show;
  if (show.call && sees.calling) {
    return <CallDesk call={show.call} calling={sees.calling} sees={sees} client={client} />;
  }
  if (slate) return <SlateBoard slate={slate} sees={sees} client={client} />;
  if (question?.kind === 'wall') {
    return (
      <WallThinks
        key={question.id}
        question={question}
        room={seen.room}
        wall={show.wall}
        look={look}
        share={(wall) => client?.show({ wall })}
      />
    );
  }
  if (question?.kind === 'ring') {
    return <RingThinks key={question.id} question={question} room={seen.room} />;
  }
  if (question) {
    return <QuestionThinks key={question.id} question={question} room={seen.room} look={lookAt} />;
  }
  const open = exercises.find((each) => each.id === show.exercise);
  if (!open) return <p className="quiet">{t('room.openAnExerciseOrAsk')}</p>;
  return (
    <>
      <ExerciseThinks
        key={open.id}
        exercise={open}
        slips={slips}
        here={room.members.filter((member) => member.here).length}
        look={lookAt}
      />
      {show.pace !== 'teacher' && <HowFar sees={seen} exercises={exercises} />}
    </>
  );
}

/** The teacher's side of a room: the way in, who is there, what the class thinks as it comes. */
export function TeacherRoom(lesson: RoomLesson) {
  const { content, left, versions } = lesson;
  const { id, title } = lesson.lesson;
  const { sees, client } = useTeacherRoom(id, content);
  const fetcher = useFetcher<ActionAnswer>();
  const address = useRoomAddress();
  const [asking, setAsking] = useState(false);
  const [closing, setClosing] = useState(false);
  const [closed, setClosed] = useState(false);
  const [slating, setSlating] = useState(false);
  const [tasks, setTasks] = useState<Readonly<Record<string, readonly Task[]>>>({});
  // Made once the room is there: few learners need them, and not at once.
  useEffect(() => {
    let stale = false;
    void versions().then(({ content: made, tasks: keyed }) => {
      if (stale) return;
      client.current?.withVersions(made);
      setTasks(keyed);
    });
    return () => {
      stale = true;
    };
    // A room is opened with the lesson as it is then.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);
  const exercises = useMemo(
    () => lesson.exercises.map((each) => ({ ...each, versions: tasks[each.id] ?? [] })),
    [lesson.exercises, tasks],
  );
  // What comes in fast is gathered for the eye.
  const seen = useDeferredValue(sees);
  const slips = useMemo(
    () => (seen ? slipsOfRoom(seen, id, exercises, Math.floor(Date.now() / 60_000)) : []),
    [seen, id, exercises],
  );
  if (!sees) return <div className="room-door">{t('room.openingTheRoom')}</div>;
  const { show, code, state, message, room } = sees;
  const open = exercises.find((each) => each.id === show.exercise);
  const tell = client.current;
  const set: TeacherClient['show'] = (changed) => tell?.show(changed);
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
          <h1>{t('room.theRoomIsClosed2')}</h1>
          <p role="status">
            {fetcher.data && !fetcher.data.ok
              ? fetcher.data.message
              : (kept ?? t('room.nothingOfItWasKept'))}
          </p>
          <Link className="btn btn-primary" to={`/lessons/${id}/results`}>
            {t('room.whatCameBack')}
          </Link>
          <Link className="btn btn-outline-dark" to={`/lessons/${id}`}>
            {t('room.backToTheLesson')}
          </Link>
        </div>
      </div>
    );
  }
  return (
    <div className="room-teacher">
      <header className="room-head">
        <Link to={`/lessons/${id}`} className="icon-button" aria-label={t('room.backToTheLesson')}>
          <BsArrowLeft aria-hidden="true" />
        </Link>
        <h1>{title}</h1>
        <label>
          <span className="visually-hidden">{t('room.howTheyGoOn')}</span>
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
          <BsLock aria-hidden="true" />{' '}
          {show.locked ? t('room.openTheAnswers') : t('room.closeTheAnswers')}
        </Button>
        <Button
          variant="outline-dark"
          aria-pressed={show.paused}
          onClick={() => set({ paused: !show.paused })}
        >
          <BsEyeSlash aria-hidden="true" /> {show.paused ? t('room.screensOn') : t('room.lookUp')}
        </Button>
        <Button variant="outline-dark" onClick={() => setAsking(true)}>
          <BsQuestionLg aria-hidden="true" /> {t('room.askTheClass2')}
        </Button>
        <Button variant="outline-dark" onClick={() => setSlating(true)}>
          <BsEasel aria-hidden="true" /> {t('room.slate')}
        </Button>
        <Button onClick={() => setClosing(true)}>{t('room.closeTheRoom2')}</Button>
      </header>
      {(message || state === 'away') && (
        <p className="message m-3" role="alert">
          {t('room.theLessonGoesOnAt', { message })}
        </p>
      )}
      {left.length > 0 && (
        <p className="message message--note m-3">
          {t('room.notInTheRoomBecause', { left: left.join(', ') })}
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
            if (show.slate) tell?.slate(undefined);
            set({ question, wall: undefined, looked: undefined, call: undefined });
            setAsking(false);
          }}
          onClose={() => setAsking(false)}
          pictures={lesson.pictures}
        />
      )}
      {slating && (
        <NewSlate
          onOpen={(slate) => {
            tell?.slate(slate);
            setSlating(false);
          }}
          onClose={() => setSlating(false)}
        />
      )}
      <div className="room-layout">
        <div>
          {code && <RoomDoor code={code} address={address} />}
          <section aria-labelledby="room-parts">
            <h2 className="h6" id="room-parts">
              {show.pace === 'teacher' ? t('room.everybodyIsAt') : t('room.theyBeginAt')}
            </h2>
            <ul className="room-parts">
              {exercises.map((each) => (
                <li key={each.id}>
                  <button
                    type="button"
                    aria-pressed={
                      each.id === show.exercise && !show.question && !show.slate && !show.call
                    }
                    onClick={() => {
                      if (show.slate) tell?.slate(undefined);
                      set({
                        exercise: each.id,
                        question: undefined,
                        wall: undefined,
                        looked: undefined,
                        call: undefined,
                      });
                    }}
                  >
                    {each.title}
                  </button>
                </li>
              ))}
              {exercises.length === 0 && (
                <li className="quiet small">{t('room.theLessonHasNoExercise')}</li>
              )}
            </ul>
          </section>
          <Pairs sees={sees} client={tell} />
          <Games sees={sees} lesson={lesson} exercise={open} client={tell} />
          {code && <Rehearsal code={code} lesson={lesson} />}
        </div>
        <div className="card-paper">
          {show.looked !== undefined && (
            <div className="room-looked">
              <p className="quiet small mb-1">{t('room.allLookAtThisAnswer')}</p>
              <PostView post={show.looked} />
              <button
                type="button"
                className="btn btn-sm btn-outline-dark"
                onClick={() => set({ looked: undefined })}
              >
                {t('room.takeItAway')}
              </button>
            </div>
          )}
          {room.members.length === 0 ? (
            code && <RoomDoor code={code} address={address} large />
          ) : (
            <Middle
              sees={sees}
              seen={seen ?? sees}
              exercises={exercises}
              slips={slips}
              client={tell}
            />
          )}
        </div>
        <div>
          <p className="quiet small">
            <BsPeople aria-hidden="true" /> {t('room.namesStandHereAloneBeside')}
          </p>
          <Members sees={sees} exercises={exercises} client={tell} />
        </div>
      </div>
    </div>
  );
}
