import { grows, listed } from '../../languages/en/sentence-sets/sentence-sets';
import { checkSentence } from '../../languages/shared/sentence-check';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

const steps = ['an adjective', 'an adverb', 'a place', 'because', 'when'] as const;
type Step = (typeof steps)[number];

const structureOf: Readonly<Partial<Record<Step, string>>> = {
  'an adjective': 'adjectives',
  'an adverb': 'adverbs',
  because: 'because clause',
  when: 'when clause',
};

type Row = (typeof grows)[number];

const bodyOf = (sentence: string) => sentence.replace(/[.!?]+$/, '');

/** The noun with an adjective before it; a turns to an where it must. */
function withAdjective(body: string, noun: string, adjective: string): string | undefined {
  const at = body.search(new RegExp(`\\b${noun}\\b`));
  if (noun === '' || at < 0) return undefined;
  const before = /^[aeiou]/i.test(adjective)
    ? body.slice(0, at).replace(/\b([Aa]) $/, '$1n ')
    : body.slice(0, at).replace(/\b([Aa])n $/, '$1 ');
  return `${before}${adjective} ${body.slice(at)}`;
}

function modelOf(row: Row, step: Step): string | undefined {
  const body = bodyOf(row.sentence);
  const [adjective = ''] = listed(row.adjectives, ',');
  const [adverb = ''] = listed(row.adverbs, ',');
  const grown = {
    'an adjective': adjective === '' ? undefined : withAdjective(body, row.noun, adjective),
    'an adverb': adverb === '' ? undefined : `${body} ${adverb}`,
    'a place': row.where === '' ? undefined : `${body} ${row.where}`,
    because: row.because === '' ? undefined : `${body} ${row.because}`,
    when: row.when === '' ? undefined : `${body} ${row.when}`,
  }[step];
  return grown === undefined ? undefined : `${grown}.`;
}

/** A short sentence made longer: an adjective, an adverb, a place, because, when. */
export default grammarMaker({
  id: 'grow-sentence',
  name: 'Grow the sentence',
  description:
    'A short sentence grows: an adjective, an adverb, a place, a reason with because, a time with when.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'short statements, or none: Wordane has its own',
  targets: ['a bit of everything', ...steps],
  usual: 5,
  title: 'Grow the sentence',
  instruction: 'Write each sentence again and make it longer.',
  make(input) {
    const { given, wanted, target } = input;
    const kinds = steps.filter((step) => target === 'a bit of everything' || step === target);
    const item = (sentence: string, step: Step, model: string | undefined): GivenItem[] => {
      const words = bodyOf(sentence).split(' ');
      const name = structureOf[step];
      const checks = {
        words: words
          .filter((word) => word.length > 3)
          .map((word) => word.toLowerCase().replace(/[^\p{L}'’-]/gu, ''))
          .slice(0, 3),
        fewest: words.length + 1,
        complete: true,
        structures: name === undefined ? [] : [{ name, count: 1 }],
      };
      const said = `Any sentence that keeps these words and adds ${step} is right.`;
      return [
        {
          word: sentence,
          prompt: `${sentence} (+ ${step})`,
          answer: model ?? '',
          accepted: [],
          open: true,
          ...(model === undefined || checkSentence(model, checks).length === 0 ? { checks } : {}),
          lines: 2,
          reason: said,
        },
      ];
    };
    const own = given.filter(
      ({ analysis }) =>
        analysis.sure && analysis.completeness === 'complete' && analysis.type === 'declarative',
    );
    // What would grow on the teacher's own sentences nobody knows but the learner.
    const items: GivenItem[] = [];
    const rows = given.length > 0 ? [] : forClass(grows, input, ({ sentence }) => sentence);
    for (const { text } of own) {
      if (items.length === wanted) break;
      items.push(...item(text, kinds[items.length % kinds.length] ?? 'because', undefined));
    }
    for (const row of rows) {
      if (items.length === wanted) break;
      const step = kinds[items.length % kinds.length] ?? 'because';
      const model = modelOf(row, step);
      if (model === undefined) continue;
      items.push(...item(asSpelled(row.sentence, input), step, asSpelled(model, input)));
    }
    return {
      notes: given.length > 0 ? shortage(items.length, wanted, 'a short statement') : [],
      ...written(items),
    };
  },
});
