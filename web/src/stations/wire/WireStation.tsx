import './wire.css';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api, Refused } from '../../api/client';
import { queries } from '../../api/queries';
import type { FieldCell, Gauge, Metal, Piece, Purpose, Strand, Temper, Wire } from '../../api/types';
import { AdviceList } from '../../bench/AdviceList';
import { useBench } from '../../bench/bench';
import { docKey } from '../../kit/docKey';
import { ChoiceField } from '../../kit/ChoiceField';
import { refusals } from '../../bench/refusal';
import { rewired } from '../../bench/remake';
import { thicknessOf } from '../../kit/section';
import { StrandSwitch } from '../../bench/StrandSwitch';
import { SEVERITY, words } from '../../kit/units';
import { Compare } from './Compare';
import { FieldGrid } from './FieldGrid';
import { GaugeFinder } from './GaugeFinder';
import { around, isSame } from './gauges';
import { PriceField } from './PriceField';
import { SectionFields } from './SectionFields';

const PURPOSES: Purpose[] = [
  'decorative',
  'link',
  'ear-wire',
  'pendant',
  'necklace-closure',
  'bracelet-closure',
  'bangle-closure',
];

const SYSTEMS: Gauge['system'][] = ['AWG', 'SWG', 'metric'];
const TEMPERS: Temper[] = ['dead-soft', 'quarter-hard', 'half-hard', 'hard', 'spring'];

const SHORT: Partial<Record<Metal, string>> = {
  'jewelers-bronze': 'bronze',
  'sterling-silver': 'sterling',
  'silver-plated-copper': 'plated',
  'enamelled-copper': 'enamelled',
  'gold-14k': '14 k gold',
  'annealed-steel': 'soft steel',
  'music-wire': 'spring steel',
};

