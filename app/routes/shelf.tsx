import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { saveAs } from 'file-saver';
import { Link, useFetcher } from 'react-router';
import type { Route } from './+types/shelf';
import { recordNames } from '~core/records/open-record';
import { exportEverything, hasDemo, removeDamaged, removeDemo } from '~/storage/backups';
import { recordTables } from '~/storage/database';
import { perform } from '~/storage/perform';
import { allOf, damagedRecords, listClasses } from '~/storage/repository';
import {
  copyLesson,
  copyList,
  copyText,
  removeLesson,
  removeList,
  removeText,
} from '~/storage/whole-records';
import { rememberExport, room, type Room } from '~/storage/room';
import {
  classOf,
  lessonThings,
  listThings,
  textThing,
  usersOfTexts,
} from '~/workspaces/shelf/shelf-things';
import { ShelfSearch } from '~/workspaces/shelf/ShelfSearch';
import { RestorePanel } from '~/workspaces/shelf/RestorePanel';
import { LanguageChoice } from '~/ui/LanguageChoice';
import { answer, unknownIntent, type ActionAnswer } from './action-answer';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';
import { coreName } from '~/phrases/core-name';

export const meta: Route.MetaFunction = () => [{ title: t('page.shelfWordane') }];

export async function clientLoader() {
  const [classes, lists, lessons, texts, damaged, demo, space] = await Promise.all([
    listClasses(),
    allOf('lists'),
    allOf('lessons'),
    allOf('texts'),
    damagedRecords(),
    hasDemo(),
    room(),
  ]);
  const of = classOf(classes);
  const users = usersOfTexts(lessons);
  const things = [
    ...lessons.flatMap((lesson) => lessonThings(lesson, of(lesson))),
    ...lists.flatMap((list) => listThings(list, of(list))),
    ...texts.map((text) => textThing(text, of(text), users.get(text.id) ?? [])),
  ];
  return { classes, things, damaged, demo, space };
}

/** What can be done to a part of a lesson from here. */
const partIntents = ['shelf-part', 'copy-part', 'remove-part'] as const;
const isPartIntent = (intent: unknown): intent is (typeof partIntents)[number] =>
  partIntents.some((each) => each === intent);

export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as {
    intent?: unknown;
    table?: unknown;
    id?: unknown;
    fields?: object;
    name?: unknown;
    classId?: unknown;
    part?: unknown;
  };
  if (body.intent === 'remove-demo') return answer(removeDemo);
  const table = recordTables.find((each) => each === body.table);
  if (typeof body.part === 'string' && table === 'lessons' && isPartIntent(body.intent)) {
    const { intent, part, fields, name } = body;
    return answer(() =>
      perform(table, String(body.id), { intent, part, name: String(name), ...fields }),
    );
  }
  if (body.intent === 'copy' && table) {
    const [id, classId] = [String(body.id), String(body.classId)];
    if (table === 'lessons') return answer(async () => void (await copyLesson(id, classId)));
    if (table === 'lists') return answer(async () => void (await copyList(id, classId)));
    if (table === 'texts') {
      const name = String(body.name);
      return answer(async () => void (await copyText(id, classId, name)));
    }
  }
  if (body.intent === 'remove' && table) {
    const [id, name] = [String(body.id), String(body.name)];
    if (table === 'lessons') return answer(() => removeLesson(id, name));
    if (table === 'lists') return answer(() => removeList(id, name));
    if (table === 'texts') return answer(() => removeText(id, name));
  }
  if (body.intent === 'shelf' && table) {
    return answer(() => perform(table, String(body.id), { intent: 'shelf', ...body.fields }));
  }
  return body.intent === 'remove-damaged' && table
    ? answer(() => removeDamaged(table, String(body.id)))
    : unknownIntent(body.intent);
}

const megabytes = (bytes: number) =>
  bytes < 1e6 ? t('page.lessThan1Mb') : `${Math.round(bytes / 1e6).toLocaleString(locale)} MB`;

