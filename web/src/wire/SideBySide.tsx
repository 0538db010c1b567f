import { useMemo } from 'react';
import { Mat } from './Mat';
import { sceneBox, sceneOf, type MetalWire } from './scene';
import { WireForm } from './WireForm';

/** Several forms in a row at one scale, each with its name below: sizes of a job. */
export function SideBySide(props: {
  /** the forms, each of one or more wires */
  forms: readonly { name: string; wires: MetalWire[] }[];
  /** px */
  width: number;
  /** px */
  height: number;
  /** what they are, for those who do not see them */
  label: string;
  /** whether a millimetre mat lies below */
  mat?: boolean;
}) {
  const { forms, width, height } = props;
  const seen = useMemo(
    () =>
      forms.map((f) => {
        const scene = sceneOf(f.wires);
        return { ...f, scene, box: sceneBox(scene) };
      }),
    [forms],
  );
  const named = seen.some((f) => f.name);
  const room = height - (named ? 34 : 0);
  const wide = seen.reduce((sum, f) => sum + f.box.width, 0);
  const high = Math.max(1, ...seen.map((f) => f.box.height));
  const gap = 28;
  const scale = Math.min((width - gap * (seen.length + 1)) / wide, (0.86 * room) / high, 60);
  if (!(scale > 0) || !Number.isFinite(scale)) return null;
  const spare = Math.max(0, width - wide * scale) / (seen.length + 1);
  const lefts = seen.map((_, i) =>
    seen.slice(0, i).reduce((sum, f) => sum + f.box.width * scale, spare * (i + 1)),
  );
  return (
    <svg width={width} height={height} role="img" aria-label={props.label}>
      {props.mat && <Mat width={width} height={height} scale={scale} originX={0} originY={0} />}
      {seen.map((f, i) => {
        const x = lefts[i] ?? 0;
        const y = room / 2 + (f.box.y + f.box.height / 2) * scale;
        return (
          <g key={i}>
            <g transform={`translate(${x - f.box.x * scale} ${y}) scale(${scale} ${-scale})`}>
              {f.scene.wires.map((w, k) => (
                <WireForm key={k} wire={w} />
              ))}
            </g>
            <text
              x={x + (f.box.width * scale) / 2}
              y={height - 12}
              textAnchor="middle"
              fontSize="18"
              fill="var(--ink)"
            >
              {f.name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
