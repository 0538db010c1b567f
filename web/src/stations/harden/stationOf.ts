import type { StrandPlan } from '../../api/types';

type Station = StrandPlan['states'][number]['stations'][number];

/** The wire at the middle of an element as it is at last; undefined where that was trimmed off. */
export function stationOf(strand: StrandPlan | undefined, element: string): Station | undefined {
  const planned = strand?.elements.find((e) => e.id === element);
  if (!strand || !planned) return undefined;
  const middle = (planned.fromMm + planned.toMm) / 2;
  const stations = strand.states.at(-1)?.stations ?? [];
  return stations.reduce<Station | undefined>(
    (a, b) => (a && Math.abs(a.sMm - middle) <= Math.abs(b.sMm - middle) ? a : b),
    undefined,
  );
}
