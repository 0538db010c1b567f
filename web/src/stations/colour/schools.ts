import type { Colour } from '../../api/types';
import type { Recipe } from '../../kit/RecipeFields';

/** What makers do with a bath: none, stopped at a colour, or taken to black and polished back. */
export type SchoolOfColour = 'bright' | 'brown' | 'black';

const GEL: Pick<Colour, 'bath' | 'volumeMl' | 'polishWith' | 'seal' | 'dry'> = {
  bath: 'gel',
  volumeMl: 118,
  polishWith: 'steel-wool',
  seal: 'none',
  dry: 'warm-air',
};

/** A recipe of each, common practice: half a cup of hot water. */
export const RECIPES: Record<Exclude<SchoolOfColour, 'bright'>, Colour> = {
  brown: { ...GEL, drops: 2, temperatureC: 60, stopAt: 'red-brown', polishBack: 0 },
  black: { ...GEL, drops: 5, temperatureC: 70, stopAt: 'black', polishBack: 0.8 },
};

/** Out of every bath. */
export const BRIGHT: Colour = { ...RECIPES.brown, bath: 'none' };

/** Which of them a piece follows. */
export function schoolOf(colour: Colour | undefined): SchoolOfColour {
  if (!colour || colour.bath === 'none') return 'bright';
  return colour.polishBack > 0 ? 'black' : 'brown';
}

/** What of a bath a strip is asked by. */
export function recipeOf(bath: Colour): Recipe {
  return {
    form: bath.bath,
    drops: bath.drops,
    volumeMl: bath.volumeMl,
    temperatureC: bath.temperatureC,
  };
}
