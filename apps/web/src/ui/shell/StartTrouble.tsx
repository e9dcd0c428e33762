import { useState } from 'react';
import { ask } from '../../api/http.js';
import { useAccess } from '../../stores/session/access.js';
import { copyText } from '../../words/storage/syncWords.js';
import { Button } from '../controls/Button.js';
import { Notice } from './Notice.js';

/** Why, and what to do where nothing here can be pressed for it. */
const WHY: Readonly<Record<string, string>> = {
  inUse: 'another Hammock is using the same data. End that one, then try again',
  folder:
    'it cannot write where its data lie. Mend the permissions of that folder or its disk, then try again',
  full: 'the disk is full, and it has to copy the data before it brings them up to date. Make room, then try again',
  damaged: 'its data are damaged',
  newer: 'its data were made by a newer Hammock. Start that one',
  sqlite: 'SQLite is not built for this machine: the terminal says what to type',
  unknown: 'something is wrong that the terminal says more about',
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
    <section aria-label="Hammock cannot start" className="hung mt-3">
      <Notice urgent>
        Hammock cannot start: {WHY[code] ?? WHY['unknown']}.
        {copy &&
          ` Its newest whole copy is of ${copyText(copy)}. What is there now is set aside when that is put back.`}
        {code === 'damaged' &&
          !copy &&
          ' There is no whole copy of them: a backup of the machine may have one.'}
      </Notice>
      <p className="m-0">What you do here meanwhile is kept on this device and sent when it has started.</p>
      <div className="mt-2 flex flex-wrap gap-3">
        {copy && (
          <Button weight="act" disabled={how === 'busy'} onClick={() => void mend('restore')}>
            Put that copy back
          </Button>
        )}
        <Button disabled={how === 'busy'} onClick={() => void mend('again')}>
          Try again
        </Button>
      </div>
      <p className="m-0" role="status">
        {how === 'busy' && 'Starting …'}
        {how === 'failed' && 'It still cannot start.'}
      </p>
    </section>
  );
}
