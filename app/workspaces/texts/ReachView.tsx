import { useState } from 'react';
import { Button } from 'react-bootstrap';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ReachSpan, TextReach } from '~core/texts/fit/text-reach';
import type { ReadingText } from '~core/texts/reading-text';
import { ReachTag } from '~/ui/ReachTag';
import { engine } from '~/workers/engine.client';
import { type Layer } from './ShownText';
import { TextSheet } from './TextSheet';
import { textParts } from './text-parts';
import type { Send } from './send';
import { ShortMeasures } from './ShortMeasures';
import { packOf, speaks } from '~core/languages/registry/registry';
import { readsByCourse } from '~core/texts/fit/course-text-reach';
import { hasCourseForms } from '~core/reach/course-reach';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const keyOf = (span: ReachSpan) => `${span.kind}-${span.start}`;

/** A gloss to write, begun with the meaning that fits here. */
function GlossField({
  text,
  span,
  profile,
  send,
}: {
  text: ReadingText;
  span: ReachSpan;
  profile: ClassProfile;
  send: Send;
}) {
  const present =
    text.glosses.find(({ word }) => word.toLowerCase() === span.text.toLowerCase())?.text ?? '';
  const [said, setSaid] = useState(present);
  const [asking, setAsking] = useState(false);
  const suggest = async () => {
    setAsking(true);
    const meaning = await engine().meaningHere(text.body, span, profile);
    setAsking(false);
    setSaid(meaning === '' ? '' : meaning);
  };
  return (
    <div className="mt-2">
      <label className="d-block small">
        {t('texts.gloss')}
        <input
          className="form-control form-control-sm"
          value={said}
          maxLength={200}
          placeholder={t('texts.whatItMeansInA')}
          onChange={(event) => setSaid(event.currentTarget.value)}
        />
      </label>
      <div className="d-flex gap-2 mt-1">
        <Button
          size="sm"
          variant="outline-dark"
          disabled={said.trim() === ''}
          onClick={() => send({ intent: 'gloss', word: span.text, text: said.trim() })}
        >
          {t('texts.glossIt')}
        </Button>
        <Button size="sm" variant="link" disabled={asking} onClick={() => void suggest()}>
          {asking ? t('texts.looking') : t('texts.suggestAMeaning')}
        </Button>
      </div>
    </div>
  );
}

function HurdleCard({
  text,
  span,
  times,
  profile,
  send,
  lit,
  onOpen,
}: {
  text: ReadingText;
  span: ReachSpan;
  times: number;
  profile: ClassProfile;
  send: Send;
  lit: boolean;
  onOpen: () => void;
}) {
  const { start, end, reasons, swaps } = span;
  const word = span.kind === 'word';
  return (
    <article
      className={`check-card${lit ? ' check-card--lit' : ''}`}
      aria-label={`${span.text.slice(0, 60)}: ${coreName(span.reach)}`}
    >
      <div className="d-flex justify-content-between align-items-baseline gap-2">
        <button
          type="button"
          className={`check-card__word check-card__open reach-${span.reach}`}
          aria-expanded={lit}
          onClick={onOpen}
        >
          {word ? span.text : span.kind === 'sentence' ? `${span.text.slice(0, 44)} …` : span.text}
        </button>
        <span className="text-nowrap">
          {times > 1 && <span className="quiet small">{t('texts.times', { times })} </span>}
          <ReachTag reach={span.reach} />
        </span>
      </div>
      <ul>
        {reasons.map((reason) => (
          <li key={reason.text}>{reason.text}</li>
        ))}
      </ul>
      {word && swaps.length > 0 && (
        <ul className="chips" aria-label={t('texts.swapFor', { text: span.text })}>
          {swaps.map((swap) => (
            <li key={swap.word}>
              <button
                type="button"
                className="chip"
                title={swap.why}
                aria-label={t('texts.swapFor2', { text: span.text, word: swap.word })}
                onClick={() =>
                  send({ intent: 'swap', start, end, word: swap.word, was: text.body })
                }
              >
                {swap.word}
              </button>
            </li>
          ))}
        </ul>
      )}
      {word && lit && (
        <>
          <GlossField text={text} span={span} profile={profile} send={send} />
          <div className="d-flex flex-wrap gap-3 mt-2">
            <button
              type="button"
              className="btn btn-link btn-sm p-0"
              onClick={() => send({ intent: 'boxed', word: span.text, boxed: true })}
            >
              {t('texts.putInTheWordBox')}
            </button>
            <button
              type="button"
              className="btn btn-link btn-sm p-0"
              onClick={() => send({ intent: 'accepted', word: span.text, accepted: true })}
            >
              {t('texts.leaveAsItIs')}
            </button>
            <button
              type="button"
              className="btn btn-link btn-sm p-0"
              onClick={() => send({ intent: 'known', word: span.text.toLowerCase() })}
            >
              {t('texts.countAsKnown')}
            </button>
          </div>
        </>
      )}
    </article>
  );
}

