import { createInstance } from 'i18next';
import english from './en.json';
import { interfaceLanguage } from './interface-language';

type WithoutCount<Key> = Key extends `${infer Name}_one` | `${infer Name}_other` ? Name : Key;

/** The name of a phrase in the tables; one with a form for one and for many is named without it. */
export type Phrase = WithoutCount<keyof typeof english>;

/** Tables of the other languages: each comes only where it is spoken. */
const tables = { es: () => import('./es.json') };

const phrases = createInstance({
  lng: interfaceLanguage,
  fallbackLng: 'en',
  keySeparator: false,
  nsSeparator: false,
  // React escapes what it shows; files and messages want the signs as they are.
  interpolation: { escapeValue: false },
  initAsync: false,
  showSupportNotice: false,
  resources: {
    en: { translation: english },
    // Whoever imports this waits for the table, so names that stand in lists are in it from the start.
    ...(interfaceLanguage === 'en'
      ? {}
      : { [interfaceLanguage]: { translation: (await tables[interfaceLanguage]()).default } }),
  },
});
void phrases.init();

/**
 * A phrase of the interface in its language. `{{name}}` in it is filled from `values`; where it has
 * forms for one and for many, `count` decides.
 */
export function t(phrase: Phrase, values?: Readonly<Record<string, string | number>>): string {
  return phrases.t(phrase, { ...values });
}

/** A phrase as the server shows it, before the page knows its language. */
export const inEnglish = (phrase: keyof typeof english & Phrase): string => english[phrase];
