import { Pick } from './Entry';
import { useId, useState } from 'react';
import { words } from './units';

/** One out of a few. One that is refused stays in sight with the reason, until another is chosen. */
export function ChoiceField(props: {
  /** what it is */
  label: string;
  /** the word chosen */
  value: string;
  /** the words allowed */
  choices: readonly string[];
  /** how one is said; the word itself where it is left out */
  say?: ((value: string) => string) | undefined;
  /** called with the new word; may say whether it was taken */
  onChange: (value: string) => unknown;
  /** why the last word was refused */
  wrong?: string | undefined;
}) {
  const id = useId();
  const say = props.say ?? words;
  const [refused, setRefused] = useState<string>();
  const choose = async (word: string) => {
    setRefused(undefined);
    if ((await props.onChange(word)) === false) setRefused(word);
  };
  return (
    <div>
      <dt>
        <label htmlFor={id}>{props.label}</label>
        {refused !== undefined && (
          <div className="wrong" role="alert">
            {say(refused)}: {props.wrong ?? 'this cannot be'}; still {say(props.value)}
          </div>
        )}
      </dt>
      <dd>
        <Pick id={id} value={refused ?? props.value} onChange={(word) => void choose(word)}>
          {props.choices.map((c) => (
            <option key={c} value={c}>
              {say(c)}
            </option>
          ))}
        </Pick>
      </dd>
    </div>
  );
}
