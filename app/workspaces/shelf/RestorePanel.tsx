import { useId, useRef, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { useRevalidator } from 'react-router';
import type { ReadBackup } from '~core/records/backup';
import { recordNames } from '~core/records/open-record';
import { answer } from '~/routes/action-answer';
import {
  differences,
  restore,
  restoreNotes,
  type Choice,
  type Difference,
} from '~/storage/backups';
import { keepExercises } from '~/storage/exercises-in';
import { readBackupFile } from './read-backup-file';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading'; readonly stop: AbortController }
  | {
      readonly at: 'choosing';
      readonly backup: ReadBackup;
      readonly differ: readonly Difference[];
    };

const choiceNames: Readonly<Record<Choice, string>> = {
  keep: t('shelf.keepWhatIsHere'),
  replace: t('shelf.replaceItWithTheBackup'),
  both: t('shelf.keepBoth'),
};

const newerNames = {
  here: t('shelf.changedHereSince'),
  backup: t('shelf.theBackupIsNewer'),
} as const;

const keyOf = ({ table, id }: Difference) => `${table}/${id}`;

/** For each thing that is here and in the backup, and differs: which is to stay. */
function Choices(props: {
  readonly differ: readonly Difference[];
  readonly onDone: (choices: Readonly<Record<string, Choice>>) => void;
  readonly onCancel: () => void;
}) {
  const { differ, onDone, onCancel } = props;
  const [choices, setChoices] = useState<Readonly<Record<string, Choice>>>({});
  const chooseAll = (choice: Choice) =>
    setChoices(Object.fromEntries(differ.map((each) => [keyOf(each), choice])));
  return (
    <form
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        onDone(choices);
      }}
    >
      <h3 className="h6">{t('shelf.oneThingIsHereAlready', { count: differ.length })}</h3>
      {differ.length > 1 && (
        <p className="mb-2">
          {t('shelf.all2')}{' '}
          {(Object.keys(choiceNames) as Choice[]).map((choice) => (
            <button
              key={choice}
              type="button"
              className="btn btn-outline-dark btn-sm me-1"
              onClick={() => chooseAll(choice)}
            >
              {choiceNames[choice]}
            </button>
          ))}
        </p>
      )}
      <ul className="list-unstyled restore-list">
        {differ.map((each) => (
          <li key={keyOf(each)} className="mb-2">
            <label className="d-block">
              {coreName(recordNames[each.table])} <strong>{each.name}</strong>
              {each.newer && <span className="quiet"> · {newerNames[each.newer]}</span>}
              <select
                className="form-select form-select-sm mt-1"
                value={choices[keyOf(each)] ?? 'keep'}
                onChange={(event) =>
                  setChoices({ ...choices, [keyOf(each)]: event.currentTarget.value as Choice })
                }
              >
                {Object.entries(choiceNames).map(([choice, name]) => (
                  <option key={choice} value={choice}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
      <Button type="submit">{t('shelf.readItInSo')}</Button>{' '}
      <Button variant="outline-dark" onClick={onCancel}>
        {t('shelf.cancel')}
      </Button>
    </form>
  );
}

/** An exported file read back: added beside what is here, or put in its place, thing by thing. */
export function RestorePanel() {
  const id = useId();
  const field = useRef<HTMLInputElement>(null);
  const revalidator = useRevalidator();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const [said, setSaid] = useState<{ readonly ok: boolean; readonly text: string }>();

  const end = (result?: { readonly ok: boolean; readonly text: string }) => {
    setStage({ at: 'idle' });
    setSaid(result);
    if (field.current) field.current.value = '';
  };
  const takeIn = async (backup: ReadBackup, choices: Readonly<Record<string, Choice>> = {}) => {
    const done = await answer(async () => restoreNotes(await restore(backup, choices)));
    end(
      done.ok ? { ok: true, text: done.notes?.join(' ') ?? '' } : { ok: false, text: done.message },
    );
    await revalidator.revalidate();
  };
  const onSubmit = async (event: FormEvent) => {
    event.preventDefault();
    const file = field.current?.files?.[0];
    if (file === undefined) {
      setSaid({ ok: false, text: t('shelf.chooseAFileFirst') });
      return;
    }
    const stop = new AbortController();
    setSaid(undefined);
    setStage({ at: 'reading', stop });
    try {
      const read = await readBackupFile(file, stop.signal);
      if ('exercises' in read) {
        const done = await answer(() => keepExercises(read.exercises));
        end(
          done.ok
            ? { ok: true, text: done.notes?.join(' ') ?? '' }
            : { ok: false, text: done.message },
        );
        await revalidator.revalidate();
        return;
      }
      const { backup } = read;
      const differ = await differences(backup);
      if (differ.length === 0) await takeIn(backup);
      else setStage({ at: 'choosing', backup, differ });
    } catch (error) {
      const broken = error instanceof DOMException && error.name === 'AbortError';
      end({
        ok: broken,
        text: broken ? t('shelf.brokenOffNothingWasChanged') : (error as Error).message,
      });
    }
  };
  return (
    <>
      <form onSubmit={(event) => void onSubmit(event)}>
        <label className="form-label" htmlFor={id}>
          {t('shelf.readAnExportedFileBack')}
        </label>
        <input
          id={id}
          ref={field}
          className="form-control mb-2"
          type="file"
          accept=".zip,application/zip"
          disabled={stage.at !== 'idle'}
        />
        {stage.at === 'reading' ? (
          <Button variant="outline-dark" onClick={() => stage.stop.abort()}>
            {t('shelf.readingBreakOff')}
          </Button>
        ) : (
          <Button type="submit" variant="outline-dark" disabled={stage.at !== 'idle'}>
            {t('shelf.readItIn')}
          </Button>
        )}
      </form>
      <p className="quiet small mt-2 mb-0">{t('shelf.whatIsNotHereIs')}</p>
      {stage.at === 'choosing' && (
        <Choices
          differ={stage.differ}
          onDone={(choices) => void takeIn(stage.backup, choices)}
          onCancel={() => end({ ok: true, text: t('shelf.nothingWasChanged') })}
        />
      )}
      {said && (
        <p
          className={`message mt-2 mb-0${said.ok ? ' message--good' : ''}`}
          role={said.ok ? 'status' : 'alert'}
        >
          {said.text}
        </p>
      )}
    </>
  );
}
