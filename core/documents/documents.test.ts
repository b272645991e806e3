import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { makers } from '../exercises/makers';
import { ruleCard } from '../rule-cards/rule-card';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { picturesIn } from '../paper/document';
import { toItemsCsv } from './items-csv';
import { toMarkdown } from './markdown';
import { toPlainText } from './plain-text';
import { blocksDocument, exerciseDocument, learnersPart } from './sheet-document';
import { keyedItems } from '../exercises/interactions';

const lexicon = testLexicon();
const words = [
  'rain',
  'train',
  'snail',
  'lake',
  'snake',
  'day',
  'play',
  'cloud',
  'rainbow',
  'city',
  'cat',
];
const make = (maker: string, parameters = {}) =>
  makeExercise({ maker, words, parameters, seed: 6 }, lexicon, testMeanings());

describe.each(makers.map(({ id }) => [id]))('%s as a document', (id) => {
  const exercise = make(id);
  const nodes = exerciseDocument(exercise);
  const markdown = toMarkdown(nodes);
  const text = toPlainText(nodes);

  test('has its title, its instruction and its key', () => {
    for (const written of [markdown, text]) {
      const plain = written.replaceAll('\\', '');
      expect(plain).toContain(exercise.title);
      expect(plain).toContain(exercise.instruction);
      expect(plain).toContain(`Key: ${exercise.title}`);
    }
  });

  test('keys every item', () => {
    const items = keyedItems(exercise.task);
    const key = text.slice(text.indexOf('Key: '));
    for (const { answer } of items) {
      if (exercise.task.interaction !== 'gap' || !exercise.task.crossing)
        expect(key).toContain(answer);
    }
    expect(key.match(/^\d+\. /gm) ?? []).toHaveLength(
      items.length +
        (exercise.task.interaction === 'write' ? Math.max(0, exercise.task.script.length - 1) : 0),
    );
  });

  test('tables are as wide in each of their rows', () => {
    const tables = markdown.split('\n\n').filter((part) => part.startsWith('|'));
    for (const table of tables) {
      const widths = table.split('\n').map((line) => line.replaceAll('\\|', '').split('|').length);
      expect(new Set(widths).size).toBe(1);
    }
  });
});

describe('Markdown', () => {
  test('signs of markup are escaped', () => {
    const written = toMarkdown([
      { kind: 'title', text: '# *Storm* [log]' },
      { kind: 'text', text: 'a_b and ________' },
    ]);
    expect(written).toBe('# \\# \\*Storm\\* \\[log\\]\n\na\\_b and \\_\\_\\_\\_\\_\\_\\_\\_\n');
  });

  test('a table has the rule that GitHub Flavored Markdown asks for after its head', () => {
    const written = toMarkdown([
      {
        kind: 'table',
        head: true,
        rows: [
          ['Front', 'Back'],
          ['rain', 'Regen'],
        ],
      },
    ]);
    expect(written).toBe('| Front | Back |\n| --- | --- |\n| rain | Regen |\n');
  });
});

describe('CSV of items and key', () => {
  test('is read back line by line by Papa Parse', () => {
    const exercises = [make('picture-to-word'), make('build-ing'), make('match-meaning')];
    const { data, errors } = Papa.parse<Record<string, string>>(toItemsCsv(exercises), {
      header: true,
    });
    expect(errors).toEqual([]);
    const expected = exercises.flatMap((exercise) =>
      keyedItems(exercise.task).map(({ answer }) => answer),
    );
    expect(data.map((row) => row['answer'])).toEqual(expected);
    expect(Object.keys(data[0] ?? {})).toEqual([
      'exercise',
      'number',
      'word',
      'question',
      'answer',
      'also right',
      'reason',
    ]);
  });

  test('what a spreadsheet would compute is made harmless', () => {
    // OWASP, CSV injection: a cell that begins with = + - or @ is quoted.
    const exercise = make('build-ing', {
      edits: [{ word: 'rain', from: 'rain + ing = ', to: '=1+1' }],
    });
    const cell = Papa.parse<Record<string, string>>(toItemsCsv([exercise]), {
      header: true,
    }).data.find((row) => row['word'] === 'rain')?.['question'];
    expect(cell?.startsWith('=')).toBe(false);
  });
});

describe('a sheet of blocks', () => {
  const nodes = blocksDocument(
    'Storm sheet',
    [
      { block: { id: '1', kind: 'heading', text: 'The storm log' } },
      { block: { id: '2', kind: 'text', text: 'Rain fell.\nThe snail hid.' } },
      { block: { id: '3', kind: 'exercise' }, exercise: make('build-ing') },
      { block: { id: '4', kind: 'exercise' }, exercise: make('match-picture') },
      { block: { id: '5', kind: 'rule' }, card: ruleCard('ending:ing', kestrels(), lexicon) },
      { block: { id: '6', kind: 'picture', text: 'rainbow' } },
      { block: { id: '7', kind: 'can-do', text: 'read the log' } },
      { block: { id: '8', kind: 'words', words: ['rain', 'snow'] } },
      { block: { id: '9', kind: 'lines', rows: 2 } },
      { block: { id: '10', kind: 'qr', text: 'https://fernhill.example\nThe log' } },
    ],
    (word) => lexicon.picturesOf(word)[0],
  );
  const text = toPlainText(nodes);

  test('has every block in order, and one key at the end', () => {
    const order = [
      'The storm log',
      'The snail hid.',
      '1. Build words with -ing',
      '2. ',
      'Adding -ing',
      '[picture: rainbow]',
      '☐ I can read the log',
      '[ rain   snow ]',
      'https://fernhill.example: The log',
      'Key: Storm sheet',
    ];
    let from = 0;
    for (const part of order) {
      const at = text.indexOf(part, from);
      expect([part, at >= from]).toEqual([part, true]);
      from = at;
    }
    expect(text.match(/Key: /g)).toHaveLength(1);
  });

  test('names the pictures it needs, each once', () => {
    const pictures = picturesIn(nodes);
    expect(pictures).toContain('rainbow');
    expect(new Set(pictures).size).toBe(pictures.length);
  });
});

test('the learner’s part of a document ends before its key', () => {
  const exercise = makeExercise(
    {
      maker: 'missing-grapheme',
      words: ['rain', 'train', 'lake', 'stay'],
      parameters: {},
      seed: 1,
    },
    testLexicon(),
    testMeanings(),
  );
  const nodes = exerciseDocument(exercise);
  const shown = JSON.stringify(learnersPart(nodes));
  expect(shown).toContain(exercise.title);
  expect(shown).not.toContain('Key: ');
  for (const { answer } of keyedItems(exercise.task)) expect(shown).not.toContain(`"${answer}"`);
  // What has no key is whole.
  expect(learnersPart([{ kind: 'text', text: 'Key: west wind' }])).toHaveLength(1);
});
