import { describe, expect, test } from 'vitest';
import {
  readSequenceCsv,
  SequenceFileError,
  writeSequenceCsv,
} from '../../../records/sequence-csv';
import { sequenceIndexOf } from '../../../classes/class-sequence';
import { TaughtSequence } from '../../../records/taught-sequence';
import { validateAs } from '../../../records/validate';
import { heartWord, newlyReadable } from '../../../reach/newly-readable';
import { decodableFrom } from '../../../reach/reach-table';
import { testLexicon } from '../../../testing/test-lexicon';
import { britishSequence } from './british-sequence';
import { defaultSequence } from './default-sequence';
import {
  addStep,
  changeStep,
  moveStep,
  readTeaches,
  removeStep,
  splitStep,
  writeTeaches,
} from './edit-sequence';

const numbers = (sequence: { steps: readonly { number: number }[] }) =>
  sequence.steps.map((step) => step.number);

describe('changing a sequence', () => {
  test('steps are numbered again after every change', () => {
    for (const changed of [
      addStep(defaultSequence, 3),
      removeStep(defaultSequence, 5),
      moveStep(defaultSequence, 22, 2),
      splitStep(defaultSequence, 1),
    ]) {
      expect(numbers(changed)).toEqual(changed.steps.map((_, index) => index + 1));
    }
    expect(defaultSequence.steps).toHaveLength(60);
  });

  test('a step goes where it is moved', () => {
    expect(moveStep(defaultSequence, 22, 2).steps[1]?.title).toBe('ai');
    expect(moveStep(defaultSequence, 2, 60).steps[59]?.title).toBe(defaultSequence.steps[1]?.title);
  });

  test('a split step teaches together what it taught', () => {
    const split = splitStep(defaultSequence, 1);
    expect([...(split.steps[0]?.teaches ?? []), ...(split.steps[1]?.teaches ?? [])]).toEqual(
      defaultSequence.steps[0]?.teaches,
    );
    expect(split.steps).toHaveLength(61);
  });

  test('a changed step keeps its place', () => {
    expect(changeStep(defaultSequence, 4, { title: 'New' }).steps[3]?.title).toBe('New');
  });
});

describe('spellings as they are typed', () => {
  test('are read back as they were written, in every step of both defaults', () => {
    for (const { steps } of [defaultSequence, britishSequence]) {
      for (const step of steps) {
        const read = readTeaches(writeTeaches(step.teaches));
        // A silent letter has no sound to write.
        if (read.ok) expect(new Set(read.teaches)).toEqual(new Set(step.teaches));
        else expect(step.teaches.some((key) => key.endsWith('|'))).toBe(true);
      }
    }
  });

  test('a spelling alone takes its most regular sound', () => {
    expect(readTeaches('ai')).toEqual({ ok: true, teaches: ['ai|EY'] });
    expect(readTeaches('a-e')).toEqual({ ok: true, teaches: ['a_e|EY'] });
  });

  test('what cannot be is refused with what can', () => {
    expect(readTeaches('qqq')).toMatchObject({ ok: false });
    expect(readTeaches('ai=ZZ')).toMatchObject({
      ok: false,
      message: expect.stringContaining('EY') as string,
    });
  });
});

describe('a sequence as CSV', () => {
  const own = changeStep(defaultSequence, 1, {
    title: 'First, "sounds"',
    sightWords: ['s(ai)d', 'the'],
  });

  test('is read back as it was', () => {
    const read = readSequenceCsv(writeSequenceCsv(own), 'x', 'Own');
    expect(read.steps.map((step) => step.title)).toEqual(own.steps.map((step) => step.title));
    expect(read.steps[0]?.sightWords).toEqual(['s(ai)d', 'the']);
    expect(read.steps[12]?.shapes).toEqual(defaultSequence.steps[12]?.shapes);
    expect(validateAs(TaughtSequence, JSON.parse(JSON.stringify(read))).ok).toBe(true);
  });

  test.each([
    ['a,b\n1,2\n', /“spellings”/],
    ['title,spellings\n', /no steps/],
    ['title,spellings\nfirst,ai=QQ\n', /Row 2: ai does not say QQ/],
  ])('%j is refused', (text, reason) => {
    expect(() => readSequenceCsv(text, 'x', 'Own')).toThrow(SequenceFileError);
    expect(() => readSequenceCsv(text, 'x', 'Own')).toThrow(reason);
  });
});

describe('what a step makes readable', () => {
  const lexicon = testLexicon();
  const index = sequenceIndexOf({ accent: 'american', sequence: null });

  test('the counts of all steps are the words that can be decoded at all', () => {
    const total = newlyReadable(lexicon, index).reduce((sum, each) => sum + each.count, 0);
    const decodable = lexicon.entries.filter((entry) => {
      const from = decodableFrom(entry, index);
      return entry.zipf >= 3 && entry.from === 0 && from >= 1 && from <= 60;
    });
    expect(total).toBe(decodable.length);
  });

  test('ai makes rain readable at its step', () => {
    const ai = newlyReadable(lexicon, index, 100)[21];
    expect(ai?.words).toContain('rain');
    expect(ai?.words).not.toContain('make');
  });

  test('a heart word shows its unexpected letters, and the teacher’s marks win', () => {
    const said = heartWord('said', 13, lexicon, index);
    expect(said.pieces.filter((piece) => piece.unexpected).map((piece) => piece.letters)).toEqual([
      'ai',
    ]);
    expect(heartWord('s(ai)d', 1, lexicon, index).pieces).toEqual([
      { letters: 's', unexpected: false },
      { letters: 'ai', unexpected: true },
      { letters: 'd', unexpected: false },
    ]);
  });
});
