/** The net of a cube: where its faces stand, and which edges have a tab to glue. */
export type Edge = 'up' | 'down' | 'left' | 'right';

/** Where the six faces of a die stand in its net: column and row, in sides. */
export const faces = [
  [1, 0],
  [0, 1],
  [1, 1],
  [2, 1],
  [1, 2],
  [1, 3],
] as const;
/**
 * The tabs of the net, by face and edge: seven, one for each edge of the cube where two faces are
 * glued together. (A cube has twelve edges; a net of six squares joins five of them by folds.)
 */
export const tabs: readonly (readonly [face: number, edge: Edge])[] = [
  [0, 'up'],
  [0, 'left'],
  [0, 'right'],
  [4, 'left'],
  [4, 'right'],
  [5, 'left'],
  [5, 'right'],
];
