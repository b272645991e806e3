import { calledNow, type Calling } from '~core/board/calling';
import { boardFor, boardsIn, linesOn, type RoomCall } from '~core/room/word-boards';
import { Toggle } from '~/ui/Toggle';
import type { TeacherClient, TeacherSees } from './teacher-client';
import { t } from '~/phrases/t';

/** Words are called: the teacher has the next word, and sees who has a line of those that were called. */
export function CallDesk({
  call,
  calling,
  sees,
  client,
}: {
  call: RoomCall;
  calling: Calling;
  sees: TeacherSees;
  client: TeacherClient | undefined;
}) {
  const now = calledNow(calling);
  const left = calling.order.length - calling.called;
  const nameOf = (id: string) => sees.room.members.find((each) => each.id === id)?.name ?? '';
  const boards = boardsIn(sees.room, call, calling);
  return (
    <section aria-label={t('room.callTheWords')}>
      <p className="room-called learner-text" role="status">
        {now ?? t('room.ready')}
      </p>
      <div className="room-options room-options--row">
        <button
          type="button"
          className="btn btn-dark"
          disabled={left === 0}
          onClick={() => client?.callOn()}
        >
          {left === 0 ? t('room.allAreCalled') : t('room.nextWord')}
        </button>
        <button
          type="button"
          className="btn btn-outline-dark"
          disabled={calling.called === 0}
          onClick={() => client?.callOn(true)}
        >
          {t('room.notHeardTakeItBack')}
        </button>
        <button type="button" className="btn btn-outline-dark" onClick={() => client?.endCalling()}>
          {t('room.endIt')}
        </button>
      </div>
      <Toggle
        name={t('room.showTheWordsOnTheir')}
        checked={call.shown !== undefined}
        onChange={(shown) => client?.showCalled(shown)}
      />
      <ul className="room-boards" aria-label={t('room.howTheBoardsStand')}>
        {boards.map(({ member, right, wrong, missed, line }) => (
          <li key={member} className={line ? 'room-boards__line' : ''}>
            <b>{nameOf(member)}</b>{' '}
            {line ? t('room.hasALine') : t('room.marked', { right: right.length })}
            {wrong.length > 0 && (
              <span className="quiet"> {t('room.notCalled', { wrong: wrong.join(', ') })}</span>
            )}
            {missed.length > 0 && (
              <span className="quiet"> {t('room.notSeen', { missed: missed.length })}</span>
            )}
          </li>
        ))}
      </ul>
      <p className="quiet small mb-0">
        {calling.order.slice(0, Math.max(0, calling.called - 1)).join(' · ')}
      </p>
    </section>
  );
}

/** A learner's board: she marks what she hears. */
export function WordBoard({
  call,
  member,
  marked,
  locked,
  onMarked,
}: {
  call: RoomCall;
  member: string;
  marked: readonly number[];
  locked: boolean;
  onMarked: (marked: readonly number[]) => void;
}) {
  const words = boardFor(call, member);
  const on = new Set(marked);
  const line = linesOn(call.columns).some((places) => places.every((at) => on.has(at)));
  const last = call.shown?.at(-1);
  return (
    <section className="card-paper room-game" aria-label={t('room.myBoard')}>
      <p className="room-game__now" role="status">
        {line ? t('room.youHaveALineSay') : t('room.listenAndMarkTheWords')}
      </p>
      {last !== undefined && <p className="room-game__answer learner-text">{last}</p>}
      <div
        className="room-board"
        style={{ gridTemplateColumns: `repeat(${call.columns}, minmax(0, 1fr))` }}
      >
        {words.map((word, at) => (
          <button
            key={word}
            type="button"
            className="room-board__word learner-text"
            aria-pressed={on.has(at)}
            disabled={locked}
            onClick={() =>
              onMarked(on.has(at) ? marked.filter((each) => each !== at) : [...marked, at])
            }
          >
            {word}
          </button>
        ))}
      </div>
    </section>
  );
}
