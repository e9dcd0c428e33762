import type { ReactNode } from 'react';

/** A line that says what is so and what to do, hung from a knot. */
export function Notice({
  children,
  urgent = false,
}: {
  readonly children: ReactNode;
  readonly urgent?: boolean;
}) {
  return (
    <div className={`flex gap-3 py-2 ${urgent ? 'text-ember' : ''}`} role={urgent ? 'alert' : undefined}>
      <svg viewBox="0 0 16 28" className="mt-0.5 h-7 w-4 shrink-0" aria-hidden>
        <path d="M8 0v12" stroke="currentColor" strokeWidth="2.5" />
        <path d={urgent ? 'M8 12l7 8l-7 8l-7-8z' : 'M8 13a6 6 0 1 0 .1 0z'} fill="currentColor" />
      </svg>
      <p className="m-0">{children}</p>
    </div>
  );
}
