import { bandOf, type HeatSetting, type LidState } from '@hammock/core';
import { memo, useId } from 'react';
import { potHandles, potLid, potOutline } from '../../ui/drawings/potShape.js';
import { BEDS, moistureOf, type Moment } from './moment.js';
import * as w from '../../words/screens/course.js';

export interface PotOverTimeProps {
  readonly moment: Moment;
  readonly dryG: number;
  /** Volume that everything else takes up, ml, and the pot's own, ml, with its width, cm. */
  readonly potMl: number;
  readonly diameterCm: number;
  readonly heat: HeatSetting;
  readonly lid: LidState;
  /** Most liquid and grain the picture has to hold, ml, so that it does not jump. */
  readonly mostMl: number;
  readonly label: string;
}

const WIDTH = 520;
const HEIGHT = 380;
const POT = { left: 60, width: 300, floor: 318, tallest: 226 } as const;
/** Swollen grain as it lies: its own volume and the gaps, ml per g of dry matter at this W. */
const bulkMl = (w: number): number => 1.65 * (1 / 1.5 + w);
const FLAMES: Readonly<Record<HeatSetting, number>> = {
  off: 0,
  veryLow: 1,
  low: 2,
  medium: 3,
  mediumHigh: 4,
  high: 5,
};

/** The pot cut open at one minute: beds swelling, liquid among and over them, the base, the fire and the steam. */
export const PotOverTime = memo(function PotOverTime(props: PotOverTimeProps) {
  const { moment, dryG, mostMl, lid } = props;
  const inside = useId();
  const scale = POT.tallest / Math.max(mostMl, 1);
  const heights = moment.w.map((w) => (bulkMl(Math.max(0.1, w)) * dryG * scale) / 3);
  const gaps = 0.4 * heights.reduce((sum, h) => sum + h, 0);
  const free = moment.freeG * scale;
  const bed = heights.reduce((sum, h) => sum + h, 0);
  // Liquid fills the gaps from below; what is more stands over the grain.
  const level = free < gaps ? (free / Math.max(gaps, 1e-9)) * bed : bed + free - gaps;
  const rim = POT.floor - POT.tallest - 34;
  const tops = heights.map((_, i) => POT.floor - heights.slice(0, i + 1).reduce((sum, h) => sum + h, 0));
  const open = lid === 'off';
  const { left, width, floor } = POT;
  const box = { left, width, floor, rim };
  return (
    <svg
      viewBox={`0 0 ${WIDTH.toString()} ${HEIGHT.toString()}`}
      className="block w-full"
      role="img"
      aria-label={props.label}
    >
      <defs>
        <clipPath id={inside}>
          <path d={`${potOutline({ ...box, rim: rim - 20 })}Z`} />
        </clipPath>
      </defs>
      <Steam rate={moment.steaming} lid={lid} rim={rim} />
      <g clipPath={`url(#${inside})`}>
        {heights.map((h, i) => (
          <Bed key={BEDS[i]} y={tops[i] ?? 0} height={h} done={moment.done[i] ?? 0} />
        ))}
        <rect
          x={left}
          width={width}
          y={floor - level}
          height={Math.max(0, level)}
          fill="var(--water)"
          opacity="0.36"
        />
        {level > 2 && (
          <path d={`M${left} ${floor - level}H${left + width}`} stroke="var(--water)" strokeWidth="3" />
        )}
      </g>
      {heights.map((h, i) => (
        <text
          key={BEDS[i]}
          x={left + width + 22}
          y={(tops[i] ?? 0) + h / 2 + 7}
          className="text-[24px] sm:text-[19px]"
          fill="var(--ink)"
        >
          {BEDS[i]} {Math.round(moistureOf(moment.w[i] ?? 0))} %
        </text>
      ))}
      <path d={potOutline(box)} fill="none" stroke="var(--ink)" strokeWidth="7" strokeLinejoin="round" />
      <path d={potHandles(box)} stroke="var(--ink)" strokeWidth="7" strokeLinecap="round" />
      <Crust browning={moment.browning} />
      {!open && (
        <g transform={lid === 'ajar' ? `translate(14 -8) rotate(-4 ${left + width} ${rim})` : undefined}>
          {lid !== 'on' && lid !== 'ajar' && (
            <path
              d={`M${left - 2} ${rim - 5}H${left + width + 2}`}
              stroke="var(--steam)"
              strokeWidth="5"
              strokeDasharray="3 4"
            />
          )}
          <path d={potLid(box)} stroke="var(--ink)" strokeWidth="7" strokeLinecap="round" />
        </g>
      )}
      <Fire heat={props.heat} />
      <text x={left + width + 22} y={floor + 30} className="text-[24px] sm:text-[19px]" fill="var(--ink)">
        {w.bottom(bandOf(moment.browning))}
      </text>
    </svg>
  );
});

