/** The principal parts of the irregular verbs that every coursebook prints at its end (Quirk et al. 1985, 3.11 to 3.20; from memory). */
import { describe, expect, test } from 'vitest';
import { exerciseOf, keyOf } from '../../testing/key-of';

const table = `
  be was/were been | become became become | begin began begun | bend bent bent | bite bit bitten
  bleed bled bled | blow blew blown | break broke broken | bring brought brought | build built built
  buy bought bought | catch caught caught | choose chose chosen | come came come | cost cost cost
  cut cut cut | dig dug dug | do did done | draw drew drawn | drink drank drunk | drive drove driven
  eat ate eaten | fall fell fallen | feed fed fed | feel felt felt | fight fought fought | find found found
  fly flew flown | forget forgot forgotten | forgive forgave forgiven | freeze froze frozen
  give gave given | go went gone | grow grew grown | hang hung hung | have had had | hear heard heard
  hide hid hidden | hit hit hit | hold held held | hurt hurt hurt | keep kept kept | know knew known
  lay laid laid | lead led led | leave left left | lend lent lent | let let let | lie lay lain
  lose lost lost | make made made | mean meant meant | meet met met | pay paid paid | put put put
  read read read | ride rode ridden | ring rang rung | rise rose risen | run ran run | say said said
  see saw seen | sell sold sold | send sent sent | set set set | shake shook shaken | shine shone shone
  shoot shot shot | shut shut shut | sing sang sung | sink sank sunk | sit sat sat | sleep slept slept
  slide slid slid | speak spoke spoken | spend spent spent | split split split | spread spread spread
  stand stood stood | steal stole stolen | stick stuck stuck | sting stung stung | strike struck struck
  swear swore sworn | sweep swept swept | swim swam swum | swing swung swung | take took taken
  teach taught taught | tear tore torn | tell told told | think thought thought | throw threw thrown
  understand understood understood | wake woke woken | wear wore worn | weave wove woven | win won won
  wind wound wound | write wrote written`
  .split(/[|\n]/)
  .map((row) => row.trim())
  .filter((row) => row !== '')
  .map((row) => row.split(/\s+/) as [string, string, string]);

test('the table has a hundred verbs, of three parts each', () => {
  expect(table.length).toBeGreaterThan(95);
  for (const row of table) expect(row).toHaveLength(3);
});

describe('the parts of a verb', () => {
  test.each(table)('%s, %s, %s', (base, past, participle) => {
    // Two others fill the table up: one verb is no exercise.
    const key = keyOf('irregular-parts', [base, 'go', 'see']);
    const [first, second = '', third = ''] = (key[base] ?? '').split(' · ');
    expect(first).toBe(base);
    for (const [shown, wanted] of [
      [second, past],
      [third, participle],
    ] as const) {
      const forms = shown.split(/\s*(?:\/|,| or )\s*/);
      for (const form of wanted.split('/'))
        expect([base, forms]).toEqual([base, expect.arrayContaining([form])]);
    }
  });

  test('a regular verb is left out, and named with the reason', () => {
    const { notes, short } = exerciseOf('irregular-parts', ['go', 'see', 'take', 'walk']);
    expect(short).toBeUndefined();
    expect(notes.map(({ word }) => word)).toEqual(['walk']);
    expect(notes[0]?.text).toMatch(/regular/);
  });
});
