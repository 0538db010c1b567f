import ToggleButton from '@mui/material/ToggleButton';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useKeys } from '../../kit/keys';
import { useBench } from '../../bench/bench';
import { withElement } from '../../bench/edit';
import type { Strand, StrandPlan } from '../../api/types';
import { useAfterPaint } from '../../wire/useAfterPaint';
import { ElementTools } from './ElementTools';
import { FormMat, wiresOf } from '../../bench/FormMat';
import { StrandSwitch } from '../../bench/StrandSwitch';
import { useKinds } from '../../kit/useKinds';
import { changeOf, fieldsOf, stepOf, valueOf } from '../../bench/fields';
import { ReadOuts } from './ReadOuts';
import { Tape } from '../../bench/Tape';

/** The form, the tape and the read-outs of one strand, tied together. */
export function Shape() {
  const { piece, plan, at: index, take, change } = useBench();
  const strand = piece.strands[index] as Strand;
  const planned = plan.strands[index] as StrandPlan;
  const [chosen, setChosen] = useState<string>();
  const kinds = useKinds();
  const [pointed, setPointed] = useState<string>();
  const [alone, setAlone] = useState(false);
  const [measured, setMeasured] = useState<readonly string[]>();
  const selected = strand.elements.find((e) => e.id === chosen);

  const walk = (by: number) => {
    const ids = strand.elements.map((e) => e.id);
    const at = chosen === undefined ? (by > 0 ? -1 : 0) : ids.indexOf(chosen);
    setChosen(ids[(at + by + ids.length) % ids.length]);
  };
  const step = (by: number) => {
    const field = selected && fieldsOf(kinds, selected)[0];
    if (!selected?.id || !field) return;
    const value = valueOf(selected, field.name) + by * stepOf(field.unit);
    if (value > 0) {
      const tidy = Math.round(value * 1e6) / 1e6;
      const id = selected.id;
      void change((p) => withElement(p, index, id, changeOf(selected, field.name, tidy)));
    }
  };
  const keys = useRef({ walk, step });
  useEffect(() => {
    keys.current = { walk, step };
  });
  useKeys('right', () => keys.current.walk(1));
  useKeys('left', () => keys.current.walk(-1));
  useKeys('up', () => keys.current.step(1));
  useKeys('down', () => keys.current.step(-1));
  useKeys('escape', () => setChosen(undefined));

  // Figures first: the form follows in the next frame, so that typing never waits for drawing.
  const drawn = useAfterPaint(
    useMemo(() => ({ planned, strands: plan.strands, selected, index }), [planned, plan, selected, index]),
  );
  const laidOut = alone && plan.strands.length > 1 ? drawn.planned : undefined;
  const byItself = useMemo(() => laidOut && { wires: wiresOf(laidOut), others: [], parts: [] }, [laidOut]);
  const tie = { strand: drawn.planned, chosen, pointed, measured, onChoose: setChosen, onPoint: setPointed };
  return (
    <div className="bench">
      <FormMat
        parts={plan.parts}
        {...tie}
        strands={drawn.strands}
        element={drawn.selected}
        index={drawn.index}
        moment={byItself}
        onTake={(other) => {
          setChosen(undefined);
          take(other);
        }}
      />
      <ReadOuts strand={planned} element={selected} index={index} onMeasure={setMeasured} />
      <div className="across tape">
        <StrandSwitch>
          <ToggleButton value="on" selected={alone} onClick={() => setAlone(!alone)}>
            laid out by itself
          </ToggleButton>
        </StrandSwitch>
        <Tape {...tie} />
        <ElementTools index={index} chosen={selected} onChoose={setChosen} />
      </div>
    </div>
  );
}
