import { HOB_POWER_W, RANGES, type HobKind } from '@hammock/core';
import type { HobFields } from '@hammock/core/records';
import { NumberField } from '../../ui/controls/NumberField.js';
import { HOB_KIND } from '../../words/words.js';
import { ChoiceInput, TextInput } from './inputs.js';
import { ThingList } from './ThingList.js';
import * as w from '../../words/screens/kitchen.js';

const NEW_HOB: HobFields = { label: '', kind: 'gas', powerW: HOB_POWER_W };

const POWER_LABELS = [
  ['high', 'high'],
  ['mediumHigh', 'medium-high'],
  ['medium', 'medium'],
  ['low', 'low'],
  ['veryLow', 'lowest'],
] as const;

/** Hobs, by what each setting gives into a pot. */
export const HobList = () => (
  <ThingList
    kind="hobs"
    title={w.burners}
    one="burner"
    fresh={NEW_HOB}
    describe={(h) => w.wIntoThePotOn(HOB_KIND[h.kind], h.powerW.high, h.powerW.low)}
    fields={(hob, set, problem) => (
      <>
        <TextInput
          label={w.name}
          value={hob.label}
          onChange={(label) => set({ label })}
          problem={problem('label')}
        />
        <ChoiceInput
          label={w.kind}
          value={hob.kind}
          words={HOB_KIND}
          onChange={(kind) => set({ kind: kind as HobKind })}
        />
        {POWER_LABELS.map(([key, words]) => (
          <NumberField
            key={key}
            label={w.intoThePotOn(words)}
            unit={RANGES.powerW.unit}
            value={hob.powerW[key]}
            onChange={(w) => set({ powerW: { ...hob.powerW, [key]: w } })}
            problem={problem(`powerW.${key}`)}
          />
        ))}
      </>
    )}
  />
);
