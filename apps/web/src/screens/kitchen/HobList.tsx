import { HOB_POWER_W, RANGES, type HobKind } from '@hammock/core';
import type { HobFields } from '@hammock/core/records';
import { NumberField } from '../../ui/controls/NumberField.js';
import { HOB_KIND } from '../../words/words.js';
import { ChoiceInput, TextInput } from './inputs.js';
import { ThingList } from './ThingList.js';

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
    title="Burners"
    one="burner"
    fresh={NEW_HOB}
    describe={(h) =>
      `${HOB_KIND[h.kind]}, ${h.powerW.high.toString()} W into the pot on high, ${h.powerW.low.toString()} W on low`
    }
    fields={(hob, set, problem) => (
      <>
        <TextInput
          label="Name"
          value={hob.label}
          onChange={(label) => set({ label })}
          problem={problem('label')}
        />
        <ChoiceInput
          label="Kind"
          value={hob.kind}
          words={HOB_KIND}
          onChange={(kind) => set({ kind: kind as HobKind })}
        />
        {POWER_LABELS.map(([key, words]) => (
          <NumberField
            key={key}
            label={`Into the pot on ${words}`}
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
