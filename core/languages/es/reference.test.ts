import { readFileSync } from 'node:fs';
import { getConjugation, type Person0To5 } from 'spanish-verbs';
import { expect, test } from 'vitest';
import { spanishTenses, spanishVerb, type SpanishTense } from './verb-forms';

/** The names of the tenses in the package spanish-verbs (Apache-2.0). */
const names: Readonly<Record<SpanishTense, string>> = {
  present: 'INDICATIVE_PRESENT',
  preterite: 'INDICATIVE_PRETERITE',
  imperfect: 'INDICATIVE_IMPERFECT',
  future: 'INDICATIVE_FUTURE',
  conditional: 'CONDITIONAL_PRESENT',
  'present subjunctive': 'SUBJUNCTIVE_PRESENT',
  'imperfect subjunctive': 'SUBJUNCTIVE_IMPERFECT_RA',
};

/**
 * Verbs of which the package makes forms that no grammar has: it leaves the stem as it is (trao, hervo, cerro) or
 * changes it where it does not change (muerdería), forgets an accent (leiste), or gives the infinitive. Each form
 * that differs was read, and ours is the one of the grammars (from memory).
 */
const theirFault =
  `ser empezar creer morder hervir traer construir comprobar elegir cerrar venir contar morir hacer conducir caer
   encontrar volar seguir conseguir colgar oír sostener doler reír perder mover escoger jugar apretar llover leer
   recordar rodar ver enviar dormir oler sonreír probar pensar entender`.split(/\s+/);

test('every form of the other verbs of the common list is as the package spanish-verbs has it', () => {
  const [head = [], ...rows] = readFileSync('data/concepts/concepts.tsv', 'utf8')
    .trim()
    .split('\n')
    .map((row) => row.split('\t'));
  const column = head.indexOf('spanish');
  const verbs = new Set(
    rows
      .filter(([, wordClass]) => wordClass === 'v')
      .flatMap((row) => row[column] ?? [])
      .filter((verb) => /^\p{L}+[aeií]r$/u.test(verb)),
  );
  expect(verbs.size).toBeGreaterThan(140);
  const differing = [...verbs].filter((verb) =>
    spanishTenses.some((tense) =>
      spanishVerb(verb).tenses[tense].some(
        (form, person) => form !== getConjugation(verb, names[tense], person as Person0To5),
      ),
    ),
  );
  expect(differing.sort()).toEqual([...theirFault].sort());
});
