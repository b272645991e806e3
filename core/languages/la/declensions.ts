/** The endings of the five declensions, as Allen and Greenough's New Latin Grammar (1903) §§ 37–98 has them. */
import type { Case, Form, Gender, Number } from './parse';

type Endings = Readonly<Partial<Record<Case, readonly string[]>>>;
export interface Paradigm {
  readonly singular: Endings;
  readonly plural: Endings;
}

const e = (text: string): Endings => {
  const [nominative, vocative, accusative, genitive, dative, ablative] = text
    .split(' ')
    .map((each) => each.split('/').map((ending) => (ending === '0' ? '' : ending)));
  return {
    nominative: nominative ?? [],
    vocative: vocative ?? [],
    accusative: accusative ?? [],
    genitive: genitive ?? [],
    dative: dative ?? [],
    ablative: ablative ?? [],
  };
};
const paradigm = (singular: string, plural: string): Paradigm => ({
  singular: e(singular),
  plural: e(plural),
});

/** Endings on the stem; of the third declension the nominative and the like of it are given apart. */
export const first = paradigm('a a am ae ae ā', 'ae ae ās ārum īs īs');
export const secondMasculine = paradigm('us e um ī ō ō', 'ī ī ōs ōrum īs īs');
export const secondEr = paradigm('- - um ī ō ō', 'ī ī ōs ōrum īs īs');
export const secondNeuter = paradigm('um um um ī ō ō', 'a a a ōrum īs īs');
export const third = paradigm('- - em is ī e', 'ēs ēs ēs um ibus ibus');
export const thirdI = paradigm('- - em is ī e', 'ēs ēs ēs/īs ium ibus ibus');
export const thirdNeuter = paradigm('- - - is ī e', 'a a a um ibus ibus');
export const thirdNeuterI = paradigm('- - - is ī ī', 'ia ia ia ium ibus ibus');
export const fourth = paradigm('us us um ūs uī ū', 'ūs ūs ūs uum ibus ibus');
export const fourthNeuter = paradigm('ū ū ū ūs ū ū', 'ua ua ua uum ibus ibus');
export const fifth = paradigm('ēs ēs em EI EI ē', 'ēs ēs ēs ērum ēbus ēbus');

/** Third declension adjectives: the masculine and feminine, and the neuter. */
export const thirdAdjective = paradigm('- - em is ī ī', 'ēs ēs ēs/īs ium ibus ibus');
export const thirdAdjectiveNeuter = paradigm('- - - is ī ī', 'ia ia ia ium ibus ibus');
export const comparative = paradigm('- - em is ī e', 'ēs ēs ēs um ibus ibus');
export const comparativeNeuter = paradigm('- - - is ī e', 'a a a um ibus ibus');

/** The forms of a stem by a paradigm; `whole` stands where the paradigm has a line. */
export function decline(
  stem: string,
  { singular, plural }: Paradigm,
  gender: Gender,
  whole: string,
  numbers: readonly Number[] = ['singular', 'plural'],
): Form[] {
  return numbers.flatMap((number) =>
    Object.entries(number === 'singular' ? singular : plural).flatMap(([name, endings]) =>
      endings.map((ending): Form => ({
        form: ending === '-' ? whole : stem + ending,
        case: name as Case,
        number,
        gender,
      })),
    ),
  );
}
