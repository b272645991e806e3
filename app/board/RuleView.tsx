import { useEffect, useRef } from 'react';
import type { TimeLine } from '~core/languages/en/rules/grammar-rules';
import type { RuleCard } from '~core/rule-cards/card';
import { t } from '~/phrases/t';

/** A line of time with now in its middle: a dot for what happens once, a bar for what goes on. */
function TimeLineView({ line: { events } }: { line: TimeLine }) {
  const at = (time: number) => 500 + time * 440;
  return (
    <svg className="board-time" viewBox="0 0 1000 130" role="img" aria-label={told(events)}>
      <path d="M10 70H985M970 56l20 14-20 14" fill="none" stroke="var(--ink)" strokeWidth="4" />
      <path d="M500 50v40" stroke="var(--ink)" strokeWidth="5" />
      <text x="500" y="124" textAnchor="middle" fontSize="28">
        {t('board.now')}
      </text>
      {events.map(({ from, to, label }, index) => (
        <g key={index} fill="var(--vane)">
          {to === undefined ? (
            <circle cx={at(from)} cy="70" r="13" />
          ) : (
            <rect x={at(from)} y="58" width={Math.max(8, at(to) - at(from))} height="14" />
          )}
          <text
            x={to === undefined ? at(from) : (at(from) + at(to)) / 2}
            y="36"
            textAnchor="middle"
            fontSize="28"
            fill="var(--ink)"
          >
            {label}
          </text>
        </g>
      ))}
    </svg>
  );
}

const told = (events: TimeLine['events']) =>
  t('board.onALineOfTime', { flatMap: events.flatMap(({ label }) => label || []).join(', ') });

const EXCEPTIONS = t('board.theseDoNotKeepThe');

/** A rule at board size: its lines come one after the other, what does not keep it comes last. */
export function RuleView({ card, shown }: { card: RuleCard; shown: number }) {
  const { title, rules, exceptions, exceptionsTitle, onLines, timeLine } = card;
  const last = useRef<HTMLDivElement>(null);
  useEffect(() => {
    last.current?.scrollIntoView({ block: 'end' });
  }, [shown]);
  return (
    <section className="board-rule" aria-label={t('board.theRule', { title })}>
      <h2>{title}</h2>
      <div aria-live="polite" ref={last}>
        {rules.slice(0, shown + 1).map(({ text, examples }) => (
          <div key={text} className="board-rule__line">
            <p>{text}</p>
            <p
              className={`learner-text board-rule__words${onLines ? ' board-rule__words--lines' : ''}`}
            >
              {examples.map(({ word, from }) => (
                <span key={word}>{from === undefined ? word : `${from} → ${word}`}</span>
              ))}
            </p>
          </div>
        ))}
        {timeLine && shown >= rules.length - 1 && <TimeLineView line={timeLine} />}
        {exceptions.length > 0 && shown >= rules.length && (
          <div className="board-rule__line">
            <p>{exceptionsTitle ?? EXCEPTIONS}</p>
            <p
              className={`learner-text board-rule__words${onLines ? ' board-rule__words--lines' : ''}`}
            >
              {exceptions.map((each) => (
                <span key={each}>{each}</span>
              ))}
            </p>
          </div>
        )}
      </div>
    </section>
  );
}
