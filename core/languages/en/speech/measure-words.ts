/**
 * A number with its unit as it is read aloud. The names of units are those of
 * the SI Brochure (BIPM, 9th edition, from memory). The unit is plural with 0,
 * with a decimal and with everything above 1; singular for exactly 1 (common
 * practice; Quirk et al. 1985, 5.92, from memory).
 */
import { digitsAsWords } from './number-words';

interface Unit {
  readonly us: string;
  readonly uk: string;
  /** Plural where it is not made with s. */
  readonly plural?: string;
}

const same = (name: string, plural?: string): Unit => ({
  us: name,
  uk: name,
  ...(plural ? { plural } : {}),
});
const metre = (prefix: string): Unit => ({ us: `${prefix}meter`, uk: `${prefix}metre` });
const litre = (prefix: string): Unit => ({ us: `${prefix}liter`, uk: `${prefix}litre` });

const units: Readonly<Record<string, Unit>> = {
  mm: metre('milli'),
  cm: metre('centi'),
  m: metre(''),
  km: metre('kilo'),
  g: same('gram'),
  kg: same('kilogram'),
  t: { us: 'metric ton', uk: 'tonne' },
  ml: litre('milli'),
  l: litre(''),
  s: same('second'),
  min: same('minute'),
  h: same('hour'),
  d: same('day'),
  '°C': same('degree Celsius', 'degrees Celsius'),
  '%': same('per cent', 'per cent'),
  hPa: same('hectopascal'),
  Pa: same('pascal'),
  N: same('newton'),
  W: same('watt'),
  J: same('joule'),
  V: same('volt'),
  A: same('ampere'),
  Hz: same('hertz', 'hertz'),
  K: same('kelvin'),
  'km/h': { us: 'kilometer per hour', uk: 'kilometre per hour', plural: '' },
  'm/s': { us: 'meter per second', uk: 'metre per second', plural: '' },
  'm²': { us: 'square meter', uk: 'square metre' },
  'km²': { us: 'square kilometer', uk: 'square kilometre' },
  'm³': { us: 'cubic meter', uk: 'cubic metre' },
};

export const unitSymbols = Object.keys(units);

/** Joins tens and units with a hyphen: twenty-one. */
const hyphenate = (words: readonly string[]) =>
  words
    .join(' ')
    .replace(
      /\b(twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety) (one|two|three|four|five|six|seven|eight|nine)\b/g,
      '$1-$2',
    );

function pluralOf(unit: Unit, spelling: 'us' | 'uk'): string {
  const name = unit[spelling];
  if (unit.plural) return unit.plural;
  if (name.includes(' per ')) return name.replace(' per ', 's per ');
  return `${name}s`;
}

/**
 * How a measure is read: `3.7 mm` gives “three point seven millimetres”.
 *
 * @throws RangeError where it is no number with a unit that is known
 */
export function measureWords(measure: string, spelling: 'us' | 'uk' = 'uk'): string {
  const match = /^([−-]?)(\d[\d,]*(?:\.\d+)?)\s*(.+)$/.exec(measure.trim());
  const unit = match?.[3] === undefined ? undefined : units[match[3]];
  if (match?.[2] === undefined || unit === undefined) {
    throw new RangeError(
      `${measure} is no number with a unit that is known. Write it like 3.7 mm; units: ${unitSymbols.join(', ')}.`,
    );
  }
  const number = match[2].replaceAll(',', '');
  const words = number.includes('.')
    ? digitsAsWords(number)
    : digitsAsWords(
        String(Number(number)).length === 4 ? `${number.slice(0, 1)},${number.slice(1)}` : number,
      );
  const name = number === '1' ? unit[spelling] : pluralOf(unit, spelling);
  const spoken = hyphenate(withAnd(words, spelling));
  return `${match[1] ? 'minus ' : ''}${spoken} ${name}`;
}

/** British English says and after hundred; American English mostly does not. */
function withAnd(words: readonly string[], spelling: 'us' | 'uk'): string[] {
  if (spelling === 'us') return [...words];
  return words.flatMap((word, at) => {
    const next = words[at + 1];
    return word === 'hundred' &&
      next !== undefined &&
      !/^(?:thousand|million|billion|point)$/.test(next)
      ? [word, 'and']
      : [word];
  });
}
