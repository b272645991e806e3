import { describe, expect, test } from 'vitest';
import { packOf } from '../registry/registry';

const read = (language: string, text: string) => packOf(language).numbers?.read(text, 'uk');
const readings = (language: string, text: string) => read(language, text)?.readings ?? [];

// Dates, times, years, ordinals and fractions as school grammars of each language write them, from memory.
describe('the usual reading', () => {
  test.each([
    ['fr', '4 juillet', 'dates', 'le quatre juillet'],
    ['fr', '1er mai', 'dates', 'le premier mai'],
    ['fr', 'le 14 juillet 1789', 'dates', 'le quatorze juillet mille sept cent quatre-vingt-neuf'],
    ['fr', '4/7/2026', 'dates', 'le quatre juillet deux mille vingt-six'],
    ['es', '4 de julio de 2026', 'dates', 'el cuatro de julio de dos mil veintiséis'],
    ['es', '1 de mayo', 'dates', 'el uno de mayo'],
    ['it', '8 marzo', 'dates', 'l’otto marzo'],
    ['it', '1º maggio', 'dates', 'il primo maggio'],
    ['it', '25 aprile 1945', 'dates', 'il venticinque aprile millenovecentoquarantacinque'],
    ['pt', '7 de setembro de 1822', 'dates', 'sete de setembro de mil oitocentos e vinte e dois'],
    ['pt', '1 de abril', 'dates', 'primeiro de abril'],
    ['fr', '7 h 45', 'times', 'sept heures quarante-cinq'],
    ['fr', '21:01', 'times', 'vingt et une heures une'],
    ['fr', '1h', 'times', 'une heure'],
    ['es', '1:30', 'times', 'la una y media'],
    ['es', '7:15', 'times', 'las siete y cuarto'],
    ['es', '10:00', 'times', 'las diez'],
    ['it', '1:05', 'times', 'l’una e cinque'],
    ['it', '9:30', 'times', 'le nove e mezza'],
    ['pt', '2h10', 'times', 'duas e dez'],
    ['pt', '1h', 'times', 'uma hora'],
    ['pt', '21h', 'times', 'vinte e uma horas'],
    ['fr', '1985', 'years', 'mille neuf cent quatre-vingt-cinq'],
    ['es', '1492', 'years', 'mil cuatrocientos noventa y dos'],
    ['it', '1861', 'years', 'milleottocentosessantuno'],
    ['pt', '1500', 'years', 'mil e quinhentos'],
    ['fr', '21e', 'ordinals', 'vingt et unième'],
    ['fr', '9e', 'ordinals', 'neuvième'],
    ['fr', '5e', 'ordinals', 'cinquième'],
    ['fr', '80e', 'ordinals', 'quatre-vingtième'],
    ['fr', '1re', 'ordinals', 'première'],
    ['es', '3.º', 'ordinals', 'tercero'],
    ['es', '21.ª', 'ordinals', 'vigésima primera'],
    ['es', '13.º', 'ordinals', 'decimotercero'],
    ['it', '11º', 'ordinals', 'undicesimo'],
    ['it', '23º', 'ordinals', 'ventitreesimo'],
    ['it', '26º', 'ordinals', 'ventiseiesimo'],
    ['it', '16º', 'ordinals', 'sedicesimo'],
    ['it', '2ª', 'ordinals', 'seconda'],
    ['pt', '14º', 'ordinals', 'décimo quarto'],
    ['pt', '31ª', 'ordinals', 'trigésima primeira'],
    ['fr', '3/4', 'fractions', 'trois quarts'],
    ['fr', '2/3', 'fractions', 'deux tiers'],
    ['fr', '1/5', 'fractions', 'un cinquième'],
    ['es', '1/2', 'fractions', 'un medio'],
    ['es', '2/5', 'fractions', 'dos quintos'],
    ['it', '2/3', 'fractions', 'due terzi'],
    ['it', '1/8', 'fractions', 'un ottavo'],
    ['pt', '¾', 'fractions', 'três quartos'],
  ])('%s %s', (language, text, kind, reading) => {
    expect([read(language, text)?.kind, readings(language, text)[0]]).toEqual([kind, reading]);
  });
});

describe('what is said besides', () => {
  test.each([
    ['fr', '7:45', 'huit heures moins le quart'],
    ['fr', '12:30', 'midi et demi'],
    ['fr', '0:00', 'minuit'],
    ['fr', '23:40', 'minuit moins vingt'],
    ['fr', '19:15', 'sept heures et quart'],
    ['fr', '1985', 'dix-neuf cent quatre-vingt-cinq'],
    ['fr', '2e', 'second'],
    ['es', '7:45', 'las ocho menos cuarto'],
    ['es', '12:50', 'la una menos diez'],
    ['es', '1 de mayo', 'el primero de mayo'],
    ['es', '13.º', 'décimo tercero'],
    ['it', '7:45', 'le otto meno un quarto'],
    ['it', '7:45', 'le sette e tre quarti'],
    ['it', '12:40', 'l’una meno venti'],
    ['pt', '7:45', 'quinze para as oito'],
    ['pt', '12:30', 'meio-dia e meia'],
    ['pt', '6h30', 'seis e meia'],
    ['pt', '11:50', 'dez para o meio-dia'],
    ['pt', '1/2', 'meio'],
  ])('%s %s: %s', (language, text, reading) => {
    expect(readings(language, text)).toContain(reading);
  });

  test.each(['fr', 'es', 'it', 'pt'])(
    '%s: no two times of a half day are said alike',
    (language) => {
      const said = new Map<string, string>();
      for (let hours = 1; hours <= 12; hours += 1) {
        for (let minutes = 0; minutes < 60; minutes += 1) {
          const text = `${hours}:${String(minutes).padStart(2, '0')}`;
          for (const reading of readings(language, text)) {
            expect([reading, said.get(reading) ?? text]).toEqual([reading, text]);
            said.set(reading, text);
          }
        }
      }
    },
  );

  test.each(['fr', 'es', 'it', 'pt'])('%s: no two ordinals are said alike', (language) => {
    const all = Array.from({ length: 99 }, (_, at) =>
      readings(language, `${at + 1}${language === 'fr' ? 'e' : 'º'}`),
    );
    const said = all.flatMap((each) => [...each]);
    expect(all.every((each) => each.length > 0)).toBe(true);
    expect(new Set(said).size).toBe(said.length);
  });
});

describe('what is none', () => {
  test.each(['31 juin', '0 mai', '30 février', '32/1/2026', '25:00', '7:60', '4/3', '0e', '100e'])(
    '%s',
    (text) => {
      expect(() => read('fr', text)).toThrow(RangeError);
    },
  );

  test('two figures with a slash are a fraction, with a year a date', () => {
    expect(read('it', '3/4')?.kind).toBe('fractions');
    expect(read('it', '3/4/2026')?.kind).toBe('dates');
  });
});
