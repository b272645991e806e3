import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../../demo/fernhill';
import { layOutSheet } from '../../sheets/sheet';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import { poems, proses } from '../../testing/texts';
import { openPassage } from '../../texts/reading/passage';
import { statementsOf } from '../../texts/reading/statements-of';
import { completeMaterial, materialOf, type TextMaterial } from '../../texts/reading/text-material';
import { editableTexts } from '../hand-edits';
import { interactionOf } from '../interactions';
import { checkSentence } from '../../languages/shared/sentence-check';
import { checkExercise, makeExercise, markTask } from '../make-exercise';
import { versions } from '../../kernel/version';
import { makers } from '.';

const lexicon = testLexicon();
const meanings = testMeanings();
const demo = fernhillDemo(lexicon).texts.map(materialOf);
const materials: readonly TextMaterial[] = [
  ...demo,
  ...proses.map(({ title, body }) => completeMaterial({ title, body })),
  ...poems.slice(0, 3).map(({ title, body }) => completeMaterial({ title, body })),
];
const [, station] = demo as [TextMaterial, TextMaterial, TextMaterial];
const reading = makers.filter(({ group }) => group === 'Reading');
const make = (maker: string, material: TextMaterial | undefined, seed = 1, parameters = {}) =>
  makeExercise({ maker, words: [], parameters, seed, reading: material }, lexicon, meanings);
const flat = (text: string) => text.replace(/\s+/g, ' ');

test('there is a maker for everything that is done with a text', () => {
  expect(reading.map(({ id }) => id).sort()).toEqual([
    'authors-purpose',
    'before-reading',
    'character-traits',
    'device-chart',
    'facts-first',
    'find-it',
    'gist-and-detail',
    'notes-page',
    'order-of-events',
    'questions-between',
    'quotation-chart',
    'small-words',
    'text-structure',
    'text-word-box',
    'time-line',
    'true-false-not-said',
    'who-did-what',
    'word-in-context',
    'work-it-out',
    'writing-task',
  ]);
});

test('what belongs to a verb is not turned round: pushed over, never pushed under', () => {
  for (let seed = 1; seed <= 40; seed += 1) {
    expect(JSON.stringify(make('true-false-not-said', station, seed).task)).not.toMatch(
      /gauge under/,
    );
  }
});

/** Two texts of the club in other languages, written for it, for what is asked of them alone. */
const inOthers: typeof materials = [
  {
    ...(materials[0] as (typeof materials)[number]),
    title: 'A estação',
    language: 'pt',
    body: 'Na estação da colina o vento vem do mar. As crianças olham pela janela. De manhã uma menina sobe ao telhado. O irmão dela mede a chuva num copo. Nos dias claros veem as casas do porto. À noite voltam pelo caminho das rochas.',
  },
  {
    ...(materials[0] as (typeof materials)[number]),
    title: 'Al club',
    language: 'it',
    body: 'Il vento del mare muove gli alberi. Ana scrive nel quaderno. Lo zio sale sulla collina. I bambini guardano dalla finestra. Un gatto dorme sul tetto. Le barche tornano alle sei.',
  },
];
const materialsFor = (id: string) => (id === 'small-words' ? inOthers : materials);

