/** What can be done to a lesson, its parts and its sheets. */
import type { ExerciseParameters } from '~core/exercises/making/exercise';
import { recipeFor } from '~core/exercises/recipe-for';
import type { Plan, StagePlan } from '~core/plan/plan';
import type { SheetLayout } from '~core/paper/sheet-layout';
import { listed } from '~/phrases/interface-language';
import {
  REMARK_LENGTH,
  stageIds,
  stageNames,
  type Lesson,
  type LessonPart,
  type Remark,
  type StageId,
} from '~core/records/lesson';
import { MOST_TAKE_HOMES, type TakeHomeRecord } from '~core/records/take-home-record';
import { blockKinds, blockNames, type SheetBlock } from '~core/sheets/blocks/sheet-block';
import { boardOperations } from './board-operations';
import { Fields, Id, Maybe, OneOf, Text, Texts, Whole, Word, Yes } from './fields';
import { shelfOperation } from './shelf-operation';
import { ChangeError, newId, operation, type Operations } from './operation';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

class Field {
  @OneOf(['title', 'objective']) field!: 'title' | 'objective';
  @Text(600) value!: string;
}
class Minutes {
  @OneOf(stageIds) stage!: StageId;
  @Whole(0, 180) minutes!: number;
}
class PlanFields {
  @Fields() fields!: Partial<Plan>;
  /** What of the plan it is, for the history: “the date”. */
  @Text(60) what!: string;
}
class StageFields {
  @OneOf(stageIds) stage!: StageId;
  @Fields() fields!: StagePlan;
  @Text(60) what!: string;
}
class AddPart {
  @OneOf(stageIds) stage!: StageId;
  @Fields() part!: LessonPart;
  @Text(300) name!: string;
  /** The sheet on which it stands too, and the block in which. */
  @Maybe() @Id() sheet?: string;
  @Maybe() @Id() block?: string;
}
class OnePart {
  @Id() part!: string;
}
class NamedPart extends OnePart {
  @Text(300) name!: string;
}
class PartMarks extends NamedPart {
  @Maybe() @Yes() starred?: boolean;
  @Maybe() @Text(120) rename?: string;
}
class GaveHome {
  @Fields() takeHome!: TakeHomeRecord;
}
class MovePart extends NamedPart {
  @OneOf(stageIds) stage!: StageId;
  @Whole(0, 1000) index!: number;
}
class Note extends OnePart {
  @Text(2000) text!: string;
}
class SetParameters extends OnePart {
  /** Null takes a parameter back to what is usual. */
  @Fields() parameters!: Readonly<Record<string, unknown>>;
  @Text(400) label!: string;
}
class ChangeMaker extends OnePart {
  @Id() maker!: string;
  @Text(300) name!: string;
}
class PartWord extends OnePart {
  @Word() word!: string;
}
class PartWords extends OnePart {
  @Texts(40) words!: string[];
}
class Swap extends OnePart {
  @Word() from!: string;
  @Word() to!: string;
}
class SetLayout extends OnePart {
  @Fields() layout!: SheetLayout;
  @Text(400) label!: string;
}
class RemarkOn {
  @Text(200) learner!: string;
  @Id() exercise!: string;
  @Id() item!: string;
}
class RemarkText extends RemarkOn {
  @Text(REMARK_LENGTH) text!: string;
}
class RemarkMet extends RemarkOn {
  @OneOf(['', 'met', 'again']) met!: Remark['met'];
}
class AddBlock extends OnePart {
  @Fields() block!: SheetBlock;
}
class OneBlock extends OnePart {
  @Id() block!: string;
}
class SetBlock extends OneBlock {
  @Fields() fields!: Partial<Omit<SheetBlock, 'id' | 'kind'>>;
}
class MoveBlock extends OneBlock {
  @Whole(0, 1000) index!: number;
}
class RemoveBlock extends OneBlock {
  @OneOf(blockKinds) kind!: SheetBlock['kind'];
}

