/** Makes and lays out the parts of a lesson: exercises, sheets of blocks, and the copies of either for a class. */
import type { ClassProfile } from '~core/classes/class-profile';
import { blocksDocument, exerciseDocument } from '~core/documents/sheet-document';
import { recipeProblems } from '~core/exercises/catalogue';
import { fitsBest, type Fit, type FitInput } from '~core/exercises/fits-best';
import { interactionOf, type Task } from '~core/exercises/interactions';
import {
  anotherTurn,
  checkExercise,
  suggestWords,
  wordsOfTask,
  type CheckedWord,
} from '~core/exercises/make-exercise';
import type { Exercise, ExerciseParameters } from '~core/exercises/making/exercise';
import { minutesFor } from '~core/exercises/minutes-for';
import { otherMakers } from '~core/exercises/other-makers';
import { spareTask } from '~core/exercises/spare-task';
import { startWords } from '~core/exercises/start-words';
import type { Lexicon } from '~core/languages/en/lexicon/lexicon';
import type { Meanings } from '~core/languages/en/words/meanings';
import { hasReach } from '~core/reach/check-material';
import { speaks } from '~core/languages/registry/registry';
import type { DocumentNode } from '~core/paper/document';
import type { LessonPart } from '~core/records/lesson';
import { layOutBlocks, type BlockSheet } from '~core/sheets/lay-out-blocks';
import { layOutBooklet, layOutLesson, type LessonPiece } from '~core/sheets/lay-out-lesson';
import { layOutSheet, type Sheet, type SheetPage } from '~core/sheets/sheet';
import { textReach } from '~core/texts/fit/text-reach';
import { learnersCopies, versionsTogether } from './copies-builder';
import { PartMaker, type PartContext, type PartRecipe } from './part-maker';
import { factsOf, type TaskFacts } from './task-facts';

export interface BuiltExercise {
  readonly exercise: Exercise;
  readonly facts: TaskFacts;
  readonly sheet: Sheet;
  /** The same without places. */
  readonly document: readonly DocumentNode[];
  readonly checks: readonly CheckedWord[];
  /** Words within reach that would fit as well. */
  readonly suggestions: readonly string[];
  /** Other exercises that the same material makes, looked for where this one has too little. */
  readonly others: readonly string[];
}

/** A part that cannot be made, and why. */
export interface BrokenPart {
  readonly broken: string;
}

export interface BuiltSheet {
  readonly sheet: Sheet;
  /** The same without places, and its exercises. */
  readonly document: readonly DocumentNode[];
  readonly exercises: readonly Exercise[];
  readonly checks: readonly CheckedWord[];
}

/** A maker tried on material. */
export type Preview =
  | {
      readonly missing: string;
      /** Words of the material and more within reach that would make it. */
      readonly brings?: readonly string[];
    }
  | {
      readonly missing: undefined;
      readonly marks: SheetPage['marks'];
      readonly paper: Sheet['paper'];
      readonly font: string;
      readonly colour: Sheet['colour'];
      readonly pages: number;
      readonly items: number;
      /** A guess by kind and number of items. */
      readonly minutes: number;
      readonly notes: readonly string[];
    };

/** A lesson shows all its exercises at once; what has not changed is not made again. */
const BUILDS_KEPT = 80;

export class PartBuilder {
  private readonly built = new Map<string, BuiltExercise>();

  private readonly maker: PartMaker;

  constructor(private readonly lexicon: Lexicon) {
    this.maker = new PartMaker(lexicon);
  }

  /** The exercise, or why it cannot be made: one damaged part never takes its lesson with it. */
  build(recipe: PartRecipe, context: PartContext, meanings?: Meanings): BuiltExercise | BrokenPart {
    const [problem] = recipeProblems(recipe.maker, recipe.parameters);
    if (problem !== undefined) return { broken: problem };
    try {
      return this.make(recipe, context, meanings);
    } catch (error) {
      return { broken: `It could not be made: ${error instanceof Error ? error.message : ''}` };
    }
  }

