import type { ElementPlan, StrandPlan } from '../api/types';

/** What is compared with the load that is wanted, N: the squeeze, where that is one, else what it holds. */
export function standsOf(planned: ElementPlan): number | undefined {
  return planned.squeezed ? planned.squeezeN : planned.holdN;
}

/** Whether little is left of what the metal stands there. */
export function isUsedUp(planned: ElementPlan, strand: StrandPlan): boolean {
  return strand.redStrain - planned.strainLeft > strand.amberStrain;
}
