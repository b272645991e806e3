import { useState } from 'react';
import type { BoardItem } from '~core/board/board-state';
import { newRace, RACE_GOAL, raceTask, raceWinner, skip, touch } from '~core/board/race';
import { Random } from '~core/kernel/random';
import { teamNames } from './games';
import { TeamSign } from './GameDrawings';
import { Question } from './Question';
import { t } from '~/phrases/t';

/** Two at the board, each with a side of it: who first touches the right answer has the point. */
export function RaceBoard({ items, seed }: { items: readonly BoardItem[]; seed: number }) {
  const [round, setRound] = useState(0);
  const [race, setRace] = useState(() => newRace(items, new Random(seed + 61)));
  const task = raceTask(race);
  const winner = raceWinner(race);
  const again = () => {
    setRace(newRace(items, new Random(seed + 62 + round)));
    setRound(round + 1);
  };
  return (
    <section className="board-game" aria-label={t('board.quickRace')}>
      <p className="board-game__turn" role="status">
        {winner === 'both'
          ? t('board.bothAreEven')
          : winner !== undefined
            ? t('board.haveWon', { teamNames: teamNames[winner] })
            : t('board.touchTheRightAnswerFirst', { RACEGOAL: RACE_GOAL })}
      </p>
      {winner === undefined && task && <Question item={{ id: '', reason: '', ...task }} open={0} />}
      <div className="board-race">
        {([0, 1] as const).map((team) => (
          <div key={team} role="group" aria-label={teamNames[team]} className="board-race__side">
            <p>
              <TeamSign team={team} size={40} /> {teamNames[team]} {race.points[team]}
            </p>
            {winner === undefined &&
              task?.options[team].map((option) => (
                <button
                  key={option}
                  type="button"
                  className="board-button board-race__option learner-text"
                  disabled={race.out[team]}
                  onClick={() => setRace(touch(race, team, option))}
                >
                  {option}
                </button>
              ))}
            {race.out[team] && <p role="status">{t('board.waitForTheNextOne')}</p>}
          </div>
        ))}
      </div>
      <div className="board-row">
        {winner === undefined && (
          <button type="button" className="board-button" onClick={() => setRace(skip(race))}>
            {t('board.nobodyKnowsItNext')}
          </button>
        )}
        <button type="button" className="board-button" onClick={again}>
          {t('board.beginAgain')}
        </button>
      </div>
    </section>
  );
}
