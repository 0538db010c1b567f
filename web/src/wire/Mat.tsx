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
  const { width, height, scale, originX, originY } = props;
  const step = matSquare(scale) * scale;
  const lines = (every: number, skip: number) => {
    const path: string[] = [];
    for (let i = Math.ceil(-originX / every); i * every + originX < width; i++) {
      if (i % skip !== 0) path.push(`M${(originX + i * every).toFixed(1)} 0V${height}`);
    }
    for (let i = Math.ceil(-originY / every); i * every + originY < height; i++) {
      if (i % skip !== 0) path.push(`M0 ${(originY + i * every).toFixed(1)}H${width}`);
    }
    return path.join('');
  };
  return (
    <g aria-hidden="true" fill="none" pointerEvents="all">
      <rect width={width} height={height} />
      <path d={lines(step, 10)} stroke="var(--line)" />
      <path d={lines(step * 10, Infinity)} stroke="var(--line-strong)" strokeWidth={1.2} />
    </g>
  );
}

/** What one fine square of the mat measures, mm. */
export function matSquare(scale: number): number {
  return scale >= 5 ? 1 : scale >= 1.2 ? 5 : 10;
}
