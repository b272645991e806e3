/**
 * Names of units by their symbols: those of the SI Brochure (BIPM, 9th edition,
 * from memory), and the customary units of Britain and the United States
 * (common practice).
 */
import type { Spelling } from '../../../kernel/spelling';

export interface Unit {
  readonly us: string;
  readonly uk: string;
  /** Plural where it is not made with s. */
  readonly plural?: string;
  /** What is said as well, one and many. */
  readonly also?: readonly (readonly [one: string, many: string])[];
}

type Also = readonly (readonly [one: string, many: string])[];
const same = (name: string, plural?: string, also?: Also): Unit => ({
  us: name,
  uk: name,
  ...(plural ? { plural } : {}),
  ...(also ? { also } : {}),
});
const metre = (prefix: string): Unit => ({ us: `${prefix}meter`, uk: `${prefix}metre` });
const litre = (prefix: string): Unit => ({ us: `${prefix}liter`, uk: `${prefix}litre` });
const squared = (prefix: string, power = 'square'): Unit => ({
  us: `${power} ${prefix}meter`,
  uk: `${power} ${prefix}metre`,
  ...(prefix === '' || prefix === 'centi'
    ? {
        also:
          power === 'square'
            ? [[`${prefix}metre squared`, `${prefix}metres squared`]]
            : [[`${prefix}metre cubed`, `${prefix}metres cubed`]],
      }
    : {}),
});

export const units: Readonly<Record<string, Unit>> = {
  mm: metre('milli'),
  cm: metre('centi'),
  m: metre(''),
  km: metre('kilo'),
  mg: same('milligram'),
  g: same('gram'),
  kg: same('kilogram', undefined, [['kilo', 'kilos']]),
  t: { us: 'metric ton', uk: 'tonne' },
  ml: litre('milli'),
  mL: litre('milli'),
  cl: litre('centi'),
  l: litre(''),
  L: litre(''),
  s: same('second'),
  sec: same('second'),
  min: same('minute'),
  h: same('hour'),
  hr: same('hour'),
  d: same('day'),
  '°C': same('degree Celsius', 'degrees Celsius', [
    ['degree', 'degrees'],
    ['degree centigrade', 'degrees centigrade'],
  ]),
  '°F': same('degree Fahrenheit', 'degrees Fahrenheit', [['degree', 'degrees']]),
  '°': same('degree'),
  '%': same('per cent', 'per cent', [['percent', 'percent']]),
  hPa: same('hectopascal'),
  kPa: same('kilopascal'),
  Pa: same('pascal'),
  mbar: same('millibar'),
  N: same('newton'),
  W: same('watt'),
  kW: same('kilowatt'),
  kWh: same('kilowatt hour', undefined, [['kilowatt-hour', 'kilowatt-hours']]),
  J: same('joule'),
  kJ: same('kilojoule'),
  V: same('volt'),
  A: same('ampere', undefined, [['amp', 'amps']]),
  Hz: same('hertz', 'hertz'),
  K: same('kelvin'),
  MB: same('megabyte'),
  GB: same('gigabyte'),
  'km/h': {
    us: 'kilometer per hour',
    uk: 'kilometre per hour',
    also: [
      ['kilometre an hour', 'kilometres an hour'],
      ['kilometer an hour', 'kilometers an hour'],
    ],
  },
  'm/s': {
    us: 'meter per second',
    uk: 'metre per second',
    also: [
      ['metre a second', 'metres a second'],
      ['meter a second', 'meters a second'],
    ],
  },
  mph: same('mile per hour', 'miles per hour', [['mile an hour', 'miles an hour']]),
  'cm²': squared('centi'),
  'm²': squared(''),
  'km²': squared('kilo'),
  'cm³': squared('centi', 'cubic'),
  'm³': squared('', 'cubic'),
  in: same('inch', 'inches'),
  ft: same('foot', 'feet'),
  yd: same('yard'),
  mi: same('mile'),
  oz: same('ounce'),
  lb: same('pound'),
  st: same('stone', 'stone'),
  pt: same('pint'),
  gal: same('gallon'),
  ha: same('hectare'),
  kn: same('knot'),
  µm: metre('micro'),
  dm: metre('deci'),
  hl: litre('hecto'),
  dl: litre('deci'),
  mA: same('milliampere', undefined, [['milliamp', 'milliamps']]),
  MW: same('megawatt'),
  kHz: same('kilohertz', 'kilohertz'),
  MHz: same('megahertz', 'megahertz'),
  kB: same('kilobyte'),
  TB: same('terabyte'),
  cal: same('calorie'),
  kcal: same('kilocalorie'),
  dB: same('decibel'),
  'mm²': squared('milli'),
  'g/l': { us: 'gram per liter', uk: 'gram per litre' },
  'mm/h': {
    us: 'millimeter per hour',
    uk: 'millimetre per hour',
    also: [['millimetre an hour', 'millimetres an hour']],
  },
  cup: same('cup'),
  tbsp: same('tablespoon'),
  tsp: same('teaspoon'),
  dozen: same('dozen', 'dozen'),
  wk: same('week'),
  mo: same('month'),
  yr: same('year'),
};

export const unitSymbols = Object.keys(units);

const pluralOf = (unit: Unit, variety: Spelling) =>
  unit.plural ??
  (unit[variety].includes(' per ')
    ? unit[variety].replace(' per ', 's per ')
    : `${unit[variety]}s`);

/** Symbols by what they are called, one and many, in either spelling. */
const symbolsByName: ReadonlyMap<string, string> = new Map(
  Object.entries(units).flatMap(([symbol, unit]) =>
    (['us', 'uk'] as const).flatMap((variety): [string, string][] => [
      [unit[variety], symbol],
      [pluralOf(unit, variety), symbol],
      ...(unit.also ?? []).flat().map((name): [string, string] => [name, symbol]),
    ]),
  ),
);
// Names that are of two units go to the one that is meant without more being said.
const names = [...symbolsByName.keys()]
  .filter((name) => !/per cent|percent/.test(name))
  .sort((left, right) => right.length - left.length);
const AFTER_NUMBER = new RegExp(
  String.raw`([\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])([ -]?)(${names.join('|')})(?![a-z])`,
  'gu',
);

/** A measure whose unit is written out, with its symbol: 2½ hours as 2½ h. */
export const withSymbols = (text: string) =>
  text.replace(
    AFTER_NUMBER,
    (_, digit: string, space: string, name: string) =>
      `${digit}${space === '-' ? '-' : ' '}${name === 'degree' || name === 'degrees' ? '°' : (symbolsByName.get(name) ?? name)}`,
  );

/** What a unit is called, the preferred name first. @param one true for exactly one of it */
export function unitNames(symbol: string, one: boolean, variety: Spelling): string[] {
  const unit = units[symbol];
  // A unit that is written out (3 hours) is read as it stands.
  if (unit === undefined) return [symbol];
  return [
    one ? unit[variety] : pluralOf(unit, variety),
    ...(unit.also ?? []).map(([single, many]) => (one ? single : many)),
  ];
}
