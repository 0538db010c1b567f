import { Pick } from './Entry';
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
        <Pick id={id} value={props.value} onChange={props.onChange}>
          {props.choices.map((c) => (
            <option key={c} value={c}>
              {words(c)}
            </option>
          ))}
        </Pick>
      </dd>
    </div>
  );
}
