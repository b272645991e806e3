import { toDataURL } from 'qrcode';
import { useEffect, useId, useState } from 'react';
import { fitsAddress, MOST_IN_CODE, toFragment } from '~core/practice/in-address';
import type { TakeHome } from '~core/practice/take-home';
import { t } from '~/phrases/t';

/** An address is bytes, a fragment letters and figures: each in its own kind of segment the code is smallest. */
const codeOf = (address: string, fragment: string) =>
  toDataURL(
    [
      { data: new TextEncoder().encode(`${address}${fragment === '' ? '' : '#'}`), mode: 'byte' },
      ...(fragment === '' ? [] : [{ data: fragment, mode: 'alphanumeric' as const }]),
    ],
    { errorCorrectionLevel: 'L', margin: 2, scale: 6 },
  );

const isAddress = (text: string) => /^https?:\/\/\S+$/i.test(text) || /^file:\/\//i.test(text);

/** Why the exercises cannot stand in an address; empty where they can. */
function whyNot(home: Omit<TakeHome, 'pictures'>, fragment: string): string {
  if (home.exercises.length === 0) return t('lesson.chooseAtLeastOneExercise');
  if (!fitsAddress(home)) {
    return t('lesson.thereArePicturesInIt');
  }
  return fragment.length > MOST_IN_CODE
    ? t('lesson.itIsTooLongFor', { fragment: fragment.length, MOSTINCODE: MOST_IN_CODE })
    : '';
}

/** A QR code that brings an exercise to a phone: the whole of it in the address, or the address of the file. */
export function AddressCode({ home, title }: { home: Omit<TakeHome, 'pictures'>; title: string }) {
  const id = useId();
  const [whole, setWhole] = useState(true);
  const [player, setPlayer] = useState(() => new URL('/player/play.html', location.href).href);
  const [file, setFile] = useState('');
  const [image, setImage] = useState<string>();
  const fragment = toFragment(home);
  const problem = whole ? whyNot(home, fragment) : '';
  const address = (whole ? player : file).trim();
  const ready = problem === '' && isAddress(address);
  useEffect(() => {
    setImage(undefined);
    if (!ready) return undefined;
    let stale = false;
    void codeOf(address, whole ? fragment : '').then(
      (made) => {
        if (!stale) setImage(made);
      },
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [ready, address, whole, fragment]);
  return (
    <details className="mt-3">
      <summary>{t('lesson.aQrCodeInstead')}</summary>
      <div className="mt-2">
        <label className="d-block">
          <input
            type="radio"
            className="form-check-input me-2"
            name={`${id}-what`}
            checked={whole}
            onChange={() => setWhole(true)}
          />
          {t('lesson.theExerciseIsInThe')}
        </label>
        <label className="d-block">
          <input
            type="radio"
            className="form-check-input me-2"
            name={`${id}-what`}
            checked={!whole}
            onChange={() => setWhole(false)}
          />
          {t('lesson.iHavePutTheFile')}
        </label>
      </div>
      <label className="d-block mt-2" htmlFor={`${id}-address`}>
        {whole ? t('lesson.whereThePlayerIs') : t('lesson.whereTheFileIs')}
      </label>
      <input
        id={`${id}-address`}
        className="form-control form-control-sm"
        placeholder={t('lesson.https')}
        value={whole ? player : file}
        onChange={(event) => (whole ? setPlayer : setFile)(event.currentTarget.value)}
      />
      {whole && (
        <p className="small quiet mt-1 mb-2">
          {t('lesson.phonesMustReachThisAddress')}{' '}
          <a href="/player/play.html" download="player.html">
            {t('lesson.saveThePlayer')}
          </a>{' '}
          {t('lesson.toPutItOnYour')}
        </p>
      )}
      {problem !== '' && <p className="message message--note">{problem}</p>}
      {problem === '' && !isAddress(address) && (
        <p className="message message--note">{t('lesson.writeAWholeAddressWith')}</p>
      )}
      {image !== undefined && (
        <p className="mb-0">
          <img
            src={image}
            alt={t('lesson.qrCodeOf', { title })}
            className="d-block"
            style={{ maxWidth: '100%', width: 300 }}
          />
          <a href={image} download={t('lesson.codePng', { title })}>
            {t('lesson.saveThePicture')}
          </a>{' '}
          {whole && (
            <a href={`${address}#${fragment}`} target="_blank" rel="noreferrer">
              {t('lesson.openItHere')}
            </a>
          )}
        </p>
      )}
    </details>
  );
}
