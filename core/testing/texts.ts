/**
 * Texts for tests. Those by named writers died more than a hundred years ago and
 * are in the public domain; they are set down from memory. The others were
 * written for Wordane.
 */
import { readFileSync } from 'node:fs';
import { gunzipSync, strFromU8 } from 'fflate';
import { SyllableCounter, unpackSyllables } from '../texts/analysis/syllable-count';

let counter: SyllableCounter | undefined;

/** Syllables as the shipped pack counts them. */
export function testSyllables(): SyllableCounter {
  const bytes = readFileSync(new URL('../../data/packs/syllables.pack', import.meta.url));
  counter ??= new SyllableCounter(unpackSyllables(strFromU8(gunzipSync(bytes))));
  return counter;
}

export interface TestPoem {
  readonly title: string;
  readonly body: string;
  /** The rhyme scheme as handbooks give it. */
  readonly scheme: string;
  readonly metre?: string;
}

export const poems: readonly TestPoem[] = [
  {
    title: 'Rossetti 1872, Who Has Seen the Wind?',
    scheme: 'abcb aded',
    body: `Who has seen the wind?
Neither I nor you:
But when the leaves hang trembling,
The wind is passing through.

Who has seen the wind?
Neither you nor I:
But when the trees bow down their heads,
The wind is passing by.`,
  },
  {
    title: 'Tennyson 1851, The Eagle',
    scheme: 'aaa bbb',
    metre: 'iambic tetrameter',
    body: `He clasps the crag with crooked hands;
Close to the sun in lonely lands,
Ringed with the azure world, he stands.

The wrinkled sea beneath him crawls;
He watches from his mountain walls,
And like a thunderbolt he falls.`,
  },
  {
    title: 'Blake 1794, The Tyger',
    scheme: 'aabb ccdd',
    metre: 'trochaic tetrameter',
    body: `Tyger Tyger, burning bright,
In the forests of the night;
What immortal hand or eye,
Could frame thy fearful symmetry?

In what distant deeps or skies
Burnt the fire of thine eyes?
On what wings dare he aspire?
What the hand dare seize the fire?`,
  },
  {
    title: 'Wordsworth 1807, I Wandered Lonely as a Cloud',
    scheme: 'ababcc',
    metre: 'iambic tetrameter',
    body: `I wandered lonely as a cloud
That floats on high o’er vales and hills,
When all at once I saw a crowd,
A host, of golden daffodils;
Beside the lake, beneath the trees,
Fluttering and dancing in the breeze.`,
  },
  {
    title: 'Shakespeare 1609, Sonnet 18',
    scheme: 'ababcdcdefefgg',
    metre: 'iambic pentameter',
    body: `Shall I compare thee to a summer’s day?
Thou art more lovely and more temperate:
Rough winds do shake the darling buds of May,
And summer’s lease hath all too short a date:
Sometime too hot the eye of heaven shines,
And often is his gold complexion dimmed;
And every fair from fair sometime declines,
By chance, or nature’s changing course, untrimmed;
But thy eternal summer shall not fade,
Nor lose possession of that fair thou owest;
Nor shall death brag thou wander’st in his shade,
When in eternal lines to time thou growest:
So long as men can breathe, or eyes can see,
So long lives this, and this gives life to thee.`,
  },
  {
    title: 'Stevenson 1885, Bed in Summer',
    scheme: 'aabb ccdd',
    body: `In winter I get up at night
And dress by yellow candle-light.
In summer, quite the other way,
I have to go to bed by day.

I have to go to bed and see
The birds still hopping on the tree,
Or hear the grown-up people’s feet
Still going past me in the street.`,
  },
  {
    title: 'Moore 1823, A Visit from St. Nicholas',
    scheme: 'aabb',
    metre: 'anapaestic tetrameter',
    body: `’Twas the night before Christmas, when all through the house
Not a creature was stirring, not even a mouse;
The stockings were hung by the chimney with care,
In hopes that St. Nicholas soon would be there;`,
  },
  {
    title: 'Stevenson 1885, The Wind, first stanza',
    scheme: 'aabbcc',
    body: `I saw you toss the kites on high
And blow the birds about the sky;
And all around I heard you pass,
Like ladies’ skirts across the grass,
O wind, a-blowing all day long,
O wind, that sings so loud a song!`,
  },
];

export const proses: readonly { readonly title: string; readonly body: string }[] = [
  {
    title: 'Carroll 1865, Alice, first paragraphs',
    body: `Alice was beginning to get very tired of sitting by her sister on the bank, and of having nothing to do. Once or twice she had peeped into the book her sister was reading, but it had no pictures or conversations in it. “And what is the use of a book,” thought Alice, “without pictures or conversations?”

So she was considering in her own mind (as well as she could, for the hot day made her feel very sleepy and stupid) whether the pleasure of making a daisy-chain would be worth the trouble of getting up and picking the daisies. Suddenly a White Rabbit with pink eyes ran close by her.`,
  },
  {
    title: 'Aesop, The North Wind and the Sun, in the words of 1867',
    body: `The North Wind and the Sun disputed as to which was the most powerful. They agreed that he should be declared the victor who could first strip a wayfaring man of his clothes. The North Wind first tried his power and blew with all his might. The keener his blasts, the closer the Traveler wrapped his cloak around him. At last, resigning all hope of victory, the Wind called upon the Sun to see what he could do. The Sun suddenly shone out with all his warmth. The Traveler no sooner felt his genial rays than he took off one garment after another, and at last, fairly overcome with heat, undressed and bathed in a stream that lay in his path.

Persuasion is better than Force.`,
  },
  {
    title: 'written for Wordane, the flood log',
    body: `The river rose at 6.30 a.m. on Tuesday. Mr. Okoro saw it first, because his hut stands near the ford. “The bridge is under water!” he shouted. Nobody was hurt. By noon the gauge showed 3.7 metres, which is 1.2 metres above the mark of 1998.

Asha and Bram carried the instruments to the upper room. They worked quickly and carefully. Why did the water come so fast? The snow had melted in three warm days... and the ground was still frozen. Dr. Lind says that it will happen again. We shall be ready.`,
  },
];
