import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import type { Measurable, NewFact } from '../api/types';
import { InstrumentButton } from '../kit/InstrumentButton';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { NumberField } from '../kit/NumberField';
import { TextField } from '../kit/TextField';
import { NEWTONS_A_GRAM } from '../kit/units';
import { isFine, isLength, WHAT, type What } from './log';

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
        <Figure of={of} label={label} value={value} onTake={take} />
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

/** What a figure is read from, and the unit that it is typed in. */
const READ: Partial<
  Record<What, { from: 'scale' | 'thermometer'; unit: string; step: number; times: number }>
> = {
  hold: { from: 'scale', unit: 'g', step: 10, times: 1 / NEWTONS_A_GRAM },
  mass: { from: 'scale', unit: 'g', step: 0.1, times: 1 },
  bath: { from: 'thermometer', unit: '°C', step: 1, times: 1 },
};

/** A length, a shade, or a number with its unit; read from an instrument where there is one for it. */
function Figure(props: {
  /** what is measured */
  of: Measurable;
  /** what it is called */
  label: string;
  /** the figure that stands */
  value: number;
  /** called with another */
  onTake: (value: number) => Promise<boolean>;
}) {
  const { of, label, value, onTake } = props;
  if (of.choices.length > 0) {
    const nearest = of.choices.reduce((a, b) =>
      Math.abs(b.filmNm - value) < Math.abs(a.filmNm - value) ? b : a,
    );
    return (
      <ChoiceField
        label={label}
        value={nearest.name}
        choices={of.choices.map((c) => c.name)}
        onChange={(name) => onTake(of.choices.find((c) => c.name === name)?.filmNm ?? value)}
      />
    );
  }
  if (isLength(of.what)) {
    return (
      <LengthField
        label={label}
        mm={value}
        fine={isFine(of.what)}
        onChange={onTake}
        beside={
          isFine(of.what) && (
            <InstrumentButton
              from="calliper"
              what={label}
              about={of.planned ?? 1}
              onRead={(mm) => void onTake(mm)}
            />
          )
        }
      />
    );
  }
  const read = READ[of.what];
  const times = read?.times ?? 1;
  return (
    <NumberField
      label={label}
      value={Math.round(value * times * 100) / 100}
      unit={read?.unit ?? 'min'}
      step={read?.step ?? 0.5}
      onChange={(next) => onTake(next / times)}
      beside={
        read && (
          <InstrumentButton
            from={read.from}
            what={label}
            about={(of.planned ?? 1) * times}
            onRead={(next) => void onTake(next / times)}
          />
        )
      }
    />
  );
}
