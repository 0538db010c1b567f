import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, reason } from '../../api/client';
import { queries } from '../../api/queries';
import type { KeptStone, Part } from '../../api/types';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { pictureKey } from './picture';

const NONE = 'none of it';

/** The drawer of stones beside a stone: takes another one out of it, or puts this one in. */
export function DrawerRow(props: {
  /** the stone of the piece */
  part: Part;
  /** whether a stone of the drawer can take its place */
  fits: (stone: KeptStone) => boolean;
  /** called with the one taken; says whether it was taken */
  onTake: (stone: KeptStone) => Promise<boolean>;
}) {
  const { part, fits, onTake } = props;
  const { id, piece } = useBench();
  const cache = useQueryClient();
  const kept = useQuery(queries.stones());
  const save = useMutation({
    mutationFn: (next: (stones: readonly KeptStone[]) => readonly KeptStone[]) =>
      api.saveStones(kept.data?.version ?? 0, next(kept.data?.stones ?? [])),
    onSuccess: (now) => cache.setQueryData(queries.stones().queryKey, now),
    onError: () => cache.invalidateQueries({ queryKey: queries.stones().queryKey }),
  });
  if (!kept.data) return null;
  const { stones } = kept.data;
  const mine = stones.find((s) => s.piece === id);
  const take = async (name: string) => {
    const stone = stones.find((s) => s.id === name);
    if (!stone || !(await onTake(stone))) return false;
    save.mutate((all) =>
      all.map((s) => (s.id === name ? { ...s, piece: id } : s.piece === id ? { ...s, piece: undefined } : s)),
    );
    return true;
  };
  const put = () =>
    save.mutate((all) => [
      ...all,
      {
        id: free(all),
        name: `Stone of ${piece.name}`.slice(0, 120),
        material: part.material,
        body: part.body as KeptStone['body'],
        picture: cache.getQueryData<string>(pictureKey(id)),
        piece: id,
      },
    ]);
  return (
    <>
      <ChoiceField
        label="from the drawer"
        value={mine?.id ?? NONE}
        choices={[NONE, ...stones.filter((s) => s === mine || fits(s)).map((s) => s.id)]}
        say={(name) => stones.find((s) => s.id === name)?.name ?? name}
        wrong={save.error ? reason(save.error) : undefined}
        onChange={take}
      />
      {!mine && part.body && (
        <div>
          <dt>this stone</dt>
          <dd>
            <Button disabled={save.isPending} onClick={put}>
              put it in the drawer
            </Button>
          </dd>
        </div>
      )}
    </>
  );
}

function free(stones: readonly KeptStone[]): string {
  let n = stones.length + 1;
  while (stones.some((s) => s.id === `stone-${n}`)) n++;
  return `stone-${n}`;
}
