import { useRef, type ReactNode } from 'react';
import {
  headingText,
  isHeading,
  linesIn,
  paragraphsIn,
  type Span,
} from '~core/languages/shared/segment';
import { readRuby } from '~core/sheets/reading/ruby';
import { t } from '~/phrases/t';

/** Something that is shown on a stretch of the text. */
export interface Layer extends Span {
  readonly id: string;
  readonly className: string;
  /** Read by a screen reader, and shown when it is pointed at. */
  readonly says: string;
  readonly onPick?: () => void;
}

export interface ShownTextProps {
  readonly body: string;
  readonly verse: boolean;
  readonly language: string;
  readonly part: Span;
  readonly layers: readonly Layer[];
  /** The layer that is open. */
  readonly lit?: string | undefined;
  /** What stands beside a line: its stress, its rhyme. */
  readonly beside?: (line: Span, number: number) => ReactNode;
  /** Called with a stretch that was selected with mouse, touch or keyboard. */
  readonly onSelect?: (span: Span) => void;
}

interface Run extends Span {
  readonly layers: readonly Layer[];
}

function runsOf(line: Span, layers: readonly Layer[]): Run[] {
  const inside = layers.filter((layer) => layer.start < line.end && layer.end > line.start);
  const cuts = new Set([line.start, line.end]);
  for (const layer of inside) {
    cuts.add(Math.max(line.start, layer.start));
    cuts.add(Math.min(line.end, layer.end));
  }
  const places = [...cuts].sort((left, right) => left - right);
  return places.slice(0, -1).map((start, index) => {
    const end = places[index + 1] ?? line.end;
    return {
      start,
      end,
      layers: inside.filter((layer) => layer.start <= start && layer.end >= end),
    };
  });
}

/** The offset in the text of a place in the page, by the run it stands in. */
function offsetOf(node: Node | null, offset: number): number | undefined {
  const element = node instanceof Element ? node : node?.parentElement;
  const run = element?.closest<HTMLElement>('[data-start]');
  if (!run) return undefined;
  const start = Number(run.dataset['start']);
  return node instanceof Element
    ? start + (offset > 0 ? (run.textContent ?? '').length : 0)
    : start + offset;
}

/** Words with the kana over their kanji, where the text has them: 風《かぜ》. Places stay those of the text. */
function WithRuby({ words, from }: { words: string; from: number }) {
  if (!words.includes('《')) return words;
  return readRuby(words).map(({ text, ruby, start, end }) =>
    ruby === undefined ? (
      <span key={start} data-start={from + start}>
        {text}
      </span>
    ) : (
      <ruby key={start}>
        <span data-start={from + end - text.length - ruby.length - 2}>{text}</span>
        <rt>{ruby}</rt>
      </ruby>
    ),
  );
}

function ShownRun({ body, run, lit }: { body: string; run: Run; lit: string | undefined }) {
  const words = body.slice(run.start, run.end);
  const { layers } = run;
  // The shortest layer is on top: it is what a click means.
  const [top] = [...layers].sort(
    (left, right) => left.end - left.start - (right.end - right.start),
  );
  const className = [...new Set(layers.map((layer) => layer.className))].join(' ');
  const open = layers.some((layer) => layer.id === lit) ? ' shown-run--lit' : '';
  const pick = () => {
    // A stretch that is being selected is not a click.
    if (window.getSelection()?.isCollapsed !== false) top?.onPick?.();
  };
  if (top?.onPick && top.start === run.start) {
    return (
      <span
        role="button"
        tabIndex={0}
        className={`shown-run ${className}${open}`}
        data-start={run.start}
        title={top.says}
        aria-label={`${words}: ${top.says}`}
        onClick={pick}
        onKeyDown={(event) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            top.onPick?.();
          }
        }}
      >
        <WithRuby words={words} from={run.start} />
      </span>
    );
  }
  return (
    // The rest of a stretch whose beginning is the button: for the mouse alone.
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions
    <span className={`${className}${open}`} data-start={run.start} onClick={pick}>
      <WithRuby words={words} from={run.start} />
    </span>
  );
}

/** The text as a learner will read it, with layers on it and its lines numbered. */
export function ShownText(props: ShownTextProps) {
  const { body, verse, language, part, layers, lit, beside, onSelect } = props;
  const sheet = useRef<HTMLDivElement>(null);
  const paragraphs = paragraphsIn(body).filter(
    ({ start, end }) => start >= part.start && end <= part.end,
  );
  let number = linesIn(body, { start: 0, end: part.start }).filter(
    ({ start, end }) => !isHeading(body.slice(start, end)),
  ).length;
  const tellSelection = () => {
    if (!onSelect) return;
    const selection = window.getSelection();
    if (!selection || selection.isCollapsed || !sheet.current?.contains(selection.anchorNode))
      return;
    const from = offsetOf(selection.anchorNode, selection.anchorOffset);
    const to = offsetOf(selection.focusNode, selection.focusOffset);
    if (from === undefined || to === undefined) return;
    let [start, end] = from < to ? [from, to] : [to, from];
    while (start < end && /\s/.test(body[start] ?? '')) start += 1;
    while (end > start && /\s/.test(body[end - 1] ?? '')) end -= 1;
    if (end > start) onSelect({ start, end });
  };
  return (
    // Selecting text with the mouse, a finger or the keyboard all end here.
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions
    <div
      className="shown-text"
      ref={sheet}
      lang={language}
      dir="auto"
      onMouseUp={tellSelection}
      onKeyUp={tellSelection}
      onTouchEnd={tellSelection}
    >
      {paragraphs.map((paragraph) => {
        const source = body.slice(paragraph.start, paragraph.end);
        if (isHeading(source)) {
          return (
            <h3 key={paragraph.start} className="shown-text__heading">
              {headingText(source)}
            </h3>
          );
        }
        const lines = verse ? linesIn(body, paragraph) : [paragraph];
        return (
          <div
            key={paragraph.start}
            className={verse ? 'shown-text__stanza' : 'shown-text__paragraph'}
          >
            {lines.map((line) => {
              number += 1;
              const here = number;
              return (
                <div key={line.start} className="shown-line">
                  {verse && (
                    <span className="shown-line__number" aria-hidden="true">
                      {here}
                    </span>
                  )}
                  <p>
                    {runsOf(line, layers).map((run) => (
                      <ShownRun key={run.start} body={body} run={run} lit={lit} />
                    ))}
                  </p>
                  {beside && <span className="shown-line__beside">{beside(line, here)}</span>}
                </div>
              );
            })}
          </div>
        );
      })}
    </div>
  );
}

/** Which part of a long text is shown. */
export function PartPager({
  parts,
  at,
  onTurn,
}: {
  parts: readonly Span[];
  at: number;
  onTurn: (at: number) => void;
}) {
  if (parts.length < 2) return null;
  return (
    <nav className="part-pager" aria-label={t('texts.partsOfTheText')}>
      <button
        type="button"
        className="btn btn-sm btn-outline-dark"
        disabled={at === 0}
        onClick={() => onTurn(at - 1)}
      >
        {t('texts.back')}
      </button>
      <span>{t('texts.partOf', { at: at + 1, parts: parts.length })}</span>
      <button
        type="button"
        className="btn btn-sm btn-outline-dark"
        disabled={at === parts.length - 1}
        onClick={() => onTurn(at + 1)}
      >
        {t('texts.on')}
      </button>
    </nav>
  );
}
