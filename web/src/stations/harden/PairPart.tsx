import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import type { PairMeasures, StrandPlan } from '../../api/types';
import { useBench } from '../../bench/bench';
import { InstrumentButton } from '../../kit/InstrumentButton';
import { docKey } from '../../kit/docKey';
import { LengthField } from '../../kit/LengthField';
import { useSettings } from '../../kit/settings';
import { length, thickness } from '../../kit/units';
import { stationOf } from './stationOf';
import { shades } from '../../wire/metals';

const ROWS: [keyof PairMeasures, string, boolean][] = [
  ['outsideMm', 'outside', false],
  ['lengthMm', 'length', false],
  ['thicknessMm', 'thickness', true],
];

const NAMES = ['first', 'second'] as const;

/** What one of them should measure. */
function asPlanned(strand: StrandPlan): PairMeasures {
  const widest = Math.max(0, ...strand.elements.map((e) => e.finished?.outsideMm ?? 0));
  const round = strand.elements.find((e) => e.finished?.outsideMm === widest);
  const at = stationOf(strand, round?.id ?? '');
  return {
    outsideMm: Math.round((widest || strand.finished.heightMm) * 10) / 10,
    lengthMm: Math.round(Math.max(strand.finished.widthMm, strand.finished.heightMm) * 10) / 10,
    thicknessMm: Math.round((at?.thicknessMm ?? 1) * 100) / 100,
  };
}

/** Two finished pieces, measured: drawn side by side as they are, and what makes them alike. */
export function PairPart(props: {
  /** index of the strand */
  index: number;
}) {
  const { piece, plan } = useBench();
  const { units } = useSettings();
  const strand = plan.strands[props.index] as StrandPlan;
  const [two, setTwo] = useState<[PairMeasures, PairMeasures]>(() => [asPlanned(strand), asPlanned(strand)]);
  const mend = useQuery({
    queryKey: ['pair', docKey(piece), props.index, two, units],
    queryFn: ({ signal }) =>
      api.pair({ piece, strand: props.index, first: two[0], second: two[1] }, units, signal),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  const put = (which: number, name: keyof PairMeasures, mm: number) => {
    setTwo((old) => old.map((m, i) => (i === which ? { ...m, [name]: mm } : m)) as typeof two);
    return Promise.resolve(true);
  };
  const steps = mend.data?.steps ?? [];
  const scale = 108 / Math.max(two[0].outsideMm, two[1].outsideMm, 1);
  return (
    <div className="mat pair">
      <div className="pair-two">
        {two.map((m, which) => {
          const mine = steps.filter((s) => s.which === NAMES[which]);
          return (
            <section key={which} aria-label={`the ${NAMES[which]}`}>
              <h2>the {NAMES[which]}</h2>
              <Ring measures={m} scale={scale} metal={strand.wire.metal} />
              <dl className="rows">
                {ROWS.map(([name, label, fine]) => (
                  <LengthField
                    key={name}
                    label={label}
                    mm={m[name]}
                    fine={fine}
                    onChange={(mm) => put(which, name, mm)}
                    beside={
                      <InstrumentButton
                        from="calliper"
                        what={`${label} of the ${NAMES[which]}`}
                        about={m[name]}
                        onRead={(mm) => void put(which, name, mm)}
                      />
                    }
                  />
                ))}
              </dl>
              {mine.length > 0 && (
                <b className="moves">{mine.map((s) => s.action.replace('-', ' ')).join(', ')}</b>
              )}
            </section>
          );
        })}
      </div>
      <div className="pair-says" aria-live="polite">
        {mend.error ? (
          <p className="wrong" role="alert">
            {mend.error.message}
          </p>
        ) : mend.data?.matched ? (
          <p>
            <b>Alike</b>, as far as eye and calliper tell. The {mend.data.label} is planned at{' '}
            {length(mend.data.plannedMm, units)} across.
          </p>
        ) : (
          mend.data && (
            <>
              <p>
                The {mend.data.label} is planned at {length(mend.data.plannedMm, units)} across. Apart by{' '}
                {length(Math.abs(mend.data.apart.outsideMm), units)} across,{' '}
                {length(Math.abs(mend.data.apart.lengthMm), units)} long,{' '}
                {thickness(Math.abs(mend.data.apart.thicknessMm), units)} thick.
              </p>
              <ol>
                {steps.map((s, i) => (
                  <li key={i} data-which={s.which} data-action={s.action}>
                    {s.says}
                  </li>
                ))}
              </ol>
              <p className="why">
                Estimates: growth by constant volume, wire along the middle of the curve. Do one step, measure
                again.
              </p>
            </>
          )
        )}
      </div>
    </div>
  );
}

/** What was measured, drawn to one scale for both. */
function Ring(props: {
  /** what it measures */
  measures: PairMeasures;
  /** px a millimetre */
  scale: number;
  /** what it is made of */
  metal: StrandPlan['wire']['metal'];
}) {
  const { measures, scale, metal } = props;
  const { units } = useSettings();
  const colours = shades(metal);
  const outside = measures.outsideMm * scale;
  const wire = Math.max(1, measures.thicknessMm * scale);
  const r = Math.max(1, (outside - wire) / 2);
  return (
    <svg width="210" height="148" aria-hidden="true">
      <g transform="translate(105 58)" fill="none">
        <circle r={r} stroke={colours.edge} strokeWidth={wire} />
        <circle r={r} stroke={colours.body} strokeWidth={wire * 0.82} />
        <circle r={r - wire * 0.12} stroke={colours.glint} strokeWidth={wire * 0.14} />
      </g>
      <path
        d={`M${105 - outside / 2} 122H${105 + outside / 2}M${105 - outside / 2} 116v12M${105 + outside / 2} 116v12`}
        stroke="var(--ink)"
        fill="none"
      />
      <text x="105" y="144" textAnchor="middle" fontSize="16" fill="var(--ink)">
        {length(measures.outsideMm, units)}
      </text>
    </svg>
  );
}
