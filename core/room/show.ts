/** What the class is shown of a room: the teacher's browser says it, and every learner's screen follows. */
import type { LearnerExercise } from '../practice/for-learner';
import type { Post } from './posts';
import type { RoomCall } from './word-boards';

export interface RoomExercise {
  readonly id: string;
  readonly print: string;
  readonly exercise: LearnerExercise;
}

/** Sent once to each who comes in: the exercises of the lesson, without any key. */
export interface RoomContent {
  readonly title: string;
  readonly className: string;
  readonly exercises: readonly RoomExercise[];
  /** Names to choose from; absent where each writes her own. */
  readonly names?: readonly string[];
}

/** Whether all are at what the teacher opens, each goes on by herself, or they race. */
export const paces = {
  teacher: 'All together',
  own: 'Each at her own pace',
  race: 'A race',
} as const;
export type Pace = keyof typeof paces;

/** A question asked on the spot. */
export interface RoomQuestion {
  readonly id: string;
  readonly kind: 'choice' | 'words' | 'open' | 'wall' | 'ring';
  readonly text: string;
  /** Of a choice. */
  readonly options: readonly string[];
  /** On which a ring is set: the name of a shipped picture, or a data URL. */
  readonly picture?: string;
}

export const questionKinds = {
  choice: 'a choice',
  words: 'words as they come',
  open: 'a sentence',
  wall: 'a wall: text, drawing or picture',
  ring: 'a ring on a picture',
} as const satisfies Readonly<Record<RoomQuestion['kind'], string>>;

export interface RoomShow {
  readonly pace: Pace;
  /** The exercise that all are at; with their own pace where they begin. */
  readonly exercise?: string;
  /** Instead of an exercise. */
  readonly question?: RoomQuestion;
  /** Nothing can be answered; what was answered stays. */
  readonly locked: boolean;
  /** Screens are dark: look to the front. */
  readonly paused: boolean;
  /** One answer, without a name, for all to look at. */
  readonly looked?: Post;
  /** What of a wall all may see, without names. */
  readonly wall?: readonly Post[];
  /** A slate in the middle, on which who has the pen draws. */
  readonly slate?: RoomSlate;
  /** Words are called, and looked for on boards. */
  readonly call?: RoomCall;
}

/** Seen by all, instead of an exercise or a question. */
export interface RoomSlate {
  readonly id: string;
  /** What stands on it before anybody draws. */
  readonly text: string;
  /** The member who has the pen; the teacher's where it is absent. */
  readonly pen?: string;
}

export const firstShow: RoomShow = { pace: 'teacher', locked: false, paused: false };

/** A talk in pairs: with whom, and about what. */
export interface RoomPair {
  readonly partners: readonly string[];
  readonly prompt: string;
}
