import { useState } from 'react';
import { Dropdown } from 'react-bootstrap';
import { BsStar, BsStarFill, BsThreeDotsVertical } from 'react-icons/bs';
import { Link } from 'react-router';
import { isWhole, shelfKinds, type FoundThing, type ShelfThing } from '~core/search/find-on-shelf';
import { MenuItem } from '~/ui/MenuItem';
import { useAhead } from '~/ui/use-ahead';
import type { PartContext } from '~/workers/part-maker';
import { ShelfPreview } from './ShelfPreview';
import type { ShownThing } from './shelf-things';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

function addressOf({ kind, id, record }: ShelfThing): string {
  const owner = `/${record.table}/${record.id}`;
  switch (kind) {
    case 'plans':
      return `${owner}/plan`;
    case 'take-homes':
      return `${owner}?home=${encodeURIComponent(id)}`;
    case 'exercises':
    case 'cards':
    case 'sheets':
      return `${owner}?part=${encodeURIComponent(id)}`;
    default:
      return owner;
  }
}

/** Changes what stands on a thing. */
export type Ask = (thing: ShownThing, fields: object) => void;

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

/** What can be done with a thing, from its menu. */
export interface ThingActions {
  readonly ask: Ask;
  readonly onRemove: (thing: ShownThing) => void;
  readonly onRights: (thing: ShownThing) => void;
  readonly onGive: (thing: ShownThing) => void;
  readonly onCopy: (thing: ShownThing) => void;
}

/** Kinds that are a part of a lesson, with a name and a star of its own. */
export const isPart = ({ kind }: ShelfThing) =>
  kind === 'exercises' || kind === 'cards' || kind === 'sheets';

/** The menu of a thing that stands by itself. */
function WholeMenu({
  thing,
  folders,
  tags,
  setTags,
  today,
  actions,
}: {
  thing: ShownThing;
  folders: readonly string[];
  tags: readonly string[];
  setTags: (tags: readonly string[]) => void;
  today: string;
  actions: ThingActions;
}) {
  const { title, putAway } = thing;
  return (
    <>
      {[...new Set([...folders, ...tags])].map((folder) => (
        <MenuItem
          key={folder}
          current={tags.includes(folder)}
          onChoose={() =>
            setTags(
              tags.includes(folder) ? tags.filter((each) => each !== folder) : [...tags, folder],
            )
          }
        >
          {t('shelf.folder', { folder })}
        </MenuItem>
      ))}
      <MenuField
        label={t('shelf.newFolderFor', { title })}
        placeholder={t('shelf.newFolder')}
        most={40}
        onTaken={(tag) => !tags.includes(tag) && setTags([...tags, tag])}
      />
      <Dropdown.Divider />
      <Dropdown.Item href={addressOf(thing)} target="_blank" rel="noopener">
        {t('shelf.openInATabOf')}
      </Dropdown.Item>
      {thing.kind === 'lessons' && (
        <Dropdown.Item as={Link} to={`/lessons/${thing.record.id}/adapt`}>
          {t('shelf.forAnotherClass')}
        </Dropdown.Item>
      )}
      <MenuField
        key={title}
        label={t('shelf.anotherNameFor', { title })}
        placeholder={t('shelf.anotherName')}
        most={120}
        start={title}
        onTaken={(rename) => actions.ask(thing, { rename })}
      />
      <MenuItem onChoose={() => actions.onCopy(thing)}>{t('shelf.copy')}</MenuItem>
      <MenuItem onChoose={() => actions.onGive(thing)}>{t('shelf.saveAsAFile')}</MenuItem>
      <MenuItem onChoose={() => actions.onRights(thing)}>{t('shelf.authorAndLicence')}</MenuItem>
      <MenuItem onChoose={() => actions.ask(thing, { putAway: putAway ? '' : today })}>
        {putAway ? t('shelf.haveItBack') : t('shelf.putAway')}
      </MenuItem>
      {putAway && (
        <MenuItem onChoose={() => actions.onRemove(thing)}>{t('shelf.removeForGood')}</MenuItem>
      )}
    </>
  );
}

