import './help.css';
import { WideTable } from '../kit/WideTable';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { queries } from '../api/queries';

const PAGES: [string, string][] = [
  ['model', 'the model'],
  ['tools', 'tools and their care'],
  ['cautions', 'cautions'],
];

/** The guide: how everything is worked out, tools and their care, cautions. */
export function Help() {
  const { page = 'model' } = useParams();
  const go = useNavigate();
  return (
    <div className="help">
      <Tabs value={page} aria-label="guide" onChange={(_, to: string) => void go(`/help/${to}`)}>
        {PAGES.map(([name, title]) => (
          <Tab key={name} value={name} label={title} />
        ))}
      </Tabs>
      {page === 'tools' ? <ToolCare /> : page === 'cautions' ? <CautionList /> : <Model />}
    </div>
  );
}

/** Formulas, sources, how sure; chapter by chapter. */
function Model() {
  const formulas = useQuery(queries.formulas()).data ?? [];
  const chapters = [...new Set(formulas.map((f) => f.chapter))];
  return (
    <>
      <h1>How it is worked out</h1>
      <p className="lead">
        Etui holds one model: the wire, what was done to it in order, and the state of the wire after each
        step. Temper is nothing but the strain that the wire had when it was bought. Every figure on screen is
        read off that state. An estimate says so.
      </p>
      <svg className="road" viewBox="0 0 900 86" role="img" aria-label="from the document to the plan">
        <path d="M20 40H880" stroke="#74391B" strokeWidth="6" />
        <path d="M20 40H880" stroke="#C07748" strokeWidth="4" />
        {['document', 'elements', 'operations', 'state after each', 'plan'].map((word, i) => (
          <g key={word} transform={`translate(${90 + i * 180} 0)`}>
            {[-4, 0, 4].map((x) => (
              <path key={x} d={`M${x - 2} 52L${x + 2} 28`} stroke="#9A5329" strokeWidth="3" />
            ))}
            <text y="76" textAnchor="middle" fontSize="18" fill="var(--ink)">
              {word}
            </text>
          </g>
        ))}
      </svg>
      {chapters.map((chapter) => (
        <section key={chapter}>
          <h2>{chapter}</h2>
          {formulas
            .filter((f) => f.chapter === chapter)
            .map((f) => (
              <article key={f.name}>
                <h3>
                  {f.name}
                  {f.estimate && <span className="estimate"> estimate</span>}
                </h3>
                <p className="formula">{f.formula}</p>
                <p>
                  <b>Source</b> {f.source}. <b>How sure</b> {f.sure}.
                </p>
              </article>
            ))}
        </section>
      ))}
    </>
  );
}

function ToolCare() {
  const care = useQuery(queries.toolCare()).data ?? [];
  return (
    <>
      <h1>Tools and their care</h1>
      <p className="lead">In the order of the work. Common practice.</p>
      <WideTable label="tools">
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>tool</TableCell>
              <TableCell>what for</TableCell>
              <TableCell>care</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {care.map((c) => (
              <TableRow key={c.tool}>
                <TableCell component="th" scope="row">
                  {c.tool}
                </TableCell>
                <TableCell>{c.use}</TableCell>
                <TableCell>{c.care}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </WideTable>
    </>
  );
}

function CautionList() {
  const cautions = useQuery(queries.cautions()).data ?? [];
  return (
    <>
      <h1>Cautions</h1>
      <p className="lead">
        Local rules and your own training come first. Those that apply to a piece stand on its bench card.
      </p>
      <dl className="cautions">
        {cautions.map((c) => (
          <div key={c.message}>
            <dt>{c.topic}</dt>
            <dd>{c.message}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
