import * as w from '../../words/screens/notebook.js';
/** Advised against poured: the post is the advice, the bar what was poured more or less, 20 % to each side. */
export function Poured({
  advisedMl,
  pouredMl,
}: {
  readonly advisedMl: number;
  readonly pouredMl: number | null;
}) {
  const off = pouredMl === null || advisedMl <= 0 ? 0 : (pouredMl - advisedMl) / advisedMl;
  const shown = Math.max(-0.2, Math.min(0.2, off));
  const words =
    Math.abs(off) < 0.005
      ? w.asAdvised
      : w.thanAdvised(Math.abs(Math.round(off * 100)), off > 0 ? 'more' : 'less');
  return (
    <span className="flex flex-wrap items-center gap-x-2">
      <svg viewBox="0 0 84 16" className="h-4 w-[5.25rem] shrink-0" aria-hidden>
        <line x1="2" x2="82" y1="13" y2="13" stroke="var(--line)" strokeWidth="2" />
        <rect
          x={Math.min(42, 42 + shown * 200)}
          width={Math.max(1, Math.abs(shown) * 200)}
          y="4"
          height="9"
          fill={off > 0 ? 'var(--water)' : 'var(--husk)'}
        />
        <line x1="42" x2="42" y1="0" y2="16" stroke="var(--ink)" strokeWidth="3" />
      </svg>
      <span className="text-faint">{words}</span>
    </span>
  );
}
