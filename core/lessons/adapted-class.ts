/** A class as a lesson would meet it at another level, in another spelling or accent. */
import { levelOptions, scaleOf, type LevelSystem } from '../classes/class-level';
import type { ClassProfile } from '../classes/class-profile';
import type { Accent } from '../kernel/accent';
import type { Spelling } from '../kernel/spelling';

export interface ClassChanges {
  /** A level as `system:value`. */
  readonly level?: string | undefined;
  readonly spelling?: Spelling | undefined;
  readonly accent?: Accent | undefined;
}

/** A level as it stands in an address; undefined where there is no such level. */
export function levelAt(text: string | undefined): ClassProfile['level'] | undefined {
  const [system = '', value = ''] = (text ?? '').split(/:(.*)/s);
  const options = Object.entries(levelOptions).find(([name]) => name === system)?.[1];
  return options?.some((each) => each.value === value)
    ? { system: system as LevelSystem, value }
    : undefined;
}

/** True where something about the class would be another. */
export const isChanged = (profile: ClassProfile, target: ClassProfile): boolean =>
  scaleOf(profile.level).name !== scaleOf(target.level).name ||
  profile.spelling !== target.spelling ||
  profile.accent !== target.accent;

/**
 * What is not said stays. A class above its level is past the sequence it stands in; one below it
 * has been taught no more than it has.
 */
export function adaptedClass(profile: ClassProfile, changes: ClassChanges): ClassProfile {
  const level = levelAt(changes.level) ?? profile.level;
  const { accent = profile.accent, spelling = profile.spelling } = changes;
  const above = scaleOf(level).middle > scaleOf(profile.level).middle;
  return {
    ...profile,
    level,
    accent,
    spelling,
    step: above ? null : profile.step,
    // A sequence is written in the sounds of one accent.
    sequence: accent === profile.accent ? profile.sequence : null,
  };
}

/** A class like another, at its new level: its name says what is new, and nobody is in it yet. */
export function newClassLike(
  profile: ClassProfile,
  target: ClassProfile,
  id: string,
): ClassProfile {
  const {
    revision: _revision,
    people: _people,
    ...kept
  } = target as ClassProfile & {
    readonly people?: unknown;
  };
  const said = [
    ...(scaleOf(profile.level).name === scaleOf(target.level).name
      ? []
      : [scaleOf(target.level).name]),
    ...(profile.spelling === target.spelling
      ? []
      : [{ uk: 'British', us: 'American' }[target.spelling]]),
    ...(profile.accent === target.accent ? [] : [`${target.accent} accent`]),
  ];
  return { ...kept, id, name: `${profile.name}, ${said.join(', ')}`.slice(0, 120), roster: [] };
}
