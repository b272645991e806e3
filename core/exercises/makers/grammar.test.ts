import fc from 'fast-check';
import { beforeAll, describe, expect, test } from 'vitest';
import { layOutSheet } from '../../sheets/sheet';
import { inItsLanguage, loadLanguage } from '../../testing/language-for';
import { kestrels, testLexicon } from '../../testing/test-lexicon';
import { proses } from '../../testing/texts';
import { completeMaterial, type TextMaterial } from '../../texts/reading/text-material';
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { checkWriting } from '../../languages/en/grammar/writing/check-writing';
import { transformSentence } from '../../languages/en/grammar/transform/transform';
import { interactionOf } from '../interactions';
import type { Maker } from '../making/maker';
import { checkExercise, makeExercise, markTask } from '../make-exercise';
import { versions } from '../../kernel/version';
import { makers } from '.';

const lexicon = testLexicon();
const grammar = makers.filter(({ group }) => group === 'Grammar');
const materials: readonly (TextMaterial | undefined)[] = [
  undefined,
  ...proses.map(({ title, body }) => completeMaterial({ title, body })),
];
const own = [
  'The wind blew the lid over the hedge.',
  'Bram has found it.',
  'If the gate is open, the goat will eat the beans.',
  'Where is the log book?',
  'Shut the door behind you.',
  'She doesn’t like the cold.',
];
const make = (maker: string, seed = 1, parameters = {}, reading?: TextMaterial) =>
  makeExercise({ maker, words: [], parameters, seed, reading }, lexicon);

test('every kind of exercise that a grammar lesson needs is there', () => {
  expect(grammar.map(({ id }) => id).sort()).toEqual([
    'adjective-agreement',
    'comparison-forms',
    'conditional-halves',
    'end-marks',
    'fitting-phrase',
    'forms-of-words',
    'forms-table',
    'grow-sentence',
    'how-much-how-many',
    'irregular-parts',
    'join-sentences',
    'measure-forms',
    'number-match',
    'number-order',
    'number-readings',
    'numbers-heard',
    'other-voice',
    'particles',
    'picture-prompt',
    'place-and-time',
    'place-articles',
    'question-tags',
    'relative-clauses',
    'repair-sentence',
    'reported-speech',
    'same-meaning',
    'say-no-or-ask',
    'sentence-planner',
    'sentence-types',
    'short-answers',
    'spot-form',
    'tense-contrast',
    'used-to',
    'verb-form',
    'word-order',
  ]);
});

/** What a maker can be about. */
const targetsOf = ({ parameters }: Maker): string[] =>
  parameters?.['grammar']?.kind === 'choice'
    ? parameters['grammar'].options.map(([target]) => target)
    : [];

beforeAll(async () => {
  for (const maker of grammar) await loadLanguage(maker);
});

describe.each(grammar.map((maker) => [maker.id, maker] as const))('%s', (id, maker) => {
  test('the key has full marks, a blank loses one, the same seed repeats, whatever is given', () => {
    let items = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...materials),
        fc.boolean(),
        fc.nat(2 ** 31),
        fc.constantFrom(...versions),
        fc.constantFrom(undefined, ...targetsOf(maker)),
        (reading, written, seed, version, target) => {
          const parameters = {
            ...inItsLanguage(maker),
            version,
            ...(written && !/^numbers?-/.test(id) ? { sentences: own } : {}),
            ...(target === undefined ? {} : { grammar: target }),
          };
          const { task } = make(id, seed, parameters, reading);
          expect(
            interactionOf(task)
              .validate(task)
              .filter((problem) => !problem.includes('two headings')),
          ).toEqual([]);
          // An open answer to the teacher's own sentence has no model: nobody knows it but the learner.
          if (task.interaction === 'write' && task.items.some(({ answer }) => answer === ''))
            return;
          const key = interactionOf(task).keyOf(task) as Record<string, unknown>;
          const full = markTask(task, key);
          expect(full).toMatchObject({ score: full.outOf, feedback: [] });
          expect(make(id, seed, parameters, reading).task).toEqual(task);
          const [first] = Object.keys(key);
          if (first !== undefined) {
            const blank =
              task.interaction === 'order' || task.interaction === 'spot'
                ? []
                : task.interaction === 'gap'
                  ? ['']
                  : task.interaction === 'match' || task.interaction === 'sort'
                    ? 'nobody'
                    : '';
            const less = markTask(task, { ...key, [first]: blank });
            expect(less.score).toBe(full.outOf - 1);
          }
          items += full.outOf;
        },
      ),
      { numRuns: 1000, seed: 20261125 },
    );
    expect(items).toBeGreaterThan(40);
  });

  test('says what is short, and never fails, for a list, another language and a very long sentence', () => {
    const long = `The wind ${'and the rain '.repeat(70)}came.`;
    for (const sentences of [
      ['wind', 'rain', 'snow'],
      ['Der Wind weht über den Hügel und die Kinder laufen schnell nach Hause zurück.'],
      [long],
      ['???'],
    ]) {
      const exercise = make(id, 3, { sentences });
      expect(interactionOf(exercise.task).keyOf(exercise.task)).toBeDefined();
    }
  });

  test('prints, in every version', () => {
    for (const version of versions) {
      const exercise = make(id, 5, { ...inItsLanguage(maker), version });
      const sheet = layOutSheet(exercise, kestrels(), '');
      expect(sheet.pages.length).toBeGreaterThan(0);
    }
  });
});

