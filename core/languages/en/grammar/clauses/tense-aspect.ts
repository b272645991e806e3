/** Tense and aspect of a verb group, by the names that school grammars use. */
import type { VerbGroup } from './verb-group';

export const tenseAspects = [
  'present simple',
  'present continuous',
  'present perfect',
  'present perfect continuous',
  'past simple',
  'past continuous',
  'past perfect',
  'past perfect continuous',
  'future will',
  'future going-to',
  'modal',
  'modal perfect',
  'imperative',
  'none',
] as const;
export type TenseAspect = (typeof tenseAspects)[number];

export function tenseAspectOf(group: VerbGroup): TenseAspect {
  if (group.imperative) return 'imperative';
  if (group.modal !== undefined) {
    if (/^(?:will|'ll|wo|shall|sha)$/.test(group.modal)) return 'future will';
    return group.perfect ? 'modal perfect' : 'modal';
  }
  if (group.goingTo) return group.past ? 'past continuous' : 'future going-to';
  const tense = group.past ? 'past' : 'present';
  if (group.perfect) return group.progressive ? `${tense} perfect continuous` : `${tense} perfect`;
  return group.progressive ? `${tense} continuous` : `${tense} simple`;
}
