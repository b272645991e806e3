import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { usualBehaviour } from '~core/kernel/behaviour';
import { NAME_LENGTH } from '~core/room/messages';
import type { Stroke } from '~core/board/drawn';
import type { GameMove } from '~core/room/games/rules';
import { gamePlace } from '~core/room/games/table';
import { fitsAnswer, slatePlace } from '~core/room/posts';
import { callPlace, marksFrom } from '~core/room/word-boards';
import type { RoomExercise, RoomShow } from '~core/room/show';
import type { AnyResponse } from '~/faces/Face';
import { begun, Play } from '~/faces/Play';
import { pictureAddress } from '~/ui/Picture';
import { WordBoard } from './CallBoard';
import { DrawPad } from './DrawPad';
import { GameFace } from './GameFace';
import type { LearnerSees } from './learner-client';
import { PostView } from './PostView';
import { QuestionFace } from './QuestionFace';
import { readWork, useLearnerRoom, writeWork } from './use-learner-room';
import { t } from '~/phrases/t';

/** Milliseconds after the last stroke when an answer goes off. */
const SETTLED = 400;

type Answer = (exercise: string, response: AnyResponse, print?: string) => void;

/** Where the work at an exercise is kept: another version of it is begun anew. */
const workPlace = ({ id, print }: Pick<RoomExercise, 'id' | 'print'>) => `${id} ${print}`;

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
      <h1>{t('room.whoAreYou')}</h1>
      {own || names === undefined ? (
        <label>
          {t('room.myFirstName')}
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
          {t('room.myName')}
          <select
            className="form-select"
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          >
            <option value="">{t('room.choose')}</option>
            {names.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
      )}
      {names !== undefined && (
        <button type="button" className="btn btn-link p-0" onClick={() => setOwn(!own)}>
          {own ? t('room.chooseFromTheClass') : t('room.iAmNotInThe')}
        </button>
      )}
      <button type="submit" className="play-button play-button--main" disabled={name.trim() === ''}>
        {t('room.thatIsMe')}
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
          ? t('room.noConnectionYourAnswersAre')
          : message || t('room.noConnectionYouCanGo')
        : waiting > 0
          ? t('room.onItsWay')
          : t('room.withYourTeacher')}
    </p>
  );
}

/** The slate in the middle: drawn on by who has the pen, seen by all. */
function Slate({
  slate,
  sees,
  mine,
  answer,
}: {
  slate: NonNullable<RoomShow['slate']>;
  sees: LearnerSees;
  mine: readonly Stroke[];
  answer: Answer;
}) {
  const hasPen = slate.pen !== undefined && slate.pen === sees.member;
  const drawn = sees.slate?.id === slate.id ? sees.slate.strokes : [];
  const [own, setOwn] = useState(mine);
  const told = new Set(own.map((stroke) => JSON.stringify(stroke)));
  return (
    <section className="card-paper room-slate" aria-label={t('room.theSlate')}>
      <p className="room-game__now" role="status">
        {hasPen ? t('room.youHaveThePen') : t('room.lookAtTheSlate')}
      </p>
      <DrawPad
        label={t('room.theSlate')}
        text={slate.text}
        behind={drawn.filter((stroke) => !told.has(JSON.stringify(stroke)))}
        strokes={own}
        onStrokes={
          hasPen
            ? (next) => {
                if (!fitsAnswer(next)) return;
                setOwn(next);
                answer(slatePlace(slate.id), { strokes: next } as unknown as AnyResponse);
              }
            : undefined
        }
      />
    </section>
  );
}

