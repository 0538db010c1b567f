import { WideTable } from '../kit/WideTable';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
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
      <WideTable label="cut list">
        <Table>
          <caption>Cut list</caption>
          <TableHead>
            <TableRow>
              <TableCell>strand</TableCell>
              <TableCell>wire</TableCell>
              <TableCell align="right">wires</TableCell>
              <TableCell align="right">in the piece</TableCell>
              <TableCell align="right">handle</TableCell>
              <TableCell align="right">spare, filing</TableCell>
              <TableCell align="right">cut each</TableCell>
              <TableCell align="right">mass each, finished</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {props.strands.map((s) => (
              <TableRow key={s.id}>
                <TableCell component="th" scope="row">
                  {s.title}
                </TableCell>
                <TableCell>
                  {s.wireInWords}
                  {s.gaugesInWords && <small className="gauges">{s.gaugesInWords}</small>}
                </TableCell>
                <TableCell align="right">{s.count}</TableCell>
                <TableCell align="right">{length(s.netLengthMm, units)}</TableCell>
                <TableCell align="right">
                  {s.stretch.handleMm > 0 ? length(s.stretch.handleMm, units) : '–'}
                </TableCell>
                <TableCell align="right">
                  {length(s.stretch.tailMm + s.stretch.fileMm + s.stretch.roundingMm, units)}
                </TableCell>
                <TableCell align="right">{length(s.cutLengthMm, units, 'up')}</TableCell>
                <TableCell align="right">{mass(s.massG)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </WideTable>
      <p className="tools-row">
        <span className="label">as files for a spreadsheet (CSV, mm):</span>
        <Button href={`${props.address}/tables/cut-list`}>cut list</Button>
        <Button href={`${props.address}/tables/elements`}>elements</Button>
        <Button href={`${props.address}/tables/marks`}>marks</Button>
      </p>
    </>
  );
}
