import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { Link } from 'react-router';
import type { StrandPlan } from '../../api/types';
import { useBench } from '../../bench/bench';
import { useSettings } from '../../kit/settings';
import { length, lengthNumber, mass, place, unitWord, words } from '../../kit/units';
import { AtHand } from './AtHand';
import { Policies } from './Policies';
import { Tape } from '../../bench/Tape';
import { api } from '../../api/client';
import { CostPart } from '../../bench/CostPart';
import { useMany } from '../../bench/useMany';
import { docKey } from '../../kit/docKey';
import { CutTable } from '../../bench/CutTable';

const still = { chosen: undefined, pointed: undefined, onChoose: () => undefined, onPoint: () => undefined };

/** What to cut, where to mark it, what it weighs. */
export function Cut() {
  const { id, piece, plan } = useBench();
  const { units } = useSettings();
  const many = useMany();
  return (
    <div>
      {plan.strands.map((s) => (
        <StrandMarks key={s.id} strand={s} />
      ))}
      <p className="why" style={{ marginTop: 12 }}>
        {plan.totals.wire
          .map(
            (w) =>
              `${words(w.metal)}, ${words(w.temper)}: ${length(w.lengthMm, units, 'up')} in all, ${mass(w.massG)}`,
          )
          .join('; ')}
        . Allow 1 to 2 mm more for each of the two cuts.
      </p>
      <p className="tools-row">
        <Button component={Link} to={`/rack/cut?piece=${id}`} variant="outlined">
          cut it from the rack
        </Button>
        <span className="label">from which spool, length or off-cut, and what is left</span>
        <span className="apart" />
        <Button disabled={many.isPending} onClick={() => many.mutate({ id, name: piece.name })}>
          make many of it
        </Button>
        <Button href="#cost">cost and price</Button>
      </p>
      <Policies />
      {piece.source && !piece.source.detached && <AtHand source={piece.source} />}
      <CostPart subject={[docKey(piece)]} ask={() => api.priceOf(piece)} address={`/api/pieces/${id}`} />
      <CutTable strands={plan.strands} address={`/api/pieces/${id}`} />
      <p className="tools-row">
        <span className="label">the outline in mm, for drawing and cutting programs:</span>
        <Button href={`/api/pieces/${id}/outline?format=svg`}>SVG</Button>
        <Button href={`/api/pieces/${id}/outline?format=dxf`}>DXF</Button>
      </p>
    </div>
  );
}

function StrandMarks(props: {
  /** the strand as planned */
  strand: StrandPlan;
}) {
  const { strand } = props;
  const { units } = useSettings();
  const other = units === 'mm' ? 'in32' : 'mm';
  const marks = [...strand.marks].sort((a, b) => a.atMm - b.atMm);
  return (
    <section className="cut-strand" aria-label={`marks of ${strand.title}`}>
      <div className="big">
        <span className="unit">
          {strand.title}, cut {strand.count > 1 && `${strand.count} ×`}
        </span>
        <b data-testid="cut">{lengthNumber(strand.cutLengthMm, units, 'up')}</b>
        <span className="unit">{unitWord(units)}</span>
        <span className="unit">{length(strand.cutLengthMm, units === 'mm' ? 'in' : 'mm', 'up')}</span>
      </div>
      <Table>
        <caption>
          Marks, {strand.title}: from the squared {marks[0]?.from === 'end' ? 'end' : 'beginning'}
        </caption>
        <TableHead>
          <TableRow>
            <TableCell align="right">at</TableCell>
            <TableCell align="right">or</TableCell>
            <TableCell>what</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {marks.map((m) => (
            <TableRow key={m.label + m.atMm}>
              <TableCell align="right">{place(m.atMm, units)}</TableCell>
              <TableCell align="right">{place(m.atMm, other)}</TableCell>
              <TableCell>{m.label}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <div className="tape">
        <Tape strand={strand} {...still} />
      </div>
    </section>
  );
}
