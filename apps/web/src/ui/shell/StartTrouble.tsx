import { useState } from 'react';
import { ask } from '../../api/http.js';
import { useAccess } from '../../stores/session/access.js';
import { copyText } from '../../words/storage/syncWords.js';
import { Button } from '../controls/Button.js';
import { Notice } from './Notice.js';
import * as w from '../../words/ui/cannotStart.js';

/** Why, and what to do where nothing here can be pressed for it. */
const WHY: Readonly<Record<string, string>> = {
  inUse: w.anotherHammockIsUsingThe,
  folder: w.itCannotWriteWhereIts,
  full: w.theDiskIsFullAnd,
  damaged: w.itsDataAreDamaged,
  newer: w.itsDataWereMadeBy,
  sqlite: w.sqliteIsNotBuiltFor,
  unknown: w.somethingIsWrongThatThe,
};

const SOON_MS = 300;
/** The one before may answer a moment longer, ms. */
const AT_LEAST_MS = 1500;
/** Longer than this is no start, ms. */
const PATIENCE_MS = 20_000;

/** The server runs and cannot start: why, and what would mend it. What is done here meanwhile waits. */
export function StartTrouble() {
  const trouble = useAccess((s) => s.trouble);
  const [how, setHow] = useState<'idle' | 'busy' | 'failed'>('idle');
  if (!trouble) return null;
  const { code, copy } = trouble;
  const mend = async (act: 'again' | 'restore'): Promise<void> => {
    setHow('busy');
    const said = await ask('POST', `/api/start/${act}`, {});
    // It starts anew behind the same address.
    for (let waitedMs = 0; said.kind === 'stored' && waitedMs < PATIENCE_MS; waitedMs += SOON_MS) {
      await new Promise((later) => setTimeout(later, SOON_MS));
      const is = await ask('GET', '/api/health');
      if (is.kind === 'stored') {
        location.reload();
        return;
      }
      // It is back, and cannot.
      if (is.kind === 'busy' && waitedMs > AT_LEAST_MS) break;
    }
    setHow('failed');
  };
  return (
    <section aria-label={w.hammockCannotStart} className="hung mt-3">
      <Notice urgent>
        {w.hammockCannotStart2} {WHY[code] ?? WHY['unknown']}.{copy && w.itsNewestWholeCopyIs(copyText(copy))}
        {code === 'damaged' && !copy && w.thereIsNoWholeCopy}
      </Notice>
      <p className="m-0">{w.whatYouDoHereMeanwhile}</p>
      <div className="mt-2 flex flex-wrap gap-3">
        {copy && (
          <Button weight="act" disabled={how === 'busy'} onClick={() => void mend('restore')}>
            {w.putThatCopyBack}
          </Button>
        )}
        <Button disabled={how === 'busy'} onClick={() => void mend('again')}>
          {w.tryAgain}
        </Button>
      </div>
      <p className="m-0" role="status">
        {how === 'busy' && w.starting}
        {how === 'failed' && w.itStillCannotStart}
      </p>
    </section>
  );
}
