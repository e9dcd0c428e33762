import { useEffect, useRef } from 'react';
import { Button } from '../controls/Button.js';
import * as w from '../../words/ui/sections.js';

/** Nothing asks "are you sure": what was removed last can be put back, by the key pressed next. */
export function TakenAway({ label, onPutBack }: { readonly label: string; readonly onPutBack: () => void }) {
  const back = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // What was pressed is gone with its row: the keys are not to be lost with it.
    if (document.activeElement === document.body) back.current?.focus();
  }, [label]);
  return (
    <p className="m-0 flex flex-wrap items-center justify-between gap-4 py-1 text-faint" role="status">
      {w.isRemoved(label)}
      <Button ref={back} weight="plain" onClick={onPutBack}>
        {w.putItBack}
      </Button>
    </p>
  );
}
