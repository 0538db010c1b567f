import { Soon } from '../kit/Soon';

/** The place for what was made, measured and learnt. */
export function Daybook() {
  return (
    <Soon
      title="Daybook"
      will="Here everything that was made, measured and learnt will stand by day."
      meanwhile="Every change of a piece is kept already: undo goes back through all of them."
    />
  );
}
