import { readFileSync } from 'node:fs';
import type { ElementHandle, Page } from 'puppeteer-core';
import { PATIENCE_MS, pressOn } from './pressing.js';

/** What a page shows when what was waited for never came. */
const insteadOf =
  (page: Page, wanted: string) =>
  async (cause: unknown): Promise<never> => {
    const said = await page
      .evaluate(() => document.body.innerText.slice(0, 600))
      .catch(() => 'nothing at all');
    throw new Error(`${wanted} at ${page.url()}, which says: ${said}`, { cause });
  };

/** Waits for what a user would see: a button or link whose words contain `words`. */
export async function button(page: Page, words: string): Promise<ElementHandle> {
  const found = await page
    .waitForFunction(
      (text) => {
        const found = [...document.querySelectorAll<HTMLElement>('button, a, [role=radio]')].find(
          (e) =>
            (e.textContent.includes(text) || e.getAttribute('aria-label')?.includes(text)) &&
            !e.hasAttribute('disabled'),
        );
        // What is far down a page is drawn when it comes near: who does not find it scrolls.
        if (!found) document.querySelector('main [aria-busy=true]')?.scrollIntoView({ block: 'center' });
        return found;
      },
      { timeout: PATIENCE_MS, polling: 100 },
      words,
    )
    .catch(insteadOf(page, `there was no button "${words}"`));
  return found as ElementHandle;
}

/** Two presses of the stove's large button within 600 ms are one; a cook's thumb is slower than a test. */
const THUMB_MS = 650;

/**
 * Does a press of the stove's large button once the one before is long enough ago. When it was done is noted after it:
 * on a busy machine a press takes its time.
 */
export async function asAThumb(page: Page, pressIt: () => Promise<void>): Promise<void> {
  await page.waitForFunction(
    (pause) => performance.now() - Number(document.documentElement.dataset['pressed'] ?? -1e9) > pause,
    { timeout: PATIENCE_MS },
    THUMB_MS,
  );
  await pressIt();
  await page.evaluate(() => {
    document.documentElement.dataset['pressed'] = performance.now().toString();
  });
}

/** Presses the large button at the stove, as slowly as a thumb. */
export async function tapStage(page: Page, words: string): Promise<void> {
  const found = await button(page, words);
  await asAThumb(page, () => pressOn(found));
}

/** Scrolls down to the odds: what is far down a page is only drawn when it comes near. */
export async function toOdds(page: Page): Promise<void> {
  await until(() =>
    page.evaluate(() => {
      scrollTo(0, document.body.scrollHeight);
      const odds = document.querySelector('[data-testid=odds-wanted]');
      odds?.scrollIntoView({ block: 'center' });
      return odds !== null;
    }),
  );
}

/** Presses the button with these words. */
export async function press(page: Page, words: string): Promise<void> {
  const end = Date.now() + PATIENCE_MS;
  for (;;) {
    try {
      return await pressOn(await button(page, words));
    } catch (cause) {
      // A page that loads itself anew under the finger has the button again.
      if (!(cause instanceof Error) || !GONE.test(cause.message) || Date.now() > end) throw cause;
    }
  }
}
const GONE = /context was destroyed|detached|Cannot find context|not attached|not clickable/iu;

/** Waits until the screen says something; what it said instead is told where it never does. */
export async function sees(page: Page, words: string): Promise<void> {
  const seen = page.waitForFunction(
    (text) => {
      const found = document.body.innerText.toLowerCase().includes(text.toLowerCase());
      if (!found) document.querySelector('main [aria-busy=true]')?.scrollIntoView({ block: 'center' });
      return found;
    },
    { timeout: PATIENCE_MS, polling: 100 },
    words,
  );
  await seen.catch(insteadOf(page, `"${words}" was never said`));
}

