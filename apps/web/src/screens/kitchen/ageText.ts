import { whole } from '../../words/measures/numbers.js';

const DAY_MS = 24 * 3600 * 1000;

/** How long a bag has been open, in words; nothing when nobody knows. */
export function ageText(openedOn: string | null | undefined, nowMs: number): string {
  if (!openedOn) return '';
  const days = Math.floor((nowMs - Date.parse(openedOn)) / DAY_MS);
  if (!Number.isFinite(days) || days < 0) return '';
  if (days < 14) return `, open ${days.toString()} ${days === 1 ? 'day' : 'days'}`;
  if (days < 60) return `, open ${whole(days / 7)} weeks`;
  return `, open ${whole(days / 30)} months`;
}
