import { describe, expect, test } from 'vitest';
import { keepBareSigns } from './bare-signs';
import { tidyText } from './incoming-text';
import { readText } from './read-text';

describe('a sign that only means “less than”', () => {
  test.each([
    ['<p>5 < 6 and a<b and I <3 you</p>', '5 < 6 and a<b and I <3 you'],
    ['<p>if x<y>z then</p>', 'if x<y>z then'],
    ['<p title="a > b">rain</p><p>hail</p>', 'rain\n\nhail'],
    ['<p>rain<br/>hail<br>snow</p>', 'rain\nhail\nsnow'],
    ['<p>a <b>bold</b> word <!-- not this -->here</p>', 'a bold word here'],
    ['<p>the end <', 'the end <'],
  ])('%s', (html, body) => {
    expect(readText(html, 'a.html').body).toBe(body);
  });

  test('is kept in Markdown too', () => {
    expect(readText('5 < 6 and a<b. Then x<y>z end', 'a.md').body).toBe(
      '5 < 6 and a<b. Then x<y>z end',
    );
  });

  test('a script is still no text', () => {
    expect(readText('<p>rain</p><script>alert(1 < 2)</script>', 'a.html').body).toBe('rain');
    expect(keepBareSigns('<script src=x>')).toBe('<script src=x>');
  });
});

describe('tidying takes the time of one reading', () => {
  // Counted, not timed: a pattern that looks again from every blank would not end within the test’s own limit.
  test.each([
    ['blanks in the middle', `a${' '.repeat(300_000)}b`],
    ['blanks at the end', `a${' '.repeat(300_000)}`],
    ['tabs and blanks', `a${' \t'.repeat(150_000)}\nb`],
    ['one line of letters', 'a'.repeat(900_000)],
    ['signs without an end', '<'.repeat(20_000)],
    ['quotes without an end', '<p a="'.repeat(5_000)],
  ])('%s', (_, text) => {
    expect(tidyText(text).length).toBeLessThanOrEqual(text.length);
    expect(keepBareSigns(text).length).toBeGreaterThanOrEqual(text.length);
  });

  test('line ends, blanks at their ends and empty lines are made alike', () => {
    expect(tidyText('\uFEFFrain  \r\nhail\t\r\n\r\n\r\n\r\nsnow\u00A0fell ')).toBe(
      'rain\nhail\n\nsnow fell',
    );
  });
});