/** The field of gauges and tempers, each the whole piece worked again; metals, section and purpose beside it. */
export function WireStation() {
  const { piece, plan, at, change } = useBench();
  const metals = useQuery(queries.metals());
  const gauges = useQuery(queries.gauges());
  const prices = useQuery(queries.prices());
  const strand = piece.strands[at] as Strand;
  const wire = strand.wire;
  const mm = thicknessOf(wire.section);
  const [practice, setPractice] = useState<Metal>();
  const [pointed, setPointed] = useState<FieldCell>();
  const [system, setSystem] = useState<Gauge['system']>(labelOf(wire) ?? 'AWG');
  const [refused, setRefused] = useState<string>();
  const metal = practice ?? wire.metal;
  const row = metals.data?.find((m) => m.metal === metal);
  const rows = useMemo(() => around(gauges.data?.all ?? [], system, mm), [gauges.data, system, mm]);
  const tempers = useMemo(() => TEMPERS.filter((t) => row?.tempers.includes(t)), [row]);
  const ready = gauges.data !== undefined && tempers.length > 0;
  const field = useField(piece, at, metal, rows, tempers, ready);
  const here = useMemo(() => [{ thicknessMm: mm }], [mm]);
  const own = useMemo(() => [wire.temper], [wire.temper]);
  const taken = useField(piece, at, wire.metal, here, own, true).data?.cells[0];

  const set = async (next: Partial<Wire>): Promise<boolean> => {
    setRefused(undefined);
    try {
      return await change((now) => rewired(now, at, next));
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      setRefused(refusals(thrown.problem.violations, plan));
      return false;
    }
  };
  const take = (cell: FieldCell) => {
    if (!cell.wire) {
      setRefused(cell.refused);
      return;
    }
    setPractice(undefined);
    setPointed(undefined);
    void set(cell.wire);
  };
  const currency = prices.data?.prices.currency ?? '';
  const alike = field.data?.cells.find((c) => practice && isSame(c, mm) && c.temper === wire.temper);
  const tried =
    pointed && field.data?.cells.find((c) => isSame(c, pointed.thicknessMm) && c.temper === pointed.temper);
  const second = tried ?? alike;
  const isTaken = second !== undefined && !practice && isSame(second, mm) && second.temper === wire.temper;
  return (
    <div className="bench wire-station">
      <div className="wire-choices">
        <StrandSwitch />
        <div className="tools-row tight" role="group" aria-label="metal of the field">
          {metals.data?.map((m) => (
            <ToggleButton
              key={m.metal}

              value="on"
              selected={m.metal === metal}
              onClick={() => setPractice(m.metal === wire.metal ? undefined : m.metal)}
            >
              {SHORT[m.metal] ?? words(m.metal)}
            </ToggleButton>
          ))}
        </div>
        {field.data && field.data.cells.length > 0 && (
          <FieldGrid
            field={field.data}
            tempers={[...new Set(field.data.cells.map((c) => c.temper))]}
            plan={plan}
            presentMm={mm}
            taken={practice ? undefined : { mm, temper: wire.temper }}
            tried={pointed && { mm: pointed.thicknessMm, temper: pointed.temper }}
            currency={currency}
            waiting={field.isPlaceholderData}
            onTry={setPointed}
            onTake={take}
          />
        )}
        {field.error && <p role="alert">{field.error.message}</p>}
        <div className="tools-row" role="group" aria-label="gauge system">
          <span className="label">gauges</span>
          {SYSTEMS.map((s) => (
            <ToggleButton key={s} value="on" selected={s === system} onClick={() => setSystem(s)}>
              {s}
            </ToggleButton>
          ))}
          <span className="apart field-legend">
            <i className="line" /> holds / fails <i className="edge" /> warning <i className="hatch" /> stop
          </span>
        </div>
      </div>
      <aside className="side" aria-label="the current wire">
        <h2 style={{ fontSize: 20 }}>{plan.strands[at]?.wireInWords}</h2>
        {practice && (
          <p className="advice">
            <b>trying</b> You are looking at {words(practice)}; the piece is still {words(wire.metal)}. Press
            a cell to change it.{' '}
            <Button onClick={() => setPractice(undefined)}>back to {words(wire.metal)}</Button>
          </p>
        )}
        <Compare
          taken={taken}
          tried={isTaken ? undefined : second}
          trying={second ? `${second.thicknessMm.toFixed(2)} ${words(second.temper)}` : ''}
          plan={plan}
          currency={currency}
        />
        {refused && (
          <p className="wrong" role="alert">
            {refused}
          </p>
        )}
        {!isTaken && second?.worst && (
          <p className={`advice ${second.worst.severity}`}>
            <b>{SEVERITY[second.worst.severity]}</b> {second.worst.message}
          </p>
        )}
        <AdviceList advice={plan.advice} />
        <dl className="rows">
          <ChoiceField
            label="the piece is for"
            value={piece.purpose}
            choices={PURPOSES}
            onChange={(purpose) => void change((p) => ({ ...p, purpose: purpose as Purpose }))}
          />
          <SectionFields section={wire.section} onChange={(section) => set({ section })} />
          <ChoiceField
            label="finish"
            value={wire.finish}
            choices={['bare', 'plated', 'enamelled']}
            onChange={(finish) => void set({ finish: finish as Wire['finish'] })}
          />
          <PriceField metal={metal} />
        </dl>
        {row && (
          <p className="why">
            {words(metal)} under a steel hammer: {hammer(row.underHammer)}. Density {row.densityGPerCm3}{' '}
            g/cm³, stiffness {row.modulusGpa} GPa ({row.source}).
          </p>
        )}
        <GaugeFinder />
      </aside>
    </div>
  );
}

/** The piece worked again in every gauge and temper; the field before stays until the next one is there. */
function useField(
  piece: Piece,
  strand: number,
  metal: Metal,
  gauges: Parameters<typeof api.field>[0]['gauges'],
  tempers: Temper[],
  ready: boolean,
) {
  return useQuery({
    queryKey: ['field', docKey(piece), strand, metal, gauges, tempers],
    queryFn: ({ signal }) => api.field({ piece, gauges, tempers, metal, strand }, signal),
    placeholderData: keepPreviousData,
    enabled: ready,
    gcTime: 60_000,
    staleTime: Infinity,
  });
}

function labelOf(wire: Wire): Gauge['system'] | undefined {
  return wire.section.label?.system;
}

function hammer(sense: string): string {
  const says: Record<string, string> = {
    good: 'takes it well',
    stiffens: 'stiffens fast',
    soft: 'soft, dents easily',
    lightly: 'only lightly, the skin is thin',
    stop: 'never, skin or coat cracks or the wire snaps',
  };
  return says[sense] ?? sense;
}
