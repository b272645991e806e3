/** What the makers of files share: sheets read from a request, and answers in words for the teacher. */
import { readSheets } from '~core/sheets/read-sheets';
import type { Sheet } from '~core/sheets/sheet';
import { NoChromiumError } from '../../server/pdf';

/** Largest request: 200 learners' pages are far below it. */
const LARGEST_BODY = 40 * 1024 * 1024;

const refuse = (message: string, status: number) => Response.json({ message }, { status });

export interface SheetRequest {
  readonly title: string;
  readonly sheets: readonly Sheet[];
  /** The page that is asked for, from 0, where one is. */
  readonly page: number;
}

/** Reads sheets from a request and answers with the file that is made of them. */
export async function answerWithFile(
  request: Request,
  type: string,
  make: (asked: SheetRequest) => Promise<Buffer>,
): Promise<Response> {
  const body = await request.text();
  if (body.length > LARGEST_BODY) {
    return refuse('This is too much for one file. Print fewer sheets at once.', 413);
  }
  try {
    const { title, sheets, page } = JSON.parse(body) as Record<string, unknown>;
    const read = readSheets(sheets);
    if (read.length === 0) return refuse('There is no page to print.', 400);
    const file = await make({
      title: typeof title === 'string' ? title : 'Wordane',
      sheets: read,
      page: typeof page === 'number' && Number.isInteger(page) ? page : 0,
    });
    return new Response(new Uint8Array(file), { headers: { 'Content-Type': type } });
  } catch (error) {
    if (error instanceof NoChromiumError) {
      return refuse(
        'No Chromium is installed on the server. Print instead: it gives the same pages.',
        501,
      );
    }
    if (error instanceof SyntaxError || error instanceof RangeError) {
      return refuse(`The sheets could not be read: ${error.message}`, 400);
    }
    console.error(error);
    return refuse('The file could not be made. Print instead: it gives the same pages.', 500);
  }
}
