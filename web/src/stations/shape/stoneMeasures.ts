import type { Body, Parameter } from '../../api/types';

/** The measure that a pattern asks for a stone by; nothing where it takes none from the drawer. */
export function stoneAsked(asked: readonly Parameter[]): string | undefined {
  return asked.find((p) => p.name === 'outline' || p.name === 'sidesMm')?.name;
}

/** Measures of a pattern that make it for a stone; nothing where the pattern does not ask for such a stone. */
export function stoneMeasures(
  body: Body,
  asked: readonly Parameter[],
): Record<string, number | string> | undefined {
  if (body.shape === 'point') return crystalMeasures(body, asked);
  if (!('outline' in body)) return undefined;
  const { outline } = body;
  const choices = asked.find((p) => p.name === 'outline')?.choices ?? [];
  if (!choices.includes(outline.shape)) return undefined;
  const all: Record<string, number | string> = {
    outline: outline.shape,
    thicknessMm: 'heightMm' in body ? body.heightMm : body.thicknessMm,
  };
  if ('diameterMm' in outline) all.diameterMm = outline.diameterMm;
  if ('lengthMm' in outline) {
    all.lengthMm = outline.lengthMm;
    all.widthPercent = (100 * outline.widthMm) / outline.lengthMm;
    all.points = Math.abs(outline.turnDeg) === 180 ? 'down' : 'up';
  }
  if (outline.shape === 'traced') all.way = wayOf(outline.points);
  return Object.fromEntries(Object.entries(all).filter(([name]) => asked.some((p) => p.name === name)));
}

/** A traced outline as a pattern asks for it. */
export function wayOf(points: readonly (readonly number[])[]): string {
  return points.map((p) => p.join(' ')).join(', ');
}

/** A pattern asks for a crystal by its sides and its tip; one without a tip has nothing to cross under. */
function crystalMeasures(
  body: Extract<Body, { shape: 'point' }>,
  asked: readonly Parameter[],
): Record<string, number | string> | undefined {
  const sides = asked.find((p) => p.name === 'sides')?.choices ?? [];
  if (!asked.some((p) => p.name === 'tipMm') || !sides.includes(String(body.sides)) || body.tipMm === 0) {
    return undefined;
  }
  return {
    sidesMm: body.lengthMm - body.tipMm,
    tipMm: body.tipMm,
    acrossMm: body.acrossMm,
    sides: String(body.sides),
  };
}
