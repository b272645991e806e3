/**
 * The structures of English that are taught by name, each with the level at
 * which courses usually teach it (common practice for courses of English and
 * primary schools) on the internal scale, UK school years, and with what to
 * write instead for a class that has not met it.
 */
import type { Level } from '../../../../kernel/level';

export interface StructureRow {
  /** As a teacher calls it. */
  readonly name: string;
  readonly level: Level;
  readonly advice: string;
}

export const structureTable: readonly StructureRow[] = [
  { name: 'present simple', level: 0, advice: '' },
  { name: 'imperative', level: 0, advice: '' },
  { name: 'question', level: 0.5, advice: '' },
  { name: 'there is', level: 0.5, advice: '' },
  { name: 'present continuous', level: 0.8, advice: 'Say it in the present simple.' },
  { name: 'can and can’t', level: 0.8, advice: '' },
  { name: 'past simple', level: 1, advice: 'Tell it in the present.' },
  { name: 'contraction', level: 1, advice: 'Write both words in full.' },
  { name: 'because clause', level: 1.2, advice: 'Make it two sentences.' },
  { name: 'future going-to', level: 1.5, advice: 'Use will, or the present.' },
  { name: 'future will', level: 1.5, advice: 'Use the present.' },
  { name: 'when clause', level: 1.6, advice: 'Make it two sentences.' },
  { name: 'comparative', level: 1.8, advice: 'Use the plain adjective.' },
  { name: 'superlative', level: 1.9, advice: 'Use very and the plain adjective.' },
  { name: 'must, should, have to', level: 2, advice: 'Give a command.' },
  { name: 'past continuous', level: 2.6, advice: 'Use the past simple.' },
  { name: 'zero conditional', level: 3, advice: 'Say it with when.' },
  { name: 'first conditional', level: 3.2, advice: 'Make it two sentences: It may rain. Then …' },
  { name: 'present perfect', level: 3, advice: 'Use the past simple.' },
  { name: 'may, might, could', level: 3.2, advice: 'Use perhaps.' },
  { name: 'relative clause', level: 3.4, advice: 'Make it two sentences.' },
  { name: 'question tag', level: 3.8, advice: 'Ask a plain question.' },
  { name: 'although clause', level: 4, advice: 'Use but.' },
  { name: 'passive', level: 4.2, advice: 'Begin with who did it.' },
  { name: 'present perfect continuous', level: 4.5, advice: 'Use the present perfect.' },
  { name: 'second conditional', level: 4.8, advice: 'Say what is so now.' },
  { name: 'past perfect', level: 5.2, advice: 'Tell it in order in the past simple.' },
  { name: 'reported speech', level: 5, advice: 'Let the speaker speak.' },
  { name: 'whose, whom or of which', level: 6, advice: 'Make it two sentences.' },
  { name: 'modal perfect', level: 6.5, advice: 'Say what did happen.' },
  { name: 'past perfect continuous', level: 6.8, advice: 'Use the past continuous.' },
  { name: 'participle that opens a sentence', level: 7, advice: 'Begin with “When” or “Because”.' },
  { name: 'third conditional', level: 7.5, advice: 'Say what did happen instead.' },
  { name: 'mixed conditional', level: 9, advice: 'Make it two sentences.' },
  { name: 'verb before its subject', level: 9, advice: 'Put the subject first.' },
];

export const structureNames = structureTable.map(({ name }) => name);
