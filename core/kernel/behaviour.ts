/** How an exercise behaves on a screen. Set for a class, and changed for an exercise. */

/**
 * When a learner is told what is right: as soon as an item is answered, when she checks, once at
 * the end, or never.
 */
export const feedbacks = ['once', 'check', 'end', 'none'] as const;
export type Feedback = (typeof feedbacks)[number];

/** Whether help is offered before an answer, after a wrong one, or not at all. */
export const hintTimes = ['first', 'after', 'none'] as const;
export type HintTime = (typeof hintTimes)[number];

/** What follows a wrong answer: nothing, the same items once more, or others of their kind. */
export const rounds = ['none', 'same', 'new'] as const;
export type Again = (typeof rounds)[number];

/** Bands of a score from all down: all right, nearly all, half, less. */
export const BANDS = 4;
/** Letters that a message of the teacher's can have. */
export const MESSAGE_LENGTH = 200;

export interface Behaviour {
  readonly feedback: Feedback;
  readonly hints: HintTime;
  /** How often it can be checked before the answers can be seen, 1 to 9. */
  readonly tries: number;
  /** The answers can be seen after the tries. */
  readonly answers: boolean;
  /** Items stand in another order for every learner. */
  readonly shuffle: boolean;
  /** One item at a time. */
  readonly oneByOne: boolean;
  /** Share of the marks that is a pass, in percent; 0 where nothing is said of it. */
  readonly pass: number;
  /** The time that has gone is shown. */
  readonly clock: boolean;
  /** What can be heard is heard. */
  readonly sound: boolean;
  readonly again: Again;
  /** The teacher’s own messages by band of score; an empty one is as usual. */
  readonly messages: readonly string[];
}

export const usualBehaviour: Behaviour = {
  feedback: 'check',
  hints: 'after',
  tries: 2,
  answers: true,
  shuffle: false,
  oneByOne: false,
  pass: 0,
  clock: false,
  sound: true,
  again: 'same',
  messages: [],
};

const oneOf = <Value>(choices: readonly Value[], value: unknown, usual: Value): Value =>
  choices.includes(value as Value) ? (value as Value) : usual;

const yes = (value: unknown, usual: boolean) => (typeof value === 'boolean' ? value : usual);

const within = (value: unknown, least: number, most: number, usual: number) =>
  typeof value === 'number' && Number.isFinite(value)
    ? Math.min(most, Math.max(least, Math.round(value)))
    : usual;

/** A behaviour from settings that came from outside, the first before the later; what is not fit is as usual. */
export function behaviourFrom(...settings: readonly (Partial<Behaviour> | undefined)[]): Behaviour {
  const given: Partial<Record<keyof Behaviour, unknown>> = Object.assign(
    {},
    ...[...settings].reverse().map((each) => each ?? {}),
  );
  const usual = usualBehaviour;
  const messages = Array.isArray(given.messages) ? given.messages : [];
  return {
    feedback: oneOf(feedbacks, given.feedback, usual.feedback),
    hints: oneOf(hintTimes, given.hints, usual.hints),
    tries: within(given.tries, 1, 9, usual.tries),
    answers: yes(given.answers, usual.answers),
    shuffle: yes(given.shuffle, usual.shuffle),
    oneByOne: yes(given.oneByOne, usual.oneByOne),
    pass: within(given.pass, 0, 100, usual.pass),
    clock: yes(given.clock, usual.clock),
    sound: yes(given.sound, usual.sound),
    again: oneOf(rounds, given.again, usual.again),
    messages: messages
      .slice(0, BANDS)
      .map((each) => (typeof each === 'string' ? each.trim().slice(0, MESSAGE_LENGTH) : '')),
  };
}
