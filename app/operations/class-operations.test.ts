import { describe, expect, test } from 'vitest';
import type { ClassProfile } from '~core/classes/class-profile';
import { sequenceOf } from '~core/classes/class-sequence';
import { kestrels } from '~core/testing/test-lexicon';
import { classOperations } from './class-operations';
import { ChangeError } from './operation';
import { keptAfter } from './testing/kept-after';

const profile = () => kestrels({ roster: [], step: 10 });

const kept = keptAfter<ClassProfile>('classes', classOperations);

const after = (present: ClassProfile, intent: string, input: object) => {
  const { kept: profile, label } = kept(present, intent, input);
  return { profile, label };
};

describe('settings', () => {
  test.each([
    [{ offerAge: 8 }, 'Changed the class’s words offered'],
    [{ wordSpaces: false }, 'Changed the class’s spaces between words'],
    [{ hand: 'print' }, 'Changed the class’s school hand'],
    [{ paper: 'letter' }, 'Changed the class’s paper'],
  ])('%o', (fields, says) => {
    const { profile: changed, label } = after(profile(), 'change', { fields });
    expect(changed).toMatchObject(fields);
    expect(label).toBe(says);
  });

  test('what a class cannot be is refused by its record', () => {
    expect(() => after(profile(), 'change', { fields: { look: 'gothic' } })).toThrow(/look/);
  });
});

describe('the roster', () => {
  const withTwo = () => after(profile(), 'add-learners', { names: 'Mina\nOmar' }).profile;
  const idOf = ({ roster }: ClassProfile, name: string) =>
    roster.find((each) => each.name === name)?.id ?? '';

  test('names come in once, each with an id of its own', () => {
    const more = after(withTwo(), 'add-learners', { names: 'omar\nNoor\n\nNoor' }).profile;
    expect(more.roster.map(({ name }) => name)).toEqual(['Mina', 'Omar', 'Noor']);
    expect(new Set(more.roster.map(({ id }) => id)).size).toBe(3);
  });

  test('a version, a home language and a group are one learner’s alone; empty takes them away', () => {
    const two = withTwo();
    const learner = idOf(two, 'Mina');
    const all = [
      ['learner-version', { learner, version: 'support' }],
      ['learner-home', { learner, home: 'fr' }],
      ['learner-fact', { learner, fact: 'group', text: 'Swifts' }],
    ] as const;
    const set = all.reduce(
      (present, [intent, input]) => after(present, intent, input).profile,
      two,
    );
    expect(set.roster[0]).toMatchObject({
      name: 'Mina',
      version: 'support',
      home: 'fr',
      group: 'Swifts',
    });
    expect(set.roster[1]).toEqual(two.roster[1]);
    const bare = after(set, 'learner-home', { learner, home: '' }).profile;
    expect('home' in (bare.roster[0] ?? {})).toBe(false);
    expect(
      after(bare, 'learner-fact', { learner, fact: 'group', text: ' ' }).profile.roster[0],
    ).not.toHaveProperty('group');
  });

  test('undo names who was removed, also when another tab was first', () => {
    const two = withTwo();
    const removed = after(two, 'remove-learner', { learner: idOf(two, 'Omar') });
    expect([removed.label, removed.profile.roster.map(({ name }) => name)]).toEqual([
      'Removed Omar',
      ['Mina'],
    ]);
    expect(after(removed.profile, 'remove-learner', { learner: 'gone' }).label).toBe(
      'Removed A learner',
    );
  });
});

describe('words of the class', () => {
  test.each([
    ['known', 'known', 'knownWords'],
    ['hide', 'hidden', 'hiddenWords'],
    ['show', 'shown', 'shownWords'],
  ] as const)('%s: a word stands there once, and goes again', (intent, field, list) => {
    const once = after(profile(), intent, { word: 'gauge', [field]: true }).profile;
    const twice = after(once, intent, { word: 'gauge', [field]: true }).profile;
    expect(twice[list]?.filter((word) => word === 'gauge')).toEqual(['gauge']);
    expect(after(twice, intent, { word: 'gauge', [field]: false }).profile[list]).not.toContain(
      'gauge',
    );
  });
});

describe('the sequence that it is taught by', () => {
  test('the default becomes its own at the first change; going back drops it', () => {
    const renamed = after(profile(), 'step-title', { number: 1, text: 'First letters' }).profile;
    expect(renamed.sequence?.steps[0]?.title).toBe('First letters');
    expect(renamed.sequence?.name).toContain('Kestrels');
    expect(after(renamed, 'default-sequence', {}).profile.sequence).toBeNull();
  });

  test('a class never stands behind the last step', () => {
    const many = sequenceOf(profile()).steps.length;
    expect(after(profile(), 'step', { step: many + 50 }).profile.step).toBe(many);
    const atEnd = after(profile(), 'step', { step: many }).profile;
    const shorter = after(atEnd, 'remove-step', { number: 1, title: 's' }).profile;
    expect(shorter.step).toBe(many - 1);
  });

  test('a step is added, moved and removed; the others keep their order', () => {
    const before = sequenceOf(profile()).steps.map(({ title }) => title);
    const added = after(profile(), 'add-step', { after: 1 }).profile;
    expect(sequenceOf(added).steps).toHaveLength(before.length + 1);
    const removed = after(added, 'remove-step', { number: 2, title: '' }).profile;
    expect(sequenceOf(removed).steps.map(({ title }) => title)).toEqual(before);
    const moved = after(profile(), 'move-step', { number: 1, to: 2 }).profile;
    expect(
      sequenceOf(moved)
        .steps.map(({ title }) => title)
        .slice(0, 2),
    ).toEqual(before.slice(0, 2).reverse());
  });

  test('spellings that cannot be read change nothing, and it is said which', () => {
    expect(() => after(profile(), 'step-teaches', { number: 1, text: 'zz9=/qq/' })).toThrow(
      ChangeError,
    );
    expect(() => after(profile(), 'step-teaches', { number: 1, text: 'zz9=/qq/' })).toThrow(
      /Nothing was changed/,
    );
  });

  test('words by sight are read at any comma or blank', () => {
    const { profile: changed } = after(profile(), 'step-sight', {
      number: 1,
      text: 'the, of;  was\nsaid',
    });
    expect(changed.sequence?.steps[0]?.sightWords).toEqual(['the', 'of', 'was', 'said']);
  });
});
