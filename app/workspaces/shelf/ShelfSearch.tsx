import { useDeferredValue, useMemo, useState } from 'react';
import { BsStarFill } from 'react-icons/bs';
import { useFetcher } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import {
  countOnShelf,
  DAYS_KEPT,
  findOnShelf,
  isWhole,
  shelfKinds,
  type ShelfKind,
  type ShelfQuery,
  type ShelfThing,
} from '~core/search/find-on-shelf';
import { languageNames } from '~core/languages/registry/registry';
import type { ActionAnswer } from '~/routes/action-answer';
import { Narrow } from '~/ui/Narrow';
import type { PartContext } from '~/workers/part-maker';
import { contextOf } from '../results/made-exercises';
import { GiveOn } from './GiveOn';
import { RightsDialog } from './RightsDialog';
import { isPart, ShelfRow, type Ask, type ThingActions } from './ShelfRow';
import type { ShownThing } from './shelf-things';
import { useWithTargets } from './use-with-targets';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** Things shown at once; the next come on a click. */
const AT_ONCE = 60;

const names: Readonly<Record<ShelfKind, string>> = {
  lessons: t('shelf.lessons'),
  plans: t('shelf.plans'),
  exercises: t('shelf.exercises'),
  cards: t('shelf.cards'),
  sheets: t('shelf.sheets'),
  'take-homes': t('shelf.takeHomes'),
  lists: t('shelf.wordLists'),
  texts: t('shelf.texts'),
  pictures: t('shelf.pictures'),
};

/** The different values of things, in the order of the alphabet. */
const different = (
  things: readonly ShelfThing[],
  of: (thing: ShelfThing) => readonly (string | undefined)[],
): string[] =>
  [...new Set(things.flatMap(of))]
    .filter((each): each is string => each !== undefined && each !== '')
    .sort((one, other) => one.localeCompare(other));

