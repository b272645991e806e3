import { Button } from 'react-bootstrap';
import {
  isRouteErrorResponse,
  Link,
  useLocation,
  useRevalidator,
  useRouteError,
} from 'react-router';
import { draftsUnder } from './drafts';
import { EngineError } from '~/workers/engine.client';
import { DamagedRecord } from '~/storage/repository';
import { FULL_DISK, isFullDisk } from '~/routes/action-answer';
import { t } from '~/phrases/t';

/** What is said of an error, and whether trying again may help. */
function told(error: unknown): { title: string; detail?: string; again: boolean } {
  if (isRouteErrorResponse(error)) {
    const said = typeof error.data === 'string' && error.data !== '' ? error.data : undefined;
    return { title: said ?? t('frame.thisPageIsNotHere'), again: false };
  }
  if (error instanceof DamagedRecord) return { title: error.message, again: false };
  if (error instanceof EngineError) return { title: error.message, again: true };
  if (isFullDisk(error)) return { title: FULL_DISK, again: true };
  return {
    title: t('frame.somethingWentWrongOnThis'),
    ...(error instanceof Error ? { detail: error.message } : {}),
    again: true,
  };
}

/** A page that cannot be shown: the header stays, with undo and every other place. */
export function PageError() {
  const error = useRouteError();
  const revalidator = useRevalidator();
  const { title, detail, again } = told(error);
  // What was being typed when it went away in another tab.
  const typed = draftsUnder(useLocation().pathname);
  return (
    <div className="page">
      <div className="empty">
        <h1 className="h3">{title}</h1>
        {detail && <p className="quiet">{detail}</p>}
        {typed.length > 0 && (
          <div className="text-start">
            <p className="mb-1">{t('frame.whatYouWereTypingHere')}</p>
            {typed.map(({ name, text }) => (
              <label key={name} className="d-block mb-2">
                {name}
                <textarea className="form-control" readOnly rows={4} value={text} />
              </label>
            ))}
          </div>
        )}
        <div className="d-flex flex-wrap gap-2 justify-content-center">
          {again && (
            <Button onClick={() => void revalidator.revalidate()}>
              {revalidator.state === 'idle' ? t('frame.tryAgain') : t('frame.trying')}
            </Button>
          )}
          <Link className="btn btn-outline-dark" to="/">
            {t('frame.backToTheDesk')}
          </Link>
          <Link className="btn btn-outline-dark" to="/shelf">
            {t('frame.openTheShelf')}
          </Link>
        </div>
      </div>
    </div>
  );
}