  /** Makes an exercise, lays it out, checks it. */
  private make(recipe: PartRecipe, context: PartContext, meanings?: Meanings): BuiltExercise {
    const { texts, ...rest } = context;
    const key = JSON.stringify([recipe, rest, texts?.[recipe.parameters.textId ?? '']]);
    const known = this.built.get(key);
    if (known !== undefined) return known;
    const { profile, footer } = context;
    const exercise = this.maker.exercise(recipe, context, meanings);
    const checked = recipe.parameters.ownName !== true && hasReach(profile.language);
    const placed = this.maker.placed(recipe, context);
    // What the class and the list add to a recipe tells of another language.
    const asked = speaks(profile.language, 'words') ? recipe : placed;
    const made = {
      exercise,
      facts: factsOf(exercise),
      document: exerciseDocument(exercise),
      sheet: layOutSheet(exercise, profile, footer, undefined, recipe.layout),
      checks: checked ? checkExercise(asked, exercise, profile, this.lexicon) : [],
      suggestions: checked ? suggestWords(asked, profile, this.lexicon) : [],
      others:
        exercise.short === undefined ? [] : otherMakers(placed, this.lexicon, meanings, profile),
    };
    if (this.built.size >= BUILDS_KEPT) this.built.delete(this.built.keys().next().value ?? '');
    this.built.set(key, made);
    return made;
  }

  /** Every word that a learner meets on the sheet, once. */
  private checkSheet({ blocks }: BlockSheet, profile: ClassProfile): CheckedWord[] {
    if (!speaks(profile.language, 'words')) return [];
    const text = blocks
      .flatMap(({ block, exercise, text: reading }) => [
        ...(reading ? [reading.body] : []),
        ...(['text', 'heading', 'can-do'].includes(block.kind) ? [block.text ?? ''] : []),
        ...(block.kind === 'words' ? (block.words ?? []) : []),
        ...(exercise ? wordsOfTask(exercise.task) : []),
      ])
      .join('\n');
    const settled = blocks.flatMap(({ text: reading }) => [...(reading?.settled ?? [])]);
    const { words } = textReach({ text, profile, lexicon: this.lexicon, settled });
    const done = new Set(settled.map((word) => word.toLowerCase()));
    const checked = words
      .filter(({ word }) => !done.has(word.toLowerCase()))
      .map(
        ({ word, reach, reasons, level }) =>
          [word.toLowerCase(), { word, reach, reasons, level, swaps: [] }] as const,
      );
    return [...new Map(checked).values()];
  }

  /** Lays out a sheet of blocks, and checks its words. */
  buildSheet(
    sheet: LessonPart,
    parts: readonly LessonPart[],
    context: PartContext,
    meanings?: Meanings,
  ): BuiltSheet | BrokenPart {
    try {
      return this.makeSheet(sheet, parts, context, meanings);
    } catch (error) {
      return { broken: `It could not be made: ${error instanceof Error ? error.message : ''}` };
    }
  }

  private makeSheet(
    sheet: LessonPart,
    parts: readonly LessonPart[],
    context: PartContext,
    meanings: Meanings | undefined,
  ): BuiltSheet {
    const { version } = sheet.parameters;
    const resolved = this.maker.resolved(sheet, parts, version, context, meanings);
    return {
      sheet: layOutBlocks(resolved, context.profile, context.footer),
      document: blocksDocument(resolved.title, resolved.blocks, resolved.pictureOf),
      exercises: resolved.blocks.flatMap(({ exercise }) => exercise ?? []),
      checks: this.checkSheet(resolved, context.profile),
    };
  }

