import { useBench } from '../../bench/bench';
import { LogOf } from '../../bench/LogOf';

/** What really happened to the piece in hand. */
export function Log() {
  const { id } = useBench();
  return <LogOf subject={id} />;
}
