/** A strip of pictures at the foot of a sheet for the young, where it has the room and none yet. */
import type { Exercise } from '../exercises/making/exercise';
import type { PageMark } from '../paper/marks';
import type { Block } from '../paper/paginate';
import type { SheetStyle } from '../paper/style';

const MOST = 5;
const FEWEST = 3;

/** Tasks in which a picture of a word that is printed tells nothing that is asked. */
const harmless = new Set(['speak', 'sort', 'match', 'spot', 'build', 'write']);

/** Words that stand on the sheet in full: a picture of what is to be written would give it away. */
function printed(blocks: readonly Block[]): ReadonlySet<string> {
  return new Set(
    blocks.flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text.toLowerCase()] : [])),
    ),
  );
}

/**
 * The pictures of three to five words of the exercise side by side; nothing where it has fewer, or
 * where they would help with the answers.
 */
export function pictureStrip(
  { task, pictures = {} }: Pick<Exercise, 'task' | 'pictures'>,
  blocks: readonly Block[],
  style: SheetStyle,
): Block[] {
  if (!harmless.has(task.interaction)) return [];
  const seen = printed(blocks);
  const shown = [
    ...new Set(
      Object.entries(pictures).flatMap(([word, picture]) =>
        seen.has(word.toLowerCase()) ? [picture] : [],
      ),
    ),
  ].slice(0, MOST);
  if (shown.length < FEWEST) return [];
  const side = style.picture;
  const gap = (style.width - shown.length * side) / (shown.length + 1);
  return [
    {
      height: side + 6,
      name: 'The strip of pictures',
      marks: shown.map((picture, at): PageMark => ({
        kind: 'picture',
        x: gap + at * (side + gap),
        y: 4,
        width: side,
        height: side,
        picture,
        name: '',
      })),
    },
  ];
}
