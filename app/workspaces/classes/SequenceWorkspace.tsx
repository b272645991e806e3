import { saveText } from '~/ui/save-text';
import { useEffect, useRef, useState } from 'react';
import { Button, Dropdown } from 'react-bootstrap';
import { BsArrowDown, BsArrowLeft, BsArrowUp, BsThreeDots } from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { writeSequenceCsv } from '~core/records/sequence-csv';
import type { HeartWord } from '~core/reach/newly-readable';
import { writeTeaches } from '~core/languages/en/sounds/edit-sequence';
import type { Sequence, SequenceStep } from '~core/languages/en/sounds/sequence';
import { AutoField } from '~/ui/AutoField';
import { MenuItem } from '~/ui/MenuItem';
import type { SequenceFacts } from '~/workers/engine-service';
import { readFileText } from '~/documents/read-file-text';
import { useSend } from '~/ui/use-send';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

type Send = (intent: object) => void;

/** A word taught by sight, with a heart over the letters that its step cannot explain. */
export function Heart({ heart }: { heart: HeartWord }) {
  const unexpected = heart.pieces.filter((piece) => piece.unexpected).map((piece) => piece.letters);
  return (
    <span className="heart-word">
      <span aria-hidden="true">
        {heart.pieces.map((piece, index) => (
          <span key={index} className={piece.unexpected ? 'heart-word__heart' : ''}>
            {piece.letters}
          </span>
        ))}
      </span>
      <span className="visually-hidden">
        {heart.word}
        {unexpected.length > 0 && t('classes.unexpected', { unexpected: unexpected.join(', ') })}
      </span>
    </span>
  );
}

function Newly({ facts, step }: { facts: SequenceFacts; step: SequenceStep }) {
  const newly = facts.newly[step.number - 1];
  if (!newly || newly.count === 0)
    return <span className="quiet">{t('classes.noNewWordYet')}</span>;
  return (
    <span>
      <b>{newly.count.toLocaleString(locale)}</b>{' '}
      {t('classes.wordNewlyReadable', { count: newly.count })}{' '}
      <span className="learner-text">{newly.words.slice(0, 8).join(', ')}</span>
      {newly.count > 8 && ' …'}
    </span>
  );
}

interface RowProps {
  readonly step: SequenceStep;
  readonly profile: ClassProfile;
  readonly facts: SequenceFacts;
  readonly last: number;
  readonly send: Send;
}

function StepRow({ step, profile, facts, last, send }: RowProps) {
  const { number } = step;
  const here = profile.step === number;
  const hearts = facts.hearts[number - 1] ?? [];
  return (
    <li className={here ? 'sequence-step sequence-step--here' : 'sequence-step'}>
      <span className="sequence-step__number">{number}</span>
      <div className="sequence-step__fields">
        <AutoField
          key={`title ${number} ${step.title}`}
          label={t('classes.titleOfStep', { number })}
          className="inline-edit fw-semibold"
          value={step.title}
          payload={(title) => ({ intent: 'step-title', number, text: title })}
        />
        <div className="sequence-step__field">
          <span className="quiet">{t('classes.teaches')}</span>
          <AutoField
            key={`teaches ${number} ${step.teaches.join()}`}
            label={t('classes.spellingsOfStep', { number })}
            className="form-control form-control-sm"
            value={writeTeaches(step.teaches)}
            placeholder="ai=EY ay=EY"
            payload={(text) => ({ intent: 'step-teaches', number, text })}
          />
        </div>
        <div className="sequence-step__field">
          <span className="quiet">{t('classes.bySight2')}</span>
          <AutoField
            key={`sight ${number} ${step.sightWords.join()}`}
            label={t('classes.wordsBySightOfStep', { number })}
            className="form-control form-control-sm"
            value={step.sightWords.join(' ')}
            placeholder={t('classes.saidThe')}
            payload={(text) => ({ intent: 'step-sight', number, text })}
          />
        </div>
        {hearts.length > 0 && (
          <p className="mb-0 sequence-step__hearts">
            {hearts.map((heart) => (
              <Heart key={heart.word} heart={heart} />
            ))}
          </p>
        )}
        <p className="mb-0 small">
          <Newly facts={facts} step={step} />
        </p>
      </div>
      <div className="sequence-step__tools">
        <button
          type="button"
          className={here ? 'btn btn-sm btn-dark' : 'btn btn-sm btn-outline-dark'}
          aria-pressed={here}
          onClick={() => send({ intent: 'step', step: number })}
        >
          {here ? t('classes.theClassIsHere') : t('classes.moveTheClassHere')}
        </button>
        <button
          type="button"
          className="icon-button"
          aria-label={t('classes.moveStepUp', { number })}
          disabled={number === 1}
          onClick={() => send({ intent: 'move-step', number, to: number - 1 })}
        >
          <BsArrowUp aria-hidden="true" />
        </button>
        <button
          type="button"
          className="icon-button"
          aria-label={t('classes.moveStepDown', { number })}
          disabled={number === last}
          onClick={() => send({ intent: 'move-step', number, to: number + 1 })}
        >
          <BsArrowDown aria-hidden="true" />
        </button>
        <Dropdown align="end" className="d-inline-block">
          <Dropdown.Toggle
            as="button"
            type="button"
            bsPrefix="icon-button"
            aria-label={t('classes.moreForStep', { number })}
          >
            <BsThreeDots aria-hidden="true" />
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label={t('classes.moreForStep', { number })}>
            <MenuItem onChoose={() => send({ intent: 'add-step', after: number })}>
              {t('classes.addAStepAfterIt')}
            </MenuItem>
            {step.teaches.length > 1 && (
              <MenuItem onChoose={() => send({ intent: 'split-step', number })}>
                {t('classes.splitItInTwo')}
              </MenuItem>
            )}
            {last > 1 && (
              <MenuItem onChoose={() => send({ intent: 'remove-step', number, title: step.title })}>
                {t('classes.removeIt')}
              </MenuItem>
            )}
          </Dropdown.Menu>
        </Dropdown>
      </div>
    </li>
  );
}

