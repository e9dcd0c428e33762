import { RANGES, type LidFit, type VesselKind, type Wall } from '@hammock/core';
import type { Learnt } from '@hammock/core/learning';
import type { VesselFields, VesselRecord } from '@hammock/core/records';
import { bestKnown, useLearnt } from '../../stores/kitchen/learnt.js';
import { wantsText } from '../../words/notebook/learntWords.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { Tick } from '../../ui/controls/Tick.js';
import { VESSEL_KIND } from '../../words/vesselKind.js';
import { LID_FIT, WALL } from '../../words/words.js';
import { litres } from '../../words/measures/numbers.js';
import { ChoiceInput, TextInput } from './inputs.js';
import { ThingList } from './ThingList.js';
import { isWidth, potOfWidth, usualMl } from '../../stores/kitchen/potOfWidth.js';
import * as w from '../../words/screens/kitchen.js';

/** What it holds with its width changed: until it is typed it follows, as long as the width is one. */
function held(pot: VesselFields, diameterCm: number): number {
  const isUsual = pot.volumeMl === usualMl(pot.diameterCm) || pot.volumeMl === NEW_VESSEL.volumeMl;
  return isUsual && isWidth(diameterCm) ? usualMl(diameterCm) : pot.volumeMl;
}

const NEW_VESSEL = potOfWidth(22, '');

/** What its pots have taught of a pot, on the ring it stands on most. */
function learntText(learnt: Learnt | null, pot: VesselFields): string {
  const its = `pot:${(pot as Partial<VesselRecord>).id ?? ''}/`;
  const found = bestKnown(learnt, (id) => id.startsWith(its));
  return found ? `; ${wantsText(its, found)}` : '';
}

/** Pots, by what the heat sees of them, and what they have taught. */
export function PotList() {
  const learnt = useLearnt((s) => s.learnt);
  return (
    <ThingList
      kind="vessels"
      title={w.pots}
      one="pot"
      fresh={NEW_VESSEL}
      describe={(v) =>
        w.cmWideL(
          v.kind === 'pot' ? '' : `${VESSEL_KIND[v.kind]}, `,
          v.diameterCm,
          litres(v.volumeMl),
          LID_FIT[v.lid],
          WALL[v.wall],
          v.nonStick === true ? w.nonStick : '',
          learntText(learnt, v),
        )
      }
      fields={(pot, set, problem) => (
        <>
          <TextInput
            label={w.name}
            value={pot.label}
            onChange={(label) => set({ label })}
            problem={problem('label')}
          />
          <NumberField
            label={w.widthInside}
            unit={RANGES.diameterCm.unit}
            value={pot.diameterCm}
            onChange={(diameterCm) => set({ diameterCm, volumeMl: held(pot, diameterCm) })}
            problem={problem('diameterCm')}
          />
          <NumberField
            label={w.holdsToTheBrim}
            unit={RANGES.volumeMl.unit}
            value={pot.volumeMl}
            onChange={(volumeMl) => set({ volumeMl })}
            problem={problem('volumeMl')}
          />
          <ChoiceInput
            label={w.itIsA}
            value={pot.kind}
            words={VESSEL_KIND}
            onChange={(kind) => set({ kind: kind as VesselKind })}
          />
          <ChoiceInput
            label={w.lid}
            value={pot.lid}
            words={LID_FIT}
            onChange={(lid) => set({ lid: lid as LidFit })}
          />
          <ChoiceInput
            label={w.wall}
            value={pot.wall}
            words={WALL}
            onChange={(wall) => set({ wall: wall as Wall })}
          />
          <Tick words="non-stick" on={pot.nonStick} onChange={(nonStick) => set({ nonStick })} />
        </>
      )}
    />
  );
}
