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
import { answer, unknownIntent, type ActionAnswer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Shelf · Wordane' }];

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
  bytes < 1e6 ? 'Less than 1 MB' : `${Math.round(bytes / 1e6).toLocaleString('en')} MB`;

/** How much room there is, whether the browser keeps it, and when it was last taken out. */
function RoomLeft({ space }: { space: Room }) {
  const { used, most, kept, exported, exportDue } = space;
  return (
    <>
      {used !== undefined && most !== undefined && (
        <p className="quiet small mb-1">
          {megabytes(used)} used; room for {megabytes(Math.max(0, most - used))} more in this
          browser.{' '}
          {kept
            ? 'The browser keeps it until you remove it.'
            : 'The browser may clear it when the disk is full: export now and then.'}
        </p>
      )}
      {exported !== undefined && (
        <p className="quiet small mb-1">
          Last exported on {new Date(exported).toLocaleDateString('en-GB', { dateStyle: 'long' })}.
        </p>
      )}
      {exportDue && (
        <p className="message message--note mb-2">
          {exported === undefined
            ? 'Nothing has been exported yet. A file of your own is safe whatever happens to this browser.'
            : 'The last export is more than two weeks old. Take a new one.'}
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
    setExported(`Saved as ${name}.`);
  };
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  return (
    <div className="page">
      <h1>Shelf</h1>
      <p className="quiet">Everything made so far. It is kept in this browser.</p>
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
            <h2 className="h5">Take everything with you</h2>
            <p>
              One zip file with all classes, lists, texts and lessons. Keep it, or open it
              elsewhere.
            </p>
            <RoomLeft space={space} />
            <Button onClick={() => void save()}>Export everything</Button>
            <span className="ms-2" role="status">
              {exported}
            </span>
            <hr />
            <RestorePanel />
          </section>
          {damaged.length > 0 && (
            <section className="card-paper mb-3">
              <h2 className="h5">Cannot be opened · {damaged.length}</h2>
              <p>
                These are damaged. They go into the export as they are; removing one can be undone.
              </p>
              <ul className="list-unstyled mb-0">
                {damaged.map(({ table, id: each, name, problem }) => (
                  <li key={`${table} ${each}`} className="py-1">
                    {recordNames[table]} <strong>{name}</strong>{' '}
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
                      Remove
                    </button>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section className="card-paper mb-3">
            <h2 className="h5">Starter library</h2>
            <p>Word lists, texts and ready lessons to take for a class and make your own.</p>
            <Link className="btn btn-outline-dark" to="/library">
              Look through it
            </Link>
          </section>
          <section className="card-paper">
            <h2 className="h5">The Fernhill demo</h2>
            {demo ? (
              <>
                <p>The made-up classes of Fernhill are on your desk beside your own.</p>
                <Button
                  variant="outline-danger"
                  onClick={() =>
                    void fetcher.submit({ intent: 'remove-demo' } as never, {
                      method: 'post',
                      encType: 'application/json',
                    })
                  }
                >
                  Remove the demo
                </Button>
              </>
            ) : (
              <>
                <p>Made-up classes with lists, texts and lessons, to try things on.</p>
                <Link className="btn btn-outline-dark" to="/demo">
                  Put the demo in
                </Link>
              </>
            )}
          </section>
        </div>
      </div>
    </div>
  );
}
