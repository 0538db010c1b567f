import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '../api/client';
import type { Strip } from '../api/types';
import { clock, exact } from '../kit/clock';
import { Cautions, dropsIn } from './Bath';
import { pulled, useElapsed, type Run } from './run';

/** A topping up is told for so long after it is due, s. */
const TOLD_S = 45;

/** How often to look at a moment of the bath, s. */
function everyS(strip: Strip | undefined, elapsed: number): number | undefined {
  if (!strip) return undefined;
  const due = (look: string) => strip.stops.find((s) => s.look === look)?.tS ?? 0;
  const row = strip.lookEvery.find((l) => due(l.until) > elapsed);
  return (row ?? strip.lookEvery[strip.lookEvery.length - 1])?.everyS;
}

/** The clock of a bath: what is due next, when to look, a press for each pull. */
export function Running(props: {
  /** the bath */
  run: Run;
  /** told when a piece is pulled, or the bath given up */
  onRun: (run: Run | undefined) => void;
}) {
  const { run, onRun } = props;
  const elapsed = useElapsed(run.startedAt);
  const [sound, setSound] = useState(false);
  const waiting = run.dips.filter((d) => d.pulledS === undefined);
  const next = waiting[0];
  const strip = useQuery({
    queryKey: ['bath-looks', next?.metal, run.bath],
    queryFn: () => api.strip({ metal: next?.metal ?? 'copper', bath: run.bath }),
    enabled: next !== undefined,
  });
  const topUp = (run.topUps ?? []).find((t) => elapsed < t.tS + TOLD_S);
  const every = everyS(strip.data, elapsed);
  const look = every !== undefined && elapsed > 0 && elapsed % every === 0;
  useEffect(() => {
    if (look && sound) chime();
  }, [look, sound]);
  return (
    <div className="bath-page">
      <section aria-label="the clock">
        <div className="bath-clock" role="timer" aria-label="in the bath for">
          {exact(elapsed)}
        </div>
        <p className={look ? 'bath-look now' : 'bath-look'} role="status">
          {look ? 'look now' : every ? `look every ${every} s` : ''}
        </p>
        {topUp && (
          <p className={elapsed >= topUp.tS ? 'bath-look now' : 'bath-look'} role="status">
            {elapsed >= topUp.tS ? 'now ' : `at ${clock(topUp.tS)} `}
            {dropsIn(topUp.drops, run.bath)} more into the bath
          </p>
        )}
        {waiting.map((d) => (
          <div key={d.id} className="bath-row running">
            <b>{d.name}</b>
            <span>
              {d.look}, {d.dueS === undefined ? 'if the bath lasts' : `due at about ${clock(d.dueS)}`}
              {d.dueS !== undefined && elapsed >= d.dueS && ' – now'}
            </span>
            <Button
              variant={d === next ? 'contained' : 'outlined'}
              onClick={() => onRun(pulled(run, d.id, elapsed))}
            >
              pull {d.name}
            </Button>
          </div>
        ))}
        {run.dips
          .filter((d) => d.pulledS !== undefined)
          .map((d) => (
            <div key={d.id} className="bath-row">
              <b>{d.name}</b>
              <span>out after {exact(d.pulledS ?? 0)}</span>
            </div>
          ))}
        <p className="why">Your eye decides, not the clock. Out of the bath into cold water at once.</p>
      </section>
      <aside className="side" aria-label="cautions">
        <FormControlLabel
          control={<Switch checked={sound} onChange={(e) => setSound(e.target.checked)} />}
          label="a sound at every look"
        />
        <Button onClick={() => onRun(undefined)}>stop this bath</Button>
        <Cautions />
      </aside>
    </div>
  );
}

/** A short tone, made by the browser itself. */
function chime() {
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  tone.frequency.value = 660;
  tone.connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + 0.15);
  tone.onended = () => void audio.close();
}
