const AGAIN_MS = 2000;

/**
 * A piece of the program, asked for until it is there: a server that is gone for a moment must not take a page
 * with it whose number is already on the screen. A piece that is gone for good, because the program was updated while
 * this page was open, is not waited for: the page is loaded anew, once.
 */
export const fetched = <T>(load: () => Promise<T>): Promise<T> =>
  load().catch(async () => {
    if (await isOutdated()) reloadOnce();
    await new Promise((later) => setTimeout(later, AGAIN_MS));
    return fetched(load);
  });

/** The script this page began with; its name changes with what is in it. */
const ownScript = (): string | undefined =>
  document.querySelector('script[type=module][src]')?.getAttribute('src') ?? undefined;

/** Whether the server now serves another program than this page is of. */
async function isOutdated(): Promise<boolean> {
  const own = ownScript();
  if (own === undefined) return false;
  try {
    const reply = await fetch('/', { headers: { accept: 'text/html' }, cache: 'no-store' });
    return reply.ok && !(await reply.text()).includes(own);
  } catch {
    return false;
  }
}

const RELOADED = 'hammock.reloaded';

/** Loads the page anew unless that was done for this very program already: it must not go round in a ring. */
function reloadOnce(): void {
  const own = ownScript() ?? '';
  try {
    if (sessionStorage.getItem(RELOADED) === own) return;
    sessionStorage.setItem(RELOADED, own);
  } catch {
    // Without a place to remember it there would be no end to it.
    return;
  }
  location.reload();
}
