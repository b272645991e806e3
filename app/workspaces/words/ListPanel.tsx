import { DndContext, closestCenter } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useState, type FormEvent } from 'react';
import { Button, Dropdown } from 'react-bootstrap';
import { BsGripVertical, BsStarFill, BsThreeDots, BsX } from 'react-icons/bs';
import { Link, useNavigate } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ListCoverage } from '~core/lists/coverage';
import { detailOf, type WordList } from '~core/lists/word-list';
import { CoverageStrip } from '~/workspaces/lists/CoverageStrip';
import { ImportDialog } from '~/workspaces/lists/ImportDialog';
import { AutoField } from '~/ui/AutoField';
import { MenuItem } from '~/ui/MenuItem';
import { useSortSensors } from '~/ui/sort-sensors';
import type { ListAnswer, WordTileData } from '~/workers/engine-service';

type Send = (body: object) => void;

function ListRow(props: {
  tile: WordTileData;
  starred: boolean;
  send: Send;
  onOpen: (word: string) => void;
}) {
  const { tile, starred, send, onOpen } = props;
  const { word, reach } = tile;
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } =
    useSortable({ id: word });
  const style = { transform: CSS.Transform.toString(transform), transition };
  const why = reach.reasons.map((reason) => reason.text).join(' ');
  return (
    <li ref={setNodeRef} style={style}>
      <span className="list-panel__word py-1" title={why}>
        <button
          type="button"
          className={`list-panel__letters reach-${reach.reach}`}
          aria-label={`About ${word}${starred ? ', starred' : ''}`}
          onClick={() => onOpen(word)}
        >
          {word}
        </button>
        {starred && <BsStarFill className="list-panel__star" aria-hidden="true" />}
        {reach.reach !== 'secure' && (
          <>
            <span className="visually-hidden">
              : {reach.reach}. {why}
            </span>
            <button
              type="button"
              className="list-panel__note btn btn-link p-0"
              title={why}
              onClick={() => send({ intent: 'known', word, known: true })}
              aria-label={`Count ${word} as known`}
            >
              {reach.reach} · count as known
            </button>
          </>
        )}
      </span>
      <button
        type="button"
        className="icon-button"
        aria-label={`Remove ${word}`}
        onClick={() => send({ intent: 'remove', word })}
      >
        <BsX aria-hidden="true" />
      </button>
      <button
        type="button"
        className="icon-button grip"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${word}`}
      >
        <BsGripVertical aria-hidden="true" />
      </button>
    </li>
  );
}

/** Words typed in by hand; a word the bank lacks is kept and said. */
function AddWordForm({ send, described }: { send: Send; described: ListAnswer }) {
  const [word, setWord] = useState('');
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const typed = word.trim().replace(/\s+/g, ' ');
    if (typed === '') return;
    send({ intent: 'add', word: typed });
    setWord('');
  };
  const unknown = described.words.filter((tile) =>
    tile.reach.reasons.some((reason) => reason.kind === 'unknown'),
  );
  return (
    <>
      <form className="d-flex gap-2 my-2" onSubmit={onSubmit}>
        <input
          className="form-control form-control-sm"
          aria-label="Add a word"
          placeholder="Add a word"
          value={word}
          maxLength={80}
          onChange={(event) => setWord(event.currentTarget.value)}
        />
        <Button type="submit" size="sm" variant="outline-dark" disabled={word.trim() === ''}>
          Add
        </Button>
      </form>
      {unknown.length > 0 && (
        <p className="message message--note small" role="status">
          {unknown.map((tile) => tile.word).join(', ')} {unknown.length === 1 ? 'is' : 'are'} not in
          the word bank: kept in the list, but sounds and spellings cannot be keyed. Count{' '}
          {unknown.length === 1 ? 'it' : 'them'} as known if your class reads{' '}
          {unknown.length === 1 ? 'it' : 'them'}.
        </p>
      )}
    </>
  );
}

export interface ListPanelProps {
  readonly profile: ClassProfile;
  readonly lists: readonly WordList[];
  readonly list: WordList | undefined;
  readonly described: ListAnswer;
  readonly coverage: ListCoverage;
  readonly send: Send;
  readonly onOpen: (word: string) => void;
  readonly problem: string | undefined;
  readonly working: boolean;
}

/** The list that is being filled. */
export function ListPanel(props: ListPanelProps) {
  const { profile, lists, list, described, coverage, send, problem, working, onOpen } = props;
  const navigate = useNavigate();
  const [importing, setImporting] = useState(false);
  const sensors = useSortSensors();
  const words = described.words.map((tile) => tile.word);
  return (
    <aside className="card-paper list-panel" aria-label="Word list" id="word-list" tabIndex={-1}>
      <div className="d-flex align-items-start gap-1">
        <div className="flex-fill">
          {list ? (
            <AutoField
              key={list.id}
              label="Name of the list"
              className="list-panel__name"
              value={list.name}
              payload={(name, was) => ({ intent: 'rename', name, was })}
            />
          ) : (
            <h2 className="h5 mb-0">Your list</h2>
          )}
          <span className="quiet">
            {words.length} {words.length === 1 ? 'word' : 'words'}
          </span>
        </div>
        <Dropdown align="end">
          <Dropdown.Toggle as="button" type="button" bsPrefix="icon-button" aria-label="Lists">
            <BsThreeDots aria-hidden="true" />
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label="Lists">
            {lists.map((each) => (
              <MenuItem
                key={each.id}
                current={each.id === list?.id}
                onChoose={() => void navigate(`/words?list=${each.id}`)}
              >
                {each.name} <small>· {each.words.length}</small>
              </MenuItem>
            ))}
            {lists.length > 0 && <Dropdown.Divider />}
            <MenuItem onChoose={() => send({ intent: 'new-list' })}>New list</MenuItem>
            {list && (
              <MenuItem onChoose={() => send({ intent: 'remove-list' })}>Remove this list</MenuItem>
            )}
          </Dropdown.Menu>
        </Dropdown>
      </div>
      {words.length === 0 ? (
        <p className="my-3">Choose words on the left: each click keeps one here.</p>
      ) : (
        <DndContext
          sensors={sensors}
          collisionDetection={closestCenter}
          onDragEnd={({ active, over }) => {
            const to = over ? words.indexOf(String(over.id)) : -1;
            if (to >= 0 && over?.id !== active.id) {
              send({ intent: 'move', word: String(active.id), to });
            }
          }}
        >
          <SortableContext items={words} strategy={verticalListSortingStrategy}>
            <ol>
              {described.words.map((tile) => (
                <ListRow
                  key={tile.word}
                  tile={tile}
                  starred={list ? detailOf(list, tile.word).starred === true : false}
                  send={send}
                  onOpen={onOpen}
                />
              ))}
            </ol>
          </SortableContext>
        </DndContext>
      )}
      <AddWordForm send={send} described={described} />
      <p className="list-panel__links">
        <button type="button" className="btn btn-link p-0" onClick={() => setImporting(true)}>
          Paste or import
        </button>
        {list && <Link to={`/lists/${list.id}`}>Open as a table</Link>}
      </p>
      {importing && (
        <ImportDialog
          profile={profile}
          present={words}
          onImport={(text, columns) => send({ intent: 'import', text, columns })}
          onClose={() => setImporting(false)}
        />
      )}
      <Button
        className="w-100"
        disabled={words.length === 0 || working}
        onClick={() => send({ intent: 'make-lesson' })}
      >
        Make a lesson
      </Button>
      {problem && (
        <p className="message mt-2 mb-0" role="alert">
          {problem}
        </p>
      )}
      <CoverageStrip coverage={coverage} onAdd={(word) => send({ intent: 'add', word })} />
    </aside>
  );
}
