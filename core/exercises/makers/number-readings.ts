import { numberKindNames, type NumberKindName } from '../../languages/language-pack';
import { grammarMaker } from '../making/grammar-maker';
import { type GivenItem, written } from '../making/written';
import { read, sentences } from '../making/parameters';

const MIXED = 'all kinds';

/** Most times a number is made up anew before a kind has nothing else to give. */
const MOST_TRIES = 8;

/** Numbers of every kind written as they are read aloud. */
export default grammarMaker({
  id: 'number-readings',
  name: 'Read numbers aloud',
  description: '3.7 mm, £2.50, 7:45, 4 July, 21st, ¾: written as they are read aloud.',
  interaction: 'write',
  sentences: 'own',
  needs: 'numbers of your own, one a line, or none: Wordane makes them up',
  fewest: 3,
  targets: [...numberKindNames, MIXED],
  title: 'How do you read it?',
  instruction: 'Write each one in words, as you read it aloud.',
  make({ parameters, random, wanted, target, forms, pack }) {
    const own = read({ sentences: sentences() }, parameters).sentences ?? [];
    const variety = forms.spelling ?? 'uk';
    const kinds = target === MIXED ? numberKindNames : [target as NumberKindName];
    const { numbers } = pack;
    if (numbers === undefined) return written([]);
    const notes: string[] = [];
    const taken = new Set<string>();
    const made = (at: number): string[] => {
      const kind = kinds[at % kinds.length];
      for (let tries = 0; kind !== undefined && tries < MOST_TRIES; tries += 1) {
        const sample = numbers.sample(kind, random, variety);
        if (taken.has(sample)) continue;
        taken.add(sample);
        return [sample];
      }
      return [];
    };
    const given =
      own.length > 0 ? own : Array.from({ length: wanted }, (_, at) => at).flatMap(made);
    const items = given.flatMap((text): GivenItem[] => {
      try {
        const { readings, rule } = numbers.read(text, variety);
        const [answer = '', ...others] = readings;
        return [
          {
            word: text,
            prompt: text,
            answer,
            // Hyphens are a matter of spelling, not of reading.
            accepted: [
              ...new Set([answer, ...others].flatMap((one) => [one, one.replaceAll('-', ' ')])),
            ].filter((one) => one !== answer),
            lines: answer.length > 40 ? 2 : 1,
            reason: rule,
          },
        ];
      } catch (error) {
        notes.push((error as Error).message);
        return [];
      }
    });
    return { notes, ...written(target === MIXED ? random.shuffle(items) : items) };
  },
});
