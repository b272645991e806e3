import { lazy, Suspense, useId, useRef, useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsGlobe, BsImage } from 'react-icons/bs';
import { makerInfo, parametersOf } from '~core/exercises/catalogue';
import { NO_PICTURE, readPicture } from '~/ui/read-picture';
import type { Scene } from '~core/exercises/interactions/write/task';
import type { PanelProps } from './panel-props';
import { t } from '~/phrases/t';

const MapDialog = lazy(async () => ({ default: (await import('./MapDialog')).MapDialog }));

/** Sharp on half a page of A4, and light enough to keep in the lesson. */
const LARGEST_SIDE = 1000;

/** The teacher's own picture over the items: chosen, described, taken away. */
export function ScenePicture({
  label,
  name,
  open,
  onSet,
}: PanelProps & { readonly label: string; readonly name: string }) {
  const id = useId();
  const file = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState('');
  const [mapping, setMapping] = useState(false);
  const scene = open.part.parameters[name] as Scene | undefined;
  const choose = async (chosen: File | undefined) => {
    if (!chosen) return;
    try {
      const read = await readPicture(chosen, { side: LARGEST_SIDE, photograph: true });
      setProblem('');
      onSet({ [name]: read }, t('lesson.choseAPicture'));
    } catch {
      setProblem(NO_PICTURE);
    }
  };
  return (
    <div className="mb-2" role="group" aria-labelledby={id}>
      <div id={id} className="mb-1">
        {label}
      </div>
      {scene && (
        <>
          <img
            className="d-block mb-1 rounded"
            src={scene.picture}
            alt={scene.shows ?? t('lesson.yourPicture')}
            style={{ maxWidth: '100%', maxHeight: '9rem' }}
          />
          <label className="d-block mb-1">
            {t('lesson.whatItShowsForWhoever')}
            <input
              className="form-control form-control-sm"
              maxLength={200}
              defaultValue={scene.shows ?? ''}
              onBlur={(event) => {
                const shows = event.currentTarget.value.trim();
                if (shows !== (scene.shows ?? ''))
                  onSet({ [name]: { ...scene, shows } }, t('lesson.describedThePicture'));
              }}
            />
          </label>
        </>
      )}
      <div className="d-flex flex-wrap gap-2">
        <Button size="sm" variant="outline-dark" onClick={() => file.current?.click()}>
          <BsImage aria-hidden="true" />{' '}
          {scene ? t('lesson.anotherPicture') : t('lesson.chooseAPicture')}
        </Button>
        <Button size="sm" variant="outline-dark" onClick={() => setMapping(true)}>
          <BsGlobe aria-hidden="true" /> {t('lesson.aMapOfAPlace2')}
        </Button>
        {scene && (
          <Button
            size="sm"
            variant="outline-dark"
            onClick={() => onSet({ [name]: null }, t('lesson.tookThePictureAway'))}
          >
            {t('lesson.takeItAway')}
          </Button>
        )}
      </div>
      <input
        ref={file}
        type="file"
        className="visually-hidden"
        accept="image/*"
        tabIndex={-1}
        aria-label={t('lesson.theFileOfYourPicture')}
        onChange={(event) => {
          void choose(event.currentTarget.files?.[0]);
          event.currentTarget.value = '';
        }}
      />
      {mapping && (
        <Suspense fallback={null}>
          <MapDialog
            onClose={() => setMapping(false)}
            onTake={(map, pin) => {
              // Where places are named on the picture, the place of the map is the first.
              const pinned = 'places' in parametersOf(makerInfo(open.part.maker));
              // There its name is the answer: who hears the sheet is not told it.
              const silent = { ...map, shows: t('lesson.aMapWithAPlace') };
              onSet(
                pinned ? { [name]: silent, places: [pin] } : { [name]: map },
                t('lesson.tookAMap'),
              );
            }}
          />
        </Suspense>
      )}
      {problem !== '' && (
        <p className="message small mt-2" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}
