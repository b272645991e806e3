/** The sounds a slot offers: each with its sign and a key word whose letters are lit. */
import type { Accent } from '~core/kernel/accent';
import { phonemesOf, showSound } from '~core/languages/en/sounds/phonemes';
import { correspondences } from '~core/languages/en/sounds/correspondences';
import { showGrapheme } from '~core/reach/check-word';
import { unitSays } from '~core/search/sound-conditions';
import type { SlotOption } from '~/ui/Slot';
import { ANY_SOUND } from './query';
import { t } from '~/phrases/t';

type KeyWord = readonly [sound: string, keyWord: string, from: number, to: number];

/** Vowels with r, and y with a vowel, which are taught as one sound. */
const joined: Readonly<Record<Accent, readonly KeyWord[]>> = {
  american: [
    ['AA R', 'star', 2, 4],
    ['AO R', 'storm', 2, 4],
    ['EH R', 'air', 0, 3],
    ['IH R', 'near', 1, 4],
    ['UH R', 'tour', 1, 4],
    ['Y UW', 'cute', 1, 2],
    ['AH L', 'little', 4, 6],
  ],
  british: [
    ['Y UW', 'cute', 1, 2],
    ['AH L', 'little', 4, 6],
  ],
};

function option([sound, word, from, to]: KeyWord, group: string): SlotOption {
  const sign = showSound(sound.split(' '));
  return {
    value: sound,
    group,
    text: t('words.asIn', { sign, word }),
    label: (
      <>
        {t('words.asIn', { sign, word: word.slice(0, from) })}
        <b>{word.slice(from, to)}</b>
        {word.slice(to)}
      </>
    ),
  };
}

/** The weak vowel, which ARPAbet writes like that of sun. */
const schwa: SlotOption = {
  value: 'AH0',
  text: t('words.asInAbout'),
  label: (
    <>
      /ə/ as in <b>a</b>bout
    </>
  ),
};

const lists = new Map<Accent, readonly SlotOption[]>();

/** The sounds of an accent. */
export function soundOptions(accent: Accent): readonly SlotOption[] {
  const known = lists.get(accent);
  if (known) return known;
  const ofKind = (kind: 'vowel' | 'consonant', group: string) =>
    phonemesOf(accent)
      .filter((phoneme) => phoneme.kind === kind)
      .flatMap(({ phoneme, keyWord, keySpan }) =>
        phoneme === 'AH'
          ? [option(['AH1', keyWord, ...keySpan], group), { ...schwa, group }]
          : [option([phoneme, keyWord, ...keySpan], group)],
      );
  const made = [
    ...ofKind('vowel', t('words.vowels')),
    ...joined[accent].map((each) =>
      option(each, accent === 'british' ? t('words.vowelsWithYOrL') : t('words.vowelsWithRYOr')),
    ),
    ...ofKind('consonant', t('words.consonants')),
  ];
  lists.set(accent, made);
  return made;
}

/** The sounds of an accent, and none in particular. */
export function anySoundOptions(accent: Accent): readonly SlotOption[] {
  return [
    { value: ANY_SOUND, label: t('words.anySound'), text: t('words.anySound'), group: '' },
    ...soundOptions(accent),
  ];
}

/** The spellings of the sounds, the most regular first; of any sound where none is asked for. */
export function spellingOptions(sounds: readonly string[], accent: Accent): SlotOption[] {
  const cheapest = new Map<string, number>();
  for (const correspondence of correspondences) {
    const { grapheme, cost } = correspondence;
    if (!correspondence.accents.includes(accent) || grapheme.includes("'")) continue;
    if (
      sounds.length > 0 &&
      !sounds.some((sound) => unitSays(correspondence, sound.replace(/^AH[01]$/, 'AH')))
    )
      continue;
    if (sounds.length === 0 && (cost > 0.9 || correspondence.phonemes.length === 0)) continue;
    cheapest.set(grapheme, Math.min(cost, cheapest.get(grapheme) ?? Infinity));
  }
  const ranked = [...cheapest].sort(([one, left], [other, right]) =>
    sounds.length > 0 ? left - right : one.localeCompare(other),
  );
  return [
    { value: '', label: t('words.anyWay'), text: t('words.anyWay') },
    ...ranked.map(([grapheme]) => ({
      value: grapheme,
      label: showGrapheme(grapheme),
      text: showGrapheme(grapheme),
    })),
  ];
}