describe.each(reading.map((maker) => [maker.id, maker] as const))('%s', (id) => {
  test('the key has full marks, a blank loses one, and the same seed repeats, whatever the text', () => {
    let items = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...materialsFor(id)),
        fc.nat(2 ** 31),
        fc.constantFrom(...versions),
        (material, seed, version) => {
          const exercise = make(id, material, seed, { version });
          const { task } = exercise;
          expect(interactionOf(task).validate(task)).toEqual([]);
          const key = interactionOf(task).keyOf(task) as Record<string, unknown>;
          const full = markTask(task, key);
          // A piece of writing is the learner’s own: nothing can be its key.
          if (id !== 'writing-task')
            expect(full).toMatchObject({ score: full.outOf, feedback: [] });
          expect(make(id, material, seed, { version })).toEqual(exercise);
          const [first] = Object.keys(key);
          if (first !== undefined && id !== 'writing-task') {
            const blank =
              task.interaction === 'order' || task.interaction === 'gap'
                ? []
                : task.interaction === 'match'
                  ? 'nobody'
                  : '';
            const less = markTask(task, { ...key, [first]: blank });
            expect(less.score).toBe(full.outOf - 1);
            expect(less.feedback).toHaveLength(1);
          }
          items += full.outOf;
        },
      ),
      { numRuns: 200, seed: 20261125 },
    );
    expect(items).toBeGreaterThan(15);
  });

  test('prints inside the paper, with its text where that is asked for', () => {
    for (const material of materialsFor(id).slice(0, 4)) {
      const exercise = make(id, material, 3, { printText: true });
      if (exercise.short !== undefined) continue;
      const sheet = layOutSheet(
        exercise,
        kestrels({ level: { system: 'us', value: 'G4' }, step: null }),
        'Test',
      );
      expect(sheet.problems).toEqual([]);
      for (const page of sheet.pages) {
        for (const mark of page.marks) {
          const right = mark.kind === 'line' ? Math.max(mark.x1, mark.x2) : mark.x;
          expect(right).toBeGreaterThanOrEqual(0);
          expect(right).toBeLessThanOrEqual(210);
        }
      }
      const printed = sheet.pages
        .flatMap((page) => page.marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])))
        .join(' ');
      const words = (text: string) => text.match(/[\p{L}’']+/gu) ?? [];
      const there = new Set(words(printed));
      const missing = words(material.body.replace(/^#+ /gm, '')).filter((word) => !there.has(word));
      expect(missing.length / Math.max(1, words(material.body).length)).toBeLessThan(0.02);
    }
  });

  test('without a text it says what to do', () => {
    // A piece of writing can be about anything.
    if (id === 'writing-task') return expect(make(id, undefined).short).toBeUndefined();
    expect(make(id, undefined).short).toMatch(/is made from a text. Choose one/);
  });
});

