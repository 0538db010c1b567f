import { useId } from 'react';
import { words } from './units';

/** A word out of a few. */
export function ChoiceField(props: {
  /** what it is */
  label: string;
  /** the word chosen */
  value: string;
  /** the words allowed */
  choices: readonly string[];
  /** called with the new word */
  onChange: (value: string) => void;
}) {
  const id = useId();
  return (
    <div>
      <dt>
        <label htmlFor={id}>{props.label}</label>
      </dt>
      <dd>
        <select
          id={id}
          className="field"
          value={props.value}
          onChange={(e) => props.onChange(e.target.value)}
        >
          {props.choices.map((c) => (
            <option key={c} value={c}>
              {words(c)}
            </option>
          ))}
        </select>
      </dd>
    </div>
  );
}
