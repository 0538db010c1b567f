import type { BookedEntry, OnRack, RackEntry, Stock } from '../api/types';
import { mass, money, ruled, type Units } from '../kit/units';

/** How much of a stock there is, in words: a length of wire, or pieces. */
export function amountOf(form: Stock['form'], amount: number, units: Units): string {
  if (form !== 'parts') return ruled(amount, units);
  return amount === 1 ? '1 piece' : `${amount} pieces`;
}

/** How full a spool or coil is, against the most that it ever held. */
export function fill(held: Pick<OnRack, 'has' | 'most'>): number {
  return held.most > 0 ? Math.min(1, held.has / held.most) : 0;
}

const DID: Record<RackEntry['what'], string> = {
  bought: 'bought',
  found: 'found',
  cut: 'used',
  'set-aside': 'set aside',
  lost: 'lost',
  corrected: 'corrected',
  described: 'described again',
  undone: 'taken back',
};

/** What an entry did, in a line. */
export function inWords(booked: BookedEntry, units: Units, currency = ''): string {
  const { entry, names } = booked;
  if (entry.what === 'undone') return `entry ${entry.undoes} taken back`;
  const said = entry.lines.slice(0, 3).map((line, i) => {
    const sign = entry.what === 'corrected' ? (line.by > 0 ? '+' : '−') : '';
    const by = Math.abs(line.by);
    const amount = line.in === 'g' ? mass(by) : amountOf(line.in === 'pieces' ? 'parts' : 'spool', by, units);
    const paid = line.paid > 0 ? ` for ${money(line.paid, currency)}` : '';
    return `${names[i] ?? ''} ${sign}${amount}${paid}`;
  });
  const more = entry.lines.length > 3 ? ` and ${entry.lines.length - 3} more` : '';
  const what = said.length > 0 ? `: ${said.join(', ')}${more}` : '';
  return `${DID[entry.what]}${what}${entry.note ? ` (${entry.note})` : ''}`;
}

/** A name that is on no label yet. */
export function freeName(base: string, names: readonly string[]): string {
  const taken = new Set(names.map((n) => n.toLowerCase()));
  if (!taken.has(base.toLowerCase())) return base;
  for (let i = 2; ; i++) {
    if (!taken.has(`${base} ${i}`.toLowerCase())) return `${base} ${i}`;
  }
}
