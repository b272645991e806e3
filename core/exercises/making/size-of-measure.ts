/** How large a number or a measure is, so that several can be put in order. */

/** What is measured, and how many of its base unit. */
export interface Size {
  readonly of: string;
  readonly amount: number;
}

/** Units by what they measure, each in base units (the International System of Units; hours of 60 minutes). */
const units: Readonly<Record<string, readonly [of: string, factor: number]>> = {
  mm: ['length', 0.001],
  cm: ['length', 0.01],
  m: ['length', 1],
  km: ['length', 1000],
  g: ['mass', 0.001],
  kg: ['mass', 1],
  t: ['mass', 1000],
  ml: ['volume', 0.001],
  cl: ['volume', 0.01],
  l: ['volume', 1],
  s: ['time', 1],
  min: ['time', 60],
  h: ['time', 3600],
  'km/h': ['speed', 1],
  'm/s': ['speed', 3.6],
  mph: ['speed', 1.609_344],
  in: ['length', 0.0254],
  ft: ['length', 0.3048],
  mi: ['length', 1609.344],
  oz: ['mass', 0.028_349_523],
  lb: ['mass', 0.453_592_37],
  hPa: ['pressure', 1],
  '°F': ['temperature in °F', 1],
  '°C': ['temperature', 1],
  '%': ['number', 0.01],
  // The same in Cyrillic letters.
  мм: ['length', 0.001],
  см: ['length', 0.01],
  м: ['length', 1],
  км: ['length', 1000],
  г: ['mass', 0.001],
  кг: ['mass', 1],
  мл: ['volume', 0.001],
  л: ['volume', 1],
};

const glyphs: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

/** A bare number: 37, −4, 2.75, 12,000, ¾, 2 ½, 3/4. */
function numberOf(text: string): number | undefined {
  const plain = text
    .trim()
    .replaceAll('−', '-')
    .replace(/(?<=\d)[,\s](?=\d{3}\b)/g, '')
    // 3,7 as most languages write it.
    .replace(/(?<=\d),(?=\d{1,2}$)/, '.');
  if (/^-?\d+(?:\.\d+)?$/.test(plain)) return Number(plain);
  const slashed = /^(-?)(?:(\d+) )?(\d+)\/(\d+)$/.exec(plain);
  if (slashed) {
    const [, sign, whole = '0', above = '', below = ''] = slashed;
    return (sign === '-' ? -1 : 1) * (Number(whole) + Number(above) / Number(below));
  }
  const [, whole = '', glyph = ''] = /^(\d*) ?([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])$/u.exec(plain) ?? [];
  return glyph === '' ? undefined : Number(whole) + (glyphs[glyph] ?? 0);
}

/** The size of a number with or without its unit, or of a price; undefined where it is none of these. */
export function sizeOfMeasure(text: string): Size | undefined {
  // €2.50, and 2,50 € as most languages write it.
  const [, before, priceAfter] = /^([£€$])([\d.,]+)$/.exec(text.trim()) ?? [];
  const [, priceBefore, after] = /^([\d.,\s]+?)\s?([£€$₽])$/u.exec(text.trim()) ?? [];
  const price = priceAfter ?? priceBefore;
  const cents = /^(\d+)([p¢c])$/.exec(text.trim());
  if (price !== undefined) {
    const amount = numberOf(price);
    return amount === undefined ? undefined : { of: `money in ${before ?? after}`, amount };
  }
  if (cents)
    return { of: `money in ${cents[2] === 'p' ? '£' : '$'}`, amount: Number(cents[1]) / 100 };
  const [, figures = '', unit = ''] =
    /^([-−\d.,\s/½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]*)(.*)$/u.exec(text.trim()) ?? [];
  const amount = numberOf(figures);
  if (amount === undefined) return undefined;
  if (unit === '' || unit.trim() === '') return { of: 'number', amount };
  const known = units[unit.trim()];
  return known && { of: known[0], amount: amount * known[1] };
}
