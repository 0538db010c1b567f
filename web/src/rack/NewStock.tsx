import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../api/queries';
import type { Metal, RackEntry, Section, Stock, Temper } from '../api/types';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { NumberField } from '../kit/NumberField';
import { TextField } from '../kit/TextField';
import { words } from '../kit/units';
import { freeName } from './stock';

const FORMS: Stock['form'][] = ['spool', 'coil', 'length', 'off-cut', 'parts'];

function sectionOf(shape: string, thick: number, wide: number): Section {
  if (shape === 'square') return { shape, sideMm: thick };
  if (shape === 'half-round' || shape === 'flat')
    return { shape, widthMm: wide, thicknessMm: thick, bent: 'easy' };
  return { shape: 'round', diameterMm: thick };
}

/** Puts up a stock: what it comes as, which wire, how much of it by length or by weight. */
export function NewStock(props: {
  /** names that are on labels already */
  names: readonly string[];
  /** what amounts are written in */
  currency: string;
  /** whether it is being booked */
  busy: boolean;
  /** called with the stock and how much of it came */
  onAdd: (stock: Stock, line: RackEntry['lines'][number]) => unknown;
  /** called when none is to be added */
  onLeave: () => void;
}) {
  const metals = useQuery(queries.metals());
  const [form, setForm] = useState<Stock['form']>('spool');
  const [metal, setMetal] = useState<Metal>('copper');
  const [temper, setTemper] = useState<Temper>('dead-soft');
  const [finish, setFinish] = useState<'bare' | 'plated' | 'enamelled'>('bare');
  const [shape, setShape] = useState('round');
  const [thick, setThick] = useState(1);
  const [wide, setWide] = useState(2);
  const [by, setBy] = useState<'length' | 'weight'>('length');
  const [mm, setMm] = useState(5000);
  const [g, setG] = useState(50);
  const [count, setCount] = useState(20);
  const [paid, setPaid] = useState(0);
  const [named, setNamed] = useState<string>();
  const [where, setWhere] = useState('');
  const own = metals.data?.find((m) => m.metal === metal);
  const tempers = own?.tempers ?? ['dead-soft'];
  const isParts = form === 'parts';
  const usual = isParts
    ? 'headed pins'
    : `${own?.title ?? words(metal)} ${thick.toFixed(2)}${form === 'spool' ? '' : `, ${words(form)}`}`;
  const name = named ?? freeName(usual, props.names);
  const yes = <T,>(set: (value: T) => void) => {
    return (value: T) => {
      set(value);
      return Promise.resolve(true);
    };
  };
  const add = () => {
    const id = crypto.randomUUID();
    const stock: Stock = {
      id,
      name,
      form,
      where,
      low: 0,
      ...(!isParts && {
        wire: { metal, temper, finish, section: sectionOf(shape, thick, wide) },
      }),
    };
    const amount = isParts
      ? ({ by: count, in: 'pieces' } as const)
      : by === 'weight'
        ? ({ by: g, in: 'g' } as const)
        : ({ by: mm, in: 'mm' } as const);
    props.onAdd(stock, { stock: id, scrapMm: 0, paid, ...amount });
  };
  return (
    <section aria-label="add a stock">
      <h2 className="part-title">add a stock</h2>
      <dl className="rows">
        <ChoiceField
          label="comes as"
          value={form}
          choices={FORMS}
          onChange={(f) => setForm(f as Stock['form'])}
        />
        {!isParts && (
          <>
            <ChoiceField
              label="metal"
              value={metal}
              choices={metals.data?.map((m) => m.metal) ?? [metal]}
              onChange={(m) => {
                const next = metals.data?.find((row) => row.metal === m)?.tempers ?? [];
                setMetal(m as Metal);
                if (!next.includes(temper)) setTemper(next[0] ?? 'dead-soft');
              }}
            />
            <ChoiceField
              label="temper"
              value={temper}
              choices={tempers}
              onChange={(t) => setTemper(t as Temper)}
            />
            <ChoiceField
              label="finish"
              value={finish}
              choices={['bare', 'plated', 'enamelled']}
              onChange={(f) => setFinish(f as typeof finish)}
            />
            <ChoiceField
              label="section"
              value={shape}
              choices={['round', 'half-round', 'square', 'flat']}
              onChange={setShape}
            />
            <LengthField label="thickness" fine mm={thick} onChange={yes(setThick)} />
            {(shape === 'flat' || shape === 'half-round') && (
              <LengthField label="width" fine mm={wide} onChange={yes(setWide)} />
            )}
            <ChoiceField
              label="known by"
              value={by}
              choices={['length', 'weight']}
              onChange={(w) => setBy(w as 'length' | 'weight')}
            />
          </>
        )}
        {isParts ? (
          <NumberField label="how many" value={count} unit="" step={1} onChange={yes(setCount)} />
        ) : by === 'length' ? (
          <LengthField label="how much" mm={mm} onChange={yes(setMm)} />
        ) : (
          <NumberField label="how much" value={g} unit="g" step={1} onChange={yes(setG)} />
        )}
        <NumberField label="paid" value={paid} unit={props.currency} step={1} onChange={yes(setPaid)} />
        <TextField label="label" value={name} onChange={yes((text: string) => setNamed(text || undefined))} />
        <TextField label="where it lies" value={where} onChange={yes(setWhere)} />
      </dl>
      <p className="tools-row">
        <Button variant="contained" disabled={props.busy} onClick={add}>
          add it
        </Button>
        <Button onClick={props.onLeave}>cancel</Button>
      </p>
    </section>
  );
}
