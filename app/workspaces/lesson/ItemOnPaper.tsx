import { useRef, useState } from 'react';
import { Overlay, Popover } from 'react-bootstrap';
import { BsArrowDown, BsArrowUp, BsShuffle, BsX } from 'react-icons/bs';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import type { ExercisePart, Send } from './built-part';
import { TextsOfWord } from './ItemsByHand';
import { t } from '~/phrases/t';

/** An item that was chosen on the paper: by its number in the exercise, or by its word alone. */
export interface ChosenItem {
  readonly id?: string;
  readonly word: string;
  /** The place on the page that stands for it. */
  readonly place: HTMLElement;
}

export interface ItemOnPaperProps {
  readonly open: ExercisePart;
  readonly context: PartContext;
  readonly chosen: ChosenItem;
  readonly onClose: () => void;
  readonly send: Send;
}

/** The keys of the items with one moved by a place. */
function moved(keys: readonly string[], key: string, by: 1 | -1): string[] {
  const at = keys.indexOf(key);
  const others = keys.filter((each) => each !== key);
  others.splice(at + by, 0, key);
  return others;
}

/** What can be done with one item, beside it on the paper. */
export function ItemOnPaper({ open, context, chosen, onClose, send }: ItemOnPaperProps) {
  const { part, exercise, checks, suggestions } = open;
  const [said, setSaid] = useState('');
  const close = useRef<HTMLButtonElement>(null);
  const places = exercise.items ?? [];
  const keys = places.map(({ key }) => key);
  const index = places.findIndex(({ id }) => id === chosen.id);
  const place = places[index];
  const word = place?.word ?? chosen.word;
  const isGiven = part.words.includes(word);
  const swaps = checks.find((check) => check.word === word)?.swaps ?? [];
  const instead = isGiven ? [...swaps, ...suggestions].slice(0, 4) : [];
  const set = (parameters: object, label: string) =>
    send({ intent: 'parameters', part: part.id, parameters, label });
  const another = async () => {
    if (place === undefined) return;
    setSaid(t('lesson.lookingForAnother'));
    const parameters = await engine().anotherItem(part, place.id, context);
    setSaid(parameters ? '' : t('lesson.thereIsNoOtherItem'));
    if (parameters) set(parameters, t('lesson.madeItemOnceMore', { index: index + 1 }));
  };
  const takeOut = () => {
    onClose();
    const onlyOne = places.filter((each) => each.word === word).length <= 1;
    if (isGiven && onlyOne) send({ intent: 'remove-word', part: part.id, word });
    else if (place) {
      const without = [...(part.parameters.without ?? []), place.key];
      set({ without }, t('lesson.tookOutItem', { index: index + 1 }));
    }
  };
  const move = (by: 1 | -1) => {
    if (place === undefined) return;
    onClose();
    set(
      { order: moved(keys, place.key, by) },
      t('lesson.movedItem', { index: index + 1, which: by < 0 ? 'up' : 'down' }),
    );
  };
  const name = place ? t('lesson.item2', { index: index + 1 }) : word;
  return (
    <Overlay
      show
      // The place may be drawn anew while this is open.
      target={() =>
        chosen.place.isConnected
          ? chosen.place
          : document.querySelector<HTMLElement>(`[data-item="${CSS.escape(chosen.id ?? word)}"]`)
      }
      placement="auto"
      rootClose
      onHide={onClose}
      onEntered={() => close.current?.focus()}
    >
      <Popover className="item-menu" role="dialog" aria-label={`${name}: ${word}`}>
        <Popover.Header as="div" className="d-flex justify-content-between align-items-center">
          <h3>
            {name}
            {place ? <span className="quiet"> {word}</span> : ''}
          </h3>
          <button
            type="button"
            ref={close}
            className="btn-close"
            aria-label={t('lesson.close')}
            onClick={onClose}
          />
        </Popover.Header>
        <Popover.Body>
          <div className="item-menu__does" role="group" aria-label={t('lesson.changeThisItem')}>
            {place && (
              <>
                <button type="button" className="btn btn-sm" onClick={() => void another()}>
                  <BsShuffle aria-hidden="true" /> {t('lesson.another')}
                </button>
                <button
                  type="button"
                  className="btn btn-sm"
                  disabled={index === 0}
                  onClick={() => move(-1)}
                >
                  <BsArrowUp aria-hidden="true" /> {t('lesson.up')}
                </button>
                <button
                  type="button"
                  className="btn btn-sm"
                  disabled={index === places.length - 1}
                  onClick={() => move(1)}
                >
                  <BsArrowDown aria-hidden="true" /> {t('lesson.down')}
                </button>
              </>
            )}
            {(place ?? isGiven) && (
              <button type="button" className="btn btn-sm" onClick={takeOut}>
                <BsX aria-hidden="true" /> {t('lesson.takeOut')}
              </button>
            )}
          </div>
          <p className="small mb-1" role="status">
            {said}
          </p>
          {instead.length > 0 && (
            <div className="mb-2">
              <span className="quiet small">{t('lesson.insteadOf', { word })}</span>
              <ul className="chips" aria-label={t('lesson.insteadOf', { word })}>
                {instead.map((to) => (
                  <li key={to}>
                    <button
                      type="button"
                      className="chip"
                      onClick={() => {
                        onClose();
                        send({ intent: 'swap', part: part.id, from: word, to });
                      }}
                    >
                      {to}
                    </button>
                  </li>
                ))}
              </ul>
            </div>
          )}
          <TextsOfWord open={open} word={word} send={send} />
        </Popover.Body>
      </Popover>
    </Overlay>
  );
}
