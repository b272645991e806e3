import { describe, expect, test } from 'vitest';
import { levelOptions } from '~core/classes/class-level';
import { catalogue as makers } from '~core/exercises/catalogue';
import type { Parameter } from '~core/exercises/making/parameters';
import { accentNames } from '~core/kernel/accent';
import { handNames, inkNames } from '~core/kernel/hand-names';
import { licences } from '~core/kernel/licence';
import { looks } from '~core/kernel/look';
import { spellings } from '~core/kernel/spelling';
import { languageNames } from '~core/languages/registry/registry';
import { patternTexts } from '~core/languages/en/sounds/patterns';
import { rulingNames } from '~core/paper/ruling';
import { stageNames } from '~core/records/lesson';
import { recordNames } from '~core/records/open-record';
import { questionKinds } from '~core/room/show';
import { shelfKinds } from '~core/search/find-on-shelf';
import { blockNames } from '~core/sheets/blocks/sheet-block';
import { deviceNames } from '~core/texts/devices/device';
import { markKinds } from '~core/texts/marks/annotation';
import { textKinds } from '~core/texts/reading-text';
import spanish from './core-names.es.json';
import { coreName, namesIn } from './core-name';

const tables: Readonly<Record<string, Readonly<Record<string, string>>>> = { es: spanish };

const parameters = makers.flatMap((maker) => Object.values<Parameter>(maker.parameters ?? {}));

/** Names of which none may be left in English. */
const sayable = [
  ...makers.flatMap(({ name, description, group }) => [name, description, group]),
  ...parameters.flatMap((parameter) => ('label' in parameter ? [parameter.label] : [])),
  ...[stageNames, recordNames, accentNames, blockNames, shelfKinds, handNames, inkNames]
    .concat([deviceNames, rulingNames, questionKinds, markKinds, textKinds, spellings] as never)
    .flatMap((record) => Object.values<string>(record)),
  ...Object.values(patternTexts),
  ...Object.values(licences),
  ...Object.values(looks).flatMap(({ name, says }) => [name, says]),
];

/** Names that may stay: a sign, a proper name, a word of the language that is taught. */
const known = new Set([
  ...sayable,
  ...parameters.flatMap((parameter) => [
    ...('options' in parameter ? parameter.options.map(([, text]) => text) : []),
    ...('open' in parameter ? [parameter.open] : []),
    ...('unit' in parameter && parameter.unit ? [parameter.unit] : []),
    parameter.kind,
    ...('usual' in parameter ? [String(parameter.usual)] : []),
  ]),
  ...Object.values(levelOptions).flatMap((options) => options.map(({ name }) => name)),
  ...Object.values(languageNames()),
  ...['secure', 'stretch', 'beyond', 'unknown', 'noun', 'verb', 'adjective', 'adverb'],
]);

/** Says the same in both: a thing without words, or a word that is shared. */
const shared = /^(Queensland|Tasmania|Some, any, much, many|Plan|plan|“I can whistle,”.*)$/;

describe.each(Object.entries(tables))('names of the core in %s', (_, table) => {
  test('each exercise, group, option and choice is named', () => {
    expect(
      sayable.filter((name) => name && !Object.hasOwn(table, name) && !shared.test(name)),
    ).toEqual([]);
  });

  test('each that is named is a name of the core', () => {
    expect(Object.keys(table).filter((name) => !known.has(name))).toEqual([]);
  });

  test('what a learner meets in English stays so', () => {
    for (const [english, said] of Object.entries(table))
      for (const word of english.match(/(?<= )-(?:ing|ed|er|est|ly|y|ness|s)\b/g) ?? [])
        expect(said).toContain(word);
  });
});

describe('where the interface speaks English', () => {
  test('a name stays as the core gives it', () => {
    expect(coreName('Crossword')).toBe('Crossword');
    expect(coreName('toString')).toBe('toString');
    expect(namesIn(textKinds)).toEqual([
      ['prose', 'Prose'],
      ['poem', 'Poem'],
    ]);
  });
});
