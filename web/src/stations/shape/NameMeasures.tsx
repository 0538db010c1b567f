import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useBench } from '../../bench/bench';
import { allFields, measuresOf, namesOf, type OwnField } from '../../bench/own';
import { useKinds } from '../../kit/useKinds';
import { useSettings } from '../../kit/settings';
import { length, thickness, type Units } from '../../kit/units';

/** Names for what is to be asked when the piece is made again, and whether it is offered as a pattern. */
export function NameMeasures(props: { onClose: () => void }) {
  const { piece, plan, change } = useBench();
  const { units } = useSettings();
  const kinds = useKinds();
  const all = allFields(piece, kinds);
  const [names, setNames] = useState<ReadonlyMap<string, string>>(() => namesOf(piece));
  const [pattern, setPattern] = useState(piece.pattern || piece.measures.length === 0);
  const several = piece.strands.length > 1;
  const labelOf = (f: OwnField) => {
    const label = plan.strands[f.strand]?.elements.find((e) => e.id === f.element.id)?.label ?? '';
    return several ? `${piece.strands[f.strand]?.name ?? ''}: ${label}` : label;
  };
  const name = (address: string, title: string) => setNames((old) => new Map(old).set(address, title));
  const keep = async () => {
    const measures = measuresOf(all, names);
    if (await change((p) => ({ ...p, measures, pattern }))) props.onClose();
  };
  return (
    <Dialog open onClose={props.onClose} fullWidth maxWidth="md" aria-labelledby="name-measures">
      <DialogTitle id="name-measures">
        {piece.pattern || piece.measures.length > 0 ? 'Measures of' : 'Keep as a pattern:'} {piece.name}
      </DialogTitle>
      <DialogContent>
        <p className="why">
          Name what is to be asked when it is made again: those measures stand first, under <em>Shape</em>.
          What has the same name changes together; what has none stays as it is.
        </p>
        <Table size="small" aria-label="measures">
          <TableHead>
            <TableRow>
              <TableCell>part</TableCell>
              <TableCell>measure</TableCell>
              <TableCell align="right">now</TableCell>
              <TableCell>your name for it</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {all.map((f, i) => (
              <TableRow key={f.address}>
                <TableCell>{all[i - 1]?.element === f.element ? '' : labelOf(f)}</TableCell>
                <TableCell>{f.field.title}</TableCell>
                <TableCell align="right">{shown(f, units)}</TableCell>
                <TableCell>
                  <TextField
                    size="small"
                    variant="standard"
                    fullWidth
                    value={names.get(f.address) ?? ''}
                    onChange={(e) => name(f.address, e.target.value)}
                    slotProps={{
                      htmlInput: { 'aria-label': `name for ${labelOf(f)}, ${f.field.title}`, maxLength: 60 },
                    }}
                  />
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </DialogContent>
      <DialogActions>
        <FormControlLabel
          sx={{ mr: 'auto', ml: 1 }}
          control={<Checkbox checked={pattern} onChange={(e) => setPattern(e.target.checked)} />}
          label="offer it when a new piece is begun"
        />
        <Button onClick={props.onClose}>Cancel</Button>
        <Button variant="contained" onClick={() => void keep()}>
          Keep the names
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function shown(f: OwnField, units: Units): string {
  if (f.field.unit === 'mm') return length(f.value, units);
  if (f.field.unit === 'thickness') return thickness(f.value, units);
  if (f.field.unit === 'degrees') return `${Math.round(f.value)}°`;
  return String(Math.round(f.value * 100) / 100);
}