const op = operation<Lesson>();
const GONE = t('change.thisPartWasRemovedIn');

/** The lesson with one part changed. @throws ChangeError where the part is not there any more */
function withPart(lesson: Lesson, id: string, edited: (part: LessonPart) => LessonPart): Lesson {
  if (!lesson.stages.some(({ parts }) => parts.some((part) => part.id === id))) {
    throw new ChangeError(GONE);
  }
  return {
    ...lesson,
    stages: lesson.stages.map((stage) => ({
      ...stage,
      parts: stage.parts.map((part) => (part.id === id ? edited(part) : part)),
    })),
  };
}

const withBlocks = (
  lesson: Lesson,
  part: string,
  edited: (blocks: SheetBlock[]) => SheetBlock[],
): Lesson =>
  withPart(lesson, part, (stored) => ({
    ...stored,
    blocks: edited([...(stored.blocks ?? [])]) as NonNullable<LessonPart['blocks']>,
  }));

/** The lesson with something said of an open answer; what says nothing any more goes. */
function withRemark(
  lesson: Lesson,
  { learner, exercise, item }: RemarkOn,
  said: Partial<Pick<Remark, 'text' | 'met'>>,
): Lesson {
  const { remarks = [], ...rest } = lesson;
  const isIt = (each: Remark) =>
    each.learner === learner && each.exercise === exercise && each.item === item;
  const before = remarks.find(isIt) ?? { learner, exercise, item, text: '', met: '' as const };
  const now = { ...before, ...said };
  const others = remarks.filter((each) => !isIt(each));
  const left = now.text.trim() === '' && now.met === '' ? others : [...others, now];
  return left.length > 0 ? { ...lesson, remarks: left } : rest;
}

const named = (kind: SheetBlock['kind'] | undefined) =>
  kind
    ? coreName(blockNames[kind]).replace(/^[A-Z](?=[a-z])/, (first) => first.toLowerCase())
    : 'block';

/** A step of the linear congruential generator of ANSI C (ISO/IEC 9899, 7.22.2), in whole numbers that never leave the safe ones. */
export function nextSeed(seed: number): number {
  const state = Math.abs(Math.trunc(seed)) % 2 ** 31;
  return (Math.imul(state, 1103515245) + 12345) & 0x7fffffff;
}

/** A layout in which null has taken a choice back to what the class has. */
const withoutNulls = (layout: object): SheetLayout =>
  Object.fromEntries(Object.entries(layout).filter(([, value]) => value !== null));

/** A record in which what is empty has gone. */
const withoutEmpty = <Fields extends object>(fields: Fields): Fields =>
  Object.fromEntries(
    Object.entries(fields).filter(([name, value]) => value !== '' || name === 'id'),
  ) as Fields;

/** The parameters with some set; null takes one away. */
function withParameters(
  present: ExerciseParameters,
  set: Readonly<Record<string, unknown>>,
): ExerciseParameters {
  const all = Object.entries({ ...present, ...set });
  return Object.fromEntries(all.filter(([, value]) => value !== null && value !== undefined));
}

