/** A gap with three words to choose from, as the sets are written: one right, two surely wrong. */
import type { Written } from '../../languages/en/sentence-sets/sentence-sets';
import type { ChoiceTask } from '../interactions/choice/task';
import { takesFor } from './error-names';
import { asSpelled, forClass } from './for-class';
import type { GrammarInput } from './grammar-maker';
import { numbered } from './usable-words';

type Row = Written &
  Readonly<Record<'sentence' | 'right' | 'wrong1' | 'wrong2' | 'reason', string>>;

export function choiceOfThree(rows: readonly Row[], input: GrammarInput): ChoiceTask {
  const { wanted, random } = input;
  const items = forClass(rows, input, ({ sentence, right }) => sentence.replace('___', right))
    .slice(0, wanted)
    .map(({ sentence, right, wrong1, wrong2, reason }) => ({
      word: right,
      prompt: asSpelled(sentence.replace('___', '______'), input),
      options: numbered(
        random.shuffle(
          [right, wrong1, wrong2].map((text) => ({
            text,
            right: text === right,
            ...(text === right ? {} : { error: takesFor(text, right) }),
          })),
        ),
        'option',
      ),
      reason: asSpelled(reason, input),
    }));
  return { interaction: 'choice', items: numbered(random.shuffle(items)) };
}
