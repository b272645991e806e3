/** Sentences that were written for Wordane, in the order in which a class should get them. */
import { typographic } from '../../kernel/typographic';
import type { ClassProfile } from '../../classes/class-profile';
import { inAmericanWords } from '../../languages/en/lexicon/american-words';
import { inSpelling } from '../../languages/en/lexicon/in-spelling';
import {
  audiences,
  type Audience,
  type Written,
} from '../../languages/en/sentence-sets/sentence-sets';
import { offeredAge } from '../../reach/fitness';
import { closestFirst } from './closest-first';
import type { MakerInput } from './maker';

/** For whom the sentences of a class should be written. */
function audienceOf(profile: ClassProfile | undefined): Audience {
  if (profile === undefined) return 'school';
  const age = offeredAge(profile);
  return age < 10 ? 'child' : age < 15 ? 'school' : 'adult';
}

/** In how many steps an audience lies from another; what is for the younger is nearer than what is for the older. */
const distance = (wanted: Audience, who: Audience) => {
  const by = audiences.indexOf(who) - audiences.indexOf(wanted);
  return by > 0 ? by * 2 : -by * 2 - (by < 0 ? 1 : 0);
};

/** Records in groups, those written for the class's audience first. */
function byAudience<Item extends Written>(
  items: readonly Item[],
  profile: ClassProfile | undefined,
): Item[][] {
  const wanted = audienceOf(profile);
  return [...audiences]
    .sort((left, right) => distance(wanted, left) - distance(wanted, right))
    .map((who) => items.filter((item) => item.who === who));
}

/**
 * The sentences of a set for a class: those written for its audience first, and of these those that
 * it can read, otherwise in an order of the seed's.
 */
export function forClass<Item extends Written>(
  items: readonly Item[],
  input: Pick<MakerInput, 'profile' | 'lexicon' | 'random'>,
  textOf: (item: Item) => string,
): Item[] {
  return byAudience(items, input.profile).flatMap((group) =>
    closestFirst(input.random.shuffle(group), input, textOf),
  );
}

/** A sentence written for Wordane as a class spells it. */
export function asSpelled(
  text: string,
  { profile, lexicon }: Pick<MakerInput, 'profile' | 'lexicon'>,
): string {
  if (profile === undefined) return typographic(text);
  const spelled = typographic(inSpelling(text, profile.spelling, lexicon).text);
  return profile.spelling === 'us' ? inAmericanWords(spelled) : spelled;
}
