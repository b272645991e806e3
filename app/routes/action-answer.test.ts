import { describe, expect, test } from 'vitest';
import { BackupError } from '~core/records/backup-error';
import { ChangeError } from '~/operations/operation';
import { InvalidChange } from '~/storage/change';
import { answer, FULL_DISK, isFullDisk, unknownIntent } from './action-answer';

const failing = (error: unknown) =>
  answer(() => {
    throw error;
  });

describe('how an action answers', () => {
  test('done, with what there is to say', async () => {
    expect(await answer(async () => {})).toEqual({ ok: true });
    expect(await answer(async () => Promise.resolve(['Two words were there already.']))).toEqual({
      ok: true,
      notes: ['Two words were there already.'],
    });
  });

  test('what is not valid says so at its field', async () => {
    const problems = [{ field: 'name', text: 'A class needs a name.' }];
    expect(await failing(new InvalidChange(problems as never))).toEqual({
      ok: false,
      message: 'A class needs a name.',
      fields: problems,
    });
  });

  test('what cannot be done says why', async () => {
    for (const error of [new ChangeError('It was removed.'), new BackupError('It was removed.')]) {
      expect(await failing(error)).toEqual({ ok: false, message: 'It was removed.' });
    }
  });

  // The Storage Standard of the WHATWG names the error QuotaExceededError.
  test('a full disk can be tried again, and says what frees room', async () => {
    const full = new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    expect(isFullDisk(full)).toBe(true);
    expect(await failing(full)).toEqual({ ok: false, message: FULL_DISK, full: true });
    expect(isFullDisk('QuotaExceededError')).toBe(false);
  });

  test('what nobody foresaw is not swallowed', async () => {
    await expect(failing(new TypeError('x is undefined'))).rejects.toThrow('x is undefined');
  });

  test('an intent of another version changes nothing, and says so', () => {
    const said = unknownIntent('fly');
    expect(said).toMatchObject({ ok: false });
    expect(said.ok ? '' : said.message).toMatch(/“fly”.*Nothing was changed/);
  });
});
