import { useId, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { useFetcher } from 'react-router';
import { spellings } from '~core/kernel/spelling';
import { languageNames } from '~core/languages/registry/registry';
import { accentNames, type Accent } from '~core/kernel/accent';
import type { ClassLevel } from '~core/classes/class-level';
import type { ActionAnswer } from '~/routes/action-answer';
import { LevelField } from './LevelFields';
import { StepField } from './StepField';
import { t } from '~/phrases/t';
import { namesIn } from '~/phrases/core-name';

/** The few things a class needs; all else has a default and can be changed later. */
export function NewClassForm() {
  const fetcher = useFetcher<ActionAnswer>();
  const ids = {
    name: useId(),
    spelling: useId(),
    accent: useId(),
    language: useId(),
    problem: useId(),
  };
  const [name, setName] = useState('');
  const [level, setLevel] = useState<ClassLevel>({ system: 'uk', value: 'Y2' });
  const [step, setStep] = useState<number | null>(1);
  const [spelling, setSpelling] = useState('uk');
  const [accent, setAccent] = useState<Accent>('british');
  const [language, setLanguage] = useState('en');
  /** A spelling comes with its accent, until another is chosen. */
  const chooseSpelling = (chosen: string) => {
    setSpelling(chosen);
    setAccent(chosen === 'us' ? 'american' : 'british');
  };
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;

  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const paper = spelling === 'us' ? 'letter' : 'a4';
    void fetcher.submit(
      {
        intent: 'create',
        settings: { name: name.trim(), level, step, spelling, accent, language, paper },
      } as never,
      { method: 'post', action: '/classes', encType: 'application/json' },
    );
  };
  return (
    <form onSubmit={onSubmit} noValidate>
      <div className="field-grid">
        <div>
          <label className="form-label" htmlFor={ids.name}>
            {t('classes.nameOfTheClass')}
          </label>
          <input
            id={ids.name}
            className={`form-control${problem ? ' is-invalid' : ''}`}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
            placeholder={t('classes.forExampleKestrels')}
            aria-describedby={problem ? ids.problem : undefined}
            autoComplete="off"
          />
          {problem && (
            <div className="invalid-feedback" id={ids.problem} role="alert">
              {problem}
            </div>
          )}
        </div>
        <LevelField
          level={level}
          onChange={(chosen) => {
            setLevel(chosen);
            if (chosen.system === 'us') chooseSpelling('us');
            if (chosen.system === 'uk') chooseSpelling('uk');
          }}
        />
        <StepField step={step} accent={accent} onChange={setStep} />
        <div>
          <label className="form-label" htmlFor={ids.spelling}>
            {t('classes.spelling')}
          </label>
          <select
            id={ids.spelling}
            className="form-select"
            value={spelling}
            onChange={(event) => chooseSpelling(event.currentTarget.value)}
          >
            {namesIn(spellings).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </div>
        <div>
          <label className="form-label" htmlFor={ids.accent}>
            {t('classes.accent')}
          </label>
          <select
            id={ids.accent}
            className="form-select"
            value={accent}
            onChange={(event) => setAccent(event.currentTarget.value as Accent)}
          >
            {namesIn(accentNames).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </div>
        <div>
          <label className="form-label" htmlFor={ids.language}>
            {t('classes.languageTaught')}
          </label>
          <select
            id={ids.language}
            className="form-select"
            value={language}
            onChange={(event) => setLanguage(event.currentTarget.value)}
          >
            {namesIn(languageNames()).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </div>
      </div>
      <Button type="submit" className="mt-3" disabled={fetcher.state !== 'idle'}>
        {t('classes.makeThisClass')}
      </Button>
    </form>
  );
}