/** What the teacher lets all see of a wall. */
function Wall({ posts }: { posts: NonNullable<RoomShow['wall']> }) {
  return (
    <section className="card-paper room-question" aria-label={t('room.theWall')}>
      <ul className="room-wall">
        {posts.map((post, at) => (
          <li key={at} className="room-post">
            <PostView post={post} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The class's side of a room: whatever the teacher opens, to be answered. */
export function LearnerRoom({ code }: { code: string }) {
  const { sees, client } = useLearnerRoom(code);
  const [work, setWork] = useState(() => readWork(code));
  const [at, setAt] = useState<string>();
  const answer: Answer = (exercise, response, print) => {
    const place = print === undefined ? exercise : workPlace({ id: exercise, print });
    const next = { ...work, [place]: response };
    setWork(next);
    writeWork(code, next);
    client.current?.answer(exercise, response as Readonly<Record<string, unknown>>, print);
  };
  const refused = sees?.state === 'refused' || sees?.state === 'closed';
  if (!sees || refused || !sees.content || !sees.show) {
    return (
      <div className="room-door">
        <div className="card-paper room-door__form">
          <h1>{refused ? t('room.youAreNotInThe') : t('room.comingIn')}</h1>
          <p role="status">{refused ? sees?.message : t('room.yourTeachersScreenOpensThe')}</p>
          {refused && (
            <Link className="play-button play-button--main" to="/room">
              {t('room.anotherCode')}
            </Link>
          )}
        </div>
      </div>
    );
  }
  const { content, show, pair, name, game } = sees;
  const keptAt = (place: string) => work[place] as object | undefined;
  const answerAt = (place: string, response: object) => answer(place, response as AnyResponse);
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
        <h1>{t('room.lookUp')}</h1>
        <p>{t('room.yourAnswersAreKept')}</p>
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
        <section className="card-paper room-pair" aria-label={t('room.talkInPairs')}>
          <p>
            {t('room.talkWith')} <strong>{pair.partners.join(' and ')}</strong>
          </p>
          {pair.prompt && <p className="room-pair__prompt">{pair.prompt}</p>}
        </section>
      )}
      {show.looked !== undefined && (
        <section className="card-paper room-looked" aria-label={t('room.oneAnswerForAllTo')}>
          <p className="quiet small mb-1">{t('room.oneAnswerWhatDoYou')}</p>
          <PostView post={show.looked} />
        </section>
      )}
      {show.locked && (
        <p className="message message--note" role="status">
          {t('room.closedForNowWhatYou')}
        </p>
      )}
      <div>
        {game ? (
          <GameFace
            key={game.id}
            view={game}
            moves={(keptAt(gamePlace(game.id)) as { moves?: GameMove[] } | undefined)?.moves ?? []}
            onMoves={(moves) => answerAt(gamePlace(game.id), { moves })}
          />
        ) : show.call && sees.member !== undefined ? (
          <WordBoard
            key={show.call.id}
            call={show.call}
            member={sees.member}
            marked={marksFrom(keptAt(callPlace(show.call.id)), show.call.columns)}
            locked={show.locked}
            onMarked={(marked) => answerAt(callPlace(show.call?.id ?? ''), { marked })}
          />
        ) : show.slate ? (
          <Slate
            key={show.slate.id}
            slate={show.slate}
            sees={sees}
            mine={
              (keptAt(slatePlace(show.slate.id)) as { strokes?: Stroke[] } | undefined)?.strokes ??
              []
            }
            answer={answer}
          />
        ) : show.question ? (
          <>
            {show.wall && show.wall.length > 0 && <Wall posts={show.wall} />}
            <QuestionFace
              key={show.question.id}
              question={show.question}
              kept={keptAt}
              locked={show.locked}
              answer={answerAt}
            />
          </>
        ) : open ? (
          <>
            {!together && (
              <nav aria-label={t('room.exercises')} className="room-steps">
                {content.exercises.map((each, index) => (
                  <button
                    key={each.id}
                    type="button"
                    aria-current={each.id === open.id ? 'step' : undefined}
                    onClick={() => setAt(each.id)}
                  >
                    {index + 1}
                    <span className="visually-hidden"> {each.exercise.title}</span>
                    {work[workPlace(each)] ? ' ·' : ''}
                  </button>
                ))}
              </nav>
            )}
            <Exercise
              key={workPlace(open)}
              given={open}
              kept={work[workPlace(open)]}
              locked={show.locked}
              answer={answer}
            />
          </>
        ) : (
          <p className="room-door">{t('room.nothingIsOpenYetLook')}</p>
        )}
      </div>
    </div>
  );
}
