import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useFetcher } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import {
  exercisesOf,
  findInLibrary,
  type LibraryKind,
  type LibraryThing,
} from '~core/library/find';
import type { Library } from '~core/library/library';
import { libraryLevels, type LibraryLevel } from '~core/library/library-levels';
import type { ActionAnswer } from '~/routes/action-answer';
import { Narrow } from '~/ui/Narrow';
import { t } from '~/phrases/t';

const kinds: Readonly<Record<LibraryKind, string>> = {
  lesson: t('library.lessons'),
  list: t('library.wordLists'),
  text: t('library.texts'),
};

/** What is in it, so that it can be chosen by reading it. */
function Inside({ thing }: { thing: LibraryThing }) {
  switch (thing.kind) {
    case 'list':
      return <p className="library-words learner-text">{thing.list.words.join(' · ')}</p>;
    case 'text': {
      const { words, sentences, grade, kind, body } = thing.text;
      return (
        <>
          <p className="quiet small mb-1">
            {t('library.wordsInSentencesGradeBy', { kind, words, sentences, grade })}
          </p>
          <details>
            <summary>{t('library.readIt')}</summary>
            <div className="library-text learner-text">{body}</div>
          </details>
        </>
      );
    }
    case 'lesson': {
      const { lesson } = thing;
      const from = [...lesson.lists, ...(lesson.text === undefined ? [] : [`“${lesson.text}”`])];
      return (
        <>
          <p className="mb-1">{lesson.objective}</p>
          <p className="quiet small mb-0">
            {exercisesOf(lesson).join(' · ')}
            {from.length > 0 && t('library.from', { from: from.join(', ') })}
          </p>
        </>
      );
    }
  }
}

function Thing({
  thing,
  into,
  busy,
  onTake,
}: {
  thing: LibraryThing;
  into: ClassProfile | undefined;
  busy: boolean;
  onTake: () => void;
}) {
  return (
    <li className="library-thing">
      <div>
        <h2 className="library-thing__title">{thing.title}</h2>
        <p className="quiet small mb-1">
          {thing.kind === 'list' ? t('library.wordList') : thing.kind} · {thing.level}
        </p>
        <Inside thing={thing} />
      </div>
      {into && (
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          disabled={busy}
          aria-label={t('library.takeFor', { title: thing.title, name: into.name })}
          onClick={onTake}
        >
          {t('library.takeItFor', { name: into.name })}
        </button>
      )}
    </li>
  );
}

/** Things shown at once; the next come on a click. */
const AT_ONCE = 30;

/** What ships to begin with: each thing becomes the teacher's own when she takes it for a class. */
export function LibraryWorkspace({
  classes: all,
  focus,
  library,
}: {
  classes: readonly ClassProfile[];
  focus: string | undefined;
  library: Library;
}) {
  const fetcher = useFetcher<ActionAnswer>();
  const [words, setWords] = useState('');
  const [kind, setKind] = useState<LibraryKind>();
  const [level, setLevel] = useState<LibraryLevel>();
  // Everything in it is English: a class that is taught another language has no use for it.
  const classes = all.filter(({ language }) => language === 'en');
  const [classId, setClassId] = useState(
    () => (classes.find(({ id }) => id === focus) ?? classes[0])?.id,
  );
  const [most, setMost] = useState(AT_ONCE);
  const sought = useDeferredValue(words);
  const found = useMemo(
    () => findInLibrary(library, { words: sought, kind, level }),
    [library, sought, kind, level],
  );
  const into = classes.find(({ id }) => id === classId);
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  const { lessons, lists, texts } = library;
  const take = (thing: LibraryThing) =>
    void fetcher.submit({ thing: thing.id, classId: into?.id ?? '' } as never, {
      method: 'post',
      encType: 'application/json',
    });
  return (
    <div className="page">
      <h1>{t('library.starterLibrary')}</h1>
      <p className="quiet">
        {t('library.lessonsWordListsAndTexts', {
          lessons: lessons.length,
          lists: lists.length,
          texts: texts.length,
        })}
      </p>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <section className="card-paper" aria-label={t('library.findInTheLibrary')}>
        <input
          type="search"
          className="form-control"
          aria-label={t('library.findByWordSoundTopic')}
          placeholder={t('library.aWordASoundA')}
          value={words}
          onChange={(event) => {
            setWords(event.currentTarget.value);
            setMost(AT_ONCE);
          }}
        />
        <div className="shelf-filters">
          <div className="faces" role="group" aria-label={t('library.kind')}>
            <button
              type="button"
              aria-pressed={kind === undefined}
              onClick={() => setKind(undefined)}
            >
              {t('library.all')}
            </button>
            {(Object.keys(kinds) as LibraryKind[]).map((each) => (
              <button
                key={each}
                type="button"
                aria-pressed={kind === each}
                onClick={() => setKind(each)}
              >
                {kinds[each]}
              </button>
            ))}
          </div>
          <Narrow
            label={t('library.level')}
            all={t('library.everyLevel')}
            of={libraryLevels}
            value={level}
            set={(chosen) => setLevel(chosen as LibraryLevel | undefined)}
          />
          {classes.length > 0 ? (
            <label className="d-flex gap-2 align-items-center">
              {t('library.takeFor2')}
              <select
                className="form-select form-select-sm"
                value={classId ?? ''}
                onChange={(event) => setClassId(event.currentTarget.value)}
              >
                {classes.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          ) : (
            <Link to="/classes">{t('library.makeAClassThatIs')}</Link>
          )}
        </div>
        <p role="status" className="quiet small mb-1">
          {found.length === 0
            ? t('library.nothingInTheLibraryHas')
            : `${found.length} ${t('library.thing', { count: found.length })}`}
        </p>
        <ul className="library-things">
          {found.slice(0, most).map((thing) => (
            <Thing
              key={thing.id}
              thing={thing}
              into={into}
              busy={fetcher.state !== 'idle'}
              onTake={() => take(thing)}
            />
          ))}
        </ul>
        {found.length > most && (
          <button
            type="button"
            className="btn btn-sm btn-outline-dark"
            onClick={() => setMost(most + AT_ONCE)}
          >
            {t('library.showMore', { ATONCE: Math.min(AT_ONCE, found.length - most) })}
          </button>
        )}
      </section>
    </div>
  );
}
