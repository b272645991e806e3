/** The point interaction: a place on a picture is shown. QTI 3 counterpart: hotspotInteraction and graphicGapMatchInteraction. */
/** A thing in the scene; lengths are shares of the scene's width. */
export interface SceneThing {
  readonly id: string;
  /** Name of a shipped picture; empty for a place on the teacher's own picture. */
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
  /** The teacher's own picture that the things are places of. */
  readonly backdrop?: { readonly picture: string; readonly shows: string };
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
  /** Each thing is ringed when its word is read, gets its label, or lies covered and is guessed. */
  readonly answer: 'ring' | 'label' | 'uncover';
  /** The labels to choose from; empty where they come from the head. */
  readonly bank: readonly string[];
}

/** Item id to the point that was shown, as [x, y] in shares of the scene's width. */
export type PointResponse = Readonly<Record<string, readonly [number, number]>>;
