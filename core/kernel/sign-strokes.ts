/** A sign of a script as it is written: its strokes in their order, each as the pen goes. */

/** Side of the square in which the strokes of a sign stand; their paths are in its units. */
export const SIGN_GRID = 109;

export interface SignStroke {
  /** The path of the pen, as path data of SVG; it begins with an absolute M. */
  readonly path: string;
  /** Where the number of the stroke stands: left end and baseline of a figure 8 high. */
  readonly number: { readonly x: number; readonly y: number };
}

export interface SignStrokes {
  readonly sign: string;
  readonly strokes: readonly SignStroke[];
}

/** Where the pen begins a stroke. */
export function beginningOf({ path }: SignStroke): { readonly x: number; readonly y: number } {
  const [, x = '0', y = '0'] = /^M\s*(-?[\d.]+)[ ,]*(-?[\d.]+)/.exec(path) ?? [];
  return { x: Number(x), y: Number(y) };
}
