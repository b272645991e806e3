/**
 * What there is to choose from: each maker's name, needs and parameters, without
 * its code. The file behind it is written by scripts/make-catalogue.ts from the
 * makers themselves, so that a screen can offer them all and load none.
 */
import type { Ability } from '../languages/language-pack';
import type { InteractionName } from './interactions';
import written from './catalogue.json';
import { commonParameters } from './making/common-parameters';
import type { MakerUse } from './making/maker';
import type { MakerGroup } from './making/maker-group';
import { parameterProblems, type Given, type Parameters } from './making/parameters';

export interface MakerInfo extends MakerUse {
  readonly id: string;
  readonly name: string;
  readonly group: MakerGroup;
  readonly description: string;
  readonly needs: string;
  readonly interaction: InteractionName;
  readonly fewestWords: number;
  /** Works from the words of the material, from words of its own too, or from none. */
  readonly words: 'material' | 'own' | 'none';
  readonly needsText: boolean;
  readonly usesSentences: boolean;
  readonly needsMeanings: boolean;
  /** Begins with words of all the class’s lists. */
  readonly reviews?: boolean;
  /** Cards to cut out, turn over or draw from. */
  readonly isCards?: boolean;
  readonly asks: readonly Ability[];
  /** What it can be asked beside what all makers can. */
  readonly parameters: Parameters;
}

export const catalogue = written as unknown as readonly MakerInfo[];

const byId = new Map(catalogue.map((info) => [info.id, info]));

/** The maker with the id; undefined for one that this version does not have. */
export const makerInfo = (id: string): MakerInfo | undefined => byId.get(id);

/** What a maker calls itself; its id where it is not known. */
export const makerName = (id: string) => makerInfo(id)?.name ?? id;

/** Everything a maker can be asked, its own parameters first. */
export const parametersOf = (info: Pick<MakerInfo, 'parameters'> | undefined): Parameters => ({
  ...commonParameters,
  ...info?.parameters,
});

/** What is wrong with a recipe before anything is made of it, a sentence each. */
export function recipeProblems(maker: string, values: Given): string[] {
  const info = makerInfo(maker);
  return info === undefined
    ? [`There is no exercise called ${maker} in this Wordane.`]
    : parameterProblems(parametersOf(info), values, info.name);
}
