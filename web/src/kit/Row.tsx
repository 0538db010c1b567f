/** A figure with its name, in a list of read-outs. */
export function Row(props: {
  /** what it is */
  label: string;
  /** the figure with its unit */
  value: string;
}) {
  return (
    <div>
      <dt>{props.label}</dt>
      <dd>{props.value}</dd>
    </div>
  );
}
