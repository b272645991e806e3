import { useId, useRef, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { BsDownload, BsX } from 'react-icons/bs';
import { useFetcher } from 'react-router';
import type { StandardsRecord } from '~core/records/standards-record';
import { toCase, toCsv } from '~core/standards/case-json';
import { findStandards } from '~core/standards/of-class';
import type { ActionAnswer } from '~/routes/action-answer';
import { readFileText } from '~/documents/read-file-text';
import { saveText } from '~/ui/save-text';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

/** Standards shown of a set at once. */
const AT_ONCE = 60;

function OwnSet({ set, onRemove }: { set: StandardsRecord; onRemove: () => void }) {
  const [sought, setSought] = useState('');
  const { name, standards } = set;
  const found = findStandards(standards, sought);
  return (
    <section className="card-paper mb-3" aria-label={name}>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
        <h2 className="h5 mb-0 me-auto">
          {name} · {standards.length.toLocaleString(locale)}
        </h2>
        <Button
          size="sm"
          variant="outline-dark"
          onClick={() => saveText(`${name}.csv`, toCsv(standards))}
        >
          <BsDownload aria-hidden="true" /> CSV
        </Button>
        <Button
          size="sm"
          variant="outline-dark"
          onClick={() =>
            saveText(
              `${name}.case.json`,
              `${JSON.stringify(toCase(standards, new Date().toISOString()), null, 2)}\n`,
            )
          }
        >
          <BsDownload aria-hidden="true" /> CASE
        </Button>
        <button
          type="button"
          className="icon-button"
          aria-label={t('standards.remove', { name })}
          onClick={onRemove}
        >
          <BsX aria-hidden="true" />
        </button>
      </div>
      <input
        type="search"
        className="form-control form-control-sm mb-2"
        aria-label={t('standards.findIn', { name })}
        placeholder={t('standards.aCodeOrWords')}
        value={sought}
        onChange={(event) => setSought(event.currentTarget.value)}
      />
      <table className="table results-table mb-0">
        <thead>
          <tr>
            <th scope="col">{t('standards.code')}</th>
            <th scope="col">{t('standards.grade')}</th>
            <th scope="col">{t('standards.standard')}</th>
          </tr>
        </thead>
        <tbody>
          {found.slice(0, AT_ONCE).map(({ code, grade, wording }) => (
            <tr key={code}>
              <th scope="row" className="text-nowrap">
                {code}
              </th>
              <td>{grade}</td>
              <td>{wording}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.length > AT_ONCE && (
        <p className="quiet small mb-0 mt-1">
          {t('standards.moreFindThemByCode', {
            found: (found.length - AT_ONCE).toLocaleString(locale),
          })}
        </p>
      )}
      {found.length === 0 && <p className="quiet mb-0">{t('standards.nothingInThisSetHas')}</p>}
    </section>
  );
}

/** The sets of standards that lessons can name: those that ship, and those of the teacher's own. */
export function StandardsWorkspace({
  shipped,
  own,
}: {
  shipped: readonly { readonly name: string; readonly count: number }[];
  own: readonly StandardsRecord[];
}) {
  const id = useId();
  const file = useRef<HTMLInputElement>(null);
  const fetcher = useFetcher<ActionAnswer>();
  const [problem, setProblem] = useState('');
  const send = (body: object) =>
    void fetcher.submit(body as never, { method: 'post', encType: 'application/json' });
  const onSubmit = async (event: FormEvent) => {
    event.preventDefault();
    const chosen = file.current?.files?.[0];
    if (chosen === undefined) {
      setProblem(t('standards.chooseAFileFirst'));
      return;
    }
    setProblem('');
    try {
      const { text } = await readFileText(chosen);
      send({ intent: 'read', text, name: chosen.name.replace(/\.[^.]+$/, '') });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const said = fetcher.data;
  return (
    <div className="page">
      <h1>{t('standards.standards')}</h1>
      <p className="quiet">
        {t('standards.aLessonsPlanNamesWhat', {
          shipped: shipped.map(({ name }) => name).join(', '),
          reduce: shipped.reduce((sum, { count }) => sum + count, 0),
        })}
      </p>
      <section className="card-paper mb-3">
        <h2 className="h5">{t('standards.readASetOfYour')}</h2>
        <form onSubmit={(event) => void onSubmit(event)}>
          <label className="form-label" htmlFor={id}>
            {t('standards.aCasePackageJsonOr')}
          </label>
          <div className="d-flex flex-wrap gap-2">
            <input
              id={id}
              ref={file}
              type="file"
              className="form-control w-auto"
              accept=".json,.csv,.tsv,.txt,application/json,text/csv"
            />
            <Button type="submit" variant="outline-dark" disabled={fetcher.state !== 'idle'}>
              {fetcher.state === 'idle' ? t('standards.readItIn') : t('standards.reading')}
            </Button>
          </div>
        </form>
        {(problem !== '' || (said && !said.ok)) && (
          <p className="message mt-2 mb-0" role="alert">
            {problem || (said && !said.ok ? said.message : '')}
          </p>
        )}
        {problem === '' && said?.ok && said.notes && (
          <div className="message message--good mt-2 mb-0" role="status">
            {said.notes.map((note) => (
              <p key={note} className="mb-1">
                {note}
              </p>
            ))}
          </div>
        )}
      </section>
      {own.length === 0 && <p className="quiet">{t('standards.noSetOfYourOwn')}</p>}
      {own.map((set) => (
        <OwnSet
          key={set.id}
          set={set}
          onRemove={() => send({ intent: 'remove', id: set.id, name: set.name })}
        />
      ))}
    </div>
  );
}
