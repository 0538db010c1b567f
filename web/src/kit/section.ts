import type { Section } from '../api/types';

/** The smaller measure of a section as a calliper reads it, mm. */
export function thicknessOf(section: Section): number {
  if (section.shape === 'round') return section.diameterMm;
  return section.shape === 'square' ? section.sideMm : section.thicknessMm;
}
