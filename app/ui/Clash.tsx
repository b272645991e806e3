import { Button } from 'react-bootstrap';
import type { Conflict } from '~core/records/merge';
import { t } from '~/phrases/t';

interface ClashProps {
  readonly clash: Conflict;
  readonly onMine: () => void;
  readonly onTheirs: () => void;
  /** Only where both can stand, as two texts can. */
  readonly onBoth?: () => void;
}

const shown = (value: unknown) =>
  value === undefined || value === ''
    ? 'nothing'
    : typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
      ? `“${String(value).slice(0, 200)}”`
      : t('frame.anotherChoice');

/** Two tabs changed one thing: nothing is lost, and the teacher chooses. */
export function Clash({ clash, onMine, onTheirs, onBoth }: ClashProps) {
  return (
    <div className="message mt-1" role="alert">
      <p className="mb-1">
        {t('frame.changedInAnotherTabMeanwhile', {
          shown: shown(clash.theirs),
          shownA: shown(clash.mine),
        })}
      </p>
      <div className="d-flex flex-wrap gap-2">
        <Button size="sm" variant="outline-dark" onClick={onMine}>
          {t('frame.keepMine')}
        </Button>
        <Button size="sm" variant="outline-dark" onClick={onTheirs}>
          {t('frame.keepTheirs')}
        </Button>
        {onBoth && (
          <Button size="sm" variant="outline-dark" onClick={onBoth}>
            {t('frame.keepBoth')}
          </Button>
        )}
      </div>
    </div>
  );
}
