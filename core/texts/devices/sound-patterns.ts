/** Patterns that are heard: alliteration at the beginnings of words, assonance in their stressed vowels. */
import { isVowelPhoneme, showSound, type Phoneme } from '../../languages/en/sounds/phonemes';
import type { Span } from '../../languages/shared/segment';
import { phonemesOf, type FoundDevice, type SoundedWord } from './device';

/** The sound a word begins with, or undefined for a vowel: common practice hears alliteration in consonants. */
function opening({ reading, key }: SoundedWord): Phoneme | undefined {
  if (reading === undefined) return undefined;
  const [first] = phonemesOf(reading);
  return first === undefined || isVowelPhoneme(first) || /^x/.test(key) ? undefined : first;
}

function stressedVowel({ reading }: SoundedWord): Phoneme | undefined {
  if (reading === undefined) return undefined;
  const vowels = phonemesOf(reading).filter(isVowelPhoneme);
  const at = reading.stresses.indexOf(1);
  return vowels[at === -1 ? 0 : at];
}

const spanOf = (words: readonly SoundedWord[]): Span => ({
  start: words[0]?.start ?? 0,
  end: words[words.length - 1]?.end ?? 0,
});

const distinct = (words: readonly SoundedWord[]) => new Set(words.map(({ key }) => key)).size;

/** Neighbouring content words that begin with one sound; function words between them do not break the run. */
export function alliteration(words: readonly SoundedWord[]): FoundDevice[] {
  const found: FoundDevice[] = [];
  const content = words.filter((word) => word.content);
  let run: SoundedWord[] = [];
  const close = () => {
    if (distinct(run) >= 2) {
      const sound = opening(run[0] as SoundedWord);
      found.push({
        kind: 'alliteration',
        ...spanOf(run),
        parts: run,
        note: `${run.map(({ text }) => text).join(', ')}: all begin with ${showSound(sound ? [sound] : [])}.`,
      });
    }
    run = [];
  };
  for (const word of content) {
    const sound = opening(word);
    const last = run[run.length - 1];
    const near = last === undefined || words.indexOf(word) - words.indexOf(last) <= 3;
    if (sound !== undefined && last !== undefined && near && opening(last) === sound) {
      run.push(word);
      continue;
    }
    close();
    if (sound !== undefined) run = [word];
  }
  close();
  return found;
}

/** Three content words or more of one line with the same stressed vowel. */
export function assonance(words: readonly SoundedWord[]): FoundDevice[] {
  const groups = new Map<Phoneme, SoundedWord[]>();
  for (const word of words) {
    const vowel = word.content ? stressedVowel(word) : undefined;
    if (vowel !== undefined) groups.set(vowel, [...(groups.get(vowel) ?? []), word]);
  }
  return [...groups]
    .filter(([, group]) => distinct(group) >= 3)
    .map(([vowel, group]) => ({
      kind: 'assonance',
      ...spanOf(group),
      parts: group,
      note: `${group.map(({ text }) => text).join(', ')}: ${showSound([vowel])} is heard in each.`,
    }));
}
