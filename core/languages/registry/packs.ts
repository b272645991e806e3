/** Every language that Wordane has a pack for, in the order in which a teacher meets them. */
import { english } from '../en/english';
import { french } from '../fr/french';
import { italian } from '../it/italian';
import { japanese } from '../ja/japanese';
import type { LanguagePack } from '../language-pack';
import { latin } from '../la/latin';
import { portuguese } from '../pt/portuguese';
import { russian } from '../ru/russian';
import { spanish } from '../es/spanish';

export const languagePacks: readonly LanguagePack[] = [
  english,
  french,
  italian,
  japanese,
  latin,
  portuguese,
  russian,
  spanish,
];
