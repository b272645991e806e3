import { describe, expect, test } from 'vitest';
import { japaneseSentences } from './japanese-sentences';
import { particleGroups, particleSentences } from './particle-sentences';
import { changeVoice, voiceClauses } from './voice';

describe('particles', () => {
  test('each sentence has one gap, its key among the particles that are offered', () => {
    for (const { before, after, right, meaning, why } of particleSentences) {
      expect(`${before}${after}`).not.toMatch(/[{}/]/);
      expect(after).toMatch(/[。]$/);
      for (const particle of right) expect(japaneseSentences.smallWords).toContain(particle);
      expect(new Set(right).size).toBe(right.length);
      expect(meaning).toMatch(/[.?]$/);
      expect(why).not.toBe('');
    }
    const whole = particleSentences.map(({ before, after, right }) => before + right[0] + after);
    // A sentence may come twice, with another of its particles taken out.
    const gaps = particleSentences.map(({ before, after }) => `${before}|${after}`);
    expect(new Set(gaps).size).toBe(gaps.length);
    expect(whole.every((sentence) => /^[\p{L}\p{N}ー 。]+$/u.test(sentence))).toBe(true);
  });

  test('every group has sentences enough for a sheet', () => {
    for (const group of Object.keys(particleGroups)) {
      expect(japaneseSentences.withoutSmallWord(group).length, group).toBeGreaterThanOrEqual(4);
    }
  });

  // Which particle goes with which verb: as in any reference grammar (from memory).
  test.each([
    ['あいました', ['に', 'と']],
    ['のりました', ['に']],
    ['もらいました', ['に', 'から']],
    ['とびます', ['を']],
    ['すきです', ['が']],
    ['おきます', ['に']],
    ['かえりました', ['に', 'へ']],
  ])('with %s: %o', (verb, right) => {
    const found = particleSentences
      .filter(({ after }) => after.includes(verb))
      .filter(({ right: [key = ''] }) => right.includes(key));
    expect(found.map((each) => [...each.right].sort())).toContainEqual([...right].sort());
  });
});

describe('active and passive', () => {
  const of = (verb: string) => {
    const found = voiceClauses.find((each) => each.verb === verb);
    if (!found) throw new Error(verb);
    return found;
  };

  // Passives of the three classes (from memory; as any table of forms has them).
  test.each([
    ['とばす', 'ぼうしが かぜに とばされました。'],
    ['ふさぐ', 'みちが ゆきに ふさがれました。'],
    ['おう', 'ねこが いぬに おわれました。'],
    ['よぶ', 'ミナが せんせいに よばれました。'],
    ['しかる', 'おとうとが ははに しかられました。'],
    ['ほめる', 'アナが せんせいに ほめられました。'],
    ['たべる', 'さかなが ねこに たべられました。'],
    ['しょうたいする', 'アナが ケンに しょうたいされました。'],
    ['かく', 'この ほんが せんせいによって かかれました。'],
    ['たてる', 'この はしが むらの ひとによって たてられました。'],
  ])('%s: %s', (verb, passive) => {
    expect(changeVoice(of(verb), 'passive').right[0]).toBe(passive);
  });

  test('the participants stand in either order, は for が; によって where something is made', () => {
    const { right } = changeVoice(of('とばす'), 'passive');
    expect(right).toContain('かぜに ぼうしが とばされました。');
    expect(right).toContain('ぼうしは かぜに とばされました。');
    expect(right).toContain('ぼうしがかぜによってとばされました。');
    const book = changeVoice(of('かく'), 'passive').right;
    expect(book.filter((sentence) => sentence.includes('せんせいに '))).toEqual([]);
  });

  test('back again: the active of a passive is the sentence it was made from', () => {
    for (const each of voiceClauses) {
      const [passive, active] = [changeVoice(each, 'passive'), changeVoice(each, 'active')];
      expect(active.right).toContain(passive.given);
      expect(passive.right).toContain(active.given);
      expect(new Set(passive.right).size).toBe(passive.right.length);
    }
  });
});
