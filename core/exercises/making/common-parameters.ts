/** What every maker can be asked. */
import type { Behaviour } from '../../kernel/behaviour';
import { versions } from '../../kernel/version';
import type { BesideWords } from '../../lists/beside-words';
import type { HandEdit } from '../interactions/kit/hand-edit';
import { handIds, handNames } from '../../kernel/hand-names';
import { choice, flag, given, openChoice, shaped, text, type Parameters } from './parameters';

export const commonParameters = {
  title: text('Title of the sheet', 300),
  instruction: text('Instruction', 2000, 2),
  /** A language of the learners' homes in which a line stands under the instruction. */
  alsoIn: given<string>('text'),
  version: choice(
    'Version',
    versions.map((version) => [version, version] as const),
    'core',
  ),
  /** Item 1 is shown worked; each maker has its own default. */
  worked: given<boolean>('flag'),
  /** The answers to choose from are given. */
  bank: given<boolean>('flag'),
  shuffle: flag('Shuffle', true),
  /** Of the words, where it is not English. */
  language: given<string>('text'),
  /** What the list has written beside its words. */
  beside: given<BesideWords>('record'),
  /** Of an item, by its word: the other answers that the teacher takes, in place of those computed. */
  accept: given<Readonly<Record<string, readonly string[]>>>('record'),
  /** Items changed by hand. */
  edits: given<readonly HandEdit[]>('list'),
  /** Items taken out, in their order, and made once more, by their keys. */
  without: given<readonly string[]>('list'),
  order: given<readonly string[]>('list'),
  renewed: given<Readonly<Record<string, number>>>('record'),
  /** How it behaves on a screen, where it is not as its class usually has it. */
  practice: given<Partial<Behaviour>>('record'),
} satisfies Parameters;

/** A school hand and the lines it stands on. */
export const handParameters = {
  hand: openChoice(
    'Hand',
    'as the class learns it',
    handIds.map((id) => [id, handNames[id]] as const),
  ),
  ruling: shaped('ruling', 'Lines'),
} satisfies Parameters;
