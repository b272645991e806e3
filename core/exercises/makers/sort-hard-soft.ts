import { patternsOf, type PatternName } from '../../languages/en/sounds/patterns';
import type { MakerInput } from '../making/maker';
import { sortMaker } from '../making/sort-maker';
import { openChoice, read } from '../making/parameters';

const declared = {
  letter: openChoice('Letter', 'the one that most words have', [
    ['c', 'c: cat or city'],
    ['g', 'g: goat or giant'],
  ]),
};

/** The letter most words have: c unless more of them have a g with a sound of its own. */
function letterOf({ words, parameters }: Pick<MakerInput, 'words' | 'parameters'>): 'c' | 'g' {
  const { letter } = read(declared, parameters);
  if (letter !== undefined) return letter;
  const count = (which: 'c' | 'g') =>
    words.filter(({ entry }) => {
      const patterns = entry ? patternsOf(entry.readings[0]) : [];
      return patterns.includes(`hard-${which}`) || patterns.includes(`soft-${which}`);
    }).length;
  return count('g') > count('c') ? 'g' : 'c';
}

const sounds = { c: { hard: '/k/', soft: '/s/' }, g: { hard: '/g/', soft: '/j/' } } as const;

/** Words under hard c and soft c, or hard g and soft g. */
export default sortMaker({
  id: 'sort-hard-soft',
  name: 'Sort hard and soft c or g',
  group: 'Sounds and spelling',
  description: 'Words with c (or g) sorted by its sound: cat or city, goat or giant.',
  needs: 'words with a hard and a soft c, or a hard and a soft g',
  parameters: declared,
  onScreen: 'Say each word and listen. Put it under its sound.',
  title: (input) => `Hard ${letterOf(input)} or soft ${letterOf(input)}?`,
  instruction: 'Cut out the words. Say each one and listen. Glue it under its sound.',
  homeOf({ word, entry }, input) {
    const letter = letterOf(input);
    const patterns: readonly PatternName[] = patternsOf(entry.readings[0]);
    const hard = patterns.includes(`hard-${letter}`);
    const soft = patterns.includes(`soft-${letter}`);
    if (hard && soft) return `has a hard and a soft ${letter}, so it has two homes`;
    if (!hard && !soft) return `has no ${letter} with a sound of its own`;
    const kind = hard ? 'hard' : 'soft';
    const says = `In ${word} the ${letter} says ${sounds[letter][kind]}`;
    const before = new RegExp(`${letter}[eiy]`, 'i').test(word);
    // Get, girl, give: the rule would make them soft.
    const exception = hard && before;
    return {
      heading: `${kind} ${letter} ${sounds[letter][kind]}`,
      reason: exception
        ? `${says}, though ${new RegExp(`${letter}([eiy])`, 'i').exec(word)?.[1] ?? 'e'} follows: an exception to learn.`
        : `${says}: it stands ${hard ? 'not before' : 'before'} e, i or y.`,
    };
  },
  replacements(word, input) {
    const letter = letterOf(input);
    const patterns = word.entry ? patternsOf(word.entry.readings[0]) : [];
    const kind = patterns.includes(`soft-${letter}`) ? 'soft' : 'hard';
    return [{ pattern: `${kind}-${letter}`, maxSyllables: 2 }];
  },
  suggestions(input) {
    const letter = letterOf(input);
    return [
      { pattern: `soft-${letter}`, without: { patterns: [`hard-${letter}`] } },
      { pattern: `hard-${letter}`, without: { patterns: [`soft-${letter}`] } },
    ];
  },
});
