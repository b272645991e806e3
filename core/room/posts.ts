/** A wall on which a class puts what it thinks, as text, a drawing or a picture; rings on a picture. */
import { strokesFrom, type Stroke } from '../board/drawn';
import { ANSWER_SIZE } from './messages';
import type { RoomState } from './room-state';

export type Post =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'drawing'; readonly strokes: readonly Stroke[] }
  /** A photograph or a picture of the learner's, as a data URL. */
  | { readonly kind: 'picture'; readonly picture: string };

/** Posts of one learner on one wall. */
export const MOST_POSTS = 3;
export const POST_LENGTH = 300;
/** Characters of a picture: the teacher's browser keeps those of a whole class. */
export const PICTURE_SIZE = 24_000;

/** Where a learner's post is kept: each place is an answer of its own, so that none pushes another out. */
export const postPlace = (question: string, at: number): string => `${question} ${at}`;

/** Only what a canvas writes: nothing that could run. */
const PICTURE = /^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/;

/** A post as it came over the wire; undefined where it is none, or was taken back. */
export function postFrom(given: unknown): Post | undefined {
  const { text, strokes, picture } = (given ?? {}) as Partial<
    Record<'text' | 'strokes' | 'picture', unknown>
  >;
  if (typeof text === 'string') {
    const plain = text.replace(/\s+/g, ' ').trim().slice(0, POST_LENGTH);
    return plain === '' ? undefined : { kind: 'text', text: plain };
  }
  if (typeof picture === 'string') {
    return picture.length <= PICTURE_SIZE && PICTURE.test(picture)
      ? { kind: 'picture', picture }
      : undefined;
  }
  const drawn = strokesFrom(strokes);
  return drawn.length === 0 ? undefined : { kind: 'drawing', strokes: drawn };
}

/** True where a drawing can still be sent as one answer. */
export const fitsAnswer = (strokes: readonly Stroke[]): boolean =>
  JSON.stringify(strokes).length < ANSWER_SIZE - 1000;

export interface PostOnWall {
  /** Unique on its wall. */
  readonly id: string;
  readonly member: string;
  readonly post: Post;
}

/** What stands on a wall, learner by learner. */
export function postsOn(room: RoomState, question: string): PostOnWall[] {
  return room.members.flatMap(({ id: member }) =>
    Array.from({ length: MOST_POSTS }, (_, at) => at).flatMap((at): PostOnWall[] => {
      const answer = room.answers[member]?.[postPlace(question, at)];
      const post = postFrom(answer?.response);
      // A post that was written anew is another: it is looked through again.
      return post && answer ? [{ id: `${member} ${at} ${answer.turn}`, member, post }] : [];
    }),
  );
}

export interface RingOnPicture {
  readonly member: string;
  /** Thousandths of the picture's width and height. */
  readonly x: number;
  readonly y: number;
}

const isPart = (value: unknown): value is number =>
  typeof value === 'number' && value >= 0 && value <= 1000;

/** Where each learner has set her ring. */
export function ringsOn(room: RoomState, question: string): RingOnPicture[] {
  return room.members.flatMap(({ id: member }) => {
    const { x, y } = room.answers[member]?.[question]?.response ?? {};
    return isPart(x) && isPart(y) ? [{ member, x, y }] : [];
  });
}

/** The answer under which a learner's strokes on a slate are kept. */
export const slatePlace = (slate: string): string => `slate ${slate}`;

/** What stands on a slate: the teacher's strokes, then those of all who had the pen. */
export function slateStrokes(room: RoomState, slate: string, own: readonly Stroke[]): Stroke[] {
  const theirs = room.members.flatMap(({ id }) =>
    strokesFrom(room.answers[id]?.[slatePlace(slate)]?.response['strokes']),
  );
  return [...own, ...theirs];
}
