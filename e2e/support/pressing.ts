import type { ElementHandle } from 'puppeteer-core';

/** A busy machine may stand still for seconds; what never comes still fails. */
export const PATIENCE_MS = 25_000;

/**
 * Runs in the page: what moves under the finger at the last moment is not pressed in place of what was meant. A hand would have
 * stopped.
 */
function keepOthersStill(e: Element): void {
  const { dataset } = document.documentElement;
  const mine = performance.now().toString();
  dataset['press'] = mine;
  let isMeant: boolean | undefined;
  const watch = (event: Event): void => {
    if (dataset['press'] !== mine) return;
    if (event.type === 'pointerdown') isMeant = e.contains(event.target as Node);
    if (isMeant !== false) return;
    event.preventDefault();
    event.stopImmediatePropagation();
  };
  for (const type of ['pointerdown', 'mousedown', 'pointerup', 'mouseup', 'click'])
    addEventListener(type, watch, true);
}

/**
 * Presses what was found; where it lies under the rooms of a phone it is scrolled out from there first. What comes late
 * above it may move it while the finger is on its way: a press that landed beside it is made again. A list may open when
 * the finger comes down, and lie over its word before the finger is lifted: an open list was pressed; its choices are
 * gone when the finger is lifted.
 */
export async function pressOn(found: ElementHandle): Promise<void> {
  const end = Date.now() + PATIENCE_MS;
  let tries = 0;
  do {
    if (tries > 0) {
      const left = await found.evaluate((e) => ({ is: e.isConnected, role: e.role })).catch(() => undefined);
      // A list's word that has gone became the open list; anything else is drawn anew and found again.
      if (left && !left.is && (left.role === 'combobox' || left.role === 'option')) return;
      if (!left?.is) throw new Error('what was to be pressed is detached');
    }
    tries += 1;
    await found.evaluate(async (e) => {
      const { dataset } = document.documentElement;
      delete dataset['landed'];
      const says = e.getAttribute('role') === 'option' ? 'pointerup' : 'click';
      e.addEventListener(says, () => (dataset['landed'] = 'yes'), { once: true, capture: true });
      const { x, y, width, height } = e.getBoundingClientRect();
      const top = document.elementFromPoint(x + width / 2, y + height / 2);
      if (!e.contains(top)) e.scrollIntoView({ block: 'center', behavior: 'instant' });
      // A page that is still being drawn is waited for: two frames in which it stands where it stood.
      const frame = (): Promise<unknown> => new Promise((next) => setTimeout(next, 40));
      for (let i = 0, was = NaN; i < 25; i += 1, await frame()) {
        const { top: is } = e.getBoundingClientRect();
        if (is === was) break;
        was = is;
      }
    });
    await found.evaluate(keepOthersStill);
    await found.click();
    // A page that is gone has been pressed.
    const hasLanded = await found
      .evaluate((e) => {
        // The finger is up: whatever is pressed next is watched no more.
        document.documentElement.dataset['press'] = 'up';
        const opened = e.getAttribute('role') === 'combobox' && (e.ariaExpanded === 'true' || !e.isConnected);
        return opened || document.documentElement.dataset['landed'] === 'yes';
      })
      .catch(() => true);
    if (hasLanded) return;
  } while (Date.now() < end);
  throw new Error('every press landed beside what was to be pressed');
}
