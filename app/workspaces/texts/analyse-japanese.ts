/** Asks the server for the words of a Japanese text; what only the server can do says so without it. */
import { placeTokens, type JapaneseToken } from '~core/languages/ja/japanese-token';
import { t } from '~/phrases/t';

const asked = new Map<string, Promise<readonly JapaneseToken[]>>();
/** Texts whose words are remembered. */
const KEPT = 8;

async function ask(text: string): Promise<readonly JapaneseToken[]> {
  let answer: Response;
  try {
    answer = await fetch('/japanese', { method: 'POST', body: text });
  } catch {
    throw new Error(t('texts.theWordsOfAJapanese'));
  }
  const said = (await answer.json()) as { tokens?: JapaneseToken[]; message?: string };
  if (!answer.ok || !said.tokens) throw new Error(said.message ?? t('texts.theTextCouldNotBe'));
  // Where nothing can be placed nothing was understood.
  return placeTokens(text, said.tokens);
}

/** The words of a text without furigana; asked once for each text. */
export function analyseJapanese(text: string): Promise<readonly JapaneseToken[]> {
  const known = asked.get(text);
  if (known) return known;
  const found = ask(text);
  asked.set(text, found);
  if (asked.size > KEPT) asked.delete(asked.keys().next().value ?? '');
  // A failure is asked anew.
  found.catch(() => asked.delete(text));
  return found;
}
