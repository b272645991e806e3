import { tryAgain, useWaiting } from './waiting';
import { t } from '~/phrases/t';

/** What waits for the teacher, under the head: it pushes the work down and never lies over it. */
export function Waits({ onNewVersion }: { readonly onNewVersion: (() => void) | undefined }) {
  const waits = useWaiting();
  return (
    <div aria-live="polite">
      {onNewVersion && (
        <div className="waits">
          <span>{t('frame.aNewerWordaneIsHere')}</span>
          <button type="button" onClick={onNewVersion}>
            {t('frame.loadIt')}
          </button>
        </div>
      )}
      {waits > 0 && (
        <div className="waits">
          <span>{t('frame.1ChangeWaitsForRoom', { count: waits })}</span>
          <button type="button" onClick={tryAgain}>
            {t('frame.tryAgain')}
          </button>
        </div>
      )}
    </div>
  );
}
