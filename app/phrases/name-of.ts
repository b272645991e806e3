import type { ClassProfile } from '~core/classes/class-profile';
import { possessive } from '~core/kernel/possessive';

/** The name of a class for a phrase: as it is, and as English says that something is its own. */
export const nameOf = ({ name }: ClassProfile) => ({ name, possessive: possessive(name) });
