import type { ReactNode } from 'react';
import { Button } from '../../../ui/controls/Button.js';

/** One thing to say or to do, large enough for a wet thumb. */
export function Choice({
  open,
  onClick,
  children,
}: {
  readonly open?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Button
      className={`min-h-14 px-2! text-[1.1rem] leading-tight ${open === true ? 'bg-raised' : ''}`}
      {...(open === undefined ? {} : { 'aria-expanded': open })}
      onClick={onClick}
    >
      {children}
    </Button>
  );
}

/** What a choice opens. */
export const Row = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <div
    role="group"
    aria-label={label}
    className="mt-2 grid grid-cols-3 gap-2 bg-raised p-2 sm:grid-cols-5 tall-wide:grid-cols-3"
  >
    {children}
  </div>
);
