import { decidingTime } from '../../languages/en/grammar/describe/time-words';
import { tenseFeatures, whyTense } from '../../languages/en/grammar/transform/form-change';
import { verbPhrase } from '../../languages/en/forms/verb-phrase';
import { contrasts } from '../../languages/en/sentence-sets/sentence-sets';
import type { ChoiceItem } from '../interactions/choice/task';
import { asSpelled, forClass } from '../making/for-class';
import {
  grammarMaker,
  shortage,
  type GivenSentence,
  type GrammarInput,
} from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

/** Two forms that are taken for each other: what the teacher chooses, the set, and the tenses as they are named. */
const kinds = {
  'past simple or present perfect': [
    'past-simple/present-perfect',
    'past simple',
    'present perfect',
  ],
  'present simple or present continuous': [
    'present-simple/present-continuous',
    'present simple',
    'present continuous',
  ],
  'past simple or past continuous': [
    'past-simple/past-continuous',
    'past simple',
    'past continuous',
  ],
  'past simple or past perfect': ['past-simple/past-perfect', 'past simple', 'past perfect'],
  'present perfect or present perfect continuous': [
    'present-perfect/present-perfect-continuous',
    'present perfect',
    'present perfect continuous',
  ],
  'will or going to': ['will/going-to', 'future will', 'future going-to'],
  'used to or present simple': ['used-to/present-simple', 'used to', 'present simple'],
} as const;

type Item = Omit<ChoiceItem, 'id'>;
type Kind = (typeof kinds)[keyof typeof kinds];

const itemOf = (
  sentence: string,
  right: string,
  wrong: string,
  reason: string,
  error: string,
): Item => ({
  word: right,
  prompt: sentence.replace('___', '______'),
  options: [
    { id: 'option-1', text: right, right: true },
    { id: 'option-2', text: wrong, right: false, feedback: reason, error },
  ],
  reason,
});

/** A sentence of the teacher's, where its words settle which of the two it is. */
function ownItem(
  { text, analysis }: GivenSentence,
  [, left, right]: Kind,
  forms: GrammarInput['forms'],
): Item[] {
  const { main, tenseAspect: tense } = analysis;
  const other = tense === left ? right : left;
  if (main === undefined || !analysis.sure || (tense !== left && tense !== right)) return [];
  const cue = decidingTime(text, tense, other);
  const { group } = main;
  const [first] = group.tokens;
  const last = group.tokens[group.tokens.length - 1];
  if (cue === undefined || first === undefined || last === undefined) return [];
  const apart = last.at - first.at !== group.tokens.length - 1;
  if (apart || group.inverted || group.negative || group.passive || /^[’']/.test(first.text)) {
    return [];
  }
  const subject = analysis.tokens.slice(0, first.at).findLast(({ mark }) => !mark);
  const plural = subject?.plural === true || subject?.tag === 'nouns';
  const person = subject?.lower === 'i' ? 1 : subject?.lower === 'you' ? 2 : 3;
  const features = { base: last.base ?? last.lower, ...tenseFeatures(other) };
  const wrong = verbPhrase(features, { person, plural }, forms).join(' ');
  const verb = text.slice(first.start, last.end);
  if (verb === wrong) return [];
  const gapped = `${text.slice(0, first.start)}___${text.slice(last.end)}`;
  const reason = `“${cue}” goes with the ${tense}. ${whyTense(tense)}`;
  return [itemOf(gapped, verb, wrong, reason, `${other} for ${tense}`)];
}

/** Two forms for one gap; the words of time settle which. */
export default grammarMaker({
  id: 'tense-contrast',
  name: 'Which tense?',
  description: 'Past simple or present perfect, simple or continuous: the words of time tell.',
  interaction: 'choice',
  needs: 'sentences whose words of time settle the tense, or none: Wordane has its own',
  targets: Object.keys(kinds),
  fewest: 3,
  title: 'Which tense?',
  instruction: 'Look at the words of time. Tick the right verb.',
  make(input) {
    const { given, wanted, target, forms, random } = input;
    const kind = kinds[target as keyof typeof kinds];
    const [set, left, right] = kind;
    const items =
      given.length > 0
        ? given.flatMap((sentence) => ownItem(sentence, kind, forms))
        : forClass(
            contrasts.filter(({ contrast }) => contrast === set),
            input,
            ({ sentence, right: verb }) => sentence.replace('___', verb),
          ).map((row) =>
            itemOf(
              asSpelled(row.sentence, input),
              asSpelled(row.right, input),
              asSpelled(row.wrong, input),
              asSpelled(row.reason, input),
              `${asSpelled(row.wrong, input)} for ${asSpelled(row.right, input)}`,
            ),
          );
    const chosen = items
      .slice(0, wanted)
      .map((one) => ({ ...one, options: numbered(random.shuffle(one.options), 'option') }));
    return {
      title: `${target.charAt(0).toUpperCase()}${target.slice(1)}?`,
      notes:
        given.length > 0
          ? shortage(
              chosen.length,
              wanted,
              `a verb in the ${left} or the ${right} with words of time that settle it (yesterday, since May, every day)`,
            )
          : [],
      task: { interaction: 'choice', items: numbered(random.shuffle(chosen)) },
    };
  },
});