describe('keys are proved by the text', () => {
  const many = <Item>(read: (seed: number) => readonly Item[]) =>
    [1, 2, 3, 4, 5, 6, 7, 8].flatMap(read);
  const body = flat(station.body);

  test('find-it: the answer stands in the sentence that the key quotes', () => {
    const items = many((seed) => {
      const { task } = make('find-it', station, seed);
      return task.interaction === 'write' ? task.items : [];
    });
    expect(items.length).toBeGreaterThan(20);
    for (const { answer, reason, prompt } of items) {
      const quoted = /“(.*)”$/.exec(reason)?.[1] ?? '';
      expect(body).toContain(quoted);
      // In the sentence itself, or in what the key says its pronoun means.
      expect(reason.toLowerCase()).toContain(answer.toLowerCase());
      expect(prompt).toMatch(/^(?:Who|What|When|Where|Why|How|On which day|In which month) .*\?$/);
    }
  });

  test('questions written for a text of known answers', () => {
    const text = completeMaterial(
      'The club closed the gate because the wind was strong. Bram rang the bell at six. The lambs slept in the barn. Asha carried three lamps to the hut.',
    );
    const { task } = make('find-it', text, 1, { count: 12 });
    const asked =
      task.interaction === 'write'
        ? task.items.map(({ prompt, answer }) => `${prompt} ${answer}`)
        : [];
    // One question a sentence; written for this test with their answers.
    const good = [
      /^(?:Why did the club close the gate\? Because the wind was strong|Who closed the gate\? The club)$/,
      /^(?:When did Bram ring the bell\? At six|Who rang the bell at six\? Bram|What did Bram ring at six\? The bell)$/,
      /^(?:Where did the lambs sleep\? In the barn|What slept in the barn\? The lambs)$/,
      /^(?:Who carried three lamps to the hut\? Asha|How many lamps did Asha carry to the hut\? Three|Where did Asha carry three lamps\? To the hut)$/i,
    ];
    expect(asked).toHaveLength(4);
    asked.forEach((each, index) => expect(each).toMatch(good[index] as RegExp));
  });

  test('true, false, not said: what is true has the words of its proof, the others stand nowhere', () => {
    const items = many((seed) => {
      const { task } = make('true-false-not-said', station, seed);
      return task.interaction === 'choice' ? task.items : [];
    });
    const verdicts = new Set<string>();
    for (const { prompt, options } of items) {
      const verdict = options.find(({ right }) => right)?.text ?? '';
      verdicts.add(verdict);
      const words = (text: string) => text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];
      if (verdict === 'true') {
        // In another order, or with its subject named, but with no word that the text lacks.
        expect(words(body), prompt).toEqual(expect.arrayContaining(words(prompt)));
      } else expect(body, prompt).not.toContain(prompt);
    }
    expect([...verdicts].sort()).toEqual(['false', 'not said', 'true']);
  });

  test('order of events: the key is the order of the text', () => {
    for (const seed of [1, 2, 3, 4]) {
      const { task } = make('order-of-events', station, seed);
      const [item] = task.interaction === 'order' ? task.items : [];
      const told = statementsOf(openPassage(completeMaterial(station), lexicon), lexicon);
      const places = (item?.key ?? []).map((sentence) =>
        told.findIndex(({ text }) => text === sentence),
      );
      expect(places.length).toBeGreaterThanOrEqual(3);
      expect([...places].sort((left, right) => left - right)).toEqual(places);
      expect(places.every((place) => place >= 0)).toBe(true);
    }
  });

  test('who did what: subject and rest make a sentence of the text again', () => {
    for (const seed of [1, 2, 3]) {
      const { task } = make('who-did-what', station, seed);
      if (task.interaction !== 'match') throw new Error('It is a match.');
      for (const pair of task.pairs) {
        const right = task.rights.find(({ id }) => id === pair.partner)?.text ?? '';
        // The doer may stand there as a pronoun: what was done stands in the text word for word.
        expect(body).toContain(right);
        expect(body.toLowerCase()).toContain(pair.left.text.toLowerCase());
      }
    }
  });

  test('word boxes take the teacher’s gloss first', () => {
    const { task } = make('text-word-box', station, 1);
    const rights = task.interaction === 'match' ? task.rights.map(({ text }) => text) : [];
    expect(rights).toContain('a tool that measures');
  });

  test('the quotation chart holds the marks, and its key the effect', () => {
    const [wind] = demo as [TextMaterial];
    const { task } = make('quotation-chart', wind, 1);
    if (task.interaction !== 'write') throw new Error('It is written.');
    expect(task.items).toHaveLength(5);
    expect(task.items[0]?.cells?.[3]).toBe('');
    expect(task.items[0]?.keyCells?.[3]).toMatch(/cannot be seen/);
  });

  test('a writing task can be checked: range, words, capital, end mark', () => {
    const { task } = make('writing-task', station, 1, {
      fewest: 5,
      most: 9,
      required: ['gauge', 'storm'],
    });
    const checks = task.interaction === 'write' ? task.items[0]?.checks : undefined;
    if (!checks) throw new Error('It has checks.');
    expect(checkSentence('The storm broke the gauge.', checks)).toEqual([]);
    expect(checkSentence('the storm came', checks)).toEqual([
      'Use the word gauge.',
      'Write 5 words or more: there are 3.',
      'Begin with a capital letter.',
      'End with a full stop, a question mark or an exclamation mark.',
    ]);
    expect(checkSentence('The storm broke the gauge and the lamp and the door.', checks)).toEqual([
      'Write 9 words at most: there are 11.',
    ]);
  });
});

test('every word that a learner reads in an exercise is checked for the class', () => {
  const recipe = { maker: 'find-it', words: [], parameters: {}, seed: 1, reading: station };
  const checks = checkExercise(
    recipe,
    makeExercise(recipe, lexicon, meanings),
    kestrels({ step: 23 }),
    lexicon,
  );
  expect(checks.length).toBeGreaterThan(10);
  expect(checks.some(({ reach }) => reach === 'beyond')).toBe(true);
});

