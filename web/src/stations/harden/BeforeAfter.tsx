import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { memo } from 'react';
import type { ElementPlan, StrandPlan } from '../../api/types';
import { useSettings } from '../../kit/settings';
import { standsOf } from '../../bench/loads';
import { stationOf } from './stationOf';
import { grams, length, load, thickness, words } from '../../kit/units';

/** An element before its work and as it is, in figures. */
export const BeforeAfter = memo(function BeforeAfter(props: {
  /** id of the element */
  element: string;
  /** the strand before any work on it; the same as now where there is none */
  before: StrandPlan | undefined;
  /** the strand as it is shown */
  now: StrandPlan;
}) {
  const { element, before, now } = props;
  const { units } = useSettings();
  const find = (strand: StrandPlan | undefined) => strand?.elements.find((e) => e.id === element);
  const [old, current] = [find(before), find(now)];
  if (!current) return null;
  const changes = before !== undefined && before !== now;
  // Two figures beside each other leave no room for newtons; they stand above.
  const said = changes ? grams : load;
  const rows: [string, (e: ElementPlan, s: StrandPlan | undefined) => string][] = [
    [
      current.squeezed ? 'stands a squeeze' : 'holds',
      (e) => {
        const stands = standsOf(e);
        return stands === undefined ? '–' : said(stands);
      },
    ],
    ['needed', (e) => (e.wantsN === undefined ? 'no load' : said(e.wantsN))],
    ['temper', (e) => words(e.temperNow)],
    ['Vickers', (e) => `${e.hardnessHv.toFixed(0)} HV`],
    ['strain used', (e) => `${e.strain.toFixed(2)} of ${now.redStrain.toFixed(2)}`],
    ['inside', (e) => (e.finished?.insideMm === undefined ? '–' : length(e.finished.insideMm, units))],
    [
      'thick × wide',
      (e, s) => {
        const at = stationOf(s, e.id);
        return at
          ? `${thickness(at.thicknessMm, units).replace(/ .*/, '')} × ${thickness(at.widthMm, units)}`
          : '–';
      },
    ],
    [
      'opens again',
      (e) =>
        e.opensLeft === undefined
          ? '–'
          : e.opensLeft >= 100
            ? 'over 100 ×'
            : `about ${Math.floor(e.opensLeft)} ×`,
    ],
  ];
  const shown = rows
    .map(([label, value]) => [label, old ? value(old, before) : '–', value(current, now)] as const)
    .filter(([, a, b]) => a !== '–' || b !== '–');
  return (
    <Table
      className="compare"
      sx={changes ? { '&&& .MuiTableCell-root': { px: '3px', fontSize: 14.5 } } : undefined}
    >
      {changes && (
        <TableHead>
          <TableRow>
            <TableCell aria-label="figure" />
            <TableCell align="right">before</TableCell>
            <TableCell align="right">after</TableCell>
          </TableRow>
        </TableHead>
      )}
      <TableBody>
        {shown.map(([label, a, b]) => (
          <TableRow key={label}>
            <TableCell>{label}</TableCell>
            {changes && (
              <TableCell align="right" className={a === b ? 'alike' : undefined}>
                {a}
              </TableCell>
            )}
            <TableCell align="right" className={changes && a === b ? 'alike' : undefined} data-row={label}>
              {b}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
});