/** The menu of what is in a lesson or a list. */
function PartMenu({ thing, actions }: { thing: ShownThing; actions: ThingActions }) {
  const { title, record, id, of } = thing;
  return (
    <>
      <Dropdown.Item href={addressOf(thing)} target="_blank" rel="noopener">
        {t('shelf.openInATabOf')}
      </Dropdown.Item>
      {isPart(thing) && (
        <>
          <Dropdown.Item as={Link} to={`/lessons/${record.id}/adapt?part=${id}`}>
            {t('shelf.forAnotherClass')}
          </Dropdown.Item>
          <MenuField
            key={title}
            label={t('shelf.anotherNameFor', { title })}
            placeholder={t('shelf.anotherName')}
            most={120}
            start={title}
            onTaken={(rename) => actions.ask(thing, { rename })}
          />
          <MenuItem onChoose={() => actions.onCopy(thing)}>
            {t('shelf.copyBelowItIn')} {of}
          </MenuItem>
          <MenuItem onChoose={() => actions.onGive(thing)}>{t('shelf.saveAsAFile')}</MenuItem>
          <MenuItem onChoose={() => actions.onRemove(thing)}>
            {t('shelf.removeFrom')} {of}
          </MenuItem>
        </>
      )}
    </>
  );
}

/** Letters of what is inside that a row shows. */
const INSIDE = 130;

/** How it begins, to be told from others of its name. */
function insideOf({ content }: ShownThing): string {
  const text = content.replace(/\s+/g, ' ').trim();
  return text.length <= INSIDE ? text : `${text.slice(0, INSIDE).replace(/\s\S*$/, '')} …`;
}

/** A thing on the shelf: its name, where it belongs, and what can be done with it. */
export function ShelfRow({
  found: { thing, near },
  className,
  folders,
  actions,
  contextOf,
  chosen,
  onChosen,
  today,
}: {
  found: FoundThing<ShownThing>;
  className: string;
  folders: readonly string[];
  actions: ThingActions;
  contextOf: () => Promise<PartContext | undefined>;
  chosen: boolean;
  onChosen: () => void;
  today: string;
}) {
  const { title, kind, of, putAway, usedIn = [] } = thing;
  const { ask } = actions;
  const [tags, setTags] = useAhead(thing.tags, (next) => ask(thing, { tags: next }));
  const [starred, setStarred] = useAhead(thing.starred, (next) => ask(thing, { starred: next }));
  const whole = isWhole(thing);
  return (
    <li className="shelf-thing">
      <ShelfPreview preview={thing.preview} contextOf={contextOf} />
      <div>
        <Link className="shelf-thing__title" to={addressOf(thing)}>
          {title}
        </Link>
        <span className="d-block quiet small">
          {coreName(shelfKinds[kind])}
          {of !== undefined && t('shelf.in', { of })} · {className}
          {thing.date && ` · ${thing.date}`}
          {putAway && t('shelf.putAwayOn', { putAway })}
          {usedIn.length > 0 && t('shelf.usedIn', { usedIn: usedIn.slice(0, 3).join(', ') })}
          {usedIn.length > 3 && t('shelf.andMore', { usedIn: usedIn.length - 3 })}
        </span>
        {whole &&
          tags.map((tag) => (
            <span key={tag} className="shelf-tag">
              {tag}
            </span>
          ))}
        <span className="shelf-thing__inside">{near || insideOf(thing)}</span>
      </div>
      <div className="shelf-thing__tools">
        {(whole || isPart(thing)) && (
          <>
            <input
              type="checkbox"
              className="form-check-input"
              aria-label={t('shelf.choose', { title })}
              checked={chosen}
              onChange={onChosen}
            />
            <button
              type="button"
              className="icon-button"
              aria-pressed={starred}
              aria-label={t('shelf.star', { title })}
              onClick={() => setStarred(!starred)}
            >
              {starred ? <BsStarFill aria-hidden="true" /> : <BsStar aria-hidden="true" />}
            </button>
          </>
        )}
        <Dropdown align="end">
          <Dropdown.Toggle
            as="button"
            type="button"
            bsPrefix="icon-button"
            aria-label={t('shelf.change', { title })}
          >
            <BsThreeDotsVertical aria-hidden="true" />
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label={t('shelf.change', { title })}>
            {whole ? (
              <WholeMenu {...{ thing, folders, tags, setTags, today, actions }} />
            ) : (
              <PartMenu thing={thing} actions={actions} />
            )}
          </Dropdown.Menu>
        </Dropdown>
      </div>
    </li>
  );
}
