import { clauseParts } from '../../languages/en/grammar/clauses/clause-parts';
import { textOf } from '../../languages/en/grammar/transform/clause-frame';
import { listed, planners } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled, forClass } from '../making/for-class';
import { grammarMaker, shortage } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';
import { read, shaped } from '../making/parameters';

/** Short enough for its line in the type of the youngest. */
const blank = '__________________';

/** Who, did what, to whom or what, why: notes first, then a whole sentence that can be checked. */
export default grammarMaker({
  id: 'sentence-planner',
  name: 'Who – did what – why: plan a sentence',
  description:
    'Look at the picture, note who does what, to what, where or when, and why; then write it as one whole sentence.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'words that have a picture, your own sentences or picture, or none',
  usesScene: true,
  usesWords: true,
  startWords: [],
  fewest: 0,
  usual: 4,
  title: 'Plan your sentence',
  instruction:
    'Make notes: who or what, did what, where or when, why. Then write one whole sentence. Check: capital letter, verb, end mark.',
  make(input) {
    const { given, words, wanted, parameters, lexicon } = input;
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
      `To whom or what? ${blank}`,
      `Where or when? ${blank}`,
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
    // Plans whose people and things the words name come first; each has a picture.
    const wantedWords = words.map(({ word }) => word.toLowerCase());
    const nounsOf = (plan: (typeof planners)[number]) => listed(plan.pictures, ',');
    const namedBy = (plan: (typeof planners)[number], word: string) =>
      new RegExp(`\\b${word}(?:s|es)?\\b`, 'i').test(plan.pictures);
    const ranked = forClass(planners, input, ({ whole }) => whole).sort(
      (left, right) =>
        wantedWords.filter((word) => namedBy(right, word)).length -
        wantedWords.filter((word) => namedBy(left, word)).length,
    );
    const planned = ranked.flatMap((plan): (GivenItem & { names: string[] })[] => {
      // What the teacher named is shown.
      const nouns = nounsOf(plan);
      const named = nouns.filter((noun) => wantedWords.includes(noun.replace(/s$/, '')));
      const picture = [...named, ...nouns]
        .map((noun) => lexicon.picturesOf(noun)[0] ?? lexicon.picturesOf(noun.replace(/s$/, ''))[0])
        .find((found) => found !== undefined);
      if (picture === undefined) return [];
      const whole = asSpelled(plan.whole, input);
      const notes = [plan.doer, plan.verb, plan.object, plan.when, plan.why];
      return [
        {
          word: nounsOf(plan)[0] ?? plan.doer,
          picture,
          prompt,
          answer: whole,
          accepted: [],
          open: true,
          checks: { ...checks, structures: [{ name: 'because clause', count: 1 }] },
          lines: 2,
          reason: `Notes: ${asSpelled(notes.filter((part) => part !== '').join(' – '), input)}. Any whole sentence that fits the picture is right.`,
          names: wantedWords.filter((word) => namedBy(plan, word)),
        },
      ];
    });
    // Words of the teacher's that no plan has are named, and no other plan is put in their place.
    const made: GivenItem[] = (
      wantedWords.length > 0 ? planned.filter(({ names }) => names.length > 0) : planned
    ).map(({ names, ...item }) => item);
    const without = wantedWords.filter(
      (word) => !planned.slice(0, wanted).some(({ names }) => names.includes(word)),
    );
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
            : without.map((word) => ({
                word,
                text: `Wordane has no plan with a picture for ${word}. Write a sentence about it under “Your own sentences”.`,
              })),
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
