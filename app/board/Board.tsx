import { useState } from 'react';
import {
  BsArrowLeft,
  BsArrowRight,
  BsArrowsFullscreen,
  BsBoxArrowUpRight,
  BsClock,
  BsEyeSlash,
  BsPen,
  BsPencilSquare,
  BsPeople,
  BsPersonRaisedHand,
  BsPuzzle,
  BsWindowDash,
  BsXLg,
} from 'react-icons/bs';
import { Link } from 'react-router';
import { boardViews, gameViews, viewsOf, type BoardView } from '~core/board/board-state';
import { AreaCovers, middleArea, type Area } from './AreaCovers';
import { AskedName, askSomebody } from './Ask';
import type { BoardLesson } from './board-lesson';
import { useBoardKeys } from './board-keys';
import { BoardTimer, timers } from './BoardTimer';
import { Cover } from './Cover';
import { Pen, penTools, type PenTool, type Stroke } from './Pen';
import { Stage } from './Stage';
import { TeamPoints } from './TeamPoints';
import { useBoard, type SharedBoard } from './use-board';
import { useShared } from './use-shared';
import { WriteHere } from './WriteHere';

type Strokes = Readonly<Record<string, readonly Stroke[]>>;

function fullScreen() {
  if (document.fullscreenElement) void document.exitFullscreen();
  else void document.documentElement.requestFullscreen().catch(() => undefined);
}

/** Where the lesson is, and the ways to show it. */
function Head({
  board,
  parts,
  leave,
}: {
  board: SharedBoard;
  parts: BoardLesson['parts'];
  leave: string;
}) {
  const { state, step, part } = board;
  const views = part ? viewsOf(part) : [];
  const games = views.filter((view) => gameViews.includes(view));
  return (
    <header className="board-head">
      <label className="board-head__part">
        <span className="visually-hidden">Part of the lesson</span>
        <select
          value={state.part}
          onChange={(event) => step({ kind: 'part', part: Number(event.currentTarget.value) })}
        >
          {parts.map(({ id, title, stage }, index) => (
            <option key={id} value={index}>
              {stage === title ? title : `${stage}: ${title}`}
            </option>
          ))}
        </select>
      </label>
      <div className="board-row" role="group" aria-label="How it is shown">
        {views
          .filter((view) => !gameViews.includes(view))
          .map((view) => (
            <button
              key={view}
              type="button"
              className="board-button"
              aria-pressed={state.view === view}
              onClick={() => step({ kind: 'view', view })}
            >
              {boardViews[view]}
            </button>
          ))}
        {games.length > 0 && (
          <select
            className="board-button"
            aria-label="Play with its items"
            value={games.includes(state.view) ? state.view : ''}
            onChange={(event) =>
              step({ kind: 'view', view: event.currentTarget.value as BoardView })
            }
          >
            <option value="" disabled>
              Play …
            </option>
            {games.map((view) => (
              <option key={view} value={view}>
                {boardViews[view]}
              </option>
            ))}
          </select>
        )}
      </div>
      <Link className="board-button" to={leave} aria-label="Leave the board">
        <BsXLg aria-hidden="true" />
      </Link>
    </header>
  );
}

/** The pens, while one is taken. */
function PenBox({
  tool,
  onTool,
  onClear,
}: {
  tool: PenTool;
  onTool: (tool: PenTool) => void;
  onClear: () => void;
}) {
  return (
    <div className="board-row board-pens" role="group" aria-label="Pens">
      {Object.entries(penTools).map(([id, name]) => (
        <button
          key={id}
          type="button"
          className="board-button"
          aria-pressed={tool === id}
          onClick={() => onTool(id as PenTool)}
        >
          {name}
        </button>
      ))}
      <button type="button" className="board-button" onClick={onClear}>
        Clear this place
      </button>
    </div>
  );
}

