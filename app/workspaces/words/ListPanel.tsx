import { lazy, Suspense, useState, type FormEvent } from 'react';
import { Button, Dropdown } from 'react-bootstrap';
import { BsThreeDots } from 'react-icons/bs';
import { Link, useNavigate } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ListCoverage } from '~core/lists/coverage';
import { speaks } from '~core/languages/registry/registry';
import { detailOf, type WordList } from '~core/lists/word-list';
import { CoverageStrip } from '~/workspaces/lists/CoverageStrip';
import { RecordRevision } from '~/ui/use-send';
import { AutoField } from '~/ui/AutoField';
import { MenuItem } from '~/ui/MenuItem';
import type { ListAnswer } from '~/workers/engine-service';
import { t } from '~/phrases/t';

type Send = (body: object) => void;

// What is not needed at first is fetched after the words are there.
const ImportDialog = lazy(() => import('~/workspaces/lists/ImportDialog'));
const SortableWords = lazy(() => import('./SortableWords'));

function PlainWords({ words }: { words: readonly string[] }) {
  return (
    <ol aria-busy="true">
      {words.map((word) => (
        <li key={word}>
          <span className="list-panel__word py-1">{word}</span>
        </li>
      ))}
    </ol>
  );
}

/** Words typed in by hand; a word the bank lacks is kept and said. */
function AddWordForm({
  send,
  described,
  english,
}: {
  send: Send;
  described: ListAnswer;
  english: boolean;
}) {
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
          aria-label={t('words.addAWord')}
          placeholder={t('words.addAWord')}
          value={word}
          maxLength={80}
          onChange={(event) => setWord(event.currentTarget.value)}
        />
        <Button type="submit" size="sm" variant="outline-dark" disabled={word.trim() === ''}>
          {t('words.add')}
        </Button>
      </form>
      {unknown.length > 0 && (
        <p className="message message--note small" role="status">
          {t('words.isCountItAsKnown', {
            count: unknown.length,
            unknown: unknown.map((tile) => tile.word).join(', '),
            which: english ? t('words.notInTheWordBank') : t('words.notInTheCourseOf'),
          })}
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
  const words = described.words.map((tile) => tile.word);
  return (
    <aside
      className="card-paper list-panel"
      aria-label={t('words.wordList')}
      id="word-list"
      tabIndex={-1}
    >
      <div className="d-flex align-items-start gap-1">
        <div className="flex-fill">
          {list ? (
            <RecordRevision value={list.revision}>
              <AutoField
                key={list.id}
                label={t('words.nameOfTheList')}
                className="list-panel__name"
                value={list.name}
                payload={(name) => ({ intent: 'rename', name })}
              />
            </RecordRevision>
          ) : (
            <h2 className="h5 mb-0">{t('words.yourList')}</h2>
          )}
          <span className="quiet">{t('words.word', { count: words.length })}</span>
        </div>
        <Dropdown align="end">
          <Dropdown.Toggle
            as="button"
            type="button"
            bsPrefix="icon-button"
            aria-label={t('words.lists')}
          >
            <BsThreeDots aria-hidden="true" />
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label={t('words.lists')}>
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
            <MenuItem onChoose={() => send({ intent: 'new-list' })}>{t('words.newList')}</MenuItem>
            {list && (
              <MenuItem onChoose={() => send({ intent: 'remove-list' })}>
                {t('words.removeThisList')}
              </MenuItem>
            )}
          </Dropdown.Menu>
        </Dropdown>
      </div>
      {words.length === 0 ? (
        <p className="my-3">{t('words.chooseWordsOnTheLeft')}</p>
      ) : (
        <Suspense fallback={<PlainWords words={words} />}>
          <SortableWords
            tiles={described.words}
            isStarred={(word) => (list ? detailOf(list, word).starred === true : false)}
            send={send}
            onOpen={onOpen}
          />
        </Suspense>
      )}
      <AddWordForm send={send} described={described} english={speaks(profile.language, 'words')} />
      <p className="list-panel__links">
        <button type="button" className="btn btn-link p-0" onClick={() => setImporting(true)}>
          {t('words.pasteOrImport')}
        </button>
        {list && <Link to={`/lists/${list.id}`}>{t('words.openAsATable')}</Link>}
        {list?.question && (
          <Link to={`/words?${list.question}&new=1`}>{t('words.moreAsItWasFound')}</Link>
        )}
      </p>
      {importing && (
        <Suspense>
          <ImportDialog
            profile={profile}
            present={words}
            action="/words"
            onClose={() => setImporting(false)}
          />
        </Suspense>
      )}
      <Button
        className="w-100"
        disabled={words.length === 0 || working}
        onClick={() => send({ intent: 'make-lesson' })}
      >
        {t('words.makeALesson')}
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
