import { useId, useState, type ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import {
  BsBook,
  BsFileEarmark,
  BsFonts,
  BsImage,
  BsPencil,
  BsPersonLinesFill,
  BsSignpost,
} from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { grammarTargets, type StartKind } from '~core/lessons/start-lesson';
import type { WordList } from '~core/lists/word-list';
import { t } from '~/phrases/t';

interface NewLessonProps {
  readonly profile: ClassProfile;
  readonly lists: readonly WordList[];
  readonly texts: readonly { readonly id: string; readonly title: string }[];
  readonly busy: boolean;
  readonly problem: string | undefined;
  readonly onStart: (body: { kind: StartKind; id?: string }) => void;
}

/** One way to begin: what it is, what is chosen for it, and the button. */
function Door(props: {
  readonly icon: ReactNode;
  readonly title: string;
  readonly says: string;
  readonly children: ReactNode;
}) {
  const id = useId();
  return (
    <section className="card-paper" aria-labelledby={id}>
      <h2 className="h5" id={id}>
        {props.icon} {props.title}
      </h2>
      <p>{props.says}</p>
      {props.children}
    </section>
  );
}

/** A choice and the button that begins with it. */
function ChosenDoor({
  label,
  options,
  busy,
  onStart,
}: {
  readonly label: string;
  readonly options: readonly (readonly [string, string])[];
  readonly busy: boolean;
  readonly onStart: (id: string) => void;
}) {
  const [id, setId] = useState(options[0]?.[0] ?? '');
  return (
    <div className="d-flex gap-2">
      <select
        className="form-select"
        aria-label={label}
        value={id}
        onChange={(event) => setId(event.currentTarget.value)}
      >
        {options.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
      <Button disabled={busy} onClick={() => onStart(id)}>
        {t('lesson.begin')}
      </Button>
    </div>
  );
}

/** Every way to begin a lesson. */
export function NewLesson({ profile, lists, texts, busy, problem, onStart }: NewLessonProps) {
  const begin = (kind: StartKind) => (
    <Button disabled={busy} onClick={() => onStart({ kind })}>
      {t('lesson.begin')}
    </Button>
  );
  return (
    <div className="page">
      <h1>{t('lesson.aNewLessonFor', { name: profile.name })}</h1>
      <p className="quiet" role="status">
        {busy ? t('lesson.theLessonIsBeingMade') : t('lesson.beginWithWhatYouHave')}
      </p>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <div className="tiles mt-3">
        <Door
          icon={<BsFonts aria-hidden="true" />}
          title={t('lesson.words')}
          says={t('lesson.aListOfYoursRecalled')}
        >
          {lists.length > 0 ? (
            <ChosenDoor
              label={t('lesson.theList')}
              options={lists.map(
                ({ id, name, words }) => [id, `${name} (${words.length})`] as const,
              )}
              busy={busy}
              onStart={(id) => onStart({ kind: 'words', id })}
            />
          ) : (
            <Link className="btn btn-outline-dark" to="/words">
              {t('lesson.findWordsFirst')}
            </Link>
          )}
        </Door>
        <Door
          icon={<BsBook aria-hidden="true" />}
          title={t('lesson.aText')}
          says={t('lesson.beforeWhileAndAfterReading')}
        >
          {texts.length > 0 ? (
            <ChosenDoor
              label={t('lesson.theText')}
              options={texts.map(({ id, title }) => [id, title] as const)}
              busy={busy}
              onStart={(id) => onStart({ kind: 'text', id })}
            />
          ) : (
            <Link className="btn btn-outline-dark" to="/texts">
              {t('lesson.bringATextIn')}
            </Link>
          )}
        </Door>
        <Door
          icon={<BsSignpost aria-hidden="true" />}
          title={t('lesson.aGrammarTarget')}
          says={t('lesson.itsRuleOnACard')}
        >
          <ChosenDoor
            label={t('lesson.theGrammarTarget')}
            options={grammarTargets.map((name) => [name, name] as const)}
            busy={busy}
            onStart={(id) => onStart({ kind: 'grammar', id })}
          />
        </Door>
        <Door
          icon={<BsImage aria-hidden="true" />}
          title={t('lesson.aPicture')}
          says={t('lesson.yourOwnPictureItsPlaces')}
        >
          {begin('picture')}
        </Door>
        <Door
          icon={<BsPersonLinesFill aria-hidden="true" />}
          title={t('lesson.namesToTrace')}
          says={t('lesson.aPageForEachLearner')}
        >
          {begin('names')}
        </Door>
        <Door
          icon={<BsPencil aria-hidden="true" />}
          title={t('lesson.aPieceOfWriting')}
          says={t('lesson.soManyWordsWithWords')}
        >
          {begin('writing')}
        </Door>
        <Door
          icon={<BsFileEarmark aria-hidden="true" />}
          title={t('lesson.anEmptyLesson')}
          says={t('lesson.fiveStagesWithNothingIn')}
        >
          {begin('blank')}
        </Door>
      </div>
    </div>
  );
}
