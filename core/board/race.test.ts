import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Random } from '../kernel/random';
import { hasPairs, isCleared, newPairs, pairsOfEach, turnCard } from './pairs-game';
import { hasRace, newRace, RACE_GOAL, raceTask, raceWinner, skip, touch } from './race';

const item = (question: string, answer: string, wrong?: readonly string[]) => ({
  id: question,
  question,
  answer,
  reason: '',
  ...(wrong ? { wrong } : {}),
});
/** Words under headings, as a sort has them. */
const sorted = [
  ...['rain', 'hail', 'train'].map((word) => item(word, 'ai')),
  ...['day', 'spray', 'stay'].map((word) => item(word, 'ay')),
  ...['gale', 'lake', 'wave'].map((word) => item(word, 'a–e')),
];

describe('a race', () => {
  test('has the headings of a sort to choose from, and the same ones for both', () => {
    expect(hasRace(sorted)).toBe(true);
    const { tasks } = newRace(sorted, new Random(3));
    expect(tasks).toHaveLength(9);
    for (const { answer, options } of tasks) {
      expect([...options[0]].sort()).toEqual(['a–e', 'ai', 'ay'].sort());
      expect([...options[1]].sort()).toEqual([...options[0]].sort());
      expect(options[0]).toContain(answer);
    }
  });

  test('gaps lend each other no answers: what fits one may fit another', () => {
    const gaps = ['wind', 'rain', 'hail', 'snow', 'frost', 'wind'].map((word, at) =>
      item(`${at} The ____ came.`, word),
    );
    expect(hasRace(gaps)).toBe(false);
    // Answers that an exercise itself calls wrong may be used.
    const choices = gaps.map((each) => ({ ...each, wrong: ['cheese'] }));
    expect(hasRace(choices)).toBe(true);
    for (const { options } of newRace(choices, new Random(1)).tasks) {
      expect(options[0]).toContain('cheese');
      expect(options[0]).toHaveLength(2);
    }
  });

  test('a word that stands under two headings is never asked against the other', () => {
    const both = [...sorted, item('rain', 'ay')];
    for (const { question, options } of newRace(both, new Random(5)).tasks) {
      if (question === 'rain') expect(options[0].filter((each) => each !== 'a–e')).toHaveLength(1);
    }
  });

  test('right first has the point; wrong waits; both wrong, and the next comes', () => {
    let race = newRace(sorted, new Random(7));
    const now = () => raceTask(race) ?? { answer: '', options: [[], []] as const };
    const wrong = () => now().options[0].find((each) => each !== now().answer) ?? '';
    race = touch(race, 0, wrong());
    expect(race.out).toEqual([true, false]);
    // Who waits cannot touch again, not even the right one.
    expect(touch(race, 0, now().answer)).toBe(race);
    race = touch(race, 1, now().answer);
    expect(race.points).toEqual([0, 1]);
    expect(race.out).toEqual([false, false]);
    const before = race.at;
    race = touch(touch(race, 1, wrong()), 0, wrong());
    expect(race.at).toBe(before + 1);
    expect(race.points).toEqual([0, 1]);
    race = skip(race);
    expect(race.at).toBe(before + 2);
  });

  test('it ends at its goal, or with its questions, and then nothing counts', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(0 as const, 1 as const), fc.nat({ max: 2 })), {
          maxLength: 60,
        }),
        fc.nat(),
        (touches, seed) => {
          let race = newRace(sorted, new Random(seed));
          for (const [team, which] of touches) {
            const before = race;
            race = touch(race, team, raceTask(race)?.options[team][which] ?? '');
            const points = race.points[0] + race.points[1];
            expect(points - before.points[0] - before.points[1]).toBeLessThanOrEqual(1);
            if (raceWinner(before) !== undefined) expect(race).toBe(before);
          }
          expect(Math.max(...race.points)).toBeLessThanOrEqual(RACE_GOAL);
          if (!raceTask(race)) expect(raceWinner(race)).toBeDefined();
        },
      ),
    );
  });
});

describe('pairs at the board', () => {
  const items = [...'abcdefgh'].map((id) => item(`${id}?`, `${id}!`));

  test('need four that cannot be taken for each other', () => {
    expect(hasPairs(items.slice(0, 4))).toBe(true);
    expect(hasPairs(items.slice(0, 3))).toBe(false);
    // One answer for all is no pair.
    expect(hasPairs(sorted)).toBe(false);
  });

  test('whoever turns what, each pair is found by one team, and all are found in the end', () => {
    fc.assert(
      fc.property(fc.array(fc.nat({ max: 18 }), { maxLength: 60 }), fc.nat(), (turns, seed) => {
        let game = newPairs(items, new Random(seed));
        for (const at of turns) {
          const next = turnCard(game, at);
          expect(next.open.length).toBeLessThanOrEqual(2);
          // The turn passes only when two that do not belong together lie open.
          if (next.turn !== game.turn) expect(next.open).toHaveLength(2);
          game = next;
        }
        // Then somebody who remembers all finishes it.
        for (let pair = 0; pair < game.cards.length / 2; pair += 1) {
          const places = game.cards.flatMap((card, at) => (card.pair === pair ? [at] : []));
          for (let tries = 0; tries < 2 && game.taken[pair] === undefined; tries += 1) {
            for (const at of places) game = turnCard(game, at);
          }
        }
        expect(isCleared(game)).toBe(true);
        const [one, other] = pairsOfEach(game);
        expect(one + other).toBe(8);
      }),
    );
  });
});
