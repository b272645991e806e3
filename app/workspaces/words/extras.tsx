/** What a search can ask besides its sound: each a piece of the sentence that can be added and taken away. */
import type { ReactNode } from 'react';
import { levelOptions } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import { patternNames, patternTexts } from '~core/languages/en/sounds/patterns';
import { wordClassNames } from '~core/languages/en/lexicon/word-class';
import { Slot, type SlotOption } from '~/ui/Slot';
import { TextSlot } from '~/ui/TextSlot';
import { soundOptions, spellingOptions } from './sound-options';

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
  text: patternTexts[value],
  label: patternTexts[value],
}));

const classOptions: readonly SlotOption[] = wordClassNames.map((value) => ({
  value,
  text: `${value}s`,
  label: `${value}s`,
}));

const stressOptions: readonly SlotOption[] = [
  { value: 'first', text: 'first syllable', label: 'first syllable' },
  { value: 'second', text: 'second syllable', label: 'second syllable' },
  { value: 'last', text: 'last syllable', label: 'last syllable' },
  { value: 'not-first', text: 'second syllable or later', label: 'second syllable or later' },
];

const levelSlotOptions: readonly SlotOption[] = [
  ...levelOptions.cefr.map((each) => ({ ...each, group: 'CEFR' })),
  ...levelOptions.uk.slice(1, 10).map((each) => ({ ...each, group: 'UK years' })),
  ...levelOptions.us.slice(1, 9).map((each) => ({ ...each, group: 'US grades' })),
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
      that become another word when{' '}
      <Slot
        name="Sound that changes"
        value={from}
        options={options}
        grid
        onChoose={(sound) => set([`${sound}-${to}`])}
      />{' '}
      is changed to{' '}
      <Slot
        name="Sound it changes to"
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
    label: 'that can be pictured',
    start: () => '1',
    first: true,
    render: () => 'that can be pictured',
  },
  {
    name: 'topic',
    label: 'about a topic',
    start: () => 'weather',
    first: true,
    render: choice('Topic', ({ topics }) => plain(topics), 'about'),
  },
  {
    name: 'pattern',
    label: 'with a pattern',
    start: () => 'CVC',
    first: true,
    many: true,
    render: choice('Pattern', () => patternOptions, 'with the pattern:'),
  },
  {
    name: 'name',
    label: 'that are names for …',
    start: () => 'animal',
    first: true,
    render: choice(
      'Names for',
      ({ nameKinds }) => plain(nameKinds),
      'that are names for a kind of:',
    ),
  },
  {
    name: 'prefix',
    label: 'with a prefix',
    start: () => 'un',
    render: typed('Prefix', 'un', 'with the prefix', 5),
  },
  {
    name: 'suffix',
    label: 'with a suffix',
    start: () => 'ful',
    render: typed('Suffix', 'ful', 'with the suffix', 5),
  },
  {
    name: 'family',
    label: 'of a word family',
    start: () => '',
    render: typed('Word family', 'a word', 'of the family of'),
  },
  {
    name: 'homophones',
    label: 'that sound like another word',
    start: () => '1',
    render: () => 'that sound like another word',
  },
  {
    name: 'opposites',
    label: 'that have an opposite',
    start: () => '1',
    render: () => 'that have an opposite',
  },
  {
    name: 'opposite',
    label: 'that are opposites of …',
    start: () => '',
    render: typed('Opposite of', 'a word', 'that are opposites of'),
  },
  {
    name: 'fold',
    label: 'without their forms',
    start: () => '1',
    render: () => 'without their forms (cat, not cats)',
  },
  {
    name: 'pos',
    label: 'of a word class',
    start: () => 'verb',
    render: choice('Word class', () => classOptions, 'that are'),
  },
  {
    name: 'level',
    label: 'up to a level',
    start: ({ level }) => level.value,
    render: choice('Level', () => levelSlotOptions, 'up to', ' (an estimate)'),
  },
  {
    name: 'rhyme',
    label: 'that rhyme with …',
    start: () => '',
    render: typed('Rhymes with', 'a word', 'that rhyme with'),
  },
  { name: 'pair', label: 'that make minimal pairs', start: () => 'IH-IY', render: PairSlots },
  {
    name: 'begins',
    label: 'that begin with …',
    start: () => '',
    render: typed('Begins with', 'letters', 'that begin with', 5),
  },
  {
    name: 'ends',
    label: 'that end with …',
    start: () => '',
    render: typed('Ends with', 'letters', 'that end with', 5),
  },
  {
    name: 'stress',
    label: 'stressed on a syllable',
    start: () => 'first',
    render: choice('Stress', () => stressOptions, 'stressed on the'),
  },
  {
    name: 'compound',
    label: 'made of two words',
    start: () => '1',
    render: () => 'made of two words',
  },
  {
    name: 'nospelling',
    label: 'without a spelling',
    start: () => 'ow',
    render: choice(
      'Spelling left out',
      ({ profile }) => spellingOptions([], profile.accent).slice(1),
      'without',
    ),
  },
  {
    name: 'nopattern',
    label: 'without a pattern',
    start: () => 'blend',
    many: true,
    render: choice('Pattern left out', () => patternOptions, 'without the pattern:'),
  },
  {
    name: 'new',
    label: 'not yet in the list',
    start: () => '1',
    render: () => 'not yet in the list',
  },
  {
    name: 'expr',
    label: 'that fit a pattern of signs',
    start: () => 'C+ V C',
    render: typed('Pattern of signs', 'C+ V C', 'that fit', 9),
  },
];
