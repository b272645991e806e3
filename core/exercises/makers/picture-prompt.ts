import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { bankAdjectives } from '../../languages/en/grammar/frames/clause-bank';
import { tenseFeatures, whyTense } from '../../languages/en/grammar/transform/form-change';
import { formOfVerb } from '../../languages/en/forms/verb-forms';
import { grammarMaker, type GrammarInput } from '../making/grammar-maker';
import type { Scene } from '../interactions/write/task';
import { openItem } from '../making/reading-maker';
import { type GivenItem, written } from '../making/written';
import { read, shaped } from '../making/parameters';

/** Pictures on a sheet: more are for a second one. */
const MOST_ITEMS = 8;

const startWords = ['dog', 'snow', 'bus', 'goat', 'moon'];

const lastWord = (text: string) => text.toLowerCase().split(' ').at(-1) ?? '';

/** Things in a picture with a word box of nouns, verbs and adjectives, frames to fill, and a paragraph to write. */
export default grammarMaker({
  id: 'picture-prompt',
  name: 'Picture prompt',
  description:
    'Pictures, a word box of nouns, verbs and adjectives, sentence frames, and a paragraph with its target forms.',
  interaction: 'write',
  answersAreRead: true,
  needs: 'words that have a picture, a picture of your own, or none: the weather club has its own',
  usesScene: true,
  usesWords: true,
  startWords,
  fewest: 1,
  targets: ['present continuous', 'present simple', 'past simple'],
  usual: 4,
  workedByDefault: false,
  title: 'What is going on?',
  instruction:
    'Look at the pictures. Use the words of the box. First finish the sentences, then write your own.',
  make(input) {
    const { bank, words, wanted, lexicon, forms, target, random } = input;
    const { scene } = read({ scene: shaped('picture', '') }, input.parameters);
    if (scene) return aboutScene(input, scene);
    const named = words.map(({ word }) => word.toLowerCase());
    const pictured = (noun: string) => lexicon.picturesOf(noun)[0];
    // Words to begin with may make room for others; a teacher's words are all used.
    const own = named.every((word) => startWords.includes(word)) ? [] : named;
    const about = bank
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
      );
    const scenes = about
      .filter(({ noun, other }, index, all) => {
        if (own.length === 0) return true;
        // One sentence about each of her words.
        const shown = [noun, other].filter((word) => own.includes(word));
        const before = all.slice(0, index).flatMap((each) => [each.noun, each.other]);
        return shown.some((word) => !before.includes(word));
      })
      .slice(0, wanted);
    const told = new Set(scenes.flatMap(({ noun, other }) => [noun, other]));
    const untold = own.filter((word) => !told.has(word));
    const features = tenseFeatures(target);
    const frames = scenes.map(({ clause, noun, other }): GivenItem => {
      const { before, after, verb, text } = bankSentence(clause, features, forms);
      const picture = pictured(noun) ?? pictured(other);
      return {
        word: noun,
        ...(picture ? { picture } : {}),
        prompt: `${before}______________ (${clause.verb})${after}`,
        answer: text,
        accepted: [verb],
        lines: 1,
        open: false,
        reason: `${capital(target)}. ${whyTense(target)}`,
      };
    });
    // Of the others what is a thing in a picture is asked about; all are in the box.
    const isThing = (word: string) => {
      const entry = lexicon.find(word);
      return entry !== undefined && lexicon.lemmaOf(entry).schoolClasses.startsWith('n');
    };
    const shown = untold.flatMap((word): { word: string; picture: string }[] => {
      const picture = pictured(word);
      return picture !== undefined && isThing(word) ? [{ word, picture }] : [];
    });
    const open = shown
      .slice(0, Math.max(0, MOST_ITEMS - scenes.length))
      .map(({ word, picture }): GivenItem => {
        return {
          ...openItem(`The ${word} ____________________________.`),
          word,
          picture,
          lines: 1,
          reason: `An open sentence with ${word}: any that is true of the picture.`,
        };
      });
    const model = scenes.map(({ clause }) => bankSentence(clause, features, forms).text).join(' ');
    const verbs = scenes.map(({ clause }) => bankSentence(clause, features, forms).verb);
    // Fewer sentences than are asked for are no model.
    const paragraph = paragraphItem(target, 'pictures', scenes.length >= 3 ? model : '', verbs);
    const nouns = [
      ...new Set([
        ...own,
        ...scenes.flatMap(({ noun, other }) => [noun, other]).filter((noun) => noun !== ''),
      ]),
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
        .shuffle(bankAdjectives.filter((word) => !nouns.includes(word)))
        .slice(0, 4)
        .map((word) => ({ word })),
    ];
    return {
      title: titleOf(target),
      ...written([...frames, ...open, ...(scenes.length + open.length >= 3 ? [paragraph] : [])], {
        bank: box,
        checklist: checklistOf(target),
      }),
    };
  },
});

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const titleOf = (target: string) =>
  target === 'past simple'
    ? 'What happened?'
    : target === 'present simple'
      ? 'What happens?'
      : 'What is going on?';

