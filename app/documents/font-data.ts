/** Fonts of the application as data addresses, for a file that stands alone. */

/** Where the font of a family for Latin letters is fetched from, as its style sheet says. */
function sourceOf(family: string): string | undefined {
  for (const sheet of document.styleSheets) {
    for (const rule of sheet.cssRules) {
      if (!(rule instanceof CSSFontFaceRule)) continue;
      const named = rule.style.getPropertyValue('font-family').replace(/['"]/g, '') === family;
      const range = rule.style.getPropertyValue('unicode-range');
      if (!named || !(range === '' || /U\+0+-F/i.test(range))) continue;
      const [, address] = /url\("?([^")]+)"?\)/.exec(rule.style.getPropertyValue('src')) ?? [];
      if (address !== undefined) return new URL(address, sheet.href ?? document.baseURI).href;
    }
  }
  return undefined;
}

/** The font of a family; undefined where it cannot be had: letters are then plain. */
export async function fontData(family: string): Promise<string | undefined> {
  const address = sourceOf(family);
  if (address === undefined) return undefined;
  const response = await fetch(address).catch(() => undefined);
  if (!response?.ok) return undefined;
  let binary = '';
  for (const byte of new Uint8Array(await response.arrayBuffer())) {
    binary += String.fromCharCode(byte);
  }
  return `data:font/woff2;base64,${btoa(binary)}`;
}
