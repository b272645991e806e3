import { useRef, useState } from 'react';
import { useFetcher, useFormAction } from 'react-router';
import { languageNames, packOf } from '~core/languages/registry/registry';
import { sectionsIn, type Span } from '~core/languages/shared/segment';
import { textKinds, type ReadingText } from '~core/texts/reading-text';
import type { TextFact } from '~/operations/text-operations';
import type { ActionAnswer } from '~/routes/action-answer';
import { AutoField } from '~/ui/AutoField';
import { Clash } from '~/ui/Clash';
import { Restored } from '~/ui/Restored';
import { useSavedText } from '~/ui/use-saved-text';
import { JapaneseTools } from './JapaneseTools';
import { PartPager } from './ShownText';
import type { Send } from './send';
import { textParts } from './text-parts';
import { t } from '~/phrases/t';
import { namesIn } from '~/phrases/core-name';

/** From so many characters a text is written part by part: a field with more answers slowly. */
const WHOLE = 60_000;

/** What an edit of a part is made on: the whole text, where the part stood in it, and its revision. */
interface PartBasis {
  readonly body: string;
  readonly start: number;
  readonly end: number;
  readonly revision: number | undefined;
}

/**
 * A part of the text to write in. What is sent is the whole text with the part as
 * this field has it, and the revision it was drawn from, so that what another tab
 * wrote elsewhere stays.
 */
function BodyField({ text, part }: { text: ReadingText; part: Span }) {
  const fetcher = useFetcher<ActionAnswer>();
  // What is saved as the screen is left must not reach the next one.
  const action = useFormAction();
  /** What was sent last: as it comes back, the part is what was typed, wherever parts divide now. */
  const own = useRef<{ readonly body: string; readonly start: number; readonly text: string }>(
    undefined,
  );
  const { body, revision } = text;
  const mine = own.current?.body === body ? own.current : undefined;
  const start = mine?.start ?? part.start;
  const end = mine ? mine.start + mine.text.length : part.end;
  const failed = fetcher.data && !fetcher.data.ok ? fetcher.data : undefined;
  const clash = failed?.conflict;
  const submit = (whole: string, on: number | undefined) =>
    void fetcher.submit(
      { intent: 'body', body: whole, ...(on === undefined ? {} : { revision: on }) } as never,
      { method: 'post', encType: 'application/json', action },
    );
  const field = useSavedText<PartBasis>({
    name: `The text#${part.start}`,
    value: body.slice(start, end),
    basis: { body, start, end, revision },
    failed: failed && (failed.full ? 'no room' : clash ? 'clash' : 'refused'),
    send: (typed, basis) => {
      const whole = basis.body.slice(0, basis.start) + typed + basis.body.slice(basis.end);
      own.current = { body: whole, start: basis.start, text: typed };
      submit(whole, basis.revision);
    },
  });
  const wholeNow = () => body.slice(0, start) + field.draft + body.slice(end);
  return (
    <>
      <textarea
        className="form-control learner-text write-field"
        aria-label={t('texts.theText')}
        lang={text.language}
        dir="auto"
        value={field.draft}
        onFocus={field.onFocus}
        onChange={(event) => field.type(event.currentTarget.value)}
        onBlur={field.onBlur}
      />
      {field.restored && <Restored {...field.restored} />}
      {failed && !clash && (
        <p className="message mt-1 mb-0" role="alert">
          {failed.message}
        </p>
      )}
      {clash && (
        <Clash
          clash={clash}
          onMine={() => submit(wholeNow(), clash.revision)}
          onTheirs={() => {
            field.settle(body.slice(part.start, part.end), { body, ...part, revision });
            void fetcher.reset();
          }}
          {...(clash.both === undefined
            ? {}
            : { onBoth: () => submit(clash.both ?? '', clash.revision) })}
        />
      )}
      <p className="quiet small mt-1 mb-0">{t('texts.anEmptyLineEndsA')}</p>
    </>
  );
}

const facts: readonly (readonly [TextFact, string])[] = [
  ['title', t('texts.title')],
  ['author', t('texts.author')],
  ['year', t('texts.year')],
  ['source', t('texts.source')],
  ['licence', t('texts.licence')],
];

/** Which sections the class has got so far. */
function Sections({ text, send }: { text: ReadingText; send: Send }) {
  const sections = sectionsIn(text.body);
  if (sections.length < 2) return <p className="quiet small">{t('texts.theTextHasOneSection')}</p>;
  const given = text.released ?? sections.length;
  return (
    <fieldset>
      <legend className="h6">
        {t('texts.theClassHasGotSections', {
          which:
            given === sections.length
              ? t('texts.all')
              : t('texts.of2', { given, sections: sections.length }),
        })}
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
              <span className="form-check-label">{title || t('texts.beginning')}</span>
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
        <BodyField key={at} text={text} part={part} />
      </div>
      <aside className="check-panel" aria-label={t('texts.aboutThisText')}>
        <h2>{t('texts.aboutThisText')}</h2>
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
          {t('texts.kind')}
          <select
            className="form-select form-select-sm"
            value={text.kind}
            onChange={(event) =>
              send({ intent: 'fact', fact: 'kind', value: event.currentTarget.value })
            }
          >
            {namesIn(textKinds).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="d-block mb-3 small">
          {t('texts.language')}
          <select
            className="form-select form-select-sm"
            value={text.language}
            onChange={(event) =>
              send({ intent: 'fact', fact: 'language', value: event.currentTarget.value })
            }
          >
            {namesIn(languageNames()).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {packOf(text.language).can.has('furigana') && <JapaneseTools text={text} send={send} />}
        <Sections text={text} send={send} />
      </aside>
    </>
  );
}
