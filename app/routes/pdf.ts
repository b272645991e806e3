import type { Route } from './+types/pdf';
import { findChromium, makePdf, placeOf, startBrowser } from '../../server/pdf';
import { json } from '../../server/requests';
import { answerWithFile } from './sheet-request';

/** Whether this server can make a PDF; with a ticket, its place in the line. */
export function loader({ request }: Route.LoaderArgs) {
  const ticket = new URL(request.url).searchParams.get('ticket');
  if (ticket !== null) return json({ place: placeOf(ticket) ?? null });
  startBrowser();
  return json({ available: findChromium() !== undefined });
}

/** Sheets in, the same pages out as a PDF. */
export function action({ request }: Route.ActionArgs) {
  return answerWithFile(request, 'application/pdf', ({ sheets, title, asking }) =>
    makePdf(sheets, title, asking),
  );
}
