import { useEffect, useId, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { BsPencil, BsX } from 'react-icons/bs';
import type { ClassProfile, Learner } from '~core/classes/class-profile';
import { versions } from '~core/kernel/version';
import { phrases } from '~core/practice/phrases';
import { AutoField } from '~/ui/AutoField';
import { useSend } from '~/ui/use-send';
import { t } from '~/phrases/t';

const facts = [
  ['group', t('classes.group'), t('classes.theGroupSheWorksIn')],
  ['needs', t('classes.needs'), t('classes.whatSheNeedsAndWhat')],
  ['notes', t('classes.notes'), t('classes.notesForYourself')],
] as const;

/** What the teacher keeps of a learner; none of it is printed or given on unasked. */
function LearnerFacts({ learner }: { learner: Learner }) {
  return (
    <div
      className="learner-facts"
      role="group"
      aria-label={t('classes.whatIsKeptOf', { name: learner.name })}
    >
      <h3 className="h6">{learner.name}</h3>
      {facts.map(([fact, label, placeholder]) => (
        <label key={fact}>
          {label}
          <AutoField
            label={t('classes.of', { label, name: learner.name })}
            className="form-control form-control-sm"
            placeholder={placeholder}
            multiline={fact !== 'group'}
            value={learner[fact] ?? ''}
            payload={(text) => ({ intent: 'learner-fact', learner: learner.id, fact, text })}
          />
        </label>
      ))}
      <p className="quiet small mb-0">{t('classes.forYouAloneOnNo')}</p>
    </div>
  );
}

/** First names, pasted or typed; blank lines and doubles are passed over and said. */
export function Roster({ profile }: { profile: ClassProfile }) {
  const { fetcher, send } = useSend();
  const id = useId();
  const [names, setNames] = useState('');
  const [open, setOpen] = useState<string>();
  const kept = profile.roster.find((learner) => learner.id === open);
  useEffect(() => {
    if (fetcher.state === 'idle' && fetcher.data?.ok && fetcher.data.notes) setNames('');
  }, [fetcher.state, fetcher.data]);
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    send({ intent: 'add-learners', names });
  };
  const answer = fetcher.data;
  return (
    <section className="card-paper my-3">
      <h2 className="h5">{t('classes.roster', { roster: profile.roster.length })}</h2>
      {profile.roster.length > 0 && (
        <ul className="roster">
          {profile.roster.map((learner) => (
            <li key={learner.id}>
              {learner.name}
              {learner.group && <span className="quiet small">{learner.group}</span>}
              <select
                className="roster__version"
                aria-label={t('classes.versionFor', { name: learner.name })}
                value={learner.version ?? 'core'}
                onChange={(event) =>
                  send({
                    intent: 'learner-version',
                    learner: learner.id,
                    version: event.currentTarget.value,
                  })
                }
              >
                {versions.map((version) => (
                  <option key={version}>{version}</option>
                ))}
              </select>
              <select
                className="roster__version"
                aria-label={t('classes.homeLanguageOf', { name: learner.name })}
                value={learner.home ?? ''}
                onChange={(event) =>
                  send({
                    intent: 'learner-home',
                    learner: learner.id,
                    home: event.currentTarget.value,
                  })
                }
              >
                <option value="">{t('classes.homeLanguage')}</option>
                {Object.entries(phrases).map(([tag, { name }]) => (
                  <option key={tag} value={tag} lang={tag}>
                    {name}
                  </option>
                ))}
              </select>
              <button
                type="button"
                className="icon-button"
                aria-label={t('classes.whatIsKeptOf', { name: learner.name })}
                aria-expanded={open === learner.id}
                onClick={() => setOpen(open === learner.id ? undefined : learner.id)}
              >
                <BsPencil aria-hidden="true" />
              </button>
              <button
                type="button"
                className="icon-button"
                aria-label={t('classes.remove', { name: learner.name })}
                onClick={() => send({ intent: 'remove-learner', learner: learner.id })}
              >
                <BsX aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
      )}
      {kept && <LearnerFacts key={kept.id} learner={kept} />}
      <form onSubmit={onSubmit}>
        <label className="form-label" htmlFor={id}>
          {t('classes.addFirstNamesOneA')}
        </label>
        <div className="d-flex gap-2 align-items-start">
          <textarea
            id={id}
            className="form-control"
            rows={3}
            value={names}
            onChange={(event) => setNames(event.currentTarget.value)}
          />
          <Button type="submit" variant="outline-dark" disabled={names.trim() === ''}>
            {t('classes.add')}
          </Button>
        </div>
      </form>
      <div aria-live="polite">
        {answer && !answer.ok && <p className="message mt-2 mb-0">{answer.message}</p>}
        {answer?.ok && answer.notes && (
          <p className="message message--good mt-2 mb-0">{answer.notes.join(' ')}</p>
        )}
      </div>
    </section>
  );
}
