import { describe, expect, test } from 'vitest';
import { decodeFile, encodingOf } from './decode-file';

const bytes = (...values: number[]) => Uint8Array.from(values);
const utf16 = (text: string, little: boolean) =>
  Uint8Array.from(
    [...text].flatMap((sign) => {
      const unit = sign.charCodeAt(0);
      return little ? [unit & 255, unit >> 8] : [unit >> 8, unit & 255];
    }),
  );

/** Text in Windows-1252, which differs from Latin-1 in these signs (WHATWG Encoding Standard, index windows-1252). */
const western: Readonly<Record<string, number>> = { '“': 0x93, '”': 0x94, '’': 0x92, '–': 0x96 };
const windows1252 = (text: string) =>
  Uint8Array.from([...text].map((sign) => western[sign] ?? sign.charCodeAt(0)));

describe('how a file is encoded', () => {
  test.each<[string, Uint8Array, string]>([
    ['plain ASCII', new TextEncoder().encode('rain\nhail\n'), 'utf-8'],
    ['UTF-8', new TextEncoder().encode('café – “naïve”'), 'utf-8'],
    ['UTF-8 with its mark', bytes(0xef, 0xbb, 0xbf, 0x61), 'utf-8'],
    ['UTF-16 with its mark', bytes(0xff, 0xfe, 0x61, 0x00), 'utf-16le'],
    ['UTF-16, the other way round, with its mark', bytes(0xfe, 0xff, 0x00, 0x61), 'utf-16be'],
    ['UTF-16 without a mark', utf16('rain and hail fell all day', true), 'utf-16le'],
    [
      'UTF-16 the other way round without a mark',
      utf16('rain and hail fell all day', false),
      'utf-16be',
    ],
    ['Windows-1252', windows1252('“The wind,” said Mr Café, “is up – it’s late.”'), 'windows-1252'],
  ])('%s', (_, file, encoding) => {
    expect(encodingOf(file)).toBe(encoding);
  });

  test('letters come out as they were written', () => {
    const said = '“The wind,” said Zoë – it’s late.';
    expect(decodeFile(windows1252(said)).text).toBe(said);
    expect(decodeFile(utf16('rain', true)).text).toBe('rain');
    expect(decodeFile(bytes(0xef, 0xbb, 0xbf, 0x61)).text).toBe('a');
    // Cyrillic, where a guess from the letters is all there is (index windows-1251).
    const cyrillic = bytes(
      ...[0xe2, 0xe5, 0xf2, 0xe5, 0xf0, 0x20, 0xe8, 0x20, 0xe4, 0xee, 0xe6, 0xe4, 0xfc],
      ...[0x20, 0xed, 0xe0, 0xe4, 0x20, 0xf5, 0xee, 0xeb, 0xec, 0xee, 0xec],
    );
    expect(decodeFile(cyrillic).text).toBe('ветер и дождь над холмом');
  });

  test('an encoding that was chosen goes before the guess; one that is none falls back', () => {
    expect(decodeFile(bytes(0xe9), 'windows-1251').text).toBe('й');
    expect(decodeFile(bytes(0xe9), 'no-such').encoding).toBe('windows-1252');
  });
});
