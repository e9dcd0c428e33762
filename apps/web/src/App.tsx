import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { ErrorBoundary } from 'react-error-boundary';
import { browserInstruments } from './instruments/browserInstruments.js';
import { InstrumentsPassedIn } from './instruments/instruments.js';
import { BrowserRouter, Route, Routes } from 'react-router';
import { fetched } from './storage/fetched.js';
import { PourScreen } from './screens/pour/PourScreen.js';
import { ErrorScreen, NotHere } from './ui/shell/ErrorScreen.js';
import { Shell } from './ui/shell/Shell.js';

const NotebookScreen = lazy(() =>
  fetched(() => import('./screens/notebook/NotebookScreen.js')).then((m) => ({ default: m.NotebookScreen })),
);
const PageScreen = lazy(() =>
  fetched(() => import('./screens/notebook/PageScreen.js')).then((m) => ({ default: m.PageScreen })),
);
const KitchenScreen = lazy(() =>
  fetched(() => import('./screens/kitchen/KitchenScreen.js')).then((m) => ({ default: m.KitchenScreen })),
);

const StoveScreen = lazy(() =>
  fetched(() => import('./screens/stove/StoveScreen.js')).then((m) => ({ default: m.StoveScreen })),
);
const MethodScreen = lazy(() =>
  fetched(() => import('./screens/method/MethodScreen.js')).then((m) => ({ default: m.MethodScreen })),
);
const CompareScreen = lazy(() =>
  fetched(() => import('./screens/compare/CompareScreen.js')).then((m) => ({ default: m.CompareScreen })),
);
const CourseScreen = lazy(() =>
  fetched(() => import('./screens/course/CourseScreen.js')).then((m) => ({ default: m.CourseScreen })),
);
const TableScreen = lazy(() =>
  fetched(() => import('./screens/table/TableScreen.js')).then((m) => ({ default: m.TableScreen })),
);
const WhatIfScreen = lazy(() =>
  fetched(() => import('./screens/whatif/WhatIfScreen.js')).then((m) => ({ default: m.WhatIfScreen })),
);
const DishesScreen = lazy(() =>
  fetched(() => import('./screens/dishes/DishesScreen.js')).then((m) => ({ default: m.DishesScreen })),
);
const WaterTestScreen = lazy(() =>
  fetched(() => import('./screens/kitchen/WaterTestScreen.js')).then((m) => ({ default: m.WaterTestScreen })),
);

const HelpScreen = lazy(() =>
  fetched(() => import('./screens/help/HelpScreen.js')).then((m) => ({ default: m.HelpScreen })),
);

const InScreen = lazy(() =>
  fetched(() => import('./screens/in/InScreen.js')).then((m) => ({ default: m.InScreen })),
);

const KeepingScreen = lazy(() =>
  fetched(() => import('./screens/keeping/KeepingScreen.js')).then((m) => ({ default: m.KeepingScreen })),
);

const later = (screen: React.ReactNode) => <Suspense fallback={<p aria-busy>…</p>}>{screen}</Suspense>;

/** Every screen, each at its address. */
const App = () => (
  <BrowserRouter>
    <Routes>
      <Route path="/" element={<Shell />}>
        <Route index element={<PourScreen />} />
        <Route path="stove" element={later(<StoveScreen />)} />
        <Route path="method" element={later(<MethodScreen />)} />
        <Route path="compare" element={later(<CompareScreen />)} />
        <Route path="course" element={later(<CourseScreen />)} />
        <Route path="what-if" element={later(<WhatIfScreen />)} />
        <Route path="table" element={later(<TableScreen />)} />
        <Route path="dishes" element={later(<DishesScreen />)} />
        <Route path="notebook" element={later(<NotebookScreen />)} />
        <Route path="notebook/:id" element={later(<PageScreen />)} />
        <Route path="kitchen" element={later(<KitchenScreen />)} />
        <Route path="kitchen/water-test" element={later(<WaterTestScreen />)} />
        <Route path="in" element={later(<InScreen />)} />
        <Route path="keeping" element={later(<KeepingScreen />)} />
        <Route path="join" element={later(<KeepingScreen />)} />
        <Route path="help" element={later(<HelpScreen />)} />
        <Route path="*" element={<NotHere />} />
      </Route>
    </Routes>
  </BrowserRouter>
);

/** Shows the program in its place. */
export const show = (root: HTMLElement): void =>
  createRoot(root).render(
    <StrictMode>
      <ErrorBoundary FallbackComponent={ErrorScreen}>
        <InstrumentsPassedIn value={browserInstruments}>
          <App />
        </InstrumentsPassedIn>
      </ErrorBoundary>
    </StrictMode>,
  );
