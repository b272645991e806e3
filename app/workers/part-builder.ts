/** Makes and lays out the parts of a lesson: exercises, sheets of blocks, and the copies of either for a class. */
import type { ClassProfile } from '~core/classes/class-profile';
import type { DocumentNode } from '~core/paper/document';
import { blocksDocument, exerciseDocument } from '~core/documents/sheet-document';
import { acceptedOf } from '~core/exercises/accepted';
import { recipeProblems } from '~core/exercises/catalogue';
import { editableTexts, type EditableText } from '~core/exercises/hand-edits';
import { interactionOf, type Task } from '~core/exercises/interactions';
import { otherMakers } from '~core/exercises/other-makers';
import type { Exercise, ExerciseParameters } from '~core/exercises/making/exercise';
import {
  anotherTurn,
  checkExercise,
  findMaker,
  makeExercise,
  suggestWords,
  wordsOfTask,
  type CheckedWord,
  type ExerciseRecipe,
} from '~core/exercises/make-exercise';
import type { CopyHelp } from '~core/plan/plan';
import type { TextMaterial } from '~core/texts/reading/text-material';
import type { Version } from '~core/kernel/version';
import type { LessonPart } from '~core/records/lesson';
import { ruleCard, type RuleTopic } from '~core/rule-cards/rule-card';
import { textReach } from '~core/texts/fit/text-reach';
import type { SheetBlock } from '~core/sheets/blocks/sheet-block';
import { namedCopies, sheetsTogether } from '~core/sheets/copies';
import type { SheetLayout } from '~core/paper/sheet-layout';
import { litIn } from '~core/sheets/lay-out-text';
import { layOutBooklet, layOutLesson, type LessonPiece } from '~core/sheets/lay-out-lesson';
import { layOutBlocks, type BlockSheet, type ResolvedBlock } from '~core/sheets/lay-out-blocks';
import { layOutSheet, type Sheet, type SheetPage } from '~core/sheets/sheet';
import { fitsBest, type Fit, type FitInput } from '~core/exercises/fits-best';
import { minutesFor } from '~core/exercises/minutes-for';
import { spareTask } from '~core/exercises/spare-task';
import { startWords } from '~core/exercises/start-words';
import { sheetStyle } from '~core/paper/style';
import type { Lexicon } from '~core/languages/en/lexicon/lexicon';
import type { Meanings } from '~core/languages/en/words/meanings';
import { speaks } from '~core/languages/registry/registry';

/** What an exercise or a sheet is made from: a recipe or blocks, and the paper they go on. */
export type PartRecipe = ExerciseRecipe & { readonly layout?: SheetLayout };

/** Whom it is made for, and what stands at the foot. */
export interface PartContext {
  readonly profile: ClassProfile;
  readonly footer: string;
  /** What the class's lists have written beside their words. */
  readonly beside: NonNullable<ExerciseParameters['beside']>;
  /** The class's texts that are used, by their ids. */
  readonly texts?: Readonly<Record<string, TextMaterial>>;
  /** What is done for learners that the lesson looks to, by their names. */
  readonly helps?: Readonly<Record<string, CopyHelp>>;
}

/** What the panel beside an exercise needs to know of its task, so that the screen need not know interactions. */
export interface TaskFacts {
  readonly canShowWorked: boolean;
  readonly hasBank: boolean;
  /** The answers to choose from are given unless the teacher takes them away. */
  readonly bankIsUsual: boolean;
  /** Items with a key, and open questions that have none. */
  readonly keyed: number;
  readonly open: number;
  readonly editable: readonly EditableText[];
  /** Answers right beside the key, by the word of the item. */
  readonly accepted: Readonly<Record<string, readonly string[]>>;
}

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

