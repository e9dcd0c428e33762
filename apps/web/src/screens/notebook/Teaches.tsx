import { learntInto, type Learnt } from '@hammock/core/learning';
import type { CookRecord, Counts } from '@hammock/core/records';
import { useEffect, useState } from 'react';
import { useCooks } from '../../stores/cooks/cooks.js';
import { useCore } from '../../stores/plan/core.js';
import { askLearnt, useLearnt } from '../../stores/kitchen/learnt.js';
import { learntOfPlan } from '../../stores/plan/learntPlan.js';
import { useMe } from '../../stores/kitchen/people.js';
import { useMeasures, useMetric } from '../../stores/kitchen/units.js';
import { Segments } from '../../ui/controls/Segments.js';
import { useKitchenThings, type KitchenThings } from '../../stores/kitchen/kitchenThings.js';
import { showPour } from '../../words/measures/amounts.js';
import { wantsText } from '../../words/notebook/learntWords.js';
import { learntRows } from './learntRows.js';
import * as w from '../../words/screens/notebook.js';

const COUNTS_WORDS: readonly (readonly [Counts, string])[] = [
  ['once', w.learnFromIt],
  ['always', w.itAlwaysComesOutSo],
  ['never', w.doNotLearnFromIt],
];
/** A change that nobody could pour, ml. */
const LEAST_ML = 4;

/** What a judged pot changes next time, in this kitchen's measure, and whether it is learnt from. */
export function Teaches({
  cook,
  onCounts,
}: {
  readonly cook: CookRecord;
  readonly onCounts: (counts: Counts) => void;
}) {
  const judge = useCooks((s) => s.judge);
  const learnt = useLearnt((s) => s.learnt);
  const measures = useMeasures(cook.cupId);
  const metric = useMetric();
  const [without, setWithout] = useState<Learnt>();
  const { outcome } = cook;
  useEffect(() => {
    let isHere = true;
    void askLearnt(cook.id).then((found) => {
      if (isHere) setWithout(found);
    });
    return () => {
      isHere = false;
    };
  }, [cook.id, learnt]);
  const things = useKitchenThings();
  const pour = usePourOf(cook);
  if (!outcome) return null;
  const [before, after] = [pour(without), pour(learnt ?? undefined)];
  const ml = before === undefined || after === undefined ? undefined : after - before;
  const amount = (n: number): string => showPour(Math.abs(n), measures, metric).main;
  return (
    <section className="hung" aria-labelledby="teaches">
      <h2 id="teaches" className="m-0 text-[1.35rem] font-bold">
        {w.whatItTeaches}
      </h2>
      <p className="m-0 mt-1 text-[1.15rem]" data-testid="teaches">
        {ml === undefined
          ? w.theServerSaysWhatIt
          : outcome.counts === 'never'
            ? w.nothingItIsNotLearntFrom
            : Math.abs(ml) < LEAST_ML
              ? w.nextTimeAsBeforeIt
              : w.nextTimeThanWithoutIt(
                  amount(ml),
                  ml > 0 ? w.more : w.less,
                  amount(after ?? 0),
                  whyText(without, learnt, things),
                )}
      </p>
      <div className="mt-2">
        <Segments
          label={w.whetherItIsLearntFrom}
          value={outcome.counts ?? 'once'}
          options={COUNTS_WORDS}
          onChange={(counts) => {
            judge(cook, { ...outcome, counts });
            onCounts(counts);
          }}
        />
      </div>
    </section>
  );
}

/** What it moved most, and from how many pots that is known. */
function whyText(without: Learnt | undefined, learnt: Learnt | null, things: KitchenThings): string {
  const before = new Map(without?.ids.map((id, i) => [id, without.mean[i] ?? 0]));
  const moved = learntRows(learnt, things)
    .map((row) => ({ ...row, by: row.points - (before.get(row.id) ?? 0) }))
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
  const [most] = moved;
  if (!most || Math.abs(most.by) < LEAST_POINTS) return '';
  return w.mostlyOf(most.id.startsWith('taste') ? w.yourTaste : most.name, wantsText(most.id, most));
}
/** A move that nobody would speak of, points. */
const LEAST_POINTS = 0.05;

/** The pour of this pot's plan by what was learnt, ml; undefined where that is not there yet. */
function usePourOf({ input, bagId, vesselId, hobId, dishId }: CookRecord) {
  const engine = useCore();
  const me = useMe((s) => s.name);
  return (learnt: Learnt | undefined): number | undefined => {
    if (!learnt || !engine) return undefined;
    const { holdTo: _h, leanMl: _l, ...plain } = input;
    const found = learntOfPlan(learnt, plain, { bagId, vesselId, hobId, dishId, by: me });
    const answered = engine.answer(learntInto(plain, found));
    return answered.ok ? answered.value.pour.ml : undefined;
  };
}
