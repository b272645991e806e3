import { useDeferredValue, useMemo, useState } from 'react';
import { BsStarFill } from 'react-icons/bs';
import { useFetcher } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import {
  DAYS_KEPT,
  findOnShelf,
  shelfKinds,
  type ShelfKind,
  type ShelfThing,
} from '~core/search/find-on-shelf';
import { languageNames } from '~core/languages/registry/registry';
import type { ActionAnswer } from '~/routes/action-answer';
import { GiveOn } from './GiveOn';
import { RightsDialog } from './RightsDialog';
import { ShelfRow, type Ask } from './ShelfRow';

/** Things shown at once; the next come on a click. */
const AT_ONCE = 60;

const names: Readonly<Record<ShelfKind, string>> = {
  lessons: 'Lessons',
  lists: 'Word lists',
  texts: 'Texts',
};

/** The different values of things, in the order of the alphabet. */
const different = (
  things: readonly ShelfThing[],
  of: (thing: ShelfThing) => readonly (string | undefined)[],
): string[] =>
  [...new Set(things.flatMap(of))]
    .filter((each): each is string => each !== undefined && each !== '')
    .sort((one, other) => one.localeCompare(other));

/** A choice that narrows what is found; not there where there is nothing to choose between. */
function Narrow({
  label,
  all,
  of,
  value,
  set,
  name = (each) => each,
}: {
  label: string;
  all: string;
  of: readonly string[];
  value: string | undefined;
  set: (value: string | undefined) => void;
  name?: (value: string) => string;
}) {
  return (
    <select
      className="form-select form-select-sm"
      aria-label={label}
      disabled={of.length === 0}
      value={value ?? ''}
      onChange={(event) => set(event.currentTarget.value || undefined)}
    >
      <option value="">{all}</option>
      {of.map((each) => (
        <option key={each} value={each}>
          {name(each)}
        </option>
      ))}
    </select>
  );
}

