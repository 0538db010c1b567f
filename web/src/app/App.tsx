import { lazy } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { Bath } from '../bath/Bath';
import { Daybook } from '../daybook/Daybook';
import { Rack } from '../rack/Rack';
import { Colour } from '../stations/colour/Colour';
import { Log } from '../stations/log/Log';
import { Shape } from '../stations/shape/Shape';
import { ToolsPage } from '../tools/ToolsPage';
import { NewPiece } from '../tray/NewPiece';
import { Tray } from '../tray/Tray';
import { OutsideFrame } from './OutsideFrame';
import { PieceFrame } from './PieceFrame';

const Bin = lazy(() => import('../tray/Bin').then((m) => ({ default: m.Bin })));
const Cut = lazy(() => import('../stations/cut/Cut').then((m) => ({ default: m.Cut })));
const Harden = lazy(() => import('../stations/harden/Harden').then((m) => ({ default: m.Harden })));
const MeasureIt = lazy(() => import('../tray/MeasureIt').then((m) => ({ default: m.MeasureIt })));
const JobsPage = lazy(() => import('../jobs/JobsPage').then((m) => ({ default: m.JobsPage })));
const JobPage = lazy(() => import('../jobs/JobPage').then((m) => ({ default: m.JobPage })));
const JobCard = lazy(() => import('../jobs/JobCard').then((m) => ({ default: m.JobCard })));
const SettingsPage = lazy(() =>
  import('../settings/SettingsPage').then((m) => ({ default: m.SettingsPage })),
);
const SizesPage = lazy(() => import('../settings/SizesPage').then((m) => ({ default: m.SizesPage })));
const Help = lazy(() => import('../help/Help').then((m) => ({ default: m.Help })));
const Make = lazy(() => import('../stations/make/Make').then((m) => ({ default: m.Make })));
const WireStation = lazy(() =>
  import('../stations/wire/WireStation').then((m) => ({ default: m.WireStation })),
);

/** Every address of the application. */
export function App() {
  return (
    <Routes>
      <Route element={<OutsideFrame />}>
        <Route path="/tray" element={<Tray />} />
        <Route path="/tray/new" element={<NewPiece />} />
        <Route path="/tray/bin" element={<Bin />} />
        <Route path="/tray/measure" element={<MeasureIt />} />
        <Route path="/rack" element={<Rack />} />
        <Route path="/bath" element={<Bath />} />
        <Route path="/daybook" element={<Daybook />} />
        <Route path="/tools" element={<ToolsPage />} />
        <Route path="/jobs" element={<JobsPage />} />
        <Route path="/jobs/:id" element={<JobPage />} />
        <Route path="/jobs/:id/card" element={<JobCard />} />
        <Route path="/settings" element={<SettingsPage />} />
        <Route path="/sizes" element={<SizesPage />} />
        <Route path="/help/:page" element={<Help />} />
      </Route>
      <Route path="/pieces/:id" element={<PieceFrame />}>
        <Route index element={<Navigate to="shape" replace />} />
        <Route path="wire" element={<WireStation />} />
        <Route path="shape" element={<Shape />} />
        <Route path="harden" element={<Harden />} />
        <Route path="colour" element={<Colour />} />
        <Route path="cut" element={<Cut />} />
        <Route path="make" element={<Make />} />
        <Route path="log" element={<Log />} />
      </Route>
      <Route path="*" element={<Navigate to="/tray" replace />} />
    </Routes>
  );
}
