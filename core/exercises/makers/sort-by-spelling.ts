import { showGrapheme } from '../../reach/check-word';
import { showSound } from '../../languages/en/sounds/phonemes';
import { joinList } from '../../kernel/join-list';
import type { MakerNote } from '../making/exercise';
import type { SortCard } from '../interactions/sort/task';
import type { Maker, MakerInput } from '../making/maker';
import { findTargetSound, spellingsOf, usedSpellings } from '../../search/target-sound';
import { given, read } from '../making/parameters';

/** The sound it is about, in ARPAbet; found in the words where it is not given. */
const declared = { sound: given<string>('text') };

function soundOf({ parameters, words }: Pick<MakerInput, 'parameters' | 'words'>) {
  return read(declared, parameters).sound ?? findTargetSound(words);
}

/** Word cards to cut out and glue under the spelling of one sound. */
const maker: Maker = {
  id: 'sort-by-spelling',
  name: 'Sort by spelling',
  description: 'Word cards to cut out and glue under the spelling of one sound.',
  group: 'Sounds and spelling',
  interaction: 'sort',
  onScreen: 'Say each word. Put it under its spelling.',
  fewestWords: 4,
  needs: 'words that share a sound and spell it in two ways or more',
  asks: ['sounds'],
  parameters: declared,
  workedByDefault: false,

  make(input) {
    const { words, parameters, random } = input;
    const sound = soundOf(input);
    const notes: MakerNote[] = [];
    const cards: SortCard[] = [];
    const order: string[] = [];
    for (const word of words) {
      if (word.entry === undefined) {
        const text = `${word.word} is not in the word bank, so its spelling cannot be keyed. It was left out.`;
        notes.push({ word: word.word, text });
        continue;
      }
      const said = sound === undefined ? [] : spellingsOf(word, sound);
      const homes = [...new Set(said.map((unit) => unit.grapheme))];
      const [home] = homes;
      if (sound === undefined || home === undefined) {
        const heard =
          sound === undefined ? 'a sound the other words share' : showSound(sound.split(' '));
        notes.push({
          word: word.word,
          text: `${word.word} does not have ${heard}. It was left out.`,
        });
        continue;
      }
      if (homes.length > 1) {
        const both = joinList(homes.map(showGrapheme), 'and');
        const text = `${word.word} has two homes (${both}). It was left out, so that each card has one.`;
        notes.push({ word: word.word, text });
        continue;
      }
      if (!order.includes(home)) order.push(home);
      cards.push({
        id: `card-${cards.length + 1}`,
        text: word.word,
        home,
        reason: `In ${word.word} the letters ${showGrapheme(home)} say ${showSound(sound.split(' '))}.`,
      });
    }
    if (order.length === 1) {
      const only = showGrapheme(order[0] as string);
      notes.push({
        text: `Every word spells the sound with ${only}. Add words with another spelling.`,
      });
    }
    const ipa = sound === undefined ? 'the sound' : showSound(sound.split(' '));
    return {
      title: parameters.title ?? `Sort the ${ipa} words`,
      instruction:
        parameters.instruction ?? 'Cut out the words. Say each one. Glue it under its spelling.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'sort',
        headings: order.map((grapheme) => ({ id: grapheme, label: showGrapheme(grapheme) })),
        cards: parameters.shuffle === false ? cards : random.shuffle(cards),
      },
      notes,
    };
  },

  replacements(word, input) {
    const sound = soundOf(input);
    if (sound === undefined) return [];
    const spelling = spellingsOf(word, sound)[0]?.grapheme;
    const others = usedSpellings(input.words, sound).map((each) => ({ sound, spelling: each }));
    return spelling === undefined ? others : [{ sound, spelling }, ...others];
  },

  suggestions(input) {
    const sound = soundOf(input);
    if (sound === undefined) return [];
    return usedSpellings(input.words, sound).map((spelling) => ({ sound, spelling }));
  },
};

export default maker;
