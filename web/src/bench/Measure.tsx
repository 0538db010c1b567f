import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import type { Measurable, NewFact } from '../api/types';
import { CalliperButton } from '../kit/CalliperButton';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { NumberField } from '../kit/NumberField';
import { TextField } from '../kit/TextField';
import { isFine, isLength, WHAT } from './log';

const G = 9.80665 / 1000;

/** What can be measured, with a field in its unit and a calliper where one is used; written down with one button. */
export function Measure(props: {
  /** what is measured */
  of: Measurable;
  /** whether only the figure is asked for, as on the bench card */
  short?: boolean;
  /** whether something is on its way */
  busy: boolean;
  /** writes it down; says whether it was taken */
  onWrite: (fact: Partial<NewFact>) => Promise<boolean>;
}) {
  const { of } = props;
  const [typed, setTyped] = useState<number>();
  const [toolMm, setToolMm] = useState<number>();
  const [outcome, setOutcome] = useState<NewFact['outcome']>('held');
  const [note, setNote] = useState('');
  const [practice, setPractice] = useState(false);
  const value = typed ?? of.planned ?? 0;
  const label = `${of.title.toLowerCase()}, ${WHAT[of.what]}`;
  const take = (next: number) => {
    setTyped(next);
    return Promise.resolve(true);
  };
  const write = async () => {
    const fact: Partial<NewFact> = {
      what: of.what,
      about: of.about,
      actual: value,
      practice,
      note,
      ...(of.what === 'hold' && { outcome }),
      ...(toolMm !== undefined && { toolMm }),
    };
    if (await props.onWrite(fact)) {
      setTyped(undefined);
      setNote('');
    }
  };
  return (
    <>
      <dl className="rows">
        {isLength(of.what) ? (
          <LengthField
            label={label}
            mm={value}
            fine={isFine(of.what)}
            onChange={take}
            beside={
              isFine(of.what) && (
                <CalliperButton what={label} aboutMm={of.planned ?? 1} onRead={(mm) => void take(mm)} />
              )
            }
          />
        ) : (
          <NumberField
            label={label}
            value={of.what === 'hold' ? Math.round(value / G) : value}
            unit={of.what === 'hold' || of.what === 'mass' ? 'g' : of.what === 'bath' ? '°C' : 'min'}
            step={of.what === 'hold' ? 10 : 0.5}
            onChange={(next) => take(of.what === 'hold' ? next * G : next)}
          />
        )}
        {of.what === 'hold' && (
          <ChoiceField
            label="it"
            value={outcome}
            choices={['held', 'opened', 'snapped']}
            onChange={(next) => setOutcome(next as NewFact['outcome'])}
          />
        )}
        {!props.short && of.toolMm !== undefined && (
          <LengthField
            label="on a tool of"
            mm={toolMm ?? of.toolMm}
            fine
            onChange={(mm) => {
              setToolMm(mm);
              return Promise.resolve(true);
            }}
          />
        )}
        {!props.short && (
          <TextField
            label="note"
            value={note}
            onChange={(next) => {
              setNote(next);
              return Promise.resolve(true);
            }}
          />
        )}
      </dl>
      {!props.short && (
        <FormControlLabel
          label="for practice"
          control={
            <Checkbox size="small" checked={practice} onChange={(e) => setPractice(e.target.checked)} />
          }
        />
      )}
      <p className="tools-row">
        <Button
          variant={props.short ? 'outlined' : 'contained'}
          disabled={props.busy}
          onClick={() => void write()}
        >
          write it down
        </Button>
      </p>
    </>
  );
}
