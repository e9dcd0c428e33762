import { lazy, Suspense, useEffect } from 'react';
import { Navigate, NavLink, Outlet, useLocation } from 'react-router';
import { fetched } from '../../storage/fetched.js';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useDraft } from '../../stores/plan/draft.js';
import { useAccess } from '../../stores/session/access.js';
import { useReminders } from '../../stores/meal/reminders.js';
import { useSaid } from '../../stores/session/said.js';
import { Fence } from './Fence.js';
import { KeepingLine, KeepingNotices } from './Keeping.js';
import { NewVersion } from './NewVersion.js';
import { UndoBar } from './UndoBar.js';
import { useDropped } from '../controls/useDropped.js';
import { useFocusInSight } from '../hooks/useFocusInSight.js';
import { useFocusScreen } from '../hooks/useFocusScreen.js';
import { useScrollPlace } from '../hooks/useScrollPlace.js';
import { useShortcuts } from '../hooks/useShortcuts.js';
import * as w from '../../words/ui/shell.js';

const StoveWatch = lazy(() =>
  fetched(() => import('./StoveWatch.js')).then((m) => ({ default: m.StoveWatch })),
);

const Join = lazy(() => fetched(() => import('./Join.js')).then((m) => ({ default: m.Join })));
const StartTrouble = lazy(() =>
  fetched(() => import('./StartTrouble.js')).then((m) => ({ default: m.StartTrouble })),
);

const TAGS = [
  ['/', w.pour],
  ['/stove', w.stove],
  ['/notebook', w.notebook],
  ['/dishes', w.dishes],
  ['/kitchen', w.kitchen],
] as const;

/** Screens that are reached from the pour and belong to it. */
const OF_POUR: ReadonlySet<string> = new Set(['/method', '/compare', '/course', '/what-if', '/table']);

/** The line every screen hangs from, with a tag for each; and what there is to say about the server. */
export function Shell() {
  const active = useCooks((s) => s.active);
  const others = useCooks((s) => s.others);
  const cooks = [...(active ? [active] : []), ...others].filter((c) => c.outcome === null);
  const cooking = cooks.length > 0;
  const reminds = useReminders((s) => s.list.length > 0);
  const shutOut = useAccess((s) => s.role === 'none');
  const isGuest = useAccess((s) => s.role === 'guest');
  const cannotStart = useAccess((s) => s.trouble !== null);
  const { pathname } = useLocation();
  useScrollPlace();
  useTitle(pathname);
  useShortcuts();
  useFocusScreen();
  useFocusInSight();
  useDropped();
  const ofPour = OF_POUR.has(pathname);
  return (
    <div className="mx-auto flex min-h-dvh max-w-[82rem] flex-col px-4 pb-24 sm:px-8 sm:pb-10">
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-ink focus:p-3 focus:text-ground"
      >
        {w.skipToWhatIsOn}
      </a>
      <nav
        aria-label={w.screens}
        className="fixed inset-x-0 bottom-0 z-40 flex flex-row-reverse items-end justify-between border-b-4 border-ink bg-ground px-2 sm:static sm:mx-[-2rem] sm:flex-row sm:items-start sm:border-t-4 sm:border-b-0 sm:px-8"
      >
        <span className="hidden pt-3 sm:flex sm:items-center sm:gap-2">
          <svg viewBox="0 0 30 24" className="h-7 w-9" aria-hidden>
            <path d="M3 2v20M27 2v20" stroke="currentColor" strokeWidth="3" strokeLinecap="round" />
            <path d="M3 4q7 2 13 11q4-8 11-11" fill="none" stroke="currentColor" strokeWidth="2.6" />
            <circle cx="16" cy="17" r="4" fill="currentColor" />
          </svg>
          <span className="text-[1.35rem] font-bold tracking-tight">{w.hammock}</span>
        </span>
        <ul className="m-0 flex w-full list-none flex-wrap justify-between gap-x-1 p-0 sm:w-auto sm:gap-2">
          {TAGS.filter(([to]) => !isGuest || to === '/stove').map(([to, words]) => (
            <li key={to}>
              <NavLink
                to={to}
                end={to === '/'}
                className={({ isActive }) =>
                  `flex ${pathname === '/stove' ? 'min-h-14 min-w-14' : 'min-h-12'} items-end justify-center px-1.5 max-[22rem]:px-0.5 pb-2 no-underline max-sm:rounded-t-2xl max-sm:pt-2 sm:rounded-b-2xl sm:px-3 md:px-5 ${
                    isActive || (to === '/' && ofPour) || (to === '/kitchen' && pathname === '/keeping')
                      ? 'bg-ink pt-4 font-bold text-ground'
                      : 'pt-2 text-ink'
                  }`
                }
              >
                {words}
                {to === '/stove' && cooking && (
                  <span
                    className="ml-1.5 mb-1.5 inline-block size-2.5 rounded-full bg-current"
                    aria-label={cooks.length > 1 ? w.potsAreOn(cooks.length) : w.aPotIsOn}
                  />
                )}
              </NavLink>
            </li>
          ))}
        </ul>
      </nav>
      {cannotStart && (
        <Suspense fallback={null}>
          <StartTrouble />
        </Suspense>
      )}
      <Fence what={w.whatWaitsForYourWord}>
        <KeepingNotices />
      </Fence>
      <NewVersion cooking={cooking} />
      {!shutOut && <UndoBar />}
      <main id="main" className="flex-1 pt-4 sm:pt-6">
        {shutOut ? (
          <Suspense fallback={null}>
            <Join />
          </Suspense>
        ) : isGuest ? (
          <ForGuests pathname={pathname} />
        ) : (
          <Fence what={w.thisScreen} of={pathname}>
            <Outlet />
          </Fence>
        )}
      </main>
      {!shutOut && <KeepingLine />}
      <Said />
      {(cooking || reminds) && (
        <Fence what={w.theBell} of={cooks}>
          <Suspense fallback={null}>
            <StoveWatch cooks={cooks} />
          </Suspense>
        </Fence>
      )}
    </div>
  );
}

