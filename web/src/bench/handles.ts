import type { Element, ElementPlan } from '../api/types';
import type { Point, Track } from '../wire/ribbon';
import { seen } from '../wire/scene';
import { valueOf } from './fields';

/** Something to take hold of on the form. */
export interface Handle {
  /** the measure that it changes */
  field: string;
  /** what it does, in words */
  label: string;
  /** where it lies, mm */
  x: number;
  /** where it lies, mm */
  y: number;
  /** the measure after it was dragged by so much, mm */
  valueAt: (dxMm: number, dyMm: number) => number;
}

function pointAt(whole: Track, sMm: number): { point: Point; index: number } {
  let best = 0;
  whole.points.forEach((p, i) => {
    if (Math.abs((p[3] ?? 0) - sMm) < Math.abs((whole.points[best]?.[3] ?? 0) - sMm)) best = i;
  });
  return { point: whole.points[best] ?? [0, 0, 0, 0], index: best };
}

const tenth = (mm: number) => Math.max(0.1, Math.round(mm * 10) / 10);

/** Handles of an element: its inside on the back of the curve, its sweep or length at the end. */
export function handlesOf(element: Element, plan: ElementPlan, whole: Track, slant = 0): Handle[] {
  const end = pointAt(whole, plan.toMm);
  const [ex = 0, ey = 0] = end.point;
  const centre = plan.centre && seen(plan.centre, slant);
  if (!centre) {
    const [nx, ny] = whole.normals[end.index] ?? [0, 1];
    const start = valueOf(element, 'lengthMm');
    if (!('lengthMm' in element)) return [];
    return [
      {
        field: 'lengthMm',
        label: 'drag to change the length',
        x: ex,
        y: ey,
        valueAt: (dx, dy) => tenth(start + dx * ny - dy * nx),
      },
    ];
  }
  const [cx = 0, cy = 0] = centre;
  const middle = pointAt(whole, (plan.fromMm + plan.toMm) / 2).point;
  const [mx, my] = [(middle[0] ?? 0) - cx, (middle[1] ?? 0) - cy];
  const size = Math.hypot(mx, my) || 1;
  const width = 'mandrelMm' in element ? 'mandrelMm' : 'insideMm';
  const inside = valueOf(element, width);
  const handles: Handle[] = [];
  if (width in element) {
    handles.push({
      field: width,
      label: 'drag to change the inside diameter',
      x: cx + mx,
      y: cy + my,
      valueAt: (dx, dy) => tenth(inside + (2 * (dx * mx + dy * my)) / size),
    });
  }
  const sweep = element.kind === 'arc' ? 'sweepDeg' : element.kind === 'bend' ? 'angleDeg' : 'turns';
  if (!(sweep in element)) return handles;
  const before = valueOf(element, sweep);
  const left = 'turn' in element && element.turn === 'left' ? 1 : -1;
  const degrees = sweep !== 'turns';
  handles.push({
    field: sweep,
    label: 'drag to change how far it goes round',
    x: ex,
    y: ey,
    valueAt: (dx, dy) => {
      const from = Math.atan2(ey - cy, ex - cx);
      const to = Math.atan2(ey + dy - cy, ex + dx - cx);
      const turned = ((left * (to - from) * 180) / Math.PI + 540) % 360;
      const by = turned - 180;
      return degrees
        ? Math.max(1, Math.round(before + by))
        : Math.max(0.05, Math.round((before + by / 360) * 20) / 20);
    },
  });
  return handles;
}
