import { useState } from 'react';
import {
  BsArrowClockwise,
  BsArrowCounterclockwise,
  BsArrowsFullscreen,
  BsCheckLg,
  BsPrinter,
  BsXLg,
} from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Task } from '~core/exercises/interactions';
import { checkBoard, sentencesOn, type PieceVerdict } from '~core/pieces/check-board';
import { join, takeFrom } from '~core/pieces/moves';
import { MOST_PIECES, type PieceBoard, type Pile } from '~core/pieces/piece-board';
import { nameOf } from '~core/pieces/say-where';
import type { Lesson } from '~core/records/lesson';
import { newId } from '~/operations/operation';
import { useSend } from '~/ui/use-send';
import { engine } from '~/workers/engine.client';
import { CopyBoard } from './CopyBoard';
import { PieceStage } from './PieceStage';
import { PieceTools } from './PieceTools';
import { Piles } from './Piles';
import { Side } from './Side';
import { useLaying } from './use-laying';
import { t } from '~/phrases/t';

export interface PieceWorkspaceProps {
  readonly lesson: Lesson;
  readonly profile: ClassProfile;
  readonly board: PieceBoard;
  /** The exercise that it was laid out from; undefined of a free board. */
  readonly task: Task | undefined;
  readonly words: readonly string[];
  readonly pictures: Readonly<Record<string, string>>;
}

/** A row of words as the sentence it is meant to be. */
const asSentence = (words: string) => {
  const sentence = words.charAt(0).toUpperCase() + words.slice(1);
  return /[.!?]$/.test(sentence) ? sentence : `${sentence}.`;
};

/** What is wrong in the sentences that lie on a free board, in plain words. */
async function faultsOn(board: PieceBoard, profile: ClassProfile): Promise<string> {
  const sentences = sentencesOn(board).map(asSentence);
  if (sentences.length === 0) return t('pieces.thereIsNoLineOf');
  const check = { words: [], fewest: 1, complete: true, text: true };
  const { missing, faults } = await engine().checkWriting(sentences.join('\n'), check, profile);
  const found = [...missing, ...faults.map(({ rule }) => rule)];
  return found.length === 0
    ? t('pieces.nothingIsFoundThatMust', { sentences: sentences.join(' ') })
    : [...new Set(found)].join(' ');
}

function countOf(verdicts: readonly PieceVerdict[]): string {
  const right = verdicts.filter(({ is }) => is === 'right').length;
  const loose = verdicts.filter(({ is }) => is === 'loose').length;
  if (right === verdicts.length) return t('pieces.allAreRight', { right });
  return t('pieces.ofAreRight2', {
    right,
    verdicts: verdicts.length,
    which: loose > 0 ? t('pieces.notPlacedYet', { loose }) : '',
  });
}

