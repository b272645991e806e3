import { interfaceLanguage } from './interface-language';

/** What the core calls its things, in the other languages: it names exercises, stages, levels and options in English. */
const tables = { es: () => import('./core-names.es.json') };

const names: Readonly<Record<string, string>> =
  interfaceLanguage === 'en' ? {} : (await tables[interfaceLanguage]()).default;

/** A name that the core gives, in the language of the interface; one that its table lacks stays as it is. */
export const coreName = (name: string): string =>
  Object.hasOwn(names, name) ? (names[name] ?? name) : name;

/** A record of names as choices: what is kept, and how it is called here. */
export const namesIn = (record: Readonly<Record<string, string>>): [string, string][] =>
  Object.entries(record).map(([id, name]) => [id, coreName(name)]);
