import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsPrinter, BsUiChecks } from 'react-icons/bs';
import type { ClassProfile } from '~core/classes/class-profile';
import type { LitForm, LitText } from '~core/languages/en/grammar/find/light-up';
import { structureTable } from '~core/languages/en/grammar/structures/structure-table';
import { withoutFurigana } from '~core/languages/ja/furigana';
import { lightUpJapanese } from '~core/languages/ja/light-up';
import { packOf } from '~core/languages/registry/registry';
import { withSmallWords } from '~core/languages/romance/small-words';
import { structureReach } from '~core/reach/structure-reach';
import type { ReadingText } from '~core/texts/reading-text';
import { ReachTag } from '~/ui/ReachTag';
import { engine } from '~/workers/engine.client';
import { analyseJapanese } from './analyse-japanese';
import type { Send } from './send';
import { type Layer } from './ShownText';
import { TextSheet } from './TextSheet';
import { textParts } from './text-parts';
import { useAsked } from './use-engine';
import { t } from '~/phrases/t';

/** Forms that can be lit together, each with a line of its own. */
const MOST_LIT = 4;
const groups = [t('texts.wordClasses'), t('texts.verbsAndClauses')] as const;
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Where in the text a form stands: a stroke for each. */
function AlongText({ form, length, nth }: { form: LitForm; length: number; nth: number }) {
  return (
    <svg
      className={`along along--${nth}`}
      viewBox="0 0 300 14"
      preserveAspectRatio="none"
      role="img"
      aria-label={t('texts.alongTheText', { places: form.places.length })}
    >
      <line x1="0" y1="13" x2="300" y2="13" />
      {form.places.map(({ start }, at) => (
        <line
          key={at}
          x1={(300 * start) / Math.max(1, length)}
          x2={(300 * start) / Math.max(1, length)}
          y1="1"
          y2="13"
        />
      ))}
    </svg>
  );
}

