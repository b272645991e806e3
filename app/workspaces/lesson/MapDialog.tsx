import * as Comlink from 'comlink';
import { useEffect, useId, useRef, useState } from 'react';
import { Button, Modal, Spinner } from 'react-bootstrap';
import type { Scene } from '~core/exercises/interactions/write/task';
import type { Pin } from '~core/exercises/making/parameters';
import type { Place } from '~core/maps/atlas';
import type { MapZoom } from '~core/maps/locator-map';
import { readPicture } from '~/ui/read-picture';
import type { DrawnMap, MapService } from '~/workers/map.worker';
import { t } from '~/phrases/t';

const zooms: readonly (readonly [MapZoom, string])[] = [
  ['globe', t('lesson.onTheGlobe')],
  ['country', t('lesson.inItsCountry')],
  ['region', t('lesson.inItsRegion')],
];

const NO_ATLAS = t('lesson.theAtlasCouldNotBe');

/** Lines are sharp on a whole page. */
const SIDE = 1600;

let started: Comlink.Remote<MapService> | undefined;

/** The atlas is opened with the first map and stays open. */
function atlas(): Comlink.Remote<MapService> {
  started ??= Comlink.wrap<MapService>(
    new Worker(new URL('../../workers/map.worker.ts', import.meta.url), {
      type: 'module',
      name: 'maps',
    }),
  );
  return started;
}

const countries = new Intl.DisplayNames(['en'], { type: 'region' });

/** Porto, Portugal; of a country its name alone. */
const called = ({ name, country }: Place) =>
  country === undefined
    ? t('lesson.country', { name })
    : `${name}, ${countries.of(country) ?? country}`;

const dataUrl = (svg: string) => `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;

/** Answers of the atlas to what is typed, the last one only. */
function usePlaces(typed: string) {
  const [answer, setAnswer] = useState<{ readonly typed: string; readonly places: Place[] }>();
  const [problem, setProblem] = useState('');
  useEffect(() => {
    let current = true;
    const wait = setTimeout(() => {
      if (typed.trim() === '') return;
      atlas()
        .find(typed)
        .then(
          (places) => current && setAnswer({ typed, places }),
          () => current && setProblem(NO_ATLAS),
        );
    }, 150);
    return () => {
      current = false;
      clearTimeout(wait);
    };
  }, [typed]);
  return { answer, problem };
}

/** The map of a place, drawn anew for every choice. */
function useMap(place: Place | undefined, zoom: MapZoom, marked: boolean) {
  const [map, setMap] = useState<DrawnMap>();
  useEffect(() => {
    let current = true;
    if (place === undefined) setMap(undefined);
    else {
      atlas()
        .draw(place, zoom, marked)
        .then(
          (drawn) => current && setMap(drawn),
          () => current && setMap(undefined),
        );
    }
    return () => {
      current = false;
    };
  }, [place, zoom, marked]);
  return map;
}

interface MapDialogProps {
  readonly onClose: () => void;
  /** The map as a picture, and the place on it with its name. */
  readonly onTake: (scene: Scene, pin: Pin) => void;
}

/** A place is named, its map chosen and taken as the picture of the exercise. */
export function MapDialog({ onClose, onTake }: MapDialogProps) {
  const id = useId();
  const field = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState('');
  const [place, setPlace] = useState<Place>();
  const [zoom, setZoom] = useState<MapZoom>('country');
  const [marked, setMarked] = useState(true);
  const [busy, setBusy] = useState(false);
  const { answer, problem } = usePlaces(typed);
  const map = useMap(place, zoom, marked);
  const found = typed.trim() === '' ? [] : (answer?.places ?? []);
  const take = async () => {
    if (map === undefined || place === undefined) return;
    setBusy(true);
    const file = new File([map.picture], 'map.svg', { type: 'image/svg+xml' });
    const { picture, ratio } = await readPicture(file, { side: SIDE });
    const way = zooms.find(([each]) => each === zoom)?.[1] ?? '';
    const shows = `Map: ${called(place)}, ${way}${marked ? t('lesson.markedWithADot') : ''}`;
    onTake({ picture, ratio, shows }, { ...map.at, word: place.name });
    onClose();
  };
  return (
    <Modal
      show
      onHide={onClose}
      onEntered={() => field.current?.focus()}
      size="lg"
      scrollable
      aria-labelledby={`${id}-title`}
    >
      <Modal.Header closeButton closeLabel="Close">
        <Modal.Title as="h2" id={`${id}-title`} className="h4">
          {t('lesson.aMapOfAPlace')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body className="map-choice">
        <div>
          <label htmlFor={`${id}-name`}>{t('lesson.aCountryOrATown')}</label>
          <input
            ref={field}
            id={`${id}-name`}
            className="form-control mb-2"
            value={typed}
            maxLength={80}
            autoComplete="off"
            onChange={(event) => setTyped(event.currentTarget.value)}
          />
          {found.length > 0 && (
            <fieldset className="map-choice__places">
              <legend className="small">{t('lesson.whichOne')}</legend>
              {found.map((each, index) => (
                <div
                  key={`${called(each)} ${each.latitude} ${each.longitude}`}
                  className="form-check"
                >
                  <input
                    type="radio"
                    className="form-check-input"
                    name={`${id}-place`}
                    id={`${id}-place-${index}`}
                    checked={place === each}
                    onChange={() => setPlace(each)}
                  />
                  <label className="form-check-label" htmlFor={`${id}-place-${index}`}>
                    {called(each)}
                  </label>
                </div>
              ))}
            </fieldset>
          )}
          <p role="status" className="small mb-2">
            {problem ||
              (answer !== undefined && answer.typed === typed && found.length === 0 && typed.trim()
                ? t('lesson.theAtlasHasNoPlace', { typed: typed.trim() })
                : '')}
          </p>
          <fieldset>
            <legend className="small">{t('lesson.whereItIs')}</legend>
            {zooms.map(([each, said]) => (
              <div key={each} className="form-check">
                <input
                  type="radio"
                  className="form-check-input"
                  name={`${id}-zoom`}
                  id={`${id}-zoom-${each}`}
                  checked={zoom === each}
                  onChange={() => setZoom(each)}
                />
                <label className="form-check-label" htmlFor={`${id}-zoom-${each}`}>
                  {said}
                </label>
              </div>
            ))}
          </fieldset>
          <div className="form-check mt-2">
            <input
              type="checkbox"
              className="form-check-input"
              id={`${id}-marked`}
              checked={marked}
              onChange={(event) => setMarked(event.currentTarget.checked)}
            />
            <label className="form-check-label" htmlFor={`${id}-marked`}>
              {t('lesson.withADotWhereIt')}
            </label>
          </div>
        </div>
        <figure className="map-choice__map">
          {map === undefined || place === undefined ? (
            <p className="mb-0">{t('lesson.typeANameAndChoose')}</p>
          ) : (
            <img src={dataUrl(map.picture)} alt={`Map: ${called(place)}`} />
          )}
        </figure>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-dark" onClick={onClose}>
          {t('lesson.close')}
        </Button>
        <Button disabled={map === undefined || busy} onClick={() => void take()}>
          {busy && <Spinner size="sm" aria-hidden="true" />} {t('lesson.takeThisMap')}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
