/** Latin letters: macrons, and the two ways to write i and u. */

/** Without macrons and breves. */
export const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/[\u0304\u0306]/g, '')
    .normalize('NFC');

/** The key under which a form is found: no macrons, i for j, u for v, small letters. */
export const keyOf = (text: string) =>
  plain(text)
    .toLowerCase()
    .replaceAll('j', 'i')
    .replaceAll('v', 'u')
    .replaceAll('æ', 'ae')
    .replaceAll('œ', 'oe');

/** True where the writer marks long vowels. */
export const hasMacrons = (text: string) => plain(text) !== text.normalize('NFC');
