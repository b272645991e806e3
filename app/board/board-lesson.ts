/** A lesson as it goes to the board: its parts made, with what is read, asked and said of them. */
import { boardItems } from '~core/board/board-items';
import { boardLines, markSteps, type BoardLine, type MarkStep } from '~core/board/text-marks';
import type { BoardPart } from '~core/board/board-state';
import type { ClassProfile } from '~core/classes/class-profile';
import { sectionOf } from '~core/texts/reading/text-material';
import type { RuleCard } from '~core/rule-cards/card';
import { ruleSteps } from '~core/rule-cards/rule-steps';
import { stageNames, type Lesson, type LessonPart } from '~core/records/lesson';
import type { SoundRecord } from '~core/records/sound-record';
import { soundsOf } from '~/storage/sounds';
import { engine } from '~/workers/engine.client';
import { isBroken, isExercise, titleOf, type BuiltPart } from '~/workspaces/lesson/built-part';
import { screenTextOf } from '~/workspaces/lesson/screen-text';
import { contextOf } from '~/workspaces/results/made-exercises';
import type { PartContext } from '~/workers/part-maker';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

export interface LessonPartOnBoard extends BoardPart {
  readonly stage: string;
  /** What the teacher says or does before it: the notes of its stage that stand before the part. */
  readonly notes: readonly string[];
  readonly built?: BuiltPart;
  readonly words: readonly string[];
  readonly rule?: RuleCard;
  /** Its text with what is marked in it; absent where nothing is. */
  readonly marked?: { readonly lines: readonly BoardLine[]; readonly steps: readonly MarkStep[] };
  /** Recordings of its text. */
  readonly sounds: readonly SoundRecord[];
}

export interface BoardLesson {
  readonly lesson: Lesson;
  readonly profile: ClassProfile;
  readonly context: PartContext;
  readonly parts: readonly LessonPartOnBoard[];
  /** Parts that could not be made, by name. */
  readonly left: readonly string[];
}

const linesOf = (body: string) => boardLines(body).map(({ text }) => text);

/** What the teacher has marked in the text of a part. */
function markedText(
  { parameters, blocks = [] }: LessonPart,
  { texts }: PartContext,
): Pick<LessonPartOnBoard, 'marked' | 'markSteps'> {
  // Of a sheet it is the first text that stands on it.
  const onSheet = blocks.flatMap(({ textId }) => textId ?? [])[0];
  const whole = texts?.[parameters.textId ?? onSheet ?? ''];
  const text = whole && sectionOf(whole, parameters.section);
  const steps = text ? markSteps(text.annotations, text.methods) : [];
  return text && steps.length > 0
    ? { marked: { lines: boardLines(text.body), steps }, markSteps: steps.length }
    : {};
}

function onBoard(
  built: BuiltPart,
  stage: string,
  notes: readonly string[],
  context: PartContext,
  rule: RuleCard | undefined,
  sounds: readonly SoundRecord[],
): LessonPartOnBoard {
  const of = {
    id: built.part.id,
    title: titleOf(built),
    stage,
    notes,
    built,
    words: built.part.words,
    sounds,
    ...(rule === undefined ? {} : { rule, ruleSteps: ruleSteps(rule) }),
  };
  const marked = markedText(built.part, context);
  if (!isExercise(built)) return { ...of, items: [], lines: [], ...marked };
  const { task, reading } = built.exercise;
  const text = screenTextOf(built, context)?.body ?? reading?.body ?? '';
  return { ...of, items: boardItems(task), lines: linesOf(text), ...marked };
}

/** The recordings of the text that a part is about, or that a sheet has. */
async function soundsFor({ parameters, blocks = [] }: LessonPart): Promise<SoundRecord[]> {
  const ids = [parameters.textId, ...blocks.map(({ textId }) => textId)].flatMap((id) => id ?? []);
  const found = await Promise.all([...new Set(ids)].map(soundsOf));
  return found.flat();
}

/** The parts of a lesson in the order in which they are taught; a stage of notes alone is a part by itself. */
export async function boardLesson(lesson: Lesson, profile: ClassProfile): Promise<BoardLesson> {
  const context = await contextOf(profile);
  const exercises = lesson.stages
    .flatMap(({ parts }) => parts)
    .filter(({ kind }) => kind === 'exercise');
  const left: string[] = [];
  const rules = await engine().ruleCards(exercises, profile);
  const stages = await Promise.all(
    lesson.stages.map(async (stage) => {
      const name = coreName(stageNames[stage.id]);
      const made: LessonPartOnBoard[] = [];
      let notes = [stage.teacher, stage.check && t('board.check', { check: stage.check })].flatMap(
        (text) => text || [],
      );
      for (const part of stage.parts) {
        if (part.kind === 'note') {
          notes = [...notes, part.text];
          continue;
        }
        const built = {
          part,
          ...(part.kind === 'sheet'
            ? await engine().buildSheet(part, exercises, context)
            : await engine().build(part, context)),
        };
        if (isBroken(built) || (isExercise(built) && built.exercise.short !== undefined)) {
          left.push(part.text || part.maker);
          continue;
        }
        made.push(onBoard(built, name, notes, context, rules[part.id], await soundsFor(part)));
        notes = [];
      }
      if (made.length > 0 || (notes.length === 0 && !stage.learners)) return made;
      const lines = stage.learners ? linesOf(stage.learners) : [];
      return [
        { id: stage.id, title: name, stage: name, notes, items: [], lines, words: [], sounds: [] },
      ];
    }),
  );
  return { lesson, profile, context, parts: stages.flat(), left };
}
