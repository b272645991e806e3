import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { makerInfo, recipeProblems } from '../exercises/catalogue';
import { makeExercise } from '../exercises/make-exercise';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { fromCase, toCase, toCsv } from './case-json';
import { coverageOf, servedBy } from './coverage';
import { findStandards, gradesOf, standardsOfClass } from './of-class';
import { practisedBy, soughtBy, suggestionsFor } from './serves';
import { MOST_STANDARDS, standardsFrom, standardsFromTable } from './standard';

const table = readFileSync(new URL('../../data/standards/standards.tsv', import.meta.url), 'utf8');
const { standards, problems } = standardsFromTable(table);
const byCode = (code: string) => {
  const found = standards.find((each) => each.code === code);
  if (!found) throw new Error(code);
  return found;
};

const held = (maker: string, words: readonly string[], parameters = {}) => ({
  maker,
  parameters,
  task: makeExercise({ maker, words, parameters, seed: 2 }, testLexicon(), testMeanings()).task,
});

describe('the shipped table', () => {
  test('is read without a problem, each code once in its set', () => {
    expect(problems).toEqual([]);
    expect(standards).toHaveLength(905);
  });

  test('has the codes of the Common Core as they are published', () => {
    // Common Core State Standards, ELA, 2010: Reading Foundational Skills, Language and Reading, K to 8.
    for (const code of ['RF.K.2', 'RF.1.3.c', 'L.2.1.d', 'L.8.1', 'RL.5.2', 'RI.8.4']) {
      expect(byCode(code).set).toBe('ccss');
    }
    const grades = new Set(standards.filter(({ set }) => set === 'ccss').map(({ grade }) => grade));
    expect([...grades].sort()).toEqual(['1', '2', '3', '4', '5', '6', '7', '8', 'K']);
  });
});

describe('what a standard suggests', () => {
  test('is made by an exercise that there is, with settings that it knows', () => {
    const wrong = standards.flatMap(({ code, serves }) =>
      suggestionsFor(serves).flatMap(({ maker, parameters }) =>
        recipeProblems(maker, parameters).map((problem) => `${code} ${maker}: ${problem}`),
      ),
    );
    expect(wrong).toEqual([]);
  });

  test('is something for nine of ten standards that ask what can be made', () => {
    // Speaking and listening are for the room, not for a sheet.
    const asking = standards.filter(({ serves }) =>
      serves.some((key) => !['speaking', 'listening'].includes(key)),
    );
    const served = asking.filter(({ serves }) => suggestionsFor(serves).length > 0);
    expect(served.length / asking.length).toBeGreaterThan(0.9);
  });

  test('of a spelling is its words and the exercise of missing letters', () => {
    // Year 1, the spelling appendix: ai and oi; the code is ours.
    const ai = standards.find(({ serves }) => serves.includes('spelling:ai'));
    expect(soughtBy(ai?.serves ?? [])?.spellings).toContain('ai');
    expect(suggestionsFor(ai?.serves ?? []).map(({ maker }) => maker)).toContain(
      'missing-grapheme',
    );
  });

  test('of a structure is an exercise about just it', () => {
    expect(suggestionsFor(['structure:passive'])[0]).toEqual({
      maker: 'same-meaning',
      parameters: { grammar: 'passive' },
      serves: 'structure:passive',
    });
  });
});

describe('what an exercise practises', () => {
  test('is the letters that are missing in it, a split spelling as one', () => {
    const keys = practisedBy(held('missing-grapheme', ['rain', 'lake', 'day', 'train', 'wave']));
    expect([...keys]).toEqual(
      expect.arrayContaining(['spelling:ai', 'spelling:a_e', 'spelling:ay']),
    );
    expect(keys.has('spelling:oa')).toBe(false);
  });

  test('is its ending, its structure, its kind of reading', () => {
    expect(practisedBy(held('build-ing', ['hop', 'run', 'make'])).has('suffix:ing')).toBe(true);
    const passive = { grammar: 'passive' };
    expect(practisedBy(held('same-meaning', [], passive)).has('structure:passive')).toBe(true);
    expect(practisedBy(held('same-meaning', [], passive)).has('structure:question')).toBe(false);
    expect(
      practisedBy(held('sort-by-topic', ['rain', 'cow', 'pig', 'snow'])).has('categories'),
    ).toBe(true);
  });
});

