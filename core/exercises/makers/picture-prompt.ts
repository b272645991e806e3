import { bankSentence } from '../../grammar/frames/bank-sentence';
import { bankAdjectives } from '../../grammar/frames/clause-bank';
import { tenseFeatures, whyTense } from '../../grammar/transform/form-change';
import { formOfVerb } from '../../forms/english/verb-forms';
import { grammarMaker } from '../grammar-maker';
import { writeTask, type GivenItem } from '../reading-maker';

const lastWord = (text: string) => text.toLowerCase().split(' ').at(-1) ?? '';

/** Things in a picture with a word box of nouns, verbs and adjectives, frames to fill, and a paragraph to write. */
export default grammarMaker({
  id: 'picture-prompt',
  name: 'Picture prompt',
  description:
    'Pictures, a word box of nouns, verbs and adjectives, sentence frames, and a paragraph with its target forms.',
  interaction: 'write',
  needs: 'words that have a picture, or none: the weather club has its own',
  usesWords: true,
  startWords: ['dog', 'snow', 'bus', 'goat', 'moon'],
  fewest: 1,
  targets: ['present continuous', 'present simple', 'past simple'],
  usual: 4,
  workedByDefault: false,
  title: 'What is going on?',
  instruction:
    'Look at the pictures. Use the words of the box. First finish the sentences, then write your own.',
  make({ bank, words, wanted, lexicon, forms, target, random }) {
    const named = words.map(({ word }) => word.toLowerCase());
    const pictured = (noun: string) => lexicon.picturesOf(noun)[0];
    const scenes = bank
      .map((clause) => ({
        clause,
        noun: lastWord(clause.subject),
        other: lastWord(clause.object ?? ''),
      }))
      .filter(({ noun, other }) => pictured(noun) !== undefined || pictured(other) !== undefined)
      .sort(
        (left, right) =>
          Number(named.includes(right.noun) || named.includes(right.other)) -
          Number(named.includes(left.noun) || named.includes(left.other)),
      )
      .slice(0, wanted);
    const features = tenseFeatures(target);
    const frames = scenes.map(({ clause, noun, other }): GivenItem => {
      const { before, after, verb, text } = bankSentence(clause, features, forms);
      const picture = pictured(noun) ?? pictured(other);
      return {
        word: noun,
        ...(picture ? { picture } : {}),
        prompt: `${before}______________ (${clause.verb})${after}`,
        answer: verb,
        accepted: [text],
        lines: 1,
        open: false,
        reason: `${verb}: ${target}. ${whyTense(target)}`,
      };
    });
    const model = scenes.map(({ clause }) => bankSentence(clause, features, forms).text).join(' ');
    const verbs = scenes.map(({ clause }) => bankSentence(clause, features, forms).verb);
    const paragraph: GivenItem = {
      word: 'paragraph',
      prompt: `Now write about the pictures in the ${target}: three sentences or more.`,
      answer: model,
      accepted: [],
      open: true,
      checks: {
        words: [],
        fewest: 9,
        complete: true,
        text: true,
        structures: [{ name: target, count: 3 }],
      },
      lines: 6,
      reason: `A model; its ${target} forms: ${verbs.join(', ')}. ${whyTense(target)}`,
    };
    const nouns = [
      ...new Set(scenes.flatMap(({ noun, other }) => [noun, other]).filter((noun) => noun !== '')),
    ];
    const box = [
      ...nouns.map((word) => ({
        word,
        ...(pictured(word) ? { picture: pictured(word) as string } : {}),
      })),
      ...[...new Set(scenes.map(({ clause }) => clause.verb))].map((word) => ({
        word: target === 'present continuous' ? formOfVerb(word, 'presentParticiple', forms) : word,
      })),
      ...random
        .shuffle(bankAdjectives)
        .slice(0, 4)
        .map((word) => ({ word })),
    ];
    return {
      title:
        target === 'past simple'
          ? 'What happened?'
          : target === 'present simple'
            ? 'What happens?'
            : 'What is going on?',
      task: writeTask(scenes.length >= 3 ? [...frames, paragraph] : frames, {
        bank: box,
        checklist: [
          `I used the ${target} three times.`,
          'Every sentence begins with a capital letter and has an end mark.',
        ],
      }),
    };
  },
});
