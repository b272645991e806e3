/**
 * Words that are often taken for each other: homophones and near-homophones,
 * each with its meaning and a sentence in which only it is right. Written for
 * Wordane; the sets of the National Curriculum in England, English Appendix 1
 * (2013), years 2 to 6, are all here, with others of common practice. A line is a
 * set; a word is `word = meaning = sentence with ___`; `uk:` marks a pair that is
 * one word in American spelling.
 */

import { confusableTips } from './confusable-tips';

export interface ConfusableWord {
  readonly word: string;
  readonly meaning: string;
  /** A sentence with `___` where only this word of the set is right. */
  readonly sentence: string;
  /** Its class as the set uses it. */
  readonly wordClass?: string;
}

export interface ConfusableSet {
  readonly words: readonly ConfusableWord[];
  /** Only British spelling tells the words apart. */
  readonly britishOnly: boolean;
  /** How to tell the words apart, in a learner's words. */
  readonly tell?: string;
}

const table = `
there = in that place = The gauge is over ___. | their = belonging to them = They wrote ___ names in the log. | they're = they are = ___ late because of the snow.
your = belonging to you = Is this ___ umbrella? | you're = you are = ___ standing in a puddle.
its = belonging to it = The tree lost ___ leaves. | it's = it is = ___ raining again.
to = towards, or before a verb = We walked ___ the hill. | too = also, or more than enough = It was ___ windy for kites. | two = 2 = We saw ___ rainbows.
here = in this place = Stand ___, under the roof. | hear = to notice with your ears = Can you ___ the thunder?
see = to notice with your eyes = I ___ a dark cloud. | sea = salt water = Waves rose on the ___.
bare = with nothing on = The branches are ___ in winter. | bear = a large animal = A brown ___ sleeps all winter.
one = 1 = Only ___ cloud was left. | won = came first = Her kite ___ the prize.
sun = the star that warms us = The ___ came out at noon. | son = a boy child = Mr Ray has a ___ and a daughter.
be = to exist = It will ___ cold tonight. | bee = an insect = A ___ sat on the flower.
blew = moved the air = The gale ___ the gate open. | blue = the colour of a clear sky = The sky was ___ all day.
night = when it is dark = Frost came in the ___. | knight = a soldier on a horse, long ago = The ___ rode through the mist.
quite = rather = It was ___ warm for March. | quiet = with little noise = The snow made the street ___.
new = not old = We bought a ___ thermometer. | knew = had in mind = She ___ it would rain.
no = not any = There was ___ wind at all. | know = to have in mind = Do you ___ what hail is?
right = correct, or not left = The forecast was ___. | write = to put words on paper = Please ___ the date first.
wait = to stay until something happens = We must ___ until it is dry. | weight = how heavy a thing is = The ___ of the snow broke the branch.
brake = a thing that stops wheels = The bus driver used the ___ on the ice. | break = to come apart = Ice can ___ a pipe.
fair = just, or a fun show = It is only ___ that each team has a turn. | fare = money for a journey = The bus ___ is two pounds.
grate = to rub into small pieces = We ___ cheese for the soup. | great = very good or big = A ___ storm came from the west.
groan = a low sound of pain = We heard a ___ from the old gate. | grown = become bigger = The plant has ___ in the rain.
heal = to get better = The cut will ___ in a week. | heel = the back of a foot = My ___ is wet. | he'll = he will = ___ read the gauge today.
knot = a tie in a rope = Tie a ___ in the string. | not = used to say no = It is ___ raining.
mail = letters and parcels = The ___ came late in the snow. | male = a man or boy, or he-animal = The ___ bird has a bright tail.
main = most important = The ___ road was shut by the flood. | mane = long hair on a horse's neck = The wind blew the horse's ___.
meat = food from animals = The stew has ___ in it. | meet = to come together = We ___ at the weather station.
medal = a prize to wear = She wore her ___ round her neck. | meddle = to touch what is not yours = Do not ___ with the gauge.
missed = did not catch = We ___ the bus in the fog. | mist = thin cloud near the ground = The hill was hidden by ___.
peace = no war, calm = After the storm there was ___. | piece = a part = I found a ___ of ice.
plain = simple = The cover is ___ white. | plane = a thing that flies = The ___ flew over the cloud.
rain = water from clouds = ___ fell all night. | rein = a strap to lead a horse = Hold the ___ when you ride. | reign = to rule as king or queen = The queen began her ___ in a cold winter.
scene = a view, or part of a play = The last ___ takes place in a storm. | seen = noticed with the eyes = Have you ___ the rainbow?
weather = sun, rain, wind and so on = The ___ changed at noon. | whether = if = Tell me ___ it will snow.
whose = belonging to whom = ___ coat is this? | who's = who is = ___ reading the log today?
accept = to take what is given = Please ___ this prize. | except = but not = Every day was dry ___ Monday.
affect = to change something = Cold can ___ the plants. | effect = a result = The rain had a good ___ on the grass.
ball = a round toy = Throw the ___ over the puddle. | bawl = to cry loudly = The baby began to ___ at the thunder.
berry = a small fruit = A red ___ hung on the bush. | bury = to put in the ground = Squirrels ___ nuts in autumn.
aloud = so that others hear = Read the forecast ___. | allowed = permitted = We are ___ out when it is dry.
aisle = a way between rows = Walk down the ___ to your seat. | isle = a small island = Fog hid the ___ in the lake. | I'll = I will = ___ hold the umbrella.
altar = a table in a church = Flowers stood on the ___. | alter = to change = Clouds ___ their shape.
ascent = the way up = The ___ of the hill took an hour. | assent = agreement = She gave her ___ with a nod.
bridal = of a bride = Her ___ dress was white. | bridle = straps on a horse's head = Put the ___ on the horse.
cereal = breakfast grain = I eat ___ with milk. | serial = a story in parts = The storm story is a ___ in six parts.
compliment = something kind said = He paid her a ___ on her map. | complement = a thing that makes another whole = The chart is a good ___ to the log.
descent = the way down = The ___ from the hill was slippery. | dissent = disagreement = There was no ___ when we voted.
desert = dry land with little rain = It hardly ever rains in the ___. | dessert = sweet food after a meal = We had ice cream for ___.
draft = a first try at writing = This is the first ___ of my poem. | draught = a current of cold air = A cold ___ came under the door.
farther = more far = The next hill is ___ away. | father = a man with a child = My ___ drives the snow plough.
guessed = said without knowing = I ___ it was ten degrees. | guest = a visitor = Our ___ came in from the rain.
heard = noticed with the ears = We ___ the hail on the roof. | herd = a group of animals = A ___ of cows stood under the tree.
led = went in front = She ___ us up the hill. | lead = a heavy metal = The old pipe is made of ___.
morning = the first part of the day = We read the gauge each ___. | mourning = being sad about a death = The town was in ___ after the flood.
past = time before, or beyond = The clouds moved ___ the hill. | passed = went by = The storm ___ in an hour.
precede = to go before = Dark clouds often ___ rain. | proceed = to go on = Please ___ to the next page.
principal = most important, or head of a school = The ___ opened the weather station. | principle = a rule to live by = Telling the truth is a good ___.
profit = money that is gained = The stall made a ___ of ten pounds. | prophet = one who says what will come = An old story tells of a ___ who saw the flood.
stationary = not moving = The bus was ___ in the snow. | stationery = paper and pens = We keep ___ in the top drawer.
steal = to take what is not yours = Birds ___ berries from the bush. | steel = a strong metal = The mast is made of ___.
wary = careful = Be ___ of thin ice. | weary = tired = We were ___ after the climb.
loose = not tight = The rope came ___ in the wind. | lose = to have no longer = Do not ___ your gloves.
than = used to compare = Today is colder ___ yesterday. | then = after that = It rained, ___ the sun came out.
of = belonging to = A drop ___ rain fell. | off = away from = The wind blew my hat ___.
were = was, for more than one = The roads ___ icy. | where = in what place = ___ is the rain gauge? | we're = we are = ___ ready for the storm.
flour = powder for bread = Mix ___ and water. | flower = part of a plant = A ___ opened in the sun.
hole = an empty place = Water came in through a ___ in the roof. | whole = all of = It rained the ___ day.
road = a way for cars = Snow lay on the ___. | rode = went on a horse or bike = She ___ her bike through puddles. | rowed = moved a boat = They ___ across the lake.
sail = cloth on a boat = The wind filled the ___. | sale = selling = Boots are on ___ today.
tail = the end of an animal = The dog shook its wet ___. | tale = a story = He told a ___ of a great storm.
threw = sent through the air = He ___ a snowball. | through = from one side to the other = Rain came ___ the roof.
wear = to have on the body = ___ a coat today. | where = in what place = ___ did the lightning strike?
wood = what trees are made of = We burn ___ in winter. | would = used for what might be = I ___ like some sun.
pair = two = I need a dry ___ of socks. | pear = a fruit = A ___ fell from the tree. | pare = to cut the skin off = ___ the apple with a knife.
hair = what grows on the head = My ___ is wet. | hare = an animal like a rabbit = A ___ ran over the snow.
ate = had a meal = We ___ lunch in the tent. | eight = 8 = It was ___ degrees at noon.
cent = a small coin = It costs one ___. | scent = a smell = The ___ of rain is in the air. | sent = made to go = They ___ the log by post.
uk:practice = doing again to get better = Choir ___ is at four. | practise = to do again to get better = We ___ the song each day.
uk:licence = a paper that allows = He has a driving ___. | license = to allow = The town will ___ the fair.
uk:advice = what someone says you should do = She gave me good ___. | advise = to say what someone should do = I ___ you to take a coat.
uk:device = a tool = A gauge is a ___ for measuring rain. | devise = to plan = Let us ___ a better gauge.
`;

function parseSet(line: string, number: number): ConfusableSet {
  const tip = confusableTips[number];
  const britishOnly = line.startsWith('uk:');
  const words = line
    .replace(/^uk:/, '')
    .split(' | ')
    .map((entry) => entry.split(' = ') as [string, string, string])
    .map(([word, meaning, sentence], index) => {
      const wordClass = tip?.classes[index];
      return { word, meaning, sentence, ...(wordClass ? { wordClass } : {}) };
    });
  // Advice and advise differ on both sides of the Atlantic: only these two pairs do not.
  return {
    words,
    britishOnly: britishOnly && /^(practice|licence)$/.test(words[0]?.word ?? ''),
    ...(tip ? { tell: tip.tell } : {}),
  };
}

/** Every set. */
export const confusableSets: readonly ConfusableSet[] = table.trim().split('\n').map(parseSet);

/** The sets a word belongs to: a teacher's own first. */
export function confusablesOf(word: string, own: readonly ConfusableSet[] = []): ConfusableSet[] {
  const plain = word.toLowerCase();
  return [...own, ...confusableSets].filter((set) =>
    set.words.some((each) => each.word.toLowerCase() === plain),
  );
}