/** Which cover there is: a sheet from above, or covers over single parts of the board. */
function CoverBox({
  overAreas,
  onFromAbove,
  onOverAreas,
  onMiddle,
  onOpenAll,
}: {
  overAreas: boolean;
  onFromAbove: () => void;
  onOverAreas: () => void;
  onMiddle: () => void;
  onOpenAll: () => void;
}) {
  const button = (name: string, onClick: () => void, pressed?: boolean) => (
    <button type="button" className="board-button" aria-pressed={pressed} onClick={onClick}>
      {name}
    </button>
  );
  return (
    <div className="board-row board-pens" role="group" aria-label="Covers">
      {button('From above', onFromAbove, !overAreas)}
      {button('Over parts', onOverAreas, overAreas)}
      {overAreas && (
        <>
          {button('Cover the middle', onMiddle)}
          {button('Open all', onOpenAll)}
          <span>Draw a cover over what is to wait. A click opens it.</span>
        </>
      )}
    </div>
  );
}

function Clock({ board }: { board: SharedBoard }) {
  const { clock, setClock } = board;
  const [sounds, setSounds] = useState(true);
  const start = (says: string, seconds: number) =>
    setClock(() => ({ says, seconds, until: Date.now() + seconds * 1000 }));
  if (clock)
    return (
      <BoardTimer
        key={clock.until}
        counting={clock}
        sounds={sounds}
        onEnd={() => setClock(() => null)}
      />
    );
  return (
    <div className="board-row board-clock" role="group" aria-label="Start the clock">
      {timers.map(([says, seconds]) => (
        <button
          key={says}
          type="button"
          className="board-button"
          onClick={() => start(says, seconds)}
        >
          {says} {seconds / 60} min
        </button>
      ))}
      <button type="button" className="board-button" onClick={() => start('', 30)}>
        30 s
      </button>
      <button type="button" className="board-button" onClick={() => start('', 300)}>
        5 min
      </button>
      <label>
        <input type="checkbox" checked={sounds} onChange={() => setSounds(!sounds)} /> A tone at the
        end
      </label>
    </div>
  );
}

