import { expect, test } from 'vitest';
import { faces, tabs, type Edge } from './die-net';

type Vector = readonly [number, number, number];
const add = (one: Vector, two: Vector): Vector => [
  one[0] + two[0],
  one[1] + two[1],
  one[2] + two[2],
];
const minus = ([x, y, z]: Vector): Vector => [-x, -y, -z];

/** A face in space: its middle, and which ways its right and its lower edge look. */
interface Folded {
  readonly middle: Vector;
  readonly right: Vector;
  readonly down: Vector;
}

/** A face folded down over an edge of the one before it (the outside of the paper is outside). */
function fold({ middle, right, down }: Folded, edge: Edge): Folded {
  const inwards = minus(middle);
  const next = {
    right: { middle: right, right: inwards, down },
    left: { middle: minus(right), right: middle, down },
    down: { middle: down, right, down: inwards },
    up: { middle: minus(down), right, down: middle },
  };
  return next[edge];
}

/** Every face where it lies on the cube when the net is folded. */
function cube(): Folded[] {
  const folded: (Folded | undefined)[] = faces.map(() => undefined);
  folded[0] = { middle: [0, 0, 1], right: [1, 0, 0], down: [0, 1, 0] };
  const steps = { right: [1, 0], left: [-1, 0], down: [0, 1], up: [0, -1] } as const;
  for (let round = 0; round < faces.length; round += 1) {
    faces.forEach(([column, row], at) => {
      const from = folded[at];
      if (!from) return;
      for (const [edge, [dx, dy]] of Object.entries(steps)) {
        const next = faces.findIndex(([x, y]) => x === column + dx && y === row + dy);
        if (next >= 0) folded[next] ??= fold(from, edge as Edge);
      }
    });
  }
  return folded.map((face) => {
    if (!face) throw new Error('a face hangs on nothing');
    return face;
  });
}

/** The middle of an edge in space: the same for the two edges that meet there. */
function edgeAt({ middle, right, down }: Folded, edge: Edge): string {
  const to = { right, left: minus(right), down, up: minus(down) }[edge];
  return add(middle, to).join();
}

test('the net folds to a cube: each face on a side of its own', () => {
  expect(new Set(cube().map(({ middle }) => middle.join())).size).toBe(6);
});

test('each of the twelve edges is a fold or has one tab, and no tab meets another', () => {
  const folded = cube();
  const tabbed = new Set(tabs.map(([face, edge]) => `${face} ${edge}`));
  const edges = new Map<string, string[]>();
  faces.forEach((_, face) => {
    for (const edge of ['up', 'down', 'left', 'right'] as const) {
      const at = edgeAt(folded[face] as Folded, edge);
      edges.set(at, [...(edges.get(at) ?? []), `${face} ${edge}`]);
    }
  });
  // A cube has twelve edges, and two faces meet at each (Euclid, Elements XI, definition 25).
  expect(edges.size).toBe(12);
  let folds = 0;
  for (const meeting of edges.values()) {
    expect(meeting).toHaveLength(2);
    const neighbours = meeting.map((each) => faces[Number(each.split(' ')[0])] ?? faces[0]);
    const [[x1, y1], [x2, y2]] = neighbours as [
      readonly [number, number],
      readonly [number, number],
    ];
    const isFold = Math.abs(x1 - x2) + Math.abs(y1 - y2) === 1;
    const withTab = meeting.filter((each) => tabbed.has(each)).length;
    if (isFold) folds += 1;
    expect(withTab).toBe(isFold ? 0 : 1);
  }
  expect(folds).toBe(5);
});
