/**
 * Clauses to make sentences from, written for the Fernhill weather club: who,
 * does, what, where or when. Every one is sensible in every tense that it is put
 * in, and all words are common. `+` marks a plural subject.
 */
import type { Agreement } from '../../forms/verb-phrase';

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
  /** An adjective that suits the subject; none for a name. */
  readonly adjective?: string;
}

/** subject | pronoun | verb | object | tail | why | an adjective for the subject, none for a name */
const rows = `
the farmer | he | close | the gate | behind the cows | the cows run away | old
the farmers + | they | cut | the grass | by the river | it is too long | tired
the keeper | she | light | the lamp | in the hut | it is dark | careful
the baker | he | bake | the bread | for the school | the children are hungry | friendly
the children + | they | build | a snowman | in the field | they like snow | happy
the twins + | they | find | a nest | under the roof | they hear the birds | quiet
Asha | she | read | the rain gauge | on the hill | the club needs the number | 
Bram | he | write | the number | in the log book | he does not want to forget it | 
Mina | she | draw | the clouds | on the board | they look like sheep | 
Zeb | he | carry | the ladder | up the hill | the flag is stuck | 
the wind | it | blow | the hats | over the wall | it is very strong | cold
the storm | it | break | the fence | near the bridge | the posts are old | wild
the rain | it | fill | the barrel | beside the shed | it falls all night | heavy
the sun | it | melt | the ice | on the pond | it is warm | hot
the snow | it | cover | the path | to the station | nobody sweeps it | deep
the dog | it | chase | the leaves | across the field | the wind blows them | brown
the goat | it | eat | the flowers | behind the hut | the gate is open | hungry
the postman | he | bring | a letter | to the school | the club waits for news | cheerful
my aunt | she | grow | beans | in her garden | she likes green food | young
my uncle | he | mend | the roof | of the barn | the rain comes in | clever
our teacher | she | show | the map | to the class | nobody knows the way | new
the guard | he | ring | the bell | at the station | the train is late | tall
the sailors + | they | tie | the boat | to the wall | the waves are high | strong
the nurse | she | wash | the cut | with clean water | it is dirty | kind
the driver | he | stop | the bus | before the bridge | the road is under water | careful
the girls + | they | paint | the sign | for the club | the old one is grey | older
the boys + | they | sweep | the steps | in front of the hut | they are covered with leaves | younger
the visitors + | they | take | photos | of the valley | the view is wonderful | curious
the cook | she | make | hot soup | for the walkers | they are cold | busy
the shepherd | he | count | the sheep | in the field | some are missing | patient
the owl | it | catch | a mouse | near the barn | it is hungry | grey
the river | it | rise | | under the bridge | the snow melts | wide
the leaves + | they | fall | | from the trees | it is autumn | yellow
the lamb | it | sleep | | in the straw | it is tired | small
the geese + | they | fly | | over the valley | winter is near | wild
the flag | it | shake | | on the pole | the wind is strong | red
the clock | it | stop | | in the tower | it is frozen | old
the kite | it | rise | | above the trees | the wind is strong | light
the pond | it | freeze | | behind the school | the night is cold | small
the bus | it | arrive | | at the station | the road is clear | green
the frogs + | they | sing | | by the pond | the night is warm | green
the moon | it | shine | | over the hill | the sky is clear | full
the children + | they | walk | | to the station | the bus is late | happy
Omar | he | wait | | at the gate | his friends are late | 
Lina | she | run | | down the hill | she is late | 
the gardener | she | plant | the seeds | in warm soil | spring is here | careful
the miller | he | open | the sluice | above the mill | the wheel needs water | strong
the ferryman | he | cross | the river | in his boat | the bridge is shut | old
the mayor | she | visit | the school | with her guests | the children win a prize | new
the hikers + | they | climb | the ridge | behind the farm | they want to see the sea | young
the firefighters + | they | save | the barn | near the wood | sparks fly over the wall | brave
the plumber | she | repair | the pipe | under the floor | it drips all night | clever
the painter | he | clean | the brushes | in the yard | the paint is dry | busy
the librarian | she | lend | the books | to the class | they like stories | friendly
the vet | she | help | the lamb | in the barn | it is weak | gentle
the beekeeper | he | collect | the honey | from the hives | summer is over | calm
the cat | it | follow | the milkman | along the street | it smells the milk | thin
the squirrel | it | hide | the nuts | under the oak | winter comes soon | red
the horse | it | pull | the cart | up the lane | it is strong | white
the hens + | they | leave | the shed | at the back | somebody opens the door | brown
the fox | it | watch | the hens | from the hedge | it is hungry | sly
the swallows + | they | build | their nests | under the bridge | the place is dry | small
the spider | it | spin | a web | across the window | it waits for flies | black
the bees + | they | visit | the flowers | along the path | they need food | busy
the frost | it | kill | the young plants | in the garden | nobody covers them | sharp
the fog | it | hide | the tower | above the village | the air is wet | thick
the lightning | it | strike | the old oak | on the ridge | it is the tallest tree | bright
the hail | it | damage | the roof | of the hall | the stones are large | heavy
the ice | it | crack | | near the bank | the days are warmer | thin
the stream | it | flow | | past the mill | the snow melts in the hills | clear
the clouds + | they | gather | | above the valley | a storm is near | dark
the thunder | it | roll | | over the roofs | the storm is close | loud
the wheel | it | turn | | in the stream | the water is high | wooden
the candle | it | burn | | in the window | the keeper waits for the boat | tall
the gate | it | creak | | behind the barn | nobody oils it | rusty
the train | it | leave | | from the old station | it is eight o’clock | slow
the baby | it | cry | | in the next room | it is hungry | little
the neighbours + | they | dance | | in the hall | the band is good | merry
the singers + | they | practise | | in the church | the concert is near | young
the players + | they | rest | | by the wall | the game is long | tired
the snowman | it | melt | | in the sun | the air is mild | tall
the boat | it | rock | | beside the wall | the waves are high | little
my brother | he | lose | his gloves | on the bus | he is in a hurry | little
my sister | she | wear | a scarf | over her coat | the wind is icy | big
my grandmother | she | tell | a story | by the fire | the power is off | kind
my grandfather | he | keep | the old maps | in a drawer | he likes the sea | old
our neighbour | she | sell | plums | at the market | her trees are full | friendly
the captain | she | steer | the ship | round the rocks | the tide is low | calm
the divers + | they | find | an anchor | near the reef | the water is clear | young
the tailor | he | sew | the flag | for the tower | the old one is torn | patient
the doctor | she | examine | the boy | at the clinic | he coughs at night | kind
the scientists + | they | measure | the wind | on the roof | they need the numbers | careful
`;

