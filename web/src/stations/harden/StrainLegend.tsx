import { memo } from 'react';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../../api/queries';
import type { StrandPlan, TemperMark } from '../../api/types';
import { rampColour } from '../../wire/strain';
import { useSize } from '../../wire/useSize';

const SHORT: Record<TemperMark['temper'], string> = {
  'dead-soft': 'soft',
  'quarter-hard': '¼',
  'half-hard': '½',
  hard: 'hard',
  'extra-hard': 'extra',
  spring: 'spring',
};

/** Strain since annealed at which the ramp ends: beyond the hardest temper and what the metal stands. */
export function rampEnd(strand: StrandPlan, tempers: readonly TemperMark[]): number {
  const spring = tempers.at(-1)?.strain ?? 1.86;
  return 1.04 * Math.max(spring, strand.boughtStrain + strand.redStrain);
}

/** The ramp in words: tempers above it, below it how the wire was bought and the limits as marked lines. */
export const StrainLegend = memo(function StrainLegend(props: {
  /** the strand: what it stands */
  strand: StrandPlan;
  /** greatest strain added where it is now, marked on the ramp */
  here: number | undefined;
}) {
  const { strand, here } = props;
  const tempers = useQuery(queries.tempers());
  const { ref, width } = useSize();
  const marks = tempers.data ?? [];
  const end = rampEnd(strand, marks);
  // In a narrow window both words find no room on one line.
  const narrow = width < 420;
  const x = (strain: number) => 2 + (strain / end) * (width - 4);
  const limits: [number, string][] = [
    [strand.boughtStrain + strand.amberStrain, 'warning'],
    [strand.boughtStrain + strand.redStrain, 'may crack'],
  ];
  return (
    <div ref={ref} className="legend-strain">
      {width > 0 && marks.length > 0 && (
        <svg width={width} height={narrow ? 84 : 66} role="img" aria-label={sentence(strand, marks)}>
          <Ramp width={width} />
          {marks.map((m) => (
            <g key={m.temper} fontSize={15} fill="var(--ink-soft)">
              <path d={`M${x(m.strain)} 20v6`} stroke="var(--ink)" />
              <text
                x={x(m.strain)}
                y={15}
                textAnchor={m.strain === 0 ? 'start' : x(m.strain) > width - 24 ? 'end' : 'middle'}
              >
                {SHORT[m.temper]}
              </text>
            </g>
          ))}
          {limits.map(([strain, word], i) => (
            <g key={word} fontSize={15} fill="var(--ink)">
              <path
                d={`M${x(strain)} 24v24`}
                stroke="var(--ink)"
                strokeWidth={2.5}
                strokeDasharray={i ? undefined : '4 3'}
              />
              <text
                x={x(strain)}
                y={narrow && i ? 80 : 62}
                textAnchor={x(strain) > width - 60 ? 'end' : 'middle'}
              >
                {word} {(strain - strand.boughtStrain).toFixed(2)}
              </text>
            </g>
          ))}
          {here !== undefined && (
            <path
              d={`M${x(strand.boughtStrain + here)} 45l-6 9h12z`}
              fill="var(--touch)"
              stroke="var(--paper)"
            />
          )}
        </svg>
      )}
    </div>
  );
});

function sentence(strand: StrandPlan, marks: readonly TemperMark[]): string {
  const read = marks.map((m) => `${m.temper.replace('-', ' ')} ${m.strain.toFixed(2)}`).join(', ');
  return `strain as tempers: ${read}; added since it was bought: warning from ${strand.amberStrain.toFixed(2)}, may crack at ${strand.redStrain.toFixed(2)}`;
}

/** The ramp itself: drawn once for a width. */
const Ramp = memo(function Ramp(props: {
  /** its width, px */
  width: number;
}) {
  const { width } = props;
  return Array.from({ length: 64 }, (_, i) => (
    <rect
      key={i}
      x={2 + (i / 64) * (width - 4)}
      y={26}
      width={(width - 4) / 64 + 0.6}
      height={18}
      fill={rampColour((i + 0.5) / 64)}
    />
  ));
});
