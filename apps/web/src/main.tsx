import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import './app.css';
import { PourScreen } from './screens/pour/PourScreen.js';
import { StoveScreen } from './screens/stove/StoveScreen.js';
import { useCooks } from './stores/cooks.js';
import { sendDraftNow, useDraft } from './stores/draft.js';
import { useKitchen } from './stores/kitchen.js';
import { useOutbox, watchServer } from './stores/outbox.js';
import { applyTheme } from './stores/theme.js';
import { ErrorScreen, NotHere } from './ui/ErrorScreen.js';
import { Shell } from './ui/Shell.js';

const NotebookScreen = lazy(() =>
  import('./screens/notebook/NotebookScreen.js').then((m) => ({ default: m.NotebookScreen })),
);
const PageScreen = lazy(() =>
  import('./screens/notebook/PageScreen.js').then((m) => ({ default: m.PageScreen })),
);
const KitchenScreen = lazy(() =>
  import('./screens/kitchen/KitchenScreen.js').then((m) => ({ default: m.KitchenScreen })),
);

const later = (screen: React.ReactNode) => <Suspense fallback={<p>…</p>}>{screen}</Suspense>;

const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    errorElement: <ErrorScreen />,
    children: [
      { index: true, element: <PourScreen /> },
      { path: 'stove', element: <StoveScreen /> },
      { path: 'notebook', element: later(<NotebookScreen />) },
      { path: 'notebook/:id', element: later(<PageScreen />) },
      { path: 'kitchen', element: later(<KitchenScreen />) },
      { path: '*', element: <NotHere /> },
    ],
  },
]);

async function readBack(): Promise<void> {
  // What was written down before the last close goes out before anything is read back.
  await useOutbox.getState().flush();
  await useKitchen.getState().load();
  await Promise.all([useDraft.getState().load(), useCooks.getState().loadActive()]);
}

function start(): void {
  applyTheme();
  watchServer();
  addEventListener('pagehide', sendDraftNow);
  useOutbox.subscribe((now, before) => {
    if (now.reachable && !before.reachable && useKitchen.getState().state !== 'loaded') void readBack();
  });
  void readBack();
}

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <RouterProvider router={router} />
    </StrictMode>,
  );
  start();
}
