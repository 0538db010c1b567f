import { Pick } from '../kit/Entry';
/** A place in the piece, chosen by its words. */
export function Addressed(props: {
  /** what it is */
  label: string;
  /** the address chosen */
  value: string;
  /** the addresses allowed */
  choices: readonly { address: string; label: string }[];
  /** called with the new address */
  onChange: (address: string) => void;
}) {
  return (
    <div>
      <dt>{props.label}</dt>
      <dd>
        <Pick label={props.label} value={props.value} onChange={props.onChange}>
          {props.choices.map((c) => (
            <option key={c.address} value={c.address}>
              {c.label}
            </option>
          ))}
        </Pick>
      </dd>
    </div>
  );
}
