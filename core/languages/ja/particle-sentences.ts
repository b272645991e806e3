/**
 * Sentences of the weather club with one particle to be filled in: the key, then what is right as
 * well in this sense. Written for Wordane in kana with a blank between phrases, as first books have
 * it; which particle a verb takes is as in any reference grammar (common practice).
 */

/** The kinds a teacher asks for, by the particles that are theirs: in Latin letters, which every menu can show. */
export const particleGroups = {
  all: 'all particles',
  subject: 'ga and wa',
  object: 'o',
  place: 'ni, de and e',
  between: 'to, no, kara, made, yori and mo',
} as const;
export type ParticleGroup = keyof typeof particleGroups;

const groupOf: Readonly<Record<string, Exclude<ParticleGroup, 'all'>>> = {
  が: 'subject',
  は: 'subject',
  を: 'object',
  に: 'place',
  で: 'place',
  へ: 'place',
};

export interface ParticleSentence {
  readonly before: string;
  readonly after: string;
  /** The particle, then others that say the same here. */
  readonly right: readonly string[];
  readonly meaning: string;
  /** What the particle does here. */
  readonly why: string;
}

type Row = readonly [sentence: string, meaning: string, why: string];

const rows: readonly Row[] = [
  ['かぜ{が/は} つよく ふきます。', 'The wind blows hard.', 'who or what does it'],
  ['きのう あめ{が/は} ふりました。', 'It rained yesterday.', 'what fell'],
  ['きょうは てんき{が} いいです。', 'The weather is good today.', 'what is good'],
  ['わたしは ゆき{が} すきです。', 'I like snow.', 'what is liked, with すき'],
  ['あたらしい かさ{が} ほしいです。', 'I want a new umbrella.', 'what is wanted, with ほしい'],
  [
    'ここから やま{が/は} みえます。',
    'You can see the mountain from here.',
    'what is seen, with みえる',
  ],
  [
    'かみなりの おと{が/は} きこえました。',
    'The thunder could be heard.',
    'what is heard, with きこえる',
  ],
  ['だれ{が} まどを あけましたか。', 'Who opened the window?', 'a question word has が, never は'],
  ['あの くも{は/が} おおきいです。', 'That cloud is large.', 'what is spoken of'],
  ['あめ{は/が} もう やみましたか。', 'Has the rain stopped yet?', 'what is asked about'],
  ['これ{は} おんどけいです。', 'This is a thermometer.', 'what is spoken of: これは … です'],
  ['まど{を} あけました。', 'I opened the window.', 'what it is done to'],
  ['わたしたちは そら{を} みました。', 'We looked at the sky.', 'what is looked at'],
  ['とりが そら{を} とびます。', 'Birds fly through the sky.', 'the way through which one moves'],
  [
    'ふねが はしの したを とおって うみ{を} わたりました。',
    'The ship went under the bridge and crossed the sea.',
    'what is crossed',
  ],
  ['きのう なに{を} みましたか。', 'What did you see yesterday?', 'what it is done to'],
  ['バス{を/から} おりました。', 'I got off the bus.', 'what is left, with おりる'],
  ['まいにち きおん{を} はかります。', 'We measure the temperature every day.', 'what is measured'],
  ['えき{で} ともだちに あいました。', 'I met a friend at the station.', 'where something is done'],
  [
    'えきで ともだち{に/と} あいました。',
    'I met a friend at the station.',
    'whom one meets, with あう',
  ],
  ['まいあさ がっこう{へ/に} いきます。', 'I go to school every morning.', 'where one goes'],
  ['よる うち{に/へ} かえりました。', 'I went home at night.', 'where one goes back to'],
  ['バス{で} やまへ いきました。', 'We went to the mountain by bus.', 'the means'],
  ['まいあさ 7じ{に} おきます。', 'I get up at seven every morning.', 'the hour'],
  [
    'つくえの うえ{に} かさが あります。',
    'There is an umbrella on the desk.',
    'where something is, with ある',
  ],
  ['にわ{に} ねこが います。', 'There is a cat in the garden.', 'where somebody is, with いる'],
  ['ゆき{で} でんしゃが とまりました。', 'The train stopped because of the snow.', 'the cause'],
  ['きの した{で} まちました。', 'We waited under the tree.', 'where something is done'],
  ['カメラ{で} くもを とりました。', 'I took the clouds with a camera.', 'the means'],
  [
    'いちねん{で} 8がつが いちばん あついです。',
    'August is the hottest month of the year.',
    'among how much',
  ],
  ['せんせい{に} てんきを ききました。', 'I asked the teacher about the weather.', 'whom one asks'],
  ['ともだち{に/へ} てがみを かきました。', 'I wrote a letter to a friend.', 'to whom'],
  ['いもうと{に} ぼうしを あげました。', 'I gave my sister a hat.', 'to whom, with あげる'],
  [
    'あに{に/から} かさを もらいました。',
    'I got an umbrella from my brother.',
    'from whom, with もらう',
  ],
  ['あめが ゆき{に} なりました。', 'The rain turned into snow.', 'what it becomes, with なる'],
  ['バス{に} のりました。', 'I got on the bus.', 'what one gets on, with のる'],
  ['あめ{に} ふられました。', 'I was caught in the rain.', 'by what, with the passive'],
  [
    'かぜ{に} ぼうしを とばされました。',
    'I had my hat blown off by the wind.',
    'by what, with the passive',
  ],
  ['げつようび{に/は} しけんが あります。', 'There is a test on Monday.', 'the day'],
  ['うみ{の} かぜは つめたいです。', 'The wind from the sea is cold.', 'noun with noun'],
  ['これは わたし{の} かさです。', 'This is my umbrella.', 'whose'],
  ['はは{と} かさを かいました。', 'I bought an umbrella with my mother.', 'with whom'],
  ['あめ{と} ゆきが ふりました。', 'Rain and snow fell.', 'and, between nouns'],
  ['9じ{から} 5じまで はたらきます。', 'I work from nine to five.', 'from when'],
  ['9じから 5じ{まで} はたらきます。', 'I work from nine to five.', 'until when'],
  ['かぜは きた{から} ふいて います。', 'The wind is blowing from the north.', 'from where'],
  ['きょうは きのう{より} さむいです。', 'Today is colder than yesterday.', 'than'],
  [
    'きのうも さむかったです。きょう{も} さむいです。',
    'It was cold yesterday. It is cold today, too.',
    'too',
  ],
];

const MARKED = /\{([^{}]+)\}/;

function sentenceOf([sentence, meaning, why]: Row): ParticleSentence {
  const found = MARKED.exec(sentence);
  const marked = found?.[0] ?? '';
  const at = sentence.indexOf(marked);
  return {
    before: sentence.slice(0, at),
    after: sentence.slice(at + marked.length),
    right: (found?.[1] ?? '').split('/'),
    meaning,
    why,
  };
}

export const particleSentences: readonly ParticleSentence[] = rows.map(sentenceOf);

/** The group of a sentence, by its key. */
export const particleGroupOf = ({ right: [key = ''] }: ParticleSentence) =>
  groupOf[key] ?? 'between';