export interface SequenceWorkspaceProps {
  readonly profile: ClassProfile;
  readonly sequence: Sequence;
  readonly facts: SequenceFacts;
}

/** The sequence of a class, step by step, to be changed in place. */
export function SequenceWorkspace({ profile, sequence, facts }: SequenceWorkspaceProps) {
  const [problem, setProblem] = useState('');
  const { send, message: said, clash } = useSend();
  const own = profile.sequence !== null;
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    // The class's own step is in sight when the page opens; later moves leave the page where it is.
    list.current?.querySelector('.sequence-step--here')?.scrollIntoView({ block: 'center' });
  }, [profile.id]);
  const readFile = async (file: File | undefined) => {
    if (!file) return;
    setProblem('');
    if (file.size > 1024 * 1024) {
      setProblem(t('classes.thisFileIsLargerThan'));
      return;
    }
    send({
      intent: 'read-sequence',
      text: (await readFileText(file)).text,
      name: file.name.replace(/\.[a-z]+$/i, '').slice(0, 80) || t('classes.ownSequence'),
    });
  };
  const message = problem || (said ?? '');
  return (
    <div className="page">
      <p className="mb-1">
        <Link to={`/classes/${profile.id}`}>
          <BsArrowLeft aria-hidden="true" /> {profile.name}
        </Link>
      </p>
      <h1 className="visually-hidden">{t('classes.sequenceOf', { name: profile.name })}</h1>
      <AutoField
        key={sequence.id}
        label={t('classes.nameOfTheSequence')}
        className="inline-edit inline-edit--title fs-2"
        value={sequence.name}
        payload={(name) => ({ intent: 'sequence-name', name })}
      />
      <div className="list-tools">
        <span>
          {t('classes.steps', {
            steps: sequence.steps.length,
            which: own ? t('classes.thisIsTheClasssOwn') : t('classes.theFirstChangeMakesIt'),
          })}
        </span>
        <Button
          variant="outline-dark"
          onClick={() => saveText(`${sequence.name}.csv`, writeSequenceCsv(sequence))}
        >
          {t('classes.exportAsCsv')}
        </Button>
        <label className="btn btn-outline-dark">
          {t('classes.importCsv')}
          <input
            type="file"
            className="visually-hidden"
            accept=".csv,text/csv"
            onChange={(event) => {
              void readFile(event.currentTarget.files?.[0]);
              event.currentTarget.value = '';
            }}
          />
        </label>
        {own && (
          <Button variant="outline-dark" onClick={() => send({ intent: 'default-sequence' })}>
            {t('classes.backToTheDefault')}
          </Button>
        )}
      </div>
      {clash}
      {message && (
        <p className="message my-2" role="alert">
          {message}
        </p>
      )}
      <p className="quiet">
        {t('classes.spellingsAreWrittenWithTheir')} <code>ai=EY</code>, <code>a-e=EY</code>,{' '}
        <code>x=K+S</code>
        {t('classes.aSpellingAloneTakesIts')} <code>s(ai)d</code>.
      </p>
      <ol className="sequence-steps" ref={list}>
        {sequence.steps.map((step) => (
          <StepRow
            key={step.number}
            step={step}
            profile={profile}
            facts={facts}
            last={sequence.steps.length}
            send={send}
          />
        ))}
      </ol>
      <Button
        variant="outline-dark"
        onClick={() => send({ intent: 'add-step', after: sequence.steps.length })}
      >
        {t('classes.addAStepAtThe')}
      </Button>
    </div>
  );
}
