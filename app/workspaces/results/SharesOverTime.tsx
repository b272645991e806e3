import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { LearnerOverTime, OverTime } from '~core/results/over-time';

const short = (title: string) => (title.length > 18 ? `${title.slice(0, 17)}…` : title);

/** Shares of the marks by lesson, of the class and one learner; the table below says the same. */
export function SharesOverTime({
  steps,
  learner,
}: Pick<OverTime, 'steps'> & { learner: LearnerOverTime | undefined }) {
  const points = steps.map(({ lesson, title, share }) => {
    const own = learner?.steps.find((step) => step.lesson === lesson);
    return {
      title: short(title),
      class: Math.round(share * 100),
      ...(own ? { own: Math.round(own.share * 100) } : {}),
    };
  });
  return (
    <div aria-hidden="true" className="results-bars">
      <ResponsiveContainer width="100%" height={220}>
        <LineChart
          data={points}
          accessibilityLayer={false}
          margin={{ left: 0, right: 24, top: 8, bottom: 4 }}
        >
          <CartesianGrid stroke="#d8d3c6" vertical={false} />
          <XAxis
            dataKey="title"
            tick={{ fontSize: 13, fill: '#1d2b36' }}
            padding={{ left: 30, right: 30 }}
          />
          <YAxis domain={[0, 100]} unit=" %" tick={{ fontSize: 13, fill: '#1d2b36' }} width={52} />
          <Line
            dataKey="class"
            stroke="#1d2b36"
            strokeWidth={2.5}
            isAnimationActive={false}
            dot={{ r: 5, fill: '#1d2b36' }}
          />
          {learner && (
            <Line
              dataKey="own"
              stroke="#a7351b"
              strokeWidth={2.5}
              strokeDasharray="6 4"
              connectNulls
              isAnimationActive={false}
              dot={{ r: 5, fill: '#fff', stroke: '#a7351b', strokeWidth: 2 }}
            />
          )}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
