import { describe, expect, test } from 'vitest';
import { readText, textFormat } from './read-text';
import { TextFileError } from './incoming-text';

describe('the format is told by name and beginning', () => {
  test.each([
    ['WEBVTT\n\n00:00.000 --> 00:01.000\nHi', '', 'webvtt'],
    ['<TEI xmlns="x"><text/></TEI>', '', 'tei'],
    ['<!doctype html><p>Hi</p>', '', 'html'],
    ['<p>Hi</p>', '', 'html'],
    ['# Hi', 'a.md', 'markdown'],
    ['a < b and c > d', '', 'text'],
  ])('%s', (text, name, format) => {
    expect(textFormat(text, name)).toBe(format);
  });
});

describe('what comes in, and what is named as left out', () => {
  test('plain text keeps its lines; line ends and invisible characters are tidied', () => {
    expect(readText('\uFEFFOne\r\ntwo \r\n\r\n\r\nthree\u200B').body).toBe('One\ntwo\n\nthree');
  });

  test('HTML: headings, paragraphs, lines and lists; scripts are not run and named', () => {
    const html = `<html lang="en"><head><title>The &amp; log</title><meta name="author" content="Asha"><style>p{}</style></head>
      <body><h1>Rain</h1><p>It <b>rained</b><br>all day.</p><script>document.body.innerHTML='bad'</script>
      <ul><li>rope</li><li>lamp</li></ul><img src="x.png"><p onclick="alert(1)">End.</p></body></html>`;
    const read = readText(html, 'log.html');
    expect(read.body).toBe('# Rain\n\nIt rained\nall day.\n\nrope\nlamp\n\nEnd.');
    expect(read).toMatchObject({ title: 'The & log', author: 'Asha', language: 'en' });
    expect(read.notes.join(' ')).toMatch(/a script \(it was not run\)/);
    expect(read.notes.join(' ')).toMatch(/a picture/);
    expect(read.body).not.toMatch(/bad|alert|onclick/);
  });

  test('Markdown: front matter, headings, hard breaks, lists; code and pictures are named', () => {
    const read = readText(
      '---\ntitle: Storm\nauthor: Bram\nlicense: CC0\n---\n# Part\n\nIt *rained*.  \nAgain.\n\n- a\n- b\n\n![map](m.png)\n\n---\n',
      's.md',
    );
    expect(read).toMatchObject({ title: 'Storm', author: 'Bram', licence: 'CC0' });
    expect(read.body).toContain('It rained.\nAgain.');
    expect(read.body).toContain('a\nb');
    expect(read.notes.join(' ')).toMatch(/a picture/);
    expect(read.notes.join(' ')).toMatch(/a line across the page/);
  });

  test('WebVTT: who speaks and what; times and notes are named', () => {
    // WebVTT (W3C): header, note, cues with a voice span.
    const vtt =
      'WEBVTT\n\nNOTE about it\n\n1\n00:00:01.000 --> 00:00:02.000\n<v Mina>Good <i>morning</i>.\n\n00:03.000 --> 00:04.000 line:0\n<v Tomas>Hello &amp; welcome.\n';
    const read = readText(vtt, 'talk.vtt');
    expect(read.body).toBe('Mina: Good morning.\n\nTomas: Hello & welcome.');
    expect(read.notes[0]).toContain('the times of 2 cues and 1 note');
  });

  test('TEI: stanzas, lines, facts; notes of the edition are named', () => {
    const tei = `<TEI xmlns="http://www.tei-c.org/ns/1.0"><teiHeader><fileDesc><titleStmt><title>Eagle</title><author>Tennyson</author></titleStmt>
      <publicationStmt><p/></publicationStmt><sourceDesc><p>Poems</p></sourceDesc></fileDesc></teiHeader>
      <text><body><lg><l>He clasps the crag<note>an editor</note></l><l>Close to the sun</l></lg><lg><l>The sea</l></lg></body></text></TEI>`;
    const read = readText(tei);
    expect(read).toMatchObject({
      title: 'Eagle',
      author: 'Tennyson',
      source: 'Poems',
      kind: 'poem',
    });
    expect(read.body).toBe('He clasps the crag\nClose to the sun\n\nThe sea');
    expect(read.notes.join(' ')).toContain('a note');
  });

  test('scripts of other directions and mixtures are told', () => {
    expect(readText('שלום עולם, זה טקסט ארוך למדי').notes.join(' ')).toContain('right to left');
    expect(readText('rain дождь rain дождь').notes.join(' ')).toContain('mixes');
    expect(readText('漢字とかなの文です').notes).toEqual([]);
  });
});

describe('what cannot be read is refused with a reason', () => {
  test.each<[string, string, RegExp]>([
    ['nothing', '  \n ', /There is no word/],
    ['signs only', '… — !', /There is no word/],
    ['bytes', 'PK\u0003\u0004\u0000\u0000', /not a text/],
    ['two million characters', 'rain '.repeat(400_000), /1,000,000/],
    ['a page of scripts alone', '<html><script>1</script></html>', /There is no word/],
    ['a script without cues', 'WEBVTT\n\nhello', /no cue/],
  ])('%s', (_, text, reason) => {
    expect(() => readText(text)).toThrow(TextFileError);
    expect(() => readText(text)).toThrow(reason);
  });
});
