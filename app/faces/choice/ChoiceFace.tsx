import { Fragment, useId } from 'react';
import type { ChoiceResponse, ChoiceTask } from '~core/exercises/interactions/choice/task';
import type { FaceProps } from '../kit/face-props';
import { useItemHelp } from '../kit/item-help';
import { ItemRow, Passage } from '../kit/ItemRow';

/** One answer of several: buttons of a group, large enough for a finger. */
export function ChoiceFace(props: FaceProps<ChoiceTask, ChoiceResponse>) {
  const { task, response, onResponse, verdicts, locked, picture } = props;
  const { before } = useItemHelp();
  const name = useId();
  return (
    <ol className="play-items">
      {task.items.map((item, index) => {
        const verdict = verdicts.get(item.id);
        return (
          <Fragment key={item.id}>
            {item.passage !== undefined && (
              <li className="play-item--passage">
                <Passage text={item.passage} />
              </li>
            )}
            <ItemRow item={item.id} number={before + index + 1} verdict={verdict}>
              <fieldset className="play-choice" disabled={locked}>
                <legend>
                  {item.picture !== undefined && (
                    <img
                      className="play-picture"
                      src={picture(item.picture)}
                      alt={`What item ${before + index + 1} shows`}
                    />
                  )}
                  {item.prompt || (
                    <span className="visually-hidden">Item {before + index + 1}</span>
                  )}
                </legend>
                <div className="play-options">
                  {item.options.map((option) => (
                    <label key={option.id} className="play-option">
                      <input
                        type="radio"
                        name={`${name} ${item.id}`}
                        value={option.id}
                        checked={response[item.id] === option.id}
                        onChange={() => onResponse({ ...response, [item.id]: option.id })}
                      />
                      <span>{option.text}</span>
                    </label>
                  ))}
                </div>
              </fieldset>
            </ItemRow>
          </Fragment>
        );
      })}
    </ol>
  );
}
