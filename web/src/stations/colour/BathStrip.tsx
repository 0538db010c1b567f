import Slider from '@mui/material/Slider';
import { useId } from 'react';
import type { Colour, Metal, Strip } from '../../api/types';
import { words } from '../../kit/units';
import { useSize } from '../../wire/useSize';
import { clock } from '../../kit/clock';

const SHADES = 160;
const TICKS_S = [5, 15, 30, 60, 120, 180, 300, 600, 1200, 1800, 3600, 7200];
const ONE_BAND_PX = 64;
const OF_SEVERAL_PX = 42;
/** Names nearer than this run into one another. */
const NAME_PX = 76;

/** The bath over time, colour by colour; the stop is chosen by pulling, or by arrow keys. Time runs closer together to the right. */
export function BathStrip(props: {
  /** the metals of the piece that take colour, with their strips */
  strips: readonly { metal: Metal; strip: Strip }[];
  /** the stop that stands; none where nothing is darkened */
  stopAt: Colour['stopAt'] | undefined;
  /** told while the stop is pulled */
  onPull: (stop: Colour['stopAt']) => void;
  /** told when it is let go */
  onStop: (stop: Colour['stopAt']) => void;
}) {
  const { ref, width } = useSize();
  const id = useId();
  const first = props.strips[0];
  if (!first) return null;
  const { strip } = first;
  const bandPx = props.strips.length > 1 ? OF_SEVERAL_PX : ONE_BAND_PX;
  const untilS = strip.looks[strip.looks.length - 1]?.tS ?? 1;
  const share = (s: number) => Math.sqrt(Math.min(1, Math.max(0, s / untilS)));
  const stops = strip.stops.map((s) => ({ ...s, at: share(s.tS) }));
  const now = stops.find((s) => s.name === props.stopAt);
  const stopOf = (at: number) =>
    stops.reduce<(typeof stops)[number] | undefined>(
      (best, s) => (best && Math.abs(best.at - at) <= Math.abs(s.at - at) ? best : s),
      undefined,
    )?.name;
  const named = (now ? [now, ...stops] : stops).reduce<typeof stops>(
    (kept, s) => (kept.every((k) => Math.abs(k.at - s.at) * width > NAME_PX) ? [...kept, s] : kept),
    [],
  );
  return (
    <div className="bath-strip" ref={ref}>
      {width > 0 && (
        <svg width={width} height={24 + bandPx * props.strips.length + 26} aria-hidden="true">
          {named.map((s) => (
            <text
              key={s.name}
              x={s.at * width}
              y={15}
              fontSize={15}
              textAnchor={s.at > 0.95 ? 'end' : 'middle'}
              fontWeight={s.name === now?.name ? 650 : 400}
              fill={s.name === now?.name ? 'var(--touch)' : 'var(--ink)'}
            >
              {s.look}
            </text>
          ))}
          {props.strips.map(({ metal, strip: of }, row) => (
            <g key={metal} transform={`translate(0 ${24 + bandPx * row})`}>
              <linearGradient id={`${id}-${row}`}>
                {Array.from({ length: SHADES + 1 }, (_, i) => {
                  const s = (i / SHADES) ** 2 * untilS;
                  return <stop key={i} offset={i / SHADES} stopColor={colourAt(of, s)} />;
                })}
              </linearGradient>
              <rect width={width} height={bandPx - 4} fill={`url(#${id}-${row})`} />
              {props.strips.length > 1 && (
                <text x={8} y={22} fontSize={15} fill="var(--ink)">
                  {words(metal)}
                </text>
              )}
            </g>
          ))}
          {TICKS_S.filter((s) => s < untilS).map((s, i, all) => {
            const x = share(s) * width;
            const before = i > 0 ? share(all[i - 1] ?? 0) * width : -99;
            const y = 24 + bandPx * props.strips.length;
            return (
              <g key={s}>
                <path d={`M${x} ${y - 4}v7`} stroke="var(--ink-soft)" />
                {x - before > 44 && x < width - 20 && (
                  <text x={x} y={y + 20} fontSize={15} textAnchor="middle" fill="var(--ink-soft)">
                    {clock(s)}
                  </text>
                )}
              </g>
            );
          })}
        </svg>
      )}
      {now && (
        <Slider
          className="bath-stop"
          // Between marks alone the slider takes home and end for a single step.
          onKeyDownCapture={(event) => {
            const end = { Home: stops[0], End: stops[stops.length - 1] }[event.key];
            if (!end) return;
            event.preventDefault();
            event.stopPropagation();
            props.onStop(end.name);
          }}
          aria-label="stop at"
          getAriaValueText={(at) => {
            const stop = stops.find((s) => s.at === at);
            return stop ? `${stop.look}, after about ${clock(stop.tS)} minutes` : '';
          }}
          min={0}
          max={1}
          step={null}
          marks={stops.map((s) => ({ value: s.at }))}
          track={false}
          value={now.at}
          onChange={(_, at) => props.onPull(stopOf(at as number) ?? now.name)}
          onChangeCommitted={(_, at) => props.onStop(stopOf(at as number) ?? now.name)}
          sx={{
            '& .MuiSlider-mark': { display: 'none' },
            '& .MuiSlider-thumb': {
              width: 10,
              height: bandPx * props.strips.length + 8,
              borderRadius: '5px',
              border: '2px solid var(--mat)',
            },
          }}
        />
      )}
    </div>
  );
}

/** The colour of a strip at a time; after its end as there. */
function colourAt(strip: Strip, s: number): string {
  const step = strip.looks[1]?.tS ?? 1;
  return strip.looks[Math.min(strip.looks.length - 1, Math.round(s / step))]?.rgb ?? '';
}
