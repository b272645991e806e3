import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { verbPhrase } from '../../languages/en/forms/verb-phrase';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

const faults = [
  'capital and end mark',
  'two sentences in one',
  'verb and subject',
  'no subject',
] as const;

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** Sentences with one fault each: no capital or end mark, two in one, a verb that does not agree, no subject. */
export default grammarMaker({
  id: 'repair-sentence',
  name: 'Repair the sentence',
  description:
    'No capital, no end mark, two sentences in one, a verb that does not agree: put it right.',
  interaction: 'write',
  needs: 'whole sentences, or none: Wordane has its own',
  targets: ['all faults', ...faults],
  usual: 6,
  title: 'Repair the sentence',
  instruction: 'Something is wrong in each. Write it again so that it is right.',
  make({ given, bank, wanted, target, forms }) {
    const kinds = target === 'all faults' ? faults : faults.filter((fault) => fault === target);
    const own = given
      .filter(
        ({ analysis }) =>
          analysis.sure && analysis.completeness === 'complete' && analysis.type === 'declarative',
      )
      .map(({ text }) => text);
    const items: GivenItem[] = [];
    const source =
      given.length > 0
        ? own
        : bank.map((clause) => bankSentence(clause, { past: true }, forms).text);
    for (let at = 0; items.length < wanted && at < source.length; at += 1) {
      const kind = kinds[items.length % kinds.length];
      const sentence = source[at] ?? '';
      const next = source[at + 1];
      const clause = bank[(at + 3) % bank.length];
      if (kind === 'capital and end mark') {
        items.push({
          word: sentence,
          prompt: lower(sentence).replace(/[.!?]+$/, ''),
          answer: sentence,
          accepted: [],
          lines: 1,
          reason: 'A sentence begins with a capital letter and ends with an end mark.',
        });
      } else if (kind === 'two sentences in one') {
        if (next === undefined) continue;
        const first = sentence.replace(/[.!?]+$/, '');
        const second = lower(next);
        items.push({
          word: sentence,
          prompt: `${first} ${second}`,
          answer: `${sentence} ${next}`,
          accepted: [`${first}; ${second}`, `${first}, and ${second}`, `${first} and ${second}`],
          lines: 2,
          reason: 'Two sentences are two: a full stop and a capital part them, or and joins them.',
        });
        at += 1;
      } else if (kind === 'verb and subject' && clause) {
        const right = bankSentence(clause, {}, forms);
        const wrong = verbPhrase(
          { base: clause.verb },
          { person: 3, plural: !clause.agreement.plural },
          forms,
        ).join(' ');
        items.push({
          word: right.text,
          prompt: `${right.before}${wrong}${right.after}`,
          answer: right.text,
          accepted: [],
          lines: 1,
          reason: clause.agreement.plural
            ? `${clause.subject}: more than one, so the verb has no -s.`
            : `${clause.subject}: only one, so the verb takes -s.`,
        });
      } else if (kind === 'no subject' && clause) {
        const right = bankSentence(clause, { past: true }, forms);
        const bare = `${right.verb}${right.after}`;
        const pronoun = clause.pronoun.charAt(0).toUpperCase() + clause.pronoun.slice(1);
        items.push({
          word: right.text,
          prompt: `(${clause.subject}) ${bare.charAt(0).toUpperCase()}${bare.slice(1)}`,
          answer: right.text,
          accepted: [`${pronoun} ${bare}`],
          lines: 1,
          reason: 'A sentence says who or what does it: the subject comes first.',
        });
      }
    }
    return {
      notes: given.length > 0 ? shortage(items.length, wanted, 'a statement that is whole') : [],
      ...written(items),
    };
  },
});
