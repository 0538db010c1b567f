import Button from '@mui/material/Button';
import type { Element, Strand } from '../../api/types';
import { useBench } from '../../bench/bench';
import { addElement, freeId, moveElement, removeElement } from '../../bench/edit';
import { useKinds } from '../../kit/useKinds';
import { addable } from '../../bench/fields';

/** Adds, moves and removes elements. */
export function ElementTools(props: {
  /** index of the strand */
  index: number;
  /** the chosen element; new ones go after it */
  chosen: Element | undefined;
  onChoose: (id: string | undefined) => void;
}) {
  const { piece, change } = useBench();
  const kinds = useKinds();
  const { index, chosen } = props;
  const strand = piece.strands[index] as Strand;
  const id = chosen?.id;
  const at = strand.elements.findIndex((e) => e.id === id);
  const add = async (label: string, make: (id: string) => Element) => {
    const fresh = freeId(strand, label.replaceAll(' ', '-'));
    if (await change((p) => addElement(p, index, make(fresh), id))) props.onChoose(fresh);
  };
  return (
    <div className="tools-row">
      <span className="label">add {id ? 'after it' : 'at the end'}</span>
      {addable(kinds, strand).map((a) => (
        <Button key={a.words} onClick={() => void add(a.words, a.make)}>
          {a.words}
        </Button>
      ))}
      <span className="apart" />
      {id ? (
        <>
          <Button disabled={at <= 0} onClick={() => void change((p) => moveElement(p, index, id, -1))}>
            move to the start
          </Button>
          <Button
            disabled={at >= strand.elements.length - 1}
            onClick={() => void change((p) => moveElement(p, index, id, 1))}
          >
            move to the end
          </Button>
          <Button
            disabled={strand.elements.length < 2}
            onClick={() =>
              void change((p) => removeElement(p, index, id)).then(() => props.onChoose(undefined))
            }
          >
            remove
          </Button>
        </>
      ) : (
        <span className="label">choose a part on the form or the tape: ← →, change it: ↑ ↓</span>
      )}
    </div>
  );
}
