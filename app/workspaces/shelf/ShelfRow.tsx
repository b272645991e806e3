import { useState } from 'react';
import { Dropdown } from 'react-bootstrap';
import { BsStar, BsStarFill, BsThreeDotsVertical } from 'react-icons/bs';
import { Link } from 'react-router';
import { shelfKinds, type FoundThing, type ShelfThing } from '~core/search/find-on-shelf';
import { MenuItem } from '~/ui/MenuItem';
import { useAhead } from '~/ui/use-ahead';

const addressOf = ({ kind, id }: ShelfThing) =>
  kind === 'lists' ? `/lists/${id}` : `/${kind}/${id}`;

/** Changes what stands on a thing. */
export type Ask = (thing: ShelfThing, fields: object) => void;

/** A field in a menu: what is written is taken with the enter key. */
function MenuField({
  label,
  placeholder,
  most,
  start = '',
  onTaken,
}: {
  label: string;
  placeholder: string;
  most: number;
  start?: string;
  onTaken: (text: string) => void;
}) {
  const [name, setName] = useState(start);
  return (
    <form
      className="px-3 py-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '' && name.trim() !== start) onTaken(name.trim());
        setName(start);
      }}
    >
      <input
        className="form-control form-control-sm"
        aria-label={label}
        placeholder={placeholder}
        maxLength={most}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
        // Letters are for the field, not for the menu's own search.
        onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}
      />
    </form>
  );
}

/** A thing on the shelf: its name, where it belongs, and what can be done with it. */
export function ShelfRow({
  found: { thing, near },
  className,
  folders,
  ask,
  onRemove,
  onRights,
  onGive,
  onCopy,
  chosen,
  onChosen,
  today,
}: {
  found: FoundThing;
  className: string;
  folders: readonly string[];
  ask: Ask;
  onRemove: () => void;
  onRights: () => void;
  onGive: () => void;
  onCopy: () => void;
  chosen: boolean;
  onChosen: () => void;
  today: string;
}) {
  const { title, kind, putAway, usedIn = [] } = thing;
  const [tags, setTags] = useAhead(thing.tags, (next) => ask(thing, { tags: next }));
  const [starred, setStarred] = useAhead(thing.starred, (next) => ask(thing, { starred: next }));
  return (
    <li className="shelf-thing">
      <input
        type="checkbox"
        className="form-check-input shelf-thing__tick"
        aria-label={`Choose ${title}`}
        checked={chosen}
        onChange={onChosen}
      />
      <button
        type="button"
        className="icon-button"
        aria-pressed={starred}
        aria-label={`Star ${title}`}
        onClick={() => setStarred(!starred)}
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
          {usedIn.length > 0 && ` · used in ${usedIn.slice(0, 3).join(', ')}`}
          {usedIn.length > 3 && ` and ${usedIn.length - 3} more`}
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
                setTags(
                  tags.includes(folder)
                    ? tags.filter((each) => each !== folder)
                    : [...tags, folder],
                )
              }
            >
              Folder {folder}
            </MenuItem>
          ))}
          <MenuField
            label={`New folder for ${title}`}
            placeholder="New folder"
            most={40}
            onTaken={(tag) => !tags.includes(tag) && setTags([...tags, tag])}
          />
          <Dropdown.Divider />
          <Dropdown.Item href={addressOf(thing)} target="_blank" rel="noopener">
            Open in a tab of its own
          </Dropdown.Item>
          <MenuField
            key={title}
            label={`Another name for ${title}`}
            placeholder="Another name"
            most={120}
            start={title}
            onTaken={(rename) => ask(thing, { rename })}
          />
          <MenuItem onChoose={onCopy}>Copy</MenuItem>
          <MenuItem onChoose={onGive}>Save as a file …</MenuItem>
          <MenuItem onChoose={onRights}>Author and licence …</MenuItem>
          <MenuItem onChoose={() => ask(thing, { putAway: putAway ? '' : today })}>
            {putAway ? 'Have it back' : 'Put away'}
          </MenuItem>
          {putAway && <MenuItem onChoose={onRemove}>Remove for good</MenuItem>}
        </Dropdown.Menu>
      </Dropdown>
    </li>
  );
}
