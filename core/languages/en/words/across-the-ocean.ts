/** Words for which the other side of the Atlantic says another (common practice; the pairs from memory). */
import type { Spelling } from '../../../kernel/spelling';

/** British, American; each with its plural where it has one. */
const pairs = `
autumn autumns | fall falls
biscuit biscuits | cookie cookies
bin bins | trash
car park | parking lot
chips | fries
cinema cinemas | movies
crisps | chips
cupboard cupboards | closet closets
film films | movie movies
flat flats | apartment apartments
garden gardens | yard yards
holiday holidays | vacation vacations
jumper jumpers | sweater sweaters
lift lifts | elevator elevators
lorry lorries | truck trucks
mum mums | mom moms
nappy nappies | diaper diapers
pavement pavements | sidewalk sidewalks
petrol | gas gasoline
post | mail
queue queues | line
rubber rubbers | eraser erasers
rubbish | garbage trash
shop shops | store stores
sweets | candy candies
tap taps | faucet faucets
torch torches | flashlight flashlights
trousers | pants
wardrobe wardrobes | closet closets
zip zips | zipper zippers
`
  .trim()
  .split('\n')
  .map((line) => line.split('|').map((side) => side.trim().split(/\s+/)));

/** Words that both sides say, each of something else or of the same: they are foreign to nobody. */
const shared: ReadonlySet<string> = new Set(
  'bin bins car park parking lot chips film films garden gardens cupboard cupboards post mail line gas lift lifts rubber rubbers shop shops tap taps zip zips pants sweater sweaters movies'.split(
    ' ',
  ),
);

const saidBy = (side: 0 | 1): ReadonlySet<string> =>
  new Set(pairs.flatMap((pair) => pair[side] ?? []).filter((word) => !shared.has(word)));

const foreign: Readonly<Record<Spelling, ReadonlySet<string>>> = { uk: saidBy(1), us: saidBy(0) };

/** True where a word is what the other side says for what this one names otherwise. */
export const isSaidElsewhere = (word: string, spelling: Spelling): boolean =>
  foreign[spelling].has(word.toLowerCase());
