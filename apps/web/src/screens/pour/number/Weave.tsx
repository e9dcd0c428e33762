import type { Chances } from '@hammock/core';
import { useId } from 'react';

export interface WeavePoint {
  readonly ml: number;
  readonly chances: Chances;
}

const WIDTH = 800;
const HEIGHT = 150;

/** How the odds shift along the pour: hard from the dry post, soft from the wet one, what is wanted between them. */
export function Weave({
  points,
  hereMl,
}: {
  readonly points: readonly WeavePoint[];
  readonly hereMl: number;
}) {
  const dry = useId();
  const wet = useId();
  const least = points[0]?.ml ?? 0;
  const most = points.at(-1)?.ml ?? 1;
  const x = (ml: number): number => ((ml - least) / Math.max(1e-9, most - least)) * WIDTH;
  const edge = (of: (c: Chances) => number): string =>
    points.map((p) => `L${x(p.ml).toFixed(1)} ${(HEIGHT * of(p.chances)).toFixed(1)}`).join('');
  const at = x(hereMl);
  return (
    <div className="relative mt-2 font-semibold">
      <svg
        viewBox={`0 0 ${WIDTH.toString()} ${HEIGHT.toString()}`}
        className="block w-full"
        preserveAspectRatio="none"
        style={{ height: '9.4rem' }}
        aria-hidden
      >
        <defs>
          <pattern id={dry} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V9" stroke="var(--ground)" strokeWidth="2.4" />
          </pattern>
          <pattern id={wet} width="16" height="10" patternUnits="userSpaceOnUse">
            <path d="M0 5q4 -5 8 0t8 0" fill="none" stroke="var(--ground)" strokeWidth="2" />
          </pattern>
        </defs>
        <rect width={WIDTH} height={HEIGHT} fill="var(--line)" opacity="0.55" />
        {['var(--husk)', `url(#${dry})`].map((fill) => (
          <path
            key={fill}
            d={`M0 0${edge((c) => c.hard)}L${WIDTH.toString()} 0Z`}
            fill={fill}
            opacity="0.9"
          />
        ))}
        {['var(--water)', `url(#${wet})`].map((fill) => (
          <path
            key={fill}
            d={`M0 ${HEIGHT.toString()}${edge((c) => 1 - c.tooSoft)}L${WIDTH.toString()} ${HEIGHT.toString()}Z`}
            fill={fill}
            opacity="0.9"
          />
        ))}
        <path d={`M${at} 0V${HEIGHT.toString()}`} stroke="var(--ink)" strokeWidth="4" />
      </svg>
      <span className="absolute top-1 left-2 rounded bg-ground px-1.5 text-husk">hard</span>
      <span className="absolute bottom-1 left-[24%] rounded bg-ground px-1.5">right</span>
      <span className="absolute right-2 bottom-1 rounded bg-ground px-1.5 text-water">too soft</span>
    </div>
  );
}
