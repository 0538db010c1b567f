import Button from '@mui/material/Button';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { minutes } from '../card/card';
import { NumberField } from '../kit/NumberField';
import { useSettings } from '../kit/settings';
import { length, mass, money, wireLength } from '../kit/units';

/** Kits for a class: what lies in each, what is to be bought, what they cost, and the handout. */
export function KitPart(props: {
  /** the job */
  job: string;
  /** counts its changes */
  version: number;
}) {
  const [spares, setSpares] = useState(1);
  const { units } = useSettings();
  const kit = useQuery({
    queryKey: ['kit', props.job, props.version, spares],
    queryFn: () => api.kit(props.job, spares),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const sheet = new URLSearchParams({ spares: String(spares), units }).toString();
  return (
    <details className="fold">
      <summary className="part-title">kits for a class</summary>
      <p className="why">
        Every pupil gets what one piece takes, cut to length. Put a name or a size on every line above, and
        how many.
      </p>
      <dl className="rows" style={{ maxWidth: 420 }}>
        <NumberField
          label="spare kits of each"
          value={spares}
          unit=""
          step={1}
          onChange={(count) => {
            setSpares(Math.round(Math.min(100, Math.max(0, count))));
            return Promise.resolve(true);
          }}
        />
      </dl>
      {kit.error && (
        <p className="wrong" role="alert">
          {kit.error.message}
        </p>
      )}
      {kit.data && (
        <>
          <ul className="plain kits">
            {kit.data.sizes.map((s) => (
              <li key={s.label}>
                <b>
                  {s.kits} {s.kits === 1 ? 'kit' : 'kits'}
                  {s.label && `, ${s.label}`}
                </b>
                :{' '}
                {[
                  ...s.wires.map(
                    (w) =>
                      `${w.count === 1 ? '' : `${w.count} × `}${length(w.cutMm, units, 'up')} of ${w.wireInWords} (${w.title.toLowerCase()})`,
                  ),
                  ...s.parts,
                ].join('; ')}{' '}
                <span className="soft">
                  {money(s.materials, kit.data.currency)} each · {minutes(s.minutes)} on your card
                </span>
              </li>
            ))}
          </ul>
          <p>
            <b>To buy:</b>{' '}
            {[
              ...kit.data.wireToBuy.map(
                (m) => `${wireLength(m.lengthMm, units)} of ${m.wireInWords}, ${mass(m.massG)}`,
              ),
              ...kit.data.parts
                .filter((p) => p.toBuy > 0)
                .map((p) => `${p.toBuy} × ${p.name}${p.onRack > 0 ? ` (${p.onRack} on the rack)` : ''}`),
            ].join('; ') || 'nothing, the rack has all of it'}
            . <b>Materials for {kit.data.kits} kits:</b> {money(kit.data.materials, kit.data.currency)}.
          </p>
          <p>
            <b>Tools:</b> {kit.data.tools.join('; ')}.
          </p>
          <p className="tools-row">
            <Button variant="outlined" href={`/api/jobs/${props.job}/kit-sheet?${sheet}`} target="_blank">
              print kits and handout
            </Button>
          </p>
        </>
      )}
    </details>
  );
}
