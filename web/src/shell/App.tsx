import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { Tray } from '../tray/Tray';
import { Coming } from '../kit/Coming';
import { OutsideFrame } from './OutsideFrame';

const Bath = lazy(() => import('../bath/Bath').then((m) => ({ default: m.Bath })));
const Daybook = lazy(() => import('../daybook/Daybook').then((m) => ({ default: m.Daybook })));
const Rack = lazy(() => import('../rack/Rack').then((m) => ({ default: m.Rack })));
const CutFromRack = lazy(() => import('../rack/CutFromRack').then((m) => ({ default: m.CutFromRack })));
const Colour = lazy(() => import('../stations/colour/Colour').then((m) => ({ default: m.Colour })));
const Log = lazy(() => import('../stations/log/Log').then((m) => ({ default: m.Log })));
const Shape = lazy(() => import('../stations/shape/Shape').then((m) => ({ default: m.Shape })));
const ToolsPage = lazy(() => import('../tools/ToolsPage').then((m) => ({ default: m.ToolsPage })));
const StonesPage = lazy(() => import('../stones/StonesPage').then((m) => ({ default: m.StonesPage })));
const NewPiece = lazy(() => import('../tray/NewPiece').then((m) => ({ default: m.NewPiece })));
const PieceFrame = lazy(() => import('./PieceFrame').then((m) => ({ default: m.PieceFrame })));
const Bin = lazy(() => import('../tray/Bin').then((m) => ({ default: m.Bin })));
const Cut = lazy(() => import('../stations/cut/Cut').then((m) => ({ default: m.Cut })));
const Harden = lazy(() => import('../stations/harden/Harden').then((m) => ({ default: m.Harden })));
const MeasureIt = lazy(() => import('../tray/MeasureIt').then((m) => ({ default: m.MeasureIt })));
const JobsPage = lazy(() => import('../jobs/JobsPage').then((m) => ({ default: m.JobsPage })));
const JobPage = lazy(() => import('../jobs/JobPage').then((m) => ({ default: m.JobPage })));
const JobCard = lazy(() => import('../jobs/JobCard').then((m) => ({ default: m.JobCard })));
const JobLog = lazy(() => import('../jobs/JobLog').then((m) => ({ default: m.JobLog })));
const DayPlanPage = lazy(() => import('../jobs/DayPlanPage').then((m) => ({ default: m.DayPlanPage })));
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
        <Route path="/rack/cut" element={<CutFromRack />} />
        <Route path="/bath" element={<Bath />} />
        <Route path="/daybook" element={<Daybook />} />
        <Route path="/tools" element={<ToolsPage />} />
        <Route path="/stones" element={<StonesPage />} />
        <Route path="/jobs" element={<JobsPage />} />
        <Route path="/jobs/days" element={<DayPlanPage />} />
        <Route path="/jobs/:id" element={<JobPage />} />
        <Route path="/jobs/:id/card" element={<JobCard />} />
        <Route path="/jobs/:id/log" element={<JobLog />} />
        <Route path="/settings" element={<SettingsPage />} />
        <Route path="/sizes" element={<SizesPage />} />
        <Route path="/help/:page" element={<Help />} />
      </Route>
      <Route
        path="/pieces/:id"
        element={
          <Suspense fallback={<Coming />}>
            <PieceFrame />
          </Suspense>
        }
      >
        <Route index element={<Navigate to="shape" replace />} />
        <Route path="wire" element={<WireStation />} />
        <Route path="shape" element={<Shape />} />
        <Route path="harden" element={<Harden />} />
        <Route path="colour" element={<Colour />} />
        <Route path="cut" element={<Cut />} />
        <Route path="make" element={<Make />} />
        <Route path="log" element={<Log />} />
      </Route>
      <Route path="/" element={<Navigate to="/tray" replace />} />
      <Route
        path="*"
        element={<Navigate to="/tray" replace state={{ says: 'There is no such page: this is the tray.' }} />}
      />
    </Routes>
  );
}
