/** A scene of shipped pictures: each in a cell of its own, a little out of line, so that none lies over another. */
import type { Scene } from './task';
import type { Random } from '../../../kernel/random';

/** Share of its cell that a picture fills at most, and by how much it may wander in it. */
const FILL = 0.8;

/**
 * @param pictures names of pictures, each once
 * @param height of the scene as a share of its width
 * @param room under each thing for its label, as a share of the width; things then stand in line
 */
export function sceneOf(
  pictures: readonly string[],
  random: Random,
  height = 0.62,
  room = 0,
): Scene {
  const columns = Math.max(1, Math.ceil(Math.sqrt(pictures.length / height)));
  const rows = Math.max(1, Math.ceil(pictures.length / columns));
  const cell = { width: 1 / columns, height: height / rows };
  const side = (room > 0 ? 0.82 : FILL) * Math.min(cell.width, cell.height - room);
  return {
    height,
    ...(room > 0 ? { label: { width: cell.width * 0.9, room } } : {}),
    things: pictures.map((picture, index) => {
      const wander = (free: number) => (room > 0 ? 0.5 : 0.1 + 0.8 * random.next()) * (free - side);
      const row = Math.floor(index / columns);
      // The last row is centred.
      const inRow = Math.min(columns, pictures.length - row * columns);
      const start = (1 - inRow * cell.width) / 2;
      return {
        id: `thing-${index + 1}`,
        picture,
        x: start + (index % columns) * cell.width + wander(cell.width),
        y: row * cell.height + wander(cell.height - room),
        width: side,
        height: side,
      };
    }),
  };
}