describe('keys that grammar settles', () => {
  test('every transformed sentence, described again, has the form that was asked for', () => {
    for (const target of [
      'past simple',
      'present perfect',
      'past continuous',
      'future will',
      'future going-to',
      'past perfect',
      'present continuous',
    ]) {
      const { task } = make('same-meaning', 11, { grammar: target, count: 12 });
      if (task.interaction !== 'write') throw new Error('A writing task was expected.');
      for (const { answer } of task.items)
        expect(analyseSentence(answer, lexicon).tenseAspect, answer).toBe(target);
    }
    for (const [target, label, value] of [
      ['passive', 'voice', 'passive'],
      ['active', 'voice', 'active'],
      ['question', 'type', 'interrogative'],
      ['statement', 'type', 'declarative'],
    ] as const) {
      const { task } = make('same-meaning', 12, { grammar: target, count: 12 });
      if (task.interaction !== 'write') throw new Error('A writing task was expected.');
      expect(task.items.length).toBeGreaterThan(3);
      for (const { answer } of task.items)
        expect(analyseSentence(answer, lexicon)[label], answer).toBe(value);
    }
  });

  test('each condition has one half, and the sentence is the conditional it is called', () => {
    for (const type of ['zero', 'first', 'second', 'third']) {
      const { task } = make('conditional-halves', 4, { grammar: type, count: 10 });
      if (task.interaction !== 'match') throw new Error('A matching task was expected.');
      for (const { left, partner } of task.pairs) {
        const right = task.rights.find(({ id }) => id === partner);
        const whole = `${'text' in left ? left.text : ''} ${right && 'text' in right ? right.text : ''}`;
        const { conditional, sure } = analyseSentence(whole, lexicon);
        // If there were a night train: the analyser says itself that it is not sure.
        if (sure) expect(conditional, whole).toBe(type);
      }
    }
  });

  test('the model answers of planner and growing sentence meet their own checks, grammar included', () => {
    for (const id of ['sentence-planner', 'grow-sentence', 'picture-prompt']) {
      const { task } = make(id, 9, { count: 8 });
      if (task.interaction !== 'write') throw new Error('A writing task was expected.');
      for (const { answer, checks } of task.items) {
        if (checks) expect(checkWriting(answer, checks, lexicon).missing, answer).toEqual([]);
      }
    }
  });

  test('the teacher’s own list of what is right is marked, in place of ours', () => {
    const [sentence] = own;
    const plain = make('same-meaning', 1, { sentences: [sentence], grammar: 'passive' });
    if (plain.task.interaction !== 'write') throw new Error('A writing task was expected.');
    const [item] = plain.task.items;
    const written = { [item?.id ?? '']: 'The lid got blown over the hedge.' };
    expect(markTask(plain.task, written).score).toBe(0);
    const accept = { [item?.word ?? '']: ['The lid got blown over the hedge.'] };
    const taught = make('same-meaning', 1, { sentences: [sentence], grammar: 'passive', accept });
    expect(markTask(taught.task, written).score).toBe(1);
  });

  test('what the learner writes is checked: fragment, missing structure, enough of them', () => {
    const asked = {
      words: [],
      fewest: 3,
      complete: true,
      text: true,
      structures: [{ name: 'second conditional', count: 3 }],
    };
    const two = 'If it rained, we would stay in. If I had a boat, I would sail to the island.';
    const report = checkWriting(two, asked, lexicon);
    expect(report.requirements[0]?.spans).toHaveLength(2);
    expect(report.missing).toEqual(['Use 3 second conditionals: there are 2.']);
    expect(
      checkWriting('Because it rained.', { ...asked, structures: [] }, lexicon).missing[0],
    ).toContain('finish the thought');
  });

  test('a class of British spelling gets British forms', () => {
    const recipe = { maker: 'irregular-parts', words: ['get', 'learn'], parameters: {}, seed: 1 };
    for (const [spelling, participle] of [
      ['uk', 'got'],
      ['us', 'gotten'],
    ] as const) {
      const profile = kestrels({ spelling });
      const { task } = makeExercise(recipe, lexicon, undefined, profile);
      if (task.interaction !== 'write') throw new Error('A writing task was expected.');
      expect(task.items.find(({ word }) => word === 'get')?.answer).toBe(`got ${participle}`);
    }
  });

  test('a writing task asks for structures, and finds them', () => {
    const reading = completeMaterial({ title: 'Storm', body: 'It rained. The wind blew.' });
    const { task } = make('writing-task', 1, { grammar: 'second conditional', count: 2 }, reading);
    if (task.interaction !== 'write') throw new Error('A writing task was expected.');
    const checks = task.items[0]?.checks;
    if (checks === undefined) throw new Error('A writing task has checks.');
    const found = checkWriting('If it rained, we would stay in.', checks, lexicon).requirements[0];
    expect(found).toMatchObject({ wanted: 2, met: false, spans: [{ start: 6 }] });
  });

  test('the with a river, nothing with a lake', () => {
    // Swan, Practical English Usage, “articles: place names” (from memory).
    const { task } = make('place-articles', 2, { count: 24 });
    if (task.interaction !== 'choice') throw new Error('A choice was expected.');
    const answers = new Map(
      task.items.map(({ word, options }) => [
        word,
        options.find(({ right }) => right)?.text.toLowerCase(),
      ]),
    );
    for (const [name, answer] of answers) {
      if (/^Lake |^Mount |Street|Road$/.test(name)) expect(answer, name).toBe('–');
      if (/Sea$|Ocean$|Alps|Islands$|United/.test(name)) expect(answer, name).toBe('the');
    }
  });

  test('a refused change says why and leaves the sentence as it is', () => {
    const { result, refused } = transformSentence(
      { sentence: 'The children sleep.', to: 'passive' },
      lexicon,
    );
    expect(result).toBeNull();
    expect(refused).toContain('no passive of sleep');
  });
});

