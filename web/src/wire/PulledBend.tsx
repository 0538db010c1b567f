import type { Metal, Pull } from '../api/types';
import { shades } from './metals';

/** An outline as an SVG path, y upwards. */
export function pathOf(outline: readonly number[][]): string {
  return outline.map(([x = 0, y = 0], i) => `${i ? 'L' : 'M'}${x.toFixed(3)} ${(-y).toFixed(3)}`).join('');
}

/** A bend under the load that it should hold, at true thickness; as a field shows many of them, at one scale. */
export function PulledBend(props: {
  /** the bend */
  pull: Pull;
  /** thickness of its wire, mm */
  thicknessMm: number;
  /** what it is made of */
  metal: Metal;
  /** what the drawing shows across, mm */
  acrossMm: number;
}) {
  const { pull, thicknessMm, acrossMm } = props;
  const colours = shades(props.metal);
  const path = pathOf(pull.under);
  return (
    <svg
      className="pulled"
      viewBox={`${-acrossMm * 0.14} ${-acrossMm / 2} ${acrossMm * 1.2} ${acrossMm}`}
      aria-hidden="true"
    >
      <path d={path} fill="none" stroke={colours.edge} strokeWidth={thicknessMm} />
      <path d={path} fill="none" stroke={colours.body} strokeWidth={thicknessMm * 0.8} />
      <path d={path} fill="none" stroke={colours.glint} strokeWidth={thicknessMm * 0.16} />
    </svg>
  );
}
