import { showGrapheme } from '../../reach/check-word';
import { correspondenceKey } from '../../languages/en/sounds/sequence';
import { isVowelPhoneme, showSound } from '../../languages/en/sounds/phonemes';
import { sequenceIndexOf } from '../../classes/class-sequence';
import { joinList } from '../../kernel/join-list';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { AlignedUnit } from '../../languages/en/sounds/align';
import type { MakerNote } from '../making/exercise';
import type { GapItem, GapPiece } from '../interactions/gap/task';
import type { Maker, MakerInput } from '../making/maker';
import { findTargetSound, spellingsOf, usedSpellings } from '../../search/target-sound';
import { given, read } from '../making/parameters';

/** The sound it is about, in ARPAbet; found in the words where it is not given. */
const declared = { sound: given<string>('text') };

function soundOf({ parameters, words }: Pick<MakerInput, 'parameters' | 'words'>) {
  return read(declared, parameters).sound ?? findTargetSound(words);
}

/** The word cut at the letters of one grapheme; a split digraph leaves two gaps. */
function cutOut(word: string, unit: AlignedUnit): GapPiece[] {
  const gap = (answer: string): GapPiece => ({ kind: 'gap', answer, accepted: [] });
  const text = (from: number, to: number): GapPiece[] =>
    from < to ? [{ kind: 'text', text: word.slice(from, to) }] : [];
  if (!unit.grapheme.endsWith('_e')) {
    return [
      ...text(0, unit.start),
      gap(word.slice(unit.start, unit.end)),
      ...text(unit.end, word.length),
    ];
  }
  const silentE = word.indexOf('e', unit.end);
  return [
    ...text(0, unit.start),
    gap(word.slice(unit.start, unit.end)),
    ...text(unit.end, silentE),
    gap('e'),
    ...text(silentE + 1, word.length),
  ];
}

/** Other words that a spelling of the box makes in the same gap with the same sound: see and sea. */
function otherFillings(
  item: GapItem,
  spellings: readonly string[],
  sound: string,
  lexicon: Lexicon,
): { readonly word: string; readonly spelling: string }[] {
  const gaps = item.pieces.filter((piece) => piece.kind === 'gap');
  if (gaps.length !== 1) return [];
  return spellings
    .filter((spelling) => !spelling.endsWith('_e') && spelling !== gaps[0]?.answer)
    .map((spelling) => ({
      spelling,
      word: item.pieces.map((piece) => (piece.kind === 'text' ? piece.text : spelling)).join(''),
    }))
    .filter(({ word }) => {
      const entry = lexicon.find(word);
      return entry !== undefined && spellingsOf({ word, entry }, sound).length > 0;
    });
}

const withAccepted = (item: GapItem, accepted: readonly string[]): GapItem => ({
  ...item,
  pieces: item.pieces.map((piece) => (piece.kind === 'gap' ? { ...piece, accepted } : piece)),
});

/** Commonest spellings of the long vowels and of those with r (common practice of phonics courses). */
const commonSpellings: Readonly<Record<string, readonly string[]>> = {
  EY: ['ai', 'ay', 'a_e'],
  IY: ['ee', 'ea', 'y'],
  AY: ['igh', 'i_e', 'y'],
  OW: ['oa', 'ow', 'o_e'],
  UW: ['oo', 'ew', 'ue', 'u_e'],
  AW: ['ow', 'ou'],
  OY: ['oi', 'oy'],
  'AO R': ['or', 'ore', 'oar'],
  ER: ['er', 'ir', 'ur'],
  'IH R': ['ear', 'eer'],
  'EH R': ['air', 'are', 'ear'],
};

/** Of one spelling alone there is nothing to choose: two others of the sound that the class has learnt. */
function neighboursOf(spelling: string, sound: string, { profile }: MakerInput): string[] {
  const others = (commonSpellings[sound] ?? []).filter((each) => each !== spelling);
  const step = profile?.step ?? null;
  if (profile === undefined || step === null) return others.slice(0, 2);
  const index = sequenceIndexOf(profile);
  return others
    .filter((grapheme) => {
      const key = correspondenceKey({ grapheme, phonemes: sound.split(' ') });
      const taught = index.sequence.steps.find(({ teaches }) => teaches.includes(key));
      return taught !== undefined && taught.number <= step;
    })
    .slice(0, 2);
}

