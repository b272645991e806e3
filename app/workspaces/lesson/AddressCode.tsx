import { toDataURL } from 'qrcode';
import { useEffect, useId, useState } from 'react';
import { fitsAddress, MOST_IN_CODE, toFragment } from '~core/practice/in-address';
import type { TakeHome } from '~core/practice/take-home';

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
  if (home.exercises.length === 0) return 'Choose at least one exercise.';
  if (!fitsAddress(home)) {
    return 'There are pictures in it, and a code has no room for them. Take the file, or an exercise without pictures.';
  }
  return fragment.length > MOST_IN_CODE
    ? `It is too long for a code that a phone can read (${fragment.length} signs; ${MOST_IN_CODE} fit). Choose fewer exercises, or one with fewer items; or give a code for the address where you put the file.`
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
      <summary>A QR code instead</summary>
      <div className="mt-2">
        <label className="d-block">
          <input
            type="radio"
            className="form-check-input me-2"
            name={`${id}-what`}
            checked={whole}
            onChange={() => setWhole(true)}
          />
          The exercise is in the code itself
        </label>
        <label className="d-block">
          <input
            type="radio"
            className="form-check-input me-2"
            name={`${id}-what`}
            checked={!whole}
            onChange={() => setWhole(false)}
          />
          I have put the file somewhere: the code leads there
        </label>
      </div>
      <label className="d-block mt-2" htmlFor={`${id}-address`}>
        {whole ? 'Where the player is' : 'Where the file is'}
      </label>
      <input
        id={`${id}-address`}
        className="form-control form-control-sm"
        placeholder="https://…"
        value={whole ? player : file}
        onChange={(event) => (whole ? setPlayer : setFile)(event.currentTarget.value)}
      />
      {whole && (
        <p className="small quiet mt-1 mb-2">
          Phones must reach this address.{' '}
          <a href="/player/play.html" download="player.html">
            Save the player
          </a>{' '}
          to put it on your own site; it holds no exercise and asks nothing of any server.
        </p>
      )}
      {problem !== '' && <p className="message message--note">{problem}</p>}
      {problem === '' && !isAddress(address) && (
        <p className="message message--note">Write a whole address, with https:// before it.</p>
      )}
      {image !== undefined && (
        <p className="mb-0">
          <img
            src={image}
            alt={`QR code of ${title}`}
            className="d-block"
            style={{ maxWidth: '100%', width: 300 }}
          />
          <a href={image} download={`${title} code.png`}>
            Save the picture
          </a>{' '}
          {whole && (
            <a href={`${address}#${fragment}`} target="_blank" rel="noreferrer">
              Open it here
            </a>
          )}
        </p>
      )}
    </details>
  );
}
