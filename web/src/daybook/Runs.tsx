import { LineChart } from '@mui/x-charts/LineChart';
import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import type { RunOfValues } from '../api/types';
import { figure, WHAT } from '../bench/log';
import { useSettings } from '../kit/settings';

/** The same thing made again and again: every time a bead on the wire, the mean as a line, planned as dashes. */
export function Runs(props: {
  /** runs of at least three */
  runs: readonly RunOfValues[];
}) {
  const { units } = useSettings();
  if (props.runs.length === 0) {
    return (
      <p className="why">
        Measure the same thing at least three times, such as ten loops for practice: here they stand side by
        side.
      </p>
    );
  }
  return props.runs.map((run, i) => (
    <section key={i} aria-label={`${run.name}, ${run.title}, ${WHAT[run.what]}`}>
      <h2 className="part-title">
        <span>
          {run.name}: {run.title.toLowerCase()}, {WHAT[run.what]}
          {run.practice && ' (for practice)'}
        </span>
      </h2>
      <p>
        {run.values.length} times: on average <b>{figure(run.what, run.mean, units)}</b>, most within{' '}
        {figure(run.what, run.spread, units)} of that
        {run.planned !== undefined && <>; planned {figure(run.what, run.planned, units)}</>}.{' '}
        {trend(run, units)}
      </p>
      <LineChart
        height={210}
        skipAnimation
        hideLegend
        margin={{ left: 8, right: 24, top: 12, bottom: 4 }}
        xAxis={[
          {
            data: run.values.map((_, n) => n + 1),
            scaleType: 'point',
            disableLine: true,
            disableTicks: true,
            label: 'which time',
            labelStyle: { fontSize: 15 },
            tickLabelStyle: { fontSize: 15 },
            height: 52,
          },
        ]}
        yAxis={[
          {
            width: 96,
            tickLabelStyle: { fontSize: 15 },
            disableLine: true,
            disableTicks: true,
            tickNumber: 4,
            ...range(run),
            valueFormatter: (value: number) => figure(run.what, value, units),
          },
        ]}
        series={[
          {
            data: [...run.values],
            color: '#b5652f',
            curve: 'linear',
            showMark: true,
            valueFormatter: (value) => (value === null ? '' : figure(run.what, value, units)),
          },
        ]}
        grid={{ horizontal: true }}
      >
        <ChartsReferenceLine y={run.mean} lineStyle={{ stroke: 'var(--touch)', strokeWidth: 2 }} />
        {run.planned !== undefined && (
          <ChartsReferenceLine
            y={run.planned}
            label="planned"
            labelAlign="end"
            lineStyle={{ stroke: 'var(--ink)', strokeDasharray: '5 4' }}
            labelStyle={{ fill: 'var(--ink)', fontSize: 15 }}
          />
        )}
      </LineChart>
    </section>
  ));
}

/** The axis holds all values and what was planned, with a little room. */
function range(run: RunOfValues): { min: number; max: number } {
  const all = [...run.values, ...(run.planned === undefined ? [] : [run.planned])];
  const least = Math.min(...all);
  const most = Math.max(...all);
  const room = 0.15 * (most - least || most || 1);
  return { min: least - room, max: most + room };
}

function trend(run: RunOfValues, units: Parameters<typeof figure>[2]): string {
  if (!run.isTrend) return 'No trend that is more than chance.';
  const by = figure(run.what, Math.abs(run.perTime), units);
  return `It ${run.perTime > 0 ? 'grows' : 'shrinks'} by about ${by} from one time to the next.`;
}
