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
import type { StampSign } from '~core/board/drawn';
import { newId } from '~/operations/new-id';
import { boardViews, gameViews, viewsOf, type BoardView } from '~core/board/board-state';
import { AreaCovers, middleArea } from './AreaCovers';
import { AskedName, askSomebody } from './Ask';
import { BoardSound } from './BoardSound';
import type { BoardLesson } from './board-lesson';
import { useBoardKeys } from './board-keys';
import { BoardTimer, timers } from './BoardTimer';
import { Cover } from './Cover';
import { Pen } from './Pen';
import { Stage } from './Stage';
import { Stamps } from './Stamps';
import { TeamPoints } from './TeamPoints';
import { CoverBox, PenBox, type Hand } from './ToolBoxes';
import { useBoard, type SharedBoard } from './use-board';
import { useDrawn } from './use-drawn';
import { useShared } from './use-shared';
import { WriteHere } from './WriteHere';
import { t } from '~/phrases/t';

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
        <span className="visually-hidden">{t('board.partOfTheLesson')}</span>
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
      <div className="board-row" role="group" aria-label={t('board.howItIsShown')}>
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
            aria-label={t('board.playWithItsItems')}
            value={games.includes(state.view) ? state.view : ''}
            onChange={(event) =>
              step({ kind: 'view', view: event.currentTarget.value as BoardView })
            }
          >
            <option value="" disabled>
              {t('board.play')}
            </option>
            {games.map((view) => (
              <option key={view} value={view}>
                {boardViews[view]}
              </option>
            ))}
          </select>
        )}
      </div>
      <Link className="board-button" to={leave} aria-label={t('board.leaveTheBoard')}>
        <BsXLg aria-hidden="true" />
      </Link>
    </header>
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
    <div className="board-row board-clock" role="group" aria-label={t('board.startTheClock')}>
      {timers.map(([says, seconds]) => (
        <button
          key={says}
          type="button"
          className="board-button"
          onClick={() => start(says, seconds)}
        >
          {t('board.min', { says, seconds: seconds / 60 })}
        </button>
      ))}
      <button type="button" className="board-button" onClick={() => start('', 30)}>
        30 s
      </button>
      <button type="button" className="board-button" onClick={() => start('', 300)}>
        {t('board.5Min')}
      </button>
      <label>
        <input type="checkbox" checked={sounds} onChange={() => setSounds(!sounds)} />{' '}
        {t('board.aToneAtTheEnd')}
      </label>
    </div>
  );
}

