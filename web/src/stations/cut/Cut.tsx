import type { StrandPlan } from '../../api/types';
import { useBench } from '../../bench/bench';
import { useSettings } from '../../kit/settings';
import { length, mass, words } from '../../kit/units';
import { Tape } from '../../bench/Tape';
import { CutTable } from '../../bench/CutTable';

const still = { chosen: undefined, pointed: undefined, onChoose: () => undefined, onPoint: () => undefined };

/** What to cut, where to mark it, what it weighs. */
export function Cut() {
  const { id, plan } = useBench();
  const { units } = useSettings();
  return (
    <div>
      <CutTable strands={plan.strands} address={`/api/pieces/${id}`} />
      <p className="tools-row">
        <span className="label">the outline in mm, for drawing and cutting programs:</span>
        <a className="plain" href={`/api/pieces/${id}/outline?format=svg`}>
          SVG
        </a>
        <a className="plain" href={`/api/pieces/${id}/outline?format=dxf`}>
          DXF
        </a>
      </p>
      {plan.strands.map((s) => (
        <StrandMarks key={s.id} strand={s} />
      ))}
      <p className="why" style={{ marginTop: 12 }}>
        {plan.totals.wire
          .map(
            (w) =>
              `${words(w.metal)}, ${words(w.temper)}: ${length(w.lengthMm, units, 'up')} in all, ${mass(w.massG)}`,
          )
          .join('; ')}
        . The two nips at the cutter, 1 to 2 mm each, come on top.
      </p>
    </div>
  );
}

function StrandMarks(props: {
  /** the strand as planned */
  strand: StrandPlan;
}) {
  const { strand } = props;
  const { units } = useSettings();
  const other = units === 'mm' ? 'in32' : 'mm';
  const marks = [...strand.marks].sort((a, b) => a.atMm - b.atMm);
  return (
    <section style={{ marginTop: 22 }} aria-label={`marks of ${strand.title}`}>
      <div className="tape">
        <Tape strand={strand} {...still} />
      </div>
      <table className="table" style={{ maxWidth: 760 }}>
        <caption style={{ textAlign: 'left', fontSize: 20, fontWeight: 650 }}>
          Marks, {strand.title}: from the trued {marks[0]?.from === 'end' ? 'end' : 'beginning'}
        </caption>
        <thead>
          <tr>
            <th className="n">at</th>
            <th className="n">or</th>
            <th>what</th>
          </tr>
        </thead>
        <tbody>
          {marks.map((m) => (
            <tr key={m.label + m.atMm}>
              <td className="n">{length(m.atMm, units)}</td>
              <td className="n">{length(m.atMm, other)}</td>
              <td>{m.label}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
