import { describe, expect, test } from 'vitest';
import { postFrom, postPlace, postsOn, ringsOn, slatePlace, slateStrokes } from './posts';
import { answered, emptyRoom, joined, type RoomState } from './room-state';

const room = ['m', 'k'].reduce<RoomState>((now, id) => joined(now, id, id) ?? now, emptyRoom);
const says = (now: RoomState, member: string, exercise: string, response: object, turn = 1) =>
  answered(now, member, {
    id: `${member}-${exercise}-${turn}`,
    exercise,
    turn,
    response: response as Readonly<Record<string, unknown>>,
  });
const stroke = { tool: 'ink', points: [10, 10, 300, 400] } as const;

describe('a wall', () => {
  test.each([
    [{ text: '  It  was\nwindy. ' }, { kind: 'text', text: 'It was windy.' }],
    [{ text: ' ' }, undefined],
    [{ text: 'x'.repeat(900) }, { kind: 'text', text: 'x'.repeat(300) }],
    [{ strokes: [stroke] }, { kind: 'drawing', strokes: [stroke] }],
    [{ strokes: [{ tool: 'ink', points: ['1', 2] }] }, undefined],
    [
      { picture: 'data:image/jpeg;base64,AAAA' },
      { kind: 'picture', picture: 'data:image/jpeg;base64,AAAA' },
    ],
    // What could run, or is fetched from elsewhere, is no picture.
    [{ picture: 'data:image/svg+xml;base64,AAAA' }, undefined],
    [{ picture: 'https://fernhill.example/spy.png' }, undefined],
    [{ picture: `data:image/png;base64,${'A'.repeat(30_000)}` }, undefined],
    [{}, undefined],
    [null, undefined],
  ])('%o is put up as %o', (given, post) => {
    expect(postFrom(given)).toEqual(post);
  });

  test('holds three of each, and none that was taken back; what is written anew is another', () => {
    let now = says(room, 'm', postPlace('q', 0), { text: 'Rain' });
    now = says(now, 'm', postPlace('q', 2), { strokes: [stroke] });
    now = says(now, 'm', postPlace('q', 3), { text: 'one too many' });
    now = says(now, 'k', postPlace('other', 0), { text: 'elsewhere' });
    expect(postsOn(now, 'q').map(({ member, post }) => [member, post.kind])).toEqual([
      ['m', 'text'],
      ['m', 'drawing'],
    ]);
    const [first] = postsOn(now, 'q');
    now = says(now, 'm', postPlace('q', 0), { text: 'Snow' }, 2);
    expect(postsOn(now, 'q')[0]?.id).not.toBe(first?.id);
    now = says(now, 'm', postPlace('q', 0), {}, 3);
    expect(postsOn(now, 'q').map(({ post }) => post.kind)).toEqual(['drawing']);
  });
});

test('rings stand where they were set; what is off the picture is none', () => {
  let now = says(room, 'm', 'q', { x: 250, y: 1000 });
  now = says(now, 'k', 'q', { x: 1200, y: 5 });
  expect(ringsOn(now, 'q')).toEqual([{ member: 'm', x: 250, y: 1000 }]);
});

test('a slate has the strokes of the teacher and of all who had the pen', () => {
  const own = { tool: 'red', points: [1, 1, 2, 2] } as const;
  const now = says(room, 'k', slatePlace('s'), { strokes: [stroke, { tool: 'none' }] });
  expect(slateStrokes(now, 's', [own])).toEqual([own, stroke]);
  expect(slateStrokes(now, 'another', [own])).toEqual([own]);
});
