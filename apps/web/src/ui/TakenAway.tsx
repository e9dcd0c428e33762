import { Button } from './Button.js';

/** Nothing asks "are you sure": what was taken away last can be put back. */
export function TakenAway({ label, onPutBack }: { readonly label: string; readonly onPutBack: () => void }) {
  return (
    <p className="m-0 flex flex-wrap items-center justify-between gap-4 py-1 text-faint" role="status">
      {label} is removed.
      <Button weight="plain" onClick={onPutBack}>
        Put it back
      </Button>
    </p>
  );
}
