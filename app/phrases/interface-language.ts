/** The languages that the interface speaks, each by its own name; a new one is a line here and a table beside `en.json`. */
export const interfaceLanguages = { en: 'English', es: 'Español' } as const;

export type InterfaceLanguage = keyof typeof interfaceLanguages;

const PLACE = 'wordane interface language';

const isSpoken = (id: string): id is InterfaceLanguage => Object.hasOwn(interfaceLanguages, id);

/** What was chosen here, or else the first language of the browser that the interface speaks. */
export function languageFor(
  chosen: string | null,
  ofBrowser: readonly string[],
): InterfaceLanguage {
  if (chosen !== null && isSpoken(chosen)) return chosen;
  const short = ofBrowser.map((language) => language.split('-')[0] ?? '');
  return short.find(isSpoken) ?? 'en';
}

/** What was chosen on this device; nothing where the storage is closed, and none on the server and in a worker. */
function chosenHere(): string | null {
  try {
    return localStorage.getItem(PLACE);
  } catch {
    return null;
  }
}

/** The language of this page, as long as it is open. The server speaks English. */
export const interfaceLanguage: InterfaceLanguage = import.meta.env.SSR
  ? 'en'
  : languageFor(chosenHere(), navigator.languages);

/** How numbers, days and lists are written in it. */
export const locale = interfaceLanguage === 'en' ? 'en-GB' : interfaceLanguage;

const conjunction = new Intl.ListFormat(locale, { type: 'conjunction' });

/** Several things in a sentence: a, b and c. */
export const listed = (items: readonly string[]): string => conjunction.format(items);

/** Speaks another language from the next page on. */
export function speak(language: InterfaceLanguage): void {
  localStorage.setItem(PLACE, language);
}
