import { plannedMin, type CookedStage, type Stage } from '@hammock/core';
import { useRef, useState } from 'react';
import { ACT } from '../../words/plan/acts.js';
import * as w from '../../words/screens/course.js';

export interface StageBarProps {
  readonly cooked: readonly CookedStage[];
  readonly stages: readonly Stage[];
  readonly toMin: number;
  readonly onStretch: (stageId: string, minutes: number) => void;
}

/** A stretch may not make a stage shorter than this, nor longer, min. */
const LIMITS = { least: 1, most: 180 } as const;

/** The stages along time. One that goes by minutes has a handle at its end: dragged, or moved with the arrow keys. */
export function StageBar({ cooked, stages, toMin, onStretch }: StageBarProps) {
  const bar = useRef<HTMLDivElement>(null);
  const percent = (min: number): string => `${((100 * min) / toMin).toFixed(2)}%`;
  return (
    <div ref={bar} className="relative h-20 select-none" role="group" aria-label={w.stagesAlongTime}>
      {cooked
        .filter((c) => c.act !== 'serve')
        .map((c) => {
          const stage = stages.find((s) => s.id === c.stageId);
          const act = c.act === 'serve' ? 'rest' : c.act;
          const wide = (c.toMin - c.fromMin) / toMin;
          return (
            <div
              key={c.stageId}
              className={`absolute top-0 h-11 overflow-hidden border-r-2 border-ground px-1.5 pt-2.5 text-[0.95rem] leading-tight font-semibold whitespace-nowrap ${stage?.heat === 'off' ? 'bg-line text-ink' : 'bg-ink text-ground'}`}
              style={{ left: percent(c.fromMin), width: percent(c.toMin - c.fromMin) }}
              title={`${ACT[act].name}, ${Math.round(c.toMin - c.fromMin).toString()} min`}
            >
              {wide > 0.1 ? ACT[act].name : ''}
            </div>
          );
        })}
      {cooked.map((c) => {
        const stage = stages.find((s) => s.id === c.stageId);
        if (stage?.end.kind !== 'minutes') return null;
        return (
          <Handle
            key={c.stageId}
            name={ACT[stage.act].name}
            minutes={plannedMin(stage)}
            left={percent(c.toMin)}
            perMin={() => (bar.current?.clientWidth ?? 600) / toMin}
            onChange={(minutes) => {
              onStretch(c.stageId, minutes);
            }}
          />
        );
      })}
    </div>
  );
}

interface HandleProps {
  readonly name: string;
  readonly minutes: number;
  readonly left: string;
  readonly perMin: () => number;
  readonly onChange: (minutes: number) => void;
}

function Handle({ name, minutes, left, perMin, onChange }: HandleProps) {
  const [from, setFrom] = useState<{
    readonly x: number;
    readonly minutes: number;
    readonly perMin: number;
  }>();
  const put = (to: number): void => {
    const next = Math.min(LIMITS.most, Math.max(LIMITS.least, Math.round(to)));
    if (next !== minutes) onChange(next);
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={w.minutesOf(name)}
      aria-valuemin={LIMITS.least}
      aria-valuemax={LIMITS.most}
      aria-valuenow={minutes}
      aria-valuetext={w.minutes(minutes)}
      className="absolute top-0 z-10 flex h-20 w-12 -translate-x-1/2 cursor-ew-resize touch-none flex-col items-center justify-end"
      style={{ left }}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setFrom({ x: e.clientX, minutes, perMin: perMin() });
      }}
      onPointerMove={(e) => {
        if (from) put(from.minutes + (e.clientX - from.x) / from.perMin);
      }}
      onPointerUp={() => {
        setFrom(undefined);
      }}
      onPointerCancel={() => {
        setFrom(undefined);
      }}
      onKeyDown={(e) => {
        const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[
          e.key
        ];
        if (by === undefined) return;
        e.preventDefault();
        put(minutes + by);
      }}
    >
      <span className="absolute top-0 h-11 w-1.5 bg-husk" aria-hidden />
      <span
        className="figures rounded-b-lg bg-husk px-2 py-1.5 text-[1.25rem] whitespace-nowrap text-ground"
        aria-hidden
      >
        {minutes}
        <span className="ml-1 text-[0.75em]">min</span>
      </span>
    </div>
  );
}
