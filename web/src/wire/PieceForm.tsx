import { lazy, Suspense, useMemo } from 'react';
import type { PartDrawn } from '../api/types';
import type { Fit } from './fit';
import type { Drawn } from './paint';
import { panes, Parts } from './Parts';
import type { Scene } from './scene';
import { WireForm } from './WireForm';

const RisingForm = lazy(() => import('./RisingForm').then((m) => ({ default: m.RisingForm })));

/** The colours of a wire that was darkened. */
export interface Coloured {
  /** at a position along it, mm */
  at: (sMm: number) => string;
  /** of its rim */
  rim: string;
}

/** A finished piece with its parts, small, to look at only: what rises is drawn on a canvas, what lies flat as shapes. */
export function PieceForm(props: {
  /** its wires as they are seen */
  scene: Scene;
  /** what is not wire in it */
  parts: readonly PartDrawn[];
  /** colour of each wire at a position along it, mm; those of their metals without */
  colours?: readonly (Coloured | undefined)[] | undefined;
  /** shades of parts that are coloured, from a high place to a hidden one, by their ids */
  fills?: Readonly<Record<string, readonly string[]>> | undefined;
  /** how it lies on its place */
  at: Omit<Fit, 'box'>;
  /** width of its place, px */
  width: number;
  /** height of its place, px */
  height: number;
}) {
  const { scene, parts, at, width, height, colours } = props;
  const rises = !scene.wires.every((w) => w.flat);
  const standing = useMemo<Drawn[]>(
    () =>
      rises
        ? scene.wires.map((wire, i) => ({
            wire,
            as: 'full',
            colourAt: colours?.[i]?.at,
            rim: colours?.[i]?.rim,
          }))
        : [],
    [rises, scene, colours],
  );
  const glass = useMemo(() => (rises ? panes(parts, scene.slant) : []), [rises, parts, scene]);
  const { fills } = props;
  // What is drawn does not change with its scale: only where it is put does.
  const [lower, upper] = useMemo(() => {
    const beside = rises ? parts.filter((p) => p.kind !== 'stone') : parts;
    return [
      <>
        <Parts parts={beside} over={false} slant={scene.slant} fills={fills} />
        {!rises &&
          scene.wires.map((w, i) => (
            <WireForm key={i} wire={w} colourAt={colours?.[i]?.at} rim={colours?.[i]?.rim} />
          ))}
      </>,
      <Parts parts={beside} over slant={scene.slant} fills={fills} />,
    ];
  }, [rises, parts, scene, colours, fills]);
  const transform = `translate(${at.x} ${at.y}) scale(${at.scale} ${-at.scale})`;
  const under = <g transform={transform}>{lower}</g>;
  const over = <g transform={transform}>{upper}</g>;
  if (!rises) {
    return (
      <span className="piece-form" aria-hidden="true">
        <svg width={width} height={height}>
          {under}
          {over}
        </svg>
      </span>
    );
  }
  return (
    <span className="piece-form" style={{ width, height }} aria-hidden="true">
      <svg width={width} height={height}>
        {under}
      </svg>
      <Suspense>
        <RisingForm wires={standing} panes={glass} at={at} width={width} height={height} patient />
      </Suspense>
      <svg width={width} height={height}>
        {over}
      </svg>
    </span>
  );
}
