/**
 * From active to passive and back, with the particles that go with it: が for whom it is done to,
 * に for who does it, によって where something is made, written or found (as in any reference
 * grammar; common practice). The participants may stand in either order.
 */
import { conjugate, type VerbClass } from './verb-forms';

export interface VoiceClause {
  readonly agent: string;
  readonly object: string;
  /** In kana, in its dictionary form. */
  readonly verb: string;
  readonly verbClass: VerbClass;
  /** Something is made by it: who does it has によって. */
  readonly makes?: boolean;
  readonly active: string;
  readonly passive: string;
}

const clause = (
  agent: string,
  object: string,
  verb: string,
  verbClass: VerbClass,
  active: string,
  passive: string,
  makes = false,
): VoiceClause => ({ agent, object, verb, verbClass, active, passive, makes });

/** Clauses of the weather club, written for Wordane. */
export const voiceClauses: readonly VoiceClause[] = [
  clause(
    'かぜ',
    'ぼうし',
    'とばす',
    'godan',
    'The wind blew the hat away.',
    'The hat was blown away by the wind.',
  ),
  clause(
    'あらし',
    'やね',
    'こわす',
    'godan',
    'The storm broke the roof.',
    'The roof was broken by the storm.',
  ),
  clause(
    'かぜ',
    'き',
    'たおす',
    'godan',
    'The wind knocked the tree down.',
    'The tree was knocked down by the wind.',
  ),
  clause(
    'あめ',
    'ふく',
    'ぬらす',
    'godan',
    'The rain made the clothes wet.',
    'The clothes were made wet by the rain.',
  ),
  clause(
    'くも',
    'やま',
    'かくす',
    'godan',
    'The cloud hid the mountain.',
    'The mountain was hidden by the cloud.',
  ),
  clause(
    'つき',
    'うみ',
    'てらす',
    'godan',
    'The moon lit the sea.',
    'The sea was lit by the moon.',
  ),
  clause(
    'かぜ',
    'ふね',
    'おす',
    'godan',
    'The wind pushed the ship.',
    'The ship was pushed by the wind.',
  ),
  clause(
    'かみなり',
    'あかちゃん',
    'おこす',
    'godan',
    'The thunder woke the baby.',
    'The baby was woken by the thunder.',
  ),
  clause(
    'ゆき',
    'みち',
    'ふさぐ',
    'godan',
    'The snow blocked the road.',
    'The road was blocked by the snow.',
  ),
  clause(
    'せんせい',
    'ミナ',
    'よぶ',
    'godan',
    'The teacher called Mina.',
    'Mina was called by the teacher.',
  ),
  clause(
    'せんせい',
    'アナ',
    'ほめる',
    'ichidan',
    'The teacher praised Ana.',
    'Ana was praised by the teacher.',
  ),
  clause(
    'はは',
    'おとうと',
    'しかる',
    'godan',
    'My mother scolded my brother.',
    'My brother was scolded by my mother.',
  ),
  clause(
    'いぬ',
    'ねこ',
    'おう',
    'godan',
    'The dog chased the cat.',
    'The cat was chased by the dog.',
  ),
  clause(
    'ねこ',
    'さかな',
    'たべる',
    'ichidan',
    'The cat ate the fish.',
    'The fish was eaten by the cat.',
  ),
  clause(
    'ふね',
    'わたしたち',
    'たすける',
    'ichidan',
    'The ship rescued us.',
    'We were rescued by the ship.',
  ),
  clause(
    'けいさつ',
    'くるま',
    'とめる',
    'ichidan',
    'The police stopped the car.',
    'The car was stopped by the police.',
  ),
  clause(
    'ケン',
    'アナ',
    'しょうたいする',
    'irregular',
    'Ken invited Ana.',
    'Ana was invited by Ken.',
  ),
  clause('クラブ', 'ベン', 'えらぶ', 'godan', 'The club chose Ben.', 'Ben was chosen by the club.'),
  clause(
    'せんせい',
    'この ほん',
    'かく',
    'godan',
    'The teacher wrote this book.',
    'This book was written by the teacher.',
    true,
  ),
  clause(
    'がくせい',
    'この ちず',
    'つくる',
    'godan',
    'A student made this map.',
    'This map was made by a student.',
    true,
  ),
  clause(
    'むらの ひと',
    'この はし',
    'たてる',
    'ichidan',
    'The people of the village built this bridge.',
    'This bridge was built by the people of the village.',
    true,
  ),
  clause(
    'かがくしゃ',
    'あたらしい ほし',
    'はっけんする',
    'irregular',
    'A scientist discovered a new star.',
    'A new star was discovered by a scientist.',
    true,
  ),
  clause(
    'かがくしゃ',
    'この どうぐ',
    'はつめいする',
    'irregular',
    'A scientist invented this instrument.',
    'This instrument was invented by a scientist.',
    true,
  ),
  clause(
    'がくせい',
    'この え',
    'えがく',
    'godan',
    'A student painted this picture.',
    'This picture was painted by a student.',
    true,
  ),
];

export type Voice = 'active' | 'passive';

export interface VoiceChange {
  readonly given: string;
  /** All that are right, the preferred first. */
  readonly right: readonly string[];
  readonly meaning: string;
  readonly why: string;
}

/** The polite past of a passive, which is a verb of the ichidan class. */
const politePassive = (dictionary: string) => `${dictionary.replace(/る$/, '')}ました`;

/** With the blanks between phrases, and without: both are usual. */
const bothWays = (sentences: readonly string[]) => [
  ...sentences,
  ...sentences.map((sentence) => sentence.replaceAll(' ', '')),
];

/** Each clause in the other voice, with its particles; は for が is right as well. */
export function changeVoice(
  { agent, object, verb, verbClass, makes, active, passive }: VoiceClause,
  to: Voice,
): VoiceChange {
  const { mashita, passive: dictionary } = conjugate(verb, verbClass);
  const done = politePassive(dictionary);
  const subjects = ['が', 'は'];
  const actives = subjects.flatMap((subject) => [
    `${agent}${subject} ${object}を ${mashita}。`,
    `${object}を ${agent}${subject} ${mashita}。`,
  ]);
  const by = makes ? ['によって'] : ['に', 'によって'];
  const passives = by.flatMap((particle) =>
    subjects.flatMap((subject) => [
      `${object}${subject} ${agent}${particle} ${done}。`,
      `${agent}${particle} ${object}${subject} ${done}。`,
    ]),
  );
  const rule = makes
    ? 'what is made has が, who makes it has によって'
    : 'whom it is done to has が, who does it has に';
  const [firstActive = ''] = actives;
  const [firstPassive = ''] = passives;
  return to === 'passive'
    ? {
        given: firstActive,
        right: bothWays(passives),
        meaning: passive,
        why: `${verb} → ${dictionary}: ${rule}.`,
      }
    : {
        given: firstPassive,
        right: bothWays(actives),
        meaning: active,
        why: `${dictionary} → ${verb}: who does it has が, whom it is done to has を.`,
      };
}
