import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { useState } from 'react';
import { api, reason, Refused } from '../api/client';
import type { School } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { LengthField } from '../kit/LengthField';
import { useMeasures } from '../kit/OwnMeasures';
import { useSettings } from '../kit/settings';
import { TextField } from '../kit/TextField';
import type { Units } from '../kit/units';

const UNITS: [Units, string][] = [
  ['mm', 'millimetres'],
  ['in', 'inches in 1/16'],
  ['in32', 'inches in 1/32'],
];

const SPIRALS: [School['spiral'], string][] = [
  ['push', 'hold it still and push the wire'],
  ['draw', 'turn the pliers and draw the wire'],
];

const POLISHES: [School['polish'], string][] = [
  ['to-and-fro', 'to and fro'],
  ['one-direction', 'in one direction'],
];

/** How the maker works: units, what was taught, and the measures of their own. */
export function SettingsPage() {
  const { units, setUnits, school, setSchool, seenHints, seeHint, keys, setKeys } = useSettings();
  return (
    <div className="settings-page">
      <section>
        <h2>Lengths are read in</h2>
        <Choice label="unit" value={units} choices={UNITS} onTake={setUnits} />
        <p className="why">
          Key m switches anywhere. Every length field takes 64, 6.4cm, 2 1/2in, 64 thou, 14awg, 16swg, us 7,
          uk n, iso 54, 203mm round, 17cm + 1/2in and your own measures.
        </p>
      </section>
      {school && (
        <section>
          <h2>What you were taught</h2>
          <p className="why">The bench card uses these words; lengths are the same either way.</p>
          <Choice
            label="spirals"
            value={school.spiral}
            choices={SPIRALS}
            onTake={(spiral) => setSchool({ spiral })}
          />
          <Choice
            label="polishing"
            value={school.polish}
            choices={POLISHES}
            onTake={(polish) => setSchool({ polish })}
          />
          <Choice
            label="after the sulfide bath"
            value={String(school.stopBath)}
            choices={[
              ['true', 'stop it in soda water'],
              ['false', 'rinse it only'],
            ]}
            onTake={(word) => setSchool({ stopBath: word === 'true' })}
          />
          <Choice
            label="the tool is in the"
            value={school.leftHanded ? 'left' : 'right'}
            choices={[
              ['right', 'right hand'],
              ['left', 'left hand'],
            ]}
            onTake={(word) => setSchool({ leftHanded: word === 'left' })}
          />
          <p className="why">
            For the left hand the bench card and its pictures are mirrored, and so are template, jig sheet and
            card on paper: the piece comes out as the mirror image of the one on screen, one that lies flat is
            the same turned over.
          </p>
          <p className="why">
            Wrapped and twisted work is always rubbed in one direction: to and fro catches in it.
          </p>
        </section>
      )}
      <Measures />
      <Backup />
      <section>
        <h2>Keys</h2>
        <Choice
          label="single keys"
          value={keys ? 'on' : 'off'}
          choices={[
            ['on', 'on'],
            ['off', 'off'],
          ]}
          onTake={(word) => setKeys(word === 'on')}
        />
        <p className="why">
          1 to 7 go to a station, m changes the unit, l the lamp, p prints, arrows walk along the wire, the
          space bar goes on in the bench card. Off: only keys with ctrl or ⌘, tab and enter do something.
        </p>
      </section>
      <section>
        <h2>First hints</h2>
        <Button disabled={!seenHints?.length} onClick={() => seeHint()}>
          show them all again
        </Button>
      </section>
    </div>
  );
}

/** Everything in one file, and back into an empty Etui. */
function Backup() {
  const [said, setSaid] = useState<{ wrong: boolean; text: string }>();
  const restore = async (file: File) => {
    setSaid({ wrong: false, text: 'Putting everything back …' });
    try {
      await api.restoreBackup(file);
      window.location.assign('/tray');
    } catch (thrown) {
      setSaid({ wrong: true, text: reason(thrown) });
    }
  };
  return (
    <section>
      <h2>Everything in one file</h2>
      <p className="tools-row">
        <Button href="/api/backup" variant="outlined">
          save a backup
        </Button>
        <Button href="/api/backup?history=false">without history</Button>
        <FileButton
          says="put a backup back"
          label="a backup file"
          accept=".zip,application/zip"
          onFile={(file) => void restore(file)}
        />
      </p>
      {said && (
        <p className={said.wrong ? 'wrong' : 'why'} role={said.wrong ? 'alert' : 'status'}>
          {said.text}
        </p>
      )}
      <p className="why">
        Pieces and jobs with their history, stones, tools, prices, settings, the rack, the log with its
        photographs, where cards stand. A backup goes back only where nothing is saved yet. Besides, Etui lays
        a copy of everything in the folder copies once a day, and keeps seven. Undo goes back change by change
        for thirty days; of older days only the last change is kept.
      </p>
    </section>
  );
}

function Choice<T extends string>(props: {
  /** what is chosen */
  label: string;
  /** the word that stands */
  value: T;
  /** words and what they mean */
  choices: readonly (readonly [T, string])[];
  /** called with the word taken */
  onTake: (value: T) => void;
}) {
  return (
    <div className="tools-row" role="group" aria-label={props.label}>
      <span className="label">{props.label}</span>
      {props.choices.map(([word, means]) => (
        <ToggleButton
          key={word}

          value="on"
          selected={props.value === word}
          onClick={() => props.onTake(word)}
        >
          {means}
        </ToggleButton>
      ))}
    </div>
  );
}

/** The measures that the maker has names for: drawn as strips of their length, renamed, measured again, forgotten. */
function Measures() {
  const { measures, put } = useMeasures();
  const [wrong, setWrong] = useState<string>();
  const ask = (next: Parameters<typeof put>[0]) =>
    put(next).then(
      () => {
        setWrong(undefined);
        return true;
      },
      (thrown: unknown) => {
        setWrong(
          thrown instanceof Refused
            ? (thrown.problem.violations[0]?.limit ?? thrown.problem.detail)
            : String(thrown),
        );
        return false;
      },
    );
  const free = () => {
    const taken = new Set(measures.map((m) => m.name));
    for (let n = 1; ; n++) if (!taken.has(`measure ${n}`)) return `measure ${n}`;
  };
  const most = Math.max(1, ...measures.map((m) => m.mm));
  return (
    <section>
      <h2>Measures of your own</h2>
      <p className="why">
        A finger, a mark on a jaw, a peg: type its name in any length field, 2 fingers or finger + 3mm. Where
        you type a name that is not known yet, you are asked how long it is.
      </p>
      <ul className="measures">
        {measures.map((m, at) => (
          <li key={m.name}>
            <svg viewBox="0 0 240 12" preserveAspectRatio="none" aria-hidden="true">
              <rect y="2" width={Math.max(2, (240 * m.mm) / most)} height="8" fill="#B5673A" />
            </svg>
            <dl className="rows">
              <TextField
                label="name"
                value={m.name}
                onChange={(name) => ask((old) => old.map((x, i) => (i === at ? { ...x, name } : x)))}
              />
              <LengthField
                label={`one ${m.name} is`}
                mm={m.mm}
                onChange={(mm) => ask((old) => old.map((x, i) => (i === at ? { ...x, mm } : x)))}
              />
            </dl>
            <Button
              aria-label={`forget ${m.name}`}
              onClick={() => void ask((old) => old.filter((_, i) => i !== at))}
            >
              forget
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={() => void ask((old) => [...old, { name: free(), mm: 10 }])}>add a measure</Button>
      {wrong && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
    </section>
  );
}
