import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useBench } from '../../app/bench';
import { withElement } from '../../app/edit';
import type { Strand, StrandPlan } from '../../api/types';
import { ElementTools } from './ElementTools';
import { FormMat } from './FormMat';
import { fieldsOf, stepOf, valueOf } from './fields';
import { ReadOuts } from './ReadOuts';
import { Tape } from './Tape';

/** The form, the tape and the read-outs of one strand, tied together. */
export function Shape() {
  const { piece, plan, change } = useBench();
  const index = 0;
  const strand = piece.strands[index] as Strand;
  const planned = plan.strands[index] as StrandPlan;
  const [chosen, setChosen] = useState<string>();
  const [pointed, setPointed] = useState<string>();
  const selected = strand.elements.find((e) => e.id === chosen);

  const walk = (by: number) => {
    const ids = strand.elements.map((e) => e.id);
    const at = ids.indexOf(chosen);
    setChosen(ids[(at + by + ids.length) % ids.length] ?? ids[0]);
  };
  const step = (by: number) => {
    const field = selected && fieldsOf(selected)[0];
    if (!selected?.id || !field) return;
    const value = valueOf(selected, field.name) + by * stepOf(field.unit);
    if (value > 0) {
      const tidy = Math.round(value * 1e6) / 1e6;
      void change(withElement(piece, index, selected.id, { [field.name]: tidy }));
    }
  };
  useHotkeys('right', () => walk(1), { preventDefault: true }, [strand, chosen]);
  useHotkeys('left', () => walk(chosen ? -1 : 0), { preventDefault: true }, [strand, chosen]);
  useHotkeys('up', () => step(1), { preventDefault: true }, [piece, chosen]);
  useHotkeys('down', () => step(-1), { preventDefault: true }, [piece, chosen]);
  useHotkeys('escape', () => setChosen(undefined));

  const tie = { strand: planned, chosen, pointed, onChoose: setChosen, onPoint: setPointed };
  return (
    <div className="bench">
      <FormMat {...tie} element={selected} index={index} />
      <ReadOuts strand={planned} element={selected} index={index} />
      <div className="across tape">
        <Tape {...tie} />
        <ElementTools index={index} chosen={selected} onChoose={setChosen} />
      </div>
    </div>
  );
}
