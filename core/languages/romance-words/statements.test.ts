import lefff from 'french-words-gender-lefff/dist/words.json';
import morphIt from 'italian-words-dict/dist/words.json';
import { describe, expect, test } from 'vitest';
import { likelyGender, romanceLanguages } from './nouns';
import { statementNouns } from './statement-words';
import { statementsOf } from './statements';

const saidOf = (language: (typeof romanceLanguages)[number], meaning: string) =>
  statementsOf(language).find((each) => each.meaning === meaning)?.sentence;

describe('what things are like', () => {
  // School grammar of each language (common practice): feminines and plurals that no single ending gives.
  test.each([
    ['fr', 'The dresses are white.', 'Les robes sont blanches.'],
    ['fr', 'The house is old.', 'La maison est vieille.'],
    ['fr', 'The horses are beautiful.', 'Les chevaux sont beaux.'],
    ['fr', 'The birds are grey.', 'Les oiseaux sont gris.'],
    ['fr', 'The scarf is long.', 'L’écharpe est longue.'],
    ['fr', 'The story is long.', 'L’histoire est longue.'],
    ['fr', 'The women are curious.', 'Les femmes sont curieuses.'],
    ['fr', 'The jackets are expensive.', 'Les vestes sont chères.'],
    ['fr', 'The bike is new.', 'Le vélo est neuf.'],
    ['fr', 'The girl is kind.', 'La fille est gentille.'],
    ['es', 'The flowers are blue.', 'Las flores son azules.'],
    ['es', 'The boys are young.', 'Los niños son jóvenes.'],
    ['es', 'The maps are big.', 'Los mapas son grandes.'],
    ['es', 'The umbrellas are old.', 'Los paraguas son viejos.'],
    ['es', 'The lessons are interesting.', 'Las lecciones son interesantes.'],
    ['pt', 'The dogs are slow.', 'Os cães são lentos.'],
    ['pt', 'The flowers are blue.', 'As flores são azuis.'],
    ['pt', 'The men are kind.', 'Os homens são gentis.'],
    ['pt', 'The bridge is long.', 'A ponte é comprida.'],
    ['it', 'The scarf is long.', 'La sciarpa è lunga.'],
    ['it', 'The hens are white.', 'Le galline sono bianche.'],
    ['it', 'The birds are small.', 'Gli uccelli sono piccoli.'],
    ['it', 'The bikes are old.', 'Le biciclette sono vecchie.'],
    ['it', 'The shirts are grey.', 'Le camicie sono grigie.'],
    ['it', 'The men are tall.', 'Gli uomini sono alti.'],
  ] as const)('%s: %s', (language, meaning, sentence) => {
    expect(saidOf(language, meaning)).toBe(sentence);
  });

  test.each(romanceLanguages)('%s: the adjective stands where it is said to', (language) => {
    for (const { sentence, adjective, negative } of statementsOf(language)) {
      if (adjective === undefined) continue;
      const form = sentence.slice(adjective.start, adjective.end);
      expect(sentence.endsWith(` ${form}.`)).toBe(true);
      // The same form when it is denied: only the verb changes its company.
      expect(negative[0]?.endsWith(` ${form}.`)).toBe(true);
    }
  });

  test.each(romanceLanguages)(
    '%s: no sentence twice, none that shows two forms alike',
    (language) => {
      const sentences = statementsOf(language).map(({ sentence }) => sentence);
      expect(new Set(sentences).size).toBe(sentences.length);
      expect(sentences.length).toBeGreaterThan(500);
      for (const sentence of sentences) expect(sentence).toMatch(/^\p{Lu}[^.?]+\.$/u);
    },
  );

  // The Lefff in the package french-words-gender-lefff, Morph-it! in italian-words-dict.
  test('French and Italian genders are those of open dictionaries', () => {
    const french = lefff as unknown as Readonly<Record<string, string>>;
    const italian = morphIt as unknown as Readonly<Record<string, { G?: string; P?: string }>>;
    const known = {
      fr: (word: string) => french[word]?.toLowerCase(),
      it: (word: string) => italian[word]?.G?.toLowerCase(),
    };
    for (const language of ['fr', 'it'] as const) {
      const compared = statementNouns(language).flatMap(({ word, gender }) => {
        const other = known[language](word);
        // Le tour and la tour are two words.
        return other === undefined || word === 'tour'
          ? []
          : [{ own: [word, gender], other: [word, other] }];
      });
      expect(compared.length).toBeGreaterThan(35);
      for (const { own, other } of compared) expect(own).toEqual(other);
    }
  });

  test.each(['pt', 'it'] as const)(
    '%s: genders are those that endings tell, but for these',
    (language) => {
      const other = statementNouns(language).filter(
        ({ word, gender }) => likelyGender(word, language) !== gender,
      );
      // From memory: what every learner's grammar lists as exceptions, or whose ending tells nothing.
      const known = {
        pt: ['ponte', 'torre', 'flor', 'mulher', 'nuvem', 'guarda-chuva'],
        it: [],
      } as const;
      for (const { word } of other) expect(known[language]).toContain(word);
    },
  );
});

describe('denied and asked', () => {
  test('French elides ne and que, and puts a t between two vowels', () => {
    const bram = statementsOf('fr').find(({ sentence }) => sentence === 'Bram arrive demain.');
    expect(bram?.negative).toEqual(['Bram n’arrive pas demain.']);
    expect(bram?.question).toEqual([
      'Est-ce que Bram arrive demain ?',
      'Bram arrive-t-il demain ?',
      'Bram arrive demain ?',
    ]);
    const story = statementsOf('fr').find(({ meaning }) => meaning === 'The story is long.');
    expect(story?.question).toEqual([
      'Est-ce que l’histoire est longue ?',
      'L’histoire est-elle longue ?',
      'L’histoire est longue ?',
    ]);
    const girls = statementsOf('fr').find(
      ({ meaning }) => meaning === 'The girls play in the park.',
    );
    expect(girls?.question[1]).toBe('Les filles jouent-elles dans le parc ?');
  });

  test.each(romanceLanguages)(
    '%s: each deed is denied and asked in whole sentences',
    (language) => {
      const end = language === 'fr' ? ' ?' : '?';
      for (const { sentence, negative, question } of statementsOf(language)) {
        expect(negative.every((each) => each !== sentence && each.endsWith('.'))).toBe(true);
        for (const each of question) {
          expect(each.endsWith(end)).toBe(true);
          expect(each.startsWith('¿')).toBe(language === 'es');
          expect(each.replace('¿', '')).toMatch(/^\p{Lu}/u);
        }
        expect(new Set(question).size).toBe(question.length);
      }
    },
  );
});
