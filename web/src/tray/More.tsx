import { useMany } from '../bench/useMany';
import MenuItem from '@mui/material/MenuItem';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';
import type { TrayPiece } from '../api/types';
import { Menu } from '../kit/later';

/** A piece and the button that was pressed to see what can be done with it. */
export interface Asked {
  piece: TrayPiece;
  anchor: HTMLElement;
}

/** What can be done with a piece on the tray. */
export function More(props: {
  /** the piece, and where its button is */
  of: Asked;
  /** called when the list closes */
  onClose: () => void;
  /** called when the piece was taken off the tray */
  onGone: (piece: TrayPiece) => void;
  /** called when it is to get tags */
  onTag: () => void;
}) {
  const { piece, anchor } = props.of;
  const go = useNavigate();
  const cache = useQueryClient();
  const fresh = () => cache.invalidateQueries(queries.tray());
  const remove = useMutation({
    mutationFn: () => api.remove(piece.id),
    onSuccess: () => {
      props.onGone(piece);
      return fresh();
    },
  });
  const copy = useMutation({ mutationFn: () => api.duplicate(piece.id), onSuccess: fresh });
  const many = useMany();
  const after = (does: () => void) => () => {
    does();
    props.onClose();
  };
  return (
    <Menu open anchorEl={anchor} onClose={props.onClose}>
      <MenuItem onClick={() => void go(`/pieces/${piece.id}/make`)}>Make it</MenuItem>
      <MenuItem onClick={after(() => many.mutate(piece))}>Make many</MenuItem>
      <MenuItem onClick={after(copy.mutate)}>Duplicate</MenuItem>
      <MenuItem onClick={after(props.onTag)}>Tags</MenuItem>
      <MenuItem component="a" href={`/api/pieces/${piece.id}/export`} onClick={props.onClose}>
        Save as a file
      </MenuItem>
      <MenuItem onClick={after(remove.mutate)}>Take off the tray</MenuItem>
    </Menu>
  );
}
