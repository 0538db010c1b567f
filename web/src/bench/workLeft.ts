import { useQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';

/** Says what is left of the work that a metal stands from dead soft until it may crack, in percent. */
export function useWorkLeft(metal: string): (strainLeft: number) => string {
  const metals = useQuery(queries.metals());
  const red = metals.data?.find((m) => m.metal === metal)?.redStrain;
  return (left) => (red === undefined ? '…' : `${Math.round((100 * left) / red)} %`);
}
