/** What lengths are read in: millimetres, inches in sixteenths or in thirty-seconds. */
export type Units = 'mm' | 'in' | 'in32';

/** The unit as it stands behind a figure. */
export function unitWord(units: Units): 'mm' | 'in' {
  return units === 'mm' ? 'mm' : 'in';
}

/** Which way a shown length is rounded. */
export type Rounding = 'nearest' | 'up';

const GRAIN = 1e-9;
/** An inch, mm: exact (ISO 31-1). */
export const INCH_MM = 25.4;

/** A length without its unit: tenths of a millimetre, whole ones where it is rounded up to them, or a reduced fraction of an inch. */
export function lengthNumber(mm: number, units: Units, rounding: Rounding = 'nearest'): string {
  const round = (x: number) =>
    rounding === 'up' ? Math.ceil(x - GRAIN) : Math.sign(x) * Math.round(Math.abs(x) + GRAIN);
  if (units === 'mm') {
    const tenths = (round(mm * 10) / 10).toFixed(1);
    return rounding === 'up' ? tenths.replace(/\.0$/, '') : tenths;
  }
  const parts = units === 'in' ? 16 : 32;
  const count = round((mm / INCH_MM) * parts);
  const sign = count < 0 ? '-' : '';
  const whole = Math.floor(Math.abs(count) / parts);
  let top = Math.abs(count) % parts;
  let bottom = parts;
  while (top !== 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return sign + whole;
  return `${sign}${whole === 0 ? '' : `${whole} `}${top}/${bottom}`;
}

/** A length with its unit. */
export function length(mm: number, units: Units, rounding: Rounding = 'nearest'): string {
  return `${lengthNumber(mm, units, rounding)} ${unitWord(units)}`;
}

const MARK_MM = 0.2;

/** A place on the wire: in inches the 1/32 where that is true to 0.2 mm, else the decimal: marks a millimetre apart must not read alike. */
export function place(mm: number, units: Units): string {
  if (units === 'mm') return length(mm, units);
  const inch = mm / INCH_MM;
  const off = Math.abs(Math.round(inch * 32) / 32 - inch) * INCH_MM;
  return off <= MARK_MM ? length(mm, 'in32') : `${inch.toFixed(2)} in`;
}

/** A length of wire in all: metres from one metre on, else as any length; never shorter than it is. */
export function wireLength(mm: number, units: Units): string {
  return units === 'mm' && mm >= 1000
    ? `${(Math.ceil(mm / 10 - GRAIN) / 100).toFixed(2)} m`
    : length(mm, units, 'up');
}

/** A length as a rule reads it along a wire: metres from one metre on, else whole millimetres where it is whole. */
export function ruled(mm: number, units: Units): string {
  if (units !== 'mm') return length(mm, units);
  if (mm >= 1000) return `${(mm / 1000).toFixed(2)} m`;
  return `${(Math.round(mm * 10) / 10).toFixed(1).replace(/\.0$/, '')} mm`;
}

/** A thickness: hundredths of a millimetre, or thousandths of an inch. */
export function thickness(mm: number, units: Units): string {
  return units === 'mm' ? `${mm.toFixed(2)} mm` : `${(mm / INCH_MM).toFixed(3)} in`;
}

/** The size of a tool as it is stamped on it. */
export function toolSize(mm: number, units: Units): string {
  return units === 'mm' ? `${lengthNumber(mm, units).replace(/\.0$/, '')} mm` : length(mm, units);
}

/** What a gram weighs, N: standard gravity (ISO 80000-3). */
export const NEWTONS_A_GRAM = 9.80665 / 1000;

/** Two digits: from spool to spool loads differ by more than a third would tell. */
function twoDigits(n: number): string {
  return n >= 99.5 ? String(Number(n.toPrecision(2))) : n.toPrecision(2);
}

/** A load as worked out, in grams, as on a kitchen scale. */
export function grams(newtons: number): string {
  const g = newtons / NEWTONS_A_GRAM;
  return g < 995 ? `${twoDigits(g)} g` : `${twoDigits(g / 1000)} kg`;
}

/** A load as it was read off a scale. */
export function weighed(newtons: number): string {
  const g = newtons / NEWTONS_A_GRAM;
  return Math.round(g) < 1000 ? `${g.toFixed(0)} g` : `${(g / 1000).toFixed(2)} kg`;
}

/** A load: grams first, newtons beside. */
export function load(newtons: number): string {
  return `${grams(newtons)} (${twoDigits(newtons)} N)`;
}

/** An amount of money: two places. */
export function money(amount: number, currency: string): string {
  return `${amount.toFixed(2)} ${currency}`;
}

/** A mass in grams. */
export function mass(g: number): string {
  return `${g.toFixed(g < 10 ? 2 : 1)} g`;
}

/** The contract's words as people read them. */
export function words(word: string): string {
  return word.replaceAll('-', ' ');
}

/** How bad advice is, as people call it. */
export const SEVERITY = { stop: 'stop', mind: 'warning', note: 'note' } as const;

/** A count with its noun. */
export function counted(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}
