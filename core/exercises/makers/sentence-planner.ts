import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { combine } from '../../languages/en/grammar/transform/combine';
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { clauseParts } from '../../languages/en/grammar/clauses/clause-parts';
import { textOf } from '../../languages/en/grammar/transform/clause-frame';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';
import { read, shaped } from '../making/parameters';

const blank = '__________________________';

/** Who, did what, to whom or what, why: notes first, then a whole sentence that can be checked. */
export default grammarMaker({
  id: 'sentence-planner',
  name: 'Who – did what – why: plan a sentence',
  description:
    'Look at the picture, note who does what, to what, and why; then write it as one whole sentence.',
  interaction: 'write',
  needs: 'words that have a picture, your own sentences or picture, or none',
  usesScene: true,
  usesWords: true,
  startWords: ['dog', 'snow', 'bus', 'goat'],
  fewest: 1,
  usual: 4,
  title: 'Plan your sentence',
  instruction:
    'Make notes: who or what, did what, why. Then write one whole sentence. Check: capital letter, verb, end mark.',
  make({ given, bank, words, wanted, parameters, lexicon, forms }) {
    const { scene } = read({ scene: shaped('picture', '') }, parameters);
    const checks = {
      words: [],
      fewest: 6,
      complete: true,
      structures: [{ name: 'because clause', count: 1 }],
    };
    const prompt = [
      `Who or what? ${blank}`,
      `Did what? ${blank}`,
      `Whom or what? ${blank}`,
      `Why? ${blank}`,
    ].join('\n');
    const own = given.flatMap(({ text, analysis }): GivenItem[] => {
      if (analysis.main === undefined || !analysis.sure || analysis.completeness !== 'complete')
        return [];
      const { parts } = clauseParts(analysis.tokens, analysis.main, analysis.clauses);
      const part = (name: string) =>
        textOf(text, parts.find((one) => one.name === name)?.tokens ?? []);
      const lead = [part('subject'), part('verb'), part('object')]
        .filter((one) => one !== '')
        .join(' – ');
      return [
        {
          word: text,
          prompt: prompt,
          answer: text,
          accepted: [],
          open: true,
          checks: { ...checks, fewest: 3, structures: [] },
          lines: 2,
          reason: `Notes: ${lead}. Any whole sentence is right.`,
        },
      ];
    });
    // Subjects of the bank that the words name come first, with their picture.
    const wantedWords = words.map(({ word }) => word.toLowerCase());
    const names = (subject: string) => subject.toLowerCase().split(' ').at(-1) ?? '';
    const ranked = [...bank].sort(
      (left, right) =>
        Number(wantedWords.includes(names(right.subject))) -
        Number(wantedWords.includes(names(left.subject))),
    );
    const made = ranked.flatMap((clause): GivenItem[] => {
      const noun = names(clause.subject);
      const picture =
        lexicon.picturesOf(noun)[0] ??
        lexicon.picturesOf(clause.object?.split(' ').at(-1) ?? '')[0];
      if (picture === undefined) return [];
      const first = bankSentence(clause, {}, forms).text;
      const second = `${clause.why.charAt(0).toUpperCase()}${clause.why.slice(1)}.`;
      const model = combine(
        [first, second],
        [analyseSentence(first, lexicon), analyseSentence(second, lexicon)],
        'because',
      );
      return [
        {
          word: noun,
          picture,
          prompt,
          answer: model.result,
          accepted: model.accepted,
          open: true,
          checks,
          lines: 2,
          reason: `Notes: ${clause.subject} – ${clause.verb} – ${clause.object ?? 'nothing'} – because ${clause.why}. Any whole sentence that fits the picture is right.`,
        },
      ];
    });
    // Of the teacher's own picture nobody but she knows what it shows.
    const unknown = Array.from({ length: Math.min(wanted, 2) }, (_, at): GivenItem => ({
      word: `sentence ${at + 1}`,
      prompt,
      answer: '',
      open: true,
      lines: 2,
      reason: 'Any whole sentence that fits the picture is right.',
    }));
    const chosen = (given.length > 0 ? own : scene ? unknown : made).slice(0, wanted);
    return {
      notes:
        given.length > 0
          ? scene
            ? []
            : shortage(chosen.length, wanted, 'a whole sentence')
          : scene
            ? ['Write your own sentences about your picture: they become the models of the key.']
            : [],
      ...written(chosen, {
        ...(scene ? { scene } : {}),
        checklist: [
          'It begins with a capital letter.',
          'It says who or what, and what happens.',
          'It says why, with because.',
          'It ends with an end mark.',
        ],
      }),
    };
  },
});
