import type { Override } from '@hammock/core/records';
import { useKitchen } from './kitchen.js';
import { nowMs } from '../session/time.js';

/** What the household says itself of what pots teach; one that says nothing is dropped. */
function set(id: string, change: (told: Override) => Override): void {
  const { household, setHousehold } = useKitchen.getState();
  const told = household.told ?? [];
  const next = change(told.find((t) => t.id === id) ?? { id });
  const says = next.points != null || next.sinceMs != null;
  setHousehold({ told: [...told.filter((t) => t.id !== id), ...(says ? [next] : [])] });
}

/** Sets a value above its kind, points; pots move it from there. */
export const tell = (id: string, points: number): void =>
  set(id, (told) => ({ ...told, points: Math.round(points * 1000) / 1000 }));

/** What pots have taught of it so far is forgotten: it begins where its kind is. */
export const forget = (id: string): void => set(id, () => ({ id, sinceMs: nowMs() }));

/** What was said of it is taken back: it is learnt from all pots again. */
export const takeBackTold = (id: string): void => set(id, () => ({ id }));