/** Each form with the word that a dictionary has for it. */
function BaseForms({ form }: { form: LitForm }) {
  const rows = [...new Map(form.places.map((place) => [place.text, place])).values()];
  return (
    <ul className="list-unstyled small mt-1 mb-0" lang="ja">
      {rows.slice(0, 12).map(({ text, full, sure }) => (
        <li key={text}>
          <span className="learner-text">{text}</span>
          {full !== undefined && full !== text && <span className="quiet"> · {full}</span>}
          {!sure && (
            <span className="quiet" lang="en">
              {' '}
              {t('texts.pleaseCheck')}
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Sentences of the text in two tenses side by side, with the reason for each. */
function Contrast({ lit }: { lit: LitText }) {
  const names = [...new Set(lit.tenses.map(({ tense }) => tense))].sort(
    (left, right) =>
      lit.tenses.filter(({ tense }) => tense === right).length -
      lit.tenses.filter(({ tense }) => tense === left).length,
  );
  const [pair, setPair] = useState<readonly [string, string]>([names[0] ?? '', names[1] ?? '']);
  if (names.length < 2) return null;
  return (
    <section className="tense-contrast" aria-labelledby="contrast">
      <h3 id="contrast">{t('texts.twoTensesSideBySide')}</h3>
      <div className="tense-contrast__columns">
        {([0, 1] as const).map((side) => {
          const tense = names.includes(pair[side]) ? pair[side] : (names[side] ?? '');
          const examples = lit.tenses.filter((example) => example.tense === tense);
          return (
            <div key={side}>
              <select
                className="form-select form-select-sm"
                aria-label={side === 0 ? t('texts.leftTense') : t('texts.rightTense')}
                value={tense}
                onChange={(event) => {
                  const chosen = event.currentTarget.value;
                  setPair(side === 0 ? [chosen, pair[1]] : [pair[0], chosen]);
                }}
              >
                {names.map((name) => (
                  <option key={name} value={name}>
                    {capital(name)}
                  </option>
                ))}
              </select>
              <p className="small quiet mb-1">{examples[0]?.why}</p>
              <ul>
                {examples.slice(0, 6).map(({ start, text, verb, sure }) => (
                  <li key={start}>
                    {text} <b>{verb}</b>
                    {!sure && <span className="quiet"> {t('texts.pleaseCheck')}</span>}
                  </li>
                ))}
              </ul>
            </div>
          );
        })}
      </div>
    </section>
  );
}

/** Word classes and structures lit in the text, counted along it, and turned into an exercise. */
export function GrammarView({
  text,
  profile,
  send,
}: {
  text: ReadingText;
  profile: ClassProfile;
  send: Send;
}) {
  const parts = textParts(text.body);
  const [at, setAt] = useState(0);
  const part = parts[Math.min(at, parts.length - 1)] ?? { start: 0, end: 0 };
  const [chosen, setChosen] = useState<readonly string[]>([
    packOf(text.language).can.has('furigana')
      ? t('texts.passiveForms')
      : withSmallWords(text.language)
        ? 'contractions'
        : t('texts.pastSimple'),
  ]);
  const analysed = packOf(text.language).can.has('furigana');
  const asked = useAsked(async (): Promise<LitText> => {
    const body = text.body.slice(part.start, part.end);
    if (analysed) {
      // Its places are those of the text as it stands, furigana and all.
      const tokens = await analyseJapanese(withoutFurigana(body));
      return { forms: lightUpJapanese(body, tokens), tenses: [], doubts: 0 };
    }
    return engine().grammar({ body, kind: text.kind, language: text.language }, profile);
  }, [text.body, text.kind, text.language, part.start, part.end, profile]);
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  if (asked.state === 'working') return <p role="status">{t('texts.readingTheSentences')}</p>;
  const lit = asked.value;
  const shown = chosen.filter((name) => lit.forms.some((form) => form.name === name));
  const layers = shown.flatMap((name, nth): Layer[] => {
    const form = lit.forms.find((each) => each.name === name);
    return (form?.places ?? []).flatMap((place) =>
      (place.parts ?? [place]).map(({ start, end }) => ({
        start: part.start + start,
        end: part.start + end,
        id: `${name} ${place.start} ${start}`,
        className: `lit lit--${nth}`,
        says: `${capital(name)}${place.full ? t('texts.standsFor', { full: place.full }) : ''}${place.sure ? '' : t('texts.pleaseCheck2')}`,
      })),
    );
  });
  // What an English text has is spotted; the small words of another language are written in.
  const exercise = withSmallWords(text.language) ? 'small-words' : 'spot-form';
  const toggle = (name: string) =>
    setChosen(
      chosen.includes(name)
        ? chosen.filter((each) => each !== name)
        : [...shown.slice(shown.length >= MOST_LIT ? 1 : 0), name],
    );
  return (
    <>
      <TextSheet text={text} parts={parts} at={at} onTurn={setAt} layers={layers}>
        <Contrast key={part.start} lit={lit} />
      </TextSheet>
      <aside className="check-panel" aria-label={t('texts.grammar')}>
        <h2>{t('texts.grammar')}</h2>
        {lit.forms.length === 0 && <p className="quiet">{t('texts.grammarIsFoundInEnglish')}</p>}
        {shown.map((name, nth) => {
          const form = lit.forms.find((each) => each.name === name) as LitForm;
          return (
            <div key={name} className="check-card">
              <strong className={`lit lit--${nth}`}>{capital(name)}</strong> · {form.places.length}
              <AlongText form={form} length={part.end - part.start} nth={nth} />
              {analysed ? (
                <BaseForms form={form} />
              ) : (
                <Button
                  size="sm"
                  variant="outline-dark"
                  className="mt-1"
                  onClick={() => send({ intent: 'ask', maker: exercise, grammar: name })}
                >
                  <BsUiChecks aria-hidden="true" />{' '}
                  {exercise === 'spot-form'
                    ? t('texts.makeASpotItExercise')
                    : t('texts.makeAnExerciseOfIt')}
                </Button>
              )}
            </div>
          );
        })}
        {shown.length > 0 && (
          <Button
            size="sm"
            variant="outline-dark"
            className="mb-2"
            onClick={() =>
              send({
                intent: 'reading',
                reading: { grammar: shown },
                label: t('texts.underlinedOnPaper', { shown: shown.join(', ') }),
              })
            }
          >
            <BsPrinter aria-hidden="true" />{' '}
            {t('texts.underlineItOnPaper', { count: shown.length })}
          </Button>
        )}
        {lit.doubts > 0 && (
          <p className="message message--note small">
            {t('texts.oneSentenceCanBeRead', { count: lit.doubts })}
          </p>
        )}
        {groups.map((group) => {
          const forms = lit.forms.filter((form) => form.group === group);
          return forms.length === 0 ? null : (
            <section key={group}>
              <h3>{group}</h3>
              <div className="form-chips">
                {forms.map(({ name, places }) => {
                  const row = structureTable.find((each) => each.name === name);
                  const reach = row ? structureReach(row, profile).reach : 'secure';
                  return (
                    <button
                      key={name}
                      type="button"
                      className="form-chip"
                      aria-pressed={shown.includes(name)}
                      onClick={() => toggle(name)}
                    >
                      {capital(name)} <span className="quiet">{places.length}</span>
                      {reach !== 'secure' && <ReachTag reach={reach} />}
                    </button>
                  );
                })}
              </div>
            </section>
          );
        })}
      </aside>
    </>
  );
}
