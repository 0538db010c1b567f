import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '../api/client';

/** Takes a measure from the calliper. */
export function CalliperButton(props: {
  /** what is measured, for those who do not see it */
  what: string;
  /** roughly how large it is, mm: what the simulated calliper reads near to */
  aboutMm: number;
  /** called with the reading, mm */
  onRead: (mm: number) => void;
}) {
  const [from, setFrom] = useState<string>();
  return (
    <Button
      className="calliper"
      aria-label={`read the calliper: ${props.what}`}
      title={from ? `from the ${from}` : 'read the calliper'}
      onClick={() =>
        void api.calliper(props.aboutMm).then((read) => {
          setFrom(read.from);
          props.onRead(read.mm);
        })
      }
    >
      calliper
    </Button>
  );
}
