import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { tenseFeatures, whyTense } from '../../languages/en/grammar/transform/form-change';
import { verbPhrase } from '../../languages/en/forms/verb-phrase';
import { grammarMaker, shortage } from '../making/grammar-maker';
import type { ChoiceItem } from '../interactions/choice/task';
import { numbered } from '../making/usable-words';

/** Two tenses that are taken for each other, each with words of time that go with it alone. */
const contrasts: Readonly<
  Record<string, readonly (readonly [tense: string, times: readonly string[]])[]>
> = {
  'past simple or present perfect': [
    ['past simple', ['yesterday', 'last week', 'two days ago', 'in 2019', 'when the storm came']],
    [
      'present perfect',
      [
        'three times since Monday',
        'twice since May',
        'four times since the storm',
        'many times so far',
        'once since breakfast',
      ],
    ],
  ],
  'present simple or present continuous': [
    ['present simple', ['every day', 'every winter', 'on Mondays', 'twice a year']],
    ['present continuous', ['at the moment', 'right now']],
  ],
  'past simple or past continuous': [
    ['past simple', ['yesterday morning', 'last Monday', 'three times last week']],
    ['past continuous', ['at eight o’clock yesterday', 'when I looked out', 'while we watched']],
  ],
  'past simple or past perfect': [
    ['past simple', ['yesterday', 'last week', 'two days ago']],
    ['past perfect', ['before the club arrived', 'by the time we came']],
  ],
  'future will or present simple': [
    ['future will', ['tomorrow', 'next week', 'some day']],
    ['present simple', ['every day', 'every winter', 'on Mondays']],
  ],
};

/** Two forms for one gap; the words of time settle which. */
export default grammarMaker({
  id: 'tense-contrast',
  name: 'Which tense?',
  description: 'Past simple or present perfect, simple or continuous: the words of time tell.',
  interaction: 'choice',
  needs: 'sentences in two tenses, or none: Wordane has its own',
  targets: Object.keys(contrasts),
  fewest: 3,
  title: 'Which tense?',
  instruction: 'Look at the words of time. Tick the right verb.',
  make({ given, bank, wanted, target, forms, random }) {
    const sides = (contrasts[target] ?? Object.values(contrasts)[0] ?? []).map(
      ([tense, times]) => [tense, random.shuffle(times)] as const,
    );
    const [left, right] = sides;
    const names = sides.map(([tense]) => tense);
    const own = given.flatMap(({ text, analysis }): Omit<ChoiceItem, 'id'>[] => {
      const { main } = analysis;
      if (main === undefined || !analysis.sure || !names.includes(analysis.tenseAspect)) return [];
      const { group } = main;
      const [first] = group.tokens;
      const last = group.tokens[group.tokens.length - 1];
      const adjacent =
        first !== undefined && last !== undefined && last.at - first.at === group.tokens.length - 1;
      if (
        !adjacent ||
        group.inverted ||
        group.negative ||
        group.passive ||
        first.text.startsWith('’') ||
        first.text.startsWith("'")
      )
        return [];
      const other = names.find((name) => name !== analysis.tenseAspect) ?? '';
      const subject = analysis.tokens.slice(0, first.at).findLast(({ mark }) => !mark);
      const plural = subject?.plural === true || subject?.tag === 'nouns';
      const person = subject?.lower === 'i' ? 1 : subject?.lower === 'you' ? 2 : 3;
      const wrong = verbPhrase(
        { base: last.base ?? last.lower, ...tenseFeatures(other) },
        { person, plural },
        forms,
      ).join(' ');
      const right_ = text.slice(first.start, last.end);
      if (right_ === wrong) return [];
      return [
        item(
          text.slice(0, first.start),
          text.slice(last.end),
          right_,
          wrong,
          analysis.tenseAspect,
          '',
        ),
      ];
    });
    const made =
      given.length > 0 || left === undefined || right === undefined
        ? []
        : bank.map((clause, at): Omit<ChoiceItem, 'id'> => {
            const [tense, times] = at % 2 === 0 ? left : right;
            const [other] = at % 2 === 0 ? right : left;
            const time = times[Math.floor(at / 2) % times.length] ?? '';
            const { before, verb, after } = bankSentence(clause, tenseFeatures(tense), forms, {
              time,
            });
            const wrong = bankSentence(clause, tenseFeatures(other), forms).verb;
            return item(before, after, verb, wrong, tense, time);
          });
    const items = [...own, ...made]
      .slice(0, wanted)
      .map((one) => ({ ...one, options: numbered(random.shuffle(one.options), 'option') }));
    return {
      title: `${target.charAt(0).toUpperCase()}${target.slice(1)}?`,
      notes:
        given.length > 0
          ? shortage(items.length, wanted, `a verb in the ${names.join(' or the ')}`)
          : [],
      task: { interaction: 'choice', items: numbered(random.shuffle(items)) },
    };
  },
});

function item(
  before: string,
  after: string,
  right: string,
  wrong: string,
  tense: string,
  time: string,
): Omit<ChoiceItem, 'id'> {
  return {
    word: right,
    prompt: `${before}______${after}`,
    options: [
      { id: 'option-1', text: right, right: true },
      {
        id: 'option-2',
        text: wrong,
        right: false,
        feedback: time === '' ? '' : `“${time}” does not go with ${wrong}.`,
      },
    ].map((option) =>
      option.feedback === '' ? { id: option.id, text: option.text, right: option.right } : option,
    ),
    reason: `${time === '' ? '' : `“${time}”: `}${tense}. ${whyTense(tense)}`,
  };
}
