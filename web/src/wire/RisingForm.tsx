import { useColorScheme } from '@mui/material/styles';
import { useLayoutEffect, useRef } from 'react';
import type { Fit } from './fit';
import { paint, type Drawn } from './paint';

/** A form that rises, drawn on one canvas: as shapes of their own its lengths would be thousands. */
export function RisingForm(props: {
  /** its wires */
  wires: readonly Drawn[];
  /** where it lies */
  at: Fit;
  /** width of the mat, px */
  width: number;
  /** height of the mat, px */
  height: number;
}) {
  const { wires, at, width, height } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const { colorScheme } = useColorScheme();
  useLayoutEffect(() => {
    const on = canvas.current;
    const pen = on?.getContext('2d');
    if (!on || !pen) return;
    const fine = window.devicePixelRatio || 1;
    on.width = Math.round(width * fine);
    on.height = Math.round(height * fine);
    pen.setTransform(at.scale * fine, 0, 0, -at.scale * fine, at.x * fine, at.y * fine);
    const style = getComputedStyle(on);
    const tone = (name: string) => style.getPropertyValue(name);
    paint(pen, wires, { ink: tone('--ink'), shadow: tone('--shadow') });
  }, [wires, at.scale, at.x, at.y, width, height, colorScheme]);
  return <canvas ref={canvas} className="rising" aria-hidden="true" style={{ width, height }} />;
}