export const bankClauses: readonly BankClause[] = rows
  .trim()
  .split('\n')
  .map((row) => {
    const [who = '', pronoun = 'it', verb = '', object = '', tail = '', why = '', adjective = ''] =
      row.split('|').map((cell) => cell.trim());
    const plural = who.endsWith('+');
    return {
      subject: who.replace(/\s*\+$/, ''),
      agreement: { person: 3, plural },
      pronoun: pronoun as BankClause['pronoun'],
      verb,
      ...(object === '' ? {} : { object }),
      ...(tail === '' ? {} : { tail }),
      why,
      ...(adjective === '' ? {} : { adjective }),
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
the ice | crack | under the skaters => they + | go | back to the bank
the train | leave | without Zeb => he | take | the next one
the tap | drip | all night => the bucket | overflow |
the cook | add | too much salt => the soup | taste | bad
the clock | stop | => nobody | know | the time
the hens + | leave | the yard => the fox | catch | them
the battery | fail | => the radio | fall | silent
Mina | climb | the tower => she | see | the whole valley
the bees + | visit | the plum trees => the gardener | pick | more plums
the fog | hide | the rocks => the captain | sound | the horn
the frost | come | early => the gardener | cover | the young plants
Omar | find | a letter in a bottle => he | read | it to the class
the storm | tear | the flag => the tailor | sew | a new one
you + | mix | blue and yellow => you + | get | green
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
