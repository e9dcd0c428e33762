import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { deviceState } from '../../storage/deviceStorage.js';
import { askToPersist, installing } from '../../storage/installed.js';
import { Button } from '../../ui/controls/Button.js';
import * as w from '../../words/screens/keeping.js';

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
        {w.thisDevice}
      </h2>
      <p className="m-0 mt-1">{KEEPS[keeps]}</p>
      <p className="m-0">{isKept ? w.everyScreenOpensWithThe : w.theProgramItselfIsNot}</p>
      <p className="m-0">
        {persists === true && w.theBrowserHasPromisedNot}
        {persists === false && (
          <Button weight="plain" className="-ml-1" onClick={() => void askToPersist().then(setPersists)}>
            {w.askTheBrowserNotTo}
          </Button>
        )}
      </p>
      {install && (
        <Button className="mt-2" onClick={install}>
          {w.putHammockBesideTheOtherPrograms}
        </Button>
      )}
    </section>
  );
}

const KEEPS = {
  kept: w.whatYouTypeAndTap,
  full: w.thereIsNoRoomHere,
  none: w.thisWindowKeepsNothingIt,
} as const;
