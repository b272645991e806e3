import { Button } from 'react-bootstrap';
import { diffWordsWithSpace } from 'diff';
import { useMemo } from 'react';
import type { ReadingText } from '~core/texts/reading-text';
import type { Send } from './send';

/** The longest text whose differences are drawn word by word. */
const LONGEST = 60_000;

/** Without the signs of headings, which are not read. */
const plain = (text: string) => text.replace(/^#{1,6} +/gm, '');

/** The original and the fitted text side by side, with what is different. */
export function FittedView({ text, send }: { text: ReadingText; send: Send }) {
  const { body, original } = text;
  const changes = useMemo(
    () =>
      body.length > LONGEST || original.length > LONGEST
        ? undefined
        : diffWordsWithSpace(plain(original), plain(body)),
    [body, original],
  );
  if (original.trim() === '' || original === body) {
    return (
      <div className="text-measures">
        <p className="lead">
          The text is as it came in. Swap words under Reach, or rewrite it under Write: both
          versions then stand here side by side.
        </p>
      </div>
    );
  }
  const count = changes?.filter((change) => change.removed).length ?? 0;
  return (
    <div className="text-measures">
      <div className="d-flex flex-wrap align-items-center gap-3 mb-3">
        <span>
          {changes
            ? `${count} ${count === 1 ? 'place' : 'places'} changed`
            : 'The text is too long to show every difference; both versions are kept.'}
        </span>
        <Button size="sm" variant="outline-dark" onClick={() => send({ intent: 'restore' })}>
          Go back to the original
        </Button>
        <Button size="sm" variant="outline-dark" onClick={() => send({ intent: 'original' })}>
          Take this as the original
        </Button>
      </div>
      {changes && (
        <div className="side-by-side">
          <section className="card-paper" aria-label="Original">
            <h2 className="h5">Original</h2>
            <p className="learner-text compared">
              {changes
                .filter((change) => !change.added)
                .map((change, index) =>
                  change.removed ? (
                    <del key={index}>{change.value}</del>
                  ) : (
                    <span key={index}>{change.value}</span>
                  ),
                )}
            </p>
          </section>
          <section className="card-paper" aria-label="Fitted">
            <h2 className="h5">Fitted</h2>
            <p className="learner-text compared">
              {changes
                .filter((change) => !change.removed)
                .map((change, index) =>
                  change.added ? (
                    <ins key={index}>{change.value}</ins>
                  ) : (
                    <span key={index}>{change.value}</span>
                  ),
                )}
            </p>
          </section>
        </div>
      )}
    </div>
  );
}
