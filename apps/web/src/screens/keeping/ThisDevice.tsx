import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { deviceState } from '../../storage/deviceStorage.js';
import { askToPersist, installing } from '../../storage/installed.js';
import { Button } from '../../ui/controls/Button.js';

/** What this device keeps for when the server is away, and putting Hammock beside its other programs. */
export function ThisDevice() {
  const keeps = useStore(deviceState, (s) => s.keeps);
  const install = useStore(installing, (s) => s.ask);
  const [persists, setPersists] = useState<boolean>();
  const [isKept, setIsKept] = useState(false);
  useEffect(() => {
    // Neither is there on plain http from another machine.
    const { storage, serviceWorker } = navigator as Partial<Navigator>;
    void storage?.persisted().then(setPersists);
    void serviceWorker?.ready.then(() => setIsKept(true));
  }, []);
  return (
    <section className="hung" aria-labelledby="device">
      <h2 id="device" className="m-0 text-[1.35rem] font-bold">
        This device
      </h2>
      <p className="m-0 mt-1">{KEEPS[keeps]}</p>
      <p className="m-0">
        {isKept
          ? 'Every screen opens with the server away.'
          : 'The program itself is not kept here: it opens only while the server answers. Browsers keep it on the machine Hammock runs on, or over TLS.'}
      </p>
      <p className="m-0">
        {persists === true && 'The browser has promised not to clear it by itself.'}
        {persists === false && (
          <Button weight="plain" className="-ml-1" onClick={() => void askToPersist().then(setPersists)}>
            Ask the browser not to clear it
          </Button>
        )}
      </p>
      {install && (
        <Button className="mt-2" onClick={install}>
          Put Hammock beside the other programs
        </Button>
      )}
    </section>
  );
}

const KEEPS = {
  kept: 'What you type and tap is written down here first, and waits while the server is away.',
  full: 'There is no room here: what you type goes to the server at once, and is lost while it is away. Make room.',
  none: 'This window keeps nothing: it may be a private one. What you type goes to the server at once.',
} as const;
