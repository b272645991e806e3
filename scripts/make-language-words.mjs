// Writes the words of the language packs as rows of cells: the Latin dictionary and the Japanese words,
// each from a table of its own and from the common list of concepts; and the strokes of kana and kanji.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { root } from './run.mjs';

const rowsOf = (file) =>
  readFileSync(`${root}data/${file}`, 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => line.split('\t'));

function write(file, rows) {
  const target = `${root}core/languages/${file}`;
  const text = `[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`;
  if (existsSync(target) && readFileSync(target, 'utf8') === text) return;
  writeFileSync(target, text);
}

export function writeLanguageWords() {
  const concepts = rowsOf('concepts/concepts.tsv');
  const latin = concepts
    .filter(([, , , , , , , , , , , , , , , , , , entry]) => entry && entry !== '-')
    .map((cells) => [cells[0], cells[1], cells[18]]);
  write('la/words.json', [...rowsOf('latin/words.tsv'), ...latin]);
  const verbs = concepts
    .filter((cells) => cells[1] === 'v' && /^\S+ (?:1|5|irr)$/.test(cells[17] ?? ''))
    .map((cells) => {
      const [reading, verbClass] = cells[17].split(' ');
      return [cells[16], reading, verbClass, `to ${cells[0]}`];
    });
  // Without the glosses and what only Latin needs: that is in the tables above.
  write(
    'concepts/concepts.json',
    concepts.map((cells) => cells.filter((_, at) => at !== 4 && at !== 18)),
  );
  const adjectives = concepts
    .filter((cells) => cells[1] === 'a' && /^\S+ (?:i|na)$/.test(cells[17] ?? ''))
    .map((cells) => {
      const [reading, adjectiveClass] = cells[17].split(' ');
      return [cells[16], reading, adjectiveClass, cells[0]];
    });
  const counters = rowsOf('japanese/counters.tsv').map(([written, reading, counts, irregular]) => [
    written,
    reading,
    'counter',
    counts,
    irregular,
  ]);
  write('ja/words.json', [...rowsOf('japanese/verbs.tsv'), ...verbs, ...adjectives, ...counters]);
  write('ja/strokes.json', rowsOf('japanese/strokes.tsv'));
}
