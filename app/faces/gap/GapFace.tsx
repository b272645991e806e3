import type { GapItem, GapResponse, GapTask } from '~core/exercises/interactions/gap/task';
import type { FaceProps } from '../kit/face-props';
import { useItemHelp } from '../kit/item-help';
import { ItemRow } from '../kit/ItemRow';
import { useSigns } from '../kit/SignsBar';
import { CrossingFace } from './CrossingFace';

/** Room for letters in a gap: every gap of a task has the same, and gives nothing away. */
function roomOf({ items, bank, boxes }: GapTask): number {
  if (boxes) return 3;
  const answers = items.flatMap(({ pieces }) =>
    pieces.flatMap((piece) => (piece.kind === 'gap' ? [piece.answer.length] : [])),
  );
  return (
    Math.max(3, ...answers, ...bank.map(({ length }) => length).filter((length) => length < 25)) + 1
  );
}

/** Items of a few letters stand side by side where there is room. */
const isShort = ({ items, sentences }: GapTask) =>
  !sentences &&
  items.every(
    ({ pieces }) =>
      pieces.reduce((sum, piece) => sum + (piece.kind === 'text' ? piece.text.length : 4), 0) < 22,
  );

interface RowProps {
  readonly item: GapItem;
  readonly number: number;
  readonly room: number;
  readonly boxes: boolean;
  readonly written: readonly string[];
  readonly locked: boolean;
  readonly onWritten: (written: readonly string[]) => void;
}

function Row({ item, number, room, boxes, written, locked, onWritten }: RowProps) {
  let gap = -1;
  return (
    <p className="play-gaps">
      {item.pieces.map((piece, index) => {
        if (piece.kind === 'text') return <span key={index}>{piece.text}</span>;
        gap += 1;
        const at = gap;
        return (
          <input
            key={index}
            className={`play-gap${boxes ? ' play-gap--box' : ''}`}
            style={{ width: `${room}ch` }}
            aria-label={`Item ${number}, gap ${at + 1}`}
            autoCapitalize="off"
            autoComplete="off"
            autoCorrect="off"
            spellCheck={false}
            maxLength={120}
            disabled={locked}
            value={written[at] ?? ''}
            onChange={(event) => {
              const next = [...written];
              next[at] = event.currentTarget.value;
              onWritten(Array.from(next, (each) => each ?? ''));
            }}
          />
        );
      })}
    </p>
  );
}

/** Gaps are written in; what stands in the box is written by a tap. */
export function GapFace(props: FaceProps<GapTask, GapResponse>) {
  const { task, response, onResponse, verdicts, locked, signs } = props;
  const { before } = useItemHelp();
  const { bar, onFocus, write } = useSigns(signs);
  if (task.crossing) return <CrossingFace {...props} crossing={task.crossing} />;
  const room = roomOf(task);
  // What is long in the box is a rule to read, not an answer to write.
  const short = task.bank.every((entry) => entry.length < 25);
  return (
    <div onFocus={onFocus}>
      {task.bank.length > 0 && (
        <div className="put-tray" role="group" aria-label="Box to choose from">
          {task.bank.map((entry, index) =>
            short ? (
              <button
                key={index}
                type="button"
                className="piece"
                disabled={locked}
                onClick={() => write(entry)}
              >
                {entry}
              </button>
            ) : (
              <p key={index} className="mb-0">
                {entry}
              </p>
            ),
          )}
        </div>
      )}
      {bar}
      <ol className={`play-items${isShort(task) ? ' play-items--short' : ''}`}>
        {task.items.map((item, index) => (
          <ItemRow
            key={item.id}
            item={item.id}
            number={before + index + 1}
            verdict={verdicts.get(item.id)}
          >
            <Row
              item={item}
              number={before + index + 1}
              room={room}
              boxes={task.boxes === true}
              written={response[item.id] ?? []}
              locked={locked}
              onWritten={(written) => onResponse({ ...response, [item.id]: written })}
            />
          </ItemRow>
        ))}
      </ol>
    </div>
  );
}
