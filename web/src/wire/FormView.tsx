import { useMemo } from 'react';
import { fitTracks } from './fit';
import { Mat } from './Mat';
import { sceneOf, type MetalWire } from './scene';
import { useSize } from './useSize';
import { WireForm } from './WireForm';

/** A form on a mat, fitted, to look at only. */
export function FormView(props: {
  /** wires of the form */
  wires: MetalWire[];
  /** what it shows, for those who do not see it */
  label: string;
  /** share of the limiting side that the form takes */
  share?: number;
}) {
  const { ref, width, height } = useSize();
  const scene = useMemo(() => sceneOf(props.wires), [props.wires]);
  const at = fitTracks(
    scene.wires.map((w) => w.track),
    width,
    height,
    props.share ?? 0.8,
  );
  return (
    <div className="mat" ref={ref}>
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={props.label}>
          <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />
          <g transform={`translate(${at.x} ${at.y}) scale(${at.scale} ${-at.scale})`}>
            {scene.wires.map((w, i) => (
              <WireForm key={i} wire={w} />
            ))}
          </g>
        </svg>
      )}
    </div>
  );
}
