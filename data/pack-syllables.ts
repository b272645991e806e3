/**
 * Packs the syllable counts of the Carnegie Mellon pronouncing dictionary
 * (BSD): the first pronunciation of each word, where a guess by letters is wrong.
 *
 * Usage: tsx data/pack-syllables.ts FOLDER
 */
import { writeFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { gzipSync, strToU8 } from 'fflate';
import { packSyllables } from '../core/texts/analysis/syllable-count';

const folder = process.argv[2];
if (folder === undefined) throw new Error('Say in which folder to write the pack.');
const counts = Object.entries(dictionary)
  .filter(([word]) => /^[a-z']+$/.test(word))
  .map(([word, sounds]) => [word, sounds.match(/\d/g)?.length ?? 0] as const)
  .filter(([, count]) => count > 0);
writeFileSync(`${folder}/syllables.pack`, gzipSync(strToU8(packSyllables(counts)), { mtime: 0 }));
console.log(`syllables: ${counts.length} words read`);
