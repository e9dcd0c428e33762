import { useStore } from 'zustand';
import { newVersion } from '../../storage/newVersion.js';
import { Button } from '../controls/Button.js';
import { Notice } from './Notice.js';
import * as w from '../../words/ui/shell.js';

/** A newer Hammock is there: taken up when it is said so, and not while a pot is on. */
export function NewVersion({ cooking }: { readonly cooking: boolean }) {
  const takeUp = useStore(newVersion, (s) => s.takeUp);
  if (!takeUp) return null;
  return (
    <div role="status" data-testid="new-version">
      <Notice>
        {cooking ? (
          w.aNewerHammockIsHere
        ) : (
          <span className="flex flex-wrap items-center gap-x-3">
            {w.aNewerHammockIsHere2} <Button onClick={takeUp}>{w.takeItUp}</Button>
          </span>
        )}
      </Notice>
    </div>
  );
}
