import { Link } from 'react-router';
import { NewClassForm } from './classes/NewClassForm';
import { t } from '~/phrases/t';

/** The empty desk: one form, or the demo. */
export function Start() {
  return (
    <div className="page">
      <div className="row g-4 justify-content-center">
        <div className="col-lg-7">
          <h1 className="mb-2">{t('start.whichClassAreYouPreparing')}</h1>
          <p className="fs-5 quiet">{t('start.nameItAndSayWhere')}</p>
          <div className="card-paper mt-3">
            <NewClassForm />
          </div>
        </div>
        <div className="col-lg-4">
          <div className="card-paper">
            <h2 className="h5">{t('start.justLooking')}</h2>
            <p>{t('start.openTheDeskOfA')}</p>
            <Link className="btn btn-outline-dark" to="/demo">
              {t('start.putTheDemoIn')}
            </Link>
          </div>
          <p className="quiet mt-3">{t('start.everythingStaysInThisBrowser')}</p>
        </div>
      </div>
    </div>
  );
}
