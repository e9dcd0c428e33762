import { useCallback, useEffect, useRef } from 'react';

/**
 * What is open over the screen is one step of the tab's history: Back closes it before it leaves the screen.
 * @param onClose closes it
 * @param startsOpen whether it is open from its beginning
 * @returns what to call whenever it opens and closes
 */
export function useBackCloses(onClose: () => void, startsOpen = false): (isOpen: boolean) => void {
  const close = useRef(onClose);
  const step = useRef(false);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    const back = (): void => {
      if (!step.current) return;
      step.current = false;
      close.current();
    };
    addEventListener('popstate', back);
    return () => {
      removeEventListener('popstate', back);
      // Gone while it was open: its step goes with it.
      if (step.current) history.back();
    };
  }, []);
  const note = useCallback((isOpen: boolean): void => {
    if (isOpen === step.current) return;
    step.current = isOpen;
    // The same state as before: the router sees no other place.
    if (isOpen) history.pushState(history.state, '');
    else history.back();
  }, []);
  useEffect(() => {
    if (startsOpen) note(true);
  }, [startsOpen, note]);
  return note;
}
