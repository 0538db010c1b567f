import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '../api/client';

/** Takes a figure from an instrument at the bench. */
export function InstrumentButton(props: {
  /** which one */
  from: 'calliper' | 'scale' | 'thermometer';
  /** what is measured, for those who do not see it */
  what: string;
  /** roughly how much it is, in mm, g or °C: what the simulated one reads near to */
  about: number;
  /** called with the reading in the same unit */
  onRead: (value: number) => void;
}) {
  const [from, setFrom] = useState<string>();
  return (
    <Button
      className="calliper"
      aria-label={`read the ${props.from}: ${props.what}${from ? `, read from the ${from}` : ''}`}
      onClick={() =>
        void api.reading(props.from, Math.max(0.01, props.about)).then((read) => {
          setFrom(read.from);
          props.onRead(read.value);
        })
      }
    >
      {props.from}
    </Button>
  );
}
