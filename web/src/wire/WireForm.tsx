import { memo, useId, useMemo } from 'react';
import type { Metal, Over } from '../api/types';
import { shades } from './metals';
import { part, ribbon, track, type Point, type Track } from './ribbon';

const LIGHT: [number, number] = [-0.5, 0.866];

/** Layers of a round wire from the rim to the glint: share of the width, shift towards the light, shade. */
const LAYERS = [
  [1, 0, 'edge'],
  [0.86, 0.01, 'body'],
  [0.5, 0.09, 'light'],
  [0.15, 0.16, 'glint'],
] as const;

/** One wire as metal, in mm with y upwards; the caller scales and flips. */
export const WireForm = memo(function WireForm(props: {
  /** what it is made of */
  metal: Metal;
  /** centre line: x, y, z, s, mm */
  outline: Point[];
  /** drawn width at each point, mm */
  widths: number[];
  /** where it lies over itself */
  crossings: readonly Over[];
  /** the same as a track, where it is at hand */
  known?: Track;
}) {
  const { metal, outline, widths, crossings, known } = props;
  const whole = useMemo(() => known ?? track(outline, widths), [known, outline, widths]);
  const clip = useId();
  const silhouette = useMemo(() => ribbon(whole, 1), [whole]);
  return (
    <g>
      <clipPath id={clip}>
        <path d={silhouette} clipRule="nonzero" />
      </clipPath>
      <Layers of={whole} metal={metal} />
      {crossings.map((c) => {
        const upper = part(whole, c.fromMm, c.toMm);
        return (
          <g key={`${c.overMm}-${c.underMm}`}>
            <g clipPath={`url(#${clip})`}>
              <path d={ribbon(upper, 1.5)} fill="var(--shadow)" opacity={0.22} />
              <path d={ribbon(upper, 1.22)} fill="var(--shadow)" opacity={0.35} />
            </g>
            <Layers of={whole} metal={metal} fromMm={c.fromMm} toMm={c.toMm} />
          </g>
        );
      })}
    </g>
  );
});

/** Upper layers of a part reach a little further than lower ones, so that no seam shows where the part begins. */
const REACH_MM = 0.05;

function Layers(props: {
  /** the wire */
  of: Track;
  /** what it is made of */
  metal: Metal;
  /** where a part of it begins, mm; all of it without */
  fromMm?: number;
  /** where the part ends, mm */
  toMm?: number;
}) {
  const colours = shades(props.metal);
  return LAYERS.map(([share, shift, shade], i) => {
    const { of, fromMm, toMm } = props;
    const band =
      fromMm === undefined || toMm === undefined ? of : part(of, fromMm - i * REACH_MM, toMm + i * REACH_MM);
    return <path key={shade} d={ribbon(band, share, shift, LIGHT)} fill={colours[shade]} />;
  });
}

/** A highlight along part of a wire, mm. */
export function Glow(props: {
  /** the wire */
  of: Track;
  /** where it begins along the wire, mm */
  fromMm: number;
  /** where it ends, mm */
  toMm: number;
}) {
  return (
    <path d={ribbon(part(props.of, props.fromMm, props.toMm), 2.1)} fill="var(--touch)" opacity={0.22} />
  );
}
