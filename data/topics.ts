/** Which words belong to a teacher's topic: WordNet's kinds, corrected by list. */
import { readFileSync } from 'node:fs';
import type { WordbookSense } from './wordbook';
import { ancestors, basesOf, sensesOf, type Sense } from './wordnet';

interface Topic {
  readonly name: string;
  readonly kinds: ReadonlySet<string>;
  readonly files: ReadonlySet<number>;
  readonly added: ReadonlySet<string>;
  /** Topics of which the wordbook must give one to a headword. */
  readonly asked: ReadonlySet<string>;
  readonly removed: ReadonlySet<string>;
}

function parse(line: string): Topic {
  const [name = '', entries = ''] = line.split('\t');
  const all = entries.split(' ');
  const starting = (sign: string) =>
    new Set(all.filter((each) => each.startsWith(sign)).map((each) => each.slice(1)));
  return {
    name,
    kinds: starting('^'),
    files: new Set([...starting('#')].map(Number)),
    added: new Set(all.filter((each) => /^[a-z]/i.test(each))),
    asked: starting('='),
    removed: starting('-'),
  };
}

function readGroups(file: string): readonly Topic[] {
  return readFileSync(new URL(file, import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map(parse);
}

/** Topics by what WordNet calls a word a kind of, for words that the wordbook lacks. */
const topics = readGroups('./topics.tsv');
/** What a noun may be a name for. */
const nameKinds = readGroups('./name-kinds.tsv');

/** The senses a learner meets: the first of the nouns, and others used a third as often. */
function mainSenses(word: string): Sense[] {
  const all = sensesOf(word);
  const nouns = all.filter(({ synset }) => synset.wordClass === 'n');
  const tagged = (senses: readonly Sense[]) => senses.reduce((sum, each) => sum + each.tags, 0);
  if (tagged(nouns) < tagged(all) * 0.3) return [];
  const most = Math.max(0, ...nouns.map((each) => each.tags));
  const proper = (sense: Sense) =>
    sense.synset.words.some((each) => each !== word && each.toLowerCase() === word);
  return nouns.filter(
    (each, index) => !proper(each) && (index === 0 || (each.tags > 2 && each.tags >= most * 0.34)),
  );
}

function belongs(word: string, topic: Topic): boolean {
  if (topic.removed.has(word)) return false;
  if (topic.added.has(word)) return true;
  return mainSenses(word).some(
    ({ synset }) =>
      topic.files.has(synset.file) ||
      (topic.kinds.size > 0 &&
        ancestors(synset).some((each) => each.words.some((name) => topic.kinds.has(name)))),
  );
}

/** The names of the groups a word belongs to; a plural belongs where its singular does. */
function groupsOf(word: string, groups: readonly Topic[]): string[] {
  const base = basesOf(word, 'n')[0];
  return groups
    .filter(
      (group) =>
        belongs(word, group) ||
        (base !== undefined &&
          sensesOf(word).length === 0 &&
          !group.removed.has(word) &&
          belongs(base, group)),
    )
    .map((group) => group.name);
}

/** Topics that the wordbook does not have, and are kept for words of either. */
const ownTopics = new Set(['jobs', 'land and water', 'buildings and places']);

/** The topics of the sense a school meets first, and of others that are met as early. */
function mainTopics(senses: readonly WordbookSense[]): string[] {
  const age = senses[0]?.age ?? 0;
  return senses
    .filter(
      (sense) =>
        sense.sense === 1 || (sense.age <= age && sense.wordClass === senses[0]?.wordClass),
    )
    .flatMap((sense) => sense.topics);
}

/** The topics of a word: the wordbook's for its headwords, WordNet's for the others. */
export function topicsOf(word: string, senses: readonly WordbookSense[] | undefined): string[] {
  const found = groupsOf(word, topics);
  if (senses === undefined) return found;
  const own = mainTopics(senses);
  return [...new Set([...own, ...found.filter((name) => ownTopics.has(name))])];
}

/** What a word is a name for: of a headword that is a noun first and of a fitting topic. */
export function nameKindsOf(word: string, senses: readonly WordbookSense[] | undefined): string[] {
  const first = senses?.[0];
  return nameKinds
    .filter((kind) => {
      if (kind.added.has(word)) return true;
      if (first?.wordClass !== 'n' || !isAnyOf(word, kind)) return false;
      return kind.asked.size === 0 || first.topics.some((topic) => kind.asked.has(topic));
    })
    .map(({ name }) => name);
}

/** True where one of its first noun senses is of the kind: the wordbook's topics say which is meant. */
function isAnyOf(word: string, kind: Topic): boolean {
  if (kind.removed.has(word)) return false;
  return sensesOf(word)
    .filter(({ synset }) => synset.wordClass === 'n')
    .slice(0, FIRST_SENSES)
    .some(({ synset }) =>
      ancestors(synset).some((each) => each.words.some((name) => kind.kinds.has(name))),
    );
}
const FIRST_SENSES = 4;
