import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';

const lexicon = testLexicon();
const order = ['A1', 'A2', 'B1', 'B2', 'C1'];

/**
 * Words of each CEFR level as language courses teach them; written from memory
 * for this test (common practice), and kept apart from the words that the cuts
 * of the scale were set with.
 */
const levels: Readonly<Record<string, string>> = {
  A1: `apple bag bed bird black book boy bread brother car cat chair cold coffee day dog door drink eat eye family
    father fish food friend girl good green hand happy hat help hot house milk mother name new night old open read red
    school sister sit sleep small table teacher tree water white window write year`,
  A2: `airport angry beach borrow bridge busy cheap climb cloud cook dangerous dictionary exam expensive factory
    farmer festival forest guest guitar healthy hill island kitchen lake lend library map market message mirror
    mountain museum noisy pocket police quiet rain repair sandwich shelf snow storm sugar ticket tired towel umbrella
    uncle visit weather wind`,
  B1: `advice amount behave boil bottom calm celebrate climate complain condition confident crowd damage delay describe
    disappear disappointed discuss earn effort environment escape experience flood freeze furniture habit
    improve instead interview journey legal luggage memory nervous opinion pattern pollution prefer
    promise quality receive refuse repeat respect serious skill source succeed suggest temperature treat`,
  B2: `accurate acquire adapt aggressive ambitious approach assess assume atmosphere benefit capable circumstances
    commit comprehensive consequence considerable consumption contrast convince crucial decline demand emphasis
    enable estimate evaluate expand extent facilities frequently fundamental generate impact indicate influence
    interpret justify maintain obstacle occur participate phenomenon potential precise predict process
    reluctant resource reveal significant sufficient sustain tendency vast visible`,
  C1: `abolish adhere adverse ambiguous arbitrary attain coherent compelling concede conceive constrain contemplate
    cumbersome deduce degradation deteriorate disclose discrepancy diverse elaborate eloquent empirical
    encompass endeavor erode explicit feasible fluctuate foster hinder implicit imply incentive
    inevitable inherent intricate meticulous mitigate notion nuance obsolete paradox persist plausible pragmatic
    prevail profound prudent reconcile redundant resilient rigorous scrutiny subtle tedious undermine viable`,
};

describe('the level of a word', () => {
  const judged = Object.entries(levels).flatMap(([level, words]) =>
    words
      .trim()
      .split(/\s+/)
      .map((word) => ({ word, level, entry: lexicon.find(word) })),
  );
  const known = judged.filter((each) => each.entry !== undefined);
  const distance = ({ level, entry }: (typeof judged)[number]) =>
    Math.abs(order.indexOf(level) - order.indexOf(entry?.cefr ?? 'A1'));

  test('is within one CEFR level for more than 98 of 100 words', () => {
    expect(known.length).toBeGreaterThan(250);
    const near = known.filter((each) => distance(each) <= 1).length;
    expect(near / known.length).toBeGreaterThan(0.98);
  });

  test('is exactly right for more than 74 of 100', () => {
    const right = known.filter((each) => distance(each) === 0).length;
    expect(right / known.length).toBeGreaterThan(0.74);
  });

  // Dolch (1936), the pre-primer and primer service words, from memory: a first reader knows them all.
  test('the first service words are words of the first years', () => {
    const service = `a and away big blue can come down find for funny go help here I in is it jump little look make me my
      not one play red run said see the three to two up we where yellow you all am are at ate be black brown but came
      did do eat four get good have he into like must new no now on our out please pretty ran ride saw say she so soon
      that there they this too under want was well went what white who will with yes`;
    const late = service
      .trim()
      .split(/\s+/)
      .filter((word) => (lexicon.find(word)?.level ?? 99) > 3);
    expect(late).toEqual([]);
  });
});
