/** How each language names units, commas and degrees, from memory, as its school grammar has it. */
import {
  frenchCalendar,
  italianCalendar,
  portugueseCalendar,
  spanishCalendar,
} from './calendar-and-clock';
import {
  frenchCardinals,
  italianCardinals,
  portugueseCardinals,
  spanishCardinals,
} from './cardinals';
import { metricReader } from './metric-reader';

/** Symbols of the SI and of what is used with it (SI Brochure of the BIPM). */
const units = (names: string) => {
  const symbols = ['mm', 'cm', 'm', 'km', 'g', 'kg', 'ml', 'l'];
  return Object.fromEntries(
    names
      .split(',')
      .map((pair, at) => [symbols[at] ?? '', pair.trim().split('/') as [string, string]]),
  );
};

export const frenchNumbers = metricReader({
  cardinals: frenchCardinals,
  calendar: frenchCalendar(frenchCardinals),
  comma: 'virgule',
  minus: 'moins',
  percent: 'pour cent',
  units: units(
    'millimètre/millimètres, centimètre/centimètres, mètre/mètres, kilomètre/kilomètres, gramme/grammes, kilogramme/kilogrammes, millilitre/millilitres, litre/litres',
  ),
  degree: ['degré', 'degrés'],
  euro: ['euro', 'euros'],
  cent: ['centime', 'centimes'],
  and: 'et',
  // The plural begins at two: un virgule cinq mètre, zéro degré.
  isMany: (value) => value >= 2,
  rule: 'The plural begins at two. Vingt and cent have an s where nothing follows them.',
});

export const spanishNumbers = metricReader({
  cardinals: spanishCardinals,
  calendar: spanishCalendar(spanishCardinals),
  comma: 'coma',
  minus: 'menos',
  percent: 'por ciento',
  units: units(
    'milímetro/milímetros, centímetro/centímetros, metro/metros, kilómetro/kilómetros, gramo/gramos, kilogramo/kilogramos, mililitro/mililitros, litro/litros',
  ),
  degree: ['grado', 'grados'],
  euro: ['euro', 'euros'],
  cent: ['céntimo', 'céntimos'],
  and: 'con',
  isMany: (value) => value !== 1,
  rule: 'Only one takes the singular. Uno loses its o before a noun: veintiún grados.',
});

export const italianNumbers = metricReader({
  cardinals: italianCardinals,
  calendar: italianCalendar(italianCardinals),
  comma: 'virgola',
  minus: 'meno',
  percent: 'per cento',
  units: units(
    'millimetro/millimetri, centimetro/centimetri, metro/metri, chilometro/chilometri, grammo/grammi, chilogrammo/chilogrammi, millilitro/millilitri, litro/litri',
  ),
  degree: ['grado', 'gradi'],
  euro: ['euro', 'euro'],
  cent: ['centesimo', 'centesimi'],
  and: 'e',
  isMany: (value) => value !== 1,
  rule: 'Written as one word: ventitré, duecento. Venti, trenta … lose their last vowel before uno and otto.',
});

export const portugueseNumbers = metricReader({
  cardinals: portugueseCardinals,
  calendar: portugueseCalendar(portugueseCardinals),
  comma: 'vírgula',
  minus: 'menos',
  percent: 'por cento',
  units: units(
    'milímetro/milímetros, centímetro/centímetros, metro/metros, quilômetro/quilômetros, grama/gramas, quilograma/quilogramas, mililitro/mililitros, litro/litros',
  ),
  degree: ['grau', 'graus'],
  euro: ['euro', 'euros'],
  cent: ['cêntimo', 'cêntimos'],
  and: 'e',
  isMany: (value) => value >= 2,
  rule: 'E stands between hundreds, tens and units: cento e vinte e três.',
});
