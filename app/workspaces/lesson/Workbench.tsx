import { useMemo, useState } from 'react';
import { Button, Dropdown } from 'react-bootstrap';
import { BsHouseDoor, BsPrinter, BsZoomIn } from 'react-icons/bs';
import type { Reach } from '~core/reach/check-word';
import { papers } from '~core/kernel/paper-size';
import { posterForm, type PosterSize } from '~core/sheets/poster';
import type { Sheet } from '~core/sheets/sheet';
import { MenuItem } from '~/ui/MenuItem';
import { PaperPage } from '~/ui/PaperPage';
import type { PartContext } from '~/workers/part-maker';
import type { Downloadable } from '~/documents/download';
import { isExercise, titleOf, type BuiltPart, type Send } from './built-part';
import { ItemOnPaper, type ChosenItem } from './ItemOnPaper';
import { RoomLeft } from './RoomLeft';
import { TryIt } from './TryIt';
import { ShortSheet } from './ShortSheet';
import { DownloadMenu } from './DownloadMenu';
import { t } from '~/phrases/t';

/** The learner's page, the key, or the exercise answered on the screen. */
export type Face = 'learner' | 'key' | 'screen';
/**
 * What is printed: the open exercise, once for each learner or as a poster; or the whole lesson, its
 * exercises sharing pages, as a booklet, or each on pages of its own.
 */
export type Scope =
  'exercise' | 'copies' | 'versions' | 'poster2' | 'poster3' | 'shared' | 'booklet' | 'lesson';

/** Pages across of a poster; undefined where none is printed. */
export const posterAcross = (scope: Scope): PosterSize | undefined =>
  scope === 'poster2' ? 2 : scope === 'poster3' ? 3 : undefined;

/** What can be saved of a part. */
function downloadOf(open: BuiltPart): Downloadable {
  const common = { title: titleOf(open), sheet: open.sheet, parts: [open.part] };
  return isExercise(open)
    ? { ...common, document: open.document, exercises: [open.exercise] }
    : { ...common, document: open.document, exercises: open.exercises };
}

/** The whole lesson as one document, each part on a page of its own. */
function downloadOfAll(title: string, open: BuiltPart, all: readonly BuiltPart[]): Downloadable {
  const parts = all.map(downloadOf);
  return {
    title,
    sheet: open.sheet,
    document: parts.flatMap(({ document }, index) =>
      index === 0 ? document : [{ kind: 'page' as const }, ...document],
    ),
    exercises: parts.flatMap(({ exercises }) => exercises),
    parts: all.map(({ part }) => part),
  };
}

/** How the pages stand on the screen. */
export type PageView = 'fit' | 'two' | 'large';

const pageViews: readonly (readonly [PageView, string])[] = [
  ['fit', t('lesson.onePage')],
  ['two', t('lesson.twoPages')],
  ['large', t('lesson.larger')],
];

export interface WorkbenchProps {
  readonly open: BuiltPart;
  /** All parts of the lesson. */
  readonly all: readonly BuiltPart[];
  /** What stands on the screen: the open part, its copies, or the whole lesson. */
  readonly shown: readonly Sheet[];
  /** What Print and Download give. */
  readonly sheets: readonly Sheet[];
  readonly face: Face;
  readonly onFace: (face: Face) => void;
  readonly scope: Scope;
  readonly onScope: (scope: Scope) => void;
  /** Learners on the roster. */
  readonly learners: number;
  readonly onWord: (word: string) => void;
  readonly title: string;
  /** Exercises of what is printed that have too little for a sheet. */
  readonly missing: number;
  /** Pages of the whole lesson where each exercise has its own. */
  readonly separate: number;
  readonly context: PartContext;
  readonly view: PageView;
  readonly onView: (view: PageView) => void;
  /** The panels beside the paper are folded away. */
  readonly folded: boolean;
  readonly onFold: () => void;
  /** Opens what makes a file to take home. */
  readonly onTakeHome: () => void;
  readonly send: Send;
}

/** Small pages are not lit by reach: its signs would cover them. */
const nothing: ReadonlyMap<string, Reach> = new Map();