  /** A maker tried on material: its first page, and how much it gives; or what is missing. */
  preview(recipe: PartRecipe, context: PartContext, meanings?: Meanings): Preview {
    const { profile, footer } = context;
    const exercise = this.maker.exercise(recipe, context, meanings);
    if (exercise.short !== undefined) {
      const { words } = this.maker.placed(recipe, context);
      const more = startWords({ ...recipe, words }, profile, this.lexicon, meanings);
      const brought = this.maker.exercise({ ...recipe, words: more }, context, meanings);
      return {
        missing: exercise.short,
        ...(brought.short === undefined && more.length > 0 ? { brings: more } : {}),
      };
    }
    const sheet = layOutSheet(exercise, profile, footer, ['learner'], recipe.layout);
    const [page] = sheet.pages;
    return {
      missing: undefined,
      marks: page?.marks ?? [],
      paper: sheet.paper,
      font: sheet.font,
      colour: sheet.colour,
      pages: sheet.pages.length,
      items: interactionOf(exercise.task).size(exercise.task),
      minutes: minutesFor(exercise.task),
      notes: exercise.notes.map(({ text }) => text),
    };
  }

  /** How an item becomes another one: the parameters to set, or undefined where the material has no other. */
  anotherItem(
    recipe: PartRecipe,
    item: string,
    context: PartContext,
    meanings?: Meanings,
  ): Pick<ExerciseParameters, 'renewed'> | undefined {
    const placed = this.maker.placed(recipe, context);
    const next = anotherTurn(placed, item, this.lexicon, meanings, context.profile);
    if (next === undefined) return undefined;
    return { renewed: { ...recipe.parameters.renewed, [next.key]: next.turn } };
  }

  /** The exercise made at another turn of chance, for another round of what was wrong. */
  spare(recipe: PartRecipe, context: PartContext, meanings?: Meanings): Task | undefined {
    return spareTask(this.maker.placed(recipe, context), this.lexicon, meanings, context.profile);
  }

  /** The exercises that fit material and stage best. */
  fits(
    input: Omit<FitInput, 'profile'>,
    context: PartContext,
    meanings: Meanings | undefined,
  ): Fit[] {
    const {
      maker: _,
      seed: _seed,
      ...recipe
    } = this.maker.placed({ maker: 'fluency-grid', seed: 1, ...input.recipe }, context);
    return fitsBest({ ...input, recipe, profile: context.profile }, this.lexicon, meanings);
  }

  /** The parts of a lesson as they are laid out together. */
  private pieces(
    parts: readonly LessonPart[],
    context: PartContext,
    meanings: Meanings | undefined,
  ): LessonPiece[] {
    const exercises = parts.filter(({ kind }) => kind === 'exercise');
    return parts.flatMap((part): LessonPiece[] => {
      const built =
        part.kind === 'sheet'
          ? this.buildSheet(part, exercises, context, meanings)
          : this.build(part, context, meanings);
      if ('broken' in built) return [];
      return 'exercise' in built
        ? [{ exercise: built.exercise, layout: part.layout }]
        : [{ sheet: built.sheet }];
    });
  }

  /** The whole lesson: its exercises share pages, or are a booklet. */
  lesson(
    parts: readonly LessonPart[],
    context: PartContext,
    how: 'shared' | 'booklet',
    title: string,
    meanings?: Meanings,
  ): Sheet[] {
    const { profile, footer } = context;
    return how === 'shared'
      ? layOutLesson(title, this.pieces(parts, context, meanings), profile, footer)
      : layOutBooklet(
          title,
          (small) => this.pieces(parts, { ...context, profile: small }, meanings),
          profile,
          footer,
        );
  }

  /** A copy for each learner, or one of each version without a name. */
  copies(
    part: LessonPart,
    parts: readonly LessonPart[],
    context: PartContext,
    whom: 'learners' | 'versions',
    meanings?: Meanings,
  ): Sheet | undefined {
    const copied = { maker: this.maker, part, parts, context, meanings };
    return whom === 'learners' ? learnersCopies(copied) : versionsTogether(copied);
  }
}