/** The lesson at the board: read from eight metres, led by one key. */
export function Board({ lesson, profile, context, parts, left }: BoardLesson) {
  const board = useBoard(lesson.id, parts);
  const { state, step, part, setTeams, teams } = board;
  const names = profile.roster.map(({ name }) => name);
  const [tool, setTool] = useState<PenTool>();
  const [cover, setCover] = useState<number>();
  const [clockOpen, setClockOpen] = useState(false);
  const [writing, setWriting] = useState(false);
  const [text, setText] = useShared(`wordane board ${lesson.id} written`, '');
  const [strokes, setStrokes] = useShared<Strokes>(`wordane board ${lesson.id} drawn`, {});
  const [areas, setAreas] = useShared<Readonly<Record<string, readonly Area[]>>>(
    `wordane board ${lesson.id} covered`,
    {},
  );
  const place = `${state.part} ${state.view} ${state.view === 'one' ? state.at : ''}`;
  useBoardKeys({
    next: () => step({ kind: 'next' }),
    back: () => step({ kind: 'back' }),
    blank: () => step({ kind: 'blank' }),
  });
  const item = state.view === 'one' ? part?.items[state.at] : undefined;
  return (
    <div className="board">
      <h1 className="visually-hidden">{lesson.title}</h1>
      <Head board={board} parts={parts} leave={`/lessons/${lesson.id}`} />
      <div className="board-stage">
        {state.blank ? (
          <p className="visually-hidden" role="status">
            The board shows nothing. Any step shows it again.
          </p>
        ) : part ? (
          <div className="board-stage__middle" key={`${state.part} ${state.view}`}>
            <Stage
              part={part}
              state={state}
              context={context}
              onItem={(at) => step({ kind: 'item', at })}
            />
          </div>
        ) : (
          <p className="board-title">This lesson has no part yet that can be shown.</p>
        )}
        {writing && !state.blank && (
          <WriteHere text={text} onText={(next) => setText(() => next)} profile={profile} />
        )}
        <Pen
          tool={tool}
          strokes={state.blank ? [] : (strokes[place] ?? [])}
          onStrokes={(next) => setStrokes((before) => ({ ...before, [place]: next }))}
        />
        {cover !== undefined && cover > 0 && <Cover share={cover} onShare={setCover} />}
        <AreaCovers
          areas={state.blank ? [] : (areas[place] ?? [])}
          onAreas={(next) => setAreas((before) => ({ ...before, [place]: next }))}
          drawing={cover === 0}
        />
      </div>
      <AskedName board={board} names={names} />
      {(clockOpen || board.clock) && <Clock board={board} />}
      {tool && (
        <PenBox
          tool={tool}
          onTool={setTool}
          onClear={() => setStrokes((before) => ({ ...before, [place]: [] }))}
        />
      )}
      {cover !== undefined && (
        <CoverBox
          overAreas={cover === 0}
          onFromAbove={() => setCover(60)}
          onOverAreas={() => setCover(0)}
          onMiddle={() =>
            setAreas((before) => ({ ...before, [place]: [...(before[place] ?? []), middleArea()] }))
          }
          onOpenAll={() => setAreas((before) => ({ ...before, [place]: [] }))}
        />
      )}
      <TeamPoints board={board} />
      {left.length > 0 && (
        <p className="board-note">Could not be made and is not shown: {left.join(', ')}.</p>
      )}
      <footer className="board-foot" aria-label="Tools of the board">
        <button type="button" className="board-button" onClick={() => step({ kind: 'back' })}>
          <BsArrowLeft aria-hidden="true" /> Back
        </button>
        <button
          type="button"
          className="board-button board-button--main"
          onClick={() => step({ kind: 'next' })}
        >
          Next <BsArrowRight aria-hidden="true" />
        </button>
        {item && state.open < 2 && item.reason !== '' && state.open > 0 && (
          <button
            type="button"
            className="board-button"
            onClick={() => step({ kind: 'open', open: 2 })}
          >
            Say why
          </button>
        )}
        <span className="board-foot__gap" />
        <button
          type="button"
          className="board-button"
          aria-pressed={tool !== undefined}
          onClick={() => setTool(tool ? undefined : 'ink')}
        >
          <BsPen aria-hidden="true" /> Pen
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={writing}
          onClick={() => setWriting(!writing)}
        >
          <BsPencilSquare aria-hidden="true" /> Write
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={cover !== undefined}
          onClick={() => setCover(cover === undefined ? 60 : undefined)}
        >
          <BsWindowDash aria-hidden="true" /> Cover
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={clockOpen}
          onClick={() => setClockOpen(!clockOpen)}
        >
          <BsClock aria-hidden="true" /> Clock
        </button>
        {names.length > 0 && (
          <button type="button" className="board-button" onClick={() => askSomebody(board, names)}>
            <BsPersonRaisedHand aria-hidden="true" /> Ask somebody
          </button>
        )}
        <button
          type="button"
          className="board-button"
          aria-pressed={teams.shown}
          onClick={() => setTeams((before) => ({ ...before, shown: !before.shown }))}
        >
          <BsPeople aria-hidden="true" /> Teams
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={state.blank}
          onClick={() => step({ kind: 'blank' })}
        >
          <BsEyeSlash aria-hidden="true" /> Hide
        </button>
        <Link className="board-button" to={`/lessons/${lesson.id}/pieces`}>
          <BsPuzzle aria-hidden="true" /> Pieces
        </Link>
        <a
          className="board-button"
          href={`/lessons/${lesson.id}/board/teacher`}
          target="_blank"
          rel="noreferrer"
        >
          <BsBoxArrowUpRight aria-hidden="true" /> Teacher’s view
        </a>
        <button
          type="button"
          className="board-button"
          onClick={fullScreen}
          aria-label="Full screen"
        >
          <BsArrowsFullscreen aria-hidden="true" />
        </button>
      </footer>
    </div>
  );
}
