import { saveAs } from 'file-saver';
import { saveText } from '~/ui/save-text';
import { useState, type FormEvent } from 'react';
import { Button, Dropdown } from 'react-bootstrap';
import { BsArrowLeft } from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { WordGroup } from '~core/lists/combine-lists';
import type { ListCoverage } from '~core/lists/coverage';
import type { ListGrouping, WordList } from '~core/lists/word-list';
import { speaks } from '~core/languages/registry/registry';
import { engine } from '~/workers/engine.client';
import { toSpreadsheet } from '~/documents/spreadsheet';
import { AutoField } from '~/ui/AutoField';
import { MenuItem } from '~/ui/MenuItem';
import { Slot } from '~/ui/Slot';
import type { ListAnswer } from '~/workers/engine-service';
import { CompareDialog } from './CompareDialog';
import { CoverageStrip } from './CoverageStrip';
import ImportDialog from './ImportDialog';
import { ListTable } from './ListTable';
import { PictureDialog } from './PictureDialog';
import { listColumns, listCsv, listRows } from './list-csv';
import { useSend } from '~/ui/use-send';
import { t } from '~/phrases/t';

const groupings: Readonly<Record<ListGrouping, string>> = {
  none: t('lists.inYourOrder'),
  spelling: t('lists.bySpelling'),
  pattern: t('lists.byPattern'),
  syllables: t('lists.bySyllables'),
  reach: t('lists.byReach'),
};

export interface ListWorkspaceProps {
  readonly profile: ClassProfile;
  readonly list: WordList;
  /** The other lists of the class. */
  readonly others: readonly WordList[];
  readonly described: ListAnswer;
  readonly coverage: ListCoverage;
  readonly groups: readonly WordGroup[];
  readonly meanings: Readonly<Record<string, string>>;
}

function AddWord({ send }: { send: (intent: object) => void }) {
  const [word, setWord] = useState('');
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const typed = word.trim().replace(/\s+/g, ' ');
    if (typed === '') return;
    send({ intent: 'add', word: typed });
    setWord('');
  };
  return (
    <form className="d-flex gap-2" onSubmit={onSubmit}>
      <input
        className="form-control"
        aria-label={t('lists.addAWord')}
        placeholder={t('lists.addAWord')}
        value={word}
        maxLength={80}
        onChange={(event) => setWord(event.currentTarget.value)}
      />
      <Button type="submit" variant="outline-dark" disabled={word.trim() === ''}>
        {t('lists.add2')}
      </Button>
    </form>
  );
}