describe('what a class has met', () => {
  const exercises = [held('missing-grapheme', ['rain', 'train', 'hail', 'snail'])];
  const year1 = standardsOfClass(standards, { system: 'uk', value: 'Y1' });

  test('its standards are those of its set and grade; years 3 and 4 are one', () => {
    expect(year1.every(({ set, grade }) => set === 'nc-england' && grade === 'Y1')).toBe(true);
    // The national curriculum in England states years 3–4 and 5–6 together.
    expect(gradesOf({ system: 'uk', value: 'Y4' })).toEqual(['Y3', 'Y4']);
    expect(gradesOf({ system: 'us', value: 'G2' })).toEqual(['2']);
    expect(standardsOfClass(standards, { system: 'cefr', value: 'B1' })).toHaveLength(19);
  });

  test('a lesson on ai serves the standard of ai, not that of oa; what was chosen comes first', () => {
    const served = servedBy({ chosen: [], exercises }, year1);
    const keys = served.flatMap(({ by }) => by);
    expect(keys).toContain('spelling:ai');
    expect(keys).not.toContain('spelling:oa');
    const other = year1.find(({ code }) => !served.some(({ standard }) => standard.code === code));
    if (!other) throw new Error('all are served');
    const chosen = servedBy({ chosen: [`nc-england:${other.code}`], exercises }, year1);
    expect(chosen[0]).toMatchObject({ standard: other, chosen: true, by: [] });
  });

  test('the year shows what was taught when, and what not yet', () => {
    const lessons = [
      { id: 'b', title: 'Later', date: '2026-11-20', chosen: [], exercises },
      { id: 'a', title: 'First', date: '2026-09-14', chosen: [], exercises },
      { id: 'c', title: 'Some day', chosen: [], exercises },
    ];
    const covered = coverageOf(lessons, year1);
    expect(covered).toHaveLength(year1.length);
    const met = covered.find(({ standard }) => standard.serves.includes('spelling:ai'));
    expect(met?.lessons.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
    const not = covered.find(({ standard }) => standard.serves.includes('spelling:oa'));
    expect(not?.lessons).toEqual([]);
  });

  test('a search finds by code, strand and wording together', () => {
    expect(findStandards(standards, 'RF.1.3').length).toBeGreaterThan(3);
    expect(findStandards(standards, 'passive').length).toBeGreaterThan(0);
    expect(findStandards(standards, 'qqq')).toEqual([]);
  });
});

describe('exchange', () => {
  const some = standards.filter(({ set, grade }) => set === 'ccss' && grade === '2');

  test('a CASE package has what the open standard asks of one, and comes back as it was', () => {
    const made = toCase(some, '2026-11-27T08:00:00Z') as {
      CFDocument: Record<string, unknown>;
      CFItems: Record<string, unknown>[];
    };
    // 1EdTech CASE 1.0, information model: required fields of CFDocument and CFItem.
    for (const field of ['identifier', 'uri', 'creator', 'title', 'lastChangeDateTime']) {
      expect(made.CFDocument[field]).toBeTypeOf('string');
    }
    const ids = made.CFItems.map(({ identifier }) => String(identifier));
    expect(new Set(ids).size).toBe(some.length);
    // RFC 9562, 4: the version and variant of a UUID.
    for (const id of ids) {
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    }
    expect(made.CFItems[0]?.['educationLevel']).toEqual(['02']);
    expect(fromCase(JSON.stringify(made))).toEqual({ standards: some, problems: [] });
  });

  test('CSV quotes what has a comma in it', () => {
    const csv = toCsv(some);
    expect(csv.split('\r\n')[0]).toBe('set,code,grade,strand,wording,serves,source');
    const comma = some.find(({ wording }) => wording.includes(','));
    if (comma) expect(csv).toContain(`"${comma.wording}"`);
  });

  test('5,000 standards are read; two of one code are said; what is no package is refused', () => {
    const rows = Array.from({ length: 5000 }, (_, at) => ({
      set: 'District',
      code: `D.${at}`,
      wording: `Thing ${at}`,
    }));
    expect(standardsFrom(rows).standards).toHaveLength(5000);
    const twice = standardsFrom([...rows.slice(0, 2), { ...rows[0], wording: 'Another thing' }]);
    expect(twice.standards).toHaveLength(2);
    expect(twice.problems[0]).toContain('D.0 stands twice');
    expect(standardsFrom(Array(MOST_STANDARDS + 1).fill(rows[0])).problems.at(-1)).toContain(
      'Only the first',
    );
    expect(fromCase('{"a":1}').problems[0]).toContain('CFItems');
    expect(fromCase('{').problems[0]).toContain('not JSON');
    expect(
      fromCase(JSON.stringify({ CFItems: [{ fullStatement: 'x' }, null], CFAssociations: [{}] }))
        .problems,
    ).toHaveLength(3);
  });
});

test('every exercise that the table names is one', () => {
  const named = standards.flatMap(({ serves }) => suggestionsFor(serves).map(({ maker }) => maker));
  expect([...new Set(named)].filter((maker) => makerInfo(maker) === undefined)).toEqual([]);
});
