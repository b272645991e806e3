import { DomUtils, parseDocument } from 'htmlparser2';
import { describe, expect, test } from 'vitest';
import type { DocumentNode } from '../paper/document';
import { toHtml } from './html';

const nodes: readonly DocumentNode[] = [
  { kind: 'title', text: 'Storm <log> & co' },
  { kind: 'text', text: 'First line\nsecond line' },
  { kind: 'box', words: ['rain', 'snow'] },
  { kind: 'item', number: 3, text: 'What fell?', options: ['rain', '“snow”'], lines: 2 },
  { kind: 'item', number: 4, text: 'Name it', picture: 'cloud' },
  {
    kind: 'table',
    head: true,
    rows: [
      ['Word', 'Picture'],
      ['rain', { picture: 'unknown', text: 'wet' }],
    ],
  },
  { kind: 'page' },
  { kind: 'lines', count: 3 },
];
const page = toHtml(nodes, {
  title: 'Storm "log"',
  language: 'en',
  pictures: { cloud: 'data:image/png;base64,AAAA' },
});
// Read with a parser of its own (htmlparser2), as a browser would.
const { children } = parseDocument(page);
const found = (name: string) => DomUtils.getElementsByTagName(name, children);
const textOf = (name: string) => found(name).map((each) => DomUtils.textContent(each));

describe('a document as a web page', () => {
  test('says its title and language, and writes markup of the text as text', () => {
    expect(textOf('title')).toEqual(['Storm "log"']);
    expect(textOf('h1')).toEqual(['Storm <log> & co']);
    expect(found('log')).toEqual([]);
    expect(found('html')[0]?.attribs['lang']).toBe('en');
  });

  test('items keep their numbers, options and lines; tables their heads', () => {
    expect(found('ol').map(({ attribs }) => attribs['start'])).toEqual(['3', '4']);
    expect(textOf('ul')).toEqual(['☐ rain☐ “snow”']);
    expect(textOf('th')).toEqual(['Word', 'Picture']);
    const lines = found('div').filter(({ attribs }) => attribs['class'] === 'line');
    expect(lines).toHaveLength(2 + 3);
  });

  test('a picture is in it; one that cannot be had is named', () => {
    expect(found('img').map(({ attribs }) => attribs['alt'])).toEqual(['cloud']);
    expect(textOf('em')).toEqual(['(unknown)']);
  });

  test('nothing in it asks for anything from elsewhere', () => {
    expect(page).not.toMatch(/https?:|src="(?!data:)|url\(/);
    expect(found('script')).toEqual([]);
  });
});