/** One list with everything beside its words. */
export function ListWorkspace(props: ListWorkspaceProps) {
  const { profile, list, others, described, coverage, groups, meanings } = props;
  const { send, answer, clash } = useSend();
  const [dialog, setDialog] = useState<'import' | 'compare' | { picture: string }>();
  const close = () => setDialog(undefined);
  return (
    <div className="page">
      <p className="mb-1">
        <Link to="/words">
          <BsArrowLeft aria-hidden="true" /> {t('lists.words')}
        </Link>
      </p>
      <h1 className="visually-hidden">{list.name}</h1>
      <AutoField
        key={list.id}
        label={t('lists.nameOfTheList')}
        className="inline-edit inline-edit--title fs-2"
        value={list.name}
        payload={(name) => ({ intent: 'rename', name })}
      />
      <div className="list-tools">
        <span>
          {t('lists.word2', { count: list.words.length })}{' '}
          <Slot
            name={t('lists.grouping')}
            value={list.groupBy}
            options={Object.entries(groupings).map(([value, text]) => ({
              value,
              text,
              label: text,
            }))}
            onChoose={(by) => send({ intent: 'group', by: by as ListGrouping })}
          />
        </span>
        <AddWord send={send} />
        <Button variant="outline-dark" onClick={() => setDialog('import')}>
          {t('lists.pasteOrImport')}
        </Button>
        <Button
          variant="outline-dark"
          disabled={list.words.length === 0}
          onClick={() => setDialog('compare')}
        >
          {t('lists.compareWithAText')}
        </Button>
        <Dropdown>
          <Dropdown.Toggle variant="outline-dark">{t('lists.more')}</Dropdown.Toggle>
          <Dropdown.Menu aria-label={t('lists.moreForThisList')}>
            <MenuItem onChoose={() => send({ intent: 'fill-meanings' })}>
              {t('lists.fillInTheEmptyMeanings')}
            </MenuItem>
            <MenuItem onChoose={() => saveText(`${list.name}.csv`, listCsv(list))}>
              {t('lists.exportAsCsv')}
            </MenuItem>
            <MenuItem onChoose={() => saveText(`${list.name}.tsv`, listCsv(list, '\t'))}>
              {t('lists.exportWithTabsTsv')}
            </MenuItem>
            <MenuItem
              onChoose={() =>
                void toSpreadsheet(listColumns, listRows(list)).then((file) =>
                  saveAs(file, `${list.name}.xlsx`),
                )
              }
            >
              {t('lists.exportAsASpreadsheetXlsx')}
            </MenuItem>
            {speaks(profile.language, 'sounds') && (
              <MenuItem
                onChoose={() =>
                  void engine()
                    .pronunciations(list.words, profile)
                    .then(({ pls }) => saveText(`${list.name}.pls`, pls, 'application/pls+xml'))
                }
              >
                {t('lists.exportPronunciationsPls')}
              </MenuItem>
            )}
            <MenuItem
              onChoose={() =>
                send({
                  intent: 'order',
                  words: [...list.words].sort((left, right) => left.localeCompare(right)),
                })
              }
            >
              {t('lists.putInOrderFromA')}
            </MenuItem>
            {list.groupBy !== 'none' && (
              <MenuItem
                onChoose={() =>
                  send({ intent: 'order', words: groups.flatMap((group) => group.words) })
                }
              >
                {t('lists.keepTheGroupsOrder')}
              </MenuItem>
            )}
            <MenuItem onChoose={() => send({ intent: 'split' })}>
              {t('lists.makeAListOfEach', {
                which: list.groupBy === 'none' ? t('lists.spelling2') : t('lists.group'),
              })}
            </MenuItem>
            {others.length > 0 && <Dropdown.Divider />}
            {others.map((other) => (
              <MenuItem
                key={`merge-${other.id}`}
                onChoose={() => send({ intent: 'merge', other: other.id })}
              >
                {t('lists.addTheWordsOf', { name: other.name })}
              </MenuItem>
            ))}
            {others.map((other) => (
              <MenuItem
                key={`subtract-${other.id}`}
                onChoose={() => send({ intent: 'subtract', other: other.id })}
              >
                {t('lists.takeAwayTheWordsOf', { name: other.name })}
              </MenuItem>
            ))}
            <Dropdown.Divider />
            <MenuItem onChoose={() => send({ intent: 'remove-list' })}>
              {t('lists.removeThisList')}
            </MenuItem>
          </Dropdown.Menu>
        </Dropdown>
      </div>
      {clash}
      {answer && !clash && (
        <div className="my-2" role={answer.ok ? 'status' : 'alert'}>
          {answer.ok ? (
            answer.notes?.map((note) => (
              <p key={note} className="message message--note mb-1">
                {note}
              </p>
            ))
          ) : (
            <p className="message mb-1">{answer.message}</p>
          )}
        </div>
      )}
      {list.words.length === 0 ? (
        <div className="empty">
          <h2 className="h4">{t('lists.thisListIsEmpty')}</h2>
          <p>{t('lists.pasteAListYouHave')}</p>
          <Button onClick={() => setDialog('import')}>{t('lists.pasteOrImport')}</Button>{' '}
          <Link className="btn btn-outline-dark" to={`/words?list=${list.id}`}>
            {t('lists.findWords')}
          </Link>
        </div>
      ) : (
        <section className="card-paper my-3" aria-label={t('lists.wordsOfTheList')}>
          <ListTable
            profile={profile}
            list={list}
            tiles={described.words}
            groups={groups}
            meanings={meanings}
            send={send}
            onPicture={(picture) => setDialog({ picture })}
          />
          <CoverageStrip coverage={coverage} onAdd={(word) => send({ intent: 'add', word })} />
        </section>
      )}
      {dialog === 'import' && (
        <ImportDialog profile={profile} present={list.words} onClose={close} />
      )}
      {dialog === 'compare' && (
        <CompareDialog
          profile={profile}
          words={list.words}
          onAdd={(word) => send({ intent: 'add', word })}
          onClose={close}
        />
      )}
      {typeof dialog === 'object' && (
        <PictureDialog
          word={dialog.picture}
          onChoose={(picture) =>
            send({ intent: 'detail', word: dialog.picture, fields: { picture } })
          }
          onClose={close}
        />
      )}
    </div>
  );
}
