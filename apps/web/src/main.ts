import { setNonce } from 'get-nonce';
import './app.css';
import { followOtherTabs, takeUpMirrored } from './storage/deviceStorage.js';
import { fetchPour } from './screens/pour/goesIn/pieces.js';
import { useCooks } from './stores/cooks/cooks.js';
import { sendDraftNow, useDraft } from './stores/plan/draft.js';
import { loadCore } from './stores/plan/core.js';
import { useKitchen } from './stores/kitchen/kitchen.js';
import { useLearnt } from './stores/kitchen/learnt.js';
import { keepTogether } from './stores/feed/feed.js';
import { openedOutbox, useOutbox } from './stores/session/pendingWrites.js';
import { askToPersist, hearInstall } from './storage/installed.js';
import { keepProgram } from './storage/newVersion.js';
import { applyTheme, useTheme } from './stores/session/theme.js';
import { emptyWhenLetGo } from './stores/session/emptyDevice.js';
import { hearFall, loadAccess } from './stores/session/access.js';
import { useTime } from './stores/session/time.js';
import { fetched } from './storage/fetched.js';
import { fetchLists } from './ui/controls/Pick.js';

/** The stove has to open even when the server has gone: it is fetched before anybody asks for it. */
function fetchStove(): void {
  import('./screens/stove/StoveScreen.js').catch(() => undefined);
}

/** What a browser that dies must not lose. */
const KEPT = [useKitchen, useCooks, useDraft, useLearnt];

function start(): void {
  applyTheme();
  for (const store of [...KEPT, useTime, useTheme]) followOtherTabs(store);
  hearInstall();
  void loadAccess();
  keepTogether(takeUpMirrored(KEPT));
  // Asked once the writes that wait are known.
  void openedOutbox().then(() => emptyWhenLetGo());
  addEventListener('pagehide', sendDraftNow);
  // A pot that is on is something to keep: the browser is asked once not to clear it by itself.
  const stop = useCooks.subscribe(({ active }) => {
    if (!active || active.outcome) return;
    stop();
    void askToPersist();
  });
  useOutbox.subscribe((now, before) => {
    if (!now.reachable || before.reachable) return;
    fetchStove();
    void hearFall();
  });
  setTimeout(fetchStove, 1500);
  setTimeout(fetchLists, 1500);
  // The number first: keeping the program takes the line for a moment.
  if (import.meta.env.PROD) setTimeout(() => void keepProgram(), 2500);
}

start();

/** The number by which the page's policy knows its own style elements. */
const nonce = document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce;
if (nonce) setNonce(nonce);

void loadCore();
// The screen that is asked for comes beside the program and not after it.
if (location.pathname === '/') fetchPour();
if (location.pathname === '/stove') fetchStove();
if (location.pathname === '/notebook') import('./screens/notebook/NotebookScreen.js').catch(() => undefined);

/** The screens come by themselves: a slow phone answers a tap between this piece and that one. */
void fetched(() => import('./App.js')).then(({ show }) => {
  const root = document.getElementById('root');
  if (root) show(root);
});
