import type { OrderItem, OrderResponse, OrderTask } from '~core/exercises/interactions/order/task';
import type { FaceProps } from '../kit/face-props';
import { useItemHelp } from '../kit/item-help';
import { ItemRow } from '../kit/ItemRow';

/** Which pieces, by their places among those shown, make up what was put in order. */
function placesOf(pieces: readonly string[], put: readonly string[]): number[] {
  const taken = new Set<number>();
  return put.flatMap((text) => {
    const at = pieces.findIndex((piece, index) => piece === text && !taken.has(index));
    if (at < 0) return [];
    taken.add(at);
    return [at];
  });
}

function Pieces({
  item,
  put,
  onPut,
  locked,
  long,
}: {
  item: OrderItem;
  put: readonly string[];
  onPut: (put: readonly string[]) => void;
  locked: boolean;
  long: boolean;
}) {
  const places = placesOf(item.pieces, put);
  return (
    <div className={`play-order${long ? ' play-order--long' : ''}`}>
      <div className="play-order__line" role="group" aria-label="In order">
        {places.length === 0 && <span className="quiet">Tap the pieces in their order.</span>}
        {places.map((at, index) => (
          <button
            key={at}
            type="button"
            className="piece piece--placed"
            disabled={locked}
            aria-label={`${index + 1}: ${item.pieces[at] ?? ''}. Take back`}
            onClick={() => onPut(put.filter((_, each) => each !== index))}
          >
            {item.pieces[at]}
          </button>
        ))}
      </div>
      <div className="put-tray" role="group" aria-label="Pieces">
        {item.pieces.map((piece, at) =>
          places.includes(at) ? null : (
            <button
              key={at}
              type="button"
              className="piece"
              disabled={locked}
              onClick={() => onPut([...put, piece])}
            >
              {piece}
            </button>
          ),
        )}
      </div>
    </div>
  );
}

/** Pieces are tapped in their order, and tapped again go back. */
export function OrderFace(props: FaceProps<OrderTask, OrderResponse>) {
  const { task, response, onResponse, verdicts, locked, picture } = props;
  const { before } = useItemHelp();
  return (
    <ol className="play-items">
      {task.items.map((item, index) => (
        <ItemRow
          key={item.id}
          item={item.id}
          number={before + index + 1}
          verdict={verdicts.get(item.id)}
        >
          {item.picture !== undefined && (
            <img
              className="play-picture"
              src={picture(item.picture)}
              alt={`What item ${before + index + 1} shows`}
            />
          )}
          <Pieces
            item={item}
            put={response[item.id] ?? []}
            onPut={(put) => onResponse({ ...response, [item.id]: put })}
            locked={locked}
            long={task.list === true}
          />
        </ItemRow>
      ))}
    </ol>
  );
}
