import { runFromTaps, type Answer, type Beside, type Stage, type VesselKind } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import {
  besideRuns,
  besideRunTrack,
  besideTrack,
  potTrack,
  runTrack,
  type Placed,
  type Track,
} from '@hammock/core/schedule';
import { eventsOf } from '../../stores/cooks/cookRecord.js';
import { stageName } from '../../words/plan/acts.js';

/** A dish that is still to be begun. */
export interface Planned {
  readonly id: string;
  readonly label: string;
  readonly answer: Pick<Answer, 'stages'>;
  readonly kind: VesselKind;
  readonly beside: readonly Beside[];
}

/** Every track of a meal, and what each track and act is called. */
export interface MealTracks {
  readonly tracks: readonly Track[];
  readonly labels: ReadonlyMap<string, string>;
  readonly actName: (placed: Pick<Placed, 'trackId' | 'actId'>) => string;
}

/** The tracks of what is on and of what is to come. */
export function mealTracks(
  cooks: readonly CookRecord[],
  planned: readonly Planned[],
  nowMs: number,
): MealTracks {
  const tracks: Track[] = [];
  const labels = new Map<string, string>();
  const stages = new Map<string, Stage>();
  const add = (track: Track | undefined, label: string): void => {
    if (!track || track.acts.length === 0) return;
    tracks.push(track);
    // Two pots of one dish are told apart.
    const same = [...labels.values()].filter((l) => l === label || l.startsWith(`${label} (`)).length;
    labels.set(track.id, same === 0 ? label : `${label} (${(same + 1).toString()})`);
  };
  const know = (trackId: string, list: readonly Stage[]): void => {
    for (const stage of list) stages.set(`${trackId} ${stage.id}`, stage);
  };
  for (const cook of cooks) {
    const events = eventsOf(cook);
    const run = runFromTaps(cook.answer.stages, events);
    know(
      cook.id,
      run.stages.map((r) => r.stage),
    );
    add(runTrack(cook.id, run, cook.input.vessel.kind ?? 'pot', nowMs), cook.label);
    for (const one of besideRuns(cook.input.beside, events))
      add(besideRunTrack(one, cook.id, nowMs), one.beside.name);
  }
  for (const { id, label, answer, kind, beside } of planned) {
    know(id, answer.stages);
    add(potTrack(id, answer.stages, kind), label);
    for (const one of beside) add(besideTrack(one, id), one.name);
  }
  return {
    tracks,
    labels,
    actName: ({ trackId, actId }) => {
      const stage = stages.get(`${trackId} ${actId}`);
      if (stage) return stageName(stage);
      return actId.endsWith('/hands') ? 'at hand' : 'by itself';
    },
  };
}
