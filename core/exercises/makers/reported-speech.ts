import { unknownSpeaker } from '../../languages/en/grammar/transform/reported';
import { transformSentence } from '../../languages/en/grammar/transform/transform';
import { listed, reportedSet } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';

const kinds = ['statements', 'questions', 'commands and requests'] as const;
type Kind = (typeof kinds)[number];

/** What is reported, by what follows the verb that reports. */
function kindOf(reported: string): Kind {
  const rest =
    /\b(?:said|told|asked|ordered|advised|warned|begged|wanted to know)\b(.*)/.exec(
      reported,
    )?.[1] ?? '';
  if (/^(?: [\p{L}’']+){0,3} (?:if|whether|who|what|which|where|when|why|how)\b/u.test(rest)) {
    return 'questions';
  }
  const asks = /^(?: [\p{L}’']+){1,3}(?: not| never)? to \p{Ll}/u.test(rest);
  return asks && !/ that /.test(rest) ? 'commands and requests' : 'statements';
}

/** In a learner's words. */
const whyReported: Readonly<Record<Kind, string>> = {
  statements: 'The verb goes one step back into the past, and I and you become he, she or they.',
  questions:
    'In a reported question the subject comes before the verb; if stands before a question for yes or no.',
  'commands and requests': 'A command or a request is reported with to and the base form.',
};

/** Asked once: the answer is kept for the class. */
const askWho = (name: string) => ({
  word: name,
  text: `Is ${name} he or she? Until you say, both are right.`,
  choices: (['he', 'she', 'they'] as const).map((pronoun) => ({
    label: pronoun,
    person: { name, pronoun },
  })),
});

/** What somebody said, reported by somebody else. */
export default grammarMaker({
  id: 'reported-speech',
  name: 'Reported speech',
  description: '“I can whistle,” said Omar. Omar said that he could whistle.',
  interaction: 'write',
  sentences: 'own',
  needs: 'sentences with what is said between quotation marks, or none: Wordane has its own',
  targets: ['all kinds', ...kinds],
  fewest: 2,
  usual: 6,
  title: 'Tell what they said',
  instruction: 'Report what was said. Change the verb, and who is meant.',
  make(input) {
    const { given, wanted, target, lexicon, forms, random, profile } = input;
    const known = new Map((profile?.people ?? []).map(({ name, pronoun }) => [name, pronoun]));
    const unknown = new Set<string>();
    const kindFits = (kind: Kind) => target === 'all kinds' || kind === target;
    const refused: string[] = [];
    const items =
      given.length > 0
        ? given.flatMap(({ text }): GivenItem[] => {
            const speaker = unknownSpeaker(text);
            const pronoun = speaker === undefined ? undefined : known.get(speaker);
            if (speaker !== undefined && pronoun === undefined) unknown.add(speaker);
            const {
              result,
              accepted,
              sure,
              changes,
              refused: why,
            } = transformSentence(
              {
                sentence: text,
                to: 'reported',
                spelling: forms.spelling,
                ...(pronoun ? { pronoun } : {}),
              },
              lexicon,
            );
            if (result === null || !sure) {
              refused.push(`“${text}” was left out: ${why ?? 'it can be read in two ways.'}`);
              return [];
            }
            return [
              {
                word: result,
                prompt: text,
                answer: result,
                accepted,
                lines: 2,
                reason: [...new Set(changes.map(({ why }) => why))]
                  .filter((why) => why !== '')
                  .join(' '),
              },
            ];
          })
        : forClass(
            reportedSet.filter(({ reported }) => kindFits(kindOf(reported))),
            input,
            ({ direct }) => direct,
          ).map(({ direct, reported, others }): GivenItem => ({
            word: reported,
            prompt: asSpelled(direct, input),
            answer: asSpelled(reported, input),
            accepted: listed(others).map((other) => asSpelled(other, input)),
            lines: 2,
            reason: whyReported[kindOf(reported)],
          }));
    return {
      notes: [...refused, ...[...unknown].map(askWho)],
      ...written(random.shuffle(items.slice(0, wanted))),
    };
  },
});
