import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { deviceState } from '../../storage/deviceStorage.js';
import { useDraft } from '../../stores/plan/draft.js';
import { useAccess } from '../../stores/session/access.js';
import { useOutbox } from '../../stores/session/pendingWrites.js';
import { keepingCode, keepingText, type KeepingCode } from '../../words/storage/syncWords.js';
import { timeOfDay } from '../../words/measures/timeOfDay.js';
import { fetched } from '../../storage/fetched.js';
import { Notice } from './Notice.js';
import * as w from '../../words/ui/shell.js';

const Settling = lazy(() =>
  fetched(() => import('./ConflictPanel.js')).then((m) => ({ default: m.ConflictPanel })),
);

/** What the server says while its disk is full. */
const FULL = 507;

/** What must not be overlooked. */
const LOUD: ReadonlySet<KeepingCode> = new Set(['deviceOnly', 'serverOnly', 'nowhere']);

function useKeeping() {
  const writes = useOutbox((s) => s.writes);
  const reachable = useOutbox((s) => s.reachable);
  const kept = useOutbox((s) => s.kept);
  const keeps = useStore(deviceState, (s) => s.keeps);
  // The plan goes a moment after the last key: until then it is on its way too.
  const typing = useDraft((s) => s.unsent);
  const code = keepingCode({ writes, reachable, kept, keeps, typing });
  const waiting = Math.max(typing ? 1 : 0, writes.filter((l) => l.state.kind === 'waiting').length);
  const isFull = code === 'waiting' && writes.some((l) => l.busy === FULL);
  return { writes, code, text: keepingText(code, waiting, isFull), loud: LOUD.has(code) || isFull };
}

/** What needs to be known at once: what is kept where while it is not stored, and what waits for the cook's word. */
export function KeepingNotices() {
  const { writes, code, text, loud } = useKeeping();
  const broken = useStore(deviceState, (s) => s.broken);
  const fellAtMs = useAccess((s) => s.fellAtMs);
  const unsettled = writes.some((l) => l.state.kind !== 'waiting');
  return (
    <>
      <div aria-live="polite">
        {loud && (
          <p
            data-testid="keeping-notice"
            className={`m-0 mt-3 px-4 py-2.5 ${code === 'nowhere' ? 'bg-ember text-ground' : 'bg-ink text-ground'}`}
          >
            {text}
          </p>
        )}
        {fellAtMs !== null && (
          <div data-testid="fell">
            <Notice>
              {w.hammockFellAtAndWas(timeOfDay(fellAtMs))}{' '}
              <button
                type="button"
                className="min-h-11 underline underline-offset-4"
                onClick={() => useAccess.setState({ fellAtMs: null })}
              >
                {w.read}
              </button>
            </Notice>
          </div>
        )}
        {broken.length > 0 && <Notice>{w.whatThisDeviceRememberedCould}</Notice>}
      </div>
      {unsettled && (
        <Suspense fallback={null}>
          <Settling />
        </Suspense>
      )}
    </>
  );
}

/** The quiet line under every screen: where what was done last is kept. What is loud is said above. */
export function KeepingLine() {
  const { code, text, loud } = useKeeping();
  const cannotStart = useAccess((s) => s.trouble !== null);
  const isGuest = useAccess((s) => s.role === 'guest');
  // A guest stores nothing here, and its other pages are the household's.
  if (loud || isGuest) return null;
  return (
    <footer className="pt-6 pb-12 text-faint sm:pb-0" data-testid="keeping" data-code={code}>
      {/* Not said aloud: it changes at every tap, and would talk over what the tap did. What is loud is announced above. */}
      <p className="m-0 flex items-baseline gap-2 text-[0.95rem]">
        <svg viewBox="0 0 16 16" className="size-3 shrink-0" aria-hidden>
          <circle
            cx="8"
            cy="8"
            r="5.5"
            stroke="currentColor"
            strokeWidth="3"
            fill={code === 'stored' ? 'currentColor' : 'none'}
          />
        </svg>
        {cannotStart && code === 'stored' ? w.nothingWaitsOnThisDevice : text}
      </p>
      <p className="m-0 flex flex-wrap gap-x-5 text-[0.95rem]">
        <Link to="/help" className="inline-flex min-h-11 items-center underline underline-offset-4">
          {w.wordsAndKeys}
        </Link>
        <Link to="/keeping" className="inline-flex min-h-11 items-center underline underline-offset-4">
          {w.whatIsKept}
        </Link>
      </p>
    </footer>
  );
}
