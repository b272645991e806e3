import { useState } from 'react';
import type { BoardItem } from '~core/board/board-state';
import {
  canHide,
  hideWord,
  isFound,
  lettersOf,
  uncover,
  type HiddenWord,
} from '~core/board/hidden-word';
import {
  fourInLine,
  isOver,
  landing,
  lineOf,
  newLineGame,
  play,
  threeInLine,
  type LineGame,
} from '~core/board/line-game';
import { Random } from '~core/kernel/random';
import { TeamSign } from './GameDrawings';
import { Question } from './Question';
import { t } from '~/phrases/t';

export const teamNames = [t('board.suns'), t('board.waves')] as const;

/** The task of a square, its answer when it is asked for, and what the referee says of it. */
export function Task({
  item,
  onSaid,
  leave,
  onLeave,
}: {
  item: BoardItem;
  leave: string;
  onSaid: (right: boolean) => void;
  onLeave: () => void;
}) {
  const [open, setOpen] = useState<0 | 1>(0);
  return (
    <div className="board-task" role="group" aria-label={t('board.theTask')}>
      <Question item={item} open={open} />
      <div className="board-row">
        {open === 0 && (
          <button type="button" className="board-button" onClick={() => setOpen(1)}>
            {t('board.openTheAnswer')}
          </button>
        )}
        <button
          type="button"
          className="board-button board-button--main"
          onClick={() => onSaid(true)}
        >
          {t('board.right')}
        </button>
        <button type="button" className="board-button" onClick={() => onSaid(false)}>
          {t('board.notYet')}
        </button>
        <button type="button" className="board-button" onClick={onLeave}>
          {leave}
        </button>
      </div>
    </div>
  );
}

/** Squares with a task each: the team that answers right takes it, so many in a line win. */
export function LineBoard({
  items,
  four,
  seed,
}: {
  items: readonly BoardItem[];
  four: boolean;
  seed: number;
}) {
  const rules = four ? fourInLine : threeInLine;
  const [round, setRound] = useState(0);
  const [game, setGame] = useState<LineGame>(() => newLineGame(rules));
  const [asked, setAsked] = useState<number>();
  const [turn, setTurn] = useState(0);
  const tasks = new Random(seed + round).shuffle(items);
  const line = lineOf(game);
  const winner = line ? game.squares[line[0] ?? 0] : undefined;
  const item = asked === undefined ? undefined : tasks[turn % tasks.length];
  const again = () => {
    setGame(newLineGame(rules, round % 2 === 0 ? 1 : 0));
    setRound(round + 1);
    setAsked(undefined);
  };
  const said = (right: boolean) => {
    if (asked !== undefined) setGame(play(game, asked, right));
    setAsked(undefined);
    setTurn(turn + 1);
  };
  return (
    <section
      className="board-game"
      aria-label={four ? t('board.fourInALine') : t('board.threeInALine')}
    >
      <p className="board-game__turn" role="status">
        {winner !== undefined
          ? t('board.haveInALine', { teamNames: teamNames[winner], needed: rules.needed })
          : isOver(game)
            ? t('board.noSquareIsLeftAnd')
            : t('board.chooseASquare', { teamNames: teamNames[game.turn] })}
      </p>
      {item ? (
        <Task
          item={item}
          onSaid={said}
          leave={t('board.anotherSquare')}
          onLeave={() => setAsked(undefined)}
        />
      ) : (
        <div
          className={`board-squares${four ? ' board-squares--four' : ''}`}
          style={{ gridTemplateColumns: `repeat(${rules.columns}, 1fr)` }}
        >
          {game.squares.map((team, square) => (
            <button
              key={square}
              type="button"
              className={`board-square${team === undefined ? '' : ` board-square--${team}`}${line?.includes(square) ? ' board-square--line' : ''}`}
              disabled={isOver(game) || landing(game, square) === undefined}
              aria-label={
                team === undefined
                  ? t('board.square', { square: square + 1 })
                  : t('board.square2', { square: square + 1, teamNames: teamNames[team] })
              }
              onClick={() => setAsked(square)}
            >
              {team === undefined ? four ? '' : square + 1 : <TeamSign team={team} />}
            </button>
          ))}
        </div>
      )}
      <button type="button" className="board-button" onClick={again}>
        {t('board.beginAgain')}
      </button>
    </section>
  );
}

/** A word under covers; a letter opens with each right answer. */
export function HiddenWordGame({
  items,
  words,
  seed,
}: {
  items: readonly BoardItem[];
  words: readonly string[];
  seed: number;
}) {
  const hideable = words.filter(canHide);
  const [round, setRound] = useState(0);
  const random = new Random(seed + round);
  const word = hideable[Math.floor(random.next() * hideable.length)] ?? 'weather';
  const [hidden, setHidden] = useState<HiddenWord>(() => hideWord(word, new Random(seed)));
  const [turn, setTurn] = useState(0);
  const tasks = new Random(seed + 7).shuffle(
    items.filter(({ answer }) => !answer.toLowerCase().includes(hidden.word.toLowerCase())),
  );
  const item = tasks[turn % Math.max(1, tasks.length)];
  const next = () => {
    const other = new Random(seed + round + 1);
    const following = hideable[Math.floor(other.next() * hideable.length)] ?? 'weather';
    setRound(round + 1);
    setHidden(hideWord(following, other));
  };
  return (
    <section className="board-game" aria-label={t('board.hiddenWord')}>
      <p className="board-hidden learner-text">
        {lettersOf(hidden).map((sign, at) => (
          <span key={at} className={sign === undefined ? 'board-hidden__cover' : undefined}>
            {sign ?? <span className="visually-hidden">{t('board.covered')}</span>}
          </span>
        ))}
      </p>
      <p className="visually-hidden" role="status">
        {isFound(hidden)
          ? t('board.theWordIs', { word: hidden.word })
          : t('board.ofLettersAreOpen', { open: hidden.open, order: hidden.order.length })}
      </p>
      {!isFound(hidden) && item && (
        <Task
          key={turn}
          item={item}
          onSaid={(right) => {
            if (right) setHidden(uncover(hidden));
            setTurn(turn + 1);
          }}
          leave={t('board.anotherTask')}
          onLeave={() => setTurn(turn + 1)}
        />
      )}
      <div className="board-row">
        {!isFound(hidden) && (
          <button
            type="button"
            className="board-button"
            onClick={() => setHidden(uncover(hidden, true))}
          >
            {t('board.itWasSaidOpenAll')}
          </button>
        )}
        <button type="button" className="board-button" onClick={next}>
          {t('board.anotherWord')}
        </button>
      </div>
    </section>
  );
}