/** What was settled for this text, and how to take it back. */
function Settled({ text, send }: { text: ReadingText; send: Send }) {
  const groups = [
    [
      t('texts.glossed'),
      text.glosses.map(({ word, text: said }) => [word, `${word}: ${said}`] as const),
      (word: string) => send({ intent: 'gloss', word, text: '' }),
    ],
    [
      t('texts.inTheWordBox'),
      text.boxed.map((word) => [word, word] as const),
      (word: string) => send({ intent: 'boxed', word, boxed: false }),
    ],
    [
      t('texts.leftAsTheyAre'),
      text.accepted.map((word) => [word, word] as const),
      (word: string) => send({ intent: 'accepted', word, accepted: false }),
    ],
  ] as const;
  return groups.map(([name, words, take]) =>
    words.length === 0 ? null : (
      <div key={name}>
        <h3>
          {name} · {words.length}
        </h3>
        <ul className="chips">
          {words.map(([word, shown]) => (
            <li key={word}>
              <button
                type="button"
                className="chip chip--plain"
                aria-label={t('texts.takeBack', { word })}
                onClick={() => take(word)}
              >
                {shown} ×
              </button>
            </li>
          ))}
        </ul>
      </div>
    ),
  );
}

export interface ReachViewProps {
  readonly text: ReadingText;
  readonly profile: ClassProfile;
  readonly found: TextReach;
  readonly send: Send;
}

/** Every word, sentence and structure past the class, in its place, with what can be done. */
export function ReachView({ text, profile, found, send }: ReachViewProps) {
  const parts = textParts(text.body);
  const [at, setAt] = useState(0);
  const part = parts[Math.min(at, parts.length - 1)] ?? { start: 0, end: 0 };
  const [lit, setLit] = useState<string>();
  const words = found.spans.filter(({ kind }) => kind === 'word');
  const firsts = [
    ...new Map([...words].reverse().map((span) => [span.text.toLowerCase(), span])).values(),
  ];
  const counts = new Map<string, number>();
  for (const span of words) {
    const key = span.text.toLowerCase();
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  const times = (span: ReachSpan) => counts.get(span.text.toLowerCase()) ?? 1;
  const open = found.spans.find((span) => keyOf(span) === lit);
  // The card of an opened place stands for that place; the others for the first one.
  const cards = firsts
    .map((span) =>
      open?.kind === 'word' && open.text.toLowerCase() === span.text.toLowerCase() ? open : span,
    )
    .sort(
      (left, right) =>
        Number(right.reach === 'beyond') - Number(left.reach === 'beyond') ||
        left.start - right.start,
    );
  const longer = found.spans.filter(({ kind }) => kind !== 'word');
  const layers = found.spans
    .filter((span) => span.end > part.start && span.start < part.end)
    .map((span): Layer => ({
      start: span.start,
      end: span.end,
      id: keyOf(span),
      className: span.kind === 'word' ? `reach-${span.reach}` : `reach-${span.kind}`,
      says: `${coreName(span.reach)}. ${span.reasons.map((reason) => reason.text).join(' ')}`,
      onPick: () => setLit(keyOf(span)),
    }));
  const checked = speaks(text.language, 'words') || readsByCourse(text.language, profile);
  return (
    <>
      <TextSheet text={text} parts={parts} at={at} onTurn={setAt} layers={layers} lit={lit} />
      <aside className="check-panel" aria-label={t('texts.checkFor', { name: profile.name })}>
        <h2>{t('texts.checkFor', { name: profile.name })}</h2>
        <ShortMeasures text={text} profile={profile} found={found} />
        {!checked && (
          <p className="message message--note">
            {hasCourseForms(text.language)
              ? t('texts.openItForAClass', { name: packOf(text.language).name })
              : t('texts.whatAClassReadsIn', { name: packOf(text.language).name })}
          </p>
        )}
        {checked && found.spans.length === 0 && found.total > 0 && (
          <p className="check-card">{t('texts.everyWordAndSentenceIs')}</p>
        )}
        {cards.length > 0 && <h3>{t('texts.wordsPastReach', { cards: cards.length })}</h3>}
        {cards.slice(0, 80).map((span) => (
          <HurdleCard
            key={span.text.toLowerCase()}
            text={text}
            span={span}
            times={times(span)}
            profile={profile}
            send={send}
            lit={lit === keyOf(span)}
            onOpen={() => setLit(lit === keyOf(span) ? undefined : keyOf(span))}
          />
        ))}
        {cards.length > 80 && (
          <p className="quiet">{t('texts.moreStandInTheText', { cards: cards.length - 80 })}</p>
        )}
        {longer.length > 0 && (
          <h3>{t('texts.longSentencesAndHardStructures', { longer: longer.length })}</h3>
        )}
        {longer.slice(0, 40).map((span) => (
          <HurdleCard
            key={keyOf(span)}
            text={text}
            span={span}
            times={1}
            profile={profile}
            send={send}
            lit={lit === keyOf(span)}
            onOpen={() => setLit(keyOf(span))}
          />
        ))}
        <Settled text={text} send={send} />
      </aside>
    </>
  );
}
