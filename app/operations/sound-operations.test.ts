import { describe, expect, test } from 'vitest';
import { openRecord } from '~core/records/open-record';
import type { SoundRecord } from '~core/records/sound-record';
import { validateAs } from '~core/records/validate';
import { soundOperations } from './sound-operations';

const sound: SoundRecord = {
  id: 's',
  classId: 'c',
  textId: 't',
  name: 'Dialogue',
  seconds: 40,
  data: 'data:audio/webm;codecs=opus;base64,AAAA',
  cues: [],
};

const after = (present: SoundRecord, intent: string, fields: object): SoundRecord => {
  const operation = soundOperations[intent];
  if (!operation) throw new Error(intent);
  const input = validateAs(operation.input, fields);
  if (!input.ok) throw new Error(input.problems.map(({ text }) => text).join(' '));
  const opened = openRecord('sounds', operation.step(present, input.value));
  if (!opened.ok) throw new Error(opened.problems.map(({ text }) => text).join(' '));
  return opened.value;
};

describe('a recording of the teacher’s own', () => {
  test('has its cues set, and read from a file of the same recording', () => {
    const cue = { id: 'a', at: 28, label: 'The second part' };
    let set = after(sound, 'add-cue', { cue, did: 'Set a cue at 0:28' });
    set = after(set, 'add-cue', { cue: { ...cue, id: 'b', at: 3 }, did: '' });
    expect(set.cues.map(({ id }) => id)).toEqual(['b', 'a']);
    // Moved and named from one screen, one after the other: neither undoes the other.
    set = after(set, 'change-cue', { cue: 'b', fields: { at: 30 }, did: '' });
    set = after(set, 'change-cue', { cue: 'b', fields: { label: 'Late' }, did: '' });
    expect(set.cues).toEqual([cue, { id: 'b', at: 30, label: 'Late' }]);
    expect(after(set, 'remove-cue', { cue: 'a', did: '' }).cues).toHaveLength(1);
    const source = 'WEBVTT\n\n00:05.000 --> 00:06.000\nBram\n\n09:00.000 --> 09:01.000\nToo late';
    expect(after(set, 'read-cues', { source }).cues).toMatchObject([{ at: 5, label: 'Bram' }]);
    expect(() => after(set, 'read-cues', { source: 'WEBVTT' })).toThrow(/Nothing was changed/);
  });

  test.each([
    ['a picture', { data: 'data:image/png;base64,AAAA' }, /neither sound nor film/],
    ['an address elsewhere', { data: 'https://fernhill.example/a.mp3' }, /neither sound nor film/],
    ['no name', { name: '' }, /name/],
    ['a cue before the beginning', { cues: [{ id: 'a', at: -1, label: '' }] }, /less than 0/],
  ])('%s is refused', (_, fields, why) => {
    const opened = openRecord('sounds', { ...sound, ...fields });
    expect(opened.ok ? '' : opened.problems.map(({ text }) => text).join(' ')).toMatch(why);
  });
});
