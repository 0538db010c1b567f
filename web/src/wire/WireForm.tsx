import { memo, useId, useMemo } from 'react';
import type { Metal } from '../api/types';
import { LAYERS } from './layers';
import { shades } from './metals';
import { painted } from './painted';
import { part, ribbon, type Track } from './ribbon';
import { chunks, type Seen } from './scene';

/** One wire as metal, in mm with y upwards; the caller scales and flips. */
export const WireForm = memo(function WireForm(props: {
  /** the wire as it is seen */
  wire: Seen;
  /** its colour at a position along it, mm; that of its metal without */
  colourAt?: ((sMm: number) => string) | undefined;
  /** colour of its rim beside that; ink without */
  rim?: string | undefined;
}) {
  const { metal, track: whole, crossings, flat } = props.wire;
  const { colourAt, rim } = props;
  const clip = useId();
  const silhouette = useMemo(() => ribbon(whole, 1), [whole]);
  return (
    <g>
      <clipPath id={clip}>
        <path d={silhouette} clipRule="nonzero" />
      </clipPath>
      {flat ? (
        <>
          <Layers of={whole} metal={metal} colourAt={colourAt} edge={rim} />
          {crossings.map((c) => {
            const upper = part(whole, c.fromMm, c.toMm);
            return (
              <g key={`${c.overMm}-${c.underMm}`}>
                <Shade of={upper} clip={clip} />
                <Layers
                  of={whole}
                  metal={metal}
                  fromMm={c.fromMm}
                  toMm={c.toMm}
                  colourAt={colourAt}
                  edge={rim}
                />
              </g>
            );
          })}
        </>
      ) : (
        <Standing of={whole} metal={metal} clip={clip} colourAt={colourAt} />
      )}
    </g>
  );
});

/** A wire that is not flat, drawn from the farthest length to the nearest. */
function Standing(props: {
  /** the wire */
  of: Track;
  /** what it is made of */
  metal: Metal;
  /** id of its silhouette: shadows fall on the wire only */
  clip: string;
  /** its colour at a position along it, mm */
  colourAt?: ((sMm: number) => string) | undefined;
}) {
  const all = useMemo(() => chunks(props.of), [props.of]);
  return all.map((c, i) => (
    <g key={i}>
      <Shade of={c.core} clip={props.clip} />
      <Layers of={c.track} rim={c.core} metal={props.metal} colourAt={props.colourAt} />
    </g>
  ));
}

/** The shadow that a limb casts on what lies under it. */
function Shade(props: {
  /** the limb */
  of: Track;
  /** id of the silhouette that it falls on */
  clip: string;
}) {
  return (
    <g clipPath={`url(#${props.clip})`}>
      <path d={ribbon(props.of, 1.5)} fill="var(--shadow)" opacity={0.22} />
      <path d={ribbon(props.of, 1.22)} fill="var(--shadow)" opacity={0.35} />
    </g>
  );
}

/** Upper layers of a part reach a little further than lower ones, so that no seam shows where the part begins. */
const REACH_MM = 0.05;

function Layers(props: {
  /** the wire */
  of: Track;
  /** the length that its rim has, where that is shorter: then no seam shows between neighbours */
  rim?: Track;
  /** what it is made of */
  metal: Metal;
  /** where a part of it begins, mm; all of it without */
  fromMm?: number;
  /** where the part ends, mm */
  toMm?: number;
  /** its colour at a position along it, mm */
  colourAt?: ((sMm: number) => string) | undefined;
  /** colour of its rim beside that; ink without */
  edge?: string | undefined;
}) {
  const colours = shades(props.metal);
  const { colourAt } = props;
  return LAYERS.map(([share, shift, shade], i) => {
    const { of, rim, fromMm, toMm } = props;
    // Lights let the colour through: they end with it, or they would lie there twice.
    const reach = colourAt ? Math.min(i, 1) : i;
    const band =
      i === 0 && rim
        ? rim
        : fromMm === undefined || toMm === undefined
          ? of
          : part(of, fromMm - reach * REACH_MM, toMm + reach * REACH_MM);
    if (!colourAt) return <path key={shade} d={ribbon(band, share, shift)} fill={colours[shade]} />;
    if (shade === 'body') {
      return painted(band, colourAt).map((p, k) => (
        <path key={`body${k}`} d={ribbon(p.track, share, shift)} fill={p.colour} />
      ));
    }
    return (
      <path
        key={shade}
        d={ribbon(band, share, shift)}
        fill={shade === 'edge' ? (props.edge ?? 'var(--ink)') : '#fff'}
        opacity={
          shade === 'edge' ? (props.edge ? 1 : 0.75) : shade === 'light' ? (props.edge ? 0.2 : 0.16) : 0.4
        }
      />
    );
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
    <path
      data-testid="glow"
      d={ribbon(part(props.of, props.fromMm, props.toMm), 2.1)}
      fill="var(--touch)"
      opacity={0.3}
    />
  );
}