/** Words with the spelling of one sound left out. */
const maker: Maker = {
  id: 'missing-grapheme',
  name: 'Missing grapheme',
  description: 'Words with the spelling of one sound left out, to be written in.',
  group: 'Sounds and spelling',
  interaction: 'gap',
  fewestWords: 3,
  needs: 'words that share a sound, or short words with one vowel each',
  asks: ['sounds'],
  parameters: declared,
  workedByDefault: true,

  make(input) {
    const { words, parameters, random, lexicon } = input;
    const sound = soundOf(input);
    const ipa = sound === undefined ? '' : showSound(sound.split(' '));
    const notes: MakerNote[] = [];
    const items: GapItem[] = [];
    const spellings: string[] = [];
    // Words that share no sound, map, hen, pig: the vowel of each is heard and written.
    const mixed = sound === undefined;
    const signOf = (unit: AlignedUnit) => (mixed ? showSound(unit.phonemes) : ipa);
    // Of clock and click among words in ck the last is left out, as in the others.
    const atEnd =
      sound !== undefined &&
      words.filter((word) => {
        const said = spellingsOf(word, sound).at(-1);
        return said !== undefined && said === word.entry?.readings[0].units.at(-1);
      }).length *
        2 >
        words.length;
    for (const word of words) {
      const units =
        sound === undefined
          ? (word.entry?.readings[0].units.filter(({ phonemes }) =>
              phonemes.some(isVowelPhoneme),
            ) ?? [])
          : spellingsOf(word, sound);
      const unit = atEnd ? units.at(-1) : units[0];
      if (word.entry === undefined || unit === undefined) {
        const why =
          word.entry === undefined
            ? 'is not in the word bank, so its sounds cannot be found'
            : `does not have ${ipa || 'a sound the other words share'}`;
        notes.push({ word: word.word, text: `${word.word} ${why}. It was left out.` });
        continue;
      }
      if (units.length > 1 && mixed) {
        notes.push({
          word: word.word,
          text: `${word.word} has more than one vowel. It was left out.`,
        });
        continue;
      }
      if (units.length > 1) {
        const text = `${word.word} has ${ipa} twice; the ${atEnd ? 'last' : 'first'} is the gap.`;
        notes.push({ word: word.word, text });
      }
      if (!spellings.includes(unit.grapheme)) spellings.push(unit.grapheme);
      items.push({
        id: `item-${items.length + 1}`,
        word: word.word,
        pieces: cutOut(word.word, unit),
        key: word.word,
        rule: showGrapheme(unit.grapheme),
        reason: `${signOf(unit)} is spelled ${showGrapheme(unit.grapheme)}.`,
      });
    }
    const settled = items.map((item) => {
      const others = mixed ? [] : otherFillings(item, spellings, sound ?? '', lexicon);
      if (others.length === 0) return item;
      notes.push({
        word: item.word,
        text: `The gap of ${item.word} can also make ${joinList(
          others.map(({ word }) => word),
          'or',
        )}: that counts as right. Say the word you mean, or leave it out.`,
      });
      return withAccepted(
        item,
        others.map(({ spelling }) => spelling),
      );
    });
    if (mixed && items.length > 0) {
      notes.unshift({
        text: 'Read each word aloud, in the order of the key: only who hears it can know its vowel.',
      });
    }
    const neighbours =
      spellings.length === 1 && sound !== undefined
        ? neighboursOf(spellings[0] ?? '', sound, input)
        : [];
    const ordered = parameters.shuffle === false ? settled : random.shuffle(settled);
    return {
      title:
        parameters.title ??
        (mixed ? 'Write the missing vowel' : `Write the missing ${ipa} spelling`),
      instruction:
        parameters.instruction ??
        (mixed
          ? 'Listen to the word. Write the vowel that is missing. Read the whole word again.'
          : 'Say the word. Write the letters that are missing. Read the whole word again.'),
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: ordered.map((item, index) => ({ ...item, id: `item-${index + 1}` })),
        bank:
          parameters.bank === false ? [] : [...spellings, ...neighbours].sort().map(showGrapheme),
      },
      paper: {
        letters: Math.max(1, ...spellings.map((spelling) => spelling.replace('_e', '').length)),
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
