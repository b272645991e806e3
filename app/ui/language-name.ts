/** What a language is called in English, as the teacher reads it: the names of the Unicode CLDR. */
const names = new Intl.DisplayNames(['en'], { type: 'language' });

export const languageName = (tag: string): string => names.of(tag) ?? tag;
