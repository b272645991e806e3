/** What the makers of files share: sheets read from a request, and answers in words for the teacher. */
import { readSheets } from '~core/sheets/read-sheets';
import type { Sheet } from '~core/sheets/sheet';
import { NoAddressError, NoChromiumError } from '../../server/pdf';
import { BusyError, LeftError, type Asking } from '../../server/queue';
import { isCrossOrigin, json, readBody, TooLargeError } from '../../server/requests';
import { t } from '~/phrases/t';

/** Largest request in bytes: 200 learners' pages with pictures are far below it. */
const LARGEST_BODY = 64 * 1024 * 1024;

const refuse = (message: string, status: number) => json({ message }, status);

export interface SheetRequest {
  readonly title: string;
  readonly sheets: readonly Sheet[];
  /** The page that is asked for, from 0, where one is. */
  readonly page: number;
  readonly asking: Asking;
}

/** Reads sheets from a request and answers with the file that is made of them. */
export async function answerWithFile(
  request: Request,
  type: string,
  make: (asked: SheetRequest) => Promise<Buffer>,
): Promise<Response> {
  if (isCrossOrigin(request)) return refuse(t('page.onlyWordanesOwnPagesMay'), 403);
  try {
    const body = await readBody(request, LARGEST_BODY);
    const asked: unknown = JSON.parse(body);
    if (typeof asked !== 'object' || asked === null || Array.isArray(asked)) {
      return refuse(t('page.theSheetsCouldNotBe'), 400);
    }
    const { title, sheets, page } = asked as Record<string, unknown>;
    const read = readSheets(sheets);
    if (read.length === 0) return refuse(t('page.thereIsNoPageTo'), 400);
    const file = await make({
      title: typeof title === 'string' ? title : 'Wordane',
      sheets: read,
      page: typeof page === 'number' && Number.isInteger(page) ? page : 0,
      // Who goes away is not waited for: the print ends with the request.
      asking: { ticket: request.headers.get('X-Ticket') ?? undefined, leaving: request.signal },
    });
    return new Response(new Uint8Array(file), {
      headers: {
        'Content-Type': type,
        'Cache-Control': 'no-store',
        'X-Content-Type-Options': 'nosniff',
      },
    });
  } catch (error) {
    if (error instanceof TooLargeError) {
      return refuse(t('page.thisIsTooMuchFor'), 413);
    }
    if (error instanceof LeftError) return refuse(error.message, 499);
    if (error instanceof BusyError) return refuse(error.message, 503);
    if (error instanceof NoAddressError) {
      return refuse(t('page.thisServerWasNotStarted'), 501);
    }
    if (error instanceof NoChromiumError) {
      return refuse(t('page.noChromiumIsInstalledOn'), 501);
    }
    if (error instanceof SyntaxError || error instanceof RangeError) {
      return refuse(t('page.theSheetsCouldNotBe2', { message: error.message }), 400);
    }
    console.error(error);
    return refuse(t('page.theFileCouldNotBe'), 500);
  }
}
