/**
 * What a sentence shows without saying it, by patterns that hold: a feeling from
 * an act, the weather or the time from what somebody does, what comes next from a
 * sign of it. A small table of common knowledge; where none fits, nothing is
 * worked out.
 */
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Passage, PassageSentence } from './passage';
import { statementsOf, type PlainStatement } from './statements-of';

export interface Inference {
  readonly question: string;
  /** What a reader can tell, as a model: other words for it are right too. */
  readonly answer: string;
  readonly sentence: PassageSentence;
  readonly kind: 'feeling' | 'cause' | 'next';
  /** The words that show it. */
  readonly shows: string;
}

interface Sign {
  readonly shows: RegExp;
  readonly tells: string;
}

const sign = (source: string, tells: string): Sign => ({
  shows: new RegExp(`\\b(?:${source})\\b`, 'iu'),
  tells,
});

/** Acts that show a feeling; of a person alone. */
const feelings: readonly Sign[] = [
  sign('smiled|grinned|beamed|laughed(?! at)|hummed|whistled', 'happy, pleased, friendly'),
  sign(
    '(?:wept|sobbed|cried(?! out)|tears?(?! up))(?! (?:with|of|for) (?:joy|laughter|laughing|happiness|relief|pride))',
    'sad, upset',
  ),
  sign(
    'trembled|shook with|hid (?:under|behind|in)|held (?:his|her|their) breath|heart (?:beat|pounded|thumped)|turned pale|went pale',
    'afraid, frightened',
  ),
  sign('stamped|slammed|shouted at|snapped|clenched (?:his|her) fists?|glared', 'angry, cross'),
  sign('sighed|shrugged|yawned and', 'tired of it, disappointed'),
  sign(
    'yawned|rubbed (?:his|her|their) eyes|could hardly keep (?:his|her|their) eyes open',
    'tired, sleepy',
  ),
  sign('gasped|(?:mouth|jaw) fell open|could not believe|couldn’t believe', 'surprised, amazed'),
  sign('blushed|went red|turned red|looked at (?:his|her) (?:feet|shoes)', 'embarrassed, shy'),
  sign(
    'jumped (?:up and down|for joy)|cheered|clapped|danced|punched the air',
    'excited, very happy',
  ),
  sign(
    'bit (?:his|her) (?:lip|nails)|paced|walked up and down|twisted (?:his|her)',
    'nervous, worried',
  ),
  sign('hugged|kissed|put (?:his|her) arms? (?:round|around)', 'loving, glad'),
];

/** What somebody does is asked for its reason. */
const WHY = 'why';

/** Acts that show what is not told: the weather, the hour, what somebody wants. */
const causes: readonly (Sign & { readonly asks: string })[] = [
  {
    ...sign(
      '(?:put|pulled) on (?:his|her|their|a|an) (?:thick |warm |woolly )?(?:coat|scarf|gloves|mittens|jumper|sweater|hat)|shivered|blew on (?:his|her|their) (?:hands|fingers)',
      'It is cold.',
    ),
    asks: 'What is the weather like?',
  },
  {
    ...sign(
      '(?:opened|put up) (?:his|her|an|the) umbrella|pulled up (?:his|her|their) hoods?|splashed through|ran for shelter',
      'It is raining.',
    ),
    asks: 'What is the weather like?',
  },
  {
    ...sign(
      'wiped (?:his|her|their) (?:forehead|brow)|fanned (?:himself|herself|themselves)|moved into the shade',
      'It is hot.',
    ),
    asks: 'What is the weather like?',
  },
  {
    ...sign(
      'lit (?:a|the|his|her|their) (?:lamp|candle|lantern|torch)|(?:switched|turned) on (?:a|the|his|her|their) (?:light|lamp|torch)',
      'It is dark.',
    ),
    asks: 'What time of day could it be, or what is the light like?',
  },
  {
    ...sign('whispered|tiptoed|on tiptoe|crept', 'Nobody should hear or notice it.'),
    asks: WHY,
  },
  {
    ...sign('(?:covered|held) (?:his|her|their) ears', 'It is very loud.'),
    asks: 'What can you tell about the place?',
  },
  {
    ...sign('(?:held|pinched) (?:his|her|their) noses?', 'It smells bad.'),
    asks: 'What can you tell about the place?',
  },
  {
    ...sign(
      '(?:looked at|checked) (?:his|her|their|the) (?:watch|clock)',
      'Somebody is waiting, or is afraid to be late.',
    ),
    asks: WHY,
  },
  {
    ...sign('packed (?:his|her|their|a) (?:bag|bags|suitcase|rucksack)', 'Somebody is going away.'),
    asks: 'What is going to happen?',
  },
  {
    ...sign(
      'drank (?:it|the water|a glass|two glasses)[^.]* in one (?:go|gulp)|gulped',
      'Somebody is very thirsty.',
    ),
    asks: 'What can you tell about this person?',
  },
  {
    ...sign(
      'ate (?:it|everything|the whole)|asked for more|licked (?:his|her|the) (?:plate|bowl|spoon)',
      'Somebody is very hungry.',
    ),
    asks: 'What can you tell about this person?',
  },
  {
    ...sign(
      'knocked (?:on|at)|rang the bell',
      'Somebody wants to be let in, or to ask for something.',
    ),
    asks: WHY,
  },
];