test('before reading a map or a picture stands over the questions, and is asked about', () => {
  const scene = { picture: 'data:image/png;base64,iVBORw0KGgo=', ratio: 4 / 3 };
  const asked = (parameters: object) => {
    const { task } = make('before-reading', station, 1, parameters);
    if (task.interaction !== 'write') throw new Error('It is written.');
    return { scene: task.scene, prompts: task.items.map(({ prompt }) => prompt).join(' ') };
  };
  const map = asked({ scene: { ...scene, shows: 'Map: Porto, Portugal, in its region' } });
  expect(map.scene?.shows).toContain('Porto');
  expect(map.prompts).toContain('Look at the map. Where in the world does it take place?');
  expect(asked({ scene }).prompts).toContain('Look at the picture. Where and when');
  const bare = asked({});
  expect(bare.scene).toBeUndefined();
  expect(bare.prompts).not.toContain('Look at the map');
});

test('one section alone can be asked about', () => {
  const { task } = make('questions-between', station, 1, { section: 1 });
  const passages =
    task.interaction === 'write' ? task.items.map(({ passage }) => passage ?? '') : [];
  expect(passages.join(' ')).toContain('On Monday the club met');
  expect(passages.join(' ')).not.toContain('Fernhill school keeps');
});

test('an open question takes a model answer, which the key then shows', () => {
  const plain = make('work-it-out', station, 2);
  if (plain.task.interaction !== 'write') throw new Error('It is written.');
  const word = plain.task.items[0]?.word ?? '';
  expect(
    editableTexts(plain.task).find((text) => text.word === word && text.label === 'Model answer')
      ?.text,
  ).toBe('');
  const edits = [{ word, from: '', to: 'Because it was late.' }];
  const { task } = make('work-it-out', station, 2, { edits });
  if (task.interaction !== 'write') throw new Error('It is written.');
  expect(task.items[0]?.answer).toBe('Because it was late.');
  expect(task.items.slice(1).every((item) => item.answer === '')).toBe(true);

  // In a table it stands in the first empty cell of the key.
  const chart = make('character-traits', station, 1);
  const row = chart.task.interaction === 'write' ? (chart.task.items[0]?.word ?? '') : '';
  const filled = make('character-traits', station, 1, {
    edits: [{ word: row, from: '', to: 'careful' }],
  });
  expect(filled.task.interaction === 'write' && filled.task.items[0]?.keyCells?.[1]).toBe(
    'careful',
  );
});

test('two parts that begin alike are told apart by the words that differ', () => {
  // Christina Rossetti, Who Has Seen the Wind? (1872), public domain.
  const poem = completeMaterial({
    title: 'Who Has Seen the Wind?',
    body: 'Who has seen the wind?\nNeither I nor you:\nBut when the leaves hang trembling,\nThe wind is passing through.\n\nWho has seen the wind?\nNeither you nor I:\nBut when the trees bow down their heads,\nThe wind is passing by.',
  });
  const { task } = make('notes-page', poem, 1);
  expect(task.interaction === 'write' && task.items.map(({ word }) => word)).toEqual([
    'Who has seen the wind? Neither I …',
    'Who has seen the wind? Neither you …',
  ]);
});

test('nobody is asked why they met a problem or lost a hat', () => {
  const story = completeMaterial({
    title: 'A windy day',
    body: 'On Monday the club met its first problem. Asha lost her hat near the gate. Bram climbed the wall with a rope. Lena wrote the numbers into the log book. Then Asha carried the gauge into the hut.',
  });
  for (const seed of [1, 2, 3, 4, 5]) {
    const { task } = make('work-it-out', story, seed);
    const asked = task.interaction === 'write' ? task.items.map(({ prompt }) => prompt) : [];
    expect(asked.join(' ')).not.toMatch(/met its first problem|lost her hat/);
    expect(asked.join(' ')).toMatch(/Why did/);
  }
});
