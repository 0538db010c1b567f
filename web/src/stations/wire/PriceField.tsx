import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../../api/client';
import { queries } from '../../api/queries';
import type { Metal } from '../../api/types';
import { NumberField } from '../../kit/NumberField';
import { words } from '../../kit/units';

/** What a gram of a metal costs, as the maker pays it. */
export function PriceField(props: {
  /** the metal */
  metal: Metal;
}) {
  const cache = useQueryClient();
  const kept = useQuery(queries.prices());
  const save = useMutation({
    mutationFn: async (perG: number) => {
      const now = kept.data;
      if (!now) throw new Error('no prices yet');
      const others = now.prices.metals.filter((m) => m.metal !== props.metal);
      return api.savePrices(now.version, {
        ...now.prices,
        metals: [...others, { metal: props.metal, perG }],
      });
    },
    onSuccess: (now) => {
      cache.setQueryData(queries.prices().queryKey, now);
      void cache.invalidateQueries({ queryKey: ['field'] });
    },
    onError: () => void cache.invalidateQueries({ queryKey: queries.prices().queryKey }),
  });
  if (!kept.data) return null;
  const price = kept.data.prices.metals.find((m) => m.metal === props.metal)?.perG ?? 0;
  return (
    <NumberField
      key={props.metal}
      label={`a gram of ${words(props.metal)}`}
      value={price}
      unit={kept.data.prices.currency}
      step={0.01}
      wrong={save.error ? 'must be from 0 to 100000' : undefined}
      onChange={(perG) =>
        save.mutateAsync(perG).then(
          () => true,
          () => false,
        )
      }
    />
  );
}
