import type { Levels } from '@hammock/core';
import { useId } from 'react';
import { potHandles, potLid, potOutline, type PotBox } from './potShape.js';

export interface PotSectionProps {
  readonly levels: Levels;
  readonly diameterCm: number;
  /** What colours the liquid. */
  readonly film: 'tomato' | 'coconut' | undefined;
  readonly label: string;
}

const WIDTH = 520;
/** Room for the handles at the left and for the words at the right. */
const MARGIN = { left: 40, right: 176 } as const;
const FLOOR = 300;
/** The tallest thing drawn takes this much of the picture. */
const TALLEST = 235;

/** The pot in section, to scale: raw grain, the liquid as poured, and where the cooked grain will stand. */
export function PotSection({ levels, diameterCm, film, label }: PotSectionProps) {
  const grain = useId();
  const pattern = useId();
  const inside = useId();
  const widthMm = diameterCm * 10;
  const scale = Math.min(TALLEST / levels.potMm, (WIDTH - MARGIN.left - MARGIN.right) / widthMm);
  const w = widthMm * scale;
  const x0 = MARGIN.left + (WIDTH - MARGIN.left - MARGIN.right - w) / 2;
  const y = (mm: number): number => FLOOR - mm * scale;
  const box: PotBox = { left: x0, width: w, rim: y(levels.potMm), floor: FLOOR };
  const marks = spread(
    [
      { mm: levels.cookedMm, words: 'cooked', dashed: true },
      { mm: levels.liquidMm, words: 'liquid', dashed: false },
      { mm: levels.grainMm, words: 'grain', dashed: false },
    ],
    y,
  );
  return (
    <svg viewBox={`0 0 ${WIDTH} 330`} className="block w-full" role="img" aria-label={label}>
      <defs>
        <pattern
          id={grain}
          width="14"
          height="8"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-18)"
        >
          <ellipse cx="4" cy="3" rx="3.6" ry="1.3" fill="var(--ground)" opacity="0.75" />
          <ellipse cx="11" cy="6.4" rx="3.2" ry="1.2" fill="var(--ground)" opacity="0.5" />
        </pattern>
        <pattern id={pattern} width="12" height="12" patternUnits="userSpaceOnUse">
          {film === 'tomato' && <circle cx="6" cy="6" r="2.6" fill="var(--tomato)" />}
          {film === 'coconut' && <path d="M0 12L12 0" stroke="var(--coconut)" strokeWidth="2.4" />}
        </pattern>
        <clipPath id={inside}>
          <path d={`${potOutline(box)}Z`} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${inside})`}>
        <rect
          x={x0}
          width={w}
          y={y(levels.liquidMm)}
          height={levels.liquidMm * scale}
          fill="var(--water)"
          opacity="0.55"
        />
        {film && (
          <rect
            x={x0}
            width={w}
            y={y(levels.liquidMm)}
            height={levels.liquidMm * scale}
            fill={`url(#${pattern})`}
          />
        )}
        <rect x={x0} width={w} y={y(levels.grainMm)} height={levels.grainMm * scale} fill="var(--husk)" />
        <rect
          x={x0}
          width={w}
          y={y(levels.grainMm)}
          height={levels.grainMm * scale}
          fill={`url(#${grain})`}
        />
      </g>
      <path d={potOutline(box)} fill="none" stroke="var(--ink)" strokeWidth="7" strokeLinejoin="round" />
      <path
        d={`${potHandles(box)}${potLid(box)}`}
        stroke="var(--ink)"
        strokeWidth="7"
        strokeLinecap="round"
      />
      {marks.map((m) => (
        <g key={m.words}>
          <line
            x1={x0 + 4}
            x2={x0 + w + 34}
            y1={y(m.mm)}
            y2={y(m.mm)}
            stroke="var(--ink)"
            strokeWidth="2"
            strokeDasharray={m.dashed ? '7 6' : undefined}
          />
          <line
            x1={x0 + w + 34}
            x2={x0 + w + 44}
            y1={y(m.mm)}
            y2={m.at}
            stroke="var(--ink)"
            strokeWidth="2"
          />
          <text x={x0 + w + 48} y={m.at + 6} fontSize="20" fill="var(--ink)">
            {m.words} {Math.round(m.mm)} mm
          </text>
        </g>
      ))}
    </svg>
  );
}

interface Mark {
  readonly mm: number;
  readonly words: string;
  readonly dashed: boolean;
}

/** Labels at least a line apart, in the order of their levels, so that close levels stay readable. */
function spread(marks: readonly Mark[], y: (mm: number) => number): (Mark & { readonly at: number })[] {
  const line = 24;
  let last = -Infinity;
  const placed = [...marks]
    .sort((a, b) => b.mm - a.mm)
    .map((m) => {
      last = Math.max(y(m.mm), last + line);
      return { ...m, at: last };
    });
  const over = Math.max(0, last - (FLOOR + 8));
  return placed.map((m) => ({ ...m, at: m.at - over }));
}
