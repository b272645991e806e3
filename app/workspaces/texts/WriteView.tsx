import { useEffect, useRef, useState } from 'react';
import { languageNames } from '~core/languages/registry/registry';
import { sectionsIn, type Span } from '~core/languages/shared/segment';
import { textKinds, type ReadingText } from '~core/texts/reading-text';
import type { TextFact } from '~/operations/text-operations';
import { AutoField } from '~/ui/AutoField';
import { PartPager } from './ShownText';
import type { Send } from './send';
import { textParts } from './text-parts';

const SAVE_AFTER = 1200;
/** From so many characters a text is written part by part: a field with more answers slowly. */
const WHOLE = 60_000;

/**
 * A part of the text to write in: saved while it is written in, when it is left
 * and when the page goes away. What is sent is the text as this field has it, with
 * the revision it was drawn from, so that what another tab wrote elsewhere stays.
 */
function BodyField({ text, part, send }: { text: ReadingText; part: Span; send: Send }) {
  const { body, revision } = text;
  const shown = body.slice(part.start, part.end);
  const [draft, setDraft] = useState(shown);
  /** The text that the draft was last in step with, and where the part stood in it. */
  const seen = useRef({ body, part, revision });
  const latest = useRef(shown);
  const sent = useRef<string>(undefined);
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    const before = seen.current;
    const was = before.body.slice(before.part.start, before.part.end);
    // What another view or tab wrote shows at once, unless something here is still to be saved.
    if (latest.current === was || latest.current === shown || body === sent.current) {
      const typed = body === sent.current ? latest.current : shown;
      seen.current = { body, part, revision };
      latest.current = typed;
      sent.current = undefined;
      setDraft(typed);
    }
  }, [body, part, revision, shown]);
  const save = () => {
    clearTimeout(waiting.current);
    waiting.current = undefined;
    const { body: from, part: place, revision: on } = seen.current;
    const whole = from.slice(0, place.start) + latest.current + from.slice(place.end);
    if (whole === from || whole === sent.current) return;
    sent.current = whole;
    send({ intent: 'body', body: whole, ...(on === undefined ? {} : { revision: on }) });
  };
  const saveNow = useRef(save);
  saveNow.current = save;
  useEffect(() => {
    const flush = () => saveNow.current();
    const onHidden = () => document.visibilityState === 'hidden' && flush();
    window.addEventListener('pagehide', flush);
    document.addEventListener('visibilitychange', onHidden);
    return () => {
      window.removeEventListener('pagehide', flush);
      document.removeEventListener('visibilitychange', onHidden);
      flush();
    };
  }, []);
  return (
    <>
      <textarea
        className="form-control learner-text write-field"
        aria-label="The text"
        lang={text.language}
        dir="auto"
        value={draft}
        onChange={(event) => {
          latest.current = event.currentTarget.value;
          setDraft(latest.current);
          // Counted from the first key, not the last: it is kept although the typing goes on.
          waiting.current ??= setTimeout(() => saveNow.current(), SAVE_AFTER);
        }}
        onBlur={save}
      />
      <p className="quiet small mt-1 mb-0">
        An empty line ends a paragraph or a stanza; a line that begins with # is the heading of a
        section. Furigana: 漢字《かんじ》.
      </p>
    </>
  );
}

const facts: readonly (readonly [TextFact, string])[] = [
  ['title', 'Title'],
  ['author', 'Author'],
  ['year', 'Year'],
  ['source', 'Source'],
  ['licence', 'Licence'],
];

/** Which sections the class has got so far. */
function Sections({ text, send }: { text: ReadingText; send: Send }) {
  const sections = sectionsIn(text.body);
  if (sections.length < 2)
    return (
      <p className="quiet small">
        The text has one section. Headings that begin with # make more, to be given to the class one
        at a time.
      </p>
    );
  const given = text.released ?? sections.length;
  return (
    <fieldset>
      <legend className="h6">
        The class has got {given === sections.length ? 'all' : `${given} of ${sections.length}`}{' '}
        sections
      </legend>
      <ol className="list-unstyled">
        {sections.map(({ title, start }, index) => (
          <li key={start}>
            <label className="form-check">
              <input
                type="checkbox"
                className="form-check-input"
                checked={index < given}
                onChange={(event) => {
                  const count = event.currentTarget.checked ? index + 1 : index;
                  send({ intent: 'released', released: count === sections.length ? null : count });
                }}
              />
              <span className="form-check-label">{title || 'Beginning'}</span>
            </label>
          </li>
        ))}
      </ol>
    </fieldset>
  );
}

/** The text to write in, and all that is known of it. */
export function WriteView({ text, send }: { text: ReadingText; send: Send }) {
  const [at, setAt] = useState(0);
  // A short text is written as one.
  const parts =
    text.body.length < WHOLE ? [{ start: 0, end: text.body.length }] : textParts(text.body);
  const part = parts[Math.min(at, parts.length - 1)] ?? { start: 0, end: 0 };
  return (
    <>
      <div className="text-sheet">
        <PartPager parts={parts} at={at} onTurn={setAt} />
        <BodyField key={at} text={text} part={part} send={send} />
      </div>
      <aside className="check-panel" aria-label="About this text">
        <h2>About this text</h2>
        {facts.map(([fact, name]) => (
          <div key={fact} className="mb-2 small">
            {name}
            <AutoField
              label={name}
              className="form-control form-control-sm"
              value={text[fact]}
              payload={(value) => ({ intent: 'fact', fact, value })}
            />
          </div>
        ))}
        <label className="d-block mb-2 small">
          Kind
          <select
            className="form-select form-select-sm"
            value={text.kind}
            onChange={(event) =>
              send({ intent: 'fact', fact: 'kind', value: event.currentTarget.value })
            }
          >
            {Object.entries(textKinds).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="d-block mb-3 small">
          Language
          <select
            className="form-select form-select-sm"
            value={text.language}
            onChange={(event) =>
              send({ intent: 'fact', fact: 'language', value: event.currentTarget.value })
            }
          >
            {Object.entries(languageNames()).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Sections text={text} send={send} />
      </aside>
    </>
  );
}
