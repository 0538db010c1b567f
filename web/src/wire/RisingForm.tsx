import { useColorScheme } from '@mui/material/styles';
import { useLayoutEffect, useRef } from 'react';
import type { Fit } from './fit';
import { paint, type Drawn, type Pane, type Tones } from './paint';

function tonesAt(on: Element): Tones {
  const style = getComputedStyle(on);
  return { ink: style.getPropertyValue('--ink'), shadow: style.getPropertyValue('--shadow') };
}

/** A form that rises, drawn on one canvas: as shapes of their own its lengths would be thousands. */
export function RisingForm(props: {
  /** its wires */
  wires: readonly Drawn[];
  /** stones among them */
  panes: readonly Pane[];
  /** where it lies */
  at: Omit<Fit, 'box'>;
  /** width of the mat, px */
  width: number;
  /** height of the mat, px */
  height: number;
  /** class that tones it */
  tone?: string;
  /** whether it is one of many: even its first drawing waits its turn then */
  patient?: boolean;
}) {
  const { wires, panes, at, width, height } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const { colorScheme } = useColorScheme();
  const read = useRef<{ of: string | undefined; tones: Tones }>(undefined);
  const drawn = useRef(false);
  useLayoutEffect(() => {
    const draw = () => {
      const on = canvas.current;
      const pen = on?.getContext('2d');
      if (!on || !pen) return;
      drawn.current = true;
      const fine = window.devicePixelRatio || 1;
      on.width = Math.round(width * fine);
      on.height = Math.round(height * fine);
      pen.setTransform(at.scale * fine, 0, 0, -at.scale * fine, at.x * fine, at.y * fine);
      // Asking for a colour of the page makes the browser lay it out: once for each scheme.
      if (read.current?.of !== colorScheme) read.current = { of: colorScheme, tones: tonesAt(on) };
      paint(pen, wires, read.current?.tones ?? tonesAt(on), panes);
    };
    // At first at once, so that nothing flashes; later by itself, so that figures need not wait for it.
    if (!drawn.current && !props.patient) {
      draw();
      return;
    }
    const soon = setTimeout(draw);
    return () => clearTimeout(soon);
  }, [wires, panes, at.scale, at.x, at.y, width, height, colorScheme, props.patient]);
  return (
    <canvas
      ref={canvas}
      className={`rising ${props.tone ?? ''}`}
      aria-hidden="true"
      style={{ width, height }}
    />
  );
}
