import jsQR from 'jsqr';
import { useEffect, useRef, useState } from 'react';
import { BsCamera, BsXLg } from 'react-icons/bs';
import { t } from '~/phrases/t';

/** Looks at the camera so often a second: a held-up page is read at once, a slow machine stays free. */
const LOOKS = 4;

const refusals: Readonly<Record<string, string>> = {
  NotAllowedError: t('results.theBrowserMayNotUse'),
  NotFoundError: t('results.thereIsNoCameraHere'),
};

/** QR codes that are held up to the camera, one after the other. */
export function CameraCodes({ onCode }: { onCode: (code: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const tell = useRef(onCode);
  const [open, setOpen] = useState(false);
  const [count, setCount] = useState(0);
  const [problem, setProblem] = useState('');
  useEffect(() => {
    tell.current = onCode;
  });
  useEffect(() => {
    if (!open) return undefined;
    let over = false;
    let stream: MediaStream | undefined;
    const seen = new Set<string>();
    const canvas = document.createElement('canvas');
    const ink = canvas.getContext('2d', { willReadFrequently: true });
    const look = () => {
      const shown = video.current;
      if (!shown || !ink || shown.videoWidth === 0) return;
      [canvas.width, canvas.height] = [shown.videoWidth, shown.videoHeight];
      ink.drawImage(shown, 0, 0);
      const { data } = ink.getImageData(0, 0, canvas.width, canvas.height);
      const code = jsQR(data, canvas.width, canvas.height)?.data ?? '';
      if (code === '' || seen.has(code)) return;
      seen.add(code);
      setCount(seen.size);
      tell.current(code);
    };
    const timer = window.setInterval(look, 1000 / LOOKS);
    const start = async () => {
      try {
        const media = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: 'environment', width: { ideal: 1280 } },
        });
        if (over) return media.getTracks().forEach((track) => track.stop());
        stream = media;
        if (!video.current) return undefined;
        video.current.srcObject = media;
        return await video.current.play();
      } catch (error) {
        const name = error instanceof Error ? error.name : '';
        setProblem(refusals[name] ?? t('results.theCameraCannotBeUsed'));
        return setOpen(false);
      }
    };
    void start();
    return () => {
      over = true;
      clearInterval(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, [open]);
  return (
    <div className="results-camera">
      <button
        type="button"
        className="btn btn-outline-dark btn-sm"
        onClick={() => {
          setProblem('');
          setCount(0);
          setOpen(!open);
        }}
      >
        {open ? <BsXLg aria-hidden="true" /> : <BsCamera aria-hidden="true" />}{' '}
        {open ? t('results.closeTheCamera') : t('results.readCodesWithTheCamera')}
      </button>
      {problem && (
        <p className="message small mt-2 mb-0" role="alert">
          {problem}
        </p>
      )}
      {open && (
        <>
          <video
            ref={video}
            className="results-camera__view"
            muted
            playsInline
            aria-hidden="true"
          />
          <p className="small mb-0" role="status">
            {count === 0 ? t('results.holdACodeUpTo') : t('results.codeSeenHoldUpThe', { count })}
          </p>
        </>
      )}
    </div>
  );
}