/** What can be changed on the paper: each item by its number, or by its word where it has none. */
function changeable(open: BuiltPart): ReadonlyMap<string, string> {
  if (!isExercise(open)) return new Map();
  const { exercise, facts } = open;
  if (exercise.items) {
    return new Map(
      exercise.items.map(({ id, word }, index) => [
        id,
        t('lesson.item3', { index: index + 1, word }),
      ]),
    );
  }
  return new Map(facts.editable.map(({ word }) => [word, word]));
}

/** How large a poster will hang, and how its pages are put together. */
function PosterNote({ sheet, across }: { sheet: Sheet; across: PosterSize }) {
  const { width, height } = posterForm(papers[sheet.paper], across);
  return (
    <p className="message message--note mb-3 mx-auto" style={{ maxWidth: 660 }} role="status">
      {t('lesson.eachPageBecomesAPoster', {
        width: Math.round(width / 10),
        height: Math.round(height / 10),
      })}
    </p>
  );
}

/** The paper as it prints, and how to get it. */
export function Workbench(props: WorkbenchProps) {
  const {
    open,
    all,
    shown,
    sheets,
    face,
    onFace,
    scope,
    onScope,
    learners,
    onWord,
    title,
    missing,
    separate,
    context,
    view,
    onView,
    folded,
    onFold,
    onTakeHome,
    send,
  } = props;
  const [chosen, setChosen] = useState<ChosenItem & { readonly part: string }>();
  const poster = posterAcross(scope);
  const trying = face === 'screen' && isExercise(open) && open.exercise.short === undefined;
  const items = useMemo(() => changeable(open), [open]);
  const { sheet, checks } = open;
  const short = isExercise(open) && open.exercise.short !== undefined;
  const reach = new Map<string, Reach>(checks.map((check) => [check.word, check.reach]));
  const pages = shown
    .flatMap((each) => each.pages.map((page) => ({ ...page, sheet: each })))
    .filter((page) => page.part === (face === 'key' ? 'key' : 'learner'))
    .map((page, index) => ({ ...page, at: index + 1 }));
  // The copies of a class are looked over at once.
  const small = scope === 'copies' && view === 'fit' && face === 'learner';
  const room = scope === 'exercise' && face === 'learner' && !short ? sheet.room : undefined;
  const choose = (item: string, place: HTMLElement) =>
    setChosen({
      part: open.part.id,
      place,
      word: item,
      ...(isExercise(open) && open.exercise.items ? { id: item } : {}),
    });
  const closeItem = () => {
    setChosen(undefined);
    chosen?.place.focus();
  };
  const count = sheets.reduce((sum, each) => sum + each.pages.length, 0);
  return (
    <>
      <div className="workbench__bar">
        <div className="faces" role="group" aria-label={t('lesson.show')}>
          <button type="button" aria-pressed={face === 'learner'} onClick={() => onFace('learner')}>
            {t('lesson.paper')}
          </button>
          <button type="button" aria-pressed={face === 'key'} onClick={() => onFace('key')}>
            {t('lesson.key')}
          </button>
          {isExercise(open) && !short && (
            <button type="button" aria-pressed={trying} onClick={() => onFace('screen')}>
              {t('lesson.tryIt')}
            </button>
          )}
        </div>
        <div className="d-flex flex-wrap gap-2 align-items-center justify-content-end">
          <Dropdown>
            <Dropdown.Toggle
              as="button"
              type="button"
              bsPrefix="icon-button workbench__view"
              aria-label={t('lesson.howPagesStandOnThe')}
              title={t('lesson.howPagesStandOnThe')}
            >
              <BsZoomIn aria-hidden="true" />
            </Dropdown.Toggle>
            <Dropdown.Menu>
              {pageViews.map(([value, name]) => (
                <MenuItem key={value} current={value === view} onChoose={() => onView(value)}>
                  {name}
                </MenuItem>
              ))}
              <Dropdown.Divider />
              <MenuItem onChoose={onFold}>
                {folded ? t('lesson.showThePanels') : t('lesson.foldThePanelsAway')}
              </MenuItem>
            </Dropdown.Menu>
          </Dropdown>
          <select
            className="form-select workbench__scope"
            aria-label={t('lesson.whatToPrint')}
            value={scope}
            onChange={(event) => onScope(event.currentTarget.value as Scope)}
          >
            <optgroup label={isExercise(open) ? t('lesson.thisExercise') : t('lesson.thisSheet')}>
              <option value="exercise">{t('lesson.withItsKey')}</option>
              {learners > 0 && <option value="copies">{t('lesson.copiesByName')}</option>}
              <option value="versions">{t('lesson.threeVersions')}</option>
              <option value="poster2">{t('lesson.posterOf22')}</option>
              <option value="poster3">{t('lesson.posterOf33')}</option>
            </optgroup>
            <optgroup label={t('lesson.theWholeLesson')}>
              <option value="shared">{t('lesson.pagesShared')}</option>
              <option value="booklet">{t('lesson.foldedBooklet')}</option>
              <option value="lesson">{t('lesson.aPageEach')}</option>
            </optgroup>
          </select>
          <DownloadMenu
            sheets={sheets}
            title={title}
            open={downloadOf(open)}
            documents={
              scope === 'exercise' || scope === 'copies' || scope === 'versions' || poster
                ? downloadOf(open)
                : downloadOfAll(title, open, all)
            }
            face={face === 'key' ? 'key' : 'learner'}
          />
          <Button
            disabled={count === 0}
            onClick={() => window.print()}
            aria-label={t('lesson.printPages', { number: count })}
          >
            <BsPrinter aria-hidden="true" /> {t('lesson.printPage', { count })}
          </Button>
        </div>
      </div>
      {trying && (
        <div className="mx-auto mb-4" style={{ maxWidth: 860 }}>
          <div className="d-flex flex-wrap gap-2 align-items-center justify-content-between mb-2">
            <span className="quiet small">{t('lesson.asALearnerMeetsIt')}</span>
            <Button size="sm" variant="outline-dark" onClick={onTakeHome}>
              <BsHouseDoor aria-hidden="true" /> {t('lesson.takeItHome2')}
            </Button>
          </div>
          <TryIt key={open.part.id} open={open} context={context} send={send} />
        </div>
      )}
      {!trying && (scope === 'shared' || scope === 'booklet') && count > 0 && (
        <p className="message message--note mb-3 mx-auto" style={{ maxWidth: 660 }} role="status">
          {t('lesson.page2', {
            count,
            which: separate > count ? t('lesson.was', { separate }) : '',
          })}
          {scope === 'booklet' && t('lesson.printOnBothSidesTurned')}
        </p>
      )}
      {!trying && poster && <PosterNote sheet={open.sheet} across={poster} />}
      {missing > 0 && (
        <div className="message message--note mb-3 mx-auto" style={{ maxWidth: 660 }}>
          {t('lesson.oneExerciseOfThisLesson', { count: missing })}
        </div>
      )}
      {sheet.problems.length > 0 && !short && (
        <div className="message mb-3 mx-auto" style={{ maxWidth: 660 }} role="alert">
          {sheet.problems.join(' ')}
        </div>
      )}
      {short && <ShortSheet open={open} send={send} />}
      {room && !trying && <RoomLeft room={room} open={open} send={send} />}
      {chosen && chosen.part === open.part.id && isExercise(open) && (
        <ItemOnPaper
          key={chosen.id ?? chosen.word}
          open={open}
          context={context}
          chosen={chosen}
          onClose={closeItem}
          send={send}
        />
      )}
      {face === 'key' && pages.length === 0 && !short && (
        <p className="message message--note mx-auto" style={{ maxWidth: 660 }} role="status">
          {t('lesson.thereIsNoKeyWhat')}
        </p>
      )}
      {!trying && (
        <div className={`paper-stack paper-stack--${small ? 'copies' : view}`}>
          {pages.map((page) => {
            const label = t('lesson.of2', {
              which: face === 'key' ? t('lesson.key') : t('lesson.page3'),
              at: page.at,
              pages: pages.length,
            });
            const paper = (
              <PaperPage
                key={`${page.sheet.paper} ${page.part} ${page.at}`}
                marks={page.marks}
                paper={page.sheet.paper}
                font={page.sheet.font}
                colour={page.sheet.colour}
                label={page.learner === undefined ? label : `${page.learner}: ${label}`}
                reach={small ? nothing : reach}
                onWord={onWord}
                {...(scope === 'exercise' && isExercise(open) && items.size > 0
                  ? { items, onItem: choose }
                  : {})}
              />
            );
            return small ? (
              <figure key={page.at} className="paper-copy">
                {paper}
                <figcaption>{page.learner ?? t('lesson.forCutting')}</figcaption>
              </figure>
            ) : (
              paper
            );
          })}
        </div>
      )}
    </>
  );
}
