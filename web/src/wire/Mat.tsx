import { useId } from 'react';

/** A millimetre mat behind a drawing; fine lines are left out where they would run together. */
export function Mat(props: {
  /** width of the drawing, px */
  width: number;
  /** height of the drawing, px */
  height: number;
  /** px a millimetre */
  scale: number;
  /** where the mat's zero lies, px */
  originX: number;
  /** where the mat's zero lies, px */
  originY: number;
}) {
  const id = useId();
  const { width, height, scale, originX, originY } = props;
  const fine = scale >= 5 ? 1 : scale >= 1.2 ? 5 : 10;
  const strong = fine * (fine === 5 ? 10 : 10);
  const grid = (key: string, mm: number, colour: string, thick: number) => (
    <pattern
      id={`${id}${key}`}
      width={mm * scale}
      height={mm * scale}
      x={originX}
      y={originY}
      patternUnits="userSpaceOnUse"
    >
      <path d={`M${mm * scale} 0H0V${mm * scale}`} fill="none" stroke={colour} strokeWidth={thick} />
    </pattern>
  );
  return (
    <g aria-hidden="true">
      <defs>
        {grid('f', fine, 'var(--line)', 1)}
        {grid('s', strong, 'var(--line-strong)', 1.2)}
      </defs>
      <rect width={width} height={height} fill={`url(#${id}f)`} />
      <rect width={width} height={height} fill={`url(#${id}s)`} />
    </g>
  );
}

/** What one fine square of the mat measures, mm. */
export function matSquare(scale: number): number {
  return scale >= 5 ? 1 : scale >= 1.2 ? 5 : 10;
}
