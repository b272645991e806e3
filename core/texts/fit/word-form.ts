/** Which form of which base a word in a text is, and the same form of another base. */
import { inflect } from '../../languages/en/forms/inflect';
import { irregularVerb } from '../../languages/en/forms/irregular-verbs';
import type { Spelling } from '../../kernel/spelling';
import { irregularForm } from '../../languages/en/words/irregular-base';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { WordClassName } from '../../languages/en/lexicon/word-class';
import { wordParts } from '../../languages/en/words/word-parts';

export type FormName = 'base' | 's' | 'ed' | 'participle' | 'ing' | 'er' | 'est' | 'ly';

export interface WordForm {
  readonly base: string;
  readonly form: FormName;
  /** The class that the form itself shows, where it does. */
  readonly wordClass?: WordClassName;
}

const suffixForms: Readonly<Record<string, FormName>> = {
  s: 's',
  es: 's',
  ed: 'ed',
  d: 'ed',
  ing: 'ing',
  er: 'er',
  est: 'est',
  ly: 'ly',
};

/** Every base that a word may be a form of, the likeliest first; itself where it is none. */
export function formsOf(word: string, lexicon: Lexicon): WordForm[] {
  const irregular = irregularForm(word);
  const forms: WordForm[] = [];
  if (irregular && irregular.base !== word) {
    const form: FormName =
      irregular.what === 'plural'
        ? 's'
        : irregular.what === 'past participle'
          ? 'participle'
          : 'ed';
    forms.push({
      base: irregular.base,
      form,
      wordClass: irregular.what === 'plural' ? 'noun' : 'verb',
    });
  }
  const entry = lexicon.find(word);
  const parts = entry ? wordParts(entry, lexicon).parts : [];
  const last = parts[parts.length - 1];
  const form = last?.kind === 'suffix' ? suffixForms[last.text] : undefined;
  if (form !== undefined) {
    const stem = parts[parts.length - 2];
    const head = parts
      .slice(0, -2)
      .map((part) => part.text)
      .join('');
    const base = `${head}${stem?.from ?? stem?.text ?? ''}`;
    if (base !== '' && lexicon.find(base)) {
      const wordClass = {
        ed: 'verb',
        ing: 'verb',
        er: 'adjective',
        est: 'adjective',
        ly: 'adjective',
      }[form as string] as WordClassName | undefined;
      forms.push({ base, form, ...(wordClass ? { wordClass } : {}) });
    }
  }
  return forms.length > 0 ? forms : [{ base: word, form: 'base' }];
}

/** A base in a form, or undefined where it has none that a class would meet. */
export function inForm(
  base: string,
  form: FormName,
  lexicon: Lexicon,
  spelling: Spelling,
  wordClass?: 'noun' | 'verb',
): string | undefined {
  if (form === 'base') return base;
  if (form === 'participle') {
    const own = irregularVerb(base, spelling)?.pastParticiple[0];
    if (own !== undefined) return own;
  }
  const suffix = form === 'participle' ? 'ed' : form;
  const reading = lexicon.find(base)?.readings[0];
  const made = inflect(base, suffix, {
    ...(reading ? { reading } : {}),
    spelling,
    ...(wordClass ? { wordClass } : {}),
    isWord: (word) => lexicon.find(word) !== undefined,
  });
  // Only a form in use: no dogged from dog, no more big.
  if (made.form.includes(' ') || lexicon.find(made.form) === undefined) return undefined;
  return made.form;
}
