import { describe, expect, test } from 'vitest';
import { codeFrom } from '~core/room/messages';
import { ownerOf, Register } from './register';

const secret = 'a-secret-of-a-teacher';

describe('which rooms there are', () => {
  test('every room has a code of its own that can be typed', () => {
    const register = new Register();
    const codes = Array.from({ length: 300 }, (_, at) => register.open(`${secret}-${at}`)?.code);
    expect(new Set(codes).size).toBe(300);
    for (const code of codes) expect(codeFrom(code ?? '')).toBe(code);
  });

  test('who has the secret comes back to her room; who has the code alone gets another', () => {
    const register = new Register();
    const own = register.open(secret);
    expect(register.open(secret, own?.code)?.code).toBe(own?.code);
    const stolen = register.open('another-secret-key', own?.code);
    expect(stolen?.code).not.toBe(own?.code);
    expect(register.open(secret, own?.code)?.code).toBe(own?.code);
  });

  test('the secret itself is nowhere kept', () => {
    const register = new Register();
    register.open(secret);
    expect(JSON.stringify(register.all())).not.toContain(secret);
    // SHA-256 as base64 has 44 signs (FIPS 180-4, RFC 4648).
    expect(ownerOf(secret)).toHaveLength(44);
  });

  test('a server that was started anew gives the teacher her code again', () => {
    const before = new Register().open(secret)?.code;
    expect(new Register().open(secret, before)?.code).toBe(before);
  });

  test('a room that was closed, or left alone for hours, is forgotten', () => {
    const register = new Register();
    const one = register.open(secret)?.code ?? '';
    register.close(one);
    expect(register.has(one)).toBe(false);
    const other = register.open(secret)?.code ?? '';
    register.tidy(Date.now() + 5 * 3_600_000);
    expect(register.has(other)).toBe(true);
    register.tidy(Date.now() + 7 * 3_600_000);
    expect(register.has(other)).toBe(false);
  });

  test('what another process opened is known here, and does not replace what is', () => {
    const register = new Register();
    const own = register.open(secret);
    if (!own) throw new Error('a room');
    register.learn({ code: own.code, owner: ownerOf('somebody-else-entirely'), seen: 0 });
    expect(register.open(secret, own.code)?.code).toBe(own.code);
    register.learn({ code: 'BCDFGH', owner: ownerOf('a-third-secret-key'), seen: Date.now() });
    expect(register.has('BCDFGH')).toBe(true);
  });

  test('there is an end to how many there can be', () => {
    const register = new Register();
    for (let at = 0; at < 2000; at += 1) register.open(`${secret}-${at}`);
    expect(register.open('one-more-secret-key')).toBeUndefined();
    // Who has hers can still come back to it.
    const own = register.all()[7];
    expect(register.open(`${secret}-7`, own?.code)?.code).toBe(own?.code);
  });
});