function factsOf({ task, parameters }: Exercise): TaskFacts {
  const interaction = interactionOf(task);
  const open =
    task.interaction === 'write'
      ? task.items.filter((item) => item.open === true && item.answer === '').length
      : 0;
  // What is traced is shown: it has no answer beside itself.
  const traced =
    task.interaction === 'write'
      ? task.items.filter((item) => item.trace !== undefined || item.strokes !== undefined).length
      : 0;
  return {
    canShowWorked: interaction.canShowWorked(task),
    hasBank: interaction.hasBank(task),
    bankIsUsual: !(task.interaction === 'gap' && task.crossing),
    keyed: interaction.size(task) - open - traced,
    open,
    editable: editableTexts(task, parameters.edits),
    accepted: Object.fromEntries(acceptedOf(task)),
  };
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

  constructor(private readonly lexicon: Lexicon) {}

  /** A recipe with what only its class knows: its step, its own sets, its lists, a learner's name. */
  private placed(recipe: PartRecipe, context: PartContext, name?: string): PartRecipe {
    const { profile, beside } = context;
    const { parameters, words } = recipe;
    const own = words.flatMap((word) => (beside[word] ? [[word, beside[word]] as const] : []));
    const named = parameters.ownName ? [name ?? profile.roster[0]?.name ?? 'Name'] : words;
    const maker = findMaker(recipe.maker);
    const makesUp = maker.usesWords === false && maker.needsText !== true;
    const reading = context.texts?.[parameters.textId ?? ''];
    return {
      ...recipe,
      ...(reading ? { reading } : {}),
      words: named,
      parameters: {
        // Made-up words keep to what the class has been taught, wherever it stands by now.
        ...(makesUp && profile.step !== null ? { step: profile.step } : {}),
        ...(own.length > 0 ? { beside: Object.fromEntries(own) } : {}),
        ...(profile.confusables ? { sets: profile.confusables } : {}),
        ...(speaks(profile.language, 'words') ? {} : { language: profile.language }),
        ...parameters,
      },
    };
  }

  private exercise(
    recipe: PartRecipe,
    context: PartContext,
    meanings: Meanings | undefined,
    name?: string,
  ): Exercise {
    return makeExercise(
      this.placed(recipe, context, name),
      this.lexicon,
      meanings,
      context.profile,
    );
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
    const exercise = this.exercise(recipe, context, meanings);
    const checked = recipe.parameters.ownName !== true && speaks(profile.language, 'words');
    const made = {
      exercise,
      facts: factsOf(exercise),
      document: exerciseDocument(exercise),
      sheet: layOutSheet(exercise, profile, footer, undefined, recipe.layout),
      checks: checked ? checkExercise(recipe, exercise, profile, this.lexicon) : [],
      suggestions: checked ? suggestWords(recipe, profile, this.lexicon) : [],
      others:
        exercise.short === undefined
          ? []
          : otherMakers(this.placed(recipe, context), this.lexicon, meanings, profile),
    };
    if (this.built.size >= BUILDS_KEPT) this.built.delete(this.built.keys().next().value ?? '');
    this.built.set(key, made);
    return made;
  }

  private resolve(
    block: SheetBlock,
    parts: readonly LessonPart[],
    version: Version | undefined,
    context: PartContext,
    meanings: Meanings | undefined,
    name?: string,
  ): ResolvedBlock {
    const part = parts.find((each) => each.id === block.part);
    if (
      block.kind === 'exercise' &&
      part !== undefined &&
      recipeProblems(part.maker, part.parameters).length === 0
    ) {
      const parameters = version ? { ...part.parameters, version } : part.parameters;
      return {
        block,
        exercise: this.exercise({ ...part, parameters }, context, meanings, name),
      };
    }
    if (block.kind === 'reading') {
      const text = context.texts?.[block.textId ?? ''];
      const lit = text && block.reading ? litIn(text, block.reading, this.lexicon) : [];
      return { block, text, lit };
    }
    if (block.kind === 'rule' && block.topic !== undefined) {
      return {
        block,
        card: ruleCard(block.topic as RuleTopic, context.profile, this.lexicon),
      };
    }
    return { block };
  }

  private resolved(
    sheet: LessonPart,
    parts: readonly LessonPart[],
    version: Version | undefined,
    context: PartContext,
    meanings: Meanings | undefined,
    name?: string,
  ): BlockSheet {
    return {
      title: sheet.text || 'Sheet',
      blocks: (sheet.blocks ?? []).map((block) =>
        this.resolve(block, parts, version, context, meanings, name),
      ),
      layout: sheet.layout ?? {},
      pictureOf: (word) => this.lexicon.picturesOf(word)[0],
    };
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
    const resolved = this.resolved(sheet, parts, version, context, meanings);
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
    const exercise = this.exercise(recipe, context, meanings);
    if (exercise.short !== undefined) {
      const { words } = this.placed(recipe, context);
      const more = startWords({ ...recipe, words }, profile, this.lexicon, meanings);
      const brought = this.exercise({ ...recipe, words: more }, context, meanings);
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
    const placed = this.placed(recipe, context);
    const next = anotherTurn(placed, item, this.lexicon, meanings, context.profile);
    if (next === undefined) return undefined;
    return { renewed: { ...recipe.parameters.renewed, [next.key]: next.turn } };
  }

  /** The exercise made at another turn of chance, for another round of what was wrong. */
  spare(recipe: PartRecipe, context: PartContext, meanings?: Meanings): Task | undefined {
    return spareTask(this.placed(recipe, context), this.lexicon, meanings, context.profile);
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
    } = this.placed({ maker: 'fluency-grid', seed: 1, ...input.recipe }, context);
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

  /**
   * A copy for each learner in her version, with her name on, the key of each version and a cutting
   * list; or one of each version without a name.
   */
  copies(
    part: LessonPart,
    parts: readonly LessonPart[],
    context: PartContext,
    whom: 'learners' | 'versions',
    meanings?: Meanings,
  ): Sheet | undefined {
    const { profile, footer } = context;
    const members =
      part.kind === 'sheet' ? (part.blocks ?? []).map((block) => block.part) : [part.id];
    const ownNames = [part, ...parts].some(
      (each) => members.includes(each.id) && each.parameters.ownName === true,
    );
    const made = new Map<string, Sheet>();
    const sheetOf = (version: Version | undefined, name: string, help: CopyHelp): Sheet => {
      const { version: _, ...ways } = help;
      const key = `${version ?? ''} ${ownNames ? name : ''} ${JSON.stringify(ways)}`;
      const layout = { ...part.layout, ...ways };
      const known = made.get(key);
      if (known !== undefined) return known;
      const parameters = version ? { ...part.parameters, version } : part.parameters;
      const sheet =
        part.kind === 'sheet'
          ? layOutBlocks(
              this.resolved({ ...part, layout }, parts, version, context, meanings, name),
              profile,
              footer,
            )
          : layOutSheet(
              this.exercise({ ...part, parameters }, context, meanings, name),
              profile,
              footer,
              undefined,
              layout,
            );
      made.set(key, sheet);
      return sheet;
    };
    if (whom === 'versions') {
      const of = (version: Version) => sheetOf(version, '', {});
      return sheetsTogether([of('support'), of('core'), of('stretch')]);
    }
    return namedCopies(
      profile.roster.map(({ name, version }) => {
        const help = context.helps?.[name] ?? {};
        const own = help.version ?? version;
        return { name, version: own, sheet: sheetOf(own, name, help) };
      }),
      sheetStyle(profile, { ...part.layout, columns: 1 }),
    );
  }
}
