/** Asks the packs: which there are, and what one can do. */
import { canDo, type Ability, type LanguagePack } from '../language-pack';
import { plainPack } from '../shared/plain-pack';
import { languagePacks } from './packs';

/** Names by tag, for a menu. */
export const languageNames = (
  packs: readonly LanguagePack[] = languagePacks,
): Readonly<Record<string, string>> =>
  Object.fromEntries(packs.map(({ tag, name }) => [tag, name]));

/** The pack of a language; one that knows nothing for a language that has none. */
export function packOf(
  tag: string | undefined = 'en',
  packs: readonly LanguagePack[] = languagePacks,
): LanguagePack {
  return packs.find((pack) => pack.tag === tag) ?? plainPack({ tag, name: tag });
}

/** True where the pack of a language knows all that is asked for. */
export const speaks = (tag: string | undefined, ...asks: readonly Ability[]) =>
  canDo(packOf(tag), asks);

/** Languages whose packs know all that is asked for, by tag. */
export const languagesFor = (
  asks: readonly Ability[],
  packs: readonly LanguagePack[] = languagePacks,
): string[] => packs.filter((pack) => canDo(pack, asks)).map(({ tag }) => tag);
