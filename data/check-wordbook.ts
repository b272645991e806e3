/**
 * Checks the wordbook by script: every field, every sentence's marked form, and
 * that a gloss is easier than its word.
 *
 * Usage: npx tsx data/check-wordbook.ts (prints what is wrong, a line each)
 */
import { basesOf, wordClasses } from './wordnet';
import { irregularForms } from './wordbook-forms';
import { headwords, wordbook, wordbookClasses, type WordbookSense } from './wordbook';

const levels = ['A1', 'A2', 'B1', 'B2', 'C1', 'C2'];
export const topicNames = new Set(
  `people family body health clothes feelings mind home kitchen food drink shopping money school language reading
   maths science technology work transport travel place town country nature weather animals plants sea space time sport
   games music art story celebration action movement quality size shape colour number quantity material tool law history
   society communication sound grammar`.split(/\s+/),
);
/** Most words of a gloss. */
const LONGEST_GLOSS = 12;

/** True where a form of the word stands between the asterisks. */
export function isFormOf(form: string, word: string): boolean {
  const plain = form.toLowerCase();
  const own = word.toLowerCase();
  if (plain === own || plain.replace(/['’]s?$/, '') === own) return true;
  if (irregularForms.get(own)?.includes(plain)) return true;
  return wordClasses.some((wordClass) => basesOf(plain, wordClass).includes(own));
}

function sentenceProblems(sense: WordbookSense): string[] {
  return sense.sentences.flatMap((sentence, slot) => {
    if (sentence === '-') {
      return slot === 0 && sense.age <= 8
        ? ['no sentence for the young']
        : slot > 0
          ? [`no sentence ${slot + 1}`]
          : [];
    }
    const marked = [...sentence.matchAll(/\*([^*]*)\*/g)].map((match) => match[1] ?? '');
    if (marked.length !== 1) return [`${marked.length} marked words: ${sentence}`];
    const form = marked[0] ?? '';
    const problems = isFormOf(form, sense.word)
      ? []
      : [`${form} is no form of the word: ${sentence}`];
    if (!/^["“‘'(]?[\p{Lu}\d*]/u.test(sentence)) problems.push(`no capital: ${sentence}`);
    if (!/[.!?…]["”’']?$/.test(sentence)) problems.push(`no end mark: ${sentence}`);
    if (/\s\s|\s[.,!?]/.test(sentence)) problems.push(`stray space: ${sentence}`);
    return problems;
  });
}

function glossProblems({ word, wordClass, gloss }: WordbookSense): string[] {
  const words = gloss.split(/\s+/);
  const problems: string[] = [];
  if (gloss === '') problems.push('no gloss');
  if (words.length > LONGEST_GLOSS) problems.push(`gloss of ${words.length} words`);
  if (wordClass === 'v' && !/^to /.test(gloss))
    problems.push(`gloss of a verb without to: ${gloss}`);
  const own = words
    .map((each) => each.toLowerCase().replace(/[^a-z'-]/g, ''))
    .filter((each) => each.length > 2 && isFormOf(each, word));
  // The little words of grammar cannot be explained without each other.
  if (own.length > 0 && /^[nvad]$/.test(wordClass))
    problems.push(`gloss with the word in it: ${gloss}`);
  return problems;
}

/** What is wrong with a sense, in words; empty where nothing is. */
export function problemsOf(sense: WordbookSense): string[] {
  const problems: string[] = [];
  if (!/^[A-Za-zéèêàç'-]+$/.test(sense.word)) problems.push('odd letters in the word');
  if (sense.wordClass.length !== 1 || !wordbookClasses.includes(sense.wordClass))
    problems.push('unknown class');
  if (!(sense.age >= 2 && sense.age <= 17)) problems.push(`age ${sense.age}`);
  if (!levels.includes(sense.cefr)) problems.push(`level ${sense.cefr}`);
  if (sense.topics.length === 0 || sense.topics.length > 2)
    problems.push(`${sense.topics.length} topics`);
  for (const topic of sense.topics)
    if (!topicNames.has(topic)) problems.push(`unknown topic ${topic}`);
  if (![0, 7, 9, 11, 14, 16].includes(sense.from)) problems.push(`from ${sense.from}`);
  for (const other of [...sense.near, ...sense.opposites]) {
    if (other.toLowerCase() === sense.word.toLowerCase())
      problems.push(`its own near word or opposite`);
  }
  const both = sense.near.filter((each) => sense.opposites.includes(each));
  if (both.length > 0) problems.push(`near and opposite: ${both.join(', ')}`);
  return [...problems, ...glossProblems(sense), ...sentenceProblems(sense)];
}

/** What is wrong in the whole, a line each with its place. */
export function wordbookProblems(): string[] {
  const problems = wordbook.flatMap((sense) =>
    problemsOf(sense).map((problem) => `${sense.at} ${sense.word}: ${problem}`),
  );
  for (const [word, senses] of headwords) {
    senses.forEach(({ sense, at }, index) => {
      if (sense !== index + 1)
        problems.push(`${at} ${word}: sense ${sense} where ${index + 1} is due`);
    });
  }
  return problems;
}

if (process.argv[1]?.endsWith('check-wordbook.ts')) {
  const problems = wordbookProblems();
  console.log(problems.join('\n'));
  console.log(`${wordbook.length} senses of ${headwords.size} words, ${problems.length} problems.`);
}
