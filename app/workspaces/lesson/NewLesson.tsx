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
        Begin
      </Button>
    </div>
  );
}

/** Every way to begin a lesson. */
export function NewLesson({ profile, lists, texts, busy, problem, onStart }: NewLessonProps) {
  const begin = (kind: StartKind) => (
    <Button disabled={busy} onClick={() => onStart({ kind })}>
      Begin
    </Button>
  );
  return (
    <div className="page">
      <h1>A new lesson for {profile.name}</h1>
      <p className="quiet" role="status">
        {busy
          ? 'The lesson is being made …'
          : 'Begin with what you have. The stages are filled for you, and each part can be exchanged.'}
      </p>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <div className="tiles mt-3">
        <Door
          icon={<BsFonts aria-hidden="true" />}
          title="Words"
          says="A list of yours: recalled, modelled, practised together and alone."
        >
          {lists.length > 0 ? (
            <ChosenDoor
              label="The list"
              options={lists.map(
                ({ id, name, words }) => [id, `${name} (${words.length})`] as const,
              )}
              busy={busy}
              onStart={(id) => onStart({ kind: 'words', id })}
            />
          ) : (
            <Link className="btn btn-outline-dark" to="/words">
              Find words first
            </Link>
          )}
        </Door>
        <Door
          icon={<BsBook aria-hidden="true" />}
          title="A text"
          says="Before, while and after reading, with questions and their keys."
        >
          {texts.length > 0 ? (
            <ChosenDoor
              label="The text"
              options={texts.map(({ id, title }) => [id, title] as const)}
              busy={busy}
              onStart={(id) => onStart({ kind: 'text', id })}
            />
          ) : (
            <Link className="btn btn-outline-dark" to="/texts">
              Bring a text in
            </Link>
          )}
        </Door>
        <Door
          icon={<BsSignpost aria-hidden="true" />}
          title="A grammar target"
          says="Its rule on a card, found in sentences, practised, used in writing."
        >
          <ChosenDoor
            label="The grammar target"
            options={grammarTargets.map((name) => [name, name] as const)}
            busy={busy}
            onStart={(id) => onStart({ kind: 'grammar', id })}
          />
        </Door>
        <Door
          icon={<BsImage aria-hidden="true" />}
          title="A picture"
          says="Your own picture, its places named, then written about."
        >
          {begin('picture')}
        </Door>
        <Door
          icon={<BsPersonLinesFill aria-hidden="true" />}
          title="Names to trace"
          says="A page for each learner with her own name in your school’s hand."
        >
          {begin('names')}
        </Door>
        <Door
          icon={<BsPencil aria-hidden="true" />}
          title="A piece of writing"
          says="So many words, with words and structures that must be in it."
        >
          {begin('writing')}
        </Door>
        <Door
          icon={<BsFileEarmark aria-hidden="true" />}
          title="An empty lesson"
          says="Five stages with nothing in them yet."
        >
          {begin('blank')}
        </Door>
      </div>
    </div>
  );
}
