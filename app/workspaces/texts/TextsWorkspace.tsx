import { useId, useRef, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { Link, useFetcher } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { creditOf, textKinds, type ReadingText } from '~core/texts/reading-text';
import { wordsIn } from '~core/languages/shared/segment';
import type { ActionAnswer } from '~/routes/action-answer';
import { encodingName, readFileText } from '~/documents/read-file-text';
import { readDocx } from './bring-docx';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';
import { coreName } from '~/phrases/core-name';

const accept =
  '.txt,.md,.markdown,.html,.htm,.xhtml,.xml,.tei,.vtt,.docx,text/plain,text/html,text/vtt';

/** From so many characters a paste is held rather than shown: a field with more answers slowly. */
const LONG_PASTE = 150_000;

/** A paste, a typed text or a file; what was typed stays until it is in. */
function BringIn({ profile, open }: { profile: ClassProfile; open: boolean }) {
  const fetcher = useFetcher<ActionAnswer>();
  const id = useId();
  const [text, setText] = useState('');
  /** A paste that is too long for a field to show: kept beside it, and read whole. */
  const [held, setHeld] = useState('');
  const [title, setTitle] = useState('');
  const [problem, setProblem] = useState<string>();
  const [reading, setReading] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const working = reading || fetcher.state !== 'idle';
  const send = (body: object) => {
    setProblem(undefined);
    void fetcher.submit({ intent: 'bring', title, ...body } as never, {
      method: 'post',
      encType: 'application/json',
    });
  };
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const given = held === '' ? text : held;
    if (given.trim() === '') {
      setProblem(t('texts.thereIsNothingToBring'));
      return;
    }
    send({ text: given, fileName: '' });
  };
  const onFile = async (file: File | undefined) => {
    if (!file) return;
    setReading(true);
    try {
      if (file.size > 20 * 1024 * 1024) {
        throw new Error(t('texts.isLargerThan20Mb', { name: file.name }));
      }
      if (/\.docx$/i.test(file.name)) {
        const { html, notes } = await readDocx(file);
        send({ text: html, fileName: file.name, format: 'html', notes });
      } else {
        const { text: decoded, encoding } = await readFileText(file);
        send({
          text: decoded,
          fileName: file.name,
          ...(encoding === 'utf-8'
            ? {}
            : { notes: [t('texts.readAs', { encodingName: encodingName(encoding) })] }),
        });
      }
    } catch (error) {
      setProblem(error instanceof Error ? error.message : t('texts.theFileCouldNotBe2'));
    } finally {
      setReading(false);
      if (field.current) field.current.value = '';
    }
  };
  const message = problem ?? (fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined);
  return (
    <details className="card-paper" open={open}>
      <summary className="h5 mb-0">{t('texts.bringInAText')}</summary>
      <form onSubmit={onSubmit} className="mt-3">
        <label htmlFor={`${id}-text`} className="form-label">
          {t('texts.pasteOrTypeItHere')}
        </label>
        <textarea
          id={`${id}-text`}
          className="form-control learner-text mb-1"
          rows={9}
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          onPaste={(event) => {
            const pasted = event.clipboardData.getData('text/plain');
            if (pasted.length < LONG_PASTE) return;
            event.preventDefault();
            setHeld(pasted);
          }}
          aria-describedby={`${id}-help`}
        />
        {held !== '' && (
          <p className="message message--note" role="status">
            {t('texts.aPasteOfCharactersIs', {
              held: held.length.toLocaleString(locale),
              heldA: held.trim().slice(0, 60),
            })}{' '}
            <button type="button" className="btn btn-link btn-sm p-0" onClick={() => setHeld('')}>
              {t('texts.putItAway')}
            </button>
          </p>
        )}
        <p className="quiet small" id={`${id}-help`}>
          {t('texts.anEmptyLineEndsA2')}
        </p>
        <div className="row g-3 align-items-end">
          <div className="col-md-5">
            <label htmlFor={`${id}-title`} className="form-label">
              {t('texts.title')}
            </label>
            <input
              id={`${id}-title`}
              className="form-control"
              maxLength={200}
              value={title}
              placeholder={t('texts.takenFromTheTextWhere')}
              onChange={(event) => setTitle(event.currentTarget.value)}
            />
          </div>
          <div className="col-auto">
            <Button type="submit" disabled={working}>
              {working ? t('texts.reading') : t('texts.readItFor', { name: profile.name })}
            </Button>
          </div>
        </div>
        <hr />
        <label htmlFor={`${id}-file`} className="form-label">
          {t('texts.orChooseAFilePlain')}
        </label>
        <input
          id={`${id}-file`}
          ref={field}
          className="form-control"
          type="file"
          accept={accept}
          disabled={working}
          onChange={(event) => void onFile(event.currentTarget.files?.[0])}
        />
        {message && (
          <p className="message mt-3 mb-0" role="alert">
            {message}
          </p>
        )}
      </form>
    </details>
  );
}

function TextCard({ text }: { text: ReadingText }) {
  const fetcher = useFetcher<ActionAnswer>();
  const words = wordsIn(text.body).length;
  const begin = text.body.replace(/^#.*$/gm, '').trim().slice(0, 170);
  return (
    <section className="card-paper text-card">
      <h2 className="h5 mb-1">
        <Link to={`/texts/${text.id}`}>{text.title}</Link>
      </h2>
      <p className="quiet small mb-2">{creditOf(text) || t('texts.noSourceGiven')}</p>
      <p className="text-card__begin" lang={text.language}>
        {begin}
        {text.body.length > begin.length ? ' …' : ''}
      </p>
      <p className="quiet mb-2">
        {t('texts.words2', {
          textKinds: coreName(textKinds[text.kind]),
          words: words.toLocaleString(locale),
        })}
        {text.annotations.length > 0 && t('texts.marks3', { annotations: text.annotations.length })}
      </p>
      <button
        type="button"
        className="btn btn-sm btn-outline-dark"
        aria-label={t('texts.remove', { title: text.title })}
        onClick={() =>
          void fetcher.submit({ intent: 'remove', id: text.id, title: text.title } as never, {
            method: 'post',
            encType: 'application/json',
          })
        }
      >
        {t('texts.remove2')}
      </button>
    </section>
  );
}

/** The texts of a class, and where a new one comes in. */
export function TextsWorkspace({
  profile,
  texts,
}: {
  profile: ClassProfile;
  texts: readonly ReadingText[];
}) {
  return (
    <div className="page">
      <h1>{t('texts.textsFor', { name: profile.name })}</h1>
      {texts.length === 0 && (
        <p className="lead">{t('texts.noTextYetBringOne', { name: profile.name })}</p>
      )}
      {texts.length > 0 && (
        <div className="tiles my-3">
          {texts.map((text) => (
            <TextCard key={text.id} text={text} />
          ))}
        </div>
      )}
      <BringIn profile={profile} open={texts.length === 0} />
    </div>
  );
}
