/** What is done to a thing on the shelf, whatever kind it is. */
import { Maybe, Text, Texts, Yes } from './fields';
import { operation, type Operation } from './operation';

class Marks {
  @Maybe() @Yes() starred?: boolean;
  @Maybe() @Texts(20) tags?: string[];
  /** An ISO 8601 day; empty takes it out again. */
  @Maybe() @Text(10) putAway?: string;
}

interface Marked {
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
    label: (record, { starred, tags, putAway }) => {
      const name = nameOf(record);
      if (putAway !== undefined) return putAway === '' ? `Had ${name} back` : `Put ${name} away`;
      if (tags !== undefined) return `Changed the folders of ${name}`;
      return starred ? `Starred ${name}` : `Took the star from ${name}`;
    },
    step: (record, { starred, tags, putAway }) => {
      const marks: Marked = {
        ...(record as Marked),
        ...(starred === undefined ? {} : { starred }),
        ...(tags === undefined ? {} : { tags }),
        ...(putAway === undefined ? {} : { putAway }),
      };
      const bare = Object.entries(marks).filter(
        ([name, value]) =>
          !(name === 'starred' && value === false) &&
          !(name === 'putAway' && value === '') &&
          !(name === 'tags' && (value as readonly string[] | undefined)?.length === 0),
      );
      return Object.fromEntries(bare) as Kept;
    },
  });
