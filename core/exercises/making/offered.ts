/** Which words an exercise may bring that nobody asked for. */
import { offerTest } from '../../reach/fitness';
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import type { MakerInput } from './maker';

/** A test for words that a maker adds: fit for the class, in its spelling; without a class fit for any. */
export function offered({
  profile,
  lexicon,
}: Pick<MakerInput, 'profile' | 'lexicon'>): (entry: LexiconEntry) => boolean {
  return profile ? offerTest(lexicon, profile) : ({ from }) => from === 0;
}
