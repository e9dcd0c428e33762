/** Codes the server ends with when it says itself why (apps/server/src/database/startProblem.ts): starting it again mends none of them. */
const SAID = new Set([64, 65, 66, 67, 68, 69, 70, 71, 72, 73, 74, 75, 76, 77, 78]);

/** The first pause before it is started again, the longest, and how long it has to have run for the pauses to begin anew, ms. */
const FIRST_MS = 1000;
const LONGEST_MS = 60_000;
const CALM_MS = 5 * 60_000;

/** How long is waited before the n-th start in a row, ms: twice as long each time, up to a minute. */
export const pauseBefore = (n) => Math.min(LONGEST_MS, FIRST_MS * 2 ** (n - 1));

/**
 * Keeps a server up: one that falls is started again after a pause that grows, and it is said each time. One that was told to end, or
 * that says itself why it ends, is not.
 * @param begin starts it; given how often it fell and when it fell last. Resolves to its process once it answers, rejects with `code`
 *   where it ended before
 * @param isEnding whether somebody told it to end
 * @param around the clock, waiting and saying, for tests
 * @returns the code to end with
 */
export async function keepUp(begin, isEnding, { now = Date.now, wait = sleep, say = console.log } = {}) {
  let inARow = 0;
  let fell = { times: 0, atMs: 0 };
  for (;;) {
    const beganMs = now();
    const { code, signal, early } = await ended(begin, fell);
    if (isEnding() || code === 0) return code ?? 0;
    // What is said, or keeps it from ever answering, is for the person who started it.
    if (SAID.has(code) || (early && fell.times === 0)) return code ?? 1;
    inARow = now() - beganMs > CALM_MS ? 1 : inARow + 1;
    fell = { times: fell.times + 1, atMs: now() };
    const pauseMs = pauseBefore(inARow);
    say(
      `Hammock fell (${signal ?? `code ${code}`}). Nothing that was stored is lost; it is started again in ${Math.round(pauseMs / 1000)} s.`,
    );
    await wait(pauseMs);
    if (isEnding()) return 0;
  }
}

/** What it ended with. */
async function ended(begin, fell) {
  try {
    const child = await begin(fell);
    if (child.exitCode !== null || child.signalCode !== null)
      return { code: child.exitCode, signal: child.signalCode };
    return await new Promise((done) => child.once('exit', (code, signal) => done({ code, signal })));
  } catch (error) {
    return { code: error.code, signal: error.signal, early: true };
  }
}

const sleep = (ms) => new Promise((later) => setTimeout(later, ms));
