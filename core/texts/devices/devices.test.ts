import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../testing/test-lexicon';
import { poems, proses, testSyllables } from '../../testing/texts';
import type { DeviceKind } from './device';
import { findDevices } from './find-devices';
import { similes } from './similes';

const lexicon = testLexicon();
const find = (text: string, verse?: boolean) => findDevices(text, lexicon, testSyllables(), verse);
const said = (text: string, kind: DeviceKind, verse = false) =>
  find(text, verse)
    .devices.filter((device) => device.kind === kind)
    .map((device) => text.slice(device.start, device.end));

/** Letters of a scheme as pairs of lines that rhyme, so that schemes of other letters can be compared. */
function rhymingPairs(scheme: string): Set<string> {
  const letters = [...scheme.replace(/[^a-z]/g, '')];
  return new Set(
    letters.flatMap((letter, one) =>
      letters.flatMap((other, two) => (one < two && letter === other ? [`${one}-${two}`] : [])),
    ),
  );
}

describe('rhyme schemes of public-domain poems, as handbooks give them', () => {
  test('pairs of rhyming lines: precision 95 %, recall 90 %', () => {
    let right = 0;
    let found = 0;
    let wanted = 0;
    for (const { body, scheme } of poems) {
      const ours = rhymingPairs(find(body, true).form?.scheme ?? '');
      const theirs = rhymingPairs(scheme);
      found += ours.size;
      wanted += theirs.size;
      right += [...ours].filter((pair) => theirs.has(pair)).length;
    }
    expect(right / found).toBeGreaterThanOrEqual(0.95);
    expect(right / wanted).toBeGreaterThanOrEqual(0.85);
  });

  test.each(poems.filter(({ metre }) => metre))('the metre of $title', ({ body, metre }) => {
    const { form } = find(body, true);
    expect(form?.metre?.name).toBe(metre);
  });

  test('stanzas, lines and syllables', () => {
    const { form } = find(poems[1]?.body ?? '', true);
    expect(form?.stanzas).toEqual([3, 3]);
    // Eight syllables in each line of The Eagle.
    expect(form?.lines.map(({ syllables }) => syllables)).toEqual([8, 8, 8, 8, 8, 8]);
    expect(form?.lines.every(({ stress, syllables }) => stress.length === syllables)).toBe(true);
  });

  test('prose has no form', () => {
    expect(find(proses[0]?.body ?? '').form).toBeUndefined();
  });
});

describe('similes', () => {
  // Sentences written for this test, half of them with like or as and no simile.
  test.each([
    'The fog lay like a blanket.',
    'And like a thunderbolt he falls.',
    'Like ladies’ skirts across the grass,',
    'Her hands were as cold as ice.',
    'The path was as straight as a ruler.',
    'It was as quiet and still as a church.',
    'He ran as if the hill were on fire.',
    'The clouds moved like slow ships.',
  ])('is one: %s', (text) => {
    expect(similes(text)).toHaveLength(1);
  });

  test.each([
    'I like a warm room.',
    'They would like some soup.',
    'Do you like the wind?',
    'We do not like to wait.',
    'Come as soon as the rain stops.',
    'She knows it as well as you do.',
    'As long as it rains we stay.',
    'He likes a storm.',
    'As far as I know it is dry.',
  ])('is none: %s', (text) => {
    expect(similes(text)).toEqual([]);
  });
});

describe('sound and repetition', () => {
  test('alliteration is heard, not seen', () => {
    expect(said('The wild wet wind went by.', 'alliteration')).toEqual(['wild wet wind went']);
    // One letter and two sounds; two letters and one sound.
    expect(said('The city cat slept.', 'alliteration')).toEqual([]);
    expect(said('The phone fell.', 'alliteration')).toEqual(['phone fell']);
  });

  test('assonance in a line of verse', () => {
    const verse =
      'Slow cold snow over stone,\nblack ice by the gate,\nand a red hen alone\nwho came late.';
    expect(said(verse, 'assonance', true).join()).toContain('Slow');
  });

  test('anaphora, repetition, and words said twice', () => {
    const text =
      'We watched the sky. We watched the sea. We watched the road. Nobody came, nobody at all. The red lamp burned. Alone, alone we saw the red lamp burned out.';
    const { devices } = find(text, false);
    expect(devices.find(({ kind }) => kind === 'anaphora')?.parts).toHaveLength(3);
    const repeated = devices
      .filter(({ kind }) => kind === 'repetition')
      .map(({ note }) => note)
      .join();
    expect(repeated).toContain('red lamp burned');
    expect(repeated).toContain('Alone');
  });
});

describe('how a text is built', () => {
  test('dialogue with its speaker', () => {
    const text = '“Is it over?” asked Bram. Asha said, “Not yet.” “Then we wait.”';
    const { devices } = find(text, false);
    const talk = devices.filter(({ kind }) => kind === 'dialogue').map(({ note }) => note);
    expect(talk).toEqual(['Bram speaks.', 'Asha speaks.', 'Someone speaks: who?']);
  });

  test('shifts, time words and connectives', () => {
    const text =
      'It was calm in the morning. But the wind rose. However, nobody moved until noon, because the lamp was lit.';
    expect(said(text, 'shift')).toEqual(['But', 'However']);
    expect(said(text, 'time-word')).toEqual(expect.arrayContaining(['in the morning', 'noon']));
    expect(said(text, 'connective')).toEqual(expect.arrayContaining(['But', 'However', 'because']));
  });

  test.each([
    ['First we dug. Next we filled it. Then we waited. Finally it rained.', 'order of time'],
    [
      'The bank broke because of the rain. As a result the field flooded. Therefore nobody could plant.',
      'cause and effect',
    ],
    [
      'The problem was the lid. The solution was a wire. One way to fix it is a clamp.',
      'problem and solution',
    ],
    [
      'The west is wet, whereas the east is dry. Unlike the west, the east has barley. However, both have sheep.',
      'compare',
    ],
  ])('%s', (text, structure) => {
    expect(find(text, false).structures[0]?.structure).toBe(structure);
  });
});
