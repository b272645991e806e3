import { useEffect, useRef } from 'react';
import type { Span } from '~core/kernel/span';
import type { LearnerExercise } from '~core/practice/for-learner';

/** A line with the part of it that a hint leads to. */
function Line({ line, start, lit }: { line: string; start: number; lit: Span | undefined }) {
  const end = start + line.length;
  const within = lit !== undefined && lit.start < end && lit.end > start;
  const mark = useRef<HTMLElement>(null);
  useEffect(() => {
    if (within) {
      mark.current?.scrollIntoView({ block: 'center' });
      mark.current?.focus({ preventScroll: true });
    }
  }, [within, lit]);
  if (!within) return <p>{line}</p>;
  const [from, to] = [Math.max(0, lit.start - start), Math.min(line.length, lit.end - start)];
  return (
    <p>
      {line.slice(0, from)}
      <mark ref={mark} className="play-place" tabIndex={-1}>
        {line.slice(from, to)}
      </mark>
      {line.slice(to)}
    </p>
  );
}

/** What is read before the items, with the place that a hint leads to. */
export function Reading({
  reading,
  lit,
}: {
  reading: NonNullable<LearnerExercise['reading']>;
  lit: Span | undefined;
}) {
  let at = 0;
  return (
    <section className="play-reading" aria-label={reading.title}>
      <h3 className="play-heading">{reading.title}</h3>
      {reading.body.split('\n').map((line, index) => {
        const start = at;
        at += line.length + 1;
        return <Line key={index} line={line} start={start} lit={lit} />;
      })}
    </section>
  );
}
