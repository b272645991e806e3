/** Which words belong to a teacher's topic: WordNet's kinds, corrected by list. */
import { readFileSync } from 'node:fs';
import { ancestors, basesOf, sensesOf, type Sense } from './wordnet';

interface Topic {
  readonly name: string;
  readonly kinds: ReadonlySet<string>;
  readonly files: ReadonlySet<number>;
  readonly added: ReadonlySet<string>;
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
    added: new Set(all.filter((each) => /^[a-z]/.test(each))),
    removed: starting('-'),
  };
}

export const topics: readonly Topic[] = readFileSync(
  new URL('./topics.tsv', import.meta.url),
  'utf8',
)
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map(parse);

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

/** The names of the topics a word belongs to; a plural belongs where its singular does. */
export function topicsOf(word: string): string[] {
  const base = basesOf(word, 'n')[0];
  return topics
    .filter(
      (topic) =>
        belongs(word, topic) ||
        (base !== undefined &&
          sensesOf(word).length === 0 &&
          !topic.removed.has(word) &&
          belongs(base, topic)),
    )
    .map((topic) => topic.name);
}
