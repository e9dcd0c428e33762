const HOURS = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' });

/** A moment as the clock on the wall has it: "19:42". */
export const timeOfDay = (atMs: number): string => HOURS.format(atMs);

/** What this device's clock on the wall is before UTC at a moment, min. */
export const wallOffsetMin = (atMs: number): number => -new Date(atMs).getTimezoneOffset();

/** "4 min later than you wanted", "in time". */
export function againstWish(atMs: number, wishedMs: number): string {
  const min = Math.round((atMs - wishedMs) / 60_000);
  if (min === 0) return 'as you wanted';
  return `${lasting(Math.abs(min))} ${min > 0 ? 'later' : 'earlier'} than you wanted`;
}

/** Minutes as they are said: "40 min", "1 h 5 min". */
export function lasting(minutes: number): string {
  const min = Math.round(minutes);
  return min < 60
    ? `${min.toString()} min`
    : `${Math.floor(min / 60).toString()} h ${(min % 60).toString()} min`;
}
