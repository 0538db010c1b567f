import { Entry } from './Entry';
import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';

/** A plain number with a unit: turns, degrees, a count. */
export function NumberField(props: {
  /** what it is */
  label: string;
  /** the number */
  value: number;
  /** unit to show */
  unit: string;
  /** how far an arrow key goes */
  step: number;
  /** called with the new number; says whether it was taken */
  onChange: (value: number) => Promise<boolean>;
  /** what was wrong with the last value */
  wrong?: string | undefined;
  /** what stands beside the field, such as a scale to read */
  beside?: ReactNode;
}) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [odd, setOdd] = useState(false);
  const wrong = odd ? `“${typed ?? ''}” is not a number` : props.wrong;
  const take = async () => {
    if (typed === undefined) return;
    const value = Number(typed.replace(',', '.').trim());
    setOdd(!Number.isFinite(value) || typed.trim() === '');
    if (!Number.isFinite(value) || typed.trim() === '') return;
    if (value === props.value || (await props.onChange(value))) setTyped(undefined);
  };
  const key = (event: KeyboardEvent) => {
    if (event.key === 'Enter') void take();
    if (event.key === 'Escape') {
      setTyped(undefined);
      setOdd(false);
    }
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      const by = props.step * (event.shiftKey ? 10 : 1) * (event.key === 'ArrowUp' ? 1 : -1);
      void props.onChange(Math.round((props.value + by) * 1e6) / 1e6);
    }
  };
  return (
    <div>
      <dt>
        <label htmlFor={id}>{props.label}</label>
        {wrong && (
          <div className="wrong" role="alert">
            {wrong}
          </div>
        )}
      </dt>
      <dd>
        <Entry
          id={id}
          value={typed ?? String(Math.round(props.value * 1000) / 1000)}
          data-settled={typed === undefined || undefined}
          aria-invalid={Boolean(wrong)}
          autoComplete="off"
          inputMode="decimal"
          onChange={(e) => setTyped(e.target.value)}
          onFocus={(e) => e.target.select()}
          onBlur={() => void take()}
          onKeyDown={key}
        />
        <span className="u">{props.unit}</span>
        {props.beside}
      </dd>
    </div>
  );
}