const checklistOf = (target: string) => [
  `I used the ${target} three times.`,
  'Every sentence begins with a capital letter and has an end mark.',
];

/** The paragraph to write, with a model whose forms are lit; open where there is no model. */
const paragraphItem = (
  target: string,
  shown: 'picture' | 'pictures',
  model: string,
  verbs: readonly string[],
): GivenItem => ({
  word: 'paragraph',
  prompt: `Now write about the ${shown} in the ${target}: three sentences or more.`,
  answer: model,
  accepted: [],
  open: true,
  ...(model === ''
    ? {}
    : {
        lit: verbs,
        checks: {
          words: [],
          fewest: 9,
          complete: true,
          text: true,
          structures: [{ name: target, count: 3 }],
        },
      }),
  lines: 6,
  reason:
    model === ''
      ? `Look for the ${target}. ${whyTense(target)}`
      : `A model; its ${target} forms are underlined. ${whyTense(target)}`,
});

const collected: Readonly<Record<string, string>> = {
  noun: 'noun',
  nouns: 'noun',
  adjective: 'adjective',
  past: 'verb',
  present: 'verb',
  third: 'verb',
  base: 'verb',
  participle: 'verb',
  ing: 'verb',
};

/** The nouns, verbs (in their base form) and adjectives of sentences, each once. */
function wordsOfSentences(given: GrammarInput['given']): string[] {
  const found = given.flatMap(({ analysis }) =>
    analysis.tokens.flatMap(({ tag, lower, base }) =>
      collected[tag] === undefined
        ? []
        : [{ kind: collected[tag], word: collected[tag] === 'noun' ? lower : (base ?? lower) }],
    ),
  );
  return ['noun', 'verb', 'adjective'].flatMap((kind) => [
    ...new Set(found.flatMap((one) => (one.kind === kind ? [one.word] : []))),
  ]);
}

/**
 * About the teacher's own picture: her sentences become frames without their
 * verb, and together the model. Without any, the frames are open.
 */
function aboutScene({ given, words, wanted, target }: GrammarInput, scene: Scene) {
  const told = given.filter(({ analysis }) => analysis.main !== undefined && analysis.sure);
  const frames = told.slice(0, wanted).flatMap(({ text, analysis }): GivenItem[] => {
    const group = analysis.main?.group;
    const first = group?.tokens[0];
    const last = group?.tokens.at(-1);
    if (group === undefined || first === undefined || last === undefined) return [];
    if (group.inverted || last.at - first.at !== group.tokens.length - 1) return [];
    const verb = text.slice(first.start, last.end);
    return [
      {
        word: last.base ?? last.lower,
        prompt: `${text.slice(0, first.start)}______________ (${last.base ?? last.lower})${text.slice(last.end)}`,
        answer: text,
        accepted: [verb],
        lines: 1,
        open: false,
        reason: `${capital(analysis.tenseAspect)}. ${whyTense(analysis.tenseAspect)}`,
      },
    ];
  });
  const model = told.map(({ text }) => text).join(' ');
  const fits = told.filter(({ analysis }) => analysis.tenseAspect === target).length >= 3;
  const verbs = frames.flatMap(({ accepted }) => accepted ?? []);
  const openFrames = [
    'In the picture there is ______________.',
    'I can see ______________ and ______________.',
    `The ______________ ${target === 'past simple' ? 'was' : 'is'} ______________.`,
    'It looks ______________ because ______________.',
  ].map((prompt) => ({ ...openItem(prompt), lines: 1 }));
  // The words to begin with have nothing to do with her picture.
  const named = words.map(({ word }) => word).filter((word) => !startWords.includes(word));
  const box = [...new Set([...named, ...wordsOfSentences(told)])];
  const paragraph = fits
    ? paragraphItem(target, 'picture', model, verbs)
    : { ...paragraphItem(target, 'picture', '', []), answer: model };
  return {
    title: titleOf(target),
    instruction:
      'Look at the picture. Use the words of the box. First finish the sentences, then write your own.',
    notes:
      told.length === 0
        ? [
            'Write your own sentences about your picture: they become the frames, the word box and the model of the key.',
          ]
        : fits
          ? []
          : [
              `Fewer than three of your sentences are in the ${target}: the paragraph has a model, but is not counted.`,
            ],
    ...written([...(frames.length > 0 ? frames : openFrames), paragraph], {
      scene,
      bank: box.map((word) => ({ word })),
      checklist: checklistOf(target),
    }),
  };
}