/** How much room there is, whether the browser keeps it, and when it was last taken out. */
function RoomLeft({ space }: { space: Room }) {
  const { used, most, kept, exported, exportDue } = space;
  return (
    <>
      {used !== undefined && most !== undefined && (
        <p className="quiet small mb-1">
          {t('page.usedRoomForMoreIn', {
            megabytes: megabytes(used),
            megabytesA: megabytes(Math.max(0, most - used)),
            which: kept ? t('page.theBrowserKeepsItUntil') : t('page.theBrowserMayClearIt'),
          })}
        </p>
      )}
      {exported !== undefined && (
        <p className="quiet small mb-1">
          {t('page.lastExportedOn', {
            toLocaleDateString: new Date(exported).toLocaleDateString(locale, {
              dateStyle: 'long',
            }),
          })}
        </p>
      )}
      {exportDue && (
        <p className="message message--note mb-2">
          {exported === undefined
            ? t('page.nothingHasBeenExportedYet')
            : t('page.theLastExportIsMore')}
        </p>
      )}
    </>
  );
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Shelf({ loaderData }: Route.ComponentProps) {
  const { classes, things, damaged, demo, space } = loaderData;
  const fetcher = useFetcher<ActionAnswer>();
  const [exported, setExported] = useState('');
  const save = async () => {
    const bytes = await exportEverything();
    const day = new Date().toISOString().slice(0, 10);
    const name = `wordane-${day}.zip`;
    saveAs(new Blob([bytes as BlobPart], { type: 'application/zip' }), name);
    await rememberExport();
    setExported(t('page.savedAs', { name }));
  };
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  return (
    <div className="page">
      <h1>{t('page.shelf')}</h1>
      <p className="quiet">{t('page.everythingMadeSoFarIt')}</p>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <div className="row g-3">
        <div className="col-lg-8">
          <ShelfSearch things={things} classes={classes} />
        </div>
        <div className="col-lg-4">
          <section className="card-paper mb-3">
            <h2 className="h5">{t('page.takeEverythingWithYou')}</h2>
            <p>{t('page.oneZipFileWithAll')}</p>
            <RoomLeft space={space} />
            <Button onClick={() => void save()}>{t('page.exportEverything')}</Button>
            <span className="ms-2" role="status">
              {exported}
            </span>
            <hr />
            <RestorePanel />
          </section>
          {damaged.length > 0 && (
            <section className="card-paper mb-3">
              <h2 className="h5">{t('page.cannotBeOpened', { damaged: damaged.length })}</h2>
              <p>{t('page.theseAreDamagedTheyGo')}</p>
              <ul className="list-unstyled mb-0">
                {damaged.map(({ table, id: each, name, problem }) => (
                  <li key={`${table} ${each}`} className="py-1">
                    {coreName(recordNames[table])} <strong>{name}</strong>{' '}
                    <span className="quiet small">({problem})</span>{' '}
                    <button
                      type="button"
                      className="btn btn-link btn-sm p-0"
                      onClick={() =>
                        void fetcher.submit(
                          { intent: 'remove-damaged', table, id: each } as never,
                          { method: 'post', encType: 'application/json' },
                        )
                      }
                    >
                      {t('page.remove')}
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section className="card-paper mb-3">
            <h2 className="h5">{t('page.starterLibrary')}</h2>
            <p>{t('page.wordListsTextsAndReady')}</p>
            <Link className="btn btn-outline-dark" to="/library">
              {t('page.lookThroughIt')}
            </Link>
          </section>
          <section className="card-paper mb-3">
            <h2 className="h5">{t('page.languageOfWordane')}</h2>
            <p>{t('page.languageOfWordaneAbout')}</p>
            <LanguageChoice />
          </section>
          <section className="card-paper">
            <h2 className="h5">{t('page.theFernhillDemo')}</h2>
            {demo ? (
              <>
                <p>{t('page.theMadeUpClassesOf')}</p>
                <Button
                  variant="outline-danger"
                  onClick={() =>
                    void fetcher.submit({ intent: 'remove-demo' } as never, {
                      method: 'post',
                      encType: 'application/json',
                    })
                  }
                >
                  {t('page.removeTheDemo')}
                </Button>
              </>
            ) : (
              <>
                <p>{t('page.madeUpClassesWithLists')}</p>
                <Link className="btn btn-outline-dark" to="/demo">
                  {t('page.putTheDemoIn')}
                </Link>
              </>
            )}
          </section>
        </div>
      </div>
    </div>
  );
}
