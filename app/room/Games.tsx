import { useState } from 'react';
import { boardItems } from '~core/board/board-items';
import { wordsToAvoid } from '~core/board/words-to-avoid';
import type { GameWord } from '~core/room/games/rules';
import {
  gamesWith,
  newTable,
  roomGames,
  standing,
  winnerOf,
  type RoomGame,
} from '~core/room/games/table';
import { pairsOf } from '~core/room/pairs';
import { FEWEST_ON_BOARDS } from '~core/room/word-boards';
import { newId } from '~/operations/new-id';
import { engine } from '~/workers/engine.client';
import type { RoomLesson } from './room-lesson';
import type { TeacherClient, TeacherSees } from './teacher-client';
import { t } from '~/phrases/t';

/** Words with what may not be said of them, by their first meanings. */
const toDescribe = (words: readonly string[], profile: RoomLesson['profile']) =>
  Promise.all(
    words.map(async (text): Promise<GameWord> => {
      const {
        senses: [sense],
      } = await engine().senses([text], profile);
      return { text, avoid: wordsToAvoid(text, sense?.definition ?? '') };
    }),
  );

const CALL = 'call';

/** Games with the items and words of the exercise that is open: for two, or words called for all. */
export function Games({
  sees,
  lesson,
  exercise,
  client,
}: {
  sees: TeacherSees;
  lesson: RoomLesson;
  exercise: RoomLesson['exercises'][number] | undefined;
  client: TeacherClient | undefined;
}) {
  const { room, games } = sees;
  const items = exercise ? boardItems(exercise.task) : [];
  const words = (exercise && lesson.wordsOf[exercise.id]) ?? lesson.words;
  const bare = words.map((text) => ({ text, avoid: [text] }));
  const playable: readonly (RoomGame | typeof CALL)[] = [
    ...gamesWith({ items, words: bare }),
    ...(new Set(words).size >= FEWEST_ON_BOARDS ? [CALL as typeof CALL] : []),
  ];
  const [chosen, setChosen] = useState<RoomGame | typeof CALL>('line3');
  const [left, setLeft] = useState('');
  const kind = playable.includes(chosen) ? chosen : playable[0];
  const nameOf = (id: string) => room.members.find((member) => member.id === id)?.name ?? '';
  const begin = async () => {
    if (kind === undefined) return;
    const seed = Date.now() % 1_000_000;
    if (kind === CALL) return client?.callWords(words, seed);
    const known = kind === 'describe' ? await toDescribe(words, lesson.profile) : bare;
    const material = { items, words: known };
    const here = room.members.filter((member) => member.here && member.name !== '');
    const tables = pairsOf(here, seed).flatMap(([one, other], at) =>
      one && other ? [newTable(newId(), kind, [one.id, other.id], material, seed + at)] : [],
    );
    const playing = new Set(tables.flatMap(({ players }) => players));
    setLeft(here.find(({ id }) => !playing.has(id))?.name ?? '');
    client?.play(tables);
  };
  return (
    <details className="room-fold">
      <summary>{t('room.games')}</summary>
      {kind === undefined ? (
        <p className="small my-2">{t('room.openAnExerciseWithAnswers')}</p>
      ) : (
        <>
          <label className="d-block my-2">
            {t('room.with', {
              which: exercise ? `“${exercise.title}”` : t('room.theWordsOfTheLesson'),
            })}
            <select
              className="form-select form-select-sm"
              value={kind}
              onChange={(event) => setChosen(event.currentTarget.value as RoomGame)}
            >
              <optgroup label={t('room.forTwo')}>
                {playable.map((each) =>
                  each === CALL ? null : (
                    <option key={each} value={each}>
                      {roomGames[each].name}
                    </option>
                  ),
                )}
              </optgroup>
              {playable.includes(CALL) && (
                <optgroup label={t('room.forAll')}>
                  <option value={CALL}>{t('room.callTheWords')}</option>
                </optgroup>
              )}
            </select>
          </label>
          <p className="small">{kind === CALL ? t('room.eachHasABoardOf') : roomGames[kind].how}</p>
          <button type="button" className="btn btn-sm btn-dark" onClick={() => void begin()}>
            {games.length > 0 && kind !== CALL ? t('room.othersTogether') : t('room.theyPlay')}
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
          {t('room.endTheGames')}
        </button>
      )}
      <ul className="small mt-2 mb-0">
        {games.map((table) => {
          const [one, other] = standing(table);
          return (
            <li key={table.id}>
              {nameOf(table.players[0])} {one} · {nameOf(table.players[1])} {other}{' '}
              {roomGames[table.kind].counts}
              {winnerOf(table) !== undefined && t('room.over')}
            </li>
          );
        })}
      </ul>
      {left !== '' && games.length > 0 && (
        <p className="small mb-0" role="status">
          {t('room.hasNobodyToPlayWith', { left })}
        </p>
      )}
    </details>
  );
}
