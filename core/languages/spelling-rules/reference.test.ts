/**
 * What the letters say, held against eSpeak NG (the npm package espeak-ng), which reads these
 * languages by rules and lists of its own. Where the two write one sound in two ways, or a language
 * leaves a vowel open to taste, both are brought to one sign first.
 */
import loadSpeaker from 'espeak-ng';
import genders from 'french-words-gender-lefff/dist/words.json';
import italianWords from 'italian-words-dict/dist/words.json';
import { describe, expect, test } from 'vitest';
import rows from '../concepts/concepts.json';
import { readConcepts } from '../concepts/concept';
import { packOf } from '../registry/registry';
import { formsOfRomance } from '../romance/forms-of';
import type { RomanceLanguage } from '../romance-words/nouns';
import { Random } from '../../kernel/random';

/** What eSpeak NG says, in IPA, a word each. */
async function spoken(words: readonly string[], voice: string): Promise<string[]> {
  const speaker = await loadSpeaker({
    arguments: ['-v', voice, '-q', '--ipa', '-b', '1', '-f', 'say', '--phonout=said'],
    preRun: [({ FS }) => FS.writeFile('say', `${words.join('.\n\n')}.\n`)],
    print: () => undefined,
    printErr: () => undefined,
  });
  const said = speaker.FS.readFile('said', { encoding: 'utf8' });
  return said
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

const TILDE = '\u0303';
const plain = (ipa: string) =>
  ipa
    .replace(/[ˈˌː\s-]/gu, '')
    .normalize('NFD')
    .replaceAll('ɡ', 'g');

/** Pairs of what is one sound for a learner. */
const merged = (text: string, pairs: readonly (readonly [RegExp, string])[]) =>
  pairs.reduce((out, [from, to]) => out.replace(from, to), plain(text));

const oral = (vowel: string) => new RegExp(`${vowel}(?!${TILDE})`, 'gu');

const sameSounds: Readonly<Record<RomanceLanguage, readonly (readonly [RegExp, string])[]>> = {
  // E, o and eu open or closed vary with the speaker; e mute is heard or not; un and in are one in Paris.
  fr: [
    [oral('ɑ'), 'a'],
    [/ə/gu, ''],
    [oral('ɛ'), 'e'],
    [oral('ɔ'), 'o'],
    [oral('œ'), 'ø'],
    [new RegExp(`œ${TILDE}`, 'gu'), `ɛ${TILDE}`],
    [/ɲ/gu, 'nj'],
    [/ɥ/gu, 'y'],
    [/i?j/gu, 'j'],
    [/i(?=[aeouyø])/gu, 'j'],
    [/w(?=[ie])/gu, 'u'],
  ],
  // B, d and g between vowels are allophones; ll and y are one for most speakers.
  es: [
    [/β/gu, 'b'],
    [/ð/gu, 'd'],
    [/ɣ/gu, 'g'],
    [/ɛ/gu, 'e'],
    [/ɔ/gu, 'o'],
    [/[ʝʎ]/gu, 'j'],
    [/[jɪ]/gu, 'i'],
    [/[wʊ]/gu, 'u'],
    [/m(?=b)/gu, 'n'],
    [/ŋ/gu, 'n'],
    [/ɾ/gu, 'r'],
    [/rr/gu, 'r'],
  ],
  // Open and closed e and o, voiced and voiceless s and z are not told by the spelling.
  it: [
    [/ɛ/gu, 'e'],
    [/ɔ/gu, 'o'],
    [/[jɪ]/gu, 'i'],
    [/[wʊ]/gu, 'u'],
    [/ŋ/gu, 'n'],
    [/ɾ/gu, 'r'],
    [/(.)\1/gu, '$1'],
    [/z/gu, 's'],
    [/ds/gu, 'ts'],
  ],
  // The speaker writes a nasal as a vowel with m, n or ŋ behind it.
  pt: [
    [/eɪ(?:ŋ|m(?=[bp]))/gu, 'e'],
    [new RegExp(`ej${TILDE}|e${TILDE}j${TILDE}`, 'gu'), 'e'],
    [/[æɐ]/gu, 'a'],
    [/ɛ/gu, 'e'],
    [/ɔ/gu, 'o'],
    [/[jɪy]/gu, 'i'],
    [/[wʊ]/gu, 'u'],
    [/ŋ/gu, ''],
    [/m(?=[bp])/gu, ''],
    [/ə/gu, ''],
    [/[xʁ]/gu, 'r'],
    [/ɾ/gu, 'r'],
    [/ʎ/gu, 'li'],
    [/ɲ/gu, 'ni'],
    [new RegExp(TILDE, 'gu'), ''],
  ],
};

const concepts = readConcepts(rows);
const isWord = (word: string) => /^\p{L}{2,}$/u.test(word);

const commonIn = (language: RomanceLanguage) => [
  ...new Set(
    concepts.all
      .flatMap(({ words }) => words[language] ?? [])
      .map(({ word }) => word)
      .filter(isWord),
  ),
];

/** The share of words that both read alike, of those that the speaker reads as of the language. */
async function agreement(language: RomanceLanguage, words: readonly string[]) {
  const said = await spoken(words, language === 'pt' ? 'pt-br' : language);
  expect(said).toHaveLength(words.length);
  // A word of another language is marked by the speaker: (en)… .
  const own = words.flatMap((word, at) =>
    said[at]?.includes('(') ? [] : [{ word, said: said[at] ?? '' }],
  );
  const bring = (ipa: string) => merged(ipa, sameSounds[language]);
  const differ = own.filter(({ word, said: ipa }) => {
    const units = packOf(language).spelling?.letters(word);
    return !units || bring(units.map(({ sound }) => sound).join('')) !== bring(ipa);
  });
  return { asked: own.length, share: 1 - differ.length / own.length, differ };
}

describe('everyday words of the common list', () => {
  test.each<[RomanceLanguage, number]>([
    ['fr', 0.985],
    ['es', 0.99],
    ['it', 0.98],
    ['pt', 0.98],
  ])('%s', async (language, least) => {
    const { asked, share, differ } = await agreement(language, commonIn(language));
    expect(asked).toBeGreaterThan(850);
    expect(share, differ.map(({ word, said }) => `${word} ${said}`).join(' | ')).toBeGreaterThan(
      least,
    );
  });
});

describe('words that the rules were not written with', () => {
  const sampleOf = (words: readonly string[], seed: number) =>
    new Random(seed).shuffle(words.filter((word) => /^\p{Ll}{3,14}$/u.test(word))).slice(0, 700);

  // Words of a dictionary, many of them of the sciences: the Lefff in french-words-gender-lefff.
  test('French', async () => {
    const { share } = await agreement('fr', sampleOf(Object.keys(genders), 23));
    expect(share).toBeGreaterThan(0.93);
  });

  // Morph-it! in italian-words-dict.
  test('Italian', async () => {
    const { share } = await agreement('it', sampleOf(Object.keys(italianWords), 5));
    expect(share).toBeGreaterThan(0.97);
  });

  test.each<[RomanceLanguage]>([['es'], ['pt']])('forms of %s', async (language) => {
    const forms = commonIn(language).flatMap((word) =>
      formsOfRomance(language, word, concepts).flatMap((each) =>
        each.forms.flatMap(({ form }) => form.split(' ')),
      ),
    );
    const { share } = await agreement(language, sampleOf([...new Set(forms)], 41));
    expect(share).toBeGreaterThan(0.97);
  });
});
