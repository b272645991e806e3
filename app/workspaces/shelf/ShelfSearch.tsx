import { useDeferredValue, useMemo, useState } from 'react';
import { Dropdown } from 'react-bootstrap';
import { BsStar, BsStarFill, BsThreeDotsVertical } from 'react-icons/bs';
import { Link, useFetcher } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import {
  DAYS_KEPT,
  findOnShelf,
  shelfKinds,
  type FoundThing,
  type ShelfKind,
  type ShelfThing,
} from '~core/search/find-on-shelf';
import type { ActionAnswer } from '~/routes/action-answer';
import { MenuItem } from '~/ui/MenuItem';

/** Things shown at once; the next come on a click. */
const AT_ONCE = 60;

const addressOf = ({ kind, id }: ShelfThing) =>
  kind === 'lists' ? `/lists/${id}` : `/${kind}/${id}`;

const names: Readonly<Record<ShelfKind, string>> = {
  lessons: 'Lessons',
  lists: 'Word lists',
  texts: 'Texts',
};

type Ask = (thing: ShelfThing, fields: object) => void;

function FolderField({ thing, ask }: { thing: ShelfThing; ask: Ask }) {
  const [name, setName] = useState('');
  return (
    <form
      className="px-3 py-1"
      onSubmit={(event) => {
        event.preventDefault();
        const tag = name.trim();
        if (tag !== '' && !thing.tags.includes(tag)) ask(thing, { tags: [...thing.tags, tag] });
        setName('');
      }}
    >
      <input
        className="form-control form-control-sm"
        aria-label={`New folder for ${thing.title}`}
        placeholder="New folder"
        maxLength={40}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
        // Letters are for the field, not for the menu's own search.
        onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}
      />
    </form>
  );
}

function Row({
  found: { thing, near },
  className,
  folders,
  ask,
  onRemove,
  today,
}: {
  found: FoundThing;
  className: string;
  folders: readonly string[];
  ask: Ask;
  onRemove: () => void;
  today: string;
}) {
  const { title, kind, starred, tags, putAway } = thing;
  return (
    <li className="shelf-thing">
      <button
        type="button"
        className="icon-button"
        aria-pressed={starred}
        aria-label={`Star ${title}`}
        onClick={() => ask(thing, { starred: !starred })}
      >
        {starred ? <BsStarFill aria-hidden="true" /> : <BsStar aria-hidden="true" />}
      </button>
      <div>
        <Link to={addressOf(thing)}>{title}</Link>
        <span className="quiet small">
          {' '}
          · {shelfKinds[kind]} · {className}
          {thing.date && ` · ${thing.date}`}
          {putAway && ` · put away on ${putAway}`}
        </span>
        {tags.map((tag) => (
          <span key={tag} className="shelf-tag">
            {tag}
          </span>
        ))}
        {near && <span className="d-block small">{near}</span>}
      </div>
      <Dropdown align="end">
        <Dropdown.Toggle
          as="button"
          type="button"
          bsPrefix="icon-button"
          aria-label={`Change ${title}`}
        >
          <BsThreeDotsVertical aria-hidden="true" />
        </Dropdown.Toggle>
        <Dropdown.Menu aria-label={`Change ${title}`}>
          {[...new Set([...folders, ...tags])].map((folder) => (
            <MenuItem
              key={folder}
              current={tags.includes(folder)}
              onChoose={() =>
                ask(thing, {
                  tags: tags.includes(folder)
                    ? tags.filter((each) => each !== folder)
                    : [...tags, folder],
                })
              }
            >
              Folder {folder}
            </MenuItem>
          ))}
          <FolderField thing={thing} ask={ask} />
          <Dropdown.Divider />
          <MenuItem onChoose={() => ask(thing, { putAway: putAway ? '' : today })}>
            {putAway ? 'Have it back' : 'Put away'}
          </MenuItem>
          {putAway && <MenuItem onChoose={onRemove}>Remove for good</MenuItem>}
        </Dropdown.Menu>
      </Dropdown>
    </li>
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
  const [most, setMost] = useState(AT_ONCE);
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const sought = useDeferredValue(words);
  const found = useMemo(
    () => findOnShelf(things, { words: sought, kind, classId, tag, starred, away }),
    [things, sought, kind, classId, tag, starred, away],
  );
  const folders = useMemo(
    () => [...new Set(things.flatMap(({ tags }) => tags))].sort((a, b) => a.localeCompare(b)),
    [things],
  );
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
          <Row
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