export const lessonOperations: Operations<Lesson> = {
  shelf: shelfOperation(({ title }) => title),
  field: op({
    input: Field,
    label: (_, { field }) => t('change.changedTheLessons', { field }),
    step: (lesson, { field, value }) => ({ ...lesson, [field]: value }),
  }),
  minutes: op({
    input: Minutes,
    label: (_, { stage }) =>
      t('change.changedTheMinutesOf', { stageNames: coreName(stageNames[stage]) }),
    step: (lesson, { stage, minutes }) => ({
      ...lesson,
      stages: lesson.stages.map((each) => (each.id === stage ? { ...each, minutes } : each)),
    }),
  }),
  plan: op({
    input: PlanFields,
    label: (_, { what }) => t('change.changed', { what }),
    step: (lesson, { fields }) => ({
      ...lesson,
      plan: withoutEmpty({ ...lesson.plan, ...fields }) as NonNullable<Lesson['plan']>,
    }),
  }),
  'plan-stage': op({
    input: StageFields,
    label: (_, { stage, what }) =>
      t('change.changedOf', { what, stageNames: coreName(stageNames[stage]) }),
    step: (lesson, { stage, fields }) => ({
      ...lesson,
      stages: lesson.stages.map((each) =>
        each.id === stage ? withoutEmpty({ ...each, ...fields }) : each,
      ),
    }),
  }),
  'add-part': op({
    input: AddPart,
    label: (_, { stage, name }) =>
      t('change.addedTo', { name, stageNames: coreName(stageNames[stage]) }),
    step: (lesson, { stage, part, sheet, block }) => {
      const added = {
        ...lesson,
        stages: lesson.stages.map((each) =>
          each.id === stage ? { ...each, parts: [...each.parts, part] } : each,
        ),
      };
      return sheet === undefined || block === undefined
        ? added
        : withBlocks(added, sheet, (blocks) => [
            ...blocks,
            { id: block, kind: 'exercise', part: part.id },
          ]);
    },
  }),
  /** What is done to a part on the shelf. */
  'shelf-part': op({
    input: PartMarks,
    label: (_, { name, starred, rename }) => {
      if (rename !== undefined) return t('change.called', { name, rename });
      return starred ? t('change.starred', { name }) : t('change.tookTheStarFrom', { name });
    },
    step: (lesson, { part, starred, rename }) =>
      withPart(lesson, part, ({ starred: was = false, ...stored }) => ({
        ...stored,
        ...((starred ?? was) ? { starred: true } : {}),
        ...(rename === undefined
          ? {}
          : stored.kind === 'exercise'
            ? { parameters: { ...stored.parameters, title: rename } }
            : { text: rename }),
      })),
  }),
  'gave-home': op({
    input: GaveHome,
    label: () => t('change.gaveAFileHome'),
    step: (lesson, { takeHome }) => ({
      ...lesson,
      takeHomes: [...(lesson.takeHomes ?? []), takeHome].slice(-MOST_TAKE_HOMES),
    }),
  }),
  ...boardOperations,
  /** The same part once more, below it. */
  'copy-part': op({
    input: NamedPart,
    label: (_, { name }) => t('change.copied', { name }),
    step: (lesson, { part }) => ({
      ...lesson,
      stages: lesson.stages.map((stage) => ({
        ...stage,
        parts: stage.parts.flatMap((each) =>
          each.id === part ? [each, { ...each, id: newId(), starred: false }] : [each],
        ),
      })),
    }),
  }),
  'remove-part': op({
    input: NamedPart,
    label: (_, { name }) => t('change.removed2', { name }),
    step: (lesson, { part }) => ({
      ...lesson,
      stages: lesson.stages.map((stage) => ({
        ...stage,
        parts: stage.parts.filter(({ id }) => id !== part),
      })),
    }),
  }),
  /** Moves a part to a stage, before the part at `index` of what is there then. */
  'move-part': op({
    input: MovePart,
    label: (_, { name }) => t('change.moved', { name }),
    step: (lesson, { part, stage, index }) => {
      const moved = lesson.stages.flatMap(({ parts }) => parts).find(({ id }) => id === part);
      if (moved === undefined) throw new ChangeError(GONE);
      return {
        ...lesson,
        stages: lesson.stages.map((each) => {
          const parts = each.parts.filter(({ id }) => id !== part);
          if (each.id === stage) parts.splice(index, 0, moved);
          return { ...each, parts };
        }),
      };
    },
  }),
  note: op({
    input: Note,
    label: () => t('change.changedANote'),
    step: (lesson, { part, text }) => withPart(lesson, part, (stored) => ({ ...stored, text })),
  }),
  parameters: op({
    input: SetParameters,
    label: (_, { label }) => label,
    step: (lesson, { part, parameters }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        parameters: withParameters(stored.parameters, parameters),
      })),
  }),
  /** Another exercise of the same material: what was chosen about the material stays. */
  'change-maker': op({
    input: ChangeMaker,
    label: (_, { name }) => t('change.tookInstead', { name }),
    step: (lesson, { part, maker }) =>
      withPart(lesson, part, (stored) => ({ ...stored, ...recipeFor(maker, stored) })),
  }),
  shuffle: op({
    input: OnePart,
    label: () => t('change.shuffledAgain'),
    step: (lesson, { part }) =>
      withPart(lesson, part, (stored) => ({ ...stored, seed: nextSeed(stored.seed) })),
  }),
  swap: op({
    input: Swap,
    label: (_, { from, to }) => t('change.swappedFor', { from, to }),
    step: (lesson, { part, from, to }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        words: stored.words.map((word) => (word === from ? to : word)),
      })),
  }),
  'add-word': op({
    input: PartWord,
    label: (_, { word }) => t('change.added', { word }),
    step: (lesson, { part, word }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        words: stored.words.some((each) => each.toLowerCase() === word.toLowerCase())
          ? stored.words
          : [...stored.words, word],
      })),
  }),
  'add-words': op({
    input: PartWords,
    label: (_, { words }) => t('change.added2', { words: listed(words) }),
    step: (lesson, { part, words }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        words: [...new Set([...stored.words, ...words])],
      })),
  }),
  'remove-word': op({
    input: PartWord,
    label: (_, { word }) => t('change.removed3', { word }),
    step: (lesson, { part, word }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        words: stored.words.filter((each) => each !== word),
      })),
  }),

  // What is said of what learners handed in.
  remark: op({
    input: RemarkText,
    label: (_, { learner }) => t('change.wroteARemarkFor', { learner }),
    step: (lesson, { text, ...on }) => withRemark(lesson, on, { text }),
  }),
  'remark-met': op({
    input: RemarkMet,
    label: (_, { learner }) => t('change.markedAnAnswerOf', { learner }),
    step: (lesson, { met, ...on }) => withRemark(lesson, on, { met }),
  }),

  // How a part stands on paper, and the blocks of a sheet.
  layout: op({
    input: SetLayout,
    label: (_, { label }) => label,
    step: (lesson, { part, layout }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        layout: withoutNulls({ ...stored.layout, ...layout }),
      })),
  }),
  'add-block': op({
    input: AddBlock,
    label: (_, { block }) => t('change.addedThe', { named: named(block.kind) }),
    step: (lesson, { part, block }) => withBlocks(lesson, part, (blocks) => [...blocks, block]),
  }),
  block: op({
    input: SetBlock,
    label: () => t('change.changedABlock'),
    step: (lesson, { part, block, fields }) =>
      withBlocks(lesson, part, (blocks) => {
        if (!blocks.some(({ id }) => id === block)) {
          throw new ChangeError(t('change.thisBlockWasRemovedIn'));
        }
        return blocks.map((each) => (each.id === block ? { ...each, ...fields } : each));
      }),
  }),
  /** Moves a block before the one at `index` of those that are left. */
  'move-block': op({
    input: MoveBlock,
    label: () => t('change.movedABlock'),
    step: (lesson, { part, block, index }) =>
      withBlocks(lesson, part, (blocks) => {
        const moved = blocks.find(({ id }) => id === block);
        if (moved === undefined) throw new ChangeError(t('change.thisBlockWasRemovedIn'));
        const others = blocks.filter((each) => each !== moved);
        others.splice(index, 0, moved);
        return others;
      }),
  }),
  'remove-block': op({
    input: RemoveBlock,
    label: (_, { kind }) => t('change.removedThe', { named: named(kind) }),
    step: (lesson, { part, block }) =>
      withBlocks(lesson, part, (blocks) => blocks.filter(({ id }) => id !== block)),
  }),
};
