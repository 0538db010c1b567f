import { Soon } from '../../app/Soon';

/** The place for hammering and hardening. */
export function Harden() {
  return (
    <Soon
      title="Harden"
      will="Here you will choose a run of the wire and a hammer, pull it to a thickness, and see strain, size change and what the piece holds, before and after."
      meanwhile="Paddles are flattened already: their width and growth show in Shape and on the bench card."
    />
  );
}
