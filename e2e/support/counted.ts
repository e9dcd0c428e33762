import type { ElementHandle, KeyInput, Page } from 'puppeteer-core';
import { PATIENCE_MS } from './pressing.js';

/** What the focused thing is called, and whether a person could see it. */
interface Focus {
  readonly name: string;
  readonly lost: boolean;
  readonly hidden: boolean;
}

/** A cook whose every key, tap and screenful of scrolling is counted, and whose eyes look where the keys are. */
export class Counted {
  keys = 0;
  taps = 0;
  /** Scrolling, in heights of the screen. */
  screens = 0;
  /** After which acts the keys were nowhere, and which things had them and could not be seen. */
  readonly lost: string[] = [];
  readonly hidden: string[] = [];

  constructor(readonly page: Page) {}

  async key(key: KeyInput): Promise<void> {
    this.keys += 1;
    await this.page.keyboard.press(key);
  }

  async type(text: string): Promise<void> {
    this.keys += text.length;
    await this.page.keyboard.type(text);
  }

  /** Goes on with Tab until the keys are on what is called so. */
  async tabTo(name: string, most = 90): Promise<void> {
    for (let tabs = 0; tabs <= most; tabs += 1) {
      if ((await this.look()).name.includes(name)) return;
      await this.key('Tab');
    }
    throw new Error(`${most.toString()} times Tab never reached ${name}`);
  }

  /** Looks where the keys are; what is wrong with that is noted. */
  async look(): Promise<Focus> {
    let focus = await this.page.evaluate(focused);
    // What a list that closes still covers for a moment, and what is still being scrolled to, counts once it stands.
    for (let waits = 0; focus.hidden && waits < 12; waits += 1) {
      await new Promise((later) => setTimeout(later, 250));
      focus = await this.page.evaluate(focused);
    }
    if (focus.hidden && !this.hidden.includes(focus.name)) this.hidden.push(focus.name);
    return focus;
  }

  /** After an act the keys must be somewhere. */
  async kept(act: string): Promise<void> {
    await this.page
      .waitForFunction(() => document.activeElement !== null && document.activeElement !== document.body, {
        timeout: 3000,
      })
      .catch(() => this.lost.push(act));
    await this.look();
  }

  /** Scrolls to what has these words, as far as a thumb must, and taps it. */
  async tap(words: string): Promise<void> {
    const found = (await this.page.waitForFunction(
      (text) =>
        [...document.querySelectorAll<HTMLElement>('button, a, input, [role=option], [role=radio]')].find(
          (e) =>
            e.getClientRects().length > 0 &&
            (e.textContent.includes(text) || e.ariaLabel?.includes(text) === true),
        ),
      { timeout: PATIENCE_MS, polling: 100 },
      words,
    )) as ElementHandle;
    this.screens += await found.evaluate(async (e) => {
      const before = scrollY;
      const { top, bottom } = e.getBoundingClientRect();
      // What lies under the bar at the foot cannot be tapped.
      if (top < 0 || bottom > innerHeight - 60) e.scrollIntoView({ block: 'center' });
      await new Promise(requestAnimationFrame);
      return Math.abs(scrollY - before) / innerHeight;
    });
    this.taps += 1;
    await found.tap();
  }
}

/** Runs in the page: what has the keys, and whether the middle of it can be seen. */
function focused(): Focus {
  const here = document.activeElement;
  if (!(here instanceof HTMLElement) || here === document.body)
    return { name: '', lost: true, hidden: false };
  const name = `${here.ariaLabel ?? ''} ${here.textContent} ${(here as HTMLInputElement).labels?.[0]?.textContent ?? ''}`;
  const { left, right, top, bottom } = here.getBoundingClientRect();
  const seen = [0.5, 0.2, 0.8].some((share) => {
    const y = Math.max(top + 2, Math.min(bottom - 2, top + (bottom - top) * share));
    const at = document.elementFromPoint((left + right) / 2, y);
    return at !== null && (here.contains(at) || at.contains(here));
  });
  return { name: name.trim(), lost: false, hidden: !seen };
}
