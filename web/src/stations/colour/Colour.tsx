import { Soon } from '../../kit/Soon';

/** The place for the bath. */
export function Colour() {
  return (
    <Soon
      title="Colour"
      will="Here the sulfide bath will stand as a strip of computed colour over time, with stop points, polish-back and sealing."
      meanwhile="A piece can be finished bright: nothing else waits for this."
    />
  );
}
