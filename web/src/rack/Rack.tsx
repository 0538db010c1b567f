import { Soon } from '../kit/Soon';

/** The place for spools and off-cuts. */
export function Rack() {
  return (
    <Soon
      title="Rack"
      will="Here your spools and off-cuts will hang, with what is left on each and what a piece would cost from it."
      meanwhile="The Cut station of every piece says how much wire it takes."
    />
  );
}
