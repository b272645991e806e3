/** English: the first pack, which knows everything but what English has not. */
import { abilities, type Ability } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { englishTables } from './tables';
import { englishNumbers } from './speech/read-aloud';

/** What only other languages have. */
const notInEnglish: readonly Ability[] = [
  'course',
  'furigana',
  'spelling rules',
  'written stress',
  'particles',
  'voice change',
  'statements',
  'stroke order',
  'word spaces',
];

export const english = plainPack({
  tag: 'en',
  name: 'English',
  can: new Set(
    (Object.keys(abilities) as Ability[]).filter((each) => !notInEnglish.includes(each)),
  ),
  voice: { american: 'en-us', british: 'en-gb-x-rp' },
  numbers: englishNumbers,
  tables: () => englishTables,
});
