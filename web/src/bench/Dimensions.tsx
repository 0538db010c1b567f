import type { ElementPlan, StrandPlan } from '../api/types';
import { useSettings } from '../kit/settings';
import { length } from '../kit/units';
import type { Fit } from '../wire/fit';

const HALO = {
  paintOrder: 'stroke' as const,
  stroke: 'var(--mat)',
  strokeWidth: 5,
  strokeLinejoin: 'round' as const,
};

/** Measures as on a shop drawing: overall below and beside the form, the inside of what is chosen. */
export function Dimensions(props: {
  /** the strand as planned */
  strand: StrandPlan;
  /** where the form lies */
  at: Fit;
  /** width of the mat, px */
  width: number;
  /** height of the mat, px */
  height: number;
  /** the chosen element */
  chosen: ElementPlan | undefined;
  /** angle that the mat is leant back by, rad: then lines would measure nothing */
  slant: number;
  /** whether the strand lies alone, so that the form's bounds are its own */
  alone: boolean;
  /** whether what is not wire is part of those bounds: then they are what a calliper reads */
  filled: boolean;
}) {
  const { strand, at, chosen } = props;
  const { units } = useSettings();
  const left = at.x + at.box.x * at.scale;
  const right = left + at.box.width * at.scale;
  const top = at.y - (at.box.y + at.box.height) * at.scale;
  const bottom = top + at.box.height * at.scale;
  const below = Math.min(bottom + 16, props.height - 30);
  if (props.slant || !props.alone) {
    const { widthMm, heightMm, depthMm } = strand.finished;
    const sizes = props.slant ? [widthMm, heightMm, depthMm] : [widthMm, heightMm];
    return (
      <text
        x={props.width / 2}
        y={Math.min(bottom + 30, props.height - 12)}
        textAnchor="middle"
        fontSize={16}
        fill="var(--ink)"
        pointerEvents="none"
        {...HALO}
      >
        {strand.title.toLowerCase()} {sizes.map((mm) => length(mm, units)).join(' × ')}
      </text>
    );
  }
  const [widthMm, heightMm] = props.filled
    ? [at.box.width, at.box.height]
    : [strand.finished.widthMm, strand.finished.heightMm];
  return (
    <g pointerEvents="none" stroke="var(--ink)" strokeWidth={1}>
      <path d={`M${left} ${below}H${right}M${left} ${below - 5}v10M${right} ${below - 5}v10`} fill="none" />
      <text
        x={(left + right) / 2}
        y={below + 21}
        textAnchor="middle"
        fontSize={16}
        fill="var(--ink)"
        {...HALO}
      >
        {length(widthMm, units)} overall
      </text>
      {right + 120 < props.width && (
        <>
          <path
            d={`M${right + 16} ${top}V${bottom}M${right + 11} ${top}h10M${right + 11} ${bottom}h10`}
            fill="none"
          />
          <text x={right + 26} y={(top + bottom) / 2 + 5} fontSize={16} fill="var(--ink)" {...HALO}>
            {length(heightMm, units)}
          </text>
        </>
      )}
      {chosen?.finished && chosen.centre && (chosen.finished.insideMm ?? 0) > 0.05 && (
        <Inside of={chosen} at={at} />
      )}
    </g>
  );
}

/** The inside of a curve, across its middle; the words stand beside it where they do not fit. */
function Inside(props: {
  /** the element */
  of: ElementPlan;
  /** where the form lies */
  at: Fit;
}) {
  const { units } = useSettings();
  const [cx = 0, cy = 0] = props.of.centre ?? [];
  const half = ((props.of.finished?.insideMm ?? 0) / 2) * props.at.scale;
  const x = props.at.x + cx * props.at.scale;
  const y = props.at.y - cy * props.at.scale;
  const text = length(props.of.finished?.insideMm ?? 0, units);
  const fits = half * 2 > text.length * 9 + 10;
  return (
    <g stroke="var(--touch)">
      <path
        d={`M${x - half} ${y}H${x + half}M${x - half} ${y - 4}v8M${x + half} ${y - 4}v8`}
        fill="none"
        strokeWidth={1.5}
      />
      {fits && (
        <text
          x={x}
          y={y - 7}
          textAnchor="middle"
          fontSize={17}
          fontWeight={650}
          fill="var(--touch)"
          {...HALO}
        >
          {text}
        </text>
      )}
    </g>
  );
}
