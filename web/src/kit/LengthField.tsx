import { Entry } from './Entry';
import { useId, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { api, Refused } from '../api/client';
import { beyond } from './limits';
import { mark, untilAnswered } from './saves';
import { useSettings } from './settings';
import { NameMeasure, OwnMeasures } from './OwnMeasures';
import { lengthNumber, thickness, unitWord } from './units';

/** What was refused is seen even where the field stands at the edge of a part that scrolls. */
function intoView(element: HTMLElement | null) {
  element?.scrollIntoView({ block: 'nearest' });
}

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
  /** the least that it may be, mm; what is less is refused here, in the unit that is read */
  from?: number | undefined;
  /** the greatest that it may be, mm */
  to?: number | undefined;
  /** what was wrong with the last value, from elsewhere */
  wrong?: string | undefined;
  /** what stands beside the field, such as a calliper to read */
  beside?: ReactNode;
}) {
  const { units } = useSettings();
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [refused, setRefused] = useState<string>();
  const [unknown, setUnknown] = useState<string>();
  const [open, setOpen] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const asking = useRef<object | undefined>(undefined);
  const shown = props.fine ? thickness(props.mm, units).replace(/ .*/, '') : lengthNumber(props.mm, units);
  const wrong = refused ?? props.wrong;

  const forget = () => {
    asking.current = undefined;
    setTyped(undefined);
    setRefused(undefined);
    setUnknown(undefined);
  };
  const take = async (text = typed) => {
    if (text === undefined) return;
    if (text.trim() === shown) {
      forget();
      return;
    }
    const mine = {};
    asking.current = mine;
    const goesOn = () => asking.current === mine;
    try {
      const { mm } = await untilAnswered(
        () => api.length(text, units),
        (away) => {
          mark(mine, away);
          if (away) setRefused('Etui does not answer; this waits and is taken when it is back');
        },
        goesOn,
      );
      if (!goesOn()) return;
      setUnknown(undefined);
      const outside = beyond(mm, props.from, props.to, units);
      setRefused(outside);
      if (outside) return;
      if (await props.onChange(mm, text.trim())) setTyped(undefined);
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      if (!goesOn()) return;
      const bad = thrown.problem.violations[0];
      setRefused(bad?.limit ?? thrown.problem.detail);
      setUnknown(bad?.path.startsWith('measures.') ? bad.path.slice('measures.'.length) : undefined);
    }
  };

  const key = (event: KeyboardEvent) => {
    if (event.key === 'Enter') void take();
    if (event.key === 'Escape') {
      setOpen(false);
      forget();
    }
    if (event.altKey && event.key === 'ArrowDown') {
      event.preventDefault();
      setOpen(!open);
      return;
    }
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      const step =
        (props.fine ? 0.01 : units === 'mm' ? 0.1 : units === 'in' ? 25.4 / 16 : 25.4 / 32) *
        (event.shiftKey ? 10 : 1);
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
          <div className="wrong" role="alert" id={`${id}w`} ref={intoView}>
            {wrong}
          </div>
        )}
        {wrong && unknown && <NameMeasure name={unknown} onNamed={() => void take()} />}
      </dt>
      <dd onBlur={(e) => e.currentTarget.contains(e.relatedTarget) || setOpen(false)}>
        <Entry
          entry={input}
          id={id}
          value={typed ?? shown}
          data-settled={typed === undefined || undefined}
          aria-invalid={Boolean(wrong)}
          aria-describedby={wrong ? `${id}w` : undefined}
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          onFocus={(e) => e.target.select()}
          onBlur={() => void take()}
          onKeyDown={key}
        />
        <button
          className="u"
          tabIndex={-1}
          aria-label={`${unitWord(units)}, measures of your own (alt ↓)`}
          aria-expanded={open}
          onMouseDown={(e) => e.preventDefault()}
          onClick={() => {
            input.current?.focus();
            setOpen(!open);
          }}
        >
          {unitWord(units)}
        </button>
        {props.beside}
        {open && !unknown && (
          <OwnMeasures
            mm={props.mm}
            onTake={(name) => {
              setOpen(false);
              setTyped(name);
              void take(name);
            }}
          />
        )}
      </dd>
    </div>
  );
}
