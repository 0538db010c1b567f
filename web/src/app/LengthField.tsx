import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';
import { api, Refused } from '../api/client';
import { useSettings } from './settings';
import { lengthNumber, thickness } from './units';

/** A length to type in any spelling; arrow keys step it. The server reads it: there is no parser here. */
export function LengthField(props: {
  /** what it measures */
  label: string;
  /** the length, mm */
  mm: number;
  /** called with the new length in mm and what was typed, if anything; says whether it was taken */
  onChange: (mm: number, typed?: string) => Promise<boolean>;
  /** what was typed for the length that stands, where that was not mm */
  entered?: string | undefined;
  /** whether it is a thickness, shown to a hundredth */
  fine?: boolean;
  /** what was wrong with the last value, from elsewhere */
  wrong?: string | undefined;
  /** what stands beside the field, such as a calliper to read */
  beside?: ReactNode;
}) {
  const { units } = useSettings();
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [refused, setRefused] = useState<string>();
  const shown = props.fine ? thickness(props.mm, units).replace(/ .*/, '') : lengthNumber(props.mm, units);
  const wrong = refused ?? props.wrong;

  const take = async () => {
    if (typed === undefined) return;
    if (typed.trim() === shown) {
      setTyped(undefined);
      return;
    }
    try {
      const { mm } = await api.length(typed, units);
      setRefused(undefined);
      if (await props.onChange(mm, typed.trim())) setTyped(undefined);
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      setRefused(thrown.problem.violations[0]?.limit ?? thrown.problem.detail);
    }
  };

  const key = (event: KeyboardEvent) => {
    if (event.key === 'Enter') void take();
    if (event.key === 'Escape') {
      setTyped(undefined);
      setRefused(undefined);
    }
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      const step = (props.fine ? 0.01 : units === 'mm' ? 0.1 : 25.4 / 16) * (event.shiftKey ? 10 : 1);
      const next = props.mm + (event.key === 'ArrowUp' ? step : -step);
      if (next > 0) void props.onChange(Math.round(next * 1e6) / 1e6);
    }
  };

  return (
    <div>
      <dt>
        <label htmlFor={id}>{props.label}</label>
        {props.entered && <span className="entered"> typed {props.entered}</span>}
        {wrong && (
          <div className="wrong" role="alert" id={`${id}w`}>
            {wrong}
          </div>
        )}
      </dt>
      <dd>
        <input
          id={id}
          className="field"
          value={typed ?? shown}
          aria-invalid={Boolean(wrong)}
          aria-describedby={wrong ? `${id}w` : undefined}
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          onFocus={(e) => e.target.select()}
          onBlur={() => void take()}
          onKeyDown={key}
        />
        <span className="u">{units}</span>
        {props.beside}
      </dd>
    </div>
  );
}
