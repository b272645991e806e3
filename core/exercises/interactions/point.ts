/** The point interaction: a place on a picture is shown. QTI 3 counterpart: hotspotInteraction and graphicGapMatchInteraction. */
import { markOf, type Interaction } from './interaction';

/** A thing in the scene; lengths are shares of the scene's width. */
export interface SceneThing {
  readonly id: string;
  /** Name of a shipped picture. */
  readonly picture: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface Scene {
  /** Height as a share of the width. */
  readonly height: number;
  readonly things: readonly SceneThing[];
  /** Room under each thing for its label: its width, and how far under the thing it ends. */
  readonly label?: { readonly width: number; readonly room: number };
}

export interface PointItem {
  readonly id: string;
  readonly word: string;
  /** The id of the thing it names. */
  readonly thing: string;
  readonly reason: string;
}

export interface PointTask {
  readonly interaction: 'point';
  readonly scene: Scene;
  readonly items: readonly PointItem[];
  /** Each thing is ringed when its word is read, or gets its label written beside it. */
  readonly answer: 'ring' | 'label';
  /** The labels to choose from; empty where they come from the head. */
  readonly bank: readonly string[];
}

/** Item id to the point that was shown, as [x, y] in shares of the scene's width. */
export type PointResponse = Readonly<Record<string, readonly [number, number]>>;

const holds = (thing: SceneThing | undefined, at: readonly [number, number] | undefined) =>
  thing !== undefined &&
  at !== undefined &&
  at[0] >= thing.x &&
  at[0] <= thing.x + thing.width &&
  at[1] >= thing.y &&
  at[1] <= thing.y + thing.height;

const overlap = (left: SceneThing, right: SceneThing) =>
  left.x < right.x + right.width &&
  right.x < left.x + left.width &&
  left.y < right.y + right.height &&
  right.y < left.y + left.height;

export const point: Interaction<PointTask, PointResponse> = {
  validate: ({ scene, items }) => {
    const { things } = scene;
    const ids = new Set(things.map((thing) => thing.id));
    return [
      ...items
        .filter((item) => !ids.has(item.thing))
        .map((item) => `${item.word} is not in the picture.`),
      ...things.flatMap((thing, index) =>
        things
          .slice(index + 1)
          .filter((other) => overlap(thing, other))
          .map((other) => `${thing.picture} and ${other.picture} lie over each other.`),
      ),
      ...things
        .filter(
          (thing, index) => things.findIndex((other) => other.picture === thing.picture) < index,
        )
        .map(
          (thing) => `${thing.picture} is in the picture twice, so that two places would be right.`,
        ),
    ];
  },
  mark: ({ scene, items }, response) =>
    markOf(items, (item) =>
      holds(
        scene.things.find((thing) => thing.id === item.thing),
        response[item.id],
      ),
    ),
  wordsOf: ({ items }) => items.map((item) => item.word),
  keyOf: ({ scene, items }) =>
    Object.fromEntries(
      items.map((item) => {
        const thing = scene.things.find((each) => each.id === item.thing);
        return [
          item.id,
          thing
            ? ([thing.x + thing.width / 2, thing.y + thing.height / 2] as const)
            : ([0, 0] as const),
        ];
      }),
    ),
};
