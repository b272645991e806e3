/** XML as text: elements with attributes, everything written by us escaped. */

export const escapeXml = (text: string): string =>
  // Control signs that XML 1.0 has no place for are left out.
  // eslint-disable-next-line no-control-regex
  Array.from(text.replace(/[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g, ''))
    .map((sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign)
    .join('');

type Attributes = Readonly<Record<string, string | number | undefined>>;

/** An element; its children are XML already. */
export function element(name: string, attributes: Attributes = {}, ...children: string[]): string {
  const written = Object.entries(attributes)
    .filter((entry): entry is [string, string | number] => entry[1] !== undefined)
    .map(([key, value]) => ` ${key}="${escapeXml(String(value))}"`)
    .join('');
  return children.length === 0
    ? `<${name}${written}/>`
    : `<${name}${written}>${children.join('')}</${name}>`;
}

/** Text, with its line breaks. */
export const textOf = (text: string): string => text.split('\n').map(escapeXml).join('<br/>');

export const paragraph = (text: string): string =>
  text === '' ? '' : element('p', {}, textOf(text));
