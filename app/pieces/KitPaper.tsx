import { Button } from 'react-bootstrap';
import { BsPrinter } from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { kitOf, kitScales, type KitScale } from '~core/pieces/kit';
import type { PieceBoard } from '~core/pieces/piece-board';
import { sheetStyle } from '~core/paper/style';
import { PaperPage } from '~/ui/PaperPage';
import { PrintStyle } from '~/ui/PrintStyle';
import { useAddress } from '~/ui/use-address';
import { t } from '~/phrases/t';

const MOST_KITS = 30;

/** The pieces to cut out, to scale, as many kits as are needed. */
export function KitPaper({
  board,
  profile,
  back,
}: {
  board: PieceBoard;
  profile: ClassProfile;
  back: string;
}) {
  const { parameters: search, change } = useAddress({ replace: true });
  const asked = search.get('kit') ?? '';
  const scale: KitScale = asked in kitScales ? (asked as KitScale) : 'desk';
  const times = Math.min(MOST_KITS, Math.max(1, Number(search.get('times')) || 1));
  const set = (name: string, value: string) => change((next) => next.set(name, value));
  const { pages, shrunk } = kitOf(board, sheetStyle(profile), scale, times);
  return (
    <div className="page prints-itself">
      <PrintStyle used={[profile.paper]} />
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3 no-print">
        <h1 className="h4 mb-0 me-auto">{t('pieces.piecesToCutOut', { name: board.name })}</h1>
        <select
          className="form-select w-auto"
          aria-label={t('pieces.size')}
          value={scale}
          onChange={(event) => set('kit', event.currentTarget.value)}
        >
          {Object.entries(kitScales).map(([id, { name }]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
        <label className="d-flex gap-2 align-items-center">
          {t('pieces.kits')}
          <input
            type="number"
            className="form-control"
            style={{ width: '5rem' }}
            min={1}
            max={MOST_KITS}
            value={times}
            onChange={(event) => set('times', event.currentTarget.value)}
          />
        </label>
        <Button onClick={() => window.print()}>
          <BsPrinter aria-hidden="true" /> {t('pieces.print')}
        </Button>
        <Link className="btn btn-outline-dark" to={back}>
          {t('pieces.backToTheBoard')}
        </Link>
      </div>
      {shrunk.length > 0 && (
        <p className="message message--note no-print">
          {t('pieces.largerThanAPageAt', { shrunk: shrunk.join(', ') })}
        </p>
      )}
      {pages.length === 0 && <p className="quiet">{t('pieces.thereIsNoPieceOn')}</p>}
      <div className="paper-stack">
        {pages.map(({ marks }, index) => (
          <PaperPage
            key={index}
            marks={marks}
            paper={profile.paper}
            font={profile.font}
            label={t('pieces.pageOf', { index: index + 1, pages: pages.length })}
          />
        ))}
      </div>
    </div>
  );
}
