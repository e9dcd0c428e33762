import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Button } from '../controls/Button.js';
import * as w from '../../words/ui/shell.js';

/** A part of a screen that fails by itself: what is around it stays, and it can be asked for again. */
export function Fence({
  what,
  of,
  also,
  children,
}: {
  /** What cannot be shown when it fails, as the subject of a sentence. */
  readonly what: string;
  /** What it is drawn from: when that changes it is tried again. */
  readonly of?: unknown;
  /** What is to be done in its place. */
  readonly also?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <ErrorBoundary
      resetKeys={[of]}
      fallbackRender={({ resetErrorBoundary }) => (
        <section role="alert" className="hung">
          <p className="m-0 font-semibold">{w.slippedItsRopeEverythingElse(what)}</p>
          <Button className="mt-2" onClick={resetErrorBoundary}>
            {w.hangItUpAgain}
          </Button>
          {also}
        </section>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
