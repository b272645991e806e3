import { useId, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { BsX } from 'react-icons/bs';
import type { ClassProfile, OwnConfusables } from '~core/classes/class-profile';
import { useAhead } from '~/ui/use-ahead';
import { t } from '~/phrases/t';

interface Row {
  readonly word: string;
  readonly meaning: string;
  readonly sentence: string;
}

const empty: Row = { word: '', meaning: '', sentence: '' };
const MOST_WORDS = 5;
const none: readonly OwnConfusables[] = [];

/** The form for a new set: two words to begin with, five at most. */
function NewSet({ onAdd }: { onAdd: (set: OwnConfusables) => void }) {
  const [rows, setRows] = useState<readonly Row[]>([empty, empty]);
  const [tell, setTell] = useState('');
  const [problem, setProblem] = useState<string>();
  const id = useId();
  const set = (index: number, fields: Partial<Row>) =>
    setRows(rows.map((row, at) => (at === index ? { ...row, ...fields } : row)));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const filled = rows
      .map((row) => ({
        word: row.word.trim(),
        meaning: row.meaning.trim(),
        sentence: row.sentence.trim().replace(/_{2,}|\.{3,}|…/, '___'),
      }))
      .filter((row) => row.word !== '');
    if (filled.length < 2) return setProblem(t('classes.aSetNeedsTwoWords'));
    const unclear = filled.find(
      (row) => row.meaning === '' || row.sentence.split('___').length !== 2,
    );
    if (unclear) {
      return setProblem(
        `Write for ${unclear.word} what it means, and a sentence with ___ where the word belongs.`,
      );
    }
    onAdd({ words: filled, tell: tell.trim(), britishOnly: false });
    setRows([empty, empty]);
    setTell('');
    return setProblem(undefined);
  };
  const field = (index: number, name: keyof Row, label: string, length: number) => (
    <div className="col">
      <label className="form-label small" htmlFor={`${id}-${name}-${index}`}>
        {label}
      </label>
      <input
        id={`${id}-${name}-${index}`}
        className="form-control form-control-sm"
        maxLength={length}
        value={rows[index]?.[name] ?? ''}
        onChange={(event) => set(index, { [name]: event.currentTarget.value })}
      />
    </div>
  );
  return (
    <form className="mt-3" onSubmit={submit} aria-label={t('classes.newSetOfConfusedWords')}>
      {rows.map((_, index) => (
        <div className="row g-2 mb-2" key={index}>
          {field(index, 'word', t('classes.word', { index: index + 1 }), 60)}
          {field(index, 'meaning', t('classes.whatItMeans'), 200)}
          {field(index, 'sentence', t('classes.aSentenceWithForIt'), 300)}
        </div>
      ))}
      <label className="form-label small" htmlFor={`${id}-tell`}>
        {t('classes.howToTellThemApart')}
      </label>
      <input
        id={`${id}-tell`}
        className="form-control form-control-sm mb-2"
        maxLength={300}
        value={tell}
        onChange={(event) => setTell(event.currentTarget.value)}
      />
      {problem !== undefined && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <div className="d-flex gap-2">
        <Button type="submit" size="sm" variant="outline-dark">
          {t('classes.addTheSet')}
        </Button>
        {rows.length < MOST_WORDS && (
          <Button size="sm" variant="link" onClick={() => setRows([...rows, empty])}>
            {t('classes.oneMoreWord')}
          </Button>
        )}
      </div>
    </form>
  );
}

/** Words that this class takes for each other: its own sets, from which exercises are made beside ours. */
export function ConfusableSets({
  profile,
  change,
}: {
  profile: ClassProfile;
  change: (fields: { confusables: OwnConfusables[] }) => void;
}) {
  const [sets, set] = useAhead(profile.confusables ?? none, (confusables) =>
    change({ confusables: [...confusables] }),
  );
  return (
    <section className="card-paper my-3">
      <h2 className="h5">{t('classes.wordsTakenForEachOther')}</h2>
      <p className="quiet mb-2">{t('classes.wordaneKnows80SetsSuch')}</p>
      <ul className="list-unstyled mb-0">
        {sets.map((own) => {
          const name = own.words.map(({ word }) => word).join(', ');
          return (
            <li key={name} className="d-flex align-items-baseline gap-2">
              <span>
                <strong>{name}</strong>
                {own.tell !== '' && <span className="quiet"> · {own.tell}</span>}
              </span>
              <button
                type="button"
                className="icon-button"
                aria-label={t('classes.removeTheSet', { name })}
                onClick={() => set(sets.filter((each) => each !== own))}
              >
                <BsX aria-hidden="true" />
              </button>
            </li>
          );
        })}
      </ul>
      <NewSet onAdd={(own) => set([...sets, own])} />
    </section>
  );
}