/** A guest sees what is on the stove: nothing there can be pressed, and the other screens are the household's. */
function ForGuests({ pathname }: { readonly pathname: string }) {
  if (pathname !== '/stove') return <Navigate to="/stove" replace />;
  return (
    <fieldset disabled className="group/guest m-0 border-0 p-0">
      <legend className="sr-only">{w.whatIsOnTheStove}</legend>
      <Fence what={w.theStove} of={pathname}>
        <Outlet />
      </Fence>
    </fieldset>
  );
}

const TITLE: Readonly<Record<string, string>> = {
  '/': w.pour,
  '/stove': w.stove,
  '/method': w.stages,
  '/compare': w.anotherWay,
  '/course': w.minuteByMinute,
  '/what-if': w.whatIf,
  '/dishes': w.dishes,
  '/table': w.whenItIsOnTheTable,
  '/notebook': w.notebook,
  '/kitchen': w.kitchen,
  '/kitchen/water-test': w.waterTest,
  '/help': w.wordsAndKeys,
  '/in': w.whatCameIn,
  '/keeping': w.keeping,
  '/join': w.letThisDeviceIn,
};

/** The title by which a tab, a bookmark or a screen reader knows the page. */
function useTitle(pathname: string): void {
  const label = useDraft((s) => s.draft?.label);
  const what = TITLE[pathname] ?? (pathname.startsWith('/notebook/') ? w.aPageOfTheNotebook : w.notHere);
  const ofDish = pathname === '/' || OF_POUR.has(pathname);
  useEffect(() => {
    document.title = [what, ofDish ? label : undefined, w.hammock].filter(Boolean).join(' · ');
  }, [what, ofDish, label]);
}

/** The one polite line: what changed, half a second after it did. */
function Said() {
  const text = useSaid((s) => s.text);
  return (
    <p className="sr-only" role="status" data-testid="said">
      {text}
    </p>
  );
}