/** Waits for something outside of a page. */
export async function until(what: () => boolean | Promise<boolean>): Promise<void> {
  const end = Date.now() + PATIENCE_MS;
  while (!(await what())) {
    if (Date.now() > end) throw new Error('it never came to that');
    await new Promise((later) => setTimeout(later, 50));
  }
}

/** Waits until everything is stored. */
export const stored = (page: Page): Promise<unknown> =>
  page
    .waitForSelector('[data-testid=keeping][data-code=stored]', { timeout: PATIENCE_MS })
    .catch(insteadOf(page, 'not everything was stored'));

/** A page asks what was learnt when it opens, and its number moves to that; where nobody answers it stays, ms. */
const LEARNT_MS = 3000;

/** The number on the screen, in its two ways: "2 cups + 1 tbsp" and "495 ml". */
export async function pour(page: Page): Promise<{ main: string; other: string }> {
  await page.waitForSelector('[data-testid=pour-main]').catch(insteadOf(page, 'no number came'));
  await page
    .waitForFunction(
      () => performance.getEntriesByType('resource').some((e) => e.name.endsWith('/api/learnt')),
      { timeout: LEARNT_MS },
    )
    .catch(() => undefined);
  await page.evaluate(() => new Promise((drawn) => setTimeout(drawn, 60)));
  return page.evaluate(() => ({
    main: document.querySelector('[data-testid=pour-main]')?.textContent ?? '',
    other: document.querySelector('[data-testid=pour-other]')?.textContent ?? '',
  }));
}

/** Chooses a word from one of the sentence's lists. */
export async function choose(page: Page, list: string, option: string): Promise<void> {
  // The word that waits for its list is taken away when that comes; a list that is there says that it is closed.
  const trigger = await page.waitForSelector(`[role=combobox][aria-label="${list}"][data-state=closed]`, {
    visible: true,
  });
  await pressOn(trigger!);
  await page.waitForSelector('[role=option]');
  // A long list is searched: what is far down it is not drawn.
  if (await page.$('[cmdk-input]')) {
    // What is typed before the field has the keys is lost.
    await page.waitForFunction(() => document.activeElement?.matches('[cmdk-input]') === true);
    await page.keyboard.type(option);
  }
  const found = await page.waitForFunction(
    (text) =>
      [...document.querySelectorAll<HTMLElement>('[role=option]')].find((o) => o.textContent.includes(text)),
    { timeout: PATIENCE_MS },
    option,
  );
  await pressOn(found as ElementHandle);
  await page.waitForFunction(() => document.querySelector('[role=option]') === null);
}

/** Types into a field from the start; found by its own label or by the one it stands in. */
export async function retype(page: Page, label: string, text: string): Promise<void> {
  const field = (await page.waitForFunction(
    (words) =>
      [...document.querySelectorAll<HTMLInputElement>('input')].find(
        (e) => e.ariaLabel === words || e.labels?.[0]?.textContent.startsWith(words) === true,
      ),
    { timeout: PATIENCE_MS },
    label,
  )) as ElementHandle | undefined;
  // What stays at the foot of the window may lie over it.
  await field?.evaluate((e) => (e as HTMLElement).scrollIntoView({ block: 'center' }));
  await field?.click();
  await page.keyboard.down('Control');
  await page.keyboard.press('KeyA');
  await page.keyboard.up('Control');
  await page.keyboard.type(text);
}

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

/** Everything axe has to say against the page, as readable lines; or only what these rules have. */
export async function axe(page: Page, rules?: readonly string[]): Promise<string[]> {
  await page.evaluate(AXE);
  return page.evaluate(async (only) => {
    const { axe: engine } = window as unknown as {
      axe: { run: (how: object) => Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
    };
    const { violations } = await engine.run(only ? { runOnly: { type: 'rule', values: only } } : {});
    return violations.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.html.slice(0, 160)}`));
  }, rules);
}

/** Waits until the browser keeps the whole program, and opens the page from there. */
export async function keptByBrowser(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.reload();
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
}
