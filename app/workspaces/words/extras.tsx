/** What a search can ask besides its sound: each a piece of the sentence that can be added and taken away. */
import type { ReactNode } from 'react';
import { levelOptions } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import { patternNames, patternTexts } from '~core/languages/en/sounds/patterns';
import { wordClassNames } from '~core/languages/en/lexicon/word-class';
import { Slot, type SlotOption } from '~/ui/Slot';
import { TextSlot } from '~/ui/TextSlot';
import { soundOptions, spellingOptions } from './sound-options';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

export interface ExtraContext {
  readonly profile: ClassProfile;
  readonly topics: readonly string[];
  /** What nouns may be names for. */
  readonly nameKinds: readonly string[];
  /** Values of the extra's own address parameter. */
  readonly values: readonly string[];
  readonly set: (values: readonly string[]) => void;
  /** The word a rhyme was asked for is not in the bank, a pattern cannot be read … */
  readonly problem: string | undefined;
  /** It was just added, so the typing begins in it. */
  readonly fresh: boolean;
}

export interface Extra {
  /** The address parameter. */
  readonly name: string;
  /** On the button that adds it, after a plus. */
  readonly label: string;
  /** The value it begins with. */
  readonly start: (profile: ClassProfile) => string;
  readonly render: (context: ExtraContext) => ReactNode;
  /** Offered beside the sentence rather than under More. */
  readonly first?: boolean;
  /** May stand in the sentence more than once. */
  readonly many?: boolean;
}

const plain = (values: readonly string[]): SlotOption[] =>
  values.map((value) => ({ value, text: value, label: value }));

const patternOptions: readonly SlotOption[] = patternNames.map((value) => ({
  value,
  text: coreName(patternTexts[value]),
  label: coreName(patternTexts[value]),
}));

const classOptions: readonly SlotOption[] = wordClassNames.map((value) => ({
  value,
  text: `${value}s`,
  label: `${value}s`,
}));

const stressOptions: readonly SlotOption[] = [
  { value: 'first', text: t('words.firstSyllable'), label: t('words.firstSyllable') },
  { value: 'second', text: t('words.secondSyllable'), label: t('words.secondSyllable') },
  { value: 'last', text: t('words.lastSyllable'), label: t('words.lastSyllable') },
  {
    value: 'not-first',
    text: t('words.secondSyllableOrLater'),
    label: t('words.secondSyllableOrLater'),
  },
];

const levelSlotOptions: readonly SlotOption[] = [
  ...levelOptions.cefr.map((each) => ({ ...each, group: 'CEFR' })),
  ...levelOptions.uk.slice(1, 10).map((each) => ({ ...each, group: t('words.ukYears') })),
  ...levelOptions.us.slice(1, 9).map((each) => ({ ...each, group: t('words.usGrades') })),
].map(({ value, name, group }) => ({ value, text: name, label: name, group }));

function choice(
  name: string,
  options: (context: ExtraContext) => readonly SlotOption[],
  before: string,
  after = '',
) {
  const Choice = (context: ExtraContext) => (
    <>
      {before}{' '}
      <Slot
        name={name}
        value={context.values[0] ?? ''}
        options={options(context)}
        onChoose={(value) => context.set([value])}
      />
      {after}
    </>
  );
  return Choice;
}

function typed(name: string, placeholder: string, before: string, size = 7) {
  const Typed = (context: ExtraContext) => (
    <>
      {before}{' '}
      <TextSlot
        name={name}
        value={context.values[0] ?? ''}
        placeholder={placeholder}
        size={size}
        problem={context.problem}
        startHere={context.fresh}
        onChange={(value) => context.set([value])}
      />
    </>
  );
  return Typed;
}

function PairSlots({ profile, values, set }: ExtraContext) {
  const [from = 'IH', to = 'IY'] = (values[0] ?? '').split('-');
  const options = soundOptions(profile.accent).filter((option) => !option.value.includes(' '));
  return (
    <>
      {t('words.thatBecomeAnotherWordWhen')}{' '}
      <Slot
        name={t('words.soundThatChanges')}
        value={from}
        options={options}
        grid
        onChoose={(sound) => set([`${sound}-${to}`])}
      />{' '}
      {t('words.isChangedTo')}{' '}
      <Slot
        name={t('words.soundItChangesTo')}
        value={to}
        options={options}
        grid
        onChoose={(sound) => set([`${from}-${sound}`])}
      />
    </>
  );
}

