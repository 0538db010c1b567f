import Button from '@mui/material/Button';
import { useBench } from './bench';
import { useFix } from './fix';
import { NumberField } from '../kit/NumberField';
import { grams, NEWTONS_A_GRAM } from '../kit/units';

const RULE = 'holds-too-little';

/** What is needed, g: as it was typed; what a purpose needs to two digits, since it is an estimate. */
function needed(newtons: number, typed: boolean): number {
  const grams = newtons / NEWTONS_A_GRAM;
  return typed ? Math.round(grams) : Number(grams.toPrecision(2));
}

/** What the weakest bend holds beside what the piece needs, in one line, and what helps as a button. The need can be typed. */
export function HoldLine() {
  const { plan, piece, change } = useBench();
  const take = useFix();
  const { weakest } = plan;
  if (!weakest) return null;
  const strand = plan.strands.find((s) => s.id === weakest.strand);
  const element = strand?.elements.find((e) => e.id === weakest.element);
  const holds = weakest.holdsN >= weakest.shouldN;
  const fix = plan.advice.find((a) => a.rule === RULE && a.fix);
  const squeezed = element?.squeezed ?? false;
  return (
    <div className="hold-line" role="group" aria-label="what it holds">
      <span>
        {element?.label} {squeezed ? 'stands a squeeze of' : 'holds'} <b>{grams(weakest.holdsN)}</b>
      </span>
      <dl className="rows">
        <NumberField
          label="needs"
          value={needed(weakest.shouldN, piece.loadN !== undefined)}
          unit="g"
          step={50}
          onChange={(needs) => change((p) => ({ ...p, loadN: needs * NEWTONS_A_GRAM }))}
        />
      </dl>
      {piece.loadN !== undefined && (
        <Button
          onClick={() =>
            void change((p) => {
              const usual = { ...p };
              delete usual.loadN;
              return usual;
            })
          }
        >
          the usual need
        </Button>
      )}
      <b className={holds ? undefined : 'stop'}>{holds ? 'will hold' : 'will not hold'}</b>
      {fix && (
        <Button variant="outlined" onClick={() => take(fix)}>
          {fix.instead}
        </Button>
      )}
    </div>
  );
}
