import type { Route } from './+types/pdf';
import { findChromium, makePdf } from '../../server/pdf';
import { json } from '../../server/requests';
import { answerWithFile } from './sheet-request';

/** Whether this server can make a PDF. */
export function loader() {
  return json({ available: findChromium() !== undefined });
}

/** Sheets in, the same pages out as a PDF. */
export function action({ request }: Route.ActionArgs) {
  return answerWithFile(request, 'application/pdf', ({ sheets, title }) => makePdf(sheets, title));
}
