/** English: the first pack, which knows everything that a pack can know so far. */
import { abilities, type Ability } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { englishTables } from './tables';
import { englishNumbers } from './speech/read-aloud';

export const english = plainPack({
  tag: 'en',
  name: 'English',
  can: new Set(Object.keys(abilities) as Ability[]),
  voice: { american: 'en-us', british: 'en-gb-x-rp' },
  numbers: englishNumbers,
  tables: () => englishTables,
});
