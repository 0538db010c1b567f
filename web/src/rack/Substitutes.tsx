import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { CutTerms } from '../api/types';
import { useSettings } from '../kit/settings';
import { ruled } from '../kit/units';

/** What the rack has in place of wire that it has not enough of, and what would fail in it. */
export function Substitutes(props: {
  /** pieces that are to be cut */
  pieces: string[];
  /** jobs that are to be cut */
  jobs: string[];
  /** how the maker cuts */
  terms: CutTerms;
  /** the rack that it is asked of */
  version: number;
}) {
  const { pieces, jobs, terms, version } = props;
  const { units } = useSettings();
  const found = useQuery({
    queryKey: ['substitutes', pieces, jobs, terms, version],
    queryFn: ({ signal }) => api.substitutes({ pieces, jobs, terms }, signal),
    retry: false,
    gcTime: 0,
  });
  if (found.isPending) return <p role="status">Looking for what would do instead …</p>;
  if (!found.data || found.data.length === 0) {
    return <p className="why">Nothing on the rack is near enough to stand in for it.</p>;
  }
  return (
    <section aria-label="what would do instead">
      <h3 className="part-title">what would do instead</h3>
      <ul className="entries">
        {found.data.map((i) => (
          <li key={i.piece + i.wanted + i.wireInWords}>
            <span>
              <strong>{i.wireInWords}</strong> instead of {i.wanted} for {i.piece}: takes{' '}
              {ruled(i.needMm, units)}, {ruled(i.hasMm, units)} there ({i.stocks.join(', ')}).{' '}
              {i.fails.length === 0 ? (
                'It does as well.'
              ) : (
                <span className="wrong">It would not do: {i.fails.join(' ')}</span>
              )}
            </span>
          </li>
        ))}
      </ul>
      <p className="why">To use one, choose it in Wire; the measures then follow the wire.</p>
    </section>
  );
}
