import Button from '@mui/material/Button';
import { memo, useRef } from 'react';
import type { ElementPlan, Metal } from '../api/types';
import { grams, load } from '../kit/units';
import { shades } from './metals';
import { pathOf } from './PulledBend';

/** A bend pulled with the load that it should hold, and let go: a short animation with its figures. */
export const Squeeze = memo(function Squeeze(props: {
  /** the element as planned */
  planned: ElementPlan;
  /** thickness of the wire there, mm */
  thicknessMm: number;
  /** what it is made of */
  metal: Metal;
}) {
  const { planned, thicknessMm } = props;
  const move = useRef<SVGAnimateElement[]>([]);
  const pull = planned.pull;
  if (!pull) return null;
  const far = pull.opensMm < 0.8 ? 5 : 1;
  const further = (outline: number[][]) =>
    outline.map((p, i) => p.map((v, k) => (pull.rest[i]?.[k] ?? 0) + far * (v - (pull.rest[i]?.[k] ?? 0))));
  const shown = [pull.rest, further(pull.under), further(pull.after)];
  const [rest = '', under = '', after = ''] = shown.map(pathOf);
  const xs = shown.flatMap((outline) => outline.map((p) => p[0] ?? 0));
  const ys = shown.flatMap((outline) => outline.map((p) => Math.abs(p[1] ?? 0)));
  const left = Math.min(...xs) - thicknessMm;
  const wide = Math.max(...xs) - left + thicknessMm;
  const high = 2 * Math.max(...ys) + 2 * thicknessMm;
  const colours = shades(props.metal);
  const way = pull.shut ? 'Shuts' : planned.fails === 'opens' ? 'Opens' : 'Lengthens';
  return (
    <section className="squeeze" aria-label={pull.shut ? 'squeeze test' : 'pull test'}>
      <svg
        viewBox={`${left} ${-high / 2} ${wide} ${high}`}
        role="img"
        aria-label={`the ${planned.label} under ${load(pull.loadN)}`}
      >
        <path d={rest} fill="none" stroke="var(--line-strong)" strokeWidth={thicknessMm} />
        {([colours.edge, colours.body, colours.glint] as const).map((colour, i) => (
          <path
            key={i}
            d={after}
            fill="none"
            stroke={colour}
            strokeWidth={thicknessMm * ([1, 0.8, 0.15][i] ?? 1)}
          >
            <animate
              ref={(node) => {
                if (node) move.current[i] = node as SVGAnimateElement;
              }}
              attributeName="d"
              begin="indefinite"
              dur="2.4s"
              values={`${rest};${under};${under};${after};${after}`}
              keyTimes="0;0.4;0.6;0.8;1"
            />
          </path>
        ))}
      </svg>
      <div>
        <Button onClick={() => move.current.forEach((a) => a.beginElement())}>
          {pull.shut ? 'squeeze it' : 'pull it'} with {grams(pull.loadN)}
        </Button>
        <p>
          {pull.beyond ? (
            <>
              {pull.shut ? 'It folds shut' : 'It pulls open'}: no part of the wire carries {load(pull.loadN)}.
            </>
          ) : (
            <>
              {way} by <b>{pull.opensMm.toFixed(2)} mm</b>
              {pull.staysMm < 0.005 ? (
                ' and springs back.'
              ) : (
                <>
                  ; <b>{pull.staysMm.toFixed(2)} mm</b> of that stays.
                </>
              )}
            </>
          )}{' '}
          {far > 1 && `Drawn ${far} times as far.`}
        </p>
      </div>
    </section>
  );
});
