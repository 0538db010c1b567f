import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { TrayPiece } from '../api/types';
import { retagged, tagsOf } from './find';

/** Tags of a piece, or those that several share: words to find them by. */
export function TagsDialog(props: {
  /** the pieces */
  of: readonly TrayPiece[];
  /** every piece on the tray: their tags are offered */
  all: readonly TrayPiece[];
  onClose: () => void;
}) {
  const { of } = props;
  const cache = useQueryClient();
  const shared = (of[0]?.tags ?? []).filter((t) => of.every((p) => p.tags.includes(t)));
  const [tags, setTags] = useState<readonly string[]>(shared);
  const [typed, setTyped] = useState('');
  const now = typed.trim() ? [...new Set([...tags, typed.trim()])] : tags;
  const save = useMutation({
    mutationFn: async () => {
      for (const { id } of of) {
        const kept = await api.piece(id);
        const next = retagged(kept.document.tags, shared, now);
        if (next.join('\n') !== kept.document.tags.join('\n')) {
          await api.save(id, kept.version, { ...kept.document, tags: [...next] });
          cache.removeQueries(queries.piece(id));
        }
      }
    },
    onSettled: () => cache.invalidateQueries(queries.tray()),
    onSuccess: props.onClose,
  });
  return (
    <Dialog open onClose={props.onClose} fullWidth maxWidth="xs" aria-labelledby="tags-title">
      <DialogTitle id="tags-title">
        Tags of {of.length === 1 ? of[0]?.name : `${of.length} pieces`}
      </DialogTitle>
      <DialogContent>
        <Autocomplete
          multiple
          freeSolo
          options={tagsOf(props.all)
            .map(([tag]) => tag)
            .filter((t) => !tags.includes(t))}
          value={[...tags]}
          inputValue={typed}
          onInputChange={(_, text) => setTyped(text)}
          onChange={(_, next) => setTags([...new Set(next.map((t) => t.trim()).filter(Boolean))])}
          renderInput={(params) => (
            <TextField {...params} autoFocus margin="dense" label="tags" placeholder="such as market" />
          )}
        />
        <p className="why">
          {of.length > 1 && 'Shown are those that all of them have. '}Enter ends a tag; up to 40 characters
          each.
        </p>
        {save.error && (
          <p className="wrong" role="alert">
            {reason(save.error)}
          </p>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={props.onClose}>Cancel</Button>
        <Button variant="contained" loading={save.isPending} onClick={() => save.mutate()}>
          Save the tags
        </Button>
      </DialogActions>
    </Dialog>
  );
}
