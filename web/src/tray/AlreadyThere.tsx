import Button from '@mui/material/Button';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { Dialog } from '../kit/later';

/** What becomes of pieces that are on the tray already. */
export type Existing = 'replace' | 'both' | 'leave';

/** Asks what becomes of pieces of a file that are on the tray already. */
export function AlreadyThere(props: {
  /** names of the pieces */
  names: readonly string[];
  /** called with what was chosen */
  onAnswer: (existing: Existing) => void;
  /** called when nothing is to happen */
  onClose: () => void;
}) {
  const { names, onAnswer } = props;
  return (
    <Dialog open onClose={props.onClose} aria-labelledby="existing-title">
      <DialogTitle id="existing-title">On the tray already</DialogTitle>
      <DialogContent>
        <p>
          <b>{names.slice(0, 8).join(', ')}</b>
          {names.length > 8 && ` and ${names.length - 8} more`}
        </p>
        <p>
          What is replaced stays in the piece’s history, one undo away. Other pieces of the file are taken in
          any case.
        </p>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => onAnswer('leave')}>Leave as they are</Button>
        <Button onClick={() => onAnswer('both')}>Keep both</Button>
        <Button variant="contained" onClick={() => onAnswer('replace')}>
          Replace
        </Button>
      </DialogActions>
    </Dialog>
  );
}