/** Everything that was made, searched in its names and in what is in it. */
export function ShelfSearch({
  things,
  classes,
}: {
  things: readonly ShelfThing[];
  classes: readonly ClassProfile[];
}) {
  const fetcher = useFetcher<ActionAnswer>();
  const [words, setWords] = useState('');
  const [kind, setKind] = useState<ShelfKind>();
  const [classId, setClassId] = useState<string>();
  const [tag, setTag] = useState<string>();
  const [starred, setStarred] = useState(false);
  const [away, setAway] = useState(false);
  const [level, setLevel] = useState<string>();
  const [language, setLanguage] = useState<string>();
  const [standard, setStandard] = useState<string>();
  const [licence, setLicence] = useState<string>();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [giving, setGiving] = useState<readonly ShelfThing[]>();
  const [rightsOf, setRightsOf] = useState<ShelfThing>();
  const [most, setMost] = useState(AT_ONCE);
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const sought = useDeferredValue(words);
  const found = useMemo(
    () =>
      findOnShelf(things, {
        words: sought,
        kind,
        classId,
        tag,
        starred,
        away,
        level,
        language,
        standard,
        licence,
      }),
    [things, sought, kind, classId, tag, starred, away, level, language, standard, licence],
  );
  const folders = useMemo(() => different(things, ({ tags }) => tags), [things]);
  const more = useMemo(
    () => ({
      levels: different(things, (each) => [each.level]),
      languages: different(things, (each) => [each.language]),
      standards: different(things, (each) => each.standards),
      licences: different(things, (each) => [each.licence]),
    }),
    [things],
  );
  const narrowed = [level, language, standard, licence].filter(Boolean).length;
  const keyOf = (thing: ShelfThing) => `${thing.kind} ${thing.id}`;
  const picked = things.filter((thing) => chosen.has(keyOf(thing)));
  const count = (of: ShelfKind) =>
    things.filter((each) => each.kind === of && each.putAway === undefined).length;
  const gone = things.filter(({ putAway }) => putAway !== undefined).length;
  const ask: Ask = (thing, fields) =>
    void fetcher.submit({ intent: 'shelf', table: thing.kind, id: thing.id, fields } as never, {
      method: 'post',
      encType: 'application/json',
    });
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  return (
    <section className="card-paper" aria-label="Find">
      <input
        type="search"
        className="form-control"
        aria-label="Find in everything"
        placeholder="Find in names and in what is inside: a word, a title, a note"
        value={words}
        onChange={(event) => {
          setWords(event.currentTarget.value);
          setMost(AT_ONCE);
        }}
      />
      <div className="shelf-filters">
        <div className="faces" role="group" aria-label="Kind">
          <button
            type="button"
            aria-pressed={kind === undefined}
            onClick={() => setKind(undefined)}
          >
            All
          </button>
          {(Object.keys(shelfKinds) as ShelfKind[]).map((each) => (
            <button
              key={each}
              type="button"
              aria-pressed={kind === each}
              onClick={() => setKind(each)}
            >
              {names[each]} · {count(each)}
            </button>
          ))}
        </div>
        <select
          className="form-select form-select-sm"
          aria-label="Class"
          value={classId ?? ''}
          onChange={(event) => setClassId(event.currentTarget.value || undefined)}
        >
          <option value="">every class</option>
          {classes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
        {folders.length > 0 && (
          <select
            className="form-select form-select-sm"
            aria-label="Folder"
            value={tag ?? ''}
            onChange={(event) => setTag(event.currentTarget.value || undefined)}
          >
            <option value="">every folder</option>
            {folders.map((folder) => (
              <option key={folder}>{folder}</option>
            ))}
          </select>
        )}
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          aria-pressed={starred}
          onClick={() => setStarred(!starred)}
        >
          <BsStarFill aria-hidden="true" /> Starred
        </button>
        {(gone > 0 || away) && (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            aria-pressed={away}
            onClick={() => setAway(!away)}
          >
            Put away · {gone}
          </button>
        )}
      </div>
      <details className="shelf-more">
        <summary>
          Level, language, standard, licence{narrowed > 0 && ` · ${narrowed} chosen`}
        </summary>
        <div className="shelf-filters">
          <Narrow label="Level" all="every level" of={more.levels} value={level} set={setLevel} />
          <Narrow
            label="Language"
            all="every language"
            of={more.languages}
            value={language}
            set={setLanguage}
            name={(tag) => languageNames()[tag] ?? tag}
          />
          <Narrow
            label="Standard"
            all="every standard"
            of={more.standards}
            value={standard}
            set={setStandard}
            name={(id) => id.replace(/^[^:]+:/, '')}
          />
          <Narrow
            label="Licence"
            all="every licence"
            of={more.licences}
            value={licence}
            set={setLicence}
          />
        </div>
      </details>
      {picked.length > 0 && (
        <p className="shelf-chosen" role="status">
          {picked.length} chosen{' '}
          <button type="button" className="btn btn-sm btn-dark" onClick={() => setGiving(picked)}>
            Save as a file …
          </button>{' '}
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => setChosen(new Set())}
          >
            Choose none
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
            ? 'Nothing is here yet. Make a lesson, keep a list, or bring a text in.'
            : 'Nothing has all of this. Take a word or a filter away.'
          : `${found.length} ${found.length === 1 ? 'thing' : 'things'}`}
        {away && ` · kept until you remove them; ${DAYS_KEPT} days are usual`}
      </p>
      <ul className="shelf-things">
        {found.slice(0, most).map((each) => (
          <ShelfRow
            key={`${each.thing.kind} ${each.thing.id}`}
            found={each}
            className={
              classes.find(({ id }) => id === each.thing.classId)?.name ?? 'a removed class'
            }
            folders={folders}
            ask={ask}
            onRemove={() =>
              void fetcher.submit(
                {
                  intent: 'remove',
                  table: each.thing.kind,
                  id: each.thing.id,
                  name: each.thing.title,
                } as never,
                { method: 'post', encType: 'application/json' },
              )
            }
            onRights={() => setRightsOf(each.thing)}
            onGive={() => setGiving([each.thing])}
            onCopy={() =>
              void fetcher.submit(
                {
                  intent: 'copy',
                  table: each.thing.kind,
                  id: each.thing.id,
                  classId: each.thing.classId,
                  name: classes.find(({ id }) => id === each.thing.classId)?.name ?? '',
                } as never,
                { method: 'post', encType: 'application/json' },
              )
            }
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
          Show {Math.min(AT_ONCE, found.length - most)} more
        </button>
      )}
    </section>
  );
}
