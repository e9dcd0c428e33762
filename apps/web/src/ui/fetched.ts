const AGAIN_MS = 2000;

/**
 * A piece of the program, asked for until it is there: a server that is gone for a moment must not take a page
 * with it whose number is already on the screen.
 */
export const fetched = <T>(load: () => Promise<T>): Promise<T> =>
  load().catch(() => new Promise((later) => setTimeout(later, AGAIN_MS)).then(() => fetched(load)));
