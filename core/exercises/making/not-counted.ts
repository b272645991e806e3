/** Nouns that stand without a or an in the sense a class meets first (from memory; common practice). */
import { isMassNoun } from '../../languages/en/forms/inflect';

const usuallyMass = new Set(
  `air bacon beef blood bread butter cheese chocolate clay coal coffee cotton cream dirt dust flour fog food frost fruit
   fur gas glue grass gravel hail hay heat honey ice jam jelly juice ketchup leather light meat metal milk mist mud oil
   paint pasta pepper petrol plastic pork porridge rain rice salt sand silk sleet slime smoke snow soap soil soup steam
   steel sugar sunshine tea time toast water wax wind wine wood wool yoghurt`.split(/\s+/),
);

/** True where “a rain”, “a bread” would be wrong, or odd to a learner. */
export const isNotCounted = (noun: string): boolean =>
  usuallyMass.has(noun.toLowerCase()) || isMassNoun(noun);
