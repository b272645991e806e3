import type { Route } from './+types/japanese';
import { BusyError } from '../../server/queue';
import { isCrossOrigin, json, readBody, TooLargeError } from '../../server/requests';
import { analyseJapanese, LONGEST_JAPANESE } from '../../server/japanese';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const tooLong = t('page.upToCharactersAreTaken', {
  LONGESTJAPANESE: LONGEST_JAPANESE.toLocaleString(locale),
});

/** A Japanese text in, its words with their readings out. */
export async function action({ request }: Route.ActionArgs) {
  if (isCrossOrigin(request)) return json({ message: t('page.anotherSiteMayNotAsk') }, 403);
  try {
    // A character is three bytes at most in this script, four for the rare ones.
    const text = await readBody(request, LONGEST_JAPANESE * 4);
    if (text.length > LONGEST_JAPANESE) return json({ message: tooLong }, 413);
    return json({ tokens: await analyseJapanese(text) });
  } catch (error) {
    if (error instanceof TooLargeError) return json({ message: tooLong }, 413);
    if (error instanceof BusyError) return json({ message: error.message }, 503);
    console.error(error);
    return json({ message: t('page.theTextCouldNotBe') }, 500);
  }
}
