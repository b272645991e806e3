/** A text from a paste or a file: its format is told by its name and its beginning. */
import { LONGEST_TEXT } from '../../texts/reading-text';
import { scriptNotes, TextFileError, tidyText, type IncomingText } from './incoming-text';
import { readMarkdown } from './read-markdown';
import { readHtml, readTei } from './read-markup';
import { readWebVtt } from './read-webvtt';

export const textFormats = ['text', 'markdown', 'html', 'tei', 'webvtt'] as const;
export type TextFormat = (typeof textFormats)[number];

/** The format of a text, from its file's name and from how it begins. */
export function textFormat(text: string, fileName = ''): TextFormat {
  const begin = text.slice(0, 2000).trimStart();
  if (/\.vtt$/i.test(fileName) || /^\uFEFF?WEBVTT\b/.test(begin)) return 'webvtt';
  if (/<TEI[\s>]/.test(begin)) return 'tei';
  if (/\.(?:html?|xhtml)$/i.test(fileName) || /^<!doctype html|^<html[\s>]/i.test(begin))
    return 'html';
  if (/\.(?:md|markdown)$/i.test(fileName)) return 'markdown';
  if (
    /^<(?:p|div|h[1-6]|article|section|body|table|ul|ol)[\s>]/i.test(begin) &&
    /<\/\w+>/.test(text)
  )
    return 'html';
  return 'text';
}

function readPlain(text: string): IncomingText {
  const body = tidyText(text);
  return { body, notes: scriptNotes(body) };
}

const readers: Readonly<Record<TextFormat, (text: string) => IncomingText>> = {
  text: readPlain,
  markdown: readMarkdown,
  html: readHtml,
  tei: readTei,
  webvtt: readWebVtt,
};

/**
 * Reads a text.
 *
 * @throws TextFileError where there is no word in it or it is too long; nothing is kept then
 */
export function readText(
  text: string,
  fileName = '',
  format: TextFormat = textFormat(text, fileName),
): IncomingText {
  if (text.includes('\u0000')) {
    throw new TextFileError(
      'This file is not a text. Open it in its own program and save it as text, DOCX, HTML or Markdown.',
    );
  }
  const read = readers[format](text);
  if (!/[\p{L}\p{N}]/u.test(read.body)) {
    throw new TextFileError(
      `There is no word in this ${fileName === '' ? 'text' : 'file'}. Paste or choose one that has some.`,
    );
  }
  if (read.body.length > LONGEST_TEXT) {
    throw new TextFileError(
      `This text has ${read.body.length.toLocaleString('en-GB')} characters; one text can have 1,000,000. Bring it in part by part, for example a chapter at a time. Nothing was lost: it still stands in the field or the file.`,
    );
  }
  return read;
}
