import { setNonce } from 'get-nonce';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import './app.css';
import { followOtherTabs } from './keeping/deviceStorage.js';
import { PourScreen } from './screens/pour/PourScreen.js';
import { useCooks } from './stores/cooks.js';
import { sendDraftNow, useDraft } from './stores/draft.js';
import { useKitchen } from './stores/kitchen.js';
import { keepTogether } from './stores/feed.js';
import { useOutbox } from './stores/outbox.js';
import { applyTheme, useTheme } from './stores/theme.js';
import { useTime } from './stores/time.js';
import { fetched } from './ui/fetched.js';
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

const later = (screen: React.ReactNode) => <Suspense fallback={<p aria-busy>…</p>}>{screen}</Suspense>;

const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <ErrorScreen />,
    children: [
      { index: true, element: <PourScreen /> },
      { path: 'stove', element: later(<StoveScreen />) },
      { path: 'method', element: later(<MethodScreen />) },
      { path: 'compare', element: later(<CompareScreen />) },
      { path: 'course', element: later(<CourseScreen />) },
      { path: 'what-if', element: later(<WhatIfScreen />) },
      { path: 'dishes', element: later(<DishesScreen />) },
      { path: 'notebook', element: later(<NotebookScreen />) },
      { path: 'notebook/:id', element: later(<PageScreen />) },
      { path: 'kitchen', element: later(<KitchenScreen />) },
      { path: 'kitchen/water-test', element: later(<WaterTestScreen />) },
      { path: '*', element: <NotHere /> },
    ],
  },
]);

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

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <RouterProvider router={router} />
    </StrictMode>,
  );
  start();
}
