import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useSettings } from '../app/settings';

/** The 1:1 template on paper: shown as it will print, then opened as PDF or SVG. */
export function PrintDialog(props: {
  /** name of the piece in the store */
  id: string;
  /** what it is called */
  name: string;
  /** called when the dialog is left */
  onClose: () => void;
}) {
  const { units } = useSettings();
  const [paper, setPaper] = useState<'a4' | 'letter'>(units === 'in' ? 'letter' : 'a4');
  const address = (format: 'pdf' | 'svg') =>
    `/api/pieces/${props.id}/template?format=${format}&paper=${paper}&units=${units}`;
  return (
    <Dialog open onClose={props.onClose} maxWidth="md" aria-labelledby="print-title">
      <DialogTitle id="print-title">1:1 template of {props.name}</DialogTitle>
      <DialogContent>
        <div className="tools-row" role="group" aria-label="paper">
          <span className="label">paper</span>
          <button className="plain" aria-pressed={paper === 'a4'} onClick={() => setPaper('a4')}>
            A4
          </button>
          <button className="plain" aria-pressed={paper === 'letter'} onClick={() => setPaper('letter')}>
            Letter
          </button>
          <span className="label">Print at 100 %, then measure the check bar.</span>
        </div>
        <div
          role="region"
          aria-label="the sheet"
          tabIndex={0}
          style={{
            height: '52vh',
            overflow: 'auto',
            background: '#fff',
            border: '1px solid var(--line-strong)',
          }}
        >
          <img
            key={address('svg')}
            src={address('svg')}
            alt={`template of ${props.name} as it will print`}
            style={{ width: 760, maxWidth: '100%', display: 'block' }}
          />
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={props.onClose}>Close</Button>
        <Button href={address('svg')} target="_blank" rel="noreferrer">
          Open SVG
        </Button>
        <Button variant="contained" href={address('pdf')} target="_blank" rel="noreferrer">
          Open PDF
        </Button>
      </DialogActions>
    </Dialog>
  );
}
