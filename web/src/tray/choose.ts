import type { Making, Pattern, TrayPiece } from '../api/types';
import { length, words } from '../kit/units';
import type { Units } from '../kit/units';

/** Patterns of a use whose words hold every word that was typed. */
export function found(patterns: readonly Pattern[], use: Pattern['use'] | 'all', typed: string): Pattern[] {
  const asked = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return patterns.filter((p) => {
    const said = `${p.title} ${p.about} ${words(p.use)} ${p.purposes.map(words).join(' ')}`.toLowerCase();
    return (use === 'all' || p.use === use) && asked.every((word) => said.includes(word));
  });
}

/** The maker's own patterns whose name, use or tags hold every word that was typed. */
export function yours(kept: readonly TrayPiece[], typed: string): TrayPiece[] {
  const asked = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return kept.filter((p) => {
    const said = `${p.name} ${words(p.purpose)} ${p.tags.join(' ')} ${p.wire}`.toLowerCase();
    return asked.every((word) => said.includes(word));
  });
}

/** Those that the wire is enough for come first, in their order. */
export function enoughFirst(patterns: readonly Pattern[], makings: readonly Making[]): Pattern[] {
  const enough = new Set(makings.filter((m) => m.most !== undefined).map((m) => m.pattern));
  return [...patterns].sort((a, b) => Number(enough.has(b.name)) - Number(enough.has(a.name)));
}

/** What a wire makes of a pattern, in words. */
export function makes(making: Making, units: Units): string {
  if (making.refused !== undefined) return 'not of such wire';
  if (making.most === undefined) return `lacks ${length(making.lacksMm ?? 0, units, 'up')}`;
  const value = making.unit === 'mm' ? length(making.most, units) : `${making.most} ${making.unit}`.trim();
  return `${making.measure}: ${making.whole ? '' : 'up to '}${value}`;
}
