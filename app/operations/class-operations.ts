/** What can be done to a class. */
import type { ClassProfile } from '~core/classes/class-profile';
import { sequenceOf } from '~core/classes/class-sequence';
import type { ClassSettings } from '~core/classes/new-class';
import { LEARNER_LENGTHS } from '~core/records/class-record';
import { readRoster } from '~core/classes/roster';
import { nameOf as named } from '~/phrases/name-of';
import { versions, type Version } from '~core/kernel/version';
import {
  addStep,
  changeStep,
  moveStep,
  readTeaches,
  removeStep,
  splitStep,
} from '~core/languages/en/sounds/edit-sequence';
import type { Sequence } from '~core/languages/en/sounds/sequence';
import { Fields, Id, Name, OneOf, Text, Whole, Word, Yes } from './fields';
import { ChangeError, newId, NoInput, operation, type Operations } from './operation';
import { t } from '~/phrases/t';

class Settings {
  @Fields() fields!: ClassSettings;
}
class Names {
  @Text(100_000) names!: string;
}
class OneLearner {
  @Id() learner!: string;
}
class LearnerVersion extends OneLearner {
  @OneOf(versions) version!: Version;
}
class LearnerHome extends OneLearner {
  @Text(20) home!: string;
}
class LearnerFact extends OneLearner {
  @OneOf(['group', 'needs', 'notes']) fact!: 'group' | 'needs' | 'notes';
  @Text(LEARNER_LENGTHS.notes) text!: string;
}
class Known {
  @Word() word!: string;
  @Yes() known!: boolean;
}
class Hidden {
  @Word() word!: string;
  @Yes() hidden!: boolean;
}
class Called {
  @Word() name!: string;
  @OneOf(['he', 'she', 'they']) pronoun!: 'he' | 'she' | 'they';
}
class Shown {
  @Word() word!: string;
  @Yes() shown!: boolean;
}
class AtStep {
  @Whole(0, 1000) step!: number;
}
class StepNumber {
  @Whole(0, 1000) number!: number;
}
class AfterStep {
  @Whole(0, 1000) after!: number;
}
class RemoveStep extends StepNumber {
  @Text(200) title!: string;
}
class MoveStep extends StepNumber {
  @Whole(0, 1000) to!: number;
}
class StepText extends StepNumber {
  @Text(4000) text!: string;
}
class SequenceName {
  @Name(80) name!: string;
}
class TakenSequence {
  @Fields() sequence!: Sequence;
}

const op = operation<ClassProfile>();
const words = (text: string) => text.split(/[\s,;]+/).filter((word) => word !== '');

/** The class keeps its place, within the length of its sequence. */
function within(profile: ClassProfile): ClassProfile {
  const steps = sequenceOf(profile).steps.length;
  return { ...profile, step: profile.step === null ? null : Math.min(profile.step, steps) };
}

/** Edits the class's sequence, making the default its own first. */
function editSequence(profile: ClassProfile, edited: (sequence: Sequence) => Sequence) {
  const present = sequenceOf(profile);
  const own =
    profile.sequence === null
      ? {
          ...present,
          id: newId(),
          name: t('change.sequence', named(profile)),
        }
      : present;
  return within({ ...profile, sequence: edited(own) });
}

const nameOf = ({ roster }: ClassProfile, id: string) =>
  roster.find((learner) => learner.id === id)?.name ?? t('change.aLearner');

