import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { Random } from '../../kernel/random';
import { contrasts, typeSets } from '../../languages/en/sentence-sets/sentence-sets';
import { testLexicon } from '../../testing/test-lexicon';
import { asSpelled, forClass } from './for-class';

const lexicon = testLexicon();
const classOf = (system: 'uk' | 'us' | 'cefr', value: string) =>
  completeClass({ id: 'c', name: 'C', level: { system, value } as never, step: null });
const ordered = (profile: ReturnType<typeof classOf> | undefined, seed = 3) =>
  forClass(typeSets, { profile, lexicon, random: new Random(seed) }, ({ statement }) => statement);

describe('sentences for a class', () => {
  test.each([
    ['uk', 'Y2', 'child'],
    ['uk', 'Y7', 'school'],
    ['us', 'G6', 'school'],
    ['cefr', 'B1', 'adult'],
  ] as const)('%s %s: those for a %s first, then the others', (system, value, who) => {
    const rows = ordered(classOf(system, value));
    expect(rows).toHaveLength(typeSets.length);
    const own = typeSets.filter((row) => row.who === who).length;
    expect(rows.slice(0, own).every((row) => row.who === who)).toBe(true);
  });

  test('the seed settles the order, and nothing is lost', () => {
    const profile = classOf('uk', 'Y4');
    expect(ordered(profile)).toEqual(ordered(profile));
    expect(ordered(profile, 4)).not.toEqual(ordered(profile));
    expect(new Set(ordered(profile)).size).toBe(typeSets.length);
  });

  test('what the class can read comes first among its own', () => {
    const rows = forClass(
      contrasts.filter(({ contrast }) => contrast === 'past-simple/past-perfect'),
      { profile: classOf('cefr', 'A2'), lexicon, random: new Random(1) },
      ({ sentence }) => sentence,
    );
    expect(rows[0]?.who).toBe('adult');
  });
});

describe('as a class spells it', () => {
  const us = { profile: classOf('us', 'G4'), lexicon };
  const uk = { profile: classOf('uk', 'Y4'), lexicon };
  test.each([
    ["Mum's favourite colour is grey.", 'Mom’s favorite color is gray.'],
    ['"Look!" said Mum.', '“Look!” said Mom.'],
    ['It ends with a full stop.', 'It ends with a period.'],
  ])('%s', (written, american) => {
    expect(asSpelled(written, { ...us, profile: { ...us.profile, spelling: 'us' } })).toBe(
      american,
    );
  });

  test.each([
    ["It isn't Bram's.", 'It isn’t Bram’s.'],
    ['"Look!" said Mum.', '“Look!” said Mum.'],
    ["the twins' boots", 'the twins’ boots'],
  ])('%s is printed with its own marks', (written, printed) => {
    expect(asSpelled(written, { ...uk, profile: { ...uk.profile, spelling: 'uk' } })).toBe(printed);
  });
});
