import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { strToU8 } from 'fflate';
import { CodeError, fromGroups, toGroups } from './group-code';
import { crc32, printOf, readSlip, writeSlip, type Slip } from './slip';

const slip: Slip = {
  learner: 'Mina Okafor',
  lesson: 'lesson-1',
  answers: [
    { exercise: 'a', response: { 'item-1': ['ai'], 'item-2': ['a', 'e'] }, print: 'k3x' },
    { exercise: 'b', response: { 'card-1': 'ai', 'card-2': 'ay' } },
  ],
  at: 29_000_000,
};

const opened = (code: string) => {
  const read = readSlip(code);
  if ('error' in read) throw new Error(read.error);
  return read;
};

const plain = fc.letrec((tie) => ({
  value: fc.oneof(
    { maxDepth: 2 },
    fc.string(),
    fc.integer(),
    fc.boolean(),
    fc.array(tie('value'), { maxLength: 4 }),
  ),
})).value;

describe('the code', () => {
  test('CRC-32 has the check value of its standard', () => {
    // ITU-T V.42, and the catalogue of parametrised CRCs: CRC-32/ISO-HDLC of “123456789”.
    expect(crc32(strToU8('123456789')).toString(16)).toBe('cbf43926');
  });

  test('any bytes come back, in groups of four signs that cannot be taken for others', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (bytes) => {
        const code = toGroups(bytes);
        expect([...fromGroups(code)]).toEqual([...bytes]);
        // Crockford’s base 32 has no I, L, O or U.
        expect(code).toMatch(/^([0-9A-HJKMNP-TV-Z]{2,4}(-|$))*$/);
      }),
    );
  });

  test('a mistyped sign is found in its group, and two that changed places are too', () => {
    const code = toGroups(strToU8('Fernhill weather club'));
    const groups = code.split('-');
    let seen = 0;
    for (let at = 0; at < groups.length; at += 1) {
      const group = groups[at] ?? '';
      const typed = [...groups];
      typed[at] = (group.startsWith('7') ? '8' : '7') + group.slice(1);
      expect(() => fromGroups(typed.join('-'))).toThrow(`Group ${at + 1} `);
      const [one = '', other = '', ...rest] = group;
      if (one === other) continue;
      typed[at] = other + one + rest.join('');
      expect(() => fromGroups(typed.join('-'))).toThrow(CodeError);
      seen += 1;
    }
    expect(seen).toBeGreaterThan(5);
  });

  test('it may be typed in small letters, with spaces, and O for 0', () => {
    const bytes = Uint8Array.from([0, 0, 0, 255, 1]);
    const code = toGroups(bytes);
    expect(code).toContain('0');
    const typed = code.toLowerCase().replace(/0/g, 'o').replace(/1/g, 'l').replace(/-/g, ' ');
    expect([...fromGroups(typed)]).toEqual([...bytes]);
  });
});

describe('a slip', () => {
  test('comes back as it was, and holds no mark', () => {
    expect(opened(writeSlip(slip))).toEqual(slip);
  });

  test('holds any learner’s words, in any script', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme', minLength: 1, maxLength: 40 }),
        fc.dictionary(
          fc.string({ maxLength: 10 }).filter((name) => name !== '__proto__'),
          plain,
        ),
        (learner, response) => {
          const given = { learner, lesson: 'x', answers: [{ exercise: 'e', response }] };
          // What JSON keeps of it is what comes back.
          expect(opened(writeSlip(given))).toEqual(JSON.parse(JSON.stringify(given)));
        },
      ),
    );
  });

  test('cut off anywhere it is refused, with what to do', () => {
    const code = writeSlip(slip);
    for (let length = 0; length < code.length; length += 1) {
      expect(readSlip(code.slice(0, length))).toHaveProperty('error');
    }
    expect(readSlip(code.slice(0, -5))).toEqual({
      error: 'The slip is cut off or was changed: its check does not come out right.',
    });
  });

  test('changed in any one sign it is refused', () => {
    const code = writeSlip(slip);
    for (let at = 3; at < code.length; at += 1) {
      if (code[at] === '-') continue;
      const other = code[at] === '4' ? '5' : '4';
      expect(readSlip(code.slice(0, at) + other + code.slice(at + 1))).toHaveProperty('error');
    }
  });

  test.each([
    ['', 'This is not a slip: a slip begins with W1.'],
    ['<script>alert(1)</script>', 'This is not a slip: a slip begins with W1.'],
    ['{"learner":"Mina"}', 'This is not a slip: a slip begins with W1.'],
    ['W2-ABCD', 'This slip was written by a newer Wordane. Load the newest version first.'],
    ['W1-', 'The slip is cut off: most of it is missing.'],
  ])('%j says: %s', (code, error) => {
    expect(readSlip(code)).toEqual({ error });
  });

  test('too long or too deep is refused before it is unpacked', () => {
    expect(readSlip(`W1-${'0000-'.repeat(100_000)}`)).toEqual({
      error: 'This is too long for a slip.',
    });
    const deep = {
      learner: 'M',
      lesson: 'l',
      answers: [{ exercise: 'e', response: [[[[[[[[1]]]]]]]] }],
    };
    expect(readSlip(writeSlip(deep))).toEqual({ error: 'This is a code, but not that of a slip.' });
    // A few signs that unpack to very much.
    const bomb = {
      learner: 'M',
      lesson: 'l',
      answers: [{ exercise: 'e', response: 'a'.repeat(3_000_000) }],
    };
    expect(readSlip(writeSlip(bomb))).toHaveProperty('error');
  });

  test('what it brings is data: a script in it is a text like another', () => {
    const script = '<img src=x onerror=alert(1)>';
    const given = { ...slip, learner: script };
    expect(opened(writeSlip(given)).learner).toBe(script);
  });

  test('another making of an exercise has another print', () => {
    expect(printOf({ items: [1, 2] })).toBe(printOf({ items: [1, 2] }));
    expect(printOf({ items: [1, 2] })).not.toBe(printOf({ items: [2, 1] }));
  });
});
