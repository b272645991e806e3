import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readText } from '../../records/exchange/read-text';
import { fromWebAnnotations, toTei, toWebAnnotations } from '../../records/exchange/write-marks';
import { validateAs } from '../../records/validate';
import { poems } from '../../testing/texts';
import { completeText } from '../../texts/reading-text';
import { markedRuns, moveMarks, type Annotation } from './annotation';
import { findMethod, methods } from './methods';
import { quotationChart } from '../reading/quotation-chart';
import { TextRecord } from '../../records/text-record';

const body = poems[0]?.body ?? '';
const at = (words: string) => ({
  start: body.indexOf(words),
  end: body.indexOf(words) + words.length,
});
const marks: Annotation[] = [
  {
    id: 'a',
    ...at('trembling'),
    kind: 'method',
    about: 'personification',
    effect: 'They seem afraid.',
    why: 'So the wind is strong.',
  },
  { id: 'b', ...at('leaves hang trembling,\nThe wind'), kind: 'theme', about: 'the unseen' },
  {
    id: 'c',
    ...at('you:'),
    kind: 'question',
    text: 'Who is “you”? <The reader?>',
    answer: 'A child & the reader',
  },
];
const text = completeText({
  id: 't',
  classId: 'k',
  title: 'Wind',
  author: 'Christina Rossetti',
  year: '1872',
  body,
  kind: 'poem',
  annotations: marks,
});

test('the list of methods: each has a name of its own, a definition and an example', () => {
  expect(new Set(methods.map(({ id }) => id)).size).toBe(methods.length);
  expect(methods.length).toBeGreaterThan(60);
  for (const { definition, example } of methods) {
    expect(definition.length).toBeGreaterThan(8);
    expect(example.length).toBeGreaterThan(2);
  }
  for (const id of [
    'metaphor',
    'simile',
    'volta',
    'verbal-irony',
    'dramatic-irony',
    'situational-irony',
    'alliteration',
  ]) {
    expect(findMethod(id)?.id).toBe(id);
  }
});

describe('marks and edits of the text', () => {
  test('a mark that is not touched still quotes the same words', () => {
    const edit = fc.record({
      place: fc.nat(body.length),
      remove: fc.nat(12),
      insert: fc.string({ maxLength: 12 }),
    });
    fc.assert(
      fc.property(
        edit,
        fc.nat(body.length - 2),
        fc.integer({ min: 1, max: 30 }),
        ({ place, remove, insert }, start, length) => {
          const end = Math.min(body.length, start + length);
          const after = body.slice(0, place) + insert + body.slice(place + remove);
          const [moved] = moveMarks([{ start, end }], body, after);
          const untouched = place + remove <= start || place >= end;
          if (
            untouched &&
            body.slice(start, end).trim() !== '' &&
            (place + remove < start || place > end)
          ) {
            expect(moved && after.slice(moved.start, moved.end)).toBe(body.slice(start, end));
          }
          if (moved) {
            expect(moved.end).toBeLessThanOrEqual(after.length);
            expect(moved.start).toBeLessThan(moved.end);
          }
        },
      ),
      { numRuns: 1000, seed: 20261125 },
    );
  });

  test('a mark whose words are all gone is dropped', () => {
    expect(moveMarks(marks, body, 'Who has seen it?').filter(({ id }) => id === 'a')).toEqual([]);
  });

  test('overlapping marks are drawn in runs that cover the text once', () => {
    const runs = markedRuns(marks, { start: 0, end: body.length });
    expect(runs.map(({ start, end }) => body.slice(start, end)).join('')).toBe(body);
    const both = runs.find((run) => run.marks.length === 2);
    expect(both && body.slice(both.start, both.end)).toBe('trembling');
  });
});

test('the quotation chart grows from the marks with a method', () => {
  const rows = quotationChart(text);
  expect(rows).toHaveLength(1);
  expect(rows[0]).toMatchObject({
    quotation: 'trembling',
    where: '3',
    method: 'personification',
    effect: 'They seem afraid.',
  });
});

