import { useEffect, useRef } from 'react';
import { litRuns, type BoardLine, type MarkStep } from '~core/board/text-marks';
import { t } from '~/phrases/t';

/** A text in which what is marked is shown one mark at a time, with its name and what is said of it. */
export function MarksView({
  lines,
  steps,
  shown,
}: {
  lines: readonly BoardLine[];
  steps: readonly MarkStep[];
  /** So many steps; 0 shows the text alone. */
  shown: number;
}) {
  const now = steps[shown - 1];
  const lit = useRef<HTMLElement>(null);
  useEffect(() => {
    lit.current?.scrollIntoView({ block: 'center' });
  }, [shown]);
  return (
    <section className="board-marks" aria-label={t('board.theTextAndWhatIs')}>
      {/* A text longer than the board is scrolled by keys too. */}
      <div
        className="board-marks__text learner-text"
        role="region"
        aria-label={t('board.theText')}
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
      >
        {lines.map((line) => (
          <p key={line.start}>
            {litRuns(line, steps, shown).map(({ text, is }, at) =>
              is === undefined ? (
                text
              ) : (
                <mark
                  key={at}
                  ref={is === 'lit' ? lit : undefined}
                  className={`board-mark board-mark--${is}`}
                >
                  {text}
                </mark>
              ),
            )}
          </p>
        ))}
      </div>
      <div className="board-marks__says" aria-live="polite">
        {now && (
          <>
            <h2>{now.name}</h2>
            <p>{now.says}</p>
            {now.answer !== undefined && <p className="board-marks__answer">{now.answer}</p>}
          </>
        )}
      </div>
    </section>
  );
}
