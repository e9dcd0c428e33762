import { useCallback, useEffect, useRef, useState } from 'react';

interface Step {
  readonly key?: string;
  /** A step that only stands for what is open over the screen, or was. */
  readonly over?: boolean;
  /** The step under such a one. */
  readonly under?: boolean;
}

const stepOf = (state: unknown): Step => (typeof state === 'object' && state !== null ? state : {});

/** Closes what is open; undefined when nothing is. */
let closeOpen: (() => void) | undefined;
/** Where the tab's history stood when it last moved. */
let stood: Step = {};
let listens = false;

function listen(): void {
  if (listens) return;
  listens = true;
  addEventListener('popstate', (event: PopStateEvent) => {
    const to = stepOf(event.state);
    const wasOver = stood.over === true && stood.key === to.key;
    stood = to;
    if (!to.under || !wasOver) return;
    const close = closeOpen;
    closeOpen = undefined;
    // Back closes what is open. What was closed before by a choice left its step behind: that one is passed over.
    if (close) close();
    else history.back();
  });
}

/** One step more in the tab's history, of the same screen; a step that was left behind is used again. */
function stepOver(): void {
  listen();
  const here = stepOf(history.state);
  if (!here.over) {
    history.replaceState({ ...here, under: true }, '');
    history.pushState({ ...here, under: false, over: true }, '');
  }
  stood = stepOf(history.state);
}

/**
 * What is open over the screen is one step of the tab's history: Back closes it before it leaves the screen. Closing it
 * otherwise moves nothing: going back takes the browser a moment, in which the next press may already lead elsewhere.
 * @param onClose closes it
 * @param startsOpen whether it is open from its beginning
 * @returns what to call whenever it opens and closes
 */
export function useBackCloses(onClose: () => void, startsOpen = false): (isOpen: boolean) => void {
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  const mine = useRef((): void => close.current());
  const note = useCallback((isOpen: boolean): void => {
    if (isOpen) {
      stepOver();
      closeOpen = mine.current;
    } else if (closeOpen === mine.current) closeOpen = undefined;
  }, []);
  useEffect(() => {
    const own = mine.current;
    if (startsOpen) note(true);
    return () => {
      if (closeOpen === own) closeOpen = undefined;
    };
  }, [startsOpen, note]);
  return note;
}

/**
 * Whether something over the screen is open, and what opens and closes it; Back closes it too.
 * @param startsOpen whether it is open from its beginning
 */
export function useOpened(startsOpen: boolean): readonly [boolean, (next: boolean) => void] {
  const [open, show] = useState(startsOpen);
  const noteOpen = useBackCloses(() => show(false), startsOpen);
  return [
    open,
    (next) => {
      show(next);
      noteOpen(next);
    },
  ];
}
