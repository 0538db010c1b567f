import type { FieldCell, FieldGauge, Gauge } from '../../api/types';

/** How many gauges a field has. */
export const ROWS = 12;
const ABOVE = 5;
const SAME_MM = 0.006;
const [THINNEST, THICKEST] = [0.2, 6];

/** Thickness as it is sold: to a hundredth of a millimetre. */
function sold(gauge: Gauge): FieldGauge {
  return {
    thicknessMm: Math.round(gauge.diameterMm * 100) / 100,
    label: { system: gauge.system, number: gauge.number },
  };
}

/** The gauges of a system around a thickness, thick to thin; the thickness itself, to the last figure, is always one of them. */
export function around(all: readonly Gauge[], system: Gauge['system'], mm: number): FieldGauge[] {
  const rows = all
    .filter((g) => g.system === system && g.diameterMm >= THINNEST && g.diameterMm <= THICKEST)
    .map(sold)
    .sort((a, b) => b.thicknessMm - a.thicknessMm);
  const same = rows.find((g) => isSame(g, mm));
  if (same) {
    same.thicknessMm = mm;
  } else {
    rows.push({ thicknessMm: mm });
    rows.sort((a, b) => b.thicknessMm - a.thicknessMm);
  }
  const here = rows.findIndex((g) => isSame(g, mm));
  const first = Math.max(0, Math.min(here - ABOVE, rows.length - ROWS));
  return rows.slice(first, first + ROWS);
}

/** Whether a gauge is of a thickness, as a calliper tells. */
export function isSame(gauge: { thicknessMm: number }, mm: number): boolean {
  return Math.abs(gauge.thicknessMm - mm) < SAME_MM;
}

/** Whether a wire does all that is asked of it. */
export function does(cell: FieldCell | undefined): boolean {
  return cell !== undefined && cell.refused === undefined && cell.holds && cell.stands;
}

/**
 * The line between what does and what does not, along the borders of cells, as an SVG path in columns and rows.
 *
 * @param cells one for every gauge and temper, gauges first
 * @param columns how many tempers
 */
export function boundary(cells: readonly FieldCell[], columns: number): string {
  const rows = Math.floor(cells.length / columns);
  let path = '';
  for (let r = 0; r < rows; r++) {
    for (let c = 0; c < columns; c++) {
      const here = does(cells[r * columns + c]);
      if (c + 1 < columns && does(cells[r * columns + c + 1]) !== here) path += `M${c + 1} ${r}V${r + 1}`;
      if (r + 1 < rows && does(cells[(r + 1) * columns + c]) !== here) path += `M${c} ${r + 1}H${c + 1}`;
    }
  }
  return path;
}
