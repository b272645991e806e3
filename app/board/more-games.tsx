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
    <section className="board-game" aria-label="Pull the rope">
      <p className="board-game__turn" role="status">
        {winner === undefined
          ? `${teamNames[game.turn]}, answer and pull. The knot is ${game.knot === 0 ? 'in the middle' : `${Math.abs(game.knot)} ${Math.abs(game.knot) === 1 ? 'step' : 'steps'} to the ${teamNames[game.knot < 0 ? 0 : 1]}`}.`
          : `${teamNames[winner]} have pulled it over.`}
      </p>
      <Rope knot={game.knot} />
      {winner === undefined && item && (
        <Task
          key={turn}
          item={item}
          leave="Another task"
          onLeave={next}
          onSaid={(right) => {
            setGame(pull(game, right));
            next();
          }}
        />
      )}
      <button type="button" className="board-button" onClick={() => setGame(newTug())}>
        Begin again
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
    <section className="board-game" aria-label="Along the path">
      <p className="board-game__turn" role="status">
        {winner !== undefined
          ? `${teamNames[winner]} are there first.`
          : game.thrown === undefined
            ? `${teamNames[game.turn]}, throw the die. Suns are at ${game.places[0]}, Waves at ${game.places[1]}, of ${PATH}.`
            : `${teamNames[game.turn]} threw ${game.thrown}: answer, and walk.`}
      </p>
      <PathSquares places={game.places} />
      {winner === undefined && game.thrown === undefined && (
        <button
          type="button"
          className="board-button board-button--main"
          onClick={() => setGame(throwDie(game, random))}
        >
          Throw the die
        </button>
      )}
      {winner === undefined && game.thrown !== undefined && item && (
        <Task
          key={turn}
          item={item}
          leave="Another task"
          onLeave={next}
          onSaid={(right) => {
            setGame(walk(game, right));
            next();
          }}
        />
      )}
      <button type="button" className="board-button" onClick={() => setGame(newPath())}>
        Begin again
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
    <section className="board-game" aria-label="Call the words">
      <p className="board-called learner-text" role="status">
        {now ?? 'Ready?'}
      </p>
      <div className="board-row">
        <button
          type="button"
          className="board-button board-button--main"
          disabled={left === 0}
          onClick={() => setCalling(callNext(calling))}
        >
          {left === 0 ? 'All are called' : 'Next word'}
        </button>
        <button
          type="button"
          className="board-button"
          disabled={calling.called === 0}
          onClick={() => setCalling(callBack(calling))}
        >
          Not heard: take it back
        </button>
        <button
          type="button"
          className="board-button"
          onClick={() => setCalling(newCalling(words, new Random(Date.now() % 1_000_000)))}
        >
          Begin again
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
    <section className="board-game" aria-label="Describe it">
      <p className="board-game__turn" role="status">
        {found} found. Who guesses turns away; the others describe the word and do not say it.
      </p>
      <p className="board-called learner-text">
        {shown ? now : <span className="board-hidden__cover">covered</span>}
      </p>
      {shown && <p className="board-avoid">Not to be said: {avoid.join(', ')}</p>}
      <div className="board-row">
        <button type="button" className="board-button" onClick={() => setShown(!shown)}>
          {shown ? 'Cover it' : 'Show it'}
        </button>
        <button
          type="button"
          className="board-button board-button--main"
          disabled={over}
          onClick={() => next(true)}
        >
          Found
        </button>
        <button type="button" className="board-button" disabled={over} onClick={() => next(false)}>
          Another word
        </button>
      </div>
    </section>
  );
}
