import ToggleButton from '@mui/material/ToggleButton';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { useSettings } from '../kit/settings';

const STRIPS = [
  { sheet: 'ring-strip', title: 'ring strip' },
  { sheet: 'bangle-strip', title: 'bangle strip' },
  { sheet: 'stone-sheet', title: 'stone sheet' },
];

/** Sheets on paper: shown as they will print, then opened as PDF or SVG. Only what has something to show is offered; without a piece the strips to size by. */
export function PrintDialog(props: {
  /** where the sheets of a piece or a job are served; without one only strips are offered */
  address?: string;
  /** what it is called */
  name: string;
  /** called when the dialog is left */
  onClose: () => void;
}) {
  const { units } = useSettings();
  const [paper, setPaper] = useState<'a4' | 'letter'>(units === 'mm' ? 'a4' : 'letter');
  const [sheet, setSheet] = useState<string>(props.address ? 'template' : 'ring-strip');
  const offered = useQuery({
    queryKey: ['sheets', props.address],
    queryFn: () => api.sheets(props.address ?? ''),
    enabled: props.address !== undefined,
    staleTime: 0,
  });
  const strip = STRIPS.some((s) => s.sheet === sheet);
  const sheets = props.address ? (offered.data ?? []) : STRIPS;
  const title = sheets.find((s) => s.sheet === sheet)?.title ?? '';
  const address = (format: 'pdf' | 'svg') =>
    `${strip ? '/api' : props.address}/sheets/${sheet}?format=${format}&paper=${paper}&units=${units}`;
  return (
    <Dialog open onClose={props.onClose} maxWidth="md" fullWidth aria-labelledby="print-title">
      <DialogTitle id="print-title">
        {strip ? 'Print' : `Print ${props.name}`}: {title}
      </DialogTitle>
      <DialogContent>
        <div className="tools-row" role="group" aria-label="sheet">
          {sheets.map((s) => (
            <ToggleButton
              key={s.sheet}
              value="on"
              selected={sheet === s.sheet}
              onClick={() => setSheet(s.sheet)}
            >
              {s.title}
            </ToggleButton>
          ))}
        </div>
        <div className="tools-row" role="group" aria-label="paper">
          <span className="label">paper</span>
          <ToggleButton value="on" selected={paper === 'a4'} onClick={() => setPaper('a4')}>
            A4
          </ToggleButton>
          <ToggleButton value="on" selected={paper === 'letter'} onClick={() => setPaper('letter')}>
            Letter
          </ToggleButton>
          <span className="label">Print at 100 %, then measure the check bar.</span>
        </div>
        <div role="region" aria-label="the sheet" tabIndex={0} className="sheet-shown">
          <img key={address('svg')} src={address('svg')} alt={`${title} as it will print`} />
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
