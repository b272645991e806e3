import { useEffect, useMemo, useState } from 'react';
import { createPortal } from 'react-dom';
import { useSearchParams } from 'react-router';
import { partsOf, type Lesson } from '~core/records/lesson';
import { posterOf } from '~core/sheets/poster';
import type { Sheet } from '~core/sheets/sheet';
import type { ReadingText } from '~core/texts/reading-text';
import { Empty } from '~/ui/Empty';
import { useFontsFor, writtenOn } from '~/ui/script-fonts';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import { isExercise, type Broken, type BuiltPart } from './built-part';
import { ClassTexts } from './class-texts';
import { CheckPanel } from './CheckPanel';
import { PrintRoot } from './PrintRoot';
import { SheetPanel } from './SheetPanel';
import { Stages } from './Stages';
import { TakeHomeDialog } from './TakeHomeDialog';
import { posterAcross, Workbench, type Face, type PageView, type Scope } from './Workbench';
import { useSend } from '~/ui/use-send';
import { t } from '~/phrases/t';

export interface LessonWorkspaceProps {
  readonly lesson: Lesson;
  readonly context: PartContext;
  readonly built: readonly BuiltPart[];
  /** Parts that cannot be made. */
  readonly broken: readonly Broken[];
  readonly openId: string | undefined;
  /** The texts of the class. */
  readonly texts: readonly ReadingText[];
}

/** The whole lesson laid out together, made again when it changes; undefined while another scope is shown. */
function useWholeLesson(
  lesson: Lesson,
  context: PartContext,
  scope: Scope,
): readonly Sheet[] | undefined {
  const [made, setMade] = useState<{
    readonly of: Lesson;
    readonly scope: Scope;
    readonly sheets: readonly Sheet[];
  }>();
  useEffect(() => {
    if (scope !== 'shared' && scope !== 'booklet') return undefined;
    let stale = false;
    void engine()
      .lesson(
        partsOf(lesson).filter(({ kind }) => kind === 'exercise' || kind === 'sheet'),
        context,
        scope,
        lesson.title,
      )
      .then((sheets) => {
        if (!stale) setMade({ of: lesson, scope, sheets });
      });
    return () => {
      stale = true;
    };
  }, [lesson, context, scope]);
  return made && made.of === lesson && made.scope === scope ? made.sheets : undefined;
}

/** One part, made more than once: for each learner, or in each version. */
const isCopied = (scope: Scope) => scope === 'copies' || scope === 'versions';

/** Stages on the left, paper in the middle, the check on the right. */
export function LessonWorkspace(props: LessonWorkspaceProps) {
  const { lesson, context, built, broken, openId, texts } = props;
  const { profile } = context;
  const { send, message: problem, clash } = useSend();
  const [face, setFace] = useState<Face>('learner');
  const [scope, setScope] = useState<Scope>('exercise');
  const [made, setMade] = useState<{
    readonly of: unknown;
    readonly scope: Scope;
    readonly sheet: Sheet | undefined;
  }>();
  const [view, setView] = useState<PageView>('fit');
  const [folded, setFolded] = useState(false);
  // A file that was given home is made again from the shelf.
  const given = useSearchParams()[0].get('home');
  const again = lesson.takeHomes?.find(({ id }) => id === given);
  const [goesHome, setGoesHome] = useState(again !== undefined);
  const [lit, setLit] = useState<string>();
  const open = built.find(({ part }) => part.id === openId);
  const part = open?.part;
  // Copies are made when they are asked for, and again when the exercise or the roster changes.
  useEffect(() => {
    if (!isCopied(scope) || part === undefined) return undefined;
    let stale = false;
    const exercises = partsOf(lesson).filter((each) => each.kind === 'exercise');
    void engine()
      .copies(part, exercises, context, scope === 'copies' ? 'learners' : 'versions')
      .then((sheet) => {
        if (!stale) setMade({ of: part, scope, sheet });
      });
    return () => {
      stale = true;
    };
  }, [scope, part, context, lesson]);
  // Copies of the part as it was before a change are never shown or printed.
  const copies = made?.of === part && made?.scope === scope ? made?.sheet : undefined;
  const whole = useWholeLesson(lesson, context, scope);
  const own = (scope === 'lesson' ? built : open ? [open] : []).map(({ sheet }) => sheet);
  const across = posterAcross(scope);
  const poster = useMemo(
    () => (across === undefined || open === undefined ? undefined : posterOf(open.sheet, across)),
    [across, open],
  );
  const together = poster ? [poster] : copies ? [copies] : whole;
  const sheets = together ?? own;
  const separate = built.reduce((sum, { sheet }) => sum + sheet.pages.length, 0);
  useFontsFor(writtenOn(sheets), profile.language);
  return (
    <ClassTexts value={texts}>
      <div className={`lesson-layout${folded ? ' lesson-layout--folded' : ''}`}>
        <Stages lesson={lesson} built={built} broken={broken} openId={openId} send={send} />
        <div className="workbench">
          {clash}
          {problem && (
            <p className="message" role="alert">
              {problem}
            </p>
          )}
          {open ? (
            <Workbench
              open={open}
              all={built}
              shown={together ?? [open.sheet]}
              sheets={sheets}
              face={face}
              onFace={setFace}
              scope={scope}
              onScope={setScope}
              learners={profile.roster.length}
              onWord={setLit}
              title={lesson.title}
              missing={
                scope !== 'exercise' && !isCopied(scope)
                  ? built.filter((each) => isExercise(each) && each.exercise.short !== undefined)
                      .length
                  : 0
              }
              separate={separate}
              context={context}
              view={view}
              onView={setView}
              folded={folded}
              onFold={() => setFolded(!folded)}
              onTakeHome={() => setGoesHome(true)}
              send={send}
            />
          ) : (
            <Empty title={t('lesson.noExerciseYet')}>
              <p>{t('lesson.addOneToAStage')}</p>
            </Empty>
          )}
        </div>
        {open &&
          (isExercise(open) ? (
            <CheckPanel key={open.part.id} profile={profile} open={open} lit={lit} send={send} />
          ) : (
            <SheetPanel
              key={open.part.id}
              profile={profile}
              open={open}
              exercises={built.filter(isExercise)}
              send={send}
            />
          ))}
      </div>
      {goesHome && (
        <TakeHomeDialog
          lesson={lesson}
          exercises={built.filter(isExercise)}
          context={context}
          again={again}
          send={send}
          onClose={() => setGoesHome(false)}
        />
      )}
      {typeof document === 'undefined' || sheets.length === 0
        ? null
        : createPortal(<PrintRoot sheets={sheets} />, document.body)}
    </ClassTexts>
  );
}
