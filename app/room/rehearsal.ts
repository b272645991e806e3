/**
 * A class that is not there comes into the room: at the speed of learners, with
 * their typical errors, with drops, and some of them late.
 */
import { learnerCopy } from '~core/exercises/interactions';
import { Random } from '~core/kernel/random';
import { printOf } from '~core/practice/slip';
import { simulatedClass } from '~core/practice/simulated-class';
import { simulate, type SimulatedLearner } from '~core/practice/simulated-learner';
import type { GivenExercise } from '~core/results/results-of';
import { postPlace } from '~core/room/posts';
import { gamePlace, type GameView } from '~core/room/games/table';
import type { GameMove } from '~core/room/games/rules';
import { simulatedMove } from '~core/room/games/simulated';
import type { RoomQuestion } from '~core/room/show';
import { boardFor, callPlace, type RoomCall } from '~core/room/word-boards';
import { LearnerClient, type LearnerSees } from './learner-client';
import { t } from '~/phrases/t';

/** Milliseconds that one item takes, the least and the most. */
const ITEM = { least: 2500, most: 9000 } as const;
/** Of a hundred items, how many are followed by a drop of the connection. */
const DROPS = 4;
/** Of a hundred words that are called, how many she overlooks. */
const OVERLOOKED = 15;
/** Everybody comes within so many milliseconds; of ten two come this much later. */
const ARRIVE = 2500;
const LATE = 12_000;

interface RehearsalOptions {
  readonly code: string;
  readonly names: readonly string[];
  readonly exercises: readonly GivenExercise[];
  /** Words that are said to a question. */
  readonly words: readonly string[];
  /** How much faster than a class. */
  readonly speed: number;
  readonly seed: number;
  readonly address?: string;
}

class Somebody {
  private client: LearnerClient | undefined;
  private readonly random: Random;
  private at = '';
  /** Her table as she saw it last, and what she has done at each. */
  private table = '';
  private readonly moves: Record<string, readonly GameMove[]> = {};
  private gone = false;

  constructor(
    private readonly learner: SimulatedLearner,
    private readonly options: RehearsalOptions,
    private readonly index: number,
  ) {
    this.random = new Random(options.seed + index);
    const late = this.random.next() < 0.2 ? LATE : 0;
    void this.after(late + this.random.next() * ARRIVE).then(() => this.comeIn());
  }

  private after(milliseconds: number) {
    return new Promise<void>((done) => setTimeout(done, milliseconds / this.options.speed));
  }

  private comeIn() {
    if (this.gone) return;
    let kept: unknown;
    this.client = new LearnerClient(
      this.options.code,
      { read: () => kept, write: (next) => (kept = next) },
      (sees) => this.see(sees),
      this.options.address,
    );
    this.client.choose(this.learner.name);
  }

  private see({ show, state, game, member }: LearnerSees) {
    if (state !== 'in' || !show || show.locked || show.paused) return;
    if (game) return void this.play(game);
    if (show.call && member !== undefined) return void this.mark(show.call, member);
    const at = show.question?.id ?? show.exercise ?? '';
    if (at === '' || at === this.at) return;
    this.at = at;
    if (show.question) void this.say(show.question);
    else void this.work(at, show.pace !== 'teacher');
  }

  /** At a table she does one thing at a time, a little after she sees that it is her turn. */
  private async play(view: GameView) {
    const now = JSON.stringify(view);
    if (now === this.table) return;
    this.table = now;
    await this.after(ITEM.least + this.random.next() * (ITEM.most - ITEM.least));
    if (this.gone || this.table !== now) return;
    const move = simulatedMove(view, this.random);
    if (!move) return;
    const moves = [...(this.moves[view.id] ?? []), move];
    this.moves[view.id] = moves;
    this.client?.answer(gamePlace(view.id), { moves });
  }

  /** What is read aloud she does not hear; what stands on her screen she mostly finds. */
  private async mark(call: RoomCall, member: string) {
    const seen = `${call.id} ${call.shown?.length ?? 0}`;
    if (call.shown === undefined || seen === this.at) return;
    this.at = seen;
    await this.after(ITEM.least);
    if (this.gone || this.at !== seen || this.random.next() * 100 < OVERLOOKED) return;
    const called = new Set(call.shown);
    const marked = boardFor(call, member).flatMap((word, at) => (called.has(word) ? [at] : []));
    this.client?.answer(callPlace(call.id), { marked });
  }

  private async say({ id, kind, options }: RoomQuestion) {
    await this.after(ITEM.least + this.random.next() * (ITEM.most - ITEM.least));
    if (this.gone || this.at !== id) return undefined;
    if (kind === 'ring') {
      const place = () => Math.round(300 + this.random.next() * 400);
      return this.client?.answer(id, { x: place(), y: place() });
    }
    const { words } = this.options;
    const word = words[Math.floor(this.random.next() * words.length)] ?? 'rain';
    const text =
      kind === 'choice'
        ? (options[Math.floor(this.random.next() * options.length)] ?? '')
        : kind === 'words'
          ? word
          : t('room.iThoughtOf', { word });
    return kind === 'wall'
      ? this.client?.answer(postPlace(id, 0), { text })
      : this.client?.answer(id, { said: text });
  }

  private async work(id: string, goesOn: boolean) {
    const { exercises, seed } = this.options;
    const exercise = exercises.find((each) => each.id === id);
    if (!exercise) return;
    const response = simulate(exercise.task, this.learner, seed + this.index) as object;
    const print = printOf(learnerCopy(exercise.task));
    const given: Record<string, unknown> = {};
    for (const [item, answer] of Object.entries(response)) {
      await this.after(ITEM.least + this.random.next() * (ITEM.most - ITEM.least));
      if (this.gone || this.at !== id) return;
      given[item] = answer;
      this.client?.answer(id, { ...given }, print);
      if (this.random.next() * 100 < DROPS) this.client?.drop();
    }
    const next = exercises[exercises.indexOf(exercise) + 1];
    if (goesOn && next) {
      this.at = next.id;
      await this.work(next.id, true);
    }
  }

  leave() {
    this.gone = true;
    this.client?.leave();
  }
}

/** Starts the rehearsal; what it answers with ends it. */
export function rehearse(options: RehearsalOptions): () => void {
  const all = simulatedClass(options.names, options.seed).map(
    (learner, index) => new Somebody(learner, options, index),
  );
  return () => all.forEach((each) => each.leave());
}
