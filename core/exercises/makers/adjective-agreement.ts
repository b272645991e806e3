import type { Statement } from '../../languages/language-pack';
import type { GapItem } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import { choice, howMany, read } from '../making/parameters';
import { numbered } from '../making/usable-words';

const parameters = {
  agrees: choice(
    'Which forms',
    [
      ['all', 'one and many'],
      ['one', 'one only'],
      ['many', 'many only'],
    ],
    'all',
  ),
  count: howMany([5, 8, 10, 12, 15, 20]),
};
const USUAL = 10;

/** How many of the items keep the form of the dictionary, so that one must look at the noun. */
const SAME = 0.2;

type Agreeing = Statement & { readonly adjective: NonNullable<Statement['adjective']> };

const formOf = ({ sentence, adjective: { start, end } }: Agreeing) => sentence.slice(start, end);

/** As many as are wanted, each noun once and each adjective as seldom as can be. */
function varied(all: readonly Agreeing[], wanted: number): Agreeing[] {
  const most = Math.max(1, Math.round(wanted * SAME));
  const uses = new Map<string, number>();
  const nouns = new Set<string>();
  const taken: Agreeing[] = [];
  let same = 0;
  for (let limit = 1; taken.length < wanted && limit <= wanted; limit += 1) {
    for (const each of all) {
      if (taken.length === wanted) break;
      const { base, noun } = each.adjective;
      const keeps = formOf(each) === base;
      if (nouns.has(noun) || (uses.get(base) ?? 0) >= limit || (keeps && same >= most)) continue;
      nouns.add(noun);
      uses.set(base, (uses.get(base) ?? 0) + 1);
      same += keeps ? 1 : 0;
      taken.push(each);
    }
  }
  // The first can be the model: it shows a change.
  const changed = taken.findIndex((each) => formOf(each) !== each.adjective.base);
  const first = Math.max(0, changed);
  return [...taken.slice(first), ...taken.slice(0, first)];
}

/** Adjectives in brackets, to be written as their noun has them. */
const maker: Maker = {
  id: 'adjective-agreement',
  name: 'Adjectives that agree',
  description:
    'Sentences with an adjective in brackets, to be written in its gender and number; what they mean stands behind.',
  interaction: 'gap',
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
    const { agrees, count = USUAL } = read(parameters, given);
    const all = (pack.statements?.() ?? []).filter(
      (each): each is Agreeing =>
        each.adjective !== undefined &&
        (agrees === 'all' || each.adjective.many === (agrees === 'many')),
    );
    const chosen = varied(given.shuffle === false ? all : random.shuffle(all), count);
    const items = chosen.map((each): Omit<GapItem, 'id'> => {
      const { sentence, meaning, adjective } = each;
      const answer = formOf(each);
      return {
        word: answer,
        pieces: [
          { kind: 'text', text: sentence.slice(0, adjective.start) },
          { kind: 'gap', answer, accepted: [] },
          {
            kind: 'text',
            text: ` (${adjective.base})${sentence.slice(adjective.end)}  (${meaning})`,
          },
        ],
        key: answer,
        reason: adjective.why,
      };
    });
    return {
      title: given.title ?? 'Make it agree',
      instruction:
        given.instruction ?? 'Look at the noun. Write the adjective in brackets so that it agrees.',
      worked: given.worked ?? maker.workedByDefault,
      task: { interaction: 'gap', items: numbered(items), bank: [], sentences: true },
      notes: [],
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
