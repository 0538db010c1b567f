import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';
import { queries } from '../../api/queries';
import type { Piece, PolicyCost } from '../../api/types';
import { useBench } from '../../bench/bench';
import { docKey } from '../../kit/docKey';
import { useSettings } from '../../kit/settings';
import { money, ruled } from '../../kit/units';

/** The piece with every strand cut in one way. */
export function cutBy(piece: Piece, policy: PolicyCost['policy']): Piece {
  return {
    ...piece,
    strands: piece.strands.map((s) => ({ ...s, allowance: { ...s.allowance, policy } })),
  };
}

/** How generously the wire is cut, with what each way takes in wire and money. */
export function Policies() {
  const { piece, change } = useBench();
  const { units } = useSettings();
  const prices = useQuery(queries.prices());
  const costs = useQuery({
    queryKey: ['cut-policies', docKey(piece), prices.data?.version],
    queryFn: ({ signal }) => api.cutPolicies(piece, signal),
    placeholderData: (old) => old,
    retry: false,
    gcTime: 0,
  });
  if (!costs.data) return null;
  const now = new Set(piece.strands.map((s) => s.allowance.policy));
  const chosen = now.size === 1 ? [...now][0] : undefined;
  const currency = prices.data?.prices.currency ?? '';
  return (
    <div className="tools-row" style={{ margin: '8px 0' }}>
      <span className="label">cut</span>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={chosen ?? null}
        aria-label="how generously the wire is cut"
        onChange={(_, policy: PolicyCost['policy'] | null) => {
          if (policy) void change((p) => Promise.resolve(cutBy(p, policy)));
        }}
      >
        {costs.data.map((c) => (
          <ToggleButton key={c.policy} value={c.policy}>
            {c.policy}: {ruled(c.wireMm, units)} · {money(c.wire, currency)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <span className="label">“learnt” cuts as “measured” does until the log has records</span>
    </div>
  );
}
