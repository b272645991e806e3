import { describe, expect, test } from 'vitest';
import reference from 'italian-verbs-dict/dist/verbs.json';
import { italianVerb, type ItalianTense } from './verb-forms';

const forms = (verb: string, tense: ItalianTense) => italianVerb(verb).tenses[tense].join(' ');

/** As any school grammar has them, from memory: io, tu, lui, noi, voi, loro. */
const table: readonly (readonly [verb: string, tense: ItalianTense, forms: string])[] = [
  ['parlare', 'present', 'parlo parli parla parliamo parlate parlano'],
  ['vedere', 'future', 'vedrò vedrai vedrà vedremo vedrete vedranno'],
  ['dormire', 'present', 'dormo dormi dorme dormiamo dormite dormono'],
  ['capire', 'present', 'capisco capisci capisce capiamo capite capiscono'],
  ['cercare', 'present', 'cerco cerchi cerca cerchiamo cercate cercano'],
  ['mangiare', 'future', 'mangerò mangerai mangerà mangeremo mangerete mangeranno'],
  ['studiare', 'present', 'studio studi studia studiamo studiate studiano'],
  ['essere', 'imperfect', 'ero eri era eravamo eravate erano'],
  ['avere', 'simple past', 'ebbi avesti ebbe avemmo aveste ebbero'],
  ['andare', 'present', 'vado vai va andiamo andate vanno'],
  ['fare', 'imperfect', 'facevo facevi faceva facevamo facevate facevano'],
  ['dire', 'present', 'dico dici dice diciamo dite dicono'],
  ['venire', 'present subjunctive', 'venga venga venga veniamo veniate vengano'],
  ['comporre', 'present', 'compongo componi compone componiamo componete compongono'],
  ['scegliere', 'present', 'scelgo scegli sceglie scegliamo scegliete scelgono'],
  ['prendere', 'simple past', 'presi prendesti prese prendemmo prendeste presero'],
  ['stare', 'imperfect subjunctive', 'stessi stessi stesse stessimo steste stessero'],
];

const tenses: Readonly<Record<ItalianTense, readonly [mood: string, tense: string]>> = {
  present: ['ind', 'pres'],
  imperfect: ['ind', 'impf'],
  future: ['ind', 'fut'],
  conditional: ['cond', 'pres'],
  'simple past': ['ind', 'past'],
  'present subjunctive': ['sub', 'pres'],
  'imperfect subjunctive': ['sub', 'impf'],
};
const persons = ['S1', 'S2', 'S3', 'P1', 'P2', 'P3'];

describe('Italian verbs in their tenses', () => {
  test.each(table)('%s, %s', (verb, tense, wanted) => expect(forms(verb, tense)).toBe(wanted));

  // Morph-it! in the package italian-verbs-dict: 6,100 verbs. It writes abbattè for abbatté.
  test('98 % of all forms of Morph-it! and more', () => {
    const known = reference as unknown as Readonly<
      Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>
    >;
    let [asked, wrong] = [0, 0];
    for (const [verb, all] of Object.entries(known)) {
      if (!/^\p{L}+(?:are|ere|ire|rre)$/u.test(verb)) continue;
      const made = italianVerb(verb);
      for (const [tense, [mood, name]] of Object.entries(tenses)) {
        made.tenses[tense as ItalianTense].forEach((form, person) => {
          const given = (all[mood]?.[name] as Record<string, unknown> | undefined)?.[
            persons[person] ?? ''
          ];
          if (given === undefined) return;
          const wanted = [given].flat().map(String);
          asked += 1;
          if (!wanted.includes(form) && !wanted.includes(form.replace(/é$/, 'è'))) wrong += 1;
        });
      }
    }
    expect(asked).toBeGreaterThan(240_000);
    expect(1 - wrong / asked).toBeGreaterThan(0.99);
  });

  test('gerunds and participles; a reflexive is as its verb', () => {
    const of = (verb: string) => `${italianVerb(verb).gerund} ${italianVerb(verb).participle}`;
    expect(['parlare', 'fare', 'bere', 'vivere', 'conoscere', 'capire'].map(of)).toEqual([
      'parlando parlato',
      'facendo fatto',
      'bevendo bevuto',
      'vivendo vissuto',
      'conoscendo conosciuto',
      'capendo capito',
    ]);
    expect(italianVerb('lavarsi').tenses.present[0]).toBe('lavo');
    expect(() => italianVerb('pioggia')).toThrow(/no Italian infinitive/);
  });
});
