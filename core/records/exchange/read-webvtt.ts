/** A timed script in WebVTT (W3C): each cue becomes a line; who speaks is kept, times and positions are named as left out. */
import { scriptNotes, tidyText, TextFileError, type IncomingText } from './incoming-text';

const timing = /^(?:\d+:)?\d\d:\d\d[.,]\d{3}\s+-->\s+/;

/** @throws TextFileError where the file has no cue */
export function readWebVtt(source: string): IncomingText {
  const text = source.replace(/\r\n?/g, '\n').replace(/^\uFEFF/, '');
  const lines: string[] = [];
  let cues = 0;
  let notes = 0;
  let speaker = '';
  for (const block of text.split(/\n{2,}/)) {
    const rows = block.split('\n');
    if (/^(?:WEBVTT|STYLE|REGION)/.test(block)) continue;
    if (/^NOTE\b/.test(block)) {
      notes += 1;
      continue;
    }
    const at = rows.findIndex((row) => timing.test(row));
    if (at === -1) continue;
    cues += 1;
    for (const row of rows.slice(at + 1)) {
      const voice = /<v(?:\.[^ >]*)?\s+([^>]+)>/.exec(row)?.[1]?.trim() ?? '';
      const plain = row
        .replace(/<[^>]*>/g, '')
        .replaceAll('&amp;', '&')
        .replaceAll('&lt;', '<')
        .replaceAll('&gt;', '>')
        .replaceAll('&nbsp;', ' ')
        .trim();
      if (plain === '') continue;
      if (voice !== '' && voice !== speaker)
        lines.push(`${lines.length > 0 ? '\n' : ''}${voice}: ${plain}`);
      else lines.push(plain);
      speaker = voice || speaker;
    }
  }
  if (cues === 0)
    throw new TextFileError(
      'This WebVTT file has no cue with a time, so there is nothing to read. Check that it is the script.',
    );
  const body = tidyText(lines.join('\n'));
  return {
    body,
    kind: 'prose',
    notes: [
      `Left out: the times of ${cues} ${cues === 1 ? 'cue' : 'cues'}${notes > 0 ? ` and ${notes} ${notes === 1 ? 'note' : 'notes'} of the script` : ''}.`,
      ...scriptNotes(body),
    ],
  };
}
