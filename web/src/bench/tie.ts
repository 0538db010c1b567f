import type { StrandPlan } from '../api/types';

/** What ties form, tape and read-outs together. */
export interface Tied {
  /** the strand as planned */
  strand: StrandPlan;
  /** id of the element that is chosen */
  chosen: string | undefined;
  /** id of the element that is pointed at */
  pointed: string | undefined;
  /** addresses of what the measure at hand measures: strand.element */
  measured?: readonly string[] | undefined;
  onChoose: (id: string | undefined) => void;
  onPoint: (id: string | undefined) => void;
}
