/**
 * A line of Latin beside its translation: which word stands for which. A Latin form is taken to
 * its word by its parses, the word's meaning is looked for in the English line; each word is
 * linked once, to the nearest that fits. What is left over on either side is named.
 */
import { irregularBases, irregularVerb } from '../en/forms/irregular-verbs';
import type { AlignedLine, LinkedWord, WordLink } from '../language-pack';
import { parseForm } from './parse-form';
import type { LatinLexicon } from './lexicon';

/** What English writes and Latin does not, or says by an ending. */
const small = new Set(
  `a an the of to by with from for in at on he she it they we you i is are was were be been being am has have had do
   does did will would shall should may might can could let his her its their our your my him them us me that which who
   not so as than there if and but or`.split(/\s+/),
);

const wordsIn = (line: string): LinkedWord[] =>
  [...line.matchAll(/[\p{L}\p{M}]+(?:['’][\p{L}]+)?/gu)].map((match) => ({
    text: match[0],
    start: match.index,
    end: match.index + match[0].length,
  }));

/** The plain form of an irregular past: blew of blow. */
const plainOf = new Map(
  irregularBases.flatMap((base) => {
    const { past = [], pastParticiple = [] } = irregularVerb(base, 'uk') ?? {};
    return [...past, ...pastParticiple].map((form) => [form, base] as const);
  }),
);

/** What an English word can be a form of: itself, without its ending, with the e that it dropped. */
function basesOf(word: string): Set<string> {
  const plain = word.toLowerCase().replace(/['’]s$/, '');
  const bases = new Set([plain, plainOf.get(plain) ?? plain]);
  for (const ending of ['s', 'es', 'd', 'ed', 'ing', 'ly']) {
    if (!plain.endsWith(ending) || plain.length - ending.length < 2) continue;
    const stem = plain.slice(0, -ending.length);
    bases.add(stem).add(`${stem}e`);
    if (/(.)\1$/.test(stem)) bases.add(stem.slice(0, -1));
    if (stem.endsWith('i')) bases.add(`${stem.slice(0, -1)}y`);
  }
  return bases;
}

/** The words of a meaning that carry it: “to be angry” is angry. */
const sayingOf = (meaning: string) => {
  const words = meaning.toLowerCase().match(/\p{L}+/gu) ?? [];
  const telling = words.filter((word) => !small.has(word));
  return telling.length > 0 ? telling : words;
};

/** The words of a line of Latin linked to those of its translation. */
export function alignLine(source: string, translation: string, lexicon: LatinLexicon): AlignedLine {
  const [from, to] = [wordsIn(source), wordsIn(translation)];
  const bases = to.map(({ text }) => basesOf(text));
  const taken = new Set<number>();
  const links: WordLink[] = [];
  from.forEach((word, at) => {
    const parses = parseForm(word.text, lexicon);
    const candidates = to.flatMap((_, index) => {
      if (taken.has(index)) return [];
      const parse = parses.find(({ meaning }) =>
        sayingOf(meaning).some((each) => bases[index]?.has(each)),
      );
      const far = Math.abs(index / to.length - at / from.length);
      return parse ? [{ index, parse, far }] : [];
    });
    const [nearest] = candidates.sort((one, other) => one.far - other.far);
    const counterpart = nearest && to[nearest.index];
    if (!nearest || !counterpart) return;
    taken.add(nearest.index);
    const { lemma, meaning } = nearest.parse;
    links.push({ source: word, translation: counterpart, lemma, meaning });
  });
  const linked = new Set(links.map((link) => link.source));
  const telling = (index: number) =>
    !taken.has(index) && !small.has(to[index]?.text.toLowerCase() ?? '');
  const openFrom = from.filter((word) => !linked.has(word));
  const openTo = to.flatMap((_, index) => (telling(index) ? [index] : []));
  // One is left on each side, translated more freely than the dictionary: they belong together.
  const [word, ...others] = openFrom;
  const [index, ...rest] = openTo;
  const [parse] = word ? parseForm(word.text, lexicon) : [];
  const counterpart = index === undefined ? undefined : to[index];
  if (word && parse && counterpart && others.length + rest.length === 0) {
    taken.add(index ?? 0);
    linked.add(word);
    const { lemma, meaning } = parse;
    links.push({ source: word, translation: counterpart, lemma, meaning });
  }
  return {
    links: links.sort((one, other) => one.source.start - other.source.start),
    left: {
      source: from.filter((word) => !linked.has(word)).map(({ text }) => text),
      translation: to
        .filter(({ text }, index) => !taken.has(index) && !small.has(text.toLowerCase()))
        .map(({ text }) => text),
    },
  };
}
