/** Unit vector towards the light. */
export const LIGHT: [number, number] = [-0.5, 0.866];

/** Layers of a round wire from the rim to the glint: share of the width, shift towards the light, shade. */
export const LAYERS = [
  [1, 0, 'edge'],
  [0.86, 0.01, 'body'],
  [0.5, 0.09, 'light'],
  [0.15, 0.16, 'glint'],
] as const;
