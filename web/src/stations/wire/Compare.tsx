import { useWorkLeft } from '../../bench/workLeft';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { FieldCell, Plan } from '../../api/types';
import { useSettings } from '../../kit/settings';
import { length, load, mass, money, thickness, words, toolSize } from '../../kit/units';
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
  const workLeft = useWorkLeft(plan.strands[0]?.wire.metal ?? '');
  if (!taken) return null;
  const rows: [string, (cell: FieldCell) => string][] = [
    ['cut', (c) => length(c.cutLengthMm, units, 'up')],
    ['mass', (c) => mass(c.massG)],
    ['sells at', (c) => (c.sells === undefined ? 'no price' : money(c.sells, props.currency))],
    ['wire costs', (c) => (c.price === undefined ? 'no price' : money(c.price, props.currency))],
    [
      'form it on',
      (c) =>
        c.tool?.owned
          ? `${words(c.tool.owned.kind)} ${toolSize(c.tool.owned.sizeMm, units)}`
          : (c.tool?.kind ?? 'nothing'),
    ],
    ['springs back to', (c) => (c.tool?.comesToMm === undefined ? '–' : thickness(c.tool.comesToMm, units))],
    ['formed by', (c) => (c.forms === 'vice' ? 'jig, vice' : (c.forms ?? '–'))],
    ['holds', (c) => (c.holdN === undefined ? 'no load' : load(c.holdN))],
    ['needed', (c) => (c.wantsN === undefined ? '–' : load(c.wantsN))],
    ['work left', (c) => workLeft(c.strainLeft)],
    ['where it fails', (c) => failing(c, plan) || 'nowhere'],
  ];
  return (
    <Table className="compare">
      <TableHead>
        <TableRow>
          <TableCell aria-label="figure" />
          <TableCell align="right">current wire</TableCell>
          {tried && <TableCell align="right">{props.trying}</TableCell>}
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map(([label, value]) => {
          const mine = value(taken);
          const other = tried?.refused ? 'cannot be made' : tried ? value(tried) : undefined;
          return (
            <TableRow key={label}>
              <TableCell component="th" scope="row">
                {label}
              </TableCell>
              <TableCell align="right" className={other === mine ? 'alike' : undefined}>
                {mine}
              </TableCell>
              {other !== undefined && (
                <TableCell align="right" className={other === mine ? 'alike' : undefined} data-row={label}>
                  {other}
                </TableCell>
              )}
            </TableRow>
          );
        })}
      </TableBody>
    </Table>
  );
}
