import { describe, expect, test } from 'vitest';
import { findBlocksByWords } from './find-blocks';
import { aboutOf, newBlock } from './new-block';
import { blockKinds } from './sheet-block';

describe('what stands on a sheet of one’s own, in teachers’ words', () => {
  // What staff rooms call these: common practice.
  test.each([
    ['poster', 'rule'],
    ['poster', 'words'],
    ['anchor chart', 'rule'],
    ['word wall', 'words'],
    ['word mat', 'words'],
    ['exit ticket', 'can-do'],
    ['Exit tickets', 'can-do'],
    ['I can statements', 'can-do'],
    ['lined paper', 'lines'],
    ['QR', 'qr'],
  ])('%s finds %s', (typed, kind) => {
    expect(findBlocksByWords(typed).map((each) => each.kind)).toContain(kind);
  });

  test('nothing typed, and what no sheet has, find nothing', () => {
    expect(findBlocksByWords(' ')).toEqual([]);
    expect(findBlocksByWords('crossword')).toEqual([]);
  });
});

describe('a new block', () => {
  const about = { title: 'Long a', words: ['rain', 'tray'], sound: 'eɪ' };

  test('begins with what the lesson is about', () => {
    expect(newBlock('rule', about).topic).toBe('sound:eɪ');
    expect(newBlock('words', about).words).toEqual(['rain', 'tray']);
    expect(newBlock('picture', about).text).toBe('rain');
    expect(newBlock('qr', about).text).toBe('Long a');
  });

  test('is about what the exercises of the lesson are about', () => {
    const parts = [
      { words: ['rain', 'day'], parameters: {} },
      { words: ['day', 'gale'], parameters: { sound: 'eɪ' } },
    ];
    expect(aboutOf('Long a', parts)).toEqual({
      title: 'Long a',
      words: ['rain', 'day', 'gale'],
      sound: 'eɪ',
    });
    expect(aboutOf('', []).sound).toBeUndefined();
  });

  test('shows something where the lesson is empty', () => {
    const empty = { title: '', words: [] };
    for (const kind of blockKinds) expect(newBlock(kind, empty).kind).toBe(kind);
    expect(newBlock('words', empty).words).not.toEqual([]);
    expect(newBlock('rule', empty).topic).toBe('ending:ing');
    expect(newBlock('qr', empty).text).not.toBe('');
  });
});
