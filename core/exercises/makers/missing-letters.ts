import type { GapItem, GapPiece } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import { openChoice, read } from '../making/parameters';
import { inBrackets, readWords, soundName, soundOptions, soundToAsk } from '../making/read-words';
import { numbered } from '../making/usable-words';

const parameters = {
  spoken: openChoice('Which sound', 'the one that most words share', soundOptions()),
};

/** Words of a language that is read by rule, without the letters of one sound. */
const maker: Maker = {
  id: 'missing-letters',
  name: 'Missing letters of a sound',
  description:
    'Words without the letters of one sound, to be written in; what they mean stands beside them where the list has it.',
  group: 'Sounds and spelling',
  interaction: 'gap',
  fewestWords: 3,
  needs: 'French, Italian, Portuguese or Spanish words that share a sound',
  asks: ['spelling rules'],
  parameters,
  workedByDefault: true,

  make({ words, parameters: given, random, pack }) {
    const { read: known, notes } = readWords(words, pack);
    const sound = read(parameters, given).spoken ?? soundToAsk(known, pack) ?? '';
    const spellings: string[] = [];
    let unexplained = 0;
    const items = known.flatMap(({ word, units }): Omit<GapItem, 'id'>[] => {
      const said = units.filter((unit) => unit.sound === sound);
      const [first] = said;
      if (first === undefined) {
        notes.push({
          word,
          text: `${word} does not have ${inBrackets(sound)}. It was left out.`,
        });
        return [];
      }
      if (said.length > 1) {
        notes.push({ word, text: `${word} has ${inBrackets(sound)} twice; the first is the gap.` });
      }
      if (!spellings.includes(first.letters)) spellings.push(first.letters);
      const { translation, definition } = given.beside?.[word] ?? {};
      const meaning = translation ?? definition;
      if (!meaning) unexplained += 1;
      const piece = (from: number, to?: number): GapPiece[] => {
        const part = word.slice(from, to);
        return part === '' ? [] : [{ kind: 'text', text: part }];
      };
      return [
        {
          word,
          pieces: [
            ...piece(0, first.start),
            { kind: 'gap', answer: word.slice(first.start, first.end), accepted: [] },
            ...piece(first.end),
            ...(meaning ? [{ kind: 'text' as const, text: `  (${meaning})` }] : []),
          ],
          key: word,
          rule: first.letters,
          reason: `${inBrackets(sound)} is spelled ${first.letters}.`,
        },
      ];
    });
    if (unexplained > 0) {
      notes.push({
        text: `${unexplained === items.length ? 'The words have' : `${unexplained} of the words have`} no meaning beside them in the list: read them aloud, in the order of the key.`,
      });
    }
    const ordered = given.shuffle === false ? items : random.shuffle(items);
    return {
      title: given.title ?? `Write the letters of ${sound ? soundName(sound, pack) : 'a sound'}`,
      instruction:
        given.instruction ??
        'Say the word. Write the letters that are missing. Read the whole word again.',
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: numbered(ordered),
        bank: given.bank === false || spellings.length < 2 ? [] : [...spellings].sort(),
      },
      paper: { letters: Math.max(1, ...spellings.map(({ length }) => length)) },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
