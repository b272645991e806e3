import { useState } from 'react';
import { usualBehaviour } from '~core/kernel/behaviour';
import type { BoardState } from '~core/board/board-state';
import { learnersPart } from '~core/documents/sheet-document';
import { forLearner } from '~core/practice/for-learner';
import { begun, Play } from '~/faces/Play';
import { DocumentView } from '~/ui/DocumentView';
import { pictureAddress } from '~/ui/Picture';
import { isExercise, type ExercisePart } from '~/workspaces/lesson/built-part';
import { screenTextOf } from '~/workspaces/lesson/screen-text';
import type { PartContext } from '~/workers/part-maker';
import type { LessonPartOnBoard } from './board-lesson';
import { HiddenWordGame, LineBoard } from './games';
import { MarksView } from './MarksView';
import { PairsBoard } from './PairsBoard';
import { RaceBoard } from './RaceBoard';
import { RuleView } from './RuleView';
import { AuctionGame, DiceGame } from './say-games';
import { SpinGame } from './SpinGame';
import { CallWords, DescribeIt, PathGameBoard, TugGame } from './more-games';
import { Question } from './Question';
import { t } from '~/phrases/t';

/** The exercise whole, to be answered at the board. */
function Whole({ built, context }: { built: ExercisePart; context: PartContext }) {
  const [progress, setProgress] = useState(begun);
  return (
    <div className="board-whole">
      <Play
        exercise={forLearner(built.exercise, true, screenTextOf(built, context))}
        behaviour={{ ...usualBehaviour, ...context.profile.practice }}
        progress={progress}
        onProgress={setProgress}
        picture={(name) => pictureAddress(name, 'colour')}
      />
    </div>
  );
}

/** What is read, line by line: the line that is read is plain, the others stand back. */
function Lines({
  lines,
  at,
  onLine,
}: {
  lines: readonly string[];
  at: number;
  onLine: (at: number) => void;
}) {
  return (
    <ol className="board-lines learner-text">
      {lines.map((line, index) => (
        <li key={index}>
          <button
            type="button"
            aria-current={index === at ? 'step' : undefined}
            ref={(button) => {
              if (index === at) button?.scrollIntoView({ block: 'center' });
            }}
            onClick={() => onLine(index)}
          >
            {line}
          </button>
        </li>
      ))}
    </ol>
  );
}

/** What stands on the board. */
export function Stage({
  part,
  state,
  context,
  onItem,
}: {
  part: LessonPartOnBoard;
  state: BoardState;
  context: PartContext;
  onItem: (at: number) => void;
}) {
  const { built, items, lines } = part;
  const item = items[state.at];
  const seed = part.id.length + items.length;
  if (state.view === 'read') return <Lines lines={lines} at={state.at} onLine={onItem} />;
  if (state.view === 'one' && item) {
    return (
      <>
        <p className="board-count">
          {t('board.of', { at: state.at + 1, items: items.length })}
          {state.at === 0 && t('board.doneTogether')}
        </p>
        <Question item={item} open={state.open} />
      </>
    );
  }
  if (state.view === 'line3' || state.view === 'line4') {
    return <LineBoard key={state.view} items={items} four={state.view === 'line4'} seed={seed} />;
  }
  if (state.view === 'pairs') return <PairsBoard items={items} seed={seed} />;
  if (state.view === 'race') return <RaceBoard items={items} seed={seed} />;
  if (state.view === 'marks' && part.marked) {
    return <MarksView {...part.marked} shown={state.at} />;
  }
  if (state.view === 'tug') return <TugGame items={items} seed={seed} />;
  if (state.view === 'path') return <PathGameBoard items={items} seed={seed} />;
  if (state.view === 'call') return <CallWords words={part.words} seed={seed} />;
  if (state.view === 'describe') {
    return <DescribeIt words={part.words} seed={seed} profile={context.profile} />;
  }
  if (state.view === 'dice') return <DiceGame words={part.words} seed={seed} lesson={part.id} />;
  if (state.view === 'spin') return <SpinGame words={part.words} seed={seed} lesson={part.id} />;
  if (state.view === 'rule' && part.rule) return <RuleView card={part.rule} shown={state.at} />;
  if (state.view === 'auction') return <AuctionGame items={items} seed={seed} />;
  if (state.view === 'hidden')
    return <HiddenWordGame items={items} words={part.words} seed={seed} />;
  if (built === undefined) return <p className="board-title">{part.title}</p>;
  return isExercise(built) ? (
    <Whole built={built} context={context} />
  ) : (
    <div className="board-sheet learner-text">
      <DocumentView nodes={learnersPart(built.document)} />
    </div>
  );
}
