/** A screen that comes in pieces has its things by then, ms. */
export const COMES_WITHIN_MS = 2500;

/** Puts the keys on a thing as soon as it is there. */
export function focusWhenThere(thing: string, until = performance.now() + COMES_WITHIN_MS): void {
  const found = document.querySelector<HTMLElement>(thing);
  if (found) found.focus();
  else if (performance.now() < until) requestAnimationFrame(() => focusWhenThere(thing, until));
}