/** The lesson at the board: read from eight metres, led by one key. */
export function Board({ lesson, profile, context, parts, left }: BoardLesson) {
  const board = useBoard(lesson.id, parts);
  const { state, step, part, setTeams, teams } = board;
  const names = profile.roster.map(({ name }) => name);
  const [hand, setHand] = useState<Hand>();
  const [cover, setCover] = useState<number>();
  const [clockOpen, setClockOpen] = useState(false);
  const [writing, setWriting] = useState(false);
  const [text, setText] = useShared(`wordane board ${lesson.id} written`, '');
  const atItem = state.view === 'one' ? ` ${state.at}` : '';
  const over = useDrawn(lesson, `${part?.id ?? ''} ${state.view}${atItem}`);
  const stampAt = (sign: StampSign, x: number, y: number) =>
    over.draw(({ stamps }) => ({ stamps: [...stamps, { id: newId(), sign, x, y }] }));
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
            {t('board.theBoardShowsNothingAny')}
          </p>
        ) : part ? (
          <div className="board-stage__middle" key={`${state.part} ${state.view}`}>
            {part.sounds.map((sound) => (
              <BoardSound key={sound.id} sound={sound} />
            ))}
            <Stage
              part={part}
              state={state}
              context={context}
              onItem={(at) => step({ kind: 'item', at })}
            />
          </div>
        ) : (
          <p className="board-title">{t('board.thisLessonHasNoPart')}</p>
        )}
        {writing && !state.blank && (
          <WriteHere text={text} onText={(next) => setText(() => next)} profile={profile} />
        )}
        {!state.blank && (
          <Stamps stamps={over.drawn.stamps} onStamps={(stamps) => over.draw(() => ({ stamps }))} />
        )}
        <Pen
          tool={hand?.kind === 'pen' ? hand.tool : hand?.kind}
          strokes={state.blank ? [] : over.drawn.strokes}
          onStrokes={(strokes) => over.draw(() => ({ strokes }))}
          onStamp={hand?.kind === 'stamp' ? (x, y) => stampAt(hand.sign, x, y) : undefined}
        />
        {cover !== undefined && cover > 0 && <Cover share={cover} onShare={setCover} />}
        <AreaCovers
          areas={state.blank ? [] : over.drawn.covers}
          onAreas={(covers) => over.draw(() => ({ covers }))}
          drawing={cover === 0}
        />
      </div>
      <AskedName board={board} names={names} />
      {(clockOpen || board.clock) && <Clock board={board} />}
      {hand && (
        <PenBox
          hand={hand}
          onHand={setHand}
          onClear={() => over.draw(() => ({ strokes: [], stamps: [] }))}
          onStampMiddle={(sign) => stampAt(sign, 500, 500)}
          drawn={over}
        />
      )}
      {cover !== undefined && (
        <CoverBox
          overAreas={cover === 0}
          onFromAbove={() => setCover(60)}
          onOverAreas={() => setCover(0)}
          onMiddle={() => over.draw(({ covers }) => ({ covers: [...covers, middleArea()] }))}
          onOpenAll={() => over.draw(() => ({ covers: [] }))}
          drawn={over}
        />
      )}
      <TeamPoints board={board} />
      {left.length > 0 && (
        <p className="board-note">{t('board.couldNotBeMadeAnd', { left: left.join(', ') })}</p>
      )}
      <footer className="board-foot" aria-label={t('board.toolsOfTheBoard')}>
        <button type="button" className="board-button" onClick={() => step({ kind: 'back' })}>
          <BsArrowLeft aria-hidden="true" /> {t('board.back')}
        </button>
        <button
          type="button"
          className="board-button board-button--main"
          onClick={() => step({ kind: 'next' })}
        >
          {t('board.next')} <BsArrowRight aria-hidden="true" />
        </button>
        {item && state.open < 2 && item.reason !== '' && state.open > 0 && (
          <button
            type="button"
            className="board-button"
            onClick={() => step({ kind: 'open', open: 2 })}
          >
            {t('board.sayWhy')}
          </button>
        )}
        <span className="board-foot__gap" />
        <button
          type="button"
          className="board-button"
          aria-pressed={hand !== undefined}
          onClick={() => setHand(hand ? undefined : { kind: 'pen', tool: 'ink' })}
        >
          <BsPen aria-hidden="true" /> {t('board.pen')}
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={writing}
          onClick={() => setWriting(!writing)}
        >
          <BsPencilSquare aria-hidden="true" /> {t('board.write')}
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={cover !== undefined}
          onClick={() => setCover(cover === undefined ? 60 : undefined)}
        >
          <BsWindowDash aria-hidden="true" /> {t('board.cover')}
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={clockOpen}
          onClick={() => setClockOpen(!clockOpen)}
        >
          <BsClock aria-hidden="true" /> {t('board.clock')}
        </button>
        {names.length > 0 && (
          <button type="button" className="board-button" onClick={() => askSomebody(board, names)}>
            <BsPersonRaisedHand aria-hidden="true" /> {t('board.askSomebody')}
          </button>
        )}
        <button
          type="button"
          className="board-button"
          aria-pressed={teams.shown}
          onClick={() => setTeams((before) => ({ ...before, shown: !before.shown }))}
        >
          <BsPeople aria-hidden="true" /> {t('board.teams')}
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={state.blank}
          onClick={() => step({ kind: 'blank' })}
        >
          <BsEyeSlash aria-hidden="true" /> {t('board.hide')}
        </button>
        <Link className="board-button" to={`/lessons/${lesson.id}/pieces`}>
          <BsPuzzle aria-hidden="true" /> {t('board.pieces')}
        </Link>
        <a
          className="board-button"
          href={`/lessons/${lesson.id}/board/teacher`}
          target="_blank"
          rel="noreferrer"
        >
          <BsBoxArrowUpRight aria-hidden="true" /> {t('board.teachersView')}
        </a>
        <button
          type="button"
          className="board-button"
          onClick={fullScreen}
          aria-label={t('board.fullScreen')}
        >
          <BsArrowsFullscreen aria-hidden="true" />
        </button>
      </footer>
    </div>
  );
}
