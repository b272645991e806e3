/** Makes what the parts of a lesson hold, with what only its class knows. */
import type { ClassProfile } from '~core/classes/class-profile';
import { recipeProblems } from '~core/exercises/catalogue';
import type { Exercise, ExerciseParameters } from '~core/exercises/making/exercise';
import { findMaker, makeExercise, type ExerciseRecipe } from '~core/exercises/make-exercise';
import type { Version } from '~core/kernel/version';
import type { Lexicon } from '~core/languages/en/lexicon/lexicon';
import type { Meanings } from '~core/languages/en/words/meanings';
import { speaks } from '~core/languages/registry/registry';
import type { SheetLayout } from '~core/paper/sheet-layout';
import type { CopyHelp } from '~core/plan/plan';
import type { LessonPart } from '~core/records/lesson';
import { ruleCard, type RuleTopic } from '~core/rule-cards/rule-card';
import type { SheetBlock } from '~core/sheets/blocks/sheet-block';
import type { BlockSheet, ResolvedBlock } from '~core/sheets/lay-out-blocks';
import { litIn } from '~core/sheets/lay-out-text';
import { asRead, withoutReadings } from '~core/texts/reading/as-read';
import type { TextMaterial } from '~core/texts/reading/text-material';

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

export class PartMaker {
  constructor(readonly lexicon: Lexicon) {}

  /** A recipe with what only its class knows: its step, its own sets, its lists, a learner's name. */
  placed(recipe: PartRecipe, context: PartContext, name?: string): PartRecipe {
    const { profile, beside } = context;
    const { parameters, words } = recipe;
    const own = words.flatMap((word) => (beside[word] ? [[word, beside[word]] as const] : []));
    const named = parameters.ownName ? [name ?? profile.roster[0]?.name ?? 'Name'] : words;
    const maker = findMaker(recipe.maker);
    const makesUp = maker.usesWords === false && maker.needsText !== true;
    // What is asked of a text is asked without the kana over its kanji.
    const text = context.texts?.[parameters.textId ?? ''];
    const reading = text && withoutReadings(text);
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

  exercise(
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
      const kept = context.texts?.[block.textId ?? ''];
      const text = kept && asRead(kept, context.profile);
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

  /** A sheet of blocks with what its blocks show. */
  resolved(
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
}
