import { setNonce } from 'get-nonce';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter, Route, Routes } from 'react-router';
import './app.css';
import { browserInstruments } from './instruments/browserInstruments.js';
import { InstrumentsPassedIn } from './instruments/instruments.js';
import { followOtherTabs } from './keeping/deviceStorage.js';
import { PourScreen } from './screens/pour/PourScreen.js';
import { useCooks } from './stores/cooks.js';
import { sendDraftNow, useDraft } from './stores/draft.js';
import { loadEngine } from './stores/engine.js';
import { useKitchen } from './stores/kitchen.js';
import { keepTogether } from './stores/feed.js';
import { useOutbox } from './stores/outbox.js';
import { applyTheme, useTheme } from './stores/theme.js';
import { useTime } from './stores/time.js';
import { fetched } from './keeping/fetched.js';
import { ErrorScreen, NotHere } from './ui/ErrorScreen.js';
import { Shell } from './ui/Shell.js';

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
        <Route path="dishes" element={later(<DishesScreen />)} />
        <Route path="notebook" element={later(<NotebookScreen />)} />
        <Route path="notebook/:id" element={later(<PageScreen />)} />
        <Route path="kitchen" element={later(<KitchenScreen />)} />
        <Route path="kitchen/water-test" element={later(<WaterTestScreen />)} />
        <Route path="help" element={later(<HelpScreen />)} />
        <Route path="*" element={<NotHere />} />
      </Route>
    </Routes>
  </BrowserRouter>
);

/** The stove has to open even when the server has gone: it is fetched before anybody asks for it. */
function fetchStove(): void {
  import('./screens/stove/StoveScreen.js').catch(() => undefined);
}

function start(): void {
  applyTheme();
  for (const store of [useDraft, useKitchen, useCooks, useTime, useTheme]) followOtherTabs(store);
  keepTogether();
  addEventListener('pagehide', sendDraftNow);
  useOutbox.subscribe((now, before) => {
    if (now.reachable && !before.reachable) fetchStove();
  });
  setTimeout(fetchStove, 1500);
}

/** The number by which the page's policy knows its own style elements. */
const nonce = document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce;
if (nonce) setNonce(nonce);

void loadEngine();

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ErrorBoundary FallbackComponent={ErrorScreen}>
        <InstrumentsPassedIn value={browserInstruments}>
          <App />
        </InstrumentsPassedIn>
      </ErrorBoundary>
    </StrictMode>,
  );
  start();
}
