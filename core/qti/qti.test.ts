/**
 * Exercises as QTI 3.0, held against the standard (1EdTech, Question and Test Interoperability 3.0,
 * Assessment, Section and Item information model; the names of elements from memory). An independent
 * player marks them in e2e/qti.e2e.ts.
 */
import { strFromU8, unzipSync } from 'fflate';
import { beforeAll, describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { markTask } from '../exercises/interactions';
import { makeExercise } from '../exercises/make-exercise';
import { makers } from '../exercises/makers';
import type { Exercise } from '../exercises/making/exercise';
import { startWords } from '../exercises/start-words';
import { inItsLanguage, loadLanguage } from '../testing/language-for';
import { ownMaterial } from '../testing/own-material';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { materialOf } from '../texts/reading/text-material';
import { itemsFromQti } from './from-qti';
import { itemFile, pictureFile } from './item-parts';
import { itemsOf, rightOrders } from './items-of';
import { qtiFiles, qtiPackage } from './package';
import { element, escapeXml } from './xml';

const lexicon = testLexicon();
const meanings = testMeanings();
const stories = fernhillDemo(lexicon).texts.map(materialOf);
const material =
  'rain hail train snail lake snake day play cloud snow rainbow snowman city cat happy big'.split(
    ' ',
  );

const beside = Object.fromEntries(
  ['rain', 'hail', 'snow', 'cat'].map((word, index) => [
    word,
    { translation: ['pluie', 'grêle', 'neige', 'chat'][index] ?? '' },
  ]),
);

beforeAll(async () => {
  for (const maker of makers) await loadLanguage(maker);
});

function made(id: string): Exercise {
  const maker = makers.find((each) => each.id === id);
  if (maker === undefined) throw new Error(`no ${id}`);
  const recipe = {
    maker: id,
    words: material,
    parameters: { beside, ...ownMaterial, ...inItsLanguage(maker) },
    seed: 5,
  };
  const words = startWords(recipe, kestrels(), lexicon, meanings);
  const all = [undefined, ...stories].map((reading) =>
    makeExercise({ ...recipe, words, reading }, lexicon, meanings, kestrels()),
  );
  return all.find(({ short }) => short === undefined) ?? (all[0] as Exercise);
}

const itemsFor = (exercise: Exercise) =>
  itemsOf(exercise.task, {
    id: 'part',
    title: exercise.title,
    instruction: exercise.instruction,
    language: exercise.language,
  });

interface Tag {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
}

/** The elements of a text that is well-formed (XML 1.0): each is closed where it was opened. */
function tagsOf(xml: string): Tag[] {
  const open: string[] = [];
  const found: Tag[] = [];
  const rest = xml.replace(/^<\?xml[^?]*\?>/, '');
  for (const [, closing, name = '', attributes = '', alone] of rest.matchAll(
    /<(\/?)([\w:-]+)((?:\s+[\w:-]+="[^"<]*")*)\s*(\/?)>/g,
  )) {
    if (closing) expect(open.pop()).toBe(name);
    else {
      found.push({
        name,
        attributes: Object.fromEntries(
          [...attributes.matchAll(/([\w:-]+)="([^"]*)"/g)].map(([, key, text]) => [key, text]),
        ),
      });
      if (!alone) open.push(name);
    }
  }
  expect(open).toEqual([]);
  // Nothing beside tags and escaped text.
  const bare = rest.replace(/<(\/?)([\w:-]+)((?:\s+[\w:-]+="[^"<]*")*)\s*(\/?)>/g, '');
  expect(bare).not.toMatch(/[<>]/);
  expect(bare.replace(/&(?:amp|lt|gt|quot|#\d+);/g, '')).not.toContain('&');
  return found;
}

/** What stands in an item of ours: elements of the standard, and of HTML within its body. */
const known = new Set(
  (
    'assessment-item response-declaration correct-response value mapping map-entry ' +
    'outcome-declaration default-value item-body response-processing response-condition response-if ' +
    'response-else set-outcome-value base-value match variable correct string-match or and ordered ' +
    'map-response choice-interaction simple-choice prompt text-entry-interaction ' +
    'extended-text-interaction order-interaction match-interaction simple-match-set ' +
    'simple-associable-choice hottext-interaction hottext rubric-block content-body'
  )
    .split(' ')
    .map((name) => `qti-${name}`)
    .concat(['p', 'br', 'img']),
);

/** Identifiers of QTI are names without colons: a letter or a stroke first. */
const IDENTIFIER = /^[A-Za-z_][\w.-]*$/;

describe.each(makers.map(({ id }) => id))('%s as QTI', (id) => {
  test('its items are well-formed, in the words of the standard, and refer to what is there', () => {
    const { items, left } = itemsFor(made(id));
    expect(items.length > 0 || left.length > 0).toBe(true);
    const names = items.map(({ identifier }) => identifier);
    expect(new Set(names).size).toBe(names.length);
    for (const item of items) {
      expect(item.identifier).toMatch(IDENTIFIER);
      const tags = tagsOf(itemFile(item));
      expect(tags.filter(({ name }) => !known.has(name))).toEqual([]);
      const declared = tags
        .filter(({ name }) => name === 'qti-response-declaration')
        .map(({ attributes }) => attributes['identifier']);
      const asked = tags.flatMap(({ attributes }) => attributes['response-identifier'] ?? []);
      expect(asked.sort()).toEqual(declared.sort());
      const used = tags
        .filter(({ name }) => /^qti-(?:variable|correct|map-response)$/.test(name))
        .map(({ attributes }) => attributes['identifier']);
      for (const each of used) expect(declared).toContain(each);
    }
  });

  test('every right value is one that can be given', () => {
    for (const item of itemsFor(made(id)).items) {
      const xml = itemFile(item);
      const choices = new Set(
        tagsOf(xml)
          .filter(({ name }) => /choice$|hottext$/.test(name))
          .flatMap(({ attributes }) => attributes['identifier'] ?? []),
      );
      for (const [, baseType = '', inside = ''] of xml.matchAll(
        /<qti-response-declaration[^>]*base-type="(\w+)"[^>]*>(.*?)<\/qti-response-declaration>/gs,
      )) {
        const values = [...inside.matchAll(/<qti-value>([^<]*)<\/qti-value>/g)].map(
          ([, text = '']) => text,
        );
        if (baseType === 'string') continue;
        expect(values.length).toBeGreaterThan(0);
        for (const name of values.flatMap((value) => value.split(' ')))
          expect([name, choices.has(name)]).toEqual([name, true]);
      }
    }
  });

  test('it earns the marks that it earns here', () => {
    const { task } = made(id);
    const { items, left } = itemsFor(made(id));
    // A crossword of clues, cards to join: all of it goes; of the rest nothing.
    if (items.length === 0) return expect(left).toHaveLength(1);
    // What a person reads earns nothing by itself.
    const read =
      task.interaction === 'write'
        ? task.items.filter(({ open, checks }) => open === true || checks !== undefined).length
        : 0;
    const there = items.reduce((sum, { outOf }) => sum + outOf, 0);
    return expect(there).toBe(markTask(task, {}).outOf - read);
  });
});

describe('read back', () => {
  test.each(['choose-meaning', 'confusable-words', 'end-marks', 'fitting-phrase'])(
    '%s: each question with its right answer first',
    (id) => {
      const exercise = made(id);
      const { task } = exercise;
      if (task.interaction !== 'choice') throw new Error('no choice');
      const { files } = qtiFiles('A', [{ id: 'a', exercise }]);
      const items = Object.fromEntries(
        Object.entries(files).filter(([name]) => name.startsWith('items/')),
      );
      const { questions, sentences, left } = itemsFromQti(items);
      expect([sentences, left]).toEqual([[], []]);
      expect(questions.map((line) => line.split(' | ')[1])).toEqual(
        task.items.map(({ options }) => options.find(({ right }) => right)?.text),
      );
      questions.forEach((line, index) => {
        const texts = task.items[index]?.options.map(({ text }) => text) ?? [];
        expect(line.split(' | ').slice(1).sort()).toEqual([...texts].sort());
      });
    },
  );

  test.each(['missing-grapheme', 'verb-form', 'question-tags'])(
    '%s: each sentence with its gaps, and every accepted answer',
    (id) => {
      const exercise = made(id);
      const { task } = exercise;
      if (task.interaction !== 'gap') throw new Error('no gaps');
      const { files } = qtiFiles('A', [{ id: 'a', exercise }]);
      const items = Object.fromEntries(
        Object.entries(files).filter(([name]) => name.startsWith('items/')),
      );
      const { questions, sentences, left } = itemsFromQti(items);
      expect([questions, left]).toEqual([[], []]);
      expect(sentences).toHaveLength(task.items.length);
      sentences.forEach((line, index) => {
        const [shown = '', ...answers] = line.split(' | ');
        const gaps = task.items[index]?.pieces.flatMap((piece) =>
          piece.kind === 'gap' ? [piece] : [],
        );
        expect(shown.split('___')).toHaveLength((gaps?.length ?? 0) + 1);
        answers.forEach((answer, at) => {
          const gap = gaps?.[at];
          expect(new Set(answer.split(' / '))).toEqual(
            new Set([gap?.answer, ...(gap?.accepted ?? [])]),
          );
        });
      });
    },
  );
});

describe('the package', () => {
  const packed = () => {
    const exercises = ['picture-to-word', 'missing-grapheme', 'word-search'].map((id) => ({
      id,
      exercise: made(id),
    }));
    return qtiFiles('Storm & “log” <1>', exercises, { version: 1 });
  };

  test('its manifest and its test name every item, in order, and nothing else', () => {
    const { files, items } = packed();
    const hrefs = Object.keys(files).filter((name) => name.startsWith('items/'));
    expect(hrefs).toHaveLength(items);
    const manifest = tagsOf(files['imsmanifest.xml'] ?? '');
    const resources = manifest.filter(({ name }) => name === 'resource');
    expect(resources.map(({ attributes }) => attributes['href'])).toEqual(['test.xml', ...hrefs]);
    // The types of the packaging profile of QTI 3.0.
    expect(new Set(resources.map(({ attributes }) => attributes['type']))).toEqual(
      new Set(['imsqti_test_xmlv3p0', 'imsqti_item_xmlv3p0']),
    );
    const refs = tagsOf(files['test.xml'] ?? '').filter(
      ({ name }) => name === 'qti-assessment-item-ref',
    );
    expect(refs.map(({ attributes }) => attributes['href'])).toEqual(hrefs);
    const depends = manifest.filter(({ name }) => name === 'dependency');
    expect(depends.map(({ attributes }) => attributes['identifierref'])).toEqual(
      refs.map(({ attributes }) => attributes['identifier']),
    );
  });

  test('what has no counterpart is said by its name', () => {
    expect(packed().left).toEqual([
      expect.stringContaining('a grid of letters to search has no counterpart in QTI') as string,
    ]);
  });

  test('a picture that is there goes along; one that is not takes nothing with it', () => {
    const files = packed();
    const [first = '', ...others] = files.pictures;
    expect(others.length).toBeGreaterThan(0);
    const zip = unzipSync(qtiPackage(files, new Map([[first, new Uint8Array([1, 2, 3])]])));
    expect(Object.keys(zip).filter((name) => name.startsWith('pictures/'))).toEqual([
      pictureFile(first),
    ]);
    expect(strFromU8(zip['test.xml'] ?? new Uint8Array())).toContain('Storm &amp; “log” &lt;1&gt;');
    expect(JSON.parse(strFromU8(zip['wordane.json'] ?? new Uint8Array()))).toEqual({ version: 1 });
  });
});

describe('from elsewhere', () => {
  const item = (body: string, declarations: string) =>
    `<qti-assessment-item title="Wind">${declarations}<qti-item-body>${body}</qti-item-body></qti-assessment-item>`;
  const right = (...values: string[]) =>
    `<qti-response-declaration identifier="R"><qti-correct-response>${values
      .map((each) => `<qti-value>${each}</qti-value>`)
      .join('')}</qti-correct-response></qti-response-declaration>`;
  const choice = (inside: string) =>
    `<p>What blows?</p><qti-choice-interaction response-identifier="R">${inside}</qti-choice-interaction>`;
  const two =
    '<qti-simple-choice identifier="A">the wind</qti-simple-choice><qti-simple-choice identifier="B">the lake</qti-simple-choice>';

  test('a question whose text stands before its choices', () => {
    expect(itemsFromQti({ 'a.xml': item(choice(two), right('A')) }).questions).toEqual([
      'What blows? | the wind | the lake',
    ]);
  });

  test.each([
    ['no right answer', item(choice(two), right())],
    ['two right answers', item(choice(two), right('A', 'B'))],
    ['a right answer that is no choice', item(choice(two), right('C'))],
    ['one choice', item(choice(two.slice(0, two.indexOf('</') + 20)), right('A'))],
    ['a drawing', item('<qti-drawing-interaction response-identifier="R"/>', right())],
  ])('%s is left, and said', (_, xml) => {
    const { questions, sentences, left } = itemsFromQti({ 'a.xml': xml });
    expect([questions, sentences]).toEqual([[], []]);
    expect(left).toEqual([expect.stringContaining('“Wind” was left out') as string]);
  });

  test('a line of ours keeps its strokes: what is in the text is written otherwise', () => {
    const xml = item(
      '<p>Rain | hail ____ <qti-text-entry-interaction response-identifier="R"/></p>',
      right('sn|ow'),
    );
    expect(itemsFromQti({ 'a.xml': xml }).sentences).toEqual(['Rain / hail … ___ | sn ow']);
  });

  test('a script in an item is text that nobody runs, and no item is said', () => {
    const { left } = itemsFromQti({ 'a.html': '<script>alert(1)</script>', 'b.xml': '' });
    expect(left).toEqual(['a.html holds no QTI 3 item.', 'b.xml holds no QTI 3 item.']);
  });
});

test('signs that XML has no place for are left out, the others escaped', () => {
  expect(escapeXml('a\u0000b\u000Bc<&">\n\t')).toBe('abc&lt;&amp;&quot;&gt;\n\t');
  expect(element('p', { title: 'say "no" & <go>' }, 'x')).toBe(
    '<p title="say &quot;no&quot; &amp; &lt;go&gt;">x</p>',
  );
});

test('two pieces that look the same may stand for each other', () => {
  expect(
    rightOrders({ pieces: ['the', 'cat', 'the', 'dog'], key: ['the', 'cat', 'the', 'dog'] }),
  ).toEqual([
    [0, 1, 2, 3],
    [2, 1, 0, 3],
  ]);
});