describe('a picture of the teacher’s own', () => {
  const scene = { picture: 'data:image/png;base64,AAAA', ratio: 2, shows: 'Zeb in the snow' };
  const sentences = [
    'Zeb is throwing snow.',
    'The brown dog is running up the hill.',
    'Mina is laughing.',
  ];

  test('stands large over the items, described, without our credit', () => {
    for (const maker of ['picture-prompt', 'sentence-planner']) {
      const sheet = layOutSheet(make(maker, 1, { scene, sentences }), kestrels(), 'Test');
      const marks = sheet.pages.flatMap((page) => (page.part === 'learner' ? page.marks : []));
      const [drawn, ...others] = marks.flatMap((mark) => (mark.kind === 'picture' ? [mark] : []));
      expect(others).toEqual([]);
      expect(drawn).toMatchObject({ picture: scene.picture, name: scene.shows });
      expect((drawn?.width ?? 0) / (drawn?.height ?? 1)).toBeCloseTo(2, 5);
      expect(drawn?.width).toBeGreaterThan(100);
      const said = marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])).join(' ');
      expect(said).not.toMatch(/OpenMoji/);
    }
  });

  test('her sentences are frames, word box and model; the forms in the model have a line under them', () => {
    const exercise = make('picture-prompt', 1, { scene, sentences, grammar: 'present continuous' });
    const { task } = exercise;
    if (task.interaction !== 'write') throw new Error('a writing task');
    // The key writes the whole sentence on the line; the verb alone is right as well.
    expect(task.items.map(({ answer }) => answer)).toContain('Mina is laughing.');
    expect(task.items.flatMap(({ accepted }) => accepted)).toEqual(
      expect.arrayContaining(['is throwing', 'is running', 'is laughing']),
    );
    const box = (task.bank ?? []).map(({ word }) => word);
    expect(box).toEqual(expect.arrayContaining(['snow', 'dog', 'hill', 'throw', 'run', 'brown']));
    const paragraph = task.items.at(-1);
    expect(paragraph?.answer.split('.').length).toBe(4);
    const asked = paragraph?.checks ?? { words: [], fewest: 1, complete: true };
    const two = 'Zeb is throwing snow. Mina is laughing. The dog runs.';
    expect(checkWriting(two, asked, lexicon).missing.join(' ')).toMatch(/present continuous/);
    expect(checkWriting(paragraph?.answer ?? '', asked, lexicon).missing).toEqual([]);
    const key = layOutSheet(exercise, kestrels(), 'Test').pages.filter(
      ({ part }) => part === 'key',
    );
    const lines = key.flatMap(({ marks }) =>
      marks.filter((mark) => mark.kind === 'line' && mark.width === 0.3),
    );
    expect(lines.length).toBeGreaterThanOrEqual(3);
  });

  test('without sentences it says what to do, and nothing is keyed that nobody can know', () => {
    for (const maker of ['picture-prompt', 'sentence-planner']) {
      const { task, notes } = make(maker, 1, { scene });
      expect(notes.map(({ text }) => text).join(' ')).toMatch(
        /Write your own sentences about your picture/,
      );
      if (task.interaction !== 'write') throw new Error('a writing task');
      expect(task.items.every(({ open, answer }) => open === true && answer === '')).toBe(true);
    }
  });
});

test('the terms that are taught are not marked as past the class, and labels are no structures', () => {
  const checked = (maker: string) => {
    const recipe = { maker, words: [], parameters: {}, seed: 1 };
    const exercise = makeExercise(recipe, lexicon);
    return checkExercise(recipe, exercise, kestrels(), lexicon).map(({ word }) =>
      word.toLowerCase(),
    );
  };
  expect(checked('sentence-types')).not.toContain('exclamation');
  expect(checked('sentence-planner')).not.toContain('whose, whom or of which');
  expect(checked('sentence-planner').length).toBeGreaterThan(5);
});
