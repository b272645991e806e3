import genders from 'french-words-gender-lefff/dist/words.json';
import italian from 'italian-words-dict/dist/words.json';
import { describe, expect, test } from 'vitest';
import rows from '../concepts/concepts.json';
import { readConcepts } from '../concepts/concept';
import { articlesOf, feminineOf, likelyGender, pluralOf, type RomanceLanguage } from './nouns';

const concepts = readConcepts(rows);
const nouns = concepts.all.filter(({ partOfSpeech }) => partOfSpeech === 'noun');

describe('nouns of the common list', () => {
  // The Lefff in the package french-words-gender-lefff.
  test('French genders are those of the Lefff, but for one that names two fruits', () => {
    const known = genders as unknown as Readonly<Record<string, string>>;
    const words = nouns.flatMap(({ words: { fr = [] } }) => fr);
    const compared = words.filter(({ word, gender }) => known[word] && /^[mf]$/.test(gender ?? ''));
    const wrong = compared.filter(({ word, gender }) => known[word]?.toLowerCase() !== gender);
    expect(compared.length).toBeGreaterThan(550);
    // Pomme de terre is feminine as pomme is (Dictionnaire de l’Académie, from memory).
    expect(wrong.map(({ word }) => word)).toEqual(['pomme de terre']);
  });

  // Morph-it! in the package italian-words-dict.
  test('Italian plurals and genders are those of Morph-it! for 97 of 100', () => {
    const known = italian as unknown as Readonly<Record<string, { G?: string; P?: string }>>;
    const words = nouns.flatMap(({ words: { it = [] } }) => it.map(({ word }) => word));
    let [asked, wrong, gendered, other] = [0, 0, 0, 0];
    for (const word of new Set(words)) {
      const { G, P } = known[word] ?? {};
      if (G === undefined || P === undefined) continue;
      const gender = G === 'F' ? 'f' : 'm';
      gendered += 1;
      if (likelyGender(word, 'it') !== gender) other += 1;
      asked += 1;
      if (pluralOf(word, 'it', gender) !== P) wrong += 1;
    }
    expect(asked).toBeGreaterThan(550);
    expect(1 - wrong / asked).toBeGreaterThan(0.97);
    expect(1 - other / gendered).toBeGreaterThan(0.97);
  });

  test('Spanish and Portuguese words in -ción, -dad, -ma … have the gender their ending says', () => {
    for (const language of ['es', 'pt'] as const) {
      const words = nouns.flatMap(({ words: { [language]: list = [] } }) => list);
      const said = words.filter(
        ({ word, gender }) => /(?:ción|ção|dad|dade|agem)$/.test(word) && gender,
      );
      expect(said.length).toBeGreaterThan(8);
      expect(said.filter(({ word, gender }) => likelyGender(word, language) !== gender)).toEqual(
        [],
      );
    }
  });
});

/** As school grammars have them, from memory. */
test.each<[RomanceLanguage, string, string]>([
  ['fr', 'cheval', 'chevaux'],
  ['fr', 'festival', 'festivals'],
  ['fr', 'gâteau', 'gâteaux'],
  ['fr', 'genou', 'genoux'],
  ['fr', 'trou', 'trous'],
  ['fr', 'nez', 'nez'],
  ['fr', 'sac à dos', 'sacs à dos'],
  ['fr', 'œil', 'yeux'],
  ['es', 'canción', 'canciones'],
  ['es', 'lápiz', 'lápices'],
  ['es', 'lunes', 'lunes'],
  ['es', 'inglés', 'ingleses'],
  ['es', 'joven', 'jóvenes'],
  ['es', 'país', 'países'],
  ['es', 'parque infantil', 'parques infantiles'],
  ['pt', 'avião', 'aviões'],
  ['pt', 'pão', 'pães'],
  ['pt', 'mão', 'mãos'],
  ['pt', 'jardim', 'jardins'],
  ['pt', 'animal', 'animais'],
  ['pt', 'hotel', 'hotéis'],
  ['pt', 'fácil', 'fáceis'],
  ['pt', 'inglês', 'ingleses'],
  ['pt', 'lápis', 'lápis'],
  ['it', 'amico', 'amici'],
  ['it', 'banco', 'banchi'],
  ['it', 'città', 'città'],
  ['it', 'uovo', 'uova'],
  ['it', 'zio', 'zii'],
])('%s: %s, %s', (language, word, plural) => {
  expect(pluralOf(word, language)).toBe(plural);
});

test.each<[RomanceLanguage, string, string]>([
  ['fr', 'petit', 'petite'],
  ['fr', 'heureux', 'heureuse'],
  ['fr', 'blanc', 'blanche'],
  ['fr', 'cher', 'chère'],
  ['es', 'alto', 'alta'],
  ['es', 'inglés', 'inglesa'],
  ['es', 'verde', 'verde'],
  ['pt', 'bom', 'boa'],
  ['pt', 'cru', 'crua'],
  ['pt', 'português', 'portuguesa'],
  ['it', 'rosso', 'rossa'],
  ['it', 'grande', 'grande'],
])('%s: %s with a feminine noun is %s', (language, word, she) => {
  expect(feminineOf(word, language)).toBe(she);
});

test.each<[RomanceLanguage, string, 'm' | 'f', string]>([
  ['fr', 'eau', 'f', 'l’ une les'],
  ['fr', 'hôtel', 'm', 'l’ un les'],
  ['fr', 'héros', 'm', 'le un les'],
  ['es', 'agua', 'f', 'el un las'],
  ['es', 'abeja', 'f', 'la una las'],
  ['it', 'studente', 'm', 'lo uno gli'],
  ['it', 'amica', 'f', 'l’ un’ le'],
  ['it', 'gatto', 'm', 'il un i'],
  ['pt', 'chuva', 'f', 'a uma as'],
])('the articles of %s %s (%s): %s', (language, word, gender, wanted) => {
  const { definite, indefinite, many } = articlesOf(word, language, gender);
  expect(`${definite} ${indefinite} ${many}`).toBe(wanted);
});
