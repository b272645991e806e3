import type { Route } from './+types/png';
import { makePng } from '../../server/pdf';
import { answerWithFile } from './sheet-request';

/** Sheets in, a picture of one of their pages out. */
export function action({ request }: Route.ActionArgs) {
  return answerWithFile(request, 'image/png', ({ sheets, title, page, asking }) =>
    makePng(sheets, title, page, asking),
  );
}
