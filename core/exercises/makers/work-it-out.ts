import { inferencesOf, whyOf } from '../../texts/reading/inference';
import { labelOf, proofOf } from '../../texts/reading/passage';
import { statementsOf } from '../../texts/reading/statements-of';
import { openItem, readingMaker, shortOf } from '../making/reading-maker';
import { type GivenItem, written } from '../making/written';

/** What nobody decides to do (common practice): of these it cannot be asked why. */
const noDeed =
  /^(?:be|have|seem|meet|face|lose|forget|fall|die|win|find|notice|like|love|want|need|know|live|own|miss|belong|hear|see|feel|think|believe|look|become|get|grow|stand|sit|lie|stay|sleep)$/;
/** Words of a doer that a question can still be asked of. */
const LONGEST_DOER = 4;
const reasonGiven = /\b(?:because|so that|to \p{L}+|so|since|in order)\b/iu;

/** What the text shows without saying it; each question points at the sentence it starts from. */
export default readingMaker({
  id: 'work-it-out',
  name: 'Work it out',
  description:
    'Questions about what the text shows without saying it: a feeling, a reason, what comes next.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'a text in which somebody does something',
  usual: 4,
  title: 'Work it out',
  instruction: 'The text does not say it straight out. Give your reason with words from the text.',
  make({ passage, lexicon, random, wanted }) {
    const shown = inferencesOf(passage, lexicon).map(
      ({ question, answer, sentence, shows }): GivenItem & { at: number } => ({
        ...openItem(question, answer, {
          word: labelOf(sentence.text),
          lines: 3,
          reason: `A model: “${shows}” shows it; other words for it are right too. ${proofOf(sentence)}`,
        }),
        at: sentence.start,
      }),
    );
    const taken = new Set(shown.map(({ at }) => at));
    const deeds = statementsOf(passage, lexicon).filter(
      ({ subject, analysis, sentence }) =>
        subject.person &&
        subject.text.split(' ').length <= LONGEST_DOER &&
        !taken.has(sentence.start) &&
        sentence.words >= 4 &&
        sentence.words <= 24 &&
        analysis.main !== undefined &&
        !analysis.main.group.negative &&
        analysis.voice === 'active' &&
        !noDeed.test(analysis.main.group.verb.base ?? '') &&
        !reasonGiven.test(sentence.text),
    );
    const one = [...new Map(deeds.map((deed) => [deed.sentence.start, deed])).values()];
    const why = random.shuffle(one).map((statement): GivenItem & { at: number } => {
      const { sentence } = statement;
      return {
        ...openItem(`“${sentence.text}” ${whyOf(statement)}`, '', {
          word: labelOf(sentence.text),
          lines: 3,
          reason: `An open question: any reason that the text bears out. Begin from here. ${proofOf(sentence)}`,
        }),
        at: sentence.start,
      };
    });
    const last = passage.sentences[passage.sentences.length - 1];
    const after: (GivenItem & { at: number })[] =
      last && one.length > 0
        ? [
            {
              ...openItem('What could happen after the end? Which words make you think so?', '', {
                word: 'after the end',
                lines: 3,
                reason: `An open question. Begin from here. ${proofOf(last)}`,
              }),
              at: last.start + 1,
            },
          ]
        : [];
    const asked = [
      ...shown.slice(0, wanted),
      ...why.slice(0, Math.max(0, wanted - shown.length - 1)),
      ...after,
    ]
      .slice(0, wanted)
      .sort((left, right) => left.at - right.at);
    return {
      ...written(asked.map(({ at: _, ...item }) => item)),
      notes: shortOf(asked.length, Math.min(2, wanted), 'sentences to ask about'),
    };
  },
});
