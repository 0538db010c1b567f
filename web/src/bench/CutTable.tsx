import type { StrandPlan } from '../api/types';
import { useSettings } from '../kit/settings';
import { length, mass } from '../kit/units';

/** What to cut, strand by strand, with the tables as files. */
export function CutTable(props: {
  /** strands as planned */
  strands: readonly StrandPlan[];
  /** where the tables are served */
  address: string;
}) {
  const { units } = useSettings();
  return (
    <>
      <table className="table">
        <caption>Cut list</caption>
        <thead>
          <tr>
            <th>strand</th>
            <th>wire</th>
            <th className="n">wires</th>
            <th className="n">net</th>
            <th className="n">handle</th>
            <th className="n">spare, filing</th>
            <th className="n">cut each</th>
            <th className="n">mass each, finished</th>
          </tr>
        </thead>
        <tbody>
          {props.strands.map((s) => (
            <tr key={s.id}>
              <td>{s.title}</td>
              <td>
                {s.wireInWords}
                {s.gaugesInWords && <small className="gauges">{s.gaugesInWords}</small>}
              </td>
              <td className="n">{s.count}</td>
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
      <p className="tools-row">
        <span className="label">as files for a spreadsheet (CSV, mm):</span>
        <a className="plain" href={`${props.address}/tables/cut-list`}>
          cut list
        </a>
        <a className="plain" href={`${props.address}/tables/elements`}>
          elements
        </a>
        <a className="plain" href={`${props.address}/tables/marks`}>
          marks
        </a>
      </p>
    </>
  );
}
