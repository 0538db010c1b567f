import Button from '@mui/material/Button';
import { useSettings } from '../kit/settings';

/** What each place is for and what to do first; a sentence or two. */
const HINTS: Record<string, string> = {
  tray: 'Every piece at one scale. Press one to work on it; its menu makes many of it, copies it or saves it as a file.',
  wire: 'Each cell is the whole piece made again in that wire. Point to compare, press to take it.',
  shape:
    'Pull at the handles or type into a field: 7, 1/4in, 14awg, us 7. Form, tape and figures belong together: point at one.',
  harden:
    'Choose a part, choose a tool, pull to a thickness. Hatched is where no hammer may go. Keys , and . step through the work.',
  colour:
    'Choose brown or black, then pull the stop along the strip. Polishing back makes high places bright again; recesses stay dark.',
  cut: 'What to cut and where to mark it, always from the same end. Tables and outlines leave as files.',
  make: 'One step fills the screen; the space bar goes on. It picks up where you left it.',
};

/** A first hint of a place; it goes away for good when it was read. */
export function Hint(props: {
  /** name of the place */
  station: string;
}) {
  const { seenHints, seeHint } = useSettings();
  const says = HINTS[props.station];
  // The card is read from afar: it has no room for a hint.
  if (!says || props.station === 'make' || !seenHints || seenHints.includes(props.station)) return null;
  return (
    <div className="hint-line" role="note">
      <span>{says}</span>
      <Button onClick={() => seeHint(props.station)}>hide this tip</Button>
    </div>
  );
}
