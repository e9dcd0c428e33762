import { PLAN_DEFAULTS, RANGES, type Served, type Texture } from '@hammock/core';
import { useState } from 'react';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { textureNames } from '../../words/plan/textureWords.js';
import { SERVED } from '../../words/words.js';
import { problemsOf } from './checks.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { ChoiceInput, TextInput } from './inputs.js';
import { useUnits } from '../../stores/kitchen/units.js';
import * as w from '../../words/screens/kitchen.js';

/** Where this household cooks and how it likes its grain. Kept as it is typed, once it can be. */
export function HouseholdForm() {
  const household = useKitchen((s) => s.household);
  const setHousehold = useKitchen((s) => s.setHousehold);
  const [typed, setTyped] = useState<{
    name?: string;
    altitudeM?: number;
    roomC?: number;
    fingerMm?: number;
  }>({});
  const problems = problemsOf({
    label: typed.name ?? household.name,
    altitudeM: typed.altitudeM ?? 0,
    roomC: typed.roomC ?? 0,
    fingerMm: typed.fingerMm ?? PLAN_DEFAULTS.fingerMm,
  });
  const put = (change: typeof typed): void => {
    const next = { ...typed, ...change };
    setTyped(next);
    const field = 'name' in change ? 'label' : (Object.keys(change)[0] ?? '');
    const wrong = problemsOf({ ...(change.name === undefined ? {} : { label: change.name }), ...change });
    if (!(field in wrong)) setHousehold(change);
  };
  return (
    <section className="hung" aria-labelledby="household">
      <h2 id="household" className="m-0 text-[1.35rem] font-bold">
        {w.household}
      </h2>
      <div className="mt-2 grid gap-x-14 gap-y-3 sm:grid-cols-2 lg:grid-cols-3">
        <TextInput
          label={w.name}
          value={typed.name ?? household.name}
          onChange={(name) => put({ name })}
          problem={problems['label']}
        />
        <NumberField
          label={w.heightAboveTheSea}
          unit={RANGES.altitudeM.unit}
          value={household.altitudeM}
          onChange={(altitudeM) => put({ altitudeM })}
          problem={problems['altitudeM']}
        />
        <NumberField
          label={w.theRoomIs}
          unit={RANGES.roomC.unit}
          value={household.roomC}
          onChange={(roomC) => put({ roomC })}
          problem={problems['roomC']}
        />
        <NumberField
          label={w.firstJointOfYourFinger}
          unit={RANGES.fingerMm.unit}
          value={household.fingerMm ?? PLAN_DEFAULTS.fingerMm}
          onChange={(fingerMm) => put({ fingerMm })}
          problem={problems['fingerMm']}
        />
        <ChoiceInput
          label={w.grainIsWanted}
          value={household.texture.toString()}
          words={textureNames()}
          onChange={(v) => setHousehold({ texture: Number(v) as Texture })}
        />
        <ChoiceInput
          label={w.usuallyServed}
          value={household.served}
          words={SERVED}
          onChange={(v) => setHousehold({ served: v as Served })}
        />
        <ChoiceInput
          label={w.amountsFirstIn}
          value={household.metric ? 'metric' : 'cups'}
          words={{ cups: w.cupsAndSpoons, metric: w.gAndMl }}
          onChange={(v) => {
            setHousehold({ metric: v === 'metric' });
            // What was chosen for this device alone steps back.
            useUnits.setState({ unit: null });
          }}
        />
      </div>
    </section>
  );
}
