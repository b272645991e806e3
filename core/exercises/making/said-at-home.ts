/**
 * What an exercise asks for in a language of the learners' homes: one short line under the
 * instruction in English, by hand for Wordane.
 */
import { learnerTables } from '../../learner-phrases';
import type { Task } from '../interactions';

/** What a line is for: every exercise of an interaction, or one maker whose learners do something of its own. */
const kinds = [
  'choice',
  'gap',
  'match',
  'order',
  'sort',
  'spot',
  'write',
  'speak',
  'point',
  'build',
  'bingo-boards',
  'trace-copy-write',
  'dictation',
] as const;
type Kind = (typeof kinds)[number];

/** The languages that have lines. */
export const homeLanguages: readonly string[] = Object.keys(learnerTables);

/** What stands under the instruction. */
export interface AlsoSaid {
  readonly language: string;
  readonly text: string;
}

/** What the exercise asks for, in a language; undefined where no line ships for it. */
export function saidAtHome(
  language: string | undefined,
  { maker, interaction }: { readonly maker: string; readonly interaction: Task['interaction'] },
): AlsoSaid | undefined {
  const known = (name: string): name is Kind => (kinds as readonly string[]).includes(name);
  const kind = [maker, interaction].find(known);
  const text = kind && learnerTables[language ?? '']?.atHome[kind];
  return language === undefined || text === undefined ? undefined : { language, text };
}
