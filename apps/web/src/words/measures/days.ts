const DAY_MS = 24 * 3600 * 1000;

const startOfDay = (ms: number): number => new Date(ms).setHours(0, 0, 0, 0);

/** A day as people say it: today, yesterday, Tuesday, 3 November. */
export function dayText(atMs: number, nowMs: number): string {
  const days = Math.round((startOfDay(nowMs) - startOfDay(atMs)) / DAY_MS);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  const at = new Date(atMs);
  if (days > 1 && days < 7) return at.toLocaleDateString('en-GB', { weekday: 'long' });
  const sameYear = at.getFullYear() === new Date(nowMs).getFullYear();
  return at.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    ...(sameYear ? {} : { year: 'numeric' }),
  });
}
