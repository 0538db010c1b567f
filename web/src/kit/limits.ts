import { INCH_MM, type Units, unitWord } from './units';

/** A limit in the reader's unit, with no more digits than it has. */
function figure(mm: number, units: Units): string {
  return String(units === 'mm' ? mm : Number((mm / INCH_MM).toFixed(3)));
}

/** What is wrong with a length that lies outside its limits, in the reader's unit; nothing where it lies within. */
export function beyond(
  mm: number,
  from: number | undefined,
  to: number | undefined,
  units: Units,
): string | undefined {
  if (mm >= (from ?? mm) && mm <= (to ?? mm)) return undefined;
  if (from === undefined) return `must be ${figure(to ?? mm, units)} ${unitWord(units)} or less`;
  return to === undefined
    ? `must be ${figure(from, units)} ${unitWord(units)} or more`
    : `must be from ${figure(from, units)} to ${figure(to, units)} ${unitWord(units)}`;
}
