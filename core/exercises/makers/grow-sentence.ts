import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { bankAdjectives, bankAdverbs } from '../../languages/en/grammar/frames/clause-bank';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { checkSentence } from '../../languages/shared/sentence-check';
import { type GivenItem, written } from '../making/written';

const steps = ['an adjective', 'an adverb', 'because', 'when'] as const;

/** Joiners with a model of what could follow. */
const follow: Readonly<Record<string, string>> = {
  when: 'when evening comes',
};

/** A short sentence made longer: an adjective, an adverb, because, when. */
export default grammarMaker({
  id: 'grow-sentence',
  name: 'Grow the sentence',
  description:
    'A short sentence grows: an adjective, an adverb, a reason with because, a time with when.',
  interaction: 'write',
  needs: 'short statements, or none: Wordane has its own',
  targets: ['a bit of everything', ...steps],
  usual: 5,
  title: 'Grow the sentence',
  instruction: 'Write each sentence again and make it longer.',
  make({ given, bank, wanted, target, forms, random }) {
    const kinds = steps.filter((step) => target === 'a bit of everything' || step === target);
    const items: GivenItem[] = [];
    const own = given.filter(
      ({ analysis }) =>
        analysis.sure && analysis.completeness === 'complete' && analysis.type === 'declarative',
    );
    const total = given.length > 0 ? own.length : bank.length;
    for (let at = 0; at < total && items.length < wanted; at += 1) {
      const step = kinds[items.length % kinds.length] ?? 'because';
      const clause = bank[at];
      const sentence =
        given.length > 0
          ? (own[at]?.text ?? '')
          : clause
            ? bankSentence({ ...clause, tail: '' }, {}, forms).text
            : '';
      const body = sentence.replace(/[.!?]+$/, '');
      const words = body.split(' ');
      const adjective = given.length > 0 ? random.shuffle(bankAdjectives)[0] : clause?.adjective;
      const adverb = random.shuffle(bankAdverbs)[0] ?? '';
      const model = modelOf(
        body,
        step,
        given.length > 0 ? undefined : clause?.why,
        adjective,
        adverb,
      );
      if (model === undefined) continue;
      const content = words
        .filter((word) => word.length > 3)
        .map((word) => word.toLowerCase().replace(/[^\p{L}'’-]/gu, ''));
      const structures =
        step === 'an adjective'
          ? [{ name: 'adjectives', count: 1 }]
          : step === 'an adverb'
            ? [{ name: 'adverbs', count: 1 }]
            : step === 'because'
              ? [{ name: 'because clause', count: 1 }]
              : step === 'when'
                ? [{ name: 'when clause', count: 1 }]
                : [];
      const checks = {
        words: content.slice(0, 3),
        fewest: words.length + 1,
        complete: true,
        structures,
      };
      if (checkSentence(model, checks).length > 0) continue;
      items.push({
        word: sentence,
        prompt: `${sentence} (+ ${step})`,
        answer: model,
        accepted: [],
        open: true,
        checks,
        lines: 2,
        reason: `Any sentence that keeps these words and adds ${step} is right.`,
      });
    }
    return {
      notes: given.length > 0 ? shortage(items.length, wanted, 'a short statement') : [],
      ...written(items),
    };
  },
});

function modelOf(
  body: string,
  step: string,
  why: string | undefined,
  adjective: string | undefined,
  adverb: string,
): string | undefined {
  const words = body.split(' ');
  if (step === 'an adjective') {
    if (adjective === undefined) return undefined;
    const at = words.findIndex((word) => /^(?:the|my|our|your|his|her|their)$/i.test(word));
    if (at < 0) return undefined;
    return `${[...words.slice(0, at + 1), adjective, ...words.slice(at + 1)].join(' ')}.`;
  }
  if (step === 'an adverb') return `${body} ${adverb}.`;
  if (step === 'because') return `${body} because ${why ?? 'it is fun'}.`;
  return follow[step] ? `${body} ${follow[step] ?? ''}.` : undefined;
}
