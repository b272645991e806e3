import type { Maker } from '../making/maker';
import { choice, howMany, read } from '../making/parameters';
import { written, type GivenItem } from '../making/written';

const parameters = {
  into: choice(
    'Into',
    [
      ['negative', 'what is not so'],
      ['question', 'questions'],
    ],
    'negative',
  ),
  count: howMany([4, 6, 8, 10, 12]),
};
const USUAL = 8;

/** The share of the sentences that say what something is like; the others say what is done. */
const LIKE = 0.4;

/** Plain sentences, to be denied or asked. */
const maker: Maker = {
  id: 'say-no-or-ask',
  name: 'Negation and questions',
  description:
    'Plain sentences, to be written again so that they deny or ask; every right way counts.',
  interaction: 'write',
  group: 'Grammar',
  fewestWords: 0,
  usesWords: false,
  bringsWords: true,
  usesSentences: true,
  needs: 'a class that learns French, Italian, Portuguese or Spanish',
  asks: ['statements'],
  parameters,
  workedByDefault: true,

  make({ parameters: given, random, pack }) {
    const { into, count = USUAL } = read(parameters, given);
    const all = pack.statements?.() ?? [];
    const mixed = given.shuffle === false ? all : random.shuffle(all);
    const like = mixed.filter(({ adjective }) => adjective !== undefined);
    const done = mixed.filter(({ adjective }) => adjective === undefined);
    const few = Math.round(count * LIKE);
    const chosen = [...done.slice(0, count - few), ...like.slice(0, few)];
    const items = (given.shuffle === false ? chosen : random.shuffle(chosen)).map(
      ({ sentence, meaning, ...each }): GivenItem => {
        const [answer = '', ...accepted] = each[into];
        return {
          word: sentence,
          prompt: `${sentence}  (${meaning})`,
          answer,
          accepted,
          lines: 1,
          reason: into === 'negative' ? each.whyNegative : each.whyQuestion,
        };
      },
    );
    return {
      title: given.title ?? (into === 'negative' ? 'It is not so' : 'Ask it'),
      instruction:
        given.instruction ??
        (into === 'negative'
          ? 'Write each sentence so that it says no.'
          : 'Write each sentence as a question.'),
      worked: given.worked ?? maker.workedByDefault,
      ...written(items),
      notes: [],
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
