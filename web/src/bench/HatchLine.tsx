/** A line of the hatching where no hammer may go: dark beside light, so that it is seen on every colour, by day and by lamp. */
export function HatchLine(props: {
  /** from line to line, in the units of the drawing */
  size: number;
}) {
  const { size } = props;
  return (
    <>
      <path d={`M0 0V${size}`} stroke="#fffaf0" strokeWidth={size * 0.85} opacity={0.75} />
      <path d={`M0 0V${size}`} stroke="#17211f" strokeWidth={size * 0.42} />
    </>
  );
}
