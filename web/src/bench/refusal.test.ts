import { describe, expect, it } from 'vitest';
import type { Plan } from '../api/types';
import { refusal, refusals } from './refusal';

const strand = (title: string) => ({ title, elements: [{ label: 'hook bend' }, { label: 'loop' }] });
const one = { strands: [strand('hook')] } as unknown as Plan;
const two = { strands: [strand('frame wire'), strand('lashing')] } as unknown as Plan;

describe('what was refused', () => {
  it('names the part by its label, never by its place in the document', () => {
    const v = { path: 'strands.0.elements.0.insideMm', value: '900', limit: 'must be from 0.1 to 500 mm' };
    expect(refusal(v, one)).toBe('hook bend, inside was 900: must be from 0.1 to 500 mm');
    expect(refusal({ ...v, path: 'strands.0.elements.1.core.cordMm' }, one)).toBe(
      'loop, core, cord was 900: must be from 0.1 to 500 mm',
    );
  });

  it('names the wire only where there are several', () => {
    const v = { path: 'strands.1.wire.section.diameterMm', value: '0', limit: 'must be 0.05 mm or more' };
    expect(refusal(v, two)).toBe('lashing, wire, section, diameter was 0: must be 0.05 mm or more');
    expect(refusal({ ...v, path: 'strands.0.allowance.handleMm' }, one)).toMatch(/^allowance, handle was 0/);
  });

  it('speaks of what no wire holds, and leaves out what is too long to read', () => {
    const v = { path: 'parts.0.sizeMm', value: 'x'.repeat(60), limit: 'must be a number' };
    expect(refusals([v, { path: 'name', value: '', limit: 'must not be empty' }], one)).toBe(
      'parts, size: must be a number; name: must not be empty',
    );
  });
});
