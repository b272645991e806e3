import { describe, expect, test } from 'vitest';
import reference from 'french-verbs-lefff/dist/conjugations.json';
import { frenchVerb, type FrenchTense } from './verb-forms';

const forms = (verb: string, tense: FrenchTense) => frenchVerb(verb).tenses[tense].join(' ');

/** As any school grammar has them, from memory: je, tu, il, nous, vous, ils. */
const table: readonly (readonly [verb: string, tense: FrenchTense, forms: string])[] = [
  ['parler', 'present', 'parle parles parle parlons parlez parlent'],
  ['finir', 'present', 'finis finis finit finissons finissez finissent'],
  ['vendre', 'present', 'vends vends vend vendons vendez vendent'],
  ['manger', 'imperfect', 'mangeais mangeais mangeait mangions mangiez mangeaient'],
  ['commencer', 'simple past', 'commençai commenças commença commençâmes commençâtes commencèrent'],
  ['appeler', 'present', 'appelle appelles appelle appelons appelez appellent'],
  ['acheter', 'future', 'achèterai achèteras achètera achèterons achèterez achèteront'],
  ['espérer', 'present', 'espère espères espère espérons espérez espèrent'],
  ['espérer', 'future', 'espérerai espéreras espérera espérerons espérerez espéreront'],
  ['nettoyer', 'present', 'nettoie nettoies nettoie nettoyons nettoyez nettoient'],
  ['envoyer', 'future', 'enverrai enverras enverra enverrons enverrez enverront'],
  ['être', 'imperfect', 'étais étais était étions étiez étaient'],
  ['avoir', 'present subjunctive', 'aie aies ait ayons ayez aient'],
  ['aller', 'present', 'vais vas va allons allez vont'],
  ['faire', 'present', 'fais fais fait faisons faites font'],
  ['venir', 'simple past', 'vins vins vint vînmes vîntes vinrent'],
  ['comprendre', 'present', 'comprends comprends comprend comprenons comprenez comprennent'],
  ['pouvoir', 'conditional', 'pourrais pourrais pourrait pourrions pourriez pourraient'],
  ['savoir', 'present subjunctive', 'sache saches sache sachions sachiez sachent'],
  ['peindre', 'present', 'peins peins peint peignons peignez peignent'],
  ['conduire', 'imperfect', 'conduisais conduisais conduisait conduisions conduisiez conduisaient'],
  ['ouvrir', 'present', 'ouvre ouvres ouvre ouvrons ouvrez ouvrent'],
];

/** The names of the tenses in the reference. */
const tenses = {
  present: 'P',
  imperfect: 'I',
  future: 'F',
  conditional: 'C',
  'simple past': 'J',
  'present subjunctive': 'S',
} as const;

describe('French verbs in their tenses', () => {
  test.each(table)('%s, %s', (verb, tense, wanted) => expect(forms(verb, tense)).toBe(wanted));

  // The Lefff lexicon in the package french-verbs-lefff: 7,800 verbs, the rare ones too.
  test('98 % of all forms of the Lefff and more', () => {
    const known = reference as unknown as Readonly<
      Record<string, Readonly<Record<string, readonly string[] | undefined>>>
    >;
    let [asked, wrong] = [0, 0];
    for (const [verb, all] of Object.entries(known)) {
      // Payer has two of each: je paie, je paye. The reference has the second.
      if (!/^\p{L}+$/u.test(verb) || verb.endsWith('ayer')) continue;
      let made;
      try {
        made = frenchVerb(verb);
      } catch {
        [asked, wrong] = [asked + 36, wrong + 36];
        continue;
      }
      for (const [tense, code] of Object.entries(tenses)) {
        made.tenses[tense as FrenchTense].forEach((form, person) => {
          const wanted = all[code]?.[person];
          if (wanted === undefined || wanted === 'NA') return;
          asked += 1;
          if (form !== wanted) wrong += 1;
        });
      }
    }
    expect(asked).toBeGreaterThan(270_000);
    expect(1 - wrong / asked).toBeGreaterThan(0.985);
  });

  test('imperatives, participles, auxiliaries', () => {
    const of = (verb: string) => {
      const { imperative, presentParticiple, participle, auxiliary } = frenchVerb(verb);
      return `${imperative.join(' ')} ${presentParticiple} ${participle} ${auxiliary}`;
    };
    expect(['parler', 'finir', 'être', 'savoir', 'aller', 'ouvrir', 'prendre'].map(of)).toEqual([
      'parle parlons parlez parlant parlé avoir',
      'finis finissons finissez finissant fini avoir',
      'sois soyons soyez étant été avoir',
      'sache sachons sachez sachant su avoir',
      'va allons allez allant allé être',
      'ouvre ouvrons ouvrez ouvrant ouvert avoir',
      'prends prenons prenez prenant pris avoir',
    ]);
    expect(frenchVerb('se laver').auxiliary).toBe('être');
  });

  test('what is said of it alone has no other person, and what is no infinitive is refused', () => {
    expect(frenchVerb('pleuvoir').tenses.future).toEqual(['', '', 'pleuvra', '', '', '']);
    expect(frenchVerb('falloir').tenses['present subjunctive'][2]).toBe('faille');
    expect(() => frenchVerb('pluie')).toThrow(/no French verb/);
  });
});
