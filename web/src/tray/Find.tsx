import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { useMemo, useState } from 'react';
import type { TrayPiece } from '../api/types';
import { Entry } from '../kit/Entry';
import { tagsOf, type Looked } from './find';
import './find.css';

/** So many tags stand in a row; the others come when they are asked for. */
const FIRST_TAGS = 12;

/** Looks for pieces on the tray by words and by tags. */
export function Find(props: {
  /** what is looked for */
  looked: Looked;
  /** every piece on the tray */
  pieces: readonly TrayPiece[];
  /** how many were found */
  found: number;
  onLook: (looked: Looked) => void;
  /** called when looking ends */
  onClose: () => void;
}) {
  const { looked, pieces } = props;
  const tags = useMemo(() => tagsOf(pieces), [pieces]);
  const [all, setAll] = useState(false);
  const chosen = new Set(looked.tags);
  const shown = tags.filter(([tag], i) => all || i < FIRST_TAGS || chosen.has(tag));
  return (
    <div className="tools-row find" role="search" aria-label="find on the tray">
      <Entry
        type="search"
        wide={300}
        autoFocus
        aria-label="words to find"
        placeholder="name, wire, metal, use or tag"
        value={looked.typed}
        onChange={(e) => props.onLook({ ...looked, typed: e.target.value })}
        onKeyDown={(e) => e.key === 'Escape' && props.onClose()}
      />
      {shown.map(([tag, count]) => (
        <ToggleButton
          key={tag}
          value={tag}
          selected={chosen.has(tag)}
          onClick={() =>
            props.onLook({
              ...looked,
              tags: chosen.has(tag) ? looked.tags.filter((t) => t !== tag) : [...looked.tags, tag],
            })
          }
        >
          {tag} · {count}
        </ToggleButton>
      ))}
      {shown.length < tags.length && (
        <Button onClick={() => setAll(true)}>{tags.length - shown.length} more tags</Button>
      )}
      {tags.length === 0 && (
        <span className="label">Tags are given in the menu of a piece, or to several chosen.</span>
      )}
      <Button className="apart" onClick={props.onClose}>
        show all
      </Button>
      <span role="status" className="unseen">
        {props.found} found
      </span>
    </div>
  );
}
