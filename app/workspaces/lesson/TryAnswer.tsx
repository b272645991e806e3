import { useState } from 'react';
import { BsCheckCircle } from 'react-icons/bs';
import type { ClassProfile } from '~core/classes/class-profile';
import type { SentenceCheck } from '~core/languages/shared/sentence-check';
import { engine } from '~/workers/engine.client';
import { useAsked } from '../texts/use-engine';
import type { ExercisePart } from './built-part';
import { speaks } from '~core/languages/registry/registry';
import { t } from '~/phrases/t';

function Findings({
  text,
  check,
  profile,
}: {
  text: string;
  check: SentenceCheck;
  profile: ClassProfile;
}) {
  const asked = useAsked(() => engine().checkWriting(text, check, profile), [text, check, profile]);
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  if (asked.state === 'working') return <p className="quiet small mb-0">{t('lesson.reading')}</p>;
  const { missing, suggestions, requirements, words, sentences } = asked.value;
  return (
    <div role="status" className="small">
      <p className="mb-1 quiet">
        {t('lesson.word', {
          count: words,
          sentences,
          which: t('lesson.sentence', { count: sentences }),
        })}
      </p>
      {missing.length === 0 ? (
        <p className="mb-1">
          <BsCheckCircle className="text-success" aria-hidden="true" />{' '}
          {t('lesson.everythingThatWasAskedFor')}
        </p>
      ) : (
        <ul className="mb-1">
          {missing.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      {requirements.map(({ says }) => (
        <p key={says} className="mb-1">
          {says}
        </p>
      ))}
      {suggestions.map((line) => (
        <p key={line} className="mb-1 quiet">
          {line}
        </p>
      ))}
    </div>
  );
}

/** An answer typed in as a learner would, checked while it grows. */
export function TryAnswer({ open, profile }: { open: ExercisePart; profile: ClassProfile }) {
  const { task } = open.exercise;
  const [at, setAt] = useState(0);
  const [text, setText] = useState('');
  if (task.interaction !== 'write' || !speaks(profile.language, 'tagging')) return null;
  const items = task.items.filter((item) => item.checks !== undefined);
  const item = items[Math.min(at, items.length - 1)];
  if (item?.checks === undefined) return null;
  return (
    <details className="panel-fold">
      <summary>{t('lesson.tryAnAnswer')}</summary>
      {items.length > 1 && (
        <label className="d-block mb-2">
          {t('lesson.item')}
          <select
            className="form-select form-select-sm"
            value={at}
            onChange={(event) => setAt(Number(event.currentTarget.value))}
          >
            {items.map((each, index) => (
              <option key={each.id} value={index}>
                {index + 1}: {each.word}
              </option>
            ))}
          </select>
        </label>
      )}
      <label className="d-block mb-2">
        {t('lesson.whatALearnerMightWrite')}
        <textarea
          className="form-control form-control-sm"
          rows={4}
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
        />
      </label>
      <Findings text={text} check={item.checks} profile={profile} />
    </details>
  );
}
