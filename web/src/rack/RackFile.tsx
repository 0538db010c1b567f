import { WideTable } from '../kit/WideTable';
import Button from '@mui/material/Button';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import { api, reason } from '../api/client';
import type { RackEntry, RackPreview } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { Dialog } from '../kit/later';

/** The rack as a table for a spreadsheet, and back: what would change is shown before anything is. */
export function RackFile(props: {
  /** books an entry after a version of the rack; says whether it was taken */
  book: (entry: RackEntry, version: number) => Promise<boolean>;
}) {
  const [preview, setPreview] = useState<RackPreview>();
  const [wrong, setWrong] = useState<string>();
  const open = async (file: File) => {
    try {
      setWrong(undefined);
      setPreview(await api.rackPreview(await file.text()));
    } catch (thrown) {
      setWrong(`${file.name}: ${reason(thrown)}`);
    }
  };
  const leave = () => setPreview(undefined);
  const bad = preview?.rows.filter((r) => r.bad !== '').length ?? 0;
  return (
    <>
      {wrong && (
        <span className="wrong" role="alert">
          {wrong}
        </span>
      )}
      <Button href="/api/rack/csv">save as CSV</Button>
      <FileButton
        says="open a CSV file"
        label="a table of a rack"
        accept=".csv,text/csv"
        onFile={(file) => void open(file)}
      />
      <Dialog open={preview !== undefined} onClose={leave} maxWidth="md" fullWidth>
        <DialogTitle>What the file would change</DialogTitle>
        <DialogContent>
          <WideTable label="entries of the file">
            <Table size="small">
              <TableHead>
                <TableRow>
                  <TableCell align="right">line</TableCell>
                  <TableCell>label</TableCell>
                  <TableCell>what it does</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {preview?.rows.map((r) => (
                  <TableRow key={r.line}>
                    <TableCell align="right">{r.line}</TableCell>
                    <TableCell>{r.name}</TableCell>
                    <TableCell>{r.bad ? <span className="wrong">{r.bad}</span> : r.does}</TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </WideTable>
          {bad > 0 && (
            <p className="wrong">
              {bad === 1 ? 'One row cannot be read' : `${bad} rows cannot be read`}: nothing is changed until
              the file is corrected.
            </p>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={leave}>leave the rack as it is</Button>
          <Button
            variant="contained"
            disabled={!preview?.entry}
            onClick={() => {
              if (preview?.entry) void props.book(preview.entry, preview.version);
              leave();
            }}
          >
            {preview?.entry ? 'change the rack' : 'nothing to change'}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
