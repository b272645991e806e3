/**
 * Whether an objective says who will do what, how well, in a verb that can be seen or heard.
 * The form is common practice in teacher education (audience, behaviour, condition, degree).
 */
export interface ObjectiveFinding {
  readonly part: 'who' | 'verb' | 'what' | 'how well';
  /** The words that say it; absent where nothing does. */
  readonly found?: string;
  /** What to do where it is missing or cannot be seen; empty where it is well. */
  readonly says: string;
}

const WHO =
  /\b(?:(?:all|most|some|the|each|every|my)\s+)*(?:learners?|pupils?|students?|children|child|class|groups?|readers?|writers?|they)\b/iu;

/** The name of a class at the beginning: Kestrels. */
const CLASS_NAME = /^\p{Lu}\p{L}+s\b/u;

/** What can be seen or heard. */
const seen =
  'spell read write say sort name underline circle match choose pick put order build make form complete fill find mark point show tell retell explain describe compare label list copy trace draw cut count clap tap blend segment break join combine change turn rewrite correct mend edit repair replace add answer ask use give report summarise summarize quote identify recognise recognize distinguish define predict pronounce recite act perform present discuss plan sum classify group contrast infer prove support cite express translate listen_and_write dictate punctuate capitalise capitalize decode speak'.split(
    ' ',
  );

/** What goes on unseen. */
const unseen =
  'know understand learn appreciate enjoy realise realize grasp master remember think feel believe value like become be_aware be_familiar see hear study explore experience consider'.split(
    ' ',
  );

const MEASURE =
  /\b(?:at least|no more than|without help|on their own|alone|in \d+ minutes?|within \d+|\d+ (?:of|out of) \d+|\d+ %|\d+ percent|\d+ per cent|all of them|each of|every one|with no more|correctly|accurately|fluently|with one|with two|with three|(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|\d+) (?:\p{L}+ ){0,3}(?:words?|sentences?|items?|examples?|reasons?|facts?|times|questions?|lines?|points?|details?|pairs?))\b/u;

const forms = (verb: string) => [verb, `${verb}s`, `${verb.replace(/e$/, '')}ing`];

function verbIn(text: string, verbs: readonly string[]): string | undefined {
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  return words.find((word) => verbs.some((verb) => forms(verb).includes(word)));
}

/** The four parts of an objective, in their order. */
export function checkObjective(objective: string): ObjectiveFinding[] {
  const text = objective.trim();
  const who = WHO.exec(text)?.[0] ?? CLASS_NAME.exec(text)?.[0];
  const rest = who === undefined ? text : text.slice(text.indexOf(who) + who.length);
  const hidden = /\bbe (?:aware|familiar)\b/.exec(rest)?.[0] ?? verbIn(rest, unseen);
  const open = verbIn(rest, seen);
  const verb = open ?? hidden;
  const after =
    verb === undefined ? '' : rest.slice(rest.toLowerCase().indexOf(verb) + verb.length);
  const what = after.replace(/[.\s]+$/, '').trim();
  const measure = MEASURE.exec(text)?.[0];
  return [
    {
      part: 'who',
      ...(who === undefined ? {} : { found: who }),
      says: who === undefined ? 'Say who: “Learners …”, or the name of the class.' : '',
    },
    {
      part: 'verb',
      ...(verb === undefined ? {} : { found: verb }),
      says:
        open !== undefined
          ? ''
          : hidden !== undefined
            ? `“${hidden}” cannot be seen. Say what they will do that shows it: spell, sort, say, write, underline …`
            : 'Say what they will do, in a verb that can be seen or heard: spell, sort, say, write …',
    },
    {
      part: 'what',
      ...(what === '' ? {} : { found: what }),
      says: what === '' ? 'Say what they will do it with.' : '',
    },
    {
      part: 'how well',
      ...(measure === undefined ? {} : { found: measure }),
      says:
        measure === undefined
          ? 'Say how well, or how much: “8 of 10 words”, “without help”, “in three sentences”.'
          : '',
    },
  ];
}
