/** A script for a synthesiser: Speech Synthesis Markup Language 1.1 (W3C Recommendation, 2010). */
import { saidOf, type ListeningScript } from './listening-script';

/** Signs that XML 1.0 has no place for are left out. */
const allowed = (sign: string) => sign >= ' ' || sign === '\n' || sign === '\t' || sign === '\r';

const escaped = (text: string) =>
  [...text]
    .filter(allowed)
    .join('')
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;');

/** The script as an SSML document; each speaker is a voice of another variant. */
export function toSsml(script: ListeningScript): string {
  const { language, pace, parts, speakers } = script;
  const said = parts.flatMap((part) => {
    const voice = speakers.indexOf(part.speaker) + 1;
    const spoken = `<s>${escaped(saidOf(part, script))}</s>`;
    const voiced = voice === 0 ? spoken : `<voice variant="${voice}">${spoken}</voice>`;
    const rated =
      pace === 1 ? voiced : `<prosody rate="${Math.round(pace * 100)}%">${voiced}</prosody>`;
    return Array.from(
      { length: part.times },
      () => `  <p>${rated}</p>${part.pause > 0 ? `<break time="${part.pause}s"/>` : ''}`,
    );
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<speak version="1.1" xmlns="http://www.w3.org/2001/10/synthesis" xml:lang="${escaped(language)}">`,
    ...said,
    '</speak>',
    '',
  ].join('\n');
}