export const classOperations: Operations<ClassProfile> = {
  change: op({
    input: Settings,
    label: (_, { fields }) =>
      t('change.changedTheClasss', {
        replace: Object.keys(fields)
          .join(', ')
          .replace('language, course, unit', 'language')
          .replace('confusables', 'words taken for each other')
          .replace('offerAge', 'words offered')
          .replace('practice', 'way of practising')
          .replace('course, unit', 'course')
          .replace(/^unit$/, 'unit of the course')
          .replace('wordSpaces', 'spaces between words')
          .replace('furigana', 'kana over the kanji')
          .replace(/^hand$/, 'school hand'),
      }),
    step: (profile, { fields }) => within({ ...profile, ...fields }),
  }),
  'add-learners': op({
    input: Names,
    label: () => t('change.addedLearners'),
    step: (profile, { names }) => {
      const reading = readRoster(
        names,
        profile.roster.map(({ name }) => name),
      );
      const added = reading.names.map((name) => ({ id: newId(), name }));
      return { ...profile, roster: [...profile.roster, ...added] };
    },
  }),
  'remove-learner': op({
    input: OneLearner,
    label: (profile, { learner }) => t('change.removed', { nameOf: nameOf(profile, learner) }),
    step: (profile, { learner }) => ({
      ...profile,
      roster: profile.roster.filter(({ id }) => id !== learner),
    }),
  }),
  'learner-version': op({
    input: LearnerVersion,
    label: (profile, { learner, version }) =>
      t('change.getsTheVersion', { nameOf: nameOf(profile, learner), version }),
    step: (profile, { learner, version }) => ({
      ...profile,
      roster: profile.roster.map((each) => (each.id === learner ? { ...each, version } : each)),
    }),
  }),
  'learner-home': op({
    input: LearnerHome,
    label: (profile, { learner }) =>
      t('change.changedTheHomeLanguageOf', { nameOf: nameOf(profile, learner) }),
    step: (profile, { learner, home }) => ({
      ...profile,
      roster: profile.roster.map((each) => {
        if (each.id !== learner) return each;
        const { home: _, ...rest } = each;
        return home === '' ? rest : { ...rest, home };
      }),
    }),
  }),
  'learner-fact': op({
    input: LearnerFact,
    label: (profile, { learner, fact }) =>
      fact === 'group'
        ? t('change.changedTheGroupOf', { nameOf: nameOf(profile, learner) })
        : t('change.changedTheOf', { fact, nameOf: nameOf(profile, learner) }),
    step: (profile, { learner, fact, text }) => ({
      ...profile,
      roster: profile.roster.map((each) => {
        if (each.id !== learner) return each;
        const { [fact]: _, ...rest } = each;
        return text.trim() === '' ? rest : { ...rest, [fact]: text };
      }),
    }),
  }),
  known: op({
    input: Known,
    label: (_, { word, known }) =>
      known ? t('change.countedAsKnown', { word }) : t('change.noLongerCountedAsKnown', { word }),
    step: (profile, { word, known }) => {
      const others = profile.knownWords.filter((each) => each !== word);
      return { ...profile, knownWords: known ? [...others, word] : others };
    },
  }),
  hide: op({
    input: Hidden,
    label: (_, { word, hidden }) =>
      hidden ? t('change.hidFromTheClass', { word }) : t('change.offeredToTheClassAgain', { word }),
    step: (profile, { word, hidden }) => {
      const others = profile.hiddenWords.filter((each) => each !== word);
      return { ...profile, hiddenWords: hidden ? [...others, word] : others };
    },
  }),

  show: op({
    input: Shown,
    label: (_, { word, shown }) =>
      shown ? t('change.offeredToTheClassAll', { word }) : t('change.keptBackAgain', { word }),
    step: (profile, { word, shown }) => {
      const others = (profile.shownWords ?? []).filter((each) => each !== word);
      return { ...profile, shownWords: shown ? [...others, word] : others };
    },
  }),

  called: op({
    input: Called,
    label: (_, { name, pronoun }) => t('change.is', { name, pronoun }),
    step: (profile, { name, pronoun }) => ({
      ...profile,
      people: [...(profile.people ?? []).filter((each) => each.name !== name), { name, pronoun }],
    }),
  }),

  // The sequence that the class is taught by.
  step: op({
    input: AtStep,
    label: () => t('change.changedTheClasssStep'),
    step: (profile, { step }) => within({ ...profile, step }),
  }),
  'add-step': op({
    input: AfterStep,
    label: () => t('change.addedAStep'),
    step: (profile, { after }) => editSequence(profile, (sequence) => addStep(sequence, after)),
  }),
  'remove-step': op({
    input: RemoveStep,
    label: (_, { title }) => t('change.removedTheStep', { title }),
    step: (profile, { number }) =>
      editSequence(profile, (sequence) => removeStep(sequence, number)),
  }),
  'move-step': op({
    input: MoveStep,
    label: () => t('change.movedAStep'),
    step: (profile, { number, to }) =>
      editSequence(profile, (sequence) => moveStep(sequence, number, to)),
  }),
  'split-step': op({
    input: StepNumber,
    label: () => t('change.splitAStep'),
    step: (profile, { number }) => editSequence(profile, (sequence) => splitStep(sequence, number)),
  }),
  'step-title': op({
    input: StepText,
    label: (_, { number }) => t('change.renamedStep', { number }),
    step: (profile, { number, text }) =>
      editSequence(profile, (sequence) => changeStep(sequence, number, { title: text })),
  }),
  'step-sight': op({
    input: StepText,
    label: (_, { number }) => t('change.changedTheWordsBySight', { number }),
    step: (profile, { number, text }) =>
      editSequence(profile, (sequence) =>
        changeStep(sequence, number, { sightWords: words(text) }),
      ),
  }),
  'step-teaches': op({
    input: StepText,
    label: (_, { number }) => t('change.changedTheSpellingsOfStep', { number }),
    step: (profile, { number, text }) => {
      const read = readTeaches(text);
      if (!read.ok) throw new ChangeError(t('change.nothingWasChanged', { message: read.message }));
      return editSequence(profile, (sequence) =>
        changeStep(sequence, number, { teaches: read.teaches }),
      );
    },
  }),
  'sequence-name': op({
    input: SequenceName,
    label: () => t('change.renamedTheSequence'),
    step: (profile, { name }) => editSequence(profile, (sequence) => ({ ...sequence, name })),
  }),
  /** A sequence that was read from a file. */
  'take-sequence': op({
    input: TakenSequence,
    label: (_, { sequence }) => t('change.readTheSequence', { name: sequence.name }),
    step: (profile, { sequence }) => within({ ...profile, sequence }),
  }),
  'default-sequence': op({
    input: NoInput,
    label: () => t('change.wentBackToTheDefault'),
    step: (profile) => within({ ...profile, sequence: null }),
  }),
};
