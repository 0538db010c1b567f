import { Soon } from '../../kit/Soon';

/** The place for what really happened. */
export function Log() {
  return (
    <Soon
      title="Log"
      will="Here you will write down what really happened, length by length, and Etui will learn your own allowances from it."
      meanwhile="Use the notes of your bench for now; the printed template has room for them."
    />
  );
}
