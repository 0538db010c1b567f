import Button from '@mui/material/Button';
import { clock } from './card';
import type { RunningTimer } from './useProgress';

/** What goes on by itself, with the time left; what is over waits to be taken off. */
export function Timers(props: {
  /** the timers */
  timers: readonly RunningTimer[];
  /** called with the step of a timer that is taken off */
  onDone: (step: number) => void;
}) {
  if (props.timers.length === 0) return <div className="timers" />;
  return (
    <div className="timers" role="group" aria-label="timers">
      {props.timers.map((t) => (
        <span key={t.step} className={t.over ? 'timer over' : 'timer'}>
          <b role="timer">{t.over ? 'ready' : clock(t.leftMs)}</b> {t.title}
          <Button onClick={() => props.onDone(t.step)} aria-label={`take off the timer: ${t.title}`}>
            {t.over ? 'taken out' : 'stop'}
          </Button>
          {t.over && (
            <span role="status" className="unseen">
              {t.title} is ready
            </span>
          )}
        </span>
      ))}
    </div>
  );
}
