import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { refitText, refitted } from './refit';
import { textReach } from './text-reach';

const lexicon = testLexicon();
const meanings = testMeanings();
const year3 = completeClass({ level: { system: 'uk', value: 'Y3' }, spelling: 'uk', step: null });
const grade3 = completeClass({ level: { system: 'us', value: 'G3' }, spelling: 'us', step: null });
const refit = (text: string, profile = year3) => refitText({ text, profile, lexicon, meanings });

describe('a text for another class', () => {
  test('words are exchanged where they stand; the rest of the text is as it was', () => {
    const text = 'They commenced the climb. The colossal oak fell; it was an enormous oak.';
    const { exchanges } = refit(text);
    expect(exchanges.length).toBeGreaterThan(0);
    for (const { start, end, from } of exchanges) expect(text.slice(start, end)).toBe(from);
    const after = refitted(text, exchanges, lexicon);
    const beyond = (body: string) =>
      textReach({ text: body, profile: year3, lexicon, meanings }).spans.filter(
        ({ kind, reach }) => kind === 'word' && reach === 'beyond',
      ).length;
    expect(beyond(after)).toBeLessThan(beyond(text));
    expect(after).toMatch(/oak\.$/);
  });

  // British and American spellings as in every dictionary of both (common practice).
  test('the spelling is that of the class, with the capital that stood there', () => {
    const text = 'Colour the grey sky. The harbour is our favourite.';
    expect(refitted(text, refit(text, grade3).exchanges, lexicon)).toBe(
      'Color the gray sky. The harbor is our favorite.',
    );
    expect(refit(text, year3).exchanges).toEqual([]);
  });

  test('an article follows the word behind it', () => {
    const text = 'It was an old harbour.';
    const at = text.indexOf('old');
    const exchange = { start: at, end: at + 3, from: 'old', to: 'busy', why: '' };
    expect(refitted(text, [exchange], lexicon)).toBe('It was a busy harbour.');
  });

  test('what has no nearer word is named, once', () => {
    const { kept, exchanges } = refit('Precipitation fell. They measured the precipitation.');
    expect(kept).toEqual(['precipitation']);
    expect(exchanges).toEqual([]);
  });

  // Each has several meanings, or makes one with the word behind it: no machine should choose.
  test.each([
    'The wooden post stood there.',
    'We set out to find out.',
    'That is very kind of you.',
    'Turn the page over.',
  ])('where a word may mean something else it stays: %s', (text) => {
    const kestrels = { ...year3, step: 20 };
    const touched = refit(text, kestrels).exchanges.map(({ from }) => from);
    for (const word of ['post', 'find', 'kind', 'over']) expect(touched).not.toContain(word);
  });

  test('a class gets no word from the other side of the Atlantic', () => {
    const { exchanges } = refit('The leaves drop in autumn.', { ...year3, step: 20 });
    expect(exchanges.map(({ to }) => to)).not.toContain('fall');
  });

  test('nothing is exchanged in a text within reach', () => {
    expect(refit('The wind blew all night. We stayed at home.')).toEqual({
      exchanges: [],
      kept: [],
    });
  });
});
