/** The text of a file that a teacher chose, whatever program saved it. */
import type { DecodedFile } from '~core/records/exchange/decode-file';
import { t } from '~/phrases/t';

export async function readFileText(file: File, encoding?: string): Promise<DecodedFile> {
  const [{ decodeFile }, bytes] = await Promise.all([
    import('~core/records/exchange/decode-file'),
    file.arrayBuffer(),
  ]);
  return decodeFile(new Uint8Array(bytes), encoding);
}

/** Encodings that a teacher may choose among where the guess is wrong. */
const names: Readonly<Record<string, string>> = {
  'utf-8': 'UTF-8',
  'windows-1252': t('documents.westernWindows1252'),
  'windows-1250': t('documents.centralEuropeanWindows1250'),
  'windows-1251': t('documents.cyrillicWindows1251'),
  'utf-16le': 'UTF-16',
  shift_jis: t('documents.japaneseShiftJis'),
};

export const encodingName = (encoding: string) => names[encoding] ?? encoding;

/** Those to choose from, with the one that was guessed. */
export const encodingChoices = (guessed: string): (readonly [string, string])[] =>
  Object.entries(guessed in names ? names : { [guessed]: guessed, ...names });
