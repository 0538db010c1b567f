import type { StrandPlan } from '../../api/types';
import { useBench } from '../../app/bench';
import { useSettings } from '../../app/settings';
import { length, mass, words } from '../../app/units';
import { Tape } from '../shape/Tape';

const still = { chosen: undefined, pointed: undefined, onChoose: () => undefined, onPoint: () => undefined };

/** What to cut, where to mark it, what it weighs. */
export function Cut() {
  const { plan } = useBench();
  const { units } = useSettings();
  return (
    <div>
      <table className="table">
        <caption style={{ textAlign: 'left', fontSize: 20, fontWeight: 650 }}>Cut list</caption>
        <thead>
          <tr>
            <th>strand</th>
            <th>wire</th>
            <th>wires</th>
            <th className="n">net</th>
            <th className="n">handle</th>
            <th className="n">spare, filing</th>
            <th className="n">cut each</th>
            <th className="n">mass each, finished</th>
          </tr>
        </thead>
        <tbody>
          {plan.strands.map((s) => (
            <tr key={s.id}>
              <td>{s.title}</td>
              <td>{s.wireInWords}</td>
              <td>{s.count}</td>
              <td className="n">{length(s.netLengthMm, units)}</td>
              <td className="n">{length(s.stretch.handleMm, units)}</td>
              <td className="n">
                {length(s.stretch.tailMm + s.stretch.fileMm + s.stretch.roundingMm, units)}
              </td>
              <td className="n">{length(s.cutLengthMm, units, 'up')}</td>
              <td className="n">{mass(s.massG)}</td>
            </tr>
          ))}
        </tbody>
      </table>
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
  const other = units === 'mm' ? 'in' : 'mm';
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