/** Everything that was made, searched in its names and in what is in it. */
export function ShelfSearch({
  things: given,
  classes,
}: {
  things: readonly ShownThing[];
  classes: readonly ClassProfile[];
}) {
  const fetcher = useFetcher<ActionAnswer>();
  const [query, setQuery] = useState<ShelfQuery>({});
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [giving, setGiving] = useState<readonly ShownThing[]>();
  const [rightsOf, setRightsOf] = useState<ShownThing>();
  const [most, setMost] = useState(AT_ONCE);
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const sought = useDeferredValue(query);
  const things = useWithTargets(given);
  const found = useMemo(() => findOnShelf(things, sought), [things, sought]);
  const counts = useMemo(() => countOnShelf(things, sought), [things, sought]);
  /** Narrows further, or less; what is shown begins anew. */
  const set = (fields: Partial<ShelfQuery>) => {
    setQuery({ ...query, ...fields });
    setMost(AT_ONCE);
  };
  const { kind, classId, tag, starred = false, away = false } = query;
  const { level, language, standard, licence, target, from, until } = query;
  const folders = useMemo(() => different(things, ({ tags }) => tags), [things]);
  const more = useMemo(
    () => ({
      levels: different(things, (each) => [each.level]),
      languages: different(things, (each) => [each.language]),
      standards: different(things, (each) => each.standards),
      licences: different(things, (each) => [each.licence]),
      targets: different(things, (each) => each.targets ?? []),
    }),
    [things],
  );
  const narrowed = [level, language, standard, licence, target, from, until].filter(Boolean).length;
  const keyOf = (thing: ShelfThing) => `${thing.kind} ${thing.id}`;
  const picked = things.filter((thing) => chosen.has(keyOf(thing)));
  const gone = things.filter((thing) => isWhole(thing) && thing.putAway !== undefined).length;
  const submit = (body: object) =>
    void fetcher.submit(body as never, { method: 'post', encType: 'application/json' });
  /** What the server of the shelf needs to know which thing it is. */
  const named = (thing: ShownThing) => ({
    table: thing.record.table,
    id: thing.record.id,
    name: thing.title,
    ...(isPart(thing) ? { part: thing.id } : {}),
  });
  const ask: Ask = (thing, fields) =>
    submit({ intent: isPart(thing) ? 'shelf-part' : 'shelf', ...named(thing), fields });
  const actions: ThingActions = {
    ask,
    onRemove: (thing) =>
      submit({ intent: isPart(thing) ? 'remove-part' : 'remove', ...named(thing) }),
    onRights: setRightsOf,
    onGive: (thing) => setGiving([thing]),
    onCopy: (thing) =>
      submit(
        isPart(thing)
          ? { intent: 'copy-part', ...named(thing) }
          : {
              intent: 'copy',
              ...named(thing),
              classId: thing.classId,
              name: classNames.get(thing.classId) ?? '',
            },
      ),
  };
  const classNames = useMemo(() => new Map(classes.map(({ id, name }) => [id, name])), [classes]);
  // What the exercises of a class are made with is gathered once for all its small pages.
  const contexts = useMemo(() => {
    const made = new Map<string, Promise<PartContext>>();
    return (id: string): Promise<PartContext | undefined> => {
      const profile = classes.find((each) => each.id === id);
      if (profile === undefined) return Promise.resolve(undefined);
      const context = made.get(id) ?? contextOf(profile);
      made.set(id, context);
      return context;
    };
    // Also anew where a thing was changed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [classes, things]);
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  return (
    <section className="card-paper" aria-label={t('shelf.find')}>
      <input
        type="search"
        className="form-control"
        aria-label={t('shelf.findInEverything')}
        placeholder={t('shelf.findInNamesAndIn')}
        value={query.words ?? ''}
        onChange={(event) => set({ words: event.currentTarget.value })}
      />
      <div className="shelf-filters">
        <div className="faces" role="group" aria-label={t('shelf.kind')}>
          <button
            type="button"
            aria-pressed={kind === undefined}
            onClick={() => set({ kind: undefined })}
          >
            {t('shelf.all')}
          </button>
          {(Object.keys(shelfKinds) as ShelfKind[])
            .filter(
              (each) => isWhole({ kind: each }) || each === kind || counts[each] !== undefined,
            )
            .map((each) => (
              <button
                key={each}
                type="button"
                aria-pressed={kind === each}
                onClick={() => set({ kind: each })}
              >
                {names[each]} · {counts[each] ?? 0}
              </button>
            ))}
        </div>
        <select
          className="form-select form-select-sm"
          aria-label={t('shelf.class')}
          value={classId ?? ''}
          onChange={(event) => set({ classId: event.currentTarget.value || undefined })}
        >
          <option value="">{t('shelf.everyClass')}</option>
          {classes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
        {folders.length > 0 && (
          <select
            className="form-select form-select-sm"
            aria-label={t('shelf.folder2')}
            value={tag ?? ''}
            onChange={(event) => set({ tag: event.currentTarget.value || undefined })}
          >
            <option value="">{t('shelf.everyFolder')}</option>
            {folders.map((folder) => (
              <option key={folder}>{folder}</option>
            ))}
          </select>
        )}
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          aria-pressed={starred}
          onClick={() => set({ starred: !starred })}
        >
          <BsStarFill aria-hidden="true" /> {t('shelf.starred')}
        </button>
        {(gone > 0 || away) && (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            aria-pressed={away}
            onClick={() => set({ away: !away })}
          >
            {t('shelf.putAway2', { gone })}
          </button>
        )}
      </div>
      <details className="shelf-more">
        <summary>
          {t('shelf.whatItPractisesDayLevel')}
          {narrowed > 0 && t('shelf.chosen', { narrowed })}
        </summary>
        <div className="shelf-filters">
          <Narrow
            label={t('shelf.whatItPractises')}
            all={t('shelf.everythingItPractises')}
            of={more.targets}
            value={target}
            set={(target) => set({ target })}
          />
          <label className="shelf-day">
            {t('shelf.from')}
            <input
              type="date"
              className="form-control form-control-sm"
              value={from ?? ''}
              onChange={(event) => set({ from: event.currentTarget.value || undefined })}
            />
          </label>
          <label className="shelf-day">
            {t('shelf.until')}
            <input
              type="date"
              className="form-control form-control-sm"
              value={until ?? ''}
              onChange={(event) => set({ until: event.currentTarget.value || undefined })}
            />
          </label>
          <Narrow
            label={t('shelf.level')}
            all={t('shelf.everyLevel')}
            of={more.levels}
            value={level}
            set={(level) => set({ level })}
          />
          <Narrow
            label={t('shelf.language')}
            all={t('shelf.everyLanguage')}
            of={more.languages}
            value={language}
            set={(language) => set({ language })}
            name={(tag) => coreName(languageNames()[tag] ?? tag)}
          />
          <Narrow
            label={t('shelf.standard')}
            all={t('shelf.everyStandard')}
            of={more.standards}
            value={standard}
            set={(standard) => set({ standard })}
            name={(id) => id.replace(/^[^:]+:/, '')}
          />
          <Narrow
            label={t('shelf.licence')}
            all={t('shelf.everyLicence')}
            of={more.licences}
            value={licence}
            set={(licence) => set({ licence })}
          />
        </div>
      </details>
      {picked.length > 0 && (
        <p className="shelf-chosen" role="status">
          {t('shelf.chosen2', { picked: picked.length })}{' '}
          <button type="button" className="btn btn-sm btn-dark" onClick={() => setGiving(picked)}>
            {t('shelf.saveAsAFile')}
          </button>{' '}
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => setChosen(new Set())}
          >
            {t('shelf.chooseNone')}
          </button>
        </p>
      )}
      {giving && <GiveOn things={giving} onClose={() => setGiving(undefined)} />}
      {rightsOf && (
        <RightsDialog
          thing={rightsOf}
          onSave={(fields) => ask(rightsOf, fields)}
          onClose={() => setRightsOf(undefined)}
        />
      )}
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <p role="status" className="quiet small mb-1">
        {found.length === 0
          ? things.length === 0
            ? t('shelf.nothingIsHereYetMake')
            : t('shelf.nothingHasAllOfThis')
          : `${found.length} ${t('shelf.thing', { count: found.length })}`}
        {away && t('shelf.keptUntilYouRemoveThem', { DAYSKEPT: DAYS_KEPT })}
      </p>
      <ul className="shelf-things">
        {found.slice(0, most).map((each) => (
          <ShelfRow
            key={keyOf(each.thing)}
            found={each}
            className={classNames.get(each.thing.classId) ?? 'a removed class'}
            folders={folders}
            actions={actions}
            contextOf={() => contexts(each.thing.classId)}
            chosen={chosen.has(keyOf(each.thing))}
            onChosen={() => {
              const next = new Set(chosen);
              if (!next.delete(keyOf(each.thing))) next.add(keyOf(each.thing));
              setChosen(next);
            }}
            today={today}
          />
        ))}
      </ul>
      {found.length > most && (
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          onClick={() => setMost(most + AT_ONCE)}
        >
          {t('shelf.showMore', { ATONCE: Math.min(AT_ONCE, found.length - most) })}
        </button>
      )}
    </section>
  );
}
