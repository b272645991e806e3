import { describe, expect, test } from 'vitest';
import { completeText, type ReadingText } from '~core/texts/reading-text';
import { ChangeError } from './operation';
import { textOperations } from './text-operations';
import { keptAfter } from './testing/kept-after';

const BODY = 'The vane turned. The wind blew hard.';

const text = (): ReadingText =>
  completeText({ id: 'log', classId: 'kestrels', title: 'The log', body: BODY });

const kept = keptAfter<ReadingText>('texts', textOperations);

const after = (present: ReadingText, intent: string, input: object) => {
  const { kept: text, label } = kept(present, intent, input);
  return { text, label };
};

const mark = (words: string, body = BODY) => ({
  start: body.indexOf(words),
  end: body.indexOf(words) + words.length,
  kind: 'method' as const,
  about: 'personification',
});

const marked = ({ annotations, body }: ReadingText) =>
  annotations.map(({ start, end }) => body.slice(start, end));

describe('the text itself', () => {
  test('a mark moves with its words when something is written before them', () => {
    const { text: with1 } = after(text(), 'mark', {
      mark: mark('blew hard'),
      name: 'personification',
    });
    const { text: longer } = after(with1, 'body', { body: `At noon it rained. ${BODY}` });
    expect(marked(longer)).toEqual(['blew hard']);
  });

  test('the original is kept, comes back, and can be set anew', () => {
    const changed = after(text(), 'body', { body: 'The vane stood still.' }).text;
    expect(changed.original).toBe(BODY);
    expect(after(changed, 'restore', {}).text.body).toBe(BODY);
    const now = after(changed, 'original', {}).text;
    expect(after(now, 'restore', {}).text.body).toBe('The vane stood still.');
  });

  test('its facts change one by one, and undo says which', () => {
    const { text: named, label } = after(text(), 'fact', { fact: 'author', value: 'Asha' });
    expect([named.author, named.title, label]).toEqual([
      'Asha',
      'The log',
      'Changed the text’s author',
    ]);
  });
});

describe('words of the text', () => {
  test('a word is glossed once, whatever its capitals; an empty gloss takes it away', () => {
    const once = after(text(), 'gloss', { word: 'vane', text: 'turns in the wind' }).text;
    const again = after(once, 'gloss', { word: 'Vane', text: 'shows where wind is from' }).text;
    expect(again.glosses.map(({ text: said }) => said)).toEqual(['shows where wind is from']);
    const { text: none, label } = after(again, 'gloss', { word: 'vane', text: '' });
    expect([none.glosses, label]).toEqual([[], 'Took the gloss of vane away']);
  });

  test.each(['boxed', 'accepted'] as const)('%s: there once, and gone again', (intent) => {
    const field = intent;
    const first = after(text(), intent, { word: 'Vane', [field]: true }).text;
    const second = after(first, intent, { word: 'vane', [field]: true }).text;
    expect(second[field]).toEqual(['vane']);
    expect(after(second, intent, { word: 'VANE', [field]: false }).text[field]).toEqual([]);
  });
});

describe('marks', () => {
  const two = () =>
    after(after(text(), 'mark', { mark: mark('turned'), name: 'verb' }).text, 'mark', {
      mark: mark('wind'),
      name: 'noun',
    }).text;

  test('each has an id of its own; one is changed or removed, the other stays', () => {
    const both = two();
    const [first, second] = both.annotations;
    expect(first?.id).not.toBe(second?.id);
    const noted = after(both, 'set-mark', { id: first?.id, fields: { text: 'It moves.' } }).text;
    expect(noted.annotations.map((each) => each.text)).toEqual(['It moves.', undefined]);
    expect(marked(after(noted, 'remove-mark', { id: first?.id }).text)).toEqual(['wind']);
  });

  test('what another tab has removed is said, and nothing is lost', () => {
    const present = two();
    expect(() => after(present, 'set-mark', { id: 'gone', fields: { text: 'x' } })).toThrow(
      ChangeError,
    );
    expect(present.annotations).toHaveLength(2);
  });

  test('marks that are read in are added to those there are', () => {
    const { text: more, label } = after(two(), 'add-marks', {
      marks: [{ ...mark('blew hard'), id: 'read-1' }],
    });
    expect([marked(more), label]).toEqual([['turned', 'wind', 'blew hard'], 'Read 1 marks in']);
  });
});

test('how it is set is changed field by field', () => {
  const numbered = after(text(), 'reading', {
    reading: { numbers: 'fives' },
    label: 'Numbered the lines',
  }).text;
  const { text: both } = after(numbered, 'reading', {
    reading: { margin: true },
    label: 'Left a margin',
  });
  expect(both.reading).toMatchObject({ numbers: 'fives', margin: true });
});

test('a class is given a part of the text, or all of it again', () => {
  const part = after(text(), 'released', { released: 1 });
  expect([part.text.released, part.label]).toEqual([1, 'Gave the class 1 of the sections']);
  expect(after(part.text, 'released', { released: null }).text.released).toBeNull();
});
