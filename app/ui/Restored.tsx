import type { Draft } from './drafts';
import { t } from '~/phrases/t';

export interface RestoredProps {
  readonly draft: Draft;
  readonly offered: boolean;
  readonly put: () => void;
  readonly close: () => void;
}

/** Says that something typed before the page was closed is back, or can be. */
export function Restored({ draft, offered, put, close }: RestoredProps) {
  return (
    <p className="message message--note mt-1 mb-0" role="status">
      {offered
        ? t('frame.youHadTypedHereWhat', { text: draft.text.slice(0, 200) })
        : t('frame.whatYouHadTypedBefore')}
      {offered && (
        <button type="button" className="btn btn-link btn-sm p-0 me-2" onClick={put}>
          {t('frame.putItIn')}
        </button>
      )}
      <button type="button" className="btn btn-link btn-sm p-0" onClick={close}>
        {offered ? t('frame.leaveIt') : t('frame.good')}
      </button>
    </p>
  );
}
