import type { Maker } from '../making/maker';
import { choice, howMany, read } from '../making/parameters';
import { spacedFor } from '../making/word-spaces';
import { written, type GivenItem } from '../making/written';

const parameters = {
  to: choice(
    'Into',
    [
      ['passive', 'the passive'],
      ['active', 'the active'],
    ],
    'passive',
  ),
  count: howMany([4, 6, 8, 10, 12]),
};
const USUAL = 8;

/** Sentences in the active or the passive, to be said the other way with their particles. */
const maker: Maker = {
  id: 'other-voice',
  name: 'Active and passive with particles',
  description:
    'Sentences of the weather club, to be turned from the active to the passive or back; the participants in either order.',
  interaction: 'write',
  group: 'Grammar',
  fewestWords: 0,
  usesWords: false,
  bringsWords: true,
  usesSentences: true,
  needs: 'a class that learns Japanese',
  asks: ['voice change'],
  parameters,
  workedByDefault: true,

  make({ parameters: given, random, pack, profile }) {
    const { to, count = USUAL } = read(parameters, given);
    const all = pack.sentences?.()?.inOtherVoice(to) ?? [];
    const chosen = (given.shuffle === false ? all : random.shuffle(all)).slice(0, count);
    const spaced = spacedFor(profile);
    const items = chosen.map(({ given: sentence, right, meaning, why }): GivenItem => {
      const [answer = '', ...accepted] = right.map(spaced);
      return {
        word: spaced(sentence),
        prompt: `${spaced(sentence)}  (${meaning})`,
        answer,
        accepted,
        lines: 1,
        reason: why,
      };
    });
    return {
      title: given.title ?? (to === 'passive' ? 'Say it in the passive' : 'Say it in the active'),
      instruction:
        given.instruction ??
        `Write each sentence in the ${to}. What it means then stands behind it.`,
      worked: given.worked ?? maker.workedByDefault,
      ...written(items),
      notes: [],
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
