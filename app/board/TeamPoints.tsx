import type { SharedBoard } from './use-board';
import { t } from '~/phrases/t';

const names = [t('board.suns'), t('board.waves')] as const;

/** Points of two teams, shown only where they are wished for. */
export function TeamPoints({ board: { teams, setTeams } }: { board: SharedBoard }) {
  if (!teams.shown) return null;
  const add = (team: 0 | 1, points: 1 | -1) =>
    setTeams((before) => {
      const [suns, waves] = before.points;
      return {
        ...before,
        points:
          team === 0 ? [Math.max(0, suns + points), waves] : [suns, Math.max(0, waves + points)],
      };
    });
  return (
    <div className="board-teams" role="group" aria-label={t('board.teams')}>
      {names.map((name, index) => {
        const team = index as 0 | 1;
        return (
          <span key={name}>
            {name} <strong>{teams.points[team]}</strong>
            <button
              type="button"
              className="board-button"
              onClick={() => add(team, 1)}
              aria-label={t('board.aPointFor', { name })}
            >
              +1
            </button>
            <button
              type="button"
              className="board-button"
              onClick={() => add(team, -1)}
              aria-label={t('board.takeAPointFrom', { name })}
            >
              −1
            </button>
          </span>
        );
      })}
    </div>
  );
}
