import { CUP_PARTS } from '@hammock/core';
import type { CupFields } from '@hammock/core/records';
import { Tick } from '../../ui/controls/Tick.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { CupByWeighing } from './CupByWeighing.js';
import { ChoiceInput, Problem, TextInput } from './inputs.js';
import { ThingList } from './ThingList.js';
import * as w from '../../words/screens/kitchen.js';

const CUP_KINDS = { cup: 'cup', spoon: 'spoon', jug: w.jugWithMarks } as const;

const NEW_CUP: CupFields = {
  label: '',
  kind: 'cup',
  ml: 240,
  parts: ['1', '1/2', '1/3', '1/4'],
  stepMl: null,
};

/** Cups, spoons and jugs, by what they hold. */
export const MeasureList = () => (
  <ThingList
    kind="cups"
    title={w.cupsSpoonsAndJugs}
    one="measure"
    fresh={NEW_CUP}
    describe={(c) =>
      `${CUP_KINDS[c.kind]}, ${c.ml.toString()} ml${c.kind === 'cup' ? w.filledTo(c.parts.join(', ')) : ''}${c.stepMl === null ? '' : w.markedEveryMl(c.stepMl)}`
    }
    fields={(cup, set, problem) => (
      <>
        <TextInput
          label={w.called}
          value={cup.label}
          most={40}
          onChange={(label) => set({ label })}
          problem={problem('label')}
        />
        <ChoiceInput
          label={w.itIsA}
          value={cup.kind}
          words={CUP_KINDS}
          onChange={(kind) =>
            set({ kind: kind as CupFields['kind'], stepMl: kind === 'jug' ? (cup.stepMl ?? 50) : null })
          }
        />
        <NumberField
          label={w.holds}
          unit="ml"
          value={cup.ml}
          onChange={(ml) => set({ ml })}
          problem={problem('ml')}
        />
        {cup.kind === 'cup' && <CupByWeighing onFound={(ml) => set({ ml })} />}
        {cup.kind === 'jug' && (
          <NumberField
            label={w.markedEvery}
            unit="ml"
            value={cup.stepMl ?? 50}
            onChange={(stepMl) => set({ stepMl })}
            problem={problem('stepMl')}
          />
        )}
        {cup.kind !== 'jug' && (
          <fieldset
            className="m-0 border-0 p-0"
            aria-describedby={problem('parts') === undefined ? undefined : 'parts-problem'}
          >
            <legend className="p-0">{w.canBeFilledTo}</legend>
            <div className="flex flex-wrap gap-x-5 gap-y-2">
              {CUP_PARTS.map((part) => (
                <Tick
                  key={part}
                  words={part}
                  on={cup.parts.includes(part)}
                  onChange={(on) =>
                    set({ parts: on ? [...cup.parts, part] : cup.parts.filter((p) => p !== part) })
                  }
                />
              ))}
            </div>
            <Problem id="parts-problem" text={problem('parts')} />
          </fieldset>
        )}
      </>
    )}
  />
);
