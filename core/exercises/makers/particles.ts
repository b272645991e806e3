import { particleGroups } from '../../languages/ja/particle-sentences';
import type { GapItem } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import { choice, howMany, read } from '../making/parameters';
import { spacedFor } from '../making/word-spaces';
import { numbered } from '../making/usable-words';

const parameters = {
  particle: choice(
    'Which particles',
    Object.entries(particleGroups).map(([id, name]) => [id, name] as const),
    'all',
  ),
  count: howMany([5, 8, 10, 12, 15, 20]),
};
const USUAL = 10;
/** A sign that no sentence has. */
const STAND_IN = 'ヽ';

/** What stands before the gap and after it; the blank after a particle goes where others go. */
function aroundGap(
  { before, after }: { readonly before: string; readonly after: string },
  spaced: (text: string) => string,
): readonly [string, string] {
  // A stand-in of kana shows what happens to the blanks beside the gap.
  const [lead = '', rest = ''] = spaced(`${before}${STAND_IN}${after}`).split(STAND_IN);
  return [lead, rest];
}

/** Sentences of a language that has particles, each without one; every particle that is right is accepted. */
const maker: Maker = {
  id: 'particles',
  name: 'Particles',
  description:
    'Sentences without one particle, with their meaning; every particle that is right counts.',
  interaction: 'gap',
  group: 'Grammar',
  fewestWords: 0,
  usesWords: false,
  bringsWords: true,
  usesSentences: true,
  needs: 'a class that learns a language with particles',
  asks: ['particles'],
  parameters,
  workedByDefault: true,

  make({ parameters: given, random, pack, profile }) {
    const { particle, count = USUAL } = read(parameters, given);
    const sentences = pack.sentences?.();
    const all = sentences?.withoutSmallWord(particle) ?? [];
    const chosen = (given.shuffle === false ? all : random.shuffle(all)).slice(0, count);
    const spaced = spacedFor(profile);
    const items = chosen.map(({ right, meaning, why, ...sentence }): Omit<GapItem, 'id'> => {
      const [answer = '', ...accepted] = right;
      const [before, after] = aroundGap(sentence, spaced);
      return {
        word: `${before}${answer}${after}`,
        pieces: [
          ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
          { kind: 'gap', answer, accepted },
          { kind: 'text', text: `${after}  (${meaning})` },
        ],
        key: right.join(' / '),
        reason: `${right.join(', ')}: ${why}.`,
      };
    });
    // The particles to choose from: those that are asked for, and those next to them.
    const asked = new Set(chosen.flatMap(({ right }) => right));
    const bank = (sentences?.smallWords ?? []).filter(
      (each) => particle === 'all' || asked.has(each),
    );
    return {
      title: given.title ?? 'Which particle?',
      instruction: given.instruction ?? 'Write the particle that is missing.',
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: numbered(items),
        bank: given.bank === false ? [] : bank,
        sentences: true,
      },
      notes: [],
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
