import { useEffect, useState } from 'react';
import { checkSentence, type SentenceCheck } from '~core/languages/shared/sentence-check';
import type { ReadWriting } from '../kit/face-props';

type Reading = Awaited<ReturnType<ReadWriting>>;

/** How long nothing is typed before grammar is looked for. */
const PAUSE_MS = 350;

/** What grammar is asked for, to be looked for by the learner herself where nothing else can. */
const unseen = ({ complete = false, structures = [] }: SentenceCheck): string[] => [
  ...(complete ? ['Is each sentence whole? Who does what?'] : []),
  ...structures.map(({ name, count }) => `Look for it yourself: ${name}, ${count} or more.`),
];

/** What a written text still needs, and what is found in it, as it grows. */
export function LiveCheck({
  check,
  written,
  read,
}: {
  check: SentenceCheck;
  written: string;
  read: ReadWriting | undefined;
}) {
  const [reading, setReading] = useState<Reading & { readonly of: string }>();
  useEffect(() => {
    if (read === undefined || written.trim() === '') return undefined;
    let stale = false;
    const timer = setTimeout(() => {
      void read(written, check).then((next) => {
        if (!stale) setReading({ ...next, of: written });
      });
    }, PAUSE_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [read, written, check]);
  if (written.trim() === '') return null;
  // What can be said at once is; what was found stays until it has been looked for again.
  const current = reading?.of === written ? reading : undefined;
  const missing = current?.missing ?? checkSentence(written, check);
  const found = reading?.found ?? [];
  const own = read === undefined ? unseen(check) : [];
  const done = missing.length === 0 && (read === undefined || current !== undefined);
  return (
    <ul className="play-checks" aria-live="polite">
      {done && own.length === 0 && (
        <li className="play-checks__done">Everything that was asked for is there.</li>
      )}
      {missing.map((text) => (
        <li key={text}>{text}</li>
      ))}
      {found.map((text) => (
        <li key={text} className="play-checks__found">
          {text}
        </li>
      ))}
      {own.map((text) => (
        <li key={text} className="play-checks__found">
          {text}
        </li>
      ))}
    </ul>
  );
}
