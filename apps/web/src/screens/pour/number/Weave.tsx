import type { Chances } from '@hammock/core';
import { useId } from 'react';
import * as w from '../../../words/screens/pourNumber.js';

export interface WeavePoint {
  readonly ml: number;
  readonly chances: Chances;
}

const WIDTH = 800;
const HEIGHT = 150;

/**
 * How the odds shift along the pour: hard from the dry post, mush from the wet one, and between them what is content: as it was
 * asked for, with a step firmer over it and a step softer under it.
 */
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
        <path
          d={`M0 0${edge((c) => c.hard + c.firm)}L${WIDTH.toString()} 0Z`}
          fill="var(--husk)"
          opacity="0.28"
        />
        <path
          d={`M0 ${HEIGHT.toString()}${edge((c) => 1 - c.tooSoft - c.soft)}L${WIDTH.toString()} ${HEIGHT.toString()}Z`}
          fill="var(--water)"
          opacity="0.28"
        />
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
      <span className="absolute top-1 left-2 rounded bg-ground px-1.5 text-husk">{w.hard}</span>
      {bandLabels(points, x).map(({ word, left, top, className }) => (
        <span
          key={word}
          className={`absolute -translate-x-1/2 -translate-y-1/2 rounded bg-ground px-1.5 ${className}`}
          style={{ left: `${((100 * left) / WIDTH).toFixed(1)}%`, top: `${(100 * top).toFixed(1)}%` }}
        >
          {word}
        </span>
      ))}
      <span className="absolute right-2 bottom-1 rounded bg-ground px-1.5 text-water">{w.mush}</span>
    </div>
  );
}

/** The three bands between the posts, each with its upper and its lower edge as shares of the height. */
const BANDS = [
  { word: 'firm', className: 'text-husk', edges: (c: Chances) => [c.hard, c.hard + c.firm] },
  { word: 'right', className: '', edges: (c: Chances) => [c.hard + c.firm, 1 - c.tooSoft - c.soft] },
  { word: 'soft', className: 'text-water', edges: (c: Chances) => [1 - c.tooSoft - c.soft, 1 - c.tooSoft] },
] as const;
/** A band is named where it is thickest, and only where its name has room: a share of the height. */
const ROOM = 0.17;

function bandLabels(points: readonly WeavePoint[], x: (ml: number) => number) {
  return BANDS.flatMap(({ word, className, edges }) => {
    const at = points
      .map((p) => ({ left: x(p.ml), edges: edges(p.chances) }))
      // Away from the posts, where the other names stand.
      .filter((p) => p.left > 0.12 * WIDTH && p.left < 0.88 * WIDTH)
      .map(({ left, edges: [from = 0, to = 0] }) => ({ left, top: (from + to) / 2, thick: to - from }))
      .sort((a, b) => b.thick - a.thick)[0];
    return at && at.thick >= ROOM ? [{ word, className, left: at.left, top: at.top }] : [];
  });
}
