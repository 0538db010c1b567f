import type { Metal } from '../api/types';

/** Edge, body, light and glint of a metal. */
export interface Shades {
  /** at the rim */
  edge: string;
  /** most of it */
  body: string;
  /** towards the light */
  light: string;
  /** where the light is caught */
  glint: string;
}

const COPPER: Shades = { edge: '#74391B', body: '#B5673A', light: '#D58A5A', glint: '#F4C8A8' };
const BRASS: Shades = { edge: '#6B4E12', body: '#B8923A', light: '#D6B45E', glint: '#F5E2AE' };
const SILVER: Shades = { edge: '#4C5356', body: '#98A0A2', light: '#C3CACB', glint: '#F4F6F6' };

const SHADES: Record<Metal, Shades> = {
  copper: COPPER,
  brass: BRASS,
  'jewelers-bronze': { edge: '#6A421A', body: '#B07C3E', light: '#CF9D5E', glint: '#F0D3A4' },
  'sterling-silver': SILVER,
  'fine-silver': { edge: '#585E60', body: '#A9B0B2', light: '#D0D5D6', glint: '#FBFCFC' },
  aluminium: { edge: '#5A6063', body: '#A2A9AC', light: '#C4CACC', glint: '#EDF0F0' },
  'gold-filled': { edge: '#715210', body: '#C39A35', light: '#DFBD60', glint: '#FBE9B5' },
  'silver-plated-copper': SILVER,
  'enamelled-copper': { edge: '#571F14', body: '#97402A', light: '#B9644B', glint: '#E8AC98' },
  'gold-14k': { edge: '#77560F', body: '#CBA43F', light: '#E4C56D', glint: '#FCEEC2' },
  'annealed-steel': { edge: '#3B3A38', body: '#7B7974', light: '#A19F99', glint: '#D6D4CE' },
  'music-wire': { edge: '#33393C', body: '#6D7578', light: '#929A9D', glint: '#CDD3D5' },
};

/** The colours that a metal is drawn in. */
export function shades(metal: Metal): Shades {
  return SHADES[metal];
}
