import { Button } from 'react-bootstrap';
import { diffWordsWithSpace } from 'diff';
import { useMemo } from 'react';
import type { ReadingText } from '~core/texts/reading-text';
import type { Send } from './send';
import { t } from '~/phrases/t';

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
        <p className="lead">{t('texts.theTextIsAsIt')}</p>
      </div>
    );
  }
  const count = changes?.filter((change) => change.removed).length ?? 0;
  return (
    <div className="text-measures">
      <div className="d-flex flex-wrap align-items-center gap-3 mb-3">
        <span>
          {changes
            ? `${count} ${t('texts.place', { count })} changed`
            : t('texts.theTextIsTooLong')}
        </span>
        <Button size="sm" variant="outline-dark" onClick={() => send({ intent: 'restore' })}>
          {t('texts.goBackToTheOriginal')}
        </Button>
        <Button size="sm" variant="outline-dark" onClick={() => send({ intent: 'original' })}>
          {t('texts.takeThisAsTheOriginal')}
        </Button>
      </div>
      {changes && (
        <div className="side-by-side">
          <section className="card-paper" aria-label={t('texts.original')}>
            <h2 className="h5">{t('texts.original')}</h2>
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
          <section className="card-paper" aria-label={t('texts.fitted')}>
            <h2 className="h5">{t('texts.fitted')}</h2>
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
