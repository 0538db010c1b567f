import type { Metal, Over } from '../api/types';
import { fit, type Drawable } from './fit';
import { Mat } from './Mat';
import { useSize } from './useSize';
import { WireForm } from './WireForm';

/** A wire with its metal. */
export interface MetalWire extends Drawable {
  /** what it is made of */
  metal: Metal;
  /** where it lies over itself */
  crossings: readonly Over[];
}

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
  const at = fit(props.wires, width, height, props.share ?? 0.8);
  return (
    <div className="mat" ref={ref}>
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={props.label}>
          <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />
          <g transform={`translate(${at.x} ${at.y}) scale(${at.scale} ${-at.scale})`}>
            {props.wires.map((w, i) => (
              <WireForm key={i} {...w} />
            ))}
          </g>
        </svg>
      )}
    </div>
  );
}
