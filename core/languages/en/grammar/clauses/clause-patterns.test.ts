/**
 * The seven patterns of a clause (S V, S V C, S V A, S V O, S V O O, S V O C, S V O A) and what is
 * added to them, as the descriptive grammars of English set them out (Quirk, Greenbaum, Leech and
 * Svartvik 1985, chapter 10, from memory); the sentences are our own, parted by hand.
 */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { describe as report } from '../find/sentence-report';

const lexicon = testLexicon();

/** Did … like: three dots where something stands between the pieces. */
const apart = (pieces: readonly { start: number; end: number; text: string }[]) =>
  pieces
    .map(({ start, text }, at) =>
      at === 0 ? text : `${start - (pieces[at - 1]?.end ?? 0) > 1 ? ' … ' : ' '}${text}`,
    )
    .join('');

/** The parts as a row: subject The rain / verb stopped. */
function partsOf(sentence: string): string {
  return report(sentence, lexicon)
    .parts.map(({ name, text, pieces }) => [name, pieces ? apart(pieces) : text].join(' '))
    .join(' / ');
}

describe('subject and verb', () => {
  test.each([
    ['The rain stopped.', 'subject The rain / verb stopped'],
    ['Our old thermometer has broken.', 'subject Our old thermometer / verb has broken'],
    ['Nobody spoke.', 'subject Nobody / verb spoke'],
    ['The clouds are moving.', 'subject The clouds / verb are moving'],
    ['Mina and Bram laughed.', 'subject Mina and Bram / verb laughed'],
    ['Both of them laughed.', 'subject Both of them / verb laughed'],
    ['The wind had been blowing.', 'subject The wind / verb had been blowing'],
    ['The man with the long coat waved.', 'subject The man with the long coat / verb waved'],
    ['The lake should have frozen.', 'subject The lake / verb should have frozen'],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('subject, verb and complement', () => {
  test.each([
    ['The wind is cold.', 'subject The wind / verb is / complement cold'],
    ['Her sister became a pilot.', 'subject Her sister / verb became / complement a pilot'],
    ['You look tired.', 'subject You / verb look / complement tired'],
    ['The soup tastes salty.', 'subject The soup / verb tastes / complement salty'],
    ['The milk went sour.', 'subject The milk / verb went / complement sour'],
    ['The leaves turn red.', 'subject The leaves / verb turn / complement red'],
    ['The room fell silent.', 'subject The room / verb fell / complement silent'],
    ['That sounds like a good plan.', 'subject That / verb sounds / complement like a good plan'],
    ['These are mine.', 'subject These / verb are / complement mine'],
    ['The path was steep and narrow.', 'subject The path / verb was / complement steep and narrow'],
    [
      'The water is much too cold for us.',
      'subject The water / verb is / complement much too cold for us',
    ],
    ['Bram is good at chess.', 'subject Bram / verb is / complement good at chess'],
    [
      'The owls are afraid of the light.',
      'subject The owls / verb are / complement afraid of the light',
    ],
    ['Mina was ready to leave.', 'subject Mina / verb was / complement ready to leave'],
    [
      'The tower is taller than the church.',
      'subject The tower / verb is / complement taller than the church',
    ],
    [
      'The girl who found the egg is my cousin.',
      'subject The girl who found the egg / verb is / complement my cousin',
    ],
    ['My plan is to wait.', 'subject My plan / verb is / complement to wait'],
    [
      'The trouble is that the pump leaks.',
      'subject The trouble / verb is / complement that the pump leaks',
    ],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('subject, verb and object', () => {
  test.each([
    ['Mina read the gauge.', 'subject Mina / verb read / object the gauge'],
    ['Mina can lift the heavy stone.', 'subject Mina / verb can lift / object the heavy stone'],
    [
      'We met each other in the hut.',
      'subject We / verb met / object each other / where in the hut',
    ],
    ['She hurt herself.', 'subject She / verb hurt / object herself'],
    [
      'All of the children in the hut heard the thunder.',
      'subject All of the children in the hut / verb heard / object the thunder',
    ],
    [
      'The storm, which came from the west, broke two trees.',
      'subject The storm, which came from the west, / verb broke / object two trees',
    ],
    ['I want to see the clouds.', 'subject I / verb want / object to see the clouds'],
    ['She enjoys drawing maps.', 'subject She / verb enjoys / object drawing maps'],
    ['Bram kept talking.', 'subject Bram / verb kept / object talking'],
    [
      'We know that the wind will change.',
      'subject We / verb know / object that the wind will change',
    ],
    [
      'They wondered whether it would snow.',
      'subject They / verb wondered / object whether it would snow',
    ],
    ['I forgot where the key was.', 'subject I / verb forgot / object where the key was'],
    ['Nobody knew who had called.', 'subject Nobody / verb knew / object who had called'],
    [
      'The club needs new ropes and a lamp.',
      'subject The club / verb needs / object new ropes and a lamp',
    ],
    ['Do you like the map?', 'verb Do … like / subject you / object the map'],
  ])('%s', (sentence, parts) =>
    expect(partsOf(sentence).split(' / ').sort()).toEqual(parts.split(' / ').sort()),
  );
});

describe('two objects', () => {
  test.each([
    [
      'Bram gave his sister the map.',
      'subject Bram / verb gave / to whom his sister / object the map',
    ],
    [
      'Gran sent the club a parcel.',
      'subject Gran / verb sent / to whom the club / object a parcel',
    ],
    [
      'The teacher told us a story.',
      'subject The teacher / verb told / to whom us / object a story',
    ],
    [
      'He showed the visitors the charts.',
      'subject He / verb showed / to whom the visitors / object the charts',
    ],
    [
      'My uncle bought me a telescope.',
      'subject My uncle / verb bought / to whom me / object a telescope',
    ],
    ['Mina gave the key to Bram.', 'subject Mina / verb gave / object the key / to whom to Bram'],
    ['They made a cake for Gran.', 'subject They / verb made / object a cake / to whom for Gran'],
    [
      'He told me that he was tired.',
      'subject He / verb told / to whom me / object that he was tired',
    ],
    [
      'She asked him where the boat was.',
      'subject She / verb asked / to whom him / object where the boat was',
    ],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('object and its complement', () => {
  test.each([
    [
      'They painted the gate green.',
      'subject They / verb painted / object the gate / complement green',
    ],
    [
      'The club made Mina its leader.',
      'subject The club / verb made / object Mina / complement its leader',
    ],
    ['We found the cave empty.', 'subject We / verb found / object the cave / complement empty'],
    [
      'They call the hill Old Tom.',
      'subject They / verb call / object the hill / complement Old Tom',
    ],
    [
      'The news made everybody happy.',
      'subject The news / verb made / object everybody / complement happy',
    ],
    ['Please keep the door open.', 'verb keep / object the door / complement open'],
    ['They elected her captain.', 'subject They / verb elected / object her / complement captain'],
    ['She left the window open.', 'subject She / verb left / object the window / complement open'],
    [
      'The rain made the steps slippery.',
      'subject The rain / verb made / object the steps / complement slippery',
    ],
    [
      'Everyone thought the plan sensible.',
      'subject Everyone / verb thought / object the plan / complement sensible',
    ],
    [
      'They named the kitten Patch.',
      'subject They / verb named / object the kitten / complement Patch',
    ],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('adverbials: where, when, how, why', () => {
  test.each([
    ['The ladder is in the shed.', 'subject The ladder / verb is / where in the shed'],
    ['Gran lives upstairs.', 'subject Gran / verb lives / where upstairs'],
    [
      'She put the jar on the shelf.',
      'subject She / verb put / object the jar / where on the shelf',
    ],
    [
      'Yesterday the river flooded the path.',
      'when Yesterday / subject the river / verb flooded / object the path',
    ],
    [
      'At noon we ate our sandwiches.',
      'when At noon / subject we / verb ate / object our sandwiches',
    ],
    [
      'The dog barked loudly all night.',
      'subject The dog / verb barked / how loudly / when all night',
    ],
    [
      'The ice melted slowly in the sun.',
      'subject The ice / verb melted / how slowly / where in the sun',
    ],
    [
      'The boat sailed slowly down the river.',
      'subject The boat / verb sailed / how slowly / where down the river',
    ],
    [
      'Every morning Mina checks the rain gauge before breakfast.',
      'when Every morning / subject Mina / verb checks / object the rain gauge / when before breakfast',
    ],
    [
      "By six o'clock the snow had covered the roof.",
      "when By six o'clock / subject the snow / verb had covered / object the roof",
    ],
    [
      'Last week the club planted a tree near the gate.',
      'when Last week / subject the club / verb planted / object a tree / where near the gate',
    ],
    [
      'The clouds have been growing darker since noon.',
      'subject The clouds / verb have been growing / complement darker / when since noon',
    ],
    [
      'Suddenly a fox ran across the road.',
      'when Suddenly / subject a fox / verb ran / where across the road',
    ],
    ['We walked for two hours.', 'subject We / verb walked / when for two hours'],
    [
      'Bram stayed at home because of the rain.',
      'subject Bram / verb stayed / where at home / why because of the rain',
    ],
    ['She stopped to look.', 'subject She / verb stopped / why to look'],
    ['He cut the rope with a knife.', 'subject He / verb cut / object the rope / how with a knife'],
    ['They came by bus.', 'subject They / verb came / how by bus'],
    [
      'Bram wore his coat because it was cold.',
      'subject Bram / verb wore / object his coat / why because it was cold',
    ],
    ['We waited until the rain stopped.', 'subject We / verb waited / when until the rain stopped'],
    [
      'She answered as politely as she could.',
      'subject She / verb answered / how as politely as she could',
    ],
    [
      'The key hung where everyone could see it.',
      'subject The key / verb hung / where where everyone could see it',
    ],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('phrases that belong together', () => {
  test.each([
    [
      'She bowled so fast that he missed it.',
      'subject She / verb bowled / how so fast that he missed it',
    ],
    [
      'Keep it in a tin so that it stays dry.',
      'verb Keep / object it / where in a tin / why so that it stays dry',
    ],
    [
      'Stars shine in the dark winter sky.',
      'subject Stars / verb shine / where in the dark winter sky',
    ],
    ['Bram wrote a story about owls.', 'subject Bram / verb wrote / object a story about owls'],
    [
      'A swan is a bird with a long neck.',
      'subject A swan / verb is / complement a bird with a long neck',
    ],
    [
      'Two swans led five grey chicks across the lake.',
      'subject Two swans / verb led / object five grey chicks / where across the lake',
    ],
    [
      'They planted trees all over the world.',
      'subject They / verb planted / object trees / where all over the world',
    ],
    [
      'He threw the ball as far as the tree.',
      'subject He / verb threw / object the ball / how as far as the tree',
    ],
    ['Keep valuable things in a safe.', 'verb Keep / object valuable things / where in a safe'],
    ['She was found guilty.', 'subject She / verb was found / complement guilty'],
    ['She was elected captain.', 'subject She / verb was elected / complement captain'],
    [
      'Too much pressure bends the pole.',
      'subject Too much pressure / verb bends / object the pole',
    ],
    [
      'The donkey pulled a cart full of hay.',
      'subject The donkey / verb pulled / object a cart full of hay',
    ],
    ['The nanny looks after me.', 'subject The nanny / verb looks after / object me'],
    [
      'We waited for the bus in the rain.',
      'subject We / verb waited for / object the bus / where in the rain',
    ],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('order turned round', () => {
  test.each([
    [
      'Behind the hut stood an old pump.',
      'where Behind the hut / verb stood / subject an old pump',
    ],
    ['In the corner sat two owls.', 'where In the corner / verb sat / subject two owls'],
    ['Here comes the bus.', 'where Here / verb comes / subject the bus'],
    [
      'There are three owls in the barn.',
      'subject There / verb are / complement three owls / where in the barn',
    ],
    ['Down the hill rolled the barrel.', 'where Down the hill / verb rolled / subject the barrel'],
    ['On the roof was a small flag.', 'where On the roof / verb was / subject a small flag'],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('a clause or a phrase with a verb as subject', () => {
  test.each([
    ['Measuring rain is easy.', 'subject Measuring rain / verb is / complement easy'],
    ['To wait was hard.', 'subject To wait / verb was / complement hard'],
    ['What she said surprised us.', 'subject What she said / verb surprised / object us'],
    ['What we need is a longer rope.', 'subject What we need / verb is / complement a longer rope'],
    [
      'Whoever left the gate open let the goats out.',
      'subject Whoever left the gate open / verb let … out / object the goats',
    ],
    [
      'Walking along the beach makes me happy.',
      'subject Walking along the beach / verb makes / object me / complement happy',
    ],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('questions', () => {
  test.each([
    ['Who broke the vane?', 'subject Who / verb broke / object the vane'],
    ['What did Bram find?', 'object What / verb did … find / subject Bram'],
    ['Which path should we take?', 'object Which path / verb should … take / subject we'],
    ['Where does the stream begin?', 'where Where / verb does … begin / subject the stream'],
    ['Why did the pump stop?', 'why Why / verb did … stop / subject the pump'],
    ['When will the bus come?', 'when When / verb will … come / subject the bus'],
    ['Is the kettle hot?', 'verb Is / subject the kettle / complement hot'],
    ['Has anybody seen my gloves?', 'verb Has … seen / subject anybody / object my gloves'],
    ['How tall is the mast?', 'complement How tall / verb is / subject the mast'],
    ['What is the answer?', 'complement What / verb is / subject the answer'],
    ['Whose boots are these?', 'complement Whose boots / verb are / subject these'],
    ['How many eggs did you count?', 'object How many eggs / verb did … count / subject you'],
  ])('%s', (sentence, parts) =>
    expect(partsOf(sentence).split(' / ').sort()).toEqual(parts.split(' / ').sort()),
  );
});

describe('who does it in a passive', () => {
  test.each([
    [
      'The gate was opened by the farmer.',
      'subject The gate / verb was opened / agent by the farmer',
    ],
    [
      'The letters were written yesterday.',
      'subject The letters / verb were written / when yesterday',
    ],
    ['The hut was built in two days.', 'subject The hut / verb was built / when in two days'],
    [
      'The bridge was destroyed by a flood in 1953.',
      'subject The bridge / verb was destroyed / agent by a flood / when in 1953',
    ],
    ['The prize was given to Mina.', 'subject The prize / verb was given / to whom to Mina'],
    ['Mina was given the prize.', 'subject Mina / verb was given / object the prize'],
    [
      'The tent was put up by the river.',
      'subject The tent / verb was put up / where by the river',
    ],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});

describe('several clauses: the parts are those of the main clause', () => {
  test.each([
    ['He opened the door and looked outside.', 'subject He / verb opened / object the door'],
    ['When the bell rang, everyone ran home.', 'subject everyone / verb ran / where home'],
    ['If it rains, we will stay inside.', 'subject we / verb will stay / where inside'],
    ['Because he was late, Bram missed the bus.', 'subject Bram / verb missed / object the bus'],
    [
      'The path was so steep that we stopped.',
      'subject The path / verb was / complement so steep that we stopped',
    ],
    ['Although it was dark, she found the gate.', 'subject she / verb found / object the gate'],
    [
      'As the sun set, the hills turned purple.',
      'subject the hills / verb turned / complement purple',
    ],
    ['It rained, so we played chess.', 'subject It / verb rained'],
  ])('%s', (sentence, parts) => expect(partsOf(sentence)).toBe(parts));
});
