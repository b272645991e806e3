/** What is done to a thing on the shelf, whatever kind it is. */
import type { Rights } from '~core/kernel/licence';
import { RIGHTS_LENGTH } from '~core/records/shelf-marks';
import { Maybe, Text, Texts, Yes } from './fields';
import { operation, type Operation } from './operation';
import { t } from '~/phrases/t';

class Marks {
  @Maybe() @Yes() starred?: boolean;
  @Maybe() @Texts(20) tags?: string[];
  /** An ISO 8601 day; empty takes it out again. */
  @Maybe() @Text(10) putAway?: string;
  /** Another name; the longest that a text can have. */
  @Maybe() @Text(120) rename?: string;
  @Maybe() @Text(RIGHTS_LENGTH.author) author?: string;
  @Maybe() @Text(RIGHTS_LENGTH.licence) licence?: string;
  @Maybe() @Text(RIGHTS_LENGTH.source) source?: string;
}

interface Marked extends Pick<Rights, 'author' | 'licence' | 'source'> {
  readonly starred?: boolean;
  readonly tags?: readonly string[];
  readonly putAway?: string;
}

/** Stars it, puts it into folders, or away; what is not said stays. */
export const shelfOperation = <Kept extends object>(
  nameOf: (record: Kept) => string,
): Operation<Kept> =>
  operation<Kept>()({
    input: Marks,
    label: (record, { starred, tags, putAway, rename, author, licence, source }) => {
      const name = nameOf(record);
      if (rename !== undefined) return t('change.called', { name, rename });
      if (putAway !== undefined)
        return putAway === '' ? t('change.hadBack', { name }) : t('change.putAway', { name });
      if (tags !== undefined) return t('change.changedTheFoldersOf', { name });
      if ((author ?? licence ?? source) !== undefined) {
        return t('change.changedWhoMadeAndIts', { name });
      }
      return starred ? t('change.starred', { name }) : t('change.tookTheStarFrom', { name });
    },
    step: (record, { rename, ...marks }) => {
      if (rename?.trim()) {
        return { ...record, ['title' in record ? 'title' : 'name']: rename.trim() };
      }
      const said = Object.entries(marks).filter(([, value]) => value !== undefined);
      const next: Marked = { ...(record as Marked), ...Object.fromEntries(said) };
      // A text always has these fields, if empty; a lesson and a list have none in their place.
      const keeps = (name: string) =>
        name in record && ['author', 'licence', 'source'].includes(name);
      const bare = Object.entries(next).filter(
        ([name, value]) =>
          !(name === 'starred' && value === false) &&
          !(name === 'putAway' && value === '') &&
          !(name === 'tags' && (value as readonly string[] | undefined)?.length === 0) &&
          !(['author', 'licence', 'source'].includes(name) && value === '' && !keeps(name)),
      );
      return Object.fromEntries(bare) as Kept;
    },
  });