export const extras: readonly Extra[] = [
  {
    name: 'pictured',
    label: t('words.thatCanBePictured'),
    start: () => '1',
    first: true,
    render: () => t('words.thatCanBePictured'),
  },
  {
    name: 'topic',
    label: t('words.aboutATopic'),
    start: () => 'weather',
    first: true,
    render: choice(t('words.topic'), ({ topics }) => plain(topics), 'about'),
  },
  {
    name: 'pattern',
    label: t('words.withAPattern'),
    start: () => 'CVC',
    first: true,
    many: true,
    render: choice(t('words.pattern'), () => patternOptions, t('words.withThePattern')),
  },
  {
    name: 'name',
    label: t('words.thatAreNamesFor'),
    start: () => 'animal',
    first: true,
    render: choice(
      t('words.namesFor'),
      ({ nameKinds }) => plain(nameKinds),
      t('words.thatAreNamesForA'),
    ),
  },
  {
    name: 'prefix',
    label: t('words.withAPrefix'),
    start: () => 'un',
    render: typed(t('words.prefix'), 'un', t('words.withThePrefix'), 5),
  },
  {
    name: 'suffix',
    label: t('words.withASuffix'),
    start: () => 'ful',
    render: typed(t('words.suffix'), 'ful', t('words.withTheSuffix'), 5),
  },
  {
    name: 'family',
    label: t('words.ofAWordFamily'),
    start: () => '',
    render: typed(t('words.wordFamily'), t('words.aWord'), t('words.ofTheFamilyOf')),
  },
  {
    name: 'homophones',
    label: t('words.thatSoundLikeAnotherWord'),
    start: () => '1',
    render: () => t('words.thatSoundLikeAnotherWord'),
  },
  {
    name: 'opposites',
    label: t('words.thatHaveAnOpposite'),
    start: () => '1',
    render: () => t('words.thatHaveAnOpposite'),
  },
  {
    name: 'opposite',
    label: t('words.thatAreOppositesOf'),
    start: () => '',
    render: typed(t('words.oppositeOf'), t('words.aWord'), t('words.thatAreOppositesOf2')),
  },
  {
    name: 'fold',
    label: t('words.withoutTheirForms'),
    start: () => '1',
    render: () => t('words.withoutTheirFormsCatNot'),
  },
  {
    name: 'pos',
    label: t('words.ofAWordClass'),
    start: () => 'verb',
    render: choice(t('words.wordClass'), () => classOptions, t('words.thatAre')),
  },
  {
    name: 'level',
    label: t('words.upToALevel'),
    start: ({ level }) => level.value,
    render: choice(
      t('words.level'),
      () => levelSlotOptions,
      t('words.upTo'),
      t('words.anEstimate'),
    ),
  },
  {
    name: 'rhyme',
    label: t('words.thatRhymeWith'),
    start: () => '',
    render: typed(t('words.rhymesWith'), t('words.aWord'), t('words.thatRhymeWith2')),
  },
  { name: 'pair', label: t('words.thatMakeMinimalPairs'), start: () => 'IH-IY', render: PairSlots },
  {
    name: 'begins',
    label: t('words.thatBeginWith'),
    start: () => '',
    render: typed(t('words.beginsWith'), 'letters', t('words.thatBeginWith2'), 5),
  },
  {
    name: 'ends',
    label: t('words.thatEndWith'),
    start: () => '',
    render: typed(t('words.endsWith'), 'letters', t('words.thatEndWith2'), 5),
  },
  {
    name: 'stress',
    label: t('words.stressedOnASyllable'),
    start: () => 'first',
    render: choice(t('words.stress'), () => stressOptions, t('words.stressedOnThe')),
  },
  {
    name: 'compound',
    label: t('words.madeOfTwoWords'),
    start: () => '1',
    render: () => t('words.madeOfTwoWords'),
  },
  {
    name: 'nospelling',
    label: t('words.withoutASpelling'),
    start: () => 'ow',
    render: choice(
      t('words.spellingLeftOut'),
      ({ profile }) => spellingOptions([], profile.accent).slice(1),
      'without',
    ),
  },
  {
    name: 'nopattern',
    label: t('words.withoutAPattern'),
    start: () => 'blend',
    many: true,
    render: choice(t('words.patternLeftOut'), () => patternOptions, t('words.withoutThePattern')),
  },
  {
    name: 'new',
    label: t('words.notYetInTheList'),
    start: () => '1',
    render: () => t('words.notYetInTheList'),
  },
  {
    name: 'expr',
    label: t('words.thatFitAPatternOf'),
    start: () => 'C+ V C',
    render: typed(t('words.patternOfSigns'), 'C+ V C', t('words.thatFit'), 9),
  },
];
