import { Entry } from './Entry';
import { useId, useState } from 'react';

/** A name to type; taken when left or with enter. */
export function TextField(props: {
  /** what it is */
  label: string;
  /** the text that stands */
  value: string;
  /** called with the new text; says whether it was taken */
  onChange: (value: string) => Promise<boolean>;
}) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const take = async () => {
    if (typed !== undefined && (typed.trim() === props.value || (await props.onChange(typed.trim())))) {
      setTyped(undefined);
    }
  };
  return (
    <div>
      <dt>
        <label htmlFor={id}>{props.label}</label>
      </dt>
      <dd>
        <Entry
          id={id}
          wide={200}
          value={typed ?? props.value}
          data-settled={typed === undefined || undefined}
          maxLength={120}
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          onBlur={() => void take()}
          onKeyDown={(e) => {
            if (e.key === 'Enter') void take();
            if (e.key === 'Escape') setTyped(undefined);
          }}
        />
      </dd>
    </div>
  );
}
