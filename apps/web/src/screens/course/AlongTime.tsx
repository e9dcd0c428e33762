import type { Course, Stage } from '@hammock/core';
import { useMemo } from 'react';
import { Button } from '../../ui/controls/Button.js';
import { Fence } from '../../ui/shell/Fence.js';
import { Slide } from '../../ui/controls/Slide.js';
import { tenths } from '../../words/measures/numbers.js';
import { LateCharts } from './LateCharts.js';
import { StageBar } from './StageBar.js';
import type { useClock } from './useClock.js';
import * as w from '../../words/screens/course.js';

/** The margins of the plots, so that everything along time stands under itself. */
const ALONG_TIME = 'ml-[40px] mr-[10px] sm:ml-[44px] sm:mr-[118px]';

interface AlongTimeProps {
  readonly course: Course;
  readonly stages: readonly Stage[];
  readonly clock: ReturnType<typeof useClock>;
  /** What is being done at that minute. */
  readonly name: string;
  readonly band: { readonly low: number; readonly high: number };
  readonly onStages: (stages: readonly Stage[]) => void;
}

/** Time itself, to play and to drag along, with the stages and the plots under it. */
export function AlongTime({ course, stages, clock, name, band, onStages }: AlongTimeProps) {
  const toMin = Math.ceil(course.minutes);
  const drawn = useMemo(() => [{ name: w.asPlanned, series: course.series, dashed: false }], [course.series]);
  return (
    <div>
      <div className="flex items-center gap-5">
        <Button weight="act" onClick={clock.toggle} className="w-28 shrink-0">
          {clock.playing ? w.hold : w.play}
        </Button>
        <span className="text-faint">{w.dragAlongTimeOrStretch}</span>
      </div>
      <div className={`${ALONG_TIME} mt-1`}>
        <Slide
          label={w.minute}
          says={`minute ${tenths(clock.atMin)}, ${name}`}
          least={0}
          most={toMin}
          step={0.1}
          value={clock.atMin}
          onMove={clock.put}
          filled
          onKeyDown={(e) => {
            // A tenth of a minute is for fingers; keys step by a whole one.
            const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[e.key];
            if (by === undefined) return;
            e.preventDefault();
            clock.put(Math.min(toMin, Math.max(0, Math.round(clock.atMin + by))));
          }}
        />
      </div>
      <div className="relative mt-1">
        <div className={ALONG_TIME}>
          <StageBar
            cooked={course.stages}
            stages={stages}
            toMin={toMin}
            onStretch={(id, minutes) =>
              onStages(stages.map((s) => (s.id === id ? { ...s, end: { kind: 'minutes', minutes } } : s)))
            }
          />
        </div>
        <div className="relative">
          <Fence what={w.theCharts} of={course}>
            <LateCharts drawn={drawn} toMin={toMin} band={band} />
          </Fence>
          <div aria-hidden className={`${ALONG_TIME} pointer-events-none absolute inset-x-0 top-6 bottom-8`}>
            <span
              className="absolute inset-y-0 w-0.5 bg-ink"
              style={{ left: `${((100 * clock.atMin) / toMin).toFixed(2)}%` }}
            />
          </div>
        </div>
      </div>
    </div>
  );
}
