/** What docs/core.md says of the functions for scripts: their fields are there, and all of it is plain data. */
import { readFileSync } from 'node:fs';
import { gunzipSync, strFromU8 } from 'fflate';
import { describe, expect, test } from 'vitest';
import * as core from '../index';
import { readPack } from '../testing/test-lexicon';
import { inputs } from './inputs';

const packed = (name: string) =>
  strFromU8(gunzipSync(readFileSync(new URL(`../../data/packs/${name}.pack`, import.meta.url))));
core.useLexicon('american', () => ({ lexicon: readPack() }));
core.useMeanings(() => [packed('meanings'), packed('sentences')]);

const docs = readFileSync(new URL('../../docs/core.md', import.meta.url), 'utf8');
const call = (name: string, input: object) =>
  (core as unknown as Record<string, (input: object) => unknown>)[name]?.(input);

const storm = 'The wind blew. Asha ran to the hut, because it was raining.';
const task = () =>
  (
    call('makeExercise', {
      maker: 'missing-grapheme',
      material: { words: ['rain', 'day', 'lake', 'train'] },
    }) as { task: object }
  ).task;

const calls: readonly (readonly [name: string, input: () => object, fields: readonly string[]])[] =
  [
    [
      'analyseWord',
      () => ({ word: 'train' }),
      [
        'graphemes',
        'phonemes',
        'syllables',
        'syllableTypes',
        'stress',
        'level',
        'patterns',
        'onset',
        'rime',
        'zipf',
        'homophones',
        'rhymes',
        'topics',
        'pictures',
      ],
    ],
    ['findWords', () => ({ sound: 'EY' }), ['total', 'spellings', 'words']],
    [
      'inflect',
      () => ({ base: 'hop', suffix: 'ing' }),
      ['form', 'rule', 'ruleName', 'reason', 'learnerReason', 'alternatives'],
    ],
    [
      'analyseText',
      () => ({ text: storm }),
      [
        'counts',
        'readability',
        'inputs',
        'sure',
        'profile',
        'decodable',
        'sentenceLengths',
        'sections',
        'run',
        'notes',
      ],
    ],
    ['findDevices', () => ({ text: storm }), ['devices', 'structures']],
    [
      'readText',
      () => ({ text: '# Wind\n\nIt blew.', format: 'markdown' }),
      ['body', 'title', 'notes'],
    ],
    [
      'describeSentence',
      () => ({ sentence: 'The dog was chased by the cat.' }),
      [
        'type',
        'tenseAspect',
        'voice',
        'conditional',
        'completeness',
        'sure',
        'notes',
        'missing',
        'words',
        'clauses',
        'parts',
        'modal',
        'agent',
        'negative',
        'contractions',
        'structures',
      ],
    ],
    [
      'transform',
      () => ({ sentence: 'The dog chased the cat.', to: 'passive' }),
      ['result', 'accepted', 'changes', 'sure'],
    ],
    [
      'checkWriting',
      () => ({ text: storm, check: { fewest: 3 } }),
      ['missing', 'suggestions', 'requirements', 'faults', 'words', 'sentences'],
    ],
    [
      'writeScript',
      () => ({ text: 'Mina: Is it raining?\nIvo: Yes, it is.' }),
      ['parts', 'speakers', 'pace', 'ssml', 'webvtt'],
    ],
    ['readMeasure', () => ({ text: '3.7 mm' }), ['kind', 'readings', 'rule']],
    ['measureWords', () => ({ measure: '3.7 mm' }), ['words']],
    ['grammar', () => ({}), ['features', 'structures', 'targets', 'pronouns']],
    ['define', () => ({ word: 'rain' }), ['senses']],
    [
      'forLearner',
      () => ({
        exercise: call('makeExercise', {
          maker: 'missing-grapheme',
          material: { words: ['rain', 'day', 'lake'] },
        }),
      }),
      ['title', 'instruction', 'language', 'task'],
    ],
    [
      'markResponse',
      () => ({ item: task(), response: {} }),
      ['score', 'outOf', 'feedback', 'verdicts'],
    ],
    ['diagnose', () => ({ item: task(), response: {} }), ['errors']],
    ['writeSlip', () => ({ learner: 'Mina', lesson: 'storm', answers: [] }), ['slip']],
    ['checkObjective', () => ({ objective: 'Learners spell four words with ai.' }), ['findings']],
    ['readRoster', () => ({ text: 'Mina\nIvo' }), ['names', 'notes']],
    ['ruleCard', () => ({ topic: 'ending:ing' }), ['title', 'rules', 'exceptions']],
    ['paginate', () => ({ blocks: [{ height: 10 }], paper: 'a4' }), ['pages', 'problems']],
    [
      'writeDocument',
      () => ({
        maker: 'missing-grapheme',
        material: { words: ['rain', 'day', 'lake'] },
        format: 'text',
      }),
      ['text'],
    ],
    ['toCalendar', () => ({ lessons: [] }), ['calendar']],
  ];

describe.each(calls)('%s', (name, input, fields) => {
  const given = call(name, input()) as Record<string, unknown>;

  test('gives what the page says', () => {
    const row = docs.split('\n').find((line) => line.startsWith(`| \`${name}\``)) ?? '';
    expect(row).not.toBe('');
    for (const field of fields) {
      expect([field, field in given]).toEqual([field, true]);
      expect([field, row.includes(`\`${field}\``) || row.includes(field)]).toEqual([field, true]);
    }
  });

  test('is plain data: nothing of it is lost on the way to another process', () => {
    const plain = JSON.parse(JSON.stringify(given)) as unknown;
    // What is undefined is not there, as JSON has it.
    expect(plain).toEqual(given);
  });

  test('is the same for the same', () => {
    expect(call(name, input())).toEqual(given);
  });
});

test('every function for scripts stands on the page', () => {
  const rows = [...docs.matchAll(/^\| `(\w+)`/gm)].map(([, name]) => name);
  expect(Object.keys(inputs).filter((name) => !rows.includes(name))).toEqual([]);
});

const near = (value: number) => expect.closeTo(value, 6) as unknown;

describe('known answers, each from what is named', () => {
  test.each<[string, object, object]>([
    // Flesch, “A new readability yardstick” (1948); Kincaid et al. (1975): one sentence of six words of one syllable.
    [
      'analyseText',
      { text: 'The cat sat on the mat.' },
      { readability: { fleschReadingEase: near(116.145), fleschKincaid: near(-1.45) } },
    ],
    // National Curriculum in England, English Appendix 1 (2013): the final consonant is doubled, the final e dropped.
    ['inflect', { base: 'hop', suffix: 'ing' }, { form: 'hopping' }],
    ['inflect', { base: 'hope', suffix: 'ing' }, { form: 'hoping' }],
    ['inflect', { base: 'carry', suffix: 'ed' }, { form: 'carried' }],
    // Any school grammar.
    [
      'transform',
      { sentence: 'The dog chased the cat.', to: 'passive' },
      { result: 'The cat was chased by the dog.' },
    ],
    ['measureWords', { measure: '3.7 mm' }, { words: 'three point seven millimetres' }],
    ['readMeasure', { text: '1 mm', variety: 'us' }, { readings: ['one millimeter'] }],
    ['readMeasure', { text: '0 °C', language: 'fr' }, { readings: ['zéro degré'] }],
    [
      'letterSounds',
      { language: 'es', word: 'el queso' },
      { said: 'elkeso', syllables: ['que', 'so'], stress: { name: 'llana' } },
    ],
  ])('%s %j', (name, input, answer) => {
    expect(call(name, input)).toMatchObject(answer);
  });
});
