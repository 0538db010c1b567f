import type { Learnt, LogPage, Measurable } from '../api/types';

const WIDE = 240;
const HIGH = 30;

/** Actual beside planned on one scale: planned is the long tick in the middle, each record a bead, what was learnt a band. */
export function Beside(props: {
  /** what can be measured */
  of: Measurable;
  /** what was measured, the last one last */
  pages: readonly LogPage[];
  /** what was learnt of it */
  learnt: Learnt | undefined;
}) {
  const { of, learnt } = props;
  const planned = of.planned;
  if (planned === undefined || planned === 0) return <span />;
  const offs = props.pages.flatMap((p) => {
    const should = p.fact.planned ?? planned;
    return p.fact.actual === undefined ? [] : [scaled(of, p.fact.actual - should, planned)];
  });
  const band = learnt && learnt.habit !== 'allowance' ? [learnt.from - 1, learnt.to - 1] : undefined;
  const far = Math.max(0.1, ...offs.map(Math.abs), ...(band ?? []).map(Math.abs)) * 1.1;
  const x = (off: number) => WIDE / 2 + (off / far) * (WIDE / 2 - 8);
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} width="100%" height={HIGH} aria-hidden="true">
      {band && (
        <rect
          x={x(band[0] as number)}
          y={5}
          width={x(band[1] as number) - x(band[0] as number)}
          height={HIGH - 10}
          fill="var(--touch)"
          opacity={0.16}
        />
      )}
      <path d={`M8 ${HIGH / 2}H${WIDE - 8}`} stroke="var(--line)" strokeWidth={2} />
      <path d={`M${WIDE / 2} 3V${HIGH - 3}`} stroke="var(--ink)" strokeWidth={2} />
      {offs.map((off, i) => (
        <circle
          key={i}
          cx={x(off)}
          cy={HIGH / 2}
          r={i === offs.length - 1 ? 6 : 4}
          fill={i === offs.length - 1 ? '#b5652f' : 'none'}
          stroke="#b5652f"
          strokeWidth={2}
        />
      ))}
    </svg>
  );
}

/** As a share of what was planned; what is trimmed off as a share of the wire that was shaped. */
function scaled(of: Measurable, more: number, planned: number): number {
  return of.what === 'left-over' ? more / (of.overMm ?? Math.max(planned, 20)) : more / planned;
}
