import { measures } from '../../languages/en/sentence-sets/sentence-sets';
import type { GapItem } from '../interactions/gap/task';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

const ALL = 'all of these';

/** Why the unit has an s or none, in a learner's words (common practice of handbooks of style). */
const why: Readonly<Record<string, string>> = {
  'before a noun': 'Before a noun a hyphen joins the unit to its number, and it takes no s.',
  'more or fewer than one':
    'Every number but 1 takes the plural: also 0, and numbers with a point.',
  one: 'One of it: no s.',
  'a part of one': 'A part of one, as half a or a quarter of a: no s.',
};

/** Units beside their numbers in sentences: a two-metre rope, the rope is two metres long. */
export default grammarMaker({
  id: 'measure-forms',
  name: 'Units in a sentence',
  description:
    'A two-metre rope, two metres long, half a metre, 0 metres: the unit in its right form.',
  interaction: 'gap',
  sentences: 'none',
  needs: 'nothing: Wordane has the sentences',
  targets: [ALL, ...Object.keys(why)],
  fewest: 3,
  usual: 8,
  title: 'Metre or metres?',
  instruction: 'Write the unit in brackets in its right form.',
  make(input) {
    const { wanted, target } = input;
    const fitting = measures.filter(({ kind }) => target === ALL || kind === target);
    const whole = ({ sentence, right }: { sentence: string; right: string }) =>
      sentence.replace('___', right);
    const all = forClass(fitting, input, whole);
    // Of each kind in turn: a sheet of one answer alone is none.
    const kinds = [...new Set(all.map(({ kind }) => kind))];
    const inTurn = kinds
      .flatMap((kind) => all.filter((each) => each.kind === kind).map((each, at) => ({ each, at })))
      .sort((one, other) => one.at - other.at)
      .map(({ each }) => each);
    const items = inTurn.slice(0, wanted).map((each): Omit<GapItem, 'id'> => {
      const [before = '', after = ''] = asSpelled(each.sentence, input).split('___');
      const [unit, answer] = [asSpelled(each.base, input), asSpelled(each.right, input)];
      return {
        word: `${before.trim().split(' ').at(-1) ?? ''} ${unit}`,
        // The unit in brackets stands behind the sentence: after a hyphen there is no room for it.
        pieces: [
          ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
          { kind: 'gap', answer, accepted: [] },
          { kind: 'text', text: `${after} (${unit})` },
        ],
        key: `${before}${answer}${after}`,
        rule: each.kind,
        reason: why[each.kind] ?? '',
      };
    });
    const spelled = asSpelled('metre', input);
    return {
      title: `${spelled.charAt(0).toUpperCase()}${spelled.slice(1)} or ${spelled}s?`,
      task: {
        interaction: 'gap',
        items: numbered(input.random.shuffle(items)),
        bank: [],
        sentences: true,
      },
      paper: { letters: 10 },
    };
  },
});
