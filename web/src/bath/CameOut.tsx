import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { BathRecord } from '../api/types';
import { exact } from '../kit/clock';
import { Entry } from '../kit/Entry';
import type { Dip, Run } from './run';

/** What is told of a piece. */
interface Told {
  /** film of the shade that came out, nm; none: nothing is kept of it */
  filmNm?: number;
  note: string;
}

/** What came out: the shade of each piece, picked from the colours of its metal; it fits the times of the next bath. */
export function CameOut(props: {
  /** the bath */
  run: Run;
  /** told when it is kept, or left */
  onDone: () => void;
}) {
  const { run } = props;
  const cache = useQueryClient();
  const kept = useQuery(queries.baths());
  const [told, setTold] = useState<Record<string, Told>>({});
  const save = useMutation({
    mutationFn: () => {
      const day = new Date().toISOString().slice(0, 10);
      const records = run.dips.flatMap((d): BathRecord[] => {
        const of = told[d.id];
        if (of?.filmNm === undefined) return [];
        return [
          {
            piece: d.piece,
            name: d.name,
            metal: d.metal,
            bath: run.bath,
            seconds: d.pulledS ?? 1,
            filmNm: of.filmNm,
            note: of.note,
            day,
          },
        ];
      });
      return api.saveBaths(kept.data?.version ?? 0, [...(kept.data?.records ?? []), ...records]);
    },
    onSuccess: (now) => {
      cache.setQueryData(queries.baths().queryKey, now);
      void cache.invalidateQueries({ queryKey: ['bath-plan'] });
      void cache.invalidateQueries({ queryKey: ['strip'] });
      props.onDone();
    },
    onError: () => void cache.invalidateQueries({ queryKey: queries.baths().queryKey }),
  });
  const any = run.dips.some((d) => told[d.id]?.filmNm !== undefined);
  return (
    <section className="came-out" aria-label="what came out">
      <h2>What came out?</h2>
      <p className="why">
        Rinsed and dry, by daylight: pick the nearest shade. The next bath is timed by it; every one makes
        that surer.
      </p>
      {run.dips.map((d) => (
        <Shade
          key={d.id}
          dip={d}
          run={run}
          told={told[d.id] ?? { note: '' }}
          onTold={(of) => setTold({ ...told, [d.id]: of })}
        />
      ))}
      {save.error && (
        <p className="wrong" role="alert">
          {reason(save.error)}
        </p>
      )}
      <div className="tools-row">
        <Button
          variant="contained"
          disabled={!any || !kept.data || save.isPending}
          onClick={() => save.mutate()}
        >
          keep what came out
        </Button>
        <Button onClick={props.onDone}>keep nothing of this bath</Button>
      </div>
    </section>
  );
}

/** A piece with the shades to pick from. */
function Shade(props: {
  /** the piece */
  dip: Dip;
  /** the bath */
  run: Run;
  /** what was told of it */
  told: Told;
  /** told anew */
  onTold: (told: Told) => void;
}) {
  const { dip, run, told } = props;
  const strip = useQuery({
    queryKey: ['bath-shades', dip.metal, run.bath],
    queryFn: () => api.strip({ metal: dip.metal, bath: run.bath }),
  });
  return (
    <div className="came-out-piece">
      <b>{dip.name}</b>{' '}
      <span>
        wanted {dip.look}, out after {exact(dip.pulledS ?? 0)}
      </span>
      <ToggleButtonGroup
        exclusive
        aria-label={`shade of ${dip.name}`}
        value={told.filmNm ?? null}
        onChange={(_, filmNm: number | null) => {
          const { filmNm: before, ...rest } = told;
          props.onTold(filmNm === null || filmNm === before ? rest : { ...rest, filmNm });
        }}
      >
        {strip.data?.stops.map((s) => (
          <ToggleButton key={s.name} value={s.filmNm} className="swatch-pick">
            <svg width={64} height={34} aria-hidden="true">
              <rect width={64} height={34} fill={s.rgb} />
            </svg>
            {s.look}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Entry
        aria-label={`note on ${dip.name}`}
        placeholder="note"
        wide={320}
        maxLength={400}
        value={told.note}
        onChange={(e) => props.onTold({ ...told, note: e.target.value })}
      />
    </div>
  );
}
