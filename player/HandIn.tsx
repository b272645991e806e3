import { toDataURL } from 'qrcode';
import { useEffect, useMemo, useState } from 'react';
import { withRecordings } from '~core/practice/recording';
import { writeSlip } from '~core/practice/slip';
import type { TakeHome } from '~core/practice/take-home';
import { usePhrases } from '~/faces/kit/use-phrases';
import type { Kept } from './progress';

/** Signs that a QR code of a size that a camera reads still holds (ISO/IEC 18004, version 25-L, letters and figures: 1,853). */
const MOST_QR = 1800;

/** The answers as a file, a code and a QR code; which of them goes back is for the teacher to say. */
export function HandIn({ home, kept }: { home: TakeHome; kept: Kept }) {
  const slip = useMemo(
    () =>
      writeSlip({
        learner: kept.learner,
        lesson: home.lesson,
        answers: home.exercises.flatMap(({ id, print }) => {
          const response = kept.progress[id]?.response;
          return response && Object.keys(response).length > 0
            ? [{ exercise: id, response, print }]
            : [];
        }),
        at: Math.floor(Date.now() / 60_000),
      }),
    [home, kept],
  );
  const said = home.exercises.flatMap(({ id }) =>
    Object.entries(kept.progress[id]?.recordings ?? {}).map(([item, spoken]) => ({
      ...spoken,
      exercise: id,
      item,
    })),
  );
  const says = usePhrases();
  const [code, setCode] = useState<string>();
  const [copied, setCopied] = useState(false);
  useEffect(() => {
    let stale = false;
    if (slip.length > MOST_QR) return undefined;
    void toDataURL(slip, { errorCorrectionLevel: 'L', margin: 2, scale: 5 }).then((made) => {
      if (!stale) setCode(made);
    });
    return () => {
      stale = true;
    };
  }, [slip]);
  const save = () => {
    const link = document.createElement('a');
    const file = new Blob([withRecordings(slip, said)], { type: 'text/plain;charset=utf-8' });
    link.href = URL.createObjectURL(file);
    link.download = `${home.title} - ${kept.learner}.slip.txt`.replace(/[\\/:*?"<>|]/g, ' ');
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
  };
  return (
    <section className="play home-hand-in">
      <h2 className="play__title">{says.handIn}</h2>
      <p>{says.handInHow}</p>
      {said.length > 0 && <p>{says.withFile}</p>}
      <div className="play__foot">
        <button type="button" className="play-button play-button--main" onClick={save}>
          {says.saveFile}
        </button>
        <button
          type="button"
          className="play-button"
          onClick={() => {
            void navigator.clipboard?.writeText(slip).then(() => setCopied(true));
          }}
        >
          {copied ? says.copied : says.copyCode}
        </button>
      </div>
      {code !== undefined && <img className="home-code" src={code} alt="QR code of your answers" />}
      <p className="home-slip" aria-label="The code">
        {slip}
      </p>
    </section>
  );
}
