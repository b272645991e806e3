import { useState } from 'react';
import type { BoardItem } from '~core/board/board-state';
import type { ClassProfile } from '~core/classes/class-profile';
import { wordsToAvoid } from '~core/board/words-to-avoid';
import { engine } from '~/workers/engine.client';
import { useAsked } from '~/workspaces/texts/use-engine';
import { callBack, calledNow, callNext, newCalling } from '~core/board/calling';
import {
  newPath,
  newTug,
  PATH,
  pathWinner,
  pull,
  throwDie,
  tugWinner,
  walk,
} from '~core/board/moving-games';
import { Random } from '~core/kernel/random';
import { PathSquares, Rope } from './GameDrawings';
import { Task, teamNames } from './games';
import { t } from '~/phrases/t';

/** Tasks in an order of the seed's, one after the other. */
function useTasks(items: readonly BoardItem[], seed: number) {
  const [turn, setTurn] = useState(0);
  const tasks = new Random(seed).shuffle(items);
  return { item: tasks[turn % Math.max(1, tasks.length)], turn, next: () => setTurn(turn + 1) };
}

/** A rope with a knot: each right answer pulls it a step. */
export function TugGame({ items, seed }: { items: readonly BoardItem[]; seed: number }) {
  const [game, setGame] = useState(() => newTug());
  const { item, turn, next } = useTasks(items, seed);
  const winner = tugWinner(game);
  return (
    <section className="board-game" aria-label={t('board.pullTheRope')}>
      <p className="board-game__turn" role="status">
        {winner === undefined
          ? t('board.answerAndPullTheKnot', {
              teamNames: teamNames[game.turn],
              which:
                game.knot === 0
                  ? t('board.inTheMiddle')
                  : t('board.stepsTo', {
                      count: Math.abs(game.knot),
                      team: teamNames[game.knot < 0 ? 0 : 1],
                    }),
            })
          : t('board.havePulledItOver', { teamNames: teamNames[winner] })}
      </p>
      <Rope knot={game.knot} />
      {winner === undefined && item && (
        <Task
          key={turn}
          item={item}
          leave={t('board.anotherTask')}
          onLeave={next}
          onSaid={(right) => {
            setGame(pull(game, right));
            next();
          }}
        />
      )}
      <button type="button" className="board-button" onClick={() => setGame(newTug())}>
        {t('board.beginAgain')}
      </button>
    </section>
  );
}

/** A path with tasks: a die says how far a right answer goes. */
export function PathGameBoard({ items, seed }: { items: readonly BoardItem[]; seed: number }) {
  const [game, setGame] = useState(() => newPath());
  const [random] = useState(() => new Random(Date.now() % 1_000_000));
  const { item, turn, next } = useTasks(items, seed + 3);
  const winner = pathWinner(game);
  return (
    <section className="board-game" aria-label={t('board.alongThePath')}>
      <p className="board-game__turn" role="status">
        {winner !== undefined
          ? t('board.areThereFirst', { teamNames: teamNames[winner] })
          : game.thrown === undefined
            ? t('board.throwTheDieSunsAre', {
                teamNames: teamNames[game.turn],
                places: game.places[0],
                placesA: game.places[1],
                PATH,
              })
            : t('board.threwAnswerAndWalk', {
                teamNames: teamNames[game.turn],
                thrown: game.thrown,
              })}
      </p>
      <PathSquares places={game.places} />
      {winner === undefined && game.thrown === undefined && (
        <button
          type="button"
          className="board-button board-button--main"
          onClick={() => setGame(throwDie(game, random))}
        >
          {t('board.throwTheDie')}
        </button>
      )}
      {winner === undefined && game.thrown !== undefined && item && (
        <Task
          key={turn}
          item={item}
          leave={t('board.anotherTask')}
          onLeave={next}
          onSaid={(right) => {
            setGame(walk(game, right));
            next();
          }}
        />
      )}
      <button type="button" className="board-button" onClick={() => setGame(newPath())}>
        {t('board.beginAgain')}
      </button>
    </section>
  );
}

/** Words called one by one, for boards that the class has on paper; those called stand below. */
export function CallWords({ words, seed }: { words: readonly string[]; seed: number }) {
  const [calling, setCalling] = useState(() => newCalling(words, new Random(seed)));
  const now = calledNow(calling);
  const left = calling.order.length - calling.called;
  return (
    <section className="board-game" aria-label={t('board.callTheWords')}>
      <p className="board-called learner-text" role="status">
        {now ?? t('board.ready')}
      </p>
      <div className="board-row">
        <button
          type="button"
          className="board-button board-button--main"
          disabled={left === 0}
          onClick={() => setCalling(callNext(calling))}
        >
          {left === 0 ? t('board.allAreCalled') : t('board.nextWord')}
        </button>
        <button
          type="button"
          className="board-button"
          disabled={calling.called === 0}
          onClick={() => setCalling(callBack(calling))}
        >
          {t('board.notHeardTakeItBack')}
        </button>
        <button
          type="button"
          className="board-button"
          onClick={() => setCalling(newCalling(words, new Random(Date.now() % 1_000_000)))}
        >
          {t('board.beginAgain')}
        </button>
      </div>
      <p className="learner-text">
        {calling.order.slice(0, Math.max(0, calling.called - 1)).join(' · ')}
      </p>
    </section>
  );
}

/** The words that may not be said while one is described; the word alone until its meaning is there. */
function useWordsToAvoid(word: string | undefined, profile: ClassProfile): readonly string[] {
  const asked = useAsked(
    async () => ({
      of: word,
      senses: word === undefined ? [] : (await engine().senses([word], profile)).senses,
    }),
    [word, profile],
  );
  if (word === undefined) return [];
  // What was asked for the word before says nothing of this one.
  const [sense] = asked.state === 'ready' && asked.value.of === word ? asked.value.senses : [];
  return wordsToAvoid(word, sense?.definition ?? '');
}

/** One learner describes the word that the others cannot see; they say what it is. */
export function DescribeIt({
  words,
  seed,
  profile,
}: {
  words: readonly string[];
  seed: number;
  profile: ClassProfile;
}) {
  const [calling, setCalling] = useState(() => callNext(newCalling(words, new Random(seed + 11))));
  const [found, setFound] = useState(0);
  const [shown, setShown] = useState(false);
  const now = calledNow(calling);
  const avoid = useWordsToAvoid(now, profile);
  const next = (said: boolean) => {
    if (said) setFound(found + 1);
    setShown(false);
    setCalling(callNext(calling));
  };
  const over = calling.called === calling.order.length;
  return (
    <section className="board-game" aria-label={t('board.describeIt')}>
      <p className="board-game__turn" role="status">
        {t('board.foundWhoGuessesTurnsAway', { found })}
      </p>
      <p className="board-called learner-text">
        {shown ? now : <span className="board-hidden__cover">{t('board.covered')}</span>}
      </p>
      {shown && (
        <p className="board-avoid">{t('board.notToBeSaid', { avoid: avoid.join(', ') })}</p>
      )}
      <div className="board-row">
        <button type="button" className="board-button" onClick={() => setShown(!shown)}>
          {shown ? t('board.coverIt') : t('board.showIt')}
        </button>
        <button
          type="button"
          className="board-button board-button--main"
          disabled={over}
          onClick={() => next(true)}
        >
          {t('board.found')}
        </button>
        <button type="button" className="board-button" disabled={over} onClick={() => next(false)}>
          {t('board.anotherWord')}
        </button>
      </div>
    </section>
  );
}
