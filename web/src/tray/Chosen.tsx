import Button from '@mui/material/Button';
import { useSettings } from '../kit/settings';

/** Several pieces, cut from one list or saved together. */
export function Chosen(props: {
  /** names in the store of those chosen, in the order of the tray */
  ids: readonly string[];
  /** called when choosing ends */
  onDone: () => void;
  /** called when they are to get tags */
  onTag: () => void;
}) {
  const { units } = useSettings();
  const query = props.ids.map((id) => `ids=${encodeURIComponent(id)}`).join('&');
  const none = props.ids.length === 0;
  return (
    <span className="apart chosen" role="group" aria-label="chosen pieces">
      <span role="status">{none ? 'Press the pieces you want' : `${props.ids.length} chosen`}</span>
      <Button
        disabled={none}
        href={`/api/together/sheets/marks?${query}&units=${units}&paper=${units === 'mm' ? 'a4' : 'letter'}`}
        target="_blank"
        rel="noreferrer"
      >
        Marks on paper
      </Button>
      <Button disabled={none} href={`/api/together/tables/cut-list?${query}`}>
        One cut list
      </Button>
      <Button disabled={none} href={`/api/pieces/export?${query}`}>
        Save as files
      </Button>
      <Button disabled={none} onClick={props.onTag}>
        Tags
      </Button>
      <Button variant="contained" onClick={props.onDone}>
        Done
      </Button>
    </span>
  );
}
