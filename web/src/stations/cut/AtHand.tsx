import Button from '@mui/material/Button';
import { reasonOf } from '../../kit/reason';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused } from '../../api/client';
import { queries } from '../../api/queries';
import type { Metal, Piece, StrandPlan } from '../../api/types';
import { useBench } from '../../bench/bench';
import { LengthField } from '../../kit/LengthField';
import { useSettings } from '../../kit/settings';
import { length } from '../../kit/units';
import { shades } from '../../wire/metals';

const BAR = 24;
const WIDE = 760;
/** A piece shorter than this share of the bar carries no figure. */
const TOLD = 0.09;

/** One wire cut from what is at hand. */
interface Share {
  /** where it begins, mm */
  fromMm: number;
  /** how long it is, mm */
  mm: number;
}

/** The wires of the pattern's own wire, one after the other. */
function shares(strands: readonly StrandPlan[], first: StrandPlan): Share[] {
  const wires = strands
    .filter((s) => s.wireInWords === first.wireInWords)
    .flatMap((s) => Array.from({ length: s.count }, () => s.cutLengthMm));
  let fromMm = 0;
  return wires.map((mm) => {
    fromMm += mm;
    return { fromMm: fromMm - mm, mm };
  });
}

/** How far a length of wire goes: what the piece takes of it, what is left or lacking, and the piece that uses it up. */
export function AtHand(props: {
  /** where the piece came from */
  source: NonNullable<Piece['source']>;
}) {
  const { plan, change } = useBench();
  const { units } = useSettings();
  const patterns = useQuery(queries.patterns());
  const pattern = patterns.data?.find((p) => p.name === props.source.pattern);
  const [atHand, setAtHand] = useState<number>();
  const [wrong, setWrong] = useState<string>();
  const [did, setDid] = useState<string>();
  const first = plan.strands[0];
  if (!pattern || !first) return null;

  const cuts = shares(plan.strands, first);
  const needs = cuts.reduce((sum, c) => sum + c.mm, 0);
  const has = atHand ?? needs;
  const left = has - needs;
  const free = pattern.parameters.find((p) => p.free && counts(p.when, props.source.parameters));

  const fit = async () => {
    let text = '';
    try {
      await change(async (now) => {
        const next = await api.remake({ piece: now, measures: {}, wireMm: has });
        text = pattern.parameters
          .filter((p) => next.source?.parameters[p.name] !== now.source?.parameters[p.name])
          .map((p) => `${p.title}: ${said(now, p.name)} becomes ${said(next, p.name)} ${p.unit}`.trim())
          .join('; ');
        return next;
      });
      setWrong(undefined);
      setDid(text || 'It uses the wire up already, as far as a hand can tell.');
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      setDid(undefined);
      setWrong(reasonOf(thrown.problem));
    }
  };

  return (
    <section aria-label="wire at hand" className="at-hand">
      <h2 className="part-title">wire at hand</h2>
      <Bar cuts={cuts} hasMm={has} metal={first.wire.metal} />
      <dl className="rows" style={{ maxWidth: 420 }}>
        <LengthField
          label="I have"
          mm={has}
          wrong={wrong}
          onChange={(mm) => {
            setAtHand(mm);
            setDid(undefined);
            setWrong(undefined);
            return Promise.resolve(true);
          }}
        />
      </dl>
      <p className="why" aria-live="polite">
        The piece takes {length(needs, units, 'up')} of {first.wireInWords};{' '}
        {left < -1e-6 ? (
          <strong>{length(-left, units, 'up')} lack</strong>
        ) : left < 0.05 ? (
          'nothing is left over'
        ) : (
          <>{length(left, units)} are left over</>
        )}
        . {did}
      </p>
      {free && (
        <p className="tools-row">
          <Button variant="outlined" onClick={() => void fit()}>
            make it of this wire
          </Button>
          <span className="label">changes: {free.title}</span>
        </p>
      )}
    </section>
  );
}

function said(piece: Piece, name: string): string {
  const value = piece.source?.parameters[name];
  return typeof value === 'number' ? String(Math.round(value * 100) / 100) : String(value);
}

/** Whether a parameter counts with the words that others have now. */
function counts(when: string | undefined, parameters: Record<string, unknown>): boolean {
  const [name = '', words = ''] = when?.split('=') ?? [];
  return !when || words.split('|').includes(String(parameters[name]));
}

/** What is at hand as one bar, the wires cut from it to scale, what is left open, what lacks dashed. */
function Bar(props: {
  /** wires cut from it */
  cuts: readonly Share[];
  /** what is at hand, mm */
  hasMm: number;
  /** what it is made of */
  metal: Metal;
}) {
  const { cuts, hasMm } = props;
  const colours = shades(props.metal);
  const { units } = useSettings();
  const end = cuts.reduce((most, c) => Math.max(most, c.fromMm + c.mm), 0);
  const whole = Math.max(end, hasMm);
  const x = (mm: number) => (mm / whole) * WIDE;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${BAR}`}
      style={{ width: '100%', maxWidth: WIDE, display: 'block' }}
      role="img"
      aria-label={`${length(hasMm, units)} at hand, ${length(end, units, 'up')} taken`}
    >
      <rect
        x={0.5}
        y={0.5}
        width={x(hasMm) - 1}
        height={BAR - 1}
        rx={3}
        fill="none"
        stroke="var(--ink-soft)"
        strokeDasharray="5 4"
      />
      {cuts.map((c) => (
        <g key={c.fromMm}>
          <rect
            fill={c.fromMm + c.mm > hasMm + 1e-6 ? 'none' : colours.light}
            stroke={c.fromMm + c.mm > hasMm + 1e-6 ? 'var(--stop)' : colours.edge}
            x={x(c.fromMm) + 1}
            y={3}
            width={Math.max(1, x(c.mm) - 2)}
            height={BAR - 6}
            rx={2}
          />
          {c.mm / whole > TOLD && (
            <text
              x={x(c.fromMm + c.mm / 2)}
              y={BAR / 2 + 5}
              textAnchor="middle"
              fontSize={15}
              fill={c.fromMm + c.mm > hasMm + 1e-6 ? 'var(--ink)' : '#1b1b1b'}
            >
              {length(c.mm, units, 'up')}
            </text>
          )}
        </g>
      ))}
      {hasMm > end && (hasMm - end) / whole > TOLD && (
        <text x={x((hasMm + end) / 2)} y={BAR / 2 + 5} textAnchor="middle" fontSize={15} fill="var(--ink)">
          {length(hasMm - end, units)} left
        </text>
      )}
    </svg>
  );
}
