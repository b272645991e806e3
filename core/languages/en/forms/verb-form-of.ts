/** From a verb form back to its base: every base that it can be a form of. */
import type { Lexicon } from '../lexicon/lexicon';
import { inflect } from './inflect';
import { irregularBases, irregularVerb } from './irregular-verbs';

export type VerbFormName = 'base' | 'third' | 'past' | 'participle' | 'ing';

export interface VerbForm {
  readonly base: string;
  readonly form: VerbFormName;
}

const irregular = new Map<string, VerbForm[]>();
const put = (word: string, form: VerbForm) => {
  const known = irregular.get(word) ?? [];
  if (!known.some((one) => one.base === form.base && one.form === form.form)) {
    irregular.set(word, [...known, form]);
  }
};
for (const base of irregularBases) {
  for (const side of ['us', 'uk'] as const) {
    const forms = irregularVerb(base, side);
    for (const word of forms?.past ?? []) put(word, { base, form: 'past' });
    for (const word of forms?.pastParticiple ?? []) put(word, { base, form: 'participle' });
  }
}

/** Past forms that are also the base of another verb. */
const alsoBases = new Set('found ground wound bound rose fell felt left'.split(' '));

const isVerb = (word: string, lexicon: Lexicon) =>
  (Number(lexicon.find(word)?.shares[1] ?? 0) > 0 && !isMade(word, lexicon)) ||
  irregularVerb(word) !== undefined;

/** Painting, tired: what counts as a verb for the word bank is a form of one, no base. */
const isMade = (word: string, lexicon: Lexicon): boolean =>
  (['ing', 'ed'] as const).some(
    (ending) =>
      word.endsWith(ending) &&
      stems(word, ending).some(
        (stem) => /[aeiouy]/.test(stem) && Number(lexicon.find(stem)?.shares[1] ?? 0) > 0,
      ),
  );

/** The bases that a spelling can go back to when an ending is taken off. */
function stems(word: string, ending: 's' | 'ed' | 'ing'): string[] {
  const cut = (letters: number, add = '') => word.slice(0, word.length - letters) + add;
  if (ending === 's') {
    const list = [cut(1)];
    if (word.endsWith('es')) list.push(cut(2));
    if (word.endsWith('ies')) list.push(cut(3, 'y'));
    return list;
  }
  const length = ending.length;
  const stem = cut(length);
  const list = [`${stem}e`, stem];
  if (/([bdfgklmnprstvz])\1$/.test(stem)) list.push(stem.slice(0, -1));
  if (ending === 'ed' && stem.endsWith('i')) list.push(`${stem.slice(0, -1)}y`);
  if (ending === 'ing' && stem.endsWith('y')) list.push(`${stem.slice(0, -1)}ie`);
  if (stem.endsWith('ck')) list.push(stem.slice(0, -1));
  return list;
}

const cache = new WeakMap<Lexicon, Map<string, readonly VerbForm[]>>();

/**
 * What a word in lower case can be as a verb, by the word bank: `found` is the
 * past of find and the base of found. Empty for a word that is no verb form.
 */
export function verbFormsOf(word: string, lexicon: Lexicon): readonly VerbForm[] {
  const known = cache.get(lexicon) ?? new Map<string, readonly VerbForm[]>();
  cache.set(lexicon, known);
  const before = known.get(word);
  if (before !== undefined) return before;
  const found: VerbForm[] = [...(irregular.get(word) ?? [])];
  const past = found.length > 0 && irregularVerb(word) === undefined;
  // Went is no base; found, wound and bound are.
  if (isVerb(word, lexicon) && (!past || alsoBases.has(word))) {
    found.unshift({ base: word, form: 'base' });
  }
  for (const ending of ['s', 'ed', 'ing'] as const) {
    if (!word.endsWith(ending) || word.length < ending.length + 2) continue;
    // Feed is no past of fee.
    if (ending === 'ed' && irregularVerb(word) !== undefined) continue;
    for (const base of stems(word, ending)) {
      if (!/[aeiouy]/.test(base) || !isVerb(base, lexicon)) continue;
      const reading = lexicon.find(base)?.readings[0];
      const made = inflect(base, ending, {
        ...(reading ? { reading } : {}),
        wordClass: 'verb',
        isWord: (form) => lexicon.find(form) !== undefined,
      });
      if (made.form !== word && !made.alternatives.includes(word)) continue;
      if (ending === 's') found.push({ base, form: 'third' });
      else if (ending === 'ing') found.push({ base, form: 'ing' });
      else if (irregularVerb(base) === undefined) {
        found.push({ base, form: 'past' }, { base, form: 'participle' });
      }
    }
  }
  known.set(word, found);
  return found;
}