/** A board of loose pieces over the whole screen: laid by mouse, touch or keys, checked where there is a key. */
export function PieceWorkspace(props: PieceWorkspaceProps) {
  const { lesson, profile, board: start, task, words, pictures } = props;
  const { send, message } = useSend();
  const laying = useLaying(start, (board, did) => send({ intent: 'keep-board', board, did }));
  const { board, change, undo, redo, said } = laying;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [joining, setJoining] = useState(false);
  const [checked, setChecked] = useState<{ readonly of: PieceBoard; readonly says: string }>();
  const [copying, setCopying] = useState(false);
  const [sides, setSides] = useState(false);
  const current = checked?.of === board ? checked : undefined;
  const verdicts = current && task ? checkBoard(board, task) : [];
  const address = `/lessons/${lesson.id}/pieces`;

  const take = (piles: readonly Pile[]) => {
    const next = piles.reduce((on, pile) => takeFrom(on, pile, newId()), board);
    if (next === board) {
      setChecked({
        of: board,
        says: t('pieces.aBoardCanHavePieces', { MOSTPIECES: MOST_PIECES }),
      });
      return;
    }
    change(
      next,
      t('pieces.tookFromAPile', { piles: piles.map((piece) => nameOf(piece)).join(', ') }),
    );
    setChosen([next.pieces.at(-1)?.id ?? '']);
  };
  const joinTo = (id: string) => {
    const [from] = chosen;
    if (from === undefined) {
      setChosen([id]);
      return;
    }
    if (from !== id) {
      const name = (each: string) => {
        const piece = board.pieces.find((one) => one.id === each);
        return piece ? nameOf(piece) : '';
      };
      change(join(board, from, id), t('pieces.joinedAnd', { name: name(from), nameA: name(id) }));
    }
    setChosen([]);
    setJoining(false);
  };
  const check = async () => {
    const found = task ? checkBoard(board, task) : [];
    const says = found.length > 0 ? countOf(found) : await faultsOn(board, profile);
    setChecked({ of: board, says });
  };
  return (
    <div className="board loose-page">
      <header className="board-head">
        <h1 className="loose-page__name">{board.name}</h1>
        <Piles words={words} pictureOf={(word) => pictures[word]} onTake={take} />
        <button
          type="button"
          className="board-button"
          aria-label={t('pieces.fullScreen')}
          onClick={() => {
            if (document.fullscreenElement) void document.exitFullscreen();
            else void document.documentElement.requestFullscreen().catch(() => undefined);
          }}
        >
          <BsArrowsFullscreen aria-hidden="true" />
        </button>
        <Link className="board-button" to={address} aria-label={t('pieces.leaveThePieces')}>
          <BsXLg aria-hidden="true" />
        </Link>
      </header>
      <div className={sides ? 'board-stage loose-sides' : 'board-stage'}>
        {sides ? (
          <>
            <Side name={t('pieces.leftTeam')} start={start} task={task} />
            <Side name={t('pieces.rightTeam')} start={start} task={task} />
          </>
        ) : (
          <PieceStage
            laying={laying}
            chosen={chosen}
            onChosen={setChosen}
            onJoin={joining ? joinTo : undefined}
            verdicts={verdicts}
            label={board.name}
          />
        )}
      </div>
      <p className="visually-hidden" role="status">
        {said}
      </p>
      {(current ?? message) && (
        <p className="board-note loose-says" role="alert">
          {message ?? current?.says}
        </p>
      )}
      <footer className="board-foot" aria-label={t('pieces.toolsForPieces')}>
        <PieceTools
          laying={laying}
          chosen={chosen}
          onChosen={setChosen}
          joining={joining}
          onJoining={setJoining}
        />
        <span className="board-foot__gap" />
        <button
          type="button"
          className="board-button"
          disabled={!undo}
          onClick={undo}
          aria-label={t('pieces.takeBack')}
        >
          <BsArrowCounterclockwise aria-hidden="true" />
        </button>
        <button
          type="button"
          className="board-button"
          disabled={!redo}
          onClick={redo}
          aria-label={t('pieces.doAgain')}
        >
          <BsArrowClockwise aria-hidden="true" />
        </button>
        <button type="button" className="board-button" onClick={() => setCopying(true)}>
          {t('pieces.copy')}
        </button>
        <button
          type="button"
          className="board-button"
          aria-pressed={sides}
          onClick={() => setSides(!sides)}
        >
          {t('pieces.twoSides')}
        </button>
        <Link className="board-button" to={`${address}/${board.id}?kit=desk`}>
          <BsPrinter aria-hidden="true" /> {t('pieces.toCutOut')}
        </Link>
        <button
          type="button"
          className="board-button board-button--main"
          onClick={() => void check()}
        >
          <BsCheckLg aria-hidden="true" /> {t('pieces.check')}
        </button>
      </footer>
      {copying && (
        <CopyBoard
          board={board}
          onClose={() => setCopying(false)}
          onCopy={(copy) => {
            send({
              intent: 'keep-board',
              board: copy,
              did: t('pieces.madeTheBoard', { name: copy.name }),
              open: copy.id,
            });
            setCopying(false);
          }}
        />
      )}
    </div>
  );
}
