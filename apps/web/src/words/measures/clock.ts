/** Seconds as a kitchen clock: "4:05", and "+0:30" once it has run over. */
export function clockText(secondsLeft: number): string {
  const over = secondsLeft < 0;
  const s = Math.abs(secondsLeft);
  const hours = Math.floor(s / 3600);
  const minutes = Math.floor((s % 3600) / 60);
  const seconds = (s % 60).toString().padStart(2, '0');
  const text =
    hours > 0
      ? `${hours.toString()}:${minutes.toString().padStart(2, '0')}:${seconds}`
      : `${minutes.toString()}:${seconds}`;
  return over ? `+${text}` : text;
}
