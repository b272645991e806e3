import { offered } from '../making/offered';
import { showSound } from '../../languages/en/sounds/phonemes';
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { phonemesOf } from '../../languages/en/sounds/phonemes';
import { phonemesIn, soundIndex } from '../../languages/en/words/sound-index';
import type { GapItem } from '../interactions/gap/task';
import type { Maker, MakerInput } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';

const LINKS = 8;
const LEAST_ZIPF = 3.2;

interface Link {
  readonly from: LexiconEntry;
  readonly to: LexiconEntry;
  readonly sounds: readonly [string, string];
}

/** Words spelled only with correspondences that the material has, and not much harder than it. */
function fits(entry: LexiconEntry, known: ReadonlySet<number>, top: number): boolean {
  return (
    entry.zipf >= LEAST_ZIPF &&
    entry.level <= top + 1 &&
    entry.readings.length === 1 &&
    entry.readings[0].syllables.length === 1 &&
    /^[a-z]+$/.test(entry.word) &&
    entry.readings[0].units.every((unit) => known.has(unit.correspondence.id))
  );
}

/** The longest chain of a few random walks, each step changing one sound. */
function chain({
  words,
  lexicon,
  random,
  profile,
}: Pick<MakerInput, 'words' | 'lexicon' | 'random' | 'profile'>): Link[] {
  const fit = offered({ profile, lexicon });
  const index = soundIndex(lexicon);
  const inventory = phonemesOf(lexicon.accent).map((each) => each.phoneme);
  const entries = words.flatMap(({ entry }) => entry ?? []);
  const starts = entries.filter((entry) => entry.readings[0].syllables.length === 1);
  const used = entries.flatMap((entry) =>
    entry.readings[0].units.map((unit) => unit.correspondence.id),
  );
  // Single consonants are taught before any chain is made of them.
  const consonants = lexicon.entries
    .slice(0, 400)
    .flatMap((entry) => entry.readings[0].units)
    .filter(
      (unit) =>
        unit.grapheme.length === 1 &&
        /[^aeiouy]/.test(unit.grapheme) &&
        unit.correspondence.cost === 0,
    );
  const known = new Set([...used, ...consonants.map((unit) => unit.correspondence.id)]);
  const top = Math.max(0, ...entries.map((entry) => entry.level));
  let best: Link[] = [];
  for (let turn = 0; turn < 6 && best.length < LINKS; turn += 1) {
    let here = random.shuffle(starts)[0];
    const seen = new Set<LexiconEntry>();
    const links: Link[] = [];
    while (here !== undefined && links.length < LINKS) {
      seen.add(here);
      const from: LexiconEntry = here;
      const next = random
        .shuffle(index.minimalPairs(from, inventory))
        .find(
          ({ partner }) =>
            !seen.has(partner) &&
            fits(partner, known, top) &&
            fit(partner) &&
            index.said(phonemesIn(partner.readings[0].units)).length === 1,
        );
      if (next === undefined) break;
      links.push({ from, to: next.partner, sounds: next.sounds });
      here = next.partner;
    }
    if (links.length > best.length) best = links;
  }
  return best;
}

/** A chain of words: one sound changes at each step. */
const maker: Maker = {
  id: 'word-chain',
  name: 'Word chain',
  group: 'Sounds and spelling',
  doneWith: ['class'],
  description: 'One sound changes at each step: rain, main, mail, nail.',
  interaction: 'gap',
  fewestWords: 3,
  bringsWords: true,
  needs: 'words of one syllable to begin with',
  asks: ['sounds'],
  workedByDefault: true,

  make(input) {
    const { parameters, words } = input;
    const { notes } = usableWords(words, ({ entry }) =>
      entry.readings[0].syllables.length > 1 ? 'has more than one syllable' : { entry },
    );
    const links = chain(input);
    const items = links.map(({ from, to, sounds }): Omit<GapItem, 'id'> => {
      const [before, after] = sounds.map((sound) => showSound([sound]));
      return {
        word: to.word,
        pieces: [
          { kind: 'text', text: `${from.word}: change ${before} to ${after} ` },
          { kind: 'gap', answer: to.word, accepted: [] },
        ],
        key: to.word,
        reason: `${from.word} with ${after} for ${before} is ${to.word}.`,
      };
    });
    return {
      title: parameters.title ?? 'Word chain',
      instruction:
        parameters.instruction ??
        'Change one sound to make the next word. Write it. Go on from there.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: numbered(items),
        bank: [],
      },
      paper: { letters: Math.max(5, ...items.map((item) => item.key.length)) },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
