import type { FieldCell, Plan } from '../../api/types';
import { useSettings } from '../../kit/settings';
import { length, load, mass, money, thickness, words } from '../../kit/units';
import { failing } from './FieldGrid';

/** Two wires side by side in figures: the one taken, and the one tried. What differs is printed bold. */
export function Compare(props: {
  /** the wire that the piece has */
  taken: FieldCell | undefined;
  /** the wire that is tried */
  tried: FieldCell | undefined;
  /** what heads the second column */
  trying: string;
  /** the piece as planned: names of its places */
  plan: Plan;
  /** as an amount of money is written */
  currency: string;
}) {
  const { taken, tried, plan } = props;
  const { units } = useSettings();
  if (!taken) return null;
  const rows: [string, (cell: FieldCell) => string][] = [
    ['cut', (c) => length(c.cutLengthMm, units, 'up')],
    ['mass', (c) => mass(c.massG)],
    ['price', (c) => (c.price === undefined ? 'no price' : money(c.price, props.currency))],
    [
      'form it on',
      (c) =>
        c.tool?.owned
          ? `${words(c.tool.owned.kind)} ${length(c.tool.owned.sizeMm, units)}`
          : (c.tool?.kind ?? 'nothing'),
    ],
    ['comes to', (c) => (c.tool?.comesToMm === undefined ? '–' : thickness(c.tool.comesToMm, units))],
    ['formed by', (c) => (c.forms === 'vice' ? 'jig, vice' : (c.forms ?? '–'))],
    ['holds', (c) => (c.holdN === undefined ? 'no load' : load(c.holdN))],
    ['wanted', (c) => (c.wantsN === undefined ? '–' : load(c.wantsN))],
    ['strain left', (c) => c.strainLeft.toFixed(2)],
    ['fails at', (c) => failing(c, plan) || 'nothing'],
  ];
  return (
    <table className="table compare">
      <thead>
        <tr>
          <th aria-label="figure" />
          <th className="n">taken</th>
          {tried && <th className="n">{props.trying}</th>}
        </tr>
      </thead>
      <tbody>
        {rows.map(([label, value]) => {
          const mine = value(taken);
          const other = tried?.refused ? 'cannot be made' : tried ? value(tried) : undefined;
          return (
            <tr key={label}>
              <td>{label}</td>
              <td className={`n${other === mine ? ' alike' : ''}`}>{mine}</td>
              {other !== undefined && (
                <td className={`n${other === mine ? ' alike' : ''}`} data-row={label}>
                  {other}
                </td>
              )}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
