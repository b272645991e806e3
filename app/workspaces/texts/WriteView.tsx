import { useEffect, useRef, useState } from 'react';
import { languages } from '~core/classes/choices';
import { sectionsIn, type Span } from '~core/texts/analysis/segment';
import { textKinds, type ReadingText } from '~core/texts/reading-text';
import type { TextFact } from '~/storage/text-operations';
import { AutoField } from '~/ui/AutoField';
import { PartPager } from './ShownText';
import type { Send } from './send';
import { textParts } from './text-parts';

const SAVE_AFTER = 1200;
/** From so many characters a text is written part by part: a field with more answers slowly. */
const WHOLE = 60_000;

/** A part of the text to write in: saved a moment after the last key, and when it is left. */
function BodyField({ text, part, send }: { text: ReadingText; part: Span; send: Send }) {
  const { body } = text;
  const shown = body.slice(part.start, part.end);
  const [draft, setDraft] = useState(shown);
  const seen = useRef(shown);
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);
  const latest = useRef(draft);
  useEffect(() => {
    // What another view or tab wrote shows at once, unless something here is still to be saved.
    if (latest.current === seen.current) {
      latest.current = shown;
      setDraft(shown);
    }
    seen.current = shown;
  }, [shown]);
  const save = () => {
    clearTimeout(waiting.current);
    if (latest.current === seen.current) return;
    const whole = (middle: string) => body.slice(0, part.start) + middle + body.slice(part.end);
    send({ intent: 'body', body: whole(latest.current), was: body });
    seen.current = latest.current;
  };
  // What was typed last is saved when the view closes.
  const saveNow = useRef(save);
  saveNow.current = save;
  useEffect(() => () => saveNow.current(), []);
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
          clearTimeout(waiting.current);
          waiting.current = setTimeout(() => saveNow.current(), SAVE_AFTER);
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
            {Object.entries(languages).map(([id, name]) => (
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
