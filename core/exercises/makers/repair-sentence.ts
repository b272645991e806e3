import { listed, repairs } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

/** Faults as the panel names them, and as the set does. */
const faults = {
  'capital letter': 'capital',
  'end mark': 'end-mark',
  'two sentences in one': 'run-on',
  'comma between sentences': 'comma-splice',
  'not a whole sentence': 'fragment',
  'verb and subject': 'agreement',
  'wrong tense': 'tense',
  apostrophe: 'apostrophe',
  'a, an or the': 'article',
  'not twice': 'double-negative',
  'same sound, wrong word': 'homophone',
  'word order': 'word-order',
} as const;
type Fault = keyof typeof faults;

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
const bare = (text: string) => text.replace(/[.!?]+$/, '');
const startsWithName = (text: string) => /^I\b/.test(text);

/** One of the teacher's sentences with a fault that is surely one; most faults need the eye of whoever writes them. */
function spoil(sentence: string, next: string | undefined, fault: Fault): GivenItem | undefined {
  const item = (prompt: string, answer: string, accepted: string[], reason: string): GivenItem => ({
    ...{ word: sentence, prompt, answer, accepted, reason },
    lines: answer.length > 55 ? 2 : 1,
  });
  if (fault === 'capital letter' && !startsWithName(sentence)) {
    return item(lower(sentence), sentence, [], 'A sentence begins with a capital letter.');
  }
  if (fault === 'end mark' && sentence.endsWith('.')) {
    return item(bare(sentence), sentence, [], 'A sentence ends with an end mark.');
  }
  if (fault === 'two sentences in one' && next !== undefined && !startsWithName(next)) {
    const joined = `${bare(sentence)} ${lower(next)}`;
    return item(
      joined,
      `${sentence} ${next}`,
      [
        `${bare(sentence)}; ${lower(next)}`,
        `${bare(sentence)}, and ${lower(next)}`,
        `${bare(sentence)} and ${lower(next)}`,
      ],
      'These are two sentences: an end mark and a capital part them, or and joins them.',
    );
  }
  return undefined;
}

const ofOwn: readonly Fault[] = ['capital letter', 'end mark', 'two sentences in one'];

/** Sentences with one fault each, to be written right. */
export default grammarMaker({
  id: 'repair-sentence',
  name: 'Repair the sentence',
  description:
    'No capital, no end mark, two sentences in one, a verb that does not agree: put it right.',
  interaction: 'write',
  needs: 'whole sentences, or none: Wordane has its own',
  targets: ['all faults', ...(Object.keys(faults) as Fault[])],
  usual: 6,
  title: 'Repair the sentence',
  instruction: 'Something is wrong in each. Write it again so that it is right.',
  make(input) {
    const { given, wanted, target, random } = input;
    const named = Object.keys(faults) as Fault[];
    const kinds = named.filter((fault) => target === 'all faults' || fault === target);
    if (given.length > 0) {
      const own = given
        .filter(
          ({ analysis }) =>
            analysis.sure &&
            analysis.completeness === 'complete' &&
            analysis.type === 'declarative',
        )
        .map(({ text }) => text);
      const possible = ofOwn.filter((fault) => kinds.includes(fault));
      const items: GivenItem[] = [];
      for (let at = 0; at < own.length && items.length < wanted; at += 1) {
        const fault = possible[items.length % possible.length];
        const item = fault && spoil(own[at] ?? '', own[at + 1], fault);
        if (item === undefined) continue;
        items.push(item);
        if (fault === 'two sentences in one') at += 1;
      }
      return {
        notes:
          possible.length === 0
            ? [
                `In your own sentences Wordane makes no fault of the kind “${target}”: it might make none, or two. Choose “capital letter”, “end mark” or “two sentences in one”, or take your sentences away.`,
              ]
            : shortage(items.length, wanted, 'a statement that is whole'),
        ...written(items),
      };
    }
    // A few of each kind, the kinds in turn.
    const piles = kinds.map((fault) =>
      forClass(
        repairs.filter(({ kind }) => kind === faults[fault]),
        input,
        ({ mended }) => mended,
      ),
    );
    const turns = piles[0] === undefined ? [] : random.shuffle(piles);
    const items: GivenItem[] = [];
    for (let turn = 0; items.length < wanted && turns.some((pile) => pile[turn]); turn += 1) {
      for (const pile of turns) {
        const row = pile[turn];
        if (row === undefined || items.length === wanted) continue;
        const mended = asSpelled(row.mended, input);
        items.push({
          word: mended,
          prompt: asSpelled(row.faulty, input),
          answer: mended,
          accepted: listed(row.others).map((other) => asSpelled(other, input)),
          lines: mended.length > 55 ? 2 : 1,
          reason: asSpelled(row.reason, input),
        });
      }
    }
    return written(items);
  },
});
