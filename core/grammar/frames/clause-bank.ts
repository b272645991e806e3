/**
 * Clauses to make sentences from, written for the Fernhill weather club: who,
 * does, what, where or when. Every one is sensible in every tense that it is put
 * in, and all words are common. `+` marks a plural subject.
 */
import type { Agreement } from '../../forms/english/verb-phrase';

export interface BankClause {
  readonly subject: string;
  readonly agreement: Agreement;
  readonly verb: string;
  /** Absent where the verb has none. */
  readonly object?: string;
  /** The pronoun that stands for the subject in an answer. */
  readonly pronoun: 'he' | 'she' | 'it' | 'they' | 'we' | 'I' | 'you';
  /** Place or manner; it goes with any tense. */
  readonly tail?: string;
  /** Why it is done, for because. */
  readonly why: string;
}

/** subject | pronoun | verb | object | tail | why */
const rows = `
the farmer | he | close | the gate | behind the cows | the cows run away
the farmers + | they | cut | the grass | by the river | it is too long
the keeper | she | light | the lamp | in the hut | it is dark
the baker | he | bake | the bread | for the school | the children are hungry
the children + | they | build | a snowman | in the field | they like snow
the twins + | they | find | a nest | under the roof | they hear the birds
Asha | she | read | the rain gauge | on the hill | the club needs the number
Bram | he | write | the number | in the log book | he does not want to forget it
Mina | she | draw | the clouds | on the board | they look like sheep
Zeb | he | carry | the ladder | up the hill | the flag is stuck
the wind | it | blow | the hats | over the wall | it is very strong
the storm | it | break | the fence | near the bridge | the posts are old
the rain | it | fill | the barrel | beside the shed | it falls all night
the sun | it | melt | the ice | on the pond | it is warm
the snow | it | cover | the path | to the station | nobody sweeps it
the dog | it | chase | the leaves | across the field | the wind blows them
the goat | it | eat | the flowers | behind the hut | the gate is open
the postman | he | bring | a letter | to the school | the club waits for news
my aunt | she | grow | beans | in her garden | she likes green food
my uncle | he | mend | the roof | of the barn | the rain comes in
our teacher | she | show | the map | to the class | nobody knows the way
the guard | he | ring | the bell | at the station | the train is late
the sailors + | they | tie | the boat | to the wall | the waves are high
the nurse | she | wash | the cut | with clean water | it is dirty
the driver | he | stop | the bus | before the bridge | the road is under water
the girls + | they | paint | the sign | for the club | the old one is grey
the boys + | they | sweep | the steps | in front of the hut | they are covered with leaves
the visitors + | they | take | photos | of the valley | the view is wonderful
the cook | she | make | hot soup | for the walkers | they are cold
the shepherd | he | count | the sheep | in the field | some are missing
the owl | it | catch | a mouse | near the barn | it is hungry
the river | it | rise | | under the bridge | the snow melts
the leaves + | they | fall | | from the trees | it is autumn
the lamb | it | sleep | | in the straw | it is tired
the geese + | they | fly | | over the valley | winter is near
the flag | it | shake | | on the pole | the wind is strong
the clock | it | stop | | in the tower | it is frozen
the kite | it | rise | | above the trees | the wind is strong
the pond | it | freeze | | behind the school | the night is cold
the bus | it | arrive | | at the station | the road is clear
the frogs + | they | sing | | by the pond | the night is warm
the moon | it | shine | | over the hill | the sky is clear
the children + | they | walk | | to the station | the bus is late
Omar | he | wait | | at the gate | his friends are late
Lina | she | run | | down the hill | she is late
`;

export const bankClauses: readonly BankClause[] = rows
  .trim()
  .split('\n')
  .map((row) => {
    const [who = '', pronoun = 'it', verb = '', object = '', tail = '', why = ''] = row
      .split('|')
      .map((cell) => cell.trim());
    const plural = who.endsWith('+');
    return {
      subject: who.replace(/\s*\+$/, ''),
      agreement: { person: 3, plural },
      pronoun: pronoun as BankClause['pronoun'],
      verb,
      ...(object === '' ? {} : { object }),
      ...(tail === '' ? {} : { tail }),
      why,
    };
  });

/** A condition and what follows from it, each pair on its own matter, so that only one goes with one. */
export interface BankCondition {
  readonly condition: Pick<BankClause, 'subject' | 'agreement' | 'verb'> & {
    readonly rest: string;
  };
  readonly result: Pick<BankClause, 'subject' | 'agreement' | 'verb'> & { readonly rest: string };
}

/** subject | verb | rest => subject | verb | rest */
const pairs = `
the bell | ring | => the children + | run | into the school
the river | rise | over its banks => the farmers + | move | their cows to the hill
the pond | freeze | => the twins + | skate | on the ice
the lamp | go | out => the keeper | light | a candle
the bus | come | late => we + | walk | to the station on foot
the wind | blow | from the north => the kite | fly | to the south
you + | heat | ice => it | turn | into water
the goat | find | the open gate => it | eat | all the flowers
Asha | lose | the key => nobody | open | the hut
Bram | forget | his coat => he | get | wet in the rain
the baker | burn | the bread => the shop | smell | of smoke
the moon | shine | => the owls + | see | the mice in the field
the snow | cover | the road => the driver | put | chains on the wheels
the fence | break | => the sheep + | get | out of the field
the sun | shine | all day => the beans + | grow | fast
the sailors + | see | the light => they + | steer | the boat into the harbour
`;

/** Both halves as text, for a check of their words. */
export const pairText = ({ condition, result }: BankCondition) =>
  [condition, result].map(({ subject, verb, rest }) => `${subject} ${verb} ${rest}`).join(' ');

const half = (text: string) => {
  const [who = '', verb = '', rest = ''] = text.split('|').map((cell) => cell.trim());
  return {
    subject: who.replace(/\s*\+$/, ''),
    agreement: { person: 3 as const, plural: who.endsWith('+') },
    verb,
    rest,
  };
};

export const bankConditions: readonly BankCondition[] = pairs
  .trim()
  .split('\n')
  .map((row) => {
    const [condition = '', result = ''] = row.split('=>');
    return { condition: half(condition), result: half(result) };
  });

/** Commands of the weather club. */
export const bankCommands: readonly string[] = [
  'Close the gate behind you.',
  'Read the gauge before breakfast.',
  'Write the number in the log book.',
  'Put on your warm coat.',
  'Wait for me at the bridge.',
  'Do not touch the broken wire.',
  'Look at the clouds over the hill.',
  'Bring the lamp into the hut.',
  'Never stand under a tree in a storm.',
  'Sweep the snow from the steps.',
  'Please ring the bell at noon.',
  'Carry the ladder up the hill.',
];

/** Exclamations with what and how. */
export const bankExclamations: readonly string[] = [
  'What a storm that was!',
  'How cold the hut is!',
  'What strong wind we have today!',
  'How fast the clouds move!',
  'What a beautiful rainbow it is!',
  'How loud the thunder is!',
  'What long icicles these are!',
  'How deep the snow lies!',
  'What a noise the wind makes!',
  'How bright the moon is!',
];

/** Adjectives and adverbs for things and deeds of the bank. */
export const bankAdjectives = [
  'old',
  'big',
  'small',
  'tired',
  'happy',
  'young',
  'kind',
  'busy',
  'clever',
  'brave',
];
export const bankAdverbs = ['often', 'again', 'soon', 'sometimes', 'suddenly'];
