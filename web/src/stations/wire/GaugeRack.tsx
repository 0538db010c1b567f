import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { queries } from '../../api/queries';
import type { Gauge, Section, Wire } from '../../api/types';
import { useSettings } from '../../app/settings';
import { thickness } from '../../app/units';
import { shades } from '../../wire/metals';

const [THINNEST, THICKEST] = [0.25, 3.3];

/** Round wires of the trade, thick to thin, drawn at one enlargement beside each other. */
export function GaugeRack(props: {
  /** the wire taken */
  wire: Wire;
  /** called with a section to take */
  onTake: (section: Section) => void;
}) {
  const { wire } = props;
  const { units } = useSettings();
  const gauges = useQuery(queries.gauges());
  const taken = useRef<HTMLButtonElement>(null);
  const all = gauges.data?.all ?? [];
  const shown = all
    .filter((g) => g.system === 'AWG' && g.diameterMm >= THINNEST && g.diameterMm <= THICKEST)
    .sort((a, b) => b.diameterMm - a.diameterMm);
  const diameter = wire.section.shape === 'round' ? wire.section.diameterMm : 0;
  const isTaken = (g: Gauge) => Math.abs(diameter - Math.round(g.diameterMm * 100) / 100) < 0.006;
  useEffect(() => taken.current?.scrollIntoView({ block: 'nearest' }), [gauges.data]);
  const colours = shades(wire.metal);
  return (
    <div className="mat" style={{ overflow: 'auto' }} role="group" aria-label="gauge">
      {shown.map((g) => (
        <button
          key={g.number}
          ref={isTaken(g) ? taken : undefined}
          className="gauge"
          aria-pressed={isTaken(g)}
          onClick={() =>
            props.onTake({
              shape: 'round',
              diameterMm: Math.round(g.diameterMm * 100) / 100,
              label: { system: 'AWG', number: g.number },
            })
          }
        >
          <svg viewBox="0 0 240 34" aria-hidden="true" preserveAspectRatio="none">
            <Bar y={17} height={g.diameterMm * 10} colours={colours} />
          </svg>
          <b>{thickness(g.diameterMm, units)}</b>
          <span>AWG {g.number}</span>
          <span>{nearest(all, 'SWG', g)}</span>
          <span>{nearest(all, 'metric', g)}</span>
        </button>
      ))}
    </div>
  );
}

function Bar(props: {
  /** middle, px */
  y: number;
  /** thickness, px */
  height: number;
  /** shades of the metal */
  colours: ReturnType<typeof shades>;
}) {
  const { y, height, colours } = props;
  return (
    <>
      <rect x="0" y={y - height / 2} width="240" height={height} fill={colours.edge} />
      <rect x="0" y={y - height * 0.43} width="240" height={height * 0.86} fill={colours.body} />
      <rect x="0" y={y - height * 0.32} width="240" height={height * 0.4} fill={colours.light} />
      <rect x="0" y={y - height * 0.22} width="240" height={height * 0.13} fill={colours.glint} />
    </>
  );
}

function nearest(all: readonly Gauge[], system: Gauge['system'], to: Gauge): string {
  const near = all
    .filter((g) => g.system === system)
    .reduce((a, b) =>
      Math.abs(b.diameterMm - to.diameterMm) < Math.abs(a.diameterMm - to.diameterMm) ? b : a,
    );
  return system === 'metric' ? `${near.number} mm` : `${system} ${near.number}`;
}
