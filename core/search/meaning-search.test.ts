import { describe, expect, test } from 'vitest';
import { completeClass, type ClassSettings } from '../classes/new-class';
import { testLexicon } from '../testing/test-lexicon';
import { explainWord, findWords, type WordQuery } from './find-words';

const lexicon = testLexicon();
const school = (value: string, step: number | null = null, more: ClassSettings = {}) =>
  completeClass({ name: 'Class', level: { system: 'uk', value }, step, ...more });
const a1 = completeClass({ name: 'A1', level: { system: 'cefr', value: 'A1' }, step: null });
const found = (query: WordQuery) => findWords(lexicon, query).groups.flatMap(({ words }) => words);
const words = (query: WordQuery) => found(query).map(({ entry }) => entry.word);

describe('parts, not letters', () => {
  const un = words({ prefix: 'un-' });
  test('the prefix un- is in unhappy and not in uncle, under, unit, uniform', () => {
    expect(un).toEqual(expect.arrayContaining(['unhappy', 'unfair', 'untie', 'unlock']));
    for (const word of ['uncle', 'under', 'unit', 'uniform', 'union', 'until', 'unless']) {
      expect(un).not.toContain(word);
    }
  });

  test('the suffix -er of a doer is in teacher and not in water', () => {
    const er = words({ suffix: 'er' });
    expect(er).toEqual(expect.arrayContaining(['teacher', 'farmer', 'singer']));
    for (const word of ['water', 'paper', 'flower', 'number']) expect(er).not.toContain(word);
  });

  test('ten un- words for a Year 3 class', () => {
    const offered = words({ prefix: 'un', class: school('Y3'), knows: 'secure', limit: 10 });
    expect(offered).toHaveLength(10);
    expect(offered).toContain('unhappy');
  });
});

describe('families', () => {
  test('forms and what is built on a word belong to it, whichever of them is asked for', () => {
    const family = ['happy', 'happier', 'happily', 'happiness', 'unhappy', 'unhappily'];
    expect(words({ family: 'happy' })).toEqual(expect.arrayContaining(family));
    expect(words({ root: 'unhappily' }).sort()).toEqual(words({ family: 'happy' }).sort());
  });

  test('forms fold under their headword', () => {
    const animals = found({ nameFor: 'animal', fold: true });
    expect(animals.map(({ entry }) => entry.word)).not.toContain('dogs');
    expect(animals.find(({ entry }) => entry.word === 'dog')?.forms).toContain('dogs');
  });
});

describe('what a noun is a name for', () => {
  test.each([
    ['animal', 'hedgehog', 'queen'],
    ['tool', 'hammer', 'soup'],
    ['part of the body', 'elbow', 'chair'],
    ['vehicle', 'tractor', 'tree'],
    ['fruit', 'banana', 'carrot'],
    ['colour', 'purple', 'table'],
    ['musical instrument', 'violin', 'song'],
  ])('%s: %s and not %s', (kind, name, other) => {
    const names = words({ nameFor: kind });
    expect(names).toContain(name);
    expect(names).not.toContain(other);
  });
});

describe('sounds alike', () => {
  test('homophones for Year 4, both of a pair within reach', () => {
    const pairs = found({ homophones: true, class: school('Y4'), knows: 'secure' });
    const shown = new Map(pairs.map(({ entry, partner }) => [entry.word, partner]));
    // Pairs that schools teach (National curriculum in England, English appendix 1, years 3 and 4 and before).
    expect(shown.get('meet')).toBe('meat');
    expect(shown.get('knight')).toBe('night');
    expect(shown.get('son')).toBe('sun');
    expect([...shown.values()].filter((word) => word?.includes("'"))).toEqual([]);
  });

  test('the words that sound like one', () => {
    expect(words({ homophoneOf: 'pair' })).toEqual(expect.arrayContaining(['pear', 'pare']));
  });
});

describe('opposites', () => {
  test('for A1 stand beside their words, both A1', () => {
    const pairs = found({ opposites: true, class: a1, knows: 'secure' });
    const shown = new Map(pairs.map(({ entry, partner }) => [entry.word, partner]));
    expect(shown.get('big')).toBe('small');
    expect(shown.get('hot')).toBe('cold');
    const late = [...shown].flat().filter((word) => lexicon.find(word ?? '')?.cefr !== 'A1');
    expect(late).toEqual([]);
  });

  test('of one word', () => {
    expect(words({ oppositeOf: 'happy' })).toContain('sad');
    expect(words({ oppositeOf: 'zog' })).toEqual([]);
  });
});