/** A bed of grain: raw grains are small and pale, cooked ones long and full. */
function Bed({ y, height, done }: { readonly y: number; readonly height: number; readonly done: number }) {
  const id = useId();
  const rx = 3 + 3.4 * done;
  const ry = 1.3 + 1.1 * done;
  return (
    <>
      <defs>
        <pattern id={id} width="18" height="11" patternUnits="userSpaceOnUse" patternTransform="rotate(-18)">
          <ellipse cx="5" cy="3.5" rx={rx} ry={ry} fill="var(--ground)" opacity={0.55 + 0.4 * done} />
          <ellipse
            cx="14"
            cy="8.6"
            rx={rx * 0.9}
            ry={ry * 0.9}
            fill="var(--ground)"
            opacity={0.4 + 0.4 * done}
          />
        </pattern>
      </defs>
      <rect
        x={POT.left}
        width={POT.width}
        y={y}
        height={height}
        fill="var(--husk)"
        opacity={1 - 0.35 * done}
      />
      <rect x={POT.left} width={POT.width} y={y} height={height} fill={`url(#${id})`} />
      <path
        d={`M${POT.left} ${y}h${POT.width}`}
        stroke="var(--ink)"
        strokeWidth="1.2"
        strokeDasharray="2 7"
      />
    </>
  );
}

/** What has formed on the floor: nothing, then a thin golden line, then a thick dark one with teeth. */
function Crust({ browning }: { readonly browning: number }) {
  if (browning < 0.1) return null;
  const { left, width, floor } = POT;
  const thick = Math.min(13, 3 + 3 * browning);
  const dark = browning >= 1.8;
  return (
    <g>
      <path
        d={`M${left + 16} ${floor - 5}H${left + width - 16}`}
        stroke={dark ? 'var(--ember)' : 'var(--husk)'}
        strokeWidth={thick}
      />
      {dark && (
        <path
          d={`M${left + 20} ${floor - 10}${Array.from({ length: 18 }, () => 'l7 -9l7 9').join('')}`}
          fill="none"
          stroke="var(--ember)"
          strokeWidth="3"
        />
      )}
    </g>
  );
}

/** The ring: one mark for every step of its heat, a line when it is off. */
function Fire({ heat }: { readonly heat: HeatSetting }) {
  const count = FLAMES[heat];
  const { left, width, floor } = POT;
  return (
    <g aria-hidden>
      {Array.from({ length: count }, (_, i) => {
        const x = left + width / 2 + (i - (count - 1) / 2) * 44;
        return (
          <path
            key={i}
            d={`M${x - 14} ${floor + 40}l14 -18l14 18`}
            fill="none"
            stroke="var(--ember)"
            strokeWidth="6"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        );
      })}
      {count === 0 && (
        <path
          d={`M${left + 70} ${floor + 30}h${width - 140}`}
          stroke="var(--line)"
          strokeWidth="6"
          strokeLinecap="round"
        />
      )}
    </g>
  );
}

/** Wisps over the pot, more of them the more leaves. */
function Steam({ rate, lid, rim }: { readonly rate: number; readonly lid: LidState; readonly rim: number }) {
  const wisps = rate < 0.15 ? 0 : Math.min(7, 1 + Math.round(rate / 3));
  const under = lid !== 'off' && lid !== 'ajar';
  return (
    <g aria-hidden stroke="var(--steam)" strokeWidth="4" fill="none" strokeLinecap="round" opacity="0.8">
      {Array.from({ length: wisps }, (_, i) => {
        const x = under
          ? POT.left + (i % 2 === 0 ? -8 - 6 * i : POT.width + 2 + 6 * i)
          : POT.left + ((i + 1) * POT.width) / (wisps + 1);
        const y = under ? rim - 18 : rim + 26;
        return <path key={i} d={`M${x} ${y}q-9 -10 0 -20q9 -10 0 -20`} />;
      })}
    </g>
  );
}
