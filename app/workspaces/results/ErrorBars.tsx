import { Bar, BarChart, LabelList, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Results } from '~core/results/results-of';

/** How often each error was made; the table below says the same. */
export function ErrorBars({ errors }: Pick<Results, 'errors'>) {
  return (
    <div aria-hidden="true" className="results-bars">
      <ResponsiveContainer width="100%" height={errors.length * 34 + 10}>
        <BarChart
          data={[...errors]}
          layout="vertical"
          accessibilityLayer={false}
          margin={{ left: 8, right: 40, top: 0, bottom: 0 }}
        >
          <XAxis type="number" hide />
          <YAxis
            type="category"
            dataKey="error"
            width={230}
            tick={{ fontSize: 14, fill: '#1d2b36' }}
            axisLine={false}
            tickLine={false}
          />
          <Bar dataKey="count" fill="#efb325" isAnimationActive={false} radius={[0, 6, 6, 0]}>
            <LabelList dataKey="count" position="right" fill="#1d2b36" />
          </Bar>
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}
