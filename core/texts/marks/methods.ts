/**
 * Methods of writers: literary and language methods in common use, each with a
 * plain definition and an example of our own or from Christina Rossetti's wind
 * poem of 1872 (public domain). A teacher adds more for a text.
 */
import type { Method, MethodFamily } from './method';

export { methodFamilies, type Method, type MethodFamily } from './method';

const rows: readonly (readonly [MethodFamily, string, string, string])[] = [
  [
    'image',
    'metaphor',
    'says that one thing is another, to show what they share',
    'The storm was a drum on our roof.',
  ],
  [
    'image',
    'extended metaphor',
    'keeps one comparison going through several lines',
    'The wind knocked, waited at the door, and walked in without wiping its feet.',
  ],
  [
    'image',
    'simile',
    'says that one thing is like another, with like or as',
    'The fog lay like a blanket.',
  ],
  [
    'image',
    'personification',
    'lets a thing or an animal act or feel as people do',
    'The trees bow down their heads.',
  ],
  [
    'image',
    'pathetic fallacy',
    'lets the weather or the place share a person’s mood',
    'It rained all the day she left.',
  ],
  ['image', 'symbol', 'a thing that stands for an idea', 'The weather vane: change.'],
  [
    'image',
    'imagery',
    'words that make the reader see, hear, smell, taste or feel',
    'Cold iron rain that tasted of the sea.',
  ],
  [
    'image',
    'zoomorphism',
    'gives a person or thing the ways of an animal',
    'The wind howled at the gate.',
  ],
  ['image', 'synaesthesia', 'mixes the senses', 'A loud yellow morning.'],
  [
    'image',
    'metonymy',
    'names a thing by something that belongs to it',
    'The station (the people in it) sent a warning.',
  ],
  ['image', 'synecdoche', 'names a part for the whole', 'Ten hands climbed the hill.'],
  [
    'image',
    'allusion',
    'points to another story, person or event without telling it',
    'An Achilles’ heel of a roof.',
  ],
  [
    'image',
    'motif',
    'an image or idea that comes again through a whole text',
    'The open gate in every chapter.',
  ],
  ['sound', 'alliteration', 'words close together begin with the same sound', 'wild wet wind'],
  ['sound', 'assonance', 'the same vowel sound in words close together', 'slow cold snow'],
  [
    'sound',
    'consonance',
    'the same consonant sound inside or at the end of words',
    'the dark lake woke',
  ],
  [
    'sound',
    'sibilance',
    'hissing sounds, s, sh and z, close together',
    'the sea’s soft hush and hiss',
  ],
  [
    'sound',
    'plosives',
    'hard sounds, p, b, t, d, k and g, close together',
    'the big gate banged and broke',
  ],
  ['sound', 'onomatopoeia', 'a word that sounds like what it names', 'drip, crack, whoosh'],
  ['sound', 'rhyme', 'line ends that sound alike', 'blow / snow'],
  ['sound', 'half rhyme', 'line ends that sound nearly alike', 'wind / land'],
  ['sound', 'internal rhyme', 'a rhyme inside a line', 'The hail on the rail.'],
  ['sound', 'rhythm', 'the beat of stressed and unstressed syllables', 'Who has SEEN the WIND?'],
  ['sound', 'metre', 'a beat that keeps to a pattern through the lines', 'iambic tetrameter'],
  ['shape', 'repetition', 'a word, phrase or line that comes again', 'Who has seen the wind?'],
  [
    'shape',
    'anaphora',
    'lines or sentences that begin with the same words',
    'We watched. We waited. We wrote it down.',
  ],
  [
    'shape',
    'refrain',
    'a line or lines that come again at set places',
    'the last line of every verse',
  ],
  ['shape', 'parallelism', 'parts built in the same way', 'Neither I nor you … Neither you nor I'],
  ['shape', 'contrast', 'two things set against each other', 'a warm room, a white hill'],
  ['shape', 'antithesis', 'opposite ideas in one balanced sentence', 'Small gauge, great flood.'],
  [
    'shape',
    'juxtaposition',
    'two unlike things placed side by side',
    'a lamb beside the snow plough',
  ],
  ['shape', 'listing', 'things named one after another', 'rope, lamp, boots and a map'],
  ['shape', 'rule of three', 'three things said together', 'cold, wet and late'],
  ['shape', 'enjambment', 'a sentence runs on over the end of a line', 'the wind / is passing'],
  ['shape', 'caesura', 'a pause inside a line', 'It stopped. Then nothing.'],
  ['shape', 'end-stopping', 'a line that ends with its sentence', 'Neither I nor you:'],
  ['shape', 'volta', 'the place where a poem turns', 'But when the leaves hang trembling'],
  ['shape', 'stanza form', 'lines grouped in a pattern', 'two stanzas of four lines'],
  ['shape', 'cyclical structure', 'the end comes back to the beginning', 'the gate opens again'],
  ['shape', 'short sentence', 'a sentence of few words for a strong effect', 'It broke.'],
  [
    'shape',
    'long sentence',
    'a sentence that goes on, to build up or to overwhelm',
    'and on it rained, and on, and on',
  ],
  ['voice', 'first person', 'the teller is in the story: I, we', 'I read the gauge at six.'],
  [
    'voice',
    'third person',
    'the teller stands outside: he, she, they',
    'She read the gauge at six.',
  ],
  ['voice', 'direct address', 'speaks to the reader: you', 'You have felt it too.'],
  ['voice', 'rhetorical question', 'a question that wants no answer', 'Who has seen the wind?'],
  [
    'voice',
    'verbal irony',
    'someone says the opposite of what they mean',
    '“Lovely weather,” in a flood.',
  ],
  [
    'voice',
    'dramatic irony',
    'the reader knows what a person in the story does not',
    'We know that the bridge is gone.',
  ],
  [
    'voice',
    'situational irony',
    'what happens is the opposite of what was expected',
    'The rain watcher forgot his coat.',
  ],
  ['voice', 'sarcasm', 'verbal irony that means to hurt', '“Well forecast,” she said, dripping.'],
  [
    'voice',
    'hyperbole',
    'says far more than is true, for effect',
    'It rained for a thousand years.',
  ],
  ['voice', 'understatement', 'says less than is true, for effect', 'a little wind, and no roof'],
  ['voice', 'oxymoron', 'two words together that disagree', 'a loud silence'],
  [
    'voice',
    'paradox',
    'something that seems impossible and is true',
    'The more it dried, the more it drank.',
  ],
  ['voice', 'tone', 'the feeling in the voice of a text', 'gentle, wondering'],
  ['voice', 'monologue', 'one person speaks for a long time', 'the keeper’s last entry'],
  ['voice', 'dialogue', 'people speak to each other', '“Is it over?” “Not yet.”'],
  ['words', 'strong verb', 'a verb that shows exactly how', 'The gate slammed.'],
  ['words', 'adjective', 'a word that describes a thing', 'a bitter wind'],
  ['words', 'adverb', 'a word that says how, when or where', 'It fell softly.'],
  ['words', 'emotive language', 'words chosen to make the reader feel', 'the poor drowned lambs'],
  ['words', 'semantic field', 'many words about one thing', 'gauge, vane, cloud, front'],
  [
    'words',
    'connotation',
    'what a word makes one think of besides its meaning',
    'white: clean, cold, empty',
  ],
  ['words', 'technical words', 'words of one trade', 'barometer, isobar'],
  ['words', 'imperative', 'a verb that gives an order', 'Close the gate.'],
  ['words', 'modal verb', 'must, may, could: how sure or how strong', 'It must stop.'],
  [
    'words',
    'pronoun choice',
    'I, we, they: who belongs and who does not',
    'they on the hill, we below',
  ],
  ['words', 'tense shift', 'the time of the verbs changes', 'It was still. Now it comes.'],
  ['words', 'archaism', 'a word from older English', 'thou, whither'],
  ['words', 'fact and figure', 'something that can be checked', '42 mm in an hour'],
  ['words', 'expert opinion', 'what someone who knows says', '“It will pass,” the keeper says.'],
  ['story', 'foreshadowing', 'a hint of what will come', 'The first gull flew inland.'],
  [
    'story',
    'flashback',
    'goes back to an earlier time',
    'He saw the flood of his childhood again.',
  ],
  ['story', 'setting', 'where and when it happens', 'Fernhill, a night in March'],
  [
    'story',
    'character',
    'what a person is like, shown by what they say and do',
    'She counted the lambs twice.',
  ],
  ['story', 'conflict', 'what stands against what', 'the club against the storm'],
  ['story', 'climax', 'the moment of most tension', 'The bridge lifts.'],
  ['story', 'cliffhanger', 'stops where one most wants to go on', 'Then the lamp went out.'],
  [
    'story',
    'withholding',
    'keeps back what the reader wants to know',
    'No one said whose coat it was.',
  ],
  [
    'story',
    'anecdote',
    'a short story told to make a point',
    'My aunt once dried her socks on the vane.',
  ],
  ['story', 'theme', 'an idea that runs through the whole', 'what cannot be seen'],
];

export const methods: readonly Method[] = rows.map(([family, name, definition, example]) => ({
  id: name.replaceAll(' ', '-'),
  name,
  family,
  definition,
  example,
}));

const byId = new Map(methods.map((method) => [method.id, method]));

/** A method by its id: one of the list, or one of the text's own. */
export function findMethod(id: string, own: readonly Method[] = []): Method | undefined {
  return byId.get(id) ?? own.find((method) => method.id === id);
}
