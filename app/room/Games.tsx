import { useState } from 'react';
import { keyedItems } from '~core/exercises/interactions';
import {
  gamesWith,
  newTable,
  roomGames,
  standing,
  winnerOf,
  type RoomGame,
} from '~core/room/games';
import { pairsOf } from '~core/room/pairs';
import { newId } from '~/operations/new-id';
import type { RoomLesson } from './room-lesson';
import type { TeacherClient, TeacherSees } from './teacher-client';

/** A gap as a player reads it. */
const asked = (question: string) => question.replace(/_{4,}/g, '____');

/** Games of two with the items of the exercise that is open. */
export function Games({
  sees,
  exercise,
  client,
}: {
  sees: TeacherSees;
  exercise: RoomLesson['exercises'][number] | undefined;
  client: TeacherClient | undefined;
}) {
  const { room, games } = sees;
  const items = exercise
    ? keyedItems(exercise.task).map((item) => ({ ...item, question: asked(item.question) }))
    : [];
  const playable = gamesWith(items);
  const [chosen, setChosen] = useState<RoomGame>('line3');
  const [left, setLeft] = useState('');
  const kind = playable.includes(chosen) ? chosen : playable[0];
  const nameOf = (id: string) => room.members.find((member) => member.id === id)?.name ?? '';
  const begin = () => {
    if (kind === undefined) return;
    const here = room.members.filter((member) => member.here && member.name !== '');
    const seed = Date.now() % 1_000_000;
    const tables = pairsOf(here, seed).flatMap(([one, other], at) =>
      one && other ? [newTable(newId(), kind, [one.id, other.id], items, seed + at)] : [],
    );
    const playing = new Set(tables.flatMap(({ players }) => players));
    setLeft(here.find(({ id }) => !playing.has(id))?.name ?? '');
    client?.play(tables);
  };
  return (
    <details className="room-fold">
      <summary>Games of two</summary>
      {kind === undefined ? (
        <p className="small my-2">
          Open an exercise with answers first: its items are what they play with.
        </p>
      ) : (
        <>
          <label className="d-block my-2">
            With the items of “{exercise?.title}”
            <select
              className="form-select form-select-sm"
              value={kind}
              onChange={(event) => setChosen(event.currentTarget.value as RoomGame)}
            >
              {playable.map((each) => (
                <option key={each} value={each}>
                  {roomGames[each]}
                </option>
              ))}
            </select>
          </label>
          <button type="button" className="btn btn-sm btn-dark" onClick={begin}>
            {games.length > 0 ? 'Others together' : 'They play'}
          </button>{' '}
        </>
      )}
      {games.length > 0 && (
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          onClick={() => {
            client?.play([]);
            setLeft('');
          }}
        >
          End the games
        </button>
      )}
      <ul className="small mt-2 mb-0">
        {games.map((table) => {
          const [one, other] = standing(table);
          return (
            <li key={table.id}>
              {nameOf(table.players[0])} {one} · {nameOf(table.players[1])} {other}
              {winnerOf(table) !== undefined && ' · over'}
            </li>
          );
        })}
      </ul>
      {left !== '' && games.length > 0 && (
        <p className="small mb-0" role="status">
          {left} has nobody to play with: let her or him help a pair.
        </p>
      )}
    </details>
  );
}