describe('the two vowels that ARPAbet writes alike', () => {
  test('sun has the strong one, about the weak one, and neither the other', () => {
    const strong = words({ sound: 'AH1' });
    const weak = words({ sound: 'AH0' });
    expect(strong).toEqual(expect.arrayContaining(['sun', 'mother', 'brush']));
    expect(weak).toEqual(expect.arrayContaining(['about', 'lemon', 'panda']));
    expect(strong).not.toContain('about');
    expect(weak).not.toContain('sun');
    expect(words({ sound: 'AH' }).length).toBeGreaterThan(Math.max(strong.length, weak.length));
  });

  test('the lit grapheme is the one that was asked for', () => {
    const [butter] = found({ sound: 'AH1', beginsWith: 'mustard', endsWith: 'mustard' });
    expect(butter?.matches.map((at) => butter.reading.units[at]?.grapheme)).toEqual(['u']);
  });

  test('a schwa has its own sign in the reasons', () => {
    const { conditions } = explainWord(lexicon, 'sun', { sound: 'AH0' });
    expect(conditions[0]).toMatchObject({ asks: 'has /ə/', met: false });
  });
});

describe('minimal pairs', () => {
  const pairs = (place: 'start' | 'middle' | 'end', pair: [string, string]) =>
    found({ minimalPair: pair, place, limit: 40 }).map(
      ({ entry, partner }) => `${entry.word} ${partner}`,
    );
  test('differ in the place that was asked for', () => {
    expect(pairs('start', ['P', 'B'])).toContain('pig big');
    expect(pairs('end', ['P', 'B'])).toContain('cap cab');
    expect(pairs('middle', ['IH', 'IY'])).toContain('ship sheep');
    expect(pairs('start', ['P', 'B'])).not.toContain('cap cab');
  });

  test('come with the easiest pair first, and have no contraction', () => {
    const all = found({ minimalPair: ['IH', 'IY'], class: a1, knows: 'any' });
    const levels = all
      .slice(0, 60)
      .map(({ entry, partner }) => Math.max(entry.level, lexicon.find(partner ?? '')?.level ?? 0));
    expect([...levels].sort((left, right) => left - right)).toEqual(levels);
    expect(all.filter(({ entry, partner }) => /'/.test(entry.word + partner))).toEqual([]);
  });
});

describe('word classes as a school meets them', () => {
  test('game is no verb, and what is met as a verb first stands in front', () => {
    const verbs = words({ wordClass: 'verb' });
    expect(verbs).not.toContain('game');
    // A brush is a thing before anybody brushes with it.
    expect(verbs).toEqual(expect.arrayContaining(['run', 'brush']));
    expect(verbs.indexOf('run')).toBeLessThan(verbs.indexOf('brush'));
  });
});

describe('a class’s question', () => {
  test('short a for Reception at step 10: sixty words, the known ones first', () => {
    const reception = school('Rec', 10);
    const query = { sound: 'AE', pattern: 'CVC', class: reception, knows: 'secure' } as const;
    const list = found(query).map(({ entry }) => entry);
    expect(list.length).toBeGreaterThanOrEqual(60);
    const firstUnknown = list.findIndex(({ level }) => level > 0.5);
    expect(list.slice(firstUnknown).every(({ level }) => level > 0.5)).toBe(true);
    expect(list.slice(0, 25).map(({ word }) => word)).toEqual(
      expect.arrayContaining(['cat', 'hat', 'man', 'bag']),
    );
  });

  test('food with pictures for A1', () => {
    const food = words({ topic: 'food', pictured: true, class: a1, knows: 'secure' });
    expect(food.length).toBeGreaterThanOrEqual(15);
    expect(food).toEqual(expect.arrayContaining(['egg', 'apple', 'bread', 'cheese']));
    expect(food).not.toContain('date');
  });

  test('what is kept back is not offered, and is offered again where the class says so', () => {
    const query = { sound: 'AH', pattern: 'CVC', knows: 'any' } as const;
    const year2 = school('Y2', 23);
    expect(words({ ...query, class: year2 })).not.toContain('gun');
    expect(words({ ...query, class: { ...year2, shownWords: ['gun'] } })).toContain('gun');
    expect(words({ ...query, class: { ...year2, offerAge: 11 } })).toContain('gun');
    expect(
      words({ ...query, class: { ...year2, offerAge: 11, hiddenWords: ['gun'] } }),
    ).not.toContain('gun');
  });
});