describe('marks go out and come back', () => {
  let made = 0;
  const newId = () => `new-${(made += 1)}`;
  const plain = (list: readonly Annotation[]) => list.map((mark) => ({ ...mark, id: '' }));

  test('as W3C Web Annotation', () => {
    const json = toWebAnnotations(text);
    const page = JSON.parse(json) as {
      '@context': unknown[];
      type: string;
      items: { type: string; target: { selector: unknown[] } }[];
    };
    // Web Annotation Data Model (W3C Recommendation 2017): context, types and selectors.
    expect(page['@context'][0]).toBe('http://www.w3.org/ns/anno.jsonld');
    expect(page.type).toBe('AnnotationPage');
    expect(page.items[0]?.type).toBe('Annotation');
    expect(page.items[0]?.target.selector).toMatchObject([
      { type: 'TextPositionSelector' },
      { type: 'TextQuoteSelector', exact: 'trembling' },
    ]);
    const read = fromWebAnnotations(json, body, newId);
    expect(plain(read.annotations)).toEqual(plain(marks));
  });

  test('they find their words again in a text that was changed, and say where they do not', () => {
    const changed = `A title\n\n${body.replace('Neither I nor you:', 'Nobody at all')}`;
    const read = fromWebAnnotations(toWebAnnotations(text), changed, newId);
    expect(read.annotations.map(({ start, end }) => changed.slice(start, end))).toEqual([
      'trembling',
      'leaves hang trembling,\nThe wind',
    ]);
    expect(read.notes.join(' ')).toContain('1 found no place');
  });

  test('annotations of another program come in as notes', () => {
    const foreign = JSON.stringify({
      type: 'Annotation',
      body: [{ type: 'TextualBody', purpose: 'commenting', value: 'Why?' }],
      target: { source: 'x', selector: { type: 'TextQuoteSelector', exact: 'seen' } },
    });
    expect(fromWebAnnotations(foreign, body, newId).annotations).toMatchObject([
      { kind: 'note', text: 'Why?' },
    ]);
  });

  test.each([
    ['hello', /not JSON/],
    ['{"a":1}', /no Web Annotations/],
  ])('%s is refused with a reason', (json, reason) => {
    expect(() => fromWebAnnotations(json, body, newId)).toThrow(reason);
  });

  test('as TEI P5, with the text, its facts and its stretches', () => {
    const xml = toTei(text);
    expect(xml).toContain('xmlns="http://www.tei-c.org/ns/1.0"');
    expect(xml.match(/<l>/g)).toHaveLength(8);
    expect(xml.match(/<lg>/g)).toHaveLength(2);
    expect(xml).toContain('&lt;The reader?&gt;');
    const read = readText(xml, 'wind.xml');
    expect(read.body).toBe(body);
    expect(read).toMatchObject({
      title: 'Wind',
      author: 'Christina Rossetti',
      year: '1872',
      kind: 'poem',
    });
    // What was written to the marks comes back with them; the theme goes over the end of a line.
    const byKind = new Map((read.annotations ?? []).map((mark) => [mark.kind, mark]));
    expect(byKind.get('method')).toMatchObject({
      about: 'personification',
      effect: 'They seem afraid.',
      why: 'So the wind is strong.',
    });
    expect(byKind.get('question')).toMatchObject({
      text: 'Who is “you”? <The reader?>',
      answer: 'A child & the reader',
    });
    const theme = byKind.get('theme');
    expect(theme?.about).toBe('the unseen');
    expect(theme && read.body.slice(theme.start, theme.end)).toMatch(/^leaves hang .*\nThe wind$/);
  });
});

test('a text is valid as it is completed, and says what is wrong with it', () => {
  expect(validateAs(TextRecord, JSON.parse(JSON.stringify(text))).ok).toBe(true);
  const bad = validateAs(TextRecord, {
    ...JSON.parse(JSON.stringify(text)),
    title: '',
    body: 'x'.repeat(1_000_001),
  });
  expect(bad.ok ? [] : bad.problems.map((problem) => problem.text)).toEqual(
    expect.arrayContaining(['Give the text a title.', expect.stringContaining('1,000,000')]),
  );
});
