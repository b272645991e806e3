/** What can be done to a lesson, its parts and its sheets. */
import type { ExerciseParameters } from '~core/exercises/making/exercise';
import { recipeFor } from '~core/exercises/recipe-for';
import { readSlip } from '~core/practice/slip';
import type { SheetLayout } from '~core/paper/sheet-layout';
import { joinList } from '~core/kernel/join-list';
import {
  stageIds,
  stageNames,
  type Lesson,
  type LessonPart,
  type StageId,
} from '~core/records/lesson';
import { blockKinds, blockNames, type SheetBlock } from '~core/sheets/blocks/sheet-block';
import { Fields, Id, OneOf, Text, Texts, Whole, Word } from './fields';
import { ChangeError, operation, type Operations } from './operation';

class Field {
  @OneOf(['title', 'objective']) field!: 'title' | 'objective';
  @Text(600) value!: string;
}
class Minutes {
  @OneOf(stageIds) stage!: StageId;
  @Whole(0, 180) minutes!: number;
}
class AddPart {
  @OneOf(stageIds) stage!: StageId;
  @Fields() part!: LessonPart;
  @Text(300) name!: string;
}
class OnePart {
  @Id() part!: string;
}
class NamedPart extends OnePart {
  @Text(300) name!: string;
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
class AddSlips {
  @Texts(400) codes!: string[];
}
class TakeOutSlips {
  /** Nobody's name takes out all. */
  @Text(200) learner!: string;
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
const GONE = 'This part was removed in another tab. Undo there brings it back.';

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

const named = (kind: SheetBlock['kind'] | undefined) =>
  kind ? blockNames[kind].toLowerCase() : 'block';

/** A step of the linear congruential generator of ANSI C (ISO/IEC 9899, 7.22.2), in whole numbers that never leave the safe ones. */
export function nextSeed(seed: number): number {
  const state = Math.abs(Math.trunc(seed)) % 2 ** 31;
  return (Math.imul(state, 1103515245) + 12345) & 0x7fffffff;
}

/** A layout in which null has taken a choice back to what the class has. */
const withoutNulls = (layout: object): SheetLayout =>
  Object.fromEntries(Object.entries(layout).filter(([, value]) => value !== null));

/** The parameters with some set; null takes one away. */
function withParameters(
  present: ExerciseParameters,
  set: Readonly<Record<string, unknown>>,
): ExerciseParameters {
  const all = Object.entries({ ...present, ...set });
  return Object.fromEntries(all.filter(([, value]) => value !== null && value !== undefined));
}

export const lessonOperations: Operations<Lesson> = {
  field: op({
    input: Field,
    label: (_, { field }) => `Changed the lesson’s ${field}`,
    step: (lesson, { field, value }) => ({ ...lesson, [field]: value }),
  }),
  minutes: op({
    input: Minutes,
    label: (_, { stage }) => `Changed the minutes of ${stageNames[stage]}`,
    step: (lesson, { stage, minutes }) => ({
      ...lesson,
      stages: lesson.stages.map((each) => (each.id === stage ? { ...each, minutes } : each)),
    }),
  }),
  'add-part': op({
    input: AddPart,
    label: (_, { stage, name }) => `Added ${name} to ${stageNames[stage]}`,
    step: (lesson, { stage, part }) => ({
      ...lesson,
      stages: lesson.stages.map((each) =>
        each.id === stage ? { ...each, parts: [...each.parts, part] } : each,
      ),
    }),
  }),
  'remove-part': op({
    input: NamedPart,
    label: (_, { name }) => `Removed ${name}`,
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
    label: (_, { name }) => `Moved ${name}`,
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
    label: () => 'Changed a note',
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
    label: (_, { name }) => `Took ${name} instead`,
    step: (lesson, { part, maker }) =>
      withPart(lesson, part, (stored) => ({ ...stored, ...recipeFor(maker, stored) })),
  }),
  shuffle: op({
    input: OnePart,
    label: () => 'Shuffled again',
    step: (lesson, { part }) =>
      withPart(lesson, part, (stored) => ({ ...stored, seed: nextSeed(stored.seed) })),
  }),
  swap: op({
    input: Swap,
    label: (_, { from, to }) => `Swapped ${from} for ${to}`,
    step: (lesson, { part, from, to }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        words: stored.words.map((word) => (word === from ? to : word)),
      })),
  }),
  'add-word': op({
    input: PartWord,
    label: (_, { word }) => `Added ${word}`,
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
    label: (_, { words }) => `Added ${joinList(words, 'and')}`,
    step: (lesson, { part, words }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        words: [...new Set([...stored.words, ...words])],
      })),
  }),
  'remove-word': op({
    input: PartWord,
    label: (_, { word }) => `Removed ${word}`,
    step: (lesson, { part, word }) =>
      withPart(lesson, part, (stored) => ({
        ...stored,
        words: stored.words.filter((each) => each !== word),
      })),
  }),

  // What learners hand in.
  'add-slips': op({
    input: AddSlips,
    label: (_, { codes }) =>
      codes.length === 1 ? 'Took in a slip' : `Took in ${codes.length} slips`,
    step: (lesson, { codes }) => ({
      ...lesson,
      slips: [...new Set([...(lesson.slips ?? []), ...codes])],
    }),
  }),
  'take-out-slips': op({
    input: TakeOutSlips,
    label: (_, { learner }) =>
      learner === '' ? 'Took out all slips' : `Took out the slips of ${learner}`,
    step: ({ slips = [], ...lesson }, { learner }) => {
      const left = slips.filter((code) => {
        if (learner === '') return false;
        const slip = readSlip(code);
        return 'error' in slip || slip.learner !== learner;
      });
      return left.length > 0 ? { ...lesson, slips: left } : lesson;
    },
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
    label: (_, { block }) => `Added the ${named(block.kind)}`,
    step: (lesson, { part, block }) => withBlocks(lesson, part, (blocks) => [...blocks, block]),
  }),
  block: op({
    input: SetBlock,
    label: () => 'Changed a block',
    step: (lesson, { part, block, fields }) =>
      withBlocks(lesson, part, (blocks) => {
        if (!blocks.some(({ id }) => id === block)) {
          throw new ChangeError('This block was removed in another tab.');
        }
        return blocks.map((each) => (each.id === block ? { ...each, ...fields } : each));
      }),
  }),
  /** Moves a block before the one at `index` of those that are left. */
  'move-block': op({
    input: MoveBlock,
    label: () => 'Moved a block',
    step: (lesson, { part, block, index }) =>
      withBlocks(lesson, part, (blocks) => {
        const moved = blocks.find(({ id }) => id === block);
        if (moved === undefined) throw new ChangeError('This block was removed in another tab.');
        const others = blocks.filter((each) => each !== moved);
        others.splice(index, 0, moved);
        return others;
      }),
  }),
  'remove-block': op({
    input: RemoveBlock,
    label: (_, { kind }) => `Removed the ${named(kind)}`,
    step: (lesson, { part, block }) =>
      withBlocks(lesson, part, (blocks) => blocks.filter(({ id }) => id !== block)),
  }),
};
