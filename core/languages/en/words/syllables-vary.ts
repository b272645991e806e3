/**
 * Words whose syllables people count differently: a vowel between consonants is
 * said or not (fam·i·ly or fam·ly), or a long vowel before r and l is one beat or
 * two (fire, hour). Common practice of pronouncing dictionaries, which mark the
 * sound as optional; a small table, from memory.
 */
const dropped = new Set(
  `every everything everyone everybody everywhere chocolate camera family favourite favorite different
   difference interest interesting interested vegetable comfortable several general generally history
   memory evening average restaurant temperature literature mystery factory battery celery business
   separate desperate miserable victory nursery discovery delivery bakery grocery gallery slippery
   flattery reference natural laboratory ordinary military secretary library strawberry raspberry
   blueberry opera numerous generous dangerous basically actually usually probably naturally finally
   corporate federal mineral funeral liberal frightening threatening fattening hardening marvellous
   marvelous poisonous traveller traveler memorable honourable honorable considerable vulnerable`.split(
    /\s+/,
  ),
);
const oneOrTwo = new Set(
  `fire tire tyre wire hire choir liar buyer dryer flyer tower power flower shower hour our sour flour
   cower towel vowel bowel real poem poet cruel fuel jewel duel diary prior trial dial royal loyal`.split(
    /\s+/,
  ),
);
/** True where a class may well clap a word in two ways. */
export function syllablesVary(word: string): boolean {
  const key = word.toLowerCase();
  return dropped.has(key) || oneOrTwo.has(key);
}
