import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused } from '../../api/client';
import { queries } from '../../api/queries';
import type { Metal, Purpose, Section, Strand, Temper, Wire } from '../../api/types';
import { AdviceList } from '../../app/AdviceList';
import { useBench } from '../../app/bench';
import { ChoiceField } from '../../app/ChoiceField';
import { followsPattern, remade, rewired } from '../../app/remake';
import { LengthField } from '../../app/LengthField';
import { Row } from '../../app/Row';
import { thicknessOf } from '../../app/section';
import { useSettings } from '../../app/settings';
import { length, mass, thickness, words } from '../../app/units';
import { StrandSwitch } from '../../app/StrandSwitch';
import { GaugeRack } from './GaugeRack';

const PURPOSES: Purpose[] = [
  'decorative',
  'link',
  'ear-wire',
  'pendant',
  'necklace-closure',
  'bracelet-closure',
  'bangle-closure',
];

/** Metal, gauge, temper and section; what they do to cut length and mass shows at once. */
export function WireStation() {
  const { piece, plan, at, change } = useBench();
  const { units } = useSettings();
  const metals = useQuery(queries.metals());
  const strand = piece.strands[at] as Strand;
  const planned = plan.strands[at];
  const wire = strand.wire;
  const [refused, setRefused] = useState<string>();
  const set = async (next: Partial<Wire>): Promise<boolean> => {
    setRefused(undefined);
    try {
      return await change((now) =>
        followsPattern(now) && at === 0
          ? remade(now, {}, { ...(now.strands[0] as Strand).wire, ...next })
          : rewired(now, at, next),
      );
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      setRefused(thrown.problem.violations.map((v) => `${v.path} was ${v.value}: ${v.limit}`).join('; '));
      return false;
    }
  };
  const row = metals.data?.find((m) => m.metal === wire.metal);
  const pickMetal = (metal: Metal) => {
    const tempers = metals.data?.find((m) => m.metal === metal)?.tempers ?? [];
    void set({ metal, temper: tempers.includes(wire.temper) ? wire.temper : (tempers[0] as Temper) });
  };
  return (
    <div className="bench" style={{ gridTemplateRows: 'minmax(0, 1fr)' }}>
      <div className="wire-choices">
        <StrandSwitch />
        <div className="tools-row" role="group" aria-label="metal">
          <span className="label">metal</span>
          {metals.data?.map((m) => (
            <button
              key={m.metal}
              className="plain"
              aria-pressed={m.metal === wire.metal}
              onClick={() => pickMetal(m.metal)}
            >
              {words(m.metal)}
            </button>
          ))}
        </div>
        <div className="tools-row" role="group" aria-label="temper">
          <span className="label">temper</span>
          {row?.tempers.map((t) => (
            <button
              key={t}
              className="plain"
              aria-pressed={t === wire.temper}
              onClick={() => void set({ temper: t })}
            >
              {words(t)}
            </button>
          ))}
        </div>
        <GaugeRack wire={wire} onTake={(section) => void set({ section })} />
      </div>
      <aside className="side" aria-label="the wire taken">
        <h2 style={{ fontSize: 22 }}>{planned?.wireInWords}</h2>
        <dl className="rows">
          <SectionFields section={wire.section} onChange={(section) => set({ section })} />
          <ChoiceField
            label="finish"
            value={wire.finish}
            choices={['bare', 'plated', 'enamelled']}
            onChange={(finish) => void set({ finish: finish as Wire['finish'] })}
          />
          <ChoiceField
            label="the piece is for"
            value={piece.purpose}
            choices={PURPOSES}
            onChange={(purpose) => void change((p) => ({ ...p, purpose: purpose as Purpose }))}
          />
          {planned && (
            <>
              <Row label="cut" value={length(planned.cutLengthMm, units, 'up')} />
              <Row label="mass, finished" value={mass(planned.massG)} />
            </>
          )}
        </dl>
        {refused && (
          <p className="wrong" role="alert">
            {refused}
          </p>
        )}
        {row && (
          <p className="why">
            Under a steel hammer: {hammer(row.underHammer)}. Density {row.densityGPerCm3} g/cm³, stiffness{' '}
            {row.modulusGpa} GPa ({row.source}).
          </p>
        )}
        <GaugeFinder />
        <AdviceList advice={plan.advice} />
      </aside>
    </div>
  );
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

/** The section's shape and its measures. */
function SectionFields(props: {
  /** the section taken */
  section: Section;
  /** called with another */
  onChange: (section: Section) => Promise<boolean>;
}) {
  const { section, onChange } = props;
  const size = thicknessOf(section);
  const pick = (shape: string) => {
    const sections: Record<string, Section> = {
      round: { shape: 'round', diameterMm: size },
      square: { shape: 'square', sideMm: size },
      flat: { shape: 'flat', widthMm: size * 2.5, thicknessMm: size },
      'half-round': { shape: 'half-round', widthMm: size * 2, thicknessMm: size },
    };
    const next = sections[shape];
    if (next) void onChange(next);
  };
  return (
    <>
      <ChoiceField
        label="section"
        value={section.shape}
        choices={['round', 'half-round', 'square', 'flat']}
        onChange={pick}
      />
      {section.shape === 'round' && (
        <LengthField
          label="thickness"
          fine
          mm={section.diameterMm}
          onChange={(diameterMm) => onChange({ shape: 'round', diameterMm })}
        />
      )}
      {section.shape === 'square' && (
        <LengthField
          label="side"
          fine
          mm={section.sideMm}
          onChange={(sideMm) => onChange({ shape: 'square', sideMm })}
        />
      )}
      {(section.shape === 'flat' || section.shape === 'half-round') && (
        <>
          <LengthField
            label="width"
            fine
            mm={section.widthMm}
            onChange={(widthMm) => onChange({ ...section, widthMm })}
          />
          <LengthField
            label="thickness"
            fine
            mm={section.thicknessMm}
            onChange={(thicknessMm) => onChange({ ...section, thicknessMm })}
          />
        </>
      )}
    </>
  );
}

/** A measured thickness in three systems, with how far each is off. */
function GaugeFinder() {
  const { units } = useSettings();
  const [mm, setMm] = useState(0.6);
  const [wrong, setWrong] = useState<string>();
  const near = useQuery({ queryKey: ['nearest', mm], queryFn: () => api.nearest(mm), staleTime: Infinity });
  const find = async (asked: number) => {
    try {
      await api.nearest(asked);
      setWrong(undefined);
      setMm(asked);
      return true;
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      setWrong(thrown.problem.violations[0]?.limit);
      return false;
    }
  };
  return (
    <>
      <h2 className="part-title">find a gauge</h2>
      <dl className="rows">
        <LengthField label="measured thickness" fine mm={mm} wrong={wrong} onChange={find} />
        {near.data?.nearest.map((g) => (
          <Row
            key={g.system}
            label={g.system === 'metric' ? `metric ${g.number}` : `${g.system} ${g.number}`}
            value={`${thickness(g.diameterMm, units)}, ${deviation(g.deviationMm)}`}
          />
        ))}
      </dl>
    </>
  );
}

function deviation(mm: number): string {
  if (Math.abs(mm) < 0.0005) return 'exact';
  return `${Math.abs(mm).toFixed(3)} ${mm > 0 ? 'over' : 'under'}`;
}
