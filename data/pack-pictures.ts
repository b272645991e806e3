/**
 * Lays out the pictures for the web: colour (Noto Emoji, Apache-2.0) for the
 * board and line drawings (OpenMoji black, CC BY-SA 4.0) for the printer, one
 * file each under public/pictures, with an index to search by name.
 *
 * Usage: tsx data/pack-pictures.ts FOLDER (FOLDER gets a mark that it was done)
 */
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { drawings } from './drawings';
import { isInsult, isUnfit } from './fitness';

const require = createRequire(import.meta.url);
interface IconSet {
  readonly icons: Readonly<Record<string, { body: string; width?: number; height?: number }>>;
  readonly width: number;
  readonly height: number;
}
const noto = require('@iconify-json/noto/icons.json') as IconSet;
const chars = require('@iconify-json/noto/chars.json') as Readonly<Record<string, string>>;
const names = require('emojibase-data/en/data.json') as readonly {
  hexcode: string;
  label: string;
  tags?: readonly string[];
}[];
const lineFolder = join(dirname(require.resolve('openmoji/package.json')), 'black/svg');
const target = new URL('../public/pictures/', import.meta.url);

/** Pictures that no list or search offers: weapons, drink, smoking, gestures, faith and state signs, letters. */
const leftOut =
  /skin-tone|^flag-|keycap|-button$|squared-|square-button|blood-type|cocktail|wine-glass|beer|clinking-beer|tropical-drink|sake$|cigarette|middle-finger|pile-of-poo|bomb|pistol|dagger|kitchen-knife|syringe|coffin|urn|headstone|bikini|briefs|lipstick|kiss|pregnant|breast|drunk|woozy|biting-lip|swords|gun|casino|slot-machine|no-|sign$|symbol|zodiac|aries|taurus|gemini|cancer|leo$|virgo|libra|scorpio$|sagittarius|capricorn|aquarius|pisces|cross$|menorah|khanda|^om$|star-of-david|star-and-crescent|-arrow$|^keycap|transgender|rainbow-flag|demon|horns|clown|person-in-suit|love-hotel|^digit|^letter|mahjong|couple|family-|people-with-bunny|nude|hamsa|nazar|on-exclamation|medical|atm-|yen|pound|euro|triangle-pointed|diamond|-square$|-medium-|japanese-|suit$/;
/** Left out by the rule, yet wanted. */
const keptAll = new Set(['crossed-flags', 'stop-sign', 'triangular-flag']);

const reviewed = new Set(
  readFileSync(new URL('./pictures.txt', import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map((line) => line.split(' ')[0] ?? ''),
);
const labelOf = new Map(names.map((each) => [each.hexcode.toLowerCase(), each]));

function lineDrawing(hex: string): string | undefined {
  for (const name of [
    hex.toUpperCase(),
    `${hex.toUpperCase()}-FE0F`,
    hex.toUpperCase().replace(/-FE0F/g, ''),
  ]) {
    const file = join(lineFolder, `${name}.svg`);
    if (existsSync(file)) return readFileSync(file, 'utf8');
  }
  return undefined;
}

interface IndexEntry {
  readonly icon: string;
  readonly name: string;
  readonly tags: string;
  /** 1 where there is a line drawing too. */
  readonly line: 0 | 1;
}

rmSync(target, { recursive: true, force: true });
for (const kind of ['colour', 'line']) mkdirSync(new URL(`${kind}/`, target), { recursive: true });
const index: IndexEntry[] = [];
const seen = new Set<string>();
// Some reviewed icons (the digits) stand for no character of their own.
const named = new Set(Object.values(chars));
const unnamed = [...reviewed].filter((icon) => !named.has(icon)).map((icon) => ['', icon] as const);
for (const [hex, icon] of [...Object.entries(chars), ...unnamed]) {
  const drawing = noto.icons[icon];
  if (drawing === undefined || seen.has(icon)) continue;
  if (!reviewed.has(icon) && leftOut.test(icon) && !keptAll.has(icon)) continue;
  const described = labelOf.get(hex) ?? labelOf.get(`${hex}-fe0f`);
  const label = described?.label ?? icon.replaceAll('-', ' ');
  if (!reviewed.has(icon) && (isInsult(label) || label.split(/\W+/).some(isUnfit))) continue;
  seen.add(icon);
  const width = drawing.width ?? noto.width;
  const height = drawing.height ?? noto.height;
  const colour = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${drawing.body}</svg>`;
  writeFileSync(new URL(`colour/${icon}.svg`, target), colour);
  // A disc that shows a colour is one in print too.
  const line =
    hex === '' ? undefined : /-circle$|^pink-heart$/.test(icon) ? colour : lineDrawing(hex);
  // A few have no line drawing: the colour one stands in, so that every address answers.
  writeFileSync(new URL(`line/${icon}.svg`, target), line ?? colour);
  const tags = (described?.tags ?? [])
    .filter(
      (tag) => !/lgbt|glbt|gender|queer|pride|^trans$/.test(tag) && !isInsult(tag) && !isUnfit(tag),
    )
    .join(' ');
  index.push({ icon, name: label, tags, line: line === undefined ? 0 : 1 });
}
// Our own have one drawing for paper and board.
for (const { icon, words, svg } of drawings) {
  for (const kind of ['colour', 'line']) writeFileSync(new URL(`${kind}/${icon}.svg`, target), svg);
  const [label = icon, ...tags] = words;
  index.push({ icon, name: label, tags: tags.join(' '), line: 1 });
}
const missing = [...reviewed].filter((icon) => !seen.has(icon));
if (missing.length > 0)
  throw new Error(`Reviewed pictures that are not drawn: ${missing.join(', ')}`);
writeFileSync(new URL('index.json', target), JSON.stringify(index));
const folder = process.argv[2];
if (folder !== undefined) writeFileSync(`${folder}/pictures.pack`, `${index.length} pictures\n`);
const lines = index.filter((each) => each.line === 1).length;
console.error(`pictures: ${index.length}, ${lines} with a line drawing, ${reviewed.size} reviewed`);
