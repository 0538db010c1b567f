import { Soon } from '../kit/Soon';

/** The place for pieces that share a bath. */
export function Bath() {
  return (
    <Soon
      title="Bath"
      will="Here pieces that go into one bath together will be gathered, with the recipe, the looks and the stop points."
      meanwhile="Pieces can be planned, cut and made without it."
    />
  );
}
