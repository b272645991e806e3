import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { BsPlusLg, BsX } from 'react-icons/bs';
import type { Scene } from '~core/exercises/interactions/write/task';
import type { Pin } from '~core/exercises/making/parameters';
import { useAhead } from '~/ui/use-ahead';
import type { PanelProps } from './panel-props';
import { t } from '~/phrases/t';

const none: readonly Pin[] = [];

const MOST = 24;
/** A step of an arrow key, and of one with Shift, as a share of the picture. */
const STEP = 0.01;
const STRIDE = 0.05;

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const held = (share: number) => Math.min(1, Math.max(0, Math.round(share * 1000) / 1000));

interface PlacesProps {
  readonly scene: Scene;
  readonly places: readonly Pin[];
  readonly onChange: (places: readonly Pin[], said: string) => void;
}

/** The picture with its numbered places, and beside it their names: each is kept as it is left. */
function Places({ scene, places, onChange }: PlacesProps) {
  const id = useId();
  const names = useRef<(HTMLInputElement | null)[]>([]);
  const [fresh, setFresh] = useState<number>();
  useEffect(() => {
    if (fresh === undefined) return;
    names.current[fresh]?.focus();
    setFresh(undefined);
  }, [fresh]);
  const full = places.length >= MOST;
  const add = (x: number, y: number) => {
    if (full) return;
    onChange([...places, { x: held(x), y: held(y), word: '' }], t('lesson.addedAPlace'));
    setFresh(places.length);
  };
  const set = (index: number, change: Partial<Pin>, said: string) =>
    onChange(
      places.map((pin, at) => (at === index ? { ...pin, ...change } : pin)),
      said,
    );
  const remove = (index: number) =>
    onChange(
      places.filter((_, at) => at !== index),
      t('lesson.tookAPlaceAway'),
    );
  const onKey = (event: KeyboardEvent, index: number, pin: Pin) => {
    const way = arrows[event.key];
    if (way) {
      event.preventDefault();
      const step = event.shiftKey ? STRIDE : STEP;
      const moved = { x: held(pin.x + way[0] * step), y: held(pin.y + way[1] * step) };
      set(index, moved, t('lesson.movedAPlace'));
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      remove(index);
    }
  };
  return (
    <div className="picture-places">
      <div>
        <p id={`${id}-how`} className="small mb-2">
          {t('lesson.clickOnThePictureTo')}
        </p>
        <div className="picture-places__picture">
          {/* With keys a place is added by the button under the names, then moved with the arrows. */}
          {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-noninteractive-element-interactions */}
          <img
            src={scene.picture}
            alt={scene.shows ?? t('lesson.yourPicture')}
            onClick={(event) => {
              const box = event.currentTarget.getBoundingClientRect();
              add((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
            }}
          />
          {places.map((pin, index) => (
            <button
              key={index}
              type="button"
              className="picture-places__place"
              style={{ left: `${pin.x * 100}%`, top: `${pin.y * 100}%` }}
              aria-label={t('lesson.place', {
                index: index + 1,
                which: pin.word === '' ? t('lesson.noNameYet') : `: ${pin.word}`,
              })}
              aria-describedby={`${id}-how`}
              onKeyDown={(event) => onKey(event, index, pin)}
              onClick={() => names.current[index]?.focus()}
            >
              {index + 1}
            </button>
          ))}
        </div>
      </div>
      <ol className="picture-places__names" aria-label={t('lesson.namesOfThePlaces')}>
        {places.map((pin, index) => (
          <li key={index}>
            <span aria-hidden="true">{index + 1}</span>
            <input
              ref={(field) => {
                names.current[index] = field;
              }}
              key={pin.word}
              className="form-control learner-text"
              aria-label={t('lesson.nameOfPlace', { index: index + 1 })}
              defaultValue={pin.word}
              maxLength={60}
              onBlur={(event) => {
                const word = event.currentTarget.value.trim();
                if (word !== pin.word) set(index, { word }, t('lesson.namedAPlace', { word }));
              }}
              onKeyDown={(event) => {
                if (event.key === 'Enter') event.currentTarget.blur();
              }}
            />
            <Button
              size="sm"
              variant="link"
              aria-label={t('lesson.takePlaceAway', { index: index + 1 })}
              onClick={() => remove(index)}
            >
              <BsX aria-hidden="true" />
            </Button>
          </li>
        ))}
        <li>
          <Button size="sm" variant="outline-dark" disabled={full} onClick={() => add(0.5, 0.5)}>
            <BsPlusLg aria-hidden="true" /> {t('lesson.addAPlaceInThe')}
          </Button>
          {full && <p className="small mt-1 mb-0">{t('lesson.aPictureHoldsPlaces', { MOST })}</p>}
        </li>
      </ol>
    </div>
  );
}

/** Opens the picture large, to mark places on it and name them. */
export function PicturePlaces({
  label,
  name,
  open,
  onSet,
}: PanelProps & { readonly label: string; readonly name: string }) {
  const id = useId();
  const [shown, setShown] = useState(false);
  const scene = open.part.parameters['picture'] as Scene | undefined;
  const kept = open.part.parameters[name] as readonly Pin[] | undefined;
  const done = useRef('');
  const [places, setPlaces] = useAhead(kept ?? none, (next) =>
    onSet({ [name]: next.length === 0 ? null : next }, done.current),
  );
  const named = places.filter(({ word }) => word !== '');
  return (
    <div className="mb-2" role="group" aria-labelledby={id}>
      <div id={id} className="mb-1">
        {label}
      </div>
      {scene === undefined ? (
        <p className="small mb-0">{t('lesson.chooseAPictureFirst')}</p>
      ) : (
        <>
          {named.length > 0 && (
            <p className="learner-text small mb-1">{named.map(({ word }) => word).join(', ')}</p>
          )}
          <Button size="sm" variant="outline-dark" onClick={() => setShown(true)}>
            {places.length === 0 ? t('lesson.markItsPlaces') : t('lesson.changeItsPlaces')}
          </Button>
          <Modal
            show={shown}
            onHide={() => setShown(false)}
            size="xl"
            scrollable
            aria-labelledby={`${id}-title`}
          >
            <Modal.Header closeButton closeLabel="Close">
              <Modal.Title as="h2" id={`${id}-title`} className="h4">
                {t('lesson.placesOnYourPicture')}
              </Modal.Title>
            </Modal.Header>
            <Modal.Body>
              <Places
                scene={scene}
                places={places}
                onChange={(changed, said) => {
                  done.current = said;
                  setPlaces(changed);
                }}
              />
            </Modal.Body>
          </Modal>
        </>
      )}
    </div>
  );
}