/** Signs of what comes next. */
const next: readonly Sign[] = [
  sign(
    'dark clouds|clouds? gathered|sky (?:(?:grew|went|turned|was) (?:\\p{L}+ )?(?:dark|darker|black|grey|gray)|darkened)|thunder rumbled',
    'It is going to rain, or a storm is coming.',
  ),
  sign('lightning flashed|flash of lightning', 'Thunder follows; the storm is here.'),
  sign(
    'ice (?:cracked|creaked|was thin)|rope (?:was fraying|frayed|creaked)|branch (?:cracked|creaked|bent)',
    'It is going to break.',
  ),
  sign(
    'forgot (?:to|his|her|the)|left (?:the|his|her) (?:gate|door|cage|tap) open',
    'Something will get out, or go wrong.',
  ),
  sign('smelled smoke|smelt smoke|smoke (?:rose|came|curled)', 'Something is on fire.'),
  sign(
    '(?:battery|fuel|petrol|water|food) was (?:almost|nearly) (?:empty|gone|finished)',
    'It will run out.',
  ),
];

/** Feelings that are said: nothing is left to work out. */
const said =
  /\b(?:happy|happily|sad|sadly|afraid|frightened|scared|angry|angrily|tired|sleepy|surprised|amazed|ashamed|shy|excited|nervous|worried|glad|pleased|cold|hot|dark|late|loud|raining|rain|thirsty|hungry)\b/iu;

/** The doer named as known: the woman, not a woman. */
export const asKnown = (doer: string) => doer.replace(/^an? /, 'the ');

/** Why did Mina do this?, in the tense of its sentence. */
export function whyOf({ subject, analysis }: Pick<PlainStatement, 'subject' | 'analysis'>): string {
  const who = asKnown(subject.text);
  const tense = analysis.tenseAspect;
  if (tense.includes('continuous')) {
    const be = analysis.main?.group.past
      ? subject.plural
        ? 'were'
        : 'was'
      : subject.plural
        ? 'are'
        : 'is';
    return `Why ${be} ${who} doing this?`;
  }
  if (tense.includes('perfect')) {
    const have = analysis.main?.group.past ? 'had' : subject.plural ? 'have' : 'has';
    return `Why ${have} ${who} done this?`;
  }
  if (tense.includes('future')) return `Why will ${who} do this?`;
  return `Why ${analysis.main?.group.past ? 'did' : subject.plural ? 'do' : 'does'} ${who} do this?`;
}

/** What can be worked out from a passage, in its order. */
export function inferencesOf(passage: Passage, lexicon: Lexicon): Inference[] {
  const actors = new Map(
    statementsOf(passage, lexicon)
      .filter(({ subject }) => subject.person)
      .map((statement) => [statement.sentence.start, statement]),
  );
  return passage.sentences.flatMap((sentence): Inference[] => {
    const { text } = sentence;
    if (/["“”?]/.test(text) || sentence.words > 28) return [];
    const isSaid = said.test(text);
    const actor = actors.get(sentence.start);
    const found = (signs: readonly Sign[]) => signs.find(({ shows }) => shows.test(text));
    const shown = ({ shows }: Sign) => shows.exec(text)?.[0] ?? '';
    const quoted = `“${text}”`;
    const feeling = isSaid ? undefined : actor && found(feelings);
    if (actor && feeling) {
      return [
        {
          kind: 'feeling',
          question: `${quoted} How ${actor.subject.plural ? 'do' : 'does'} ${asKnown(actor.subject.text)} feel?`,
          answer: feeling.tells,
          sentence,
          shows: shown(feeling),
        },
      ];
    }
    const cause = isSaid ? undefined : causes.find(({ shows }) => shows.test(text));
    if (actor && cause) {
      return [
        {
          kind: 'cause',
          question: `${quoted} ${cause.asks === WHY ? whyOf(actor) : cause.asks}`,
          answer: cause.tells,
          sentence,
          shows: shown(cause),
        },
      ];
    }
    const coming = found(next);
    return coming
      ? [
          {
            kind: 'next',
            question: `${quoted} What is going to happen?`,
            answer: coming.tells,
            sentence,
            shows: shown(coming),
          },
        ]
      : [];
  });
}
