/** Adjectives of Russian in the nominative of each gender, and their comparatives: from memory, as a school grammar has them. */

export interface RussianAdjective {
  readonly masculine: string;
  readonly feminine: string;
  readonly neuter: string;
  readonly plural: string;
  /** Accepted ones, the usual first; none where the language has none. */
  readonly comparative: readonly string[];
  readonly rule: string;
}

/** Comparatives that change the stem or are other words. */
const comparatives: Readonly<Record<string, readonly string[]>> = {
  большой: ['больше'],
  маленький: ['меньше'],
  хороший: ['лучше'],
  плохой: ['хуже'],
  старый: ['старше', 'старее'],
  молодой: ['моложе', 'младше'],
  высокий: ['выше'],
  низкий: ['ниже'],
  широкий: ['шире'],
  узкий: ['уже'],
  дорогой: ['дороже'],
  дешёвый: ['дешевле'],
  близкий: ['ближе'],
  далёкий: ['дальше'],
  лёгкий: ['легче'],
  громкий: ['громче'],
  тихий: ['тише'],
  простой: ['проще'],
  частый: ['чаще'],
  редкий: ['реже'],
  короткий: ['короче'],
  толстый: ['толще'],
  тонкий: ['тоньше'],
  богатый: ['богаче'],
  жаркий: ['жарче'],
  сухой: ['суше'],
  мягкий: ['мягче'],
  сладкий: ['слаще'],
  крепкий: ['крепче'],
  строгий: ['строже'],
  твёрдый: ['твёрже'],
  чистый: ['чище'],
  яркий: ['ярче'],
  ранний: ['раньше'],
  поздний: ['позже'],
  глубокий: ['глубже'],
  густой: ['гуще'],
  долгий: ['дольше'],
  гладкий: ['глаже'],
  жидкий: ['жиже'],
  мелкий: ['мельче'],
  плоский: ['площе'],
  горький: ['горче'],
  лихой: ['лише'],
};

/** Qualities that are not compared: of what a thing is made, whose it is, which in order. */
const notCompared = /(?:ск|цк|янн|тельн|ичн)(?:ий|ый|ой)$/u;

function comparativeOf(word: string, stem: string): readonly string[] {
  const known = comparatives[word];
  if (known) return known;
  if (/[гкх]$/u.test(stem) || /ший$/u.test(word) || notCompared.test(word)) return [];
  return [`${stem}ее`];
}

/** @returns undefined for what has not the ending of an adjective */
export function russianAdjective(given: string): RussianAdjective | undefined {
  const word = given.normalize('NFD').replaceAll('\u0301', '').normalize('NFC').toLowerCase();
  if (!/^[а-яё]+(?:ый|ий|ой)$/u.test(word)) return undefined;
  const stem = word.slice(0, -2);
  const comparative = comparativeOf(word, stem);
  const made = (feminine: string, neuter: string, plural: string, rule: string) => ({
    masculine: word,
    feminine: stem + feminine,
    neuter: stem + neuter,
    plural: stem + plural,
    comparative,
    rule,
  });
  if (word.endsWith('ний')) return made('яя', 'ее', 'ие', 'Soft: -ний, -няя, -нее, -ние.');
  if (/[жшщч]ий$/u.test(word)) {
    return made('ая', 'ее', 'ие', 'After ж, ш, щ, ч: и in -ий and -ие, е in -ее.');
  }
  if (/[гкхжшщч]$/u.test(stem)) {
    return made('ая', 'ое', 'ие', 'After г, к, х, ж, ш, щ, ч stands и: -ие.');
  }
  return made('ая', 'ое', 'ые', 'Hard: -ая, -ое, -ые.');
}
