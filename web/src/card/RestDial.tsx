import { useEffect, useState } from 'react';
import { clock } from './card';

const R = 120;
const ROUND = 2 * Math.PI * R;

/** A break running down: a ring of wire that is used up. */
export function RestDial(props: {
  /** how long it is, minutes */
  minutes: number;
}) {
  const whole = props.minutes * 60_000;
  const [ends] = useState(() => Date.now() + whole);
  const [at, setAt] = useState(() => Date.now());
  useEffect(() => {
    const tick = setInterval(() => setAt(Date.now()), 500);
    return () => clearInterval(tick);
  }, []);
  const left = Math.max(0, ends - at);
  return (
    <div className="rest-dial" role="timer" aria-label={`${clock(left)} left of the break`}>
      <svg viewBox="-150 -150 300 300" aria-hidden="true">
        <circle r={R} fill="none" stroke="#33413F" strokeWidth="6" />
        <circle
          r={R}
          fill="none"
          stroke="#C07748"
          strokeWidth="14"
          strokeDasharray={`${(ROUND * left) / whole} ${ROUND}`}
          transform="rotate(-90)"
        />
        <text textAnchor="middle" y="22" fontSize="64" fill="currentColor">
          {left > 0 ? clock(left) : 'rested'}
        </text>
      </svg>
    </div>
  );
}
