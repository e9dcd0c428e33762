import {
  CUP_PARTS,
  grainById,
  GRAINS,
  HOB_POWER_W,
  RANGES,
  type HobKind,
  type LidFit,
  type VesselKind,
  type Wall,
} from '@hammock/core';
import type { BagFields, IngredientFields, CupFields, HobFields, VesselFields } from '@hammock/core/records';
import { useState } from 'react';
import { Link } from 'react-router';
import { useKitchen } from '../../stores/kitchen.js';
import { useTheme } from '../../stores/theme.js';
import { Segments } from '../../ui/Segments.js';
import { HOB_KIND, LID_FIT, VESSEL_KIND, WALL } from '../../words/words.js';
import { CupByWeighing } from './CupByWeighing.js';
import { ageText } from './ageText.js';
import { Copies } from './Copies.js';
import { HouseholdForm } from './HouseholdForm.js';
import { describeOwn, IngredientInputs, wrongWith } from './IngredientInputs.js';
import { MethodList } from './MethodList.js';
import { ThingList } from './ThingList.js';
import { ChoiceInput, NumberInput, TextInput } from './inputs.js';

const GRAIN_WORDS = Object.fromEntries(GRAINS.map((g) => [g.id, g.name]));
const CUP_KINDS = { cup: 'cup', spoon: 'spoon', jug: 'jug with marks' } as const;

const NEW_BAG: BagFields = { grainId: 'longGrainWhite', label: '', note: '', openedOn: null };
const NEW_VESSEL: VesselFields = {
  label: '',
  diameterCm: 22,
  volumeMl: 4000,
  lid: 'wellFitting',
  wall: 'thin',
  kind: 'pot',
};
const NEW_HOB: HobFields = { label: '', kind: 'gas', powerW: HOB_POWER_W };
const NEW_CUP: CupFields = {
  label: '',
  kind: 'cup',
  ml: 240,
  parts: ['1', '1/2', '1/3', '1/4'],
  stepMl: null,
};

const NEW_INGREDIENT: IngredientFields = { label: '', figures: { like: 'tomato', body: 'thicker' } };

const POWER_LABELS = [
  ['high', 'high'],
  ['mediumHigh', 'medium-high'],
  ['medium', 'medium'],
  ['low', 'low'],
  ['veryLow', 'lowest'],
] as const;

/** Bags, pots, hobs and cups of this household. */
export function KitchenScreen() {
  const state = useKitchen((s) => s.state);
  const theme = useTheme();
  const [nowMs] = useState(() => Date.now());
  if (state === 'empty') return <p aria-busy>Looking into the kitchen …</p>;
  return (
    <div className="flex flex-col gap-9">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="m-0 text-[2rem] font-bold">Kitchen</h1>
        <Segments
          label="Light"
          value={theme.choice}
          options={[
            ['system', 'as the device'],
            ['light', 'light'],
            ['dark', 'dark'],
          ]}
          onChange={theme.choose}
        />
      </div>
      <div className="grid gap-x-14 gap-y-9 lg:grid-cols-2">
        <ThingList
          kind="bags"
          title="Bags"
          one="bag"
          fresh={NEW_BAG}
          describe={(b) =>
            `${grainById(b.grainId)?.name ?? b.grainId}${ageText(b.openedOn, nowMs)}${b.note === '' ? '' : `. ${b.note}`}`
          }
          fields={(bag, set, problem) => (
            <>
              <TextInput
                label="Name"
                value={bag.label}
                onChange={(label) => set({ label })}
                problem={problem('label')}
              />
              <ChoiceInput
                label="Grain"
                value={bag.grainId}
                words={GRAIN_WORDS}
                onChange={(grainId) => set({ grainId })}
              />
              <label className="flex flex-col">
                Opened on
                <input
                  type="date"
                  className="changeable"
                  value={bag.openedOn ?? ''}
                  onChange={(e) =>
                    set({ openedOn: e.currentTarget.value === '' ? null : e.currentTarget.value })
                  }
                />
              </label>
              <TextInput
                label="Worth remembering"
                value={bag.note}
                most={280}
                onChange={(note) => set({ note })}
                problem={undefined}
              />
            </>
          )}
        />
        <ThingList
          kind="vessels"
          title="Pots"
          one="pot"
          fresh={NEW_VESSEL}
          describe={(v) =>
            `${v.kind === 'pot' ? '' : `${VESSEL_KIND[v.kind]}, `}${v.diameterCm.toString()} cm wide, ${(v.volumeMl / 1000).toFixed(1)} l, ${LID_FIT[v.lid]}, ${WALL[v.wall]}`
          }
          fields={(pot, set, problem) => (
            <>
              <TextInput
                label="Name"
                value={pot.label}
                onChange={(label) => set({ label })}
                problem={problem('label')}
              />
              <NumberInput
                label="Width inside"
                range={RANGES.diameterCm}
                value={pot.diameterCm}
                onChange={(diameterCm) => set({ diameterCm })}
                problem={problem('diameterCm')}
              />
              <NumberInput
                label="Holds to the brim"
                range={RANGES.volumeMl}
                value={pot.volumeMl}
                onChange={(volumeMl) => set({ volumeMl })}
                problem={problem('volumeMl')}
              />
              <ChoiceInput
                label="It is a"
                value={pot.kind}
                words={VESSEL_KIND}
                onChange={(kind) => set({ kind: kind as VesselKind })}
              />
              <ChoiceInput
                label="Lid"
                value={pot.lid}
                words={LID_FIT}
                onChange={(lid) => set({ lid: lid as LidFit })}
              />
              <ChoiceInput
                label="Wall"
                value={pot.wall}
                words={WALL}
                onChange={(wall) => set({ wall: wall as Wall })}
              />
            </>
          )}
        />
        <ThingList
          kind="hobs"
          title="Hobs"
          one="hob"
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
                <NumberInput
                  key={key}
                  label={`Into the pot on ${words}`}
                  range={RANGES.powerW}
                  value={hob.powerW[key]}
                  onChange={(w) => set({ powerW: { ...hob.powerW, [key]: w } })}
                  problem={problem(`powerW.${key}`)}
                />
              ))}
            </>
          )}
        />
        <ThingList
          kind="cups"
          title="Cups, spoons and jugs"
          one="measure"
          fresh={NEW_CUP}
          describe={(c) =>
            `${CUP_KINDS[c.kind]}, ${c.ml.toString()} ml${c.kind === 'cup' ? `; filled to ${c.parts.join(', ')}` : ''}${c.stepMl === null ? '' : `, marked every ${c.stepMl.toString()} ml`}`
          }
          fields={(cup, set, problem) => (
            <>
              <TextInput
                label="Called"
                value={cup.label}
                most={40}
                onChange={(label) => set({ label })}
                problem={problem('label')}
              />
              <ChoiceInput
                label="It is a"
                value={cup.kind}
                words={CUP_KINDS}
                onChange={(kind) =>
                  set({ kind: kind as CupFields['kind'], stepMl: kind === 'jug' ? (cup.stepMl ?? 50) : null })
                }
              />
              <NumberInput
                label="Holds"
                range={{ least: 0.5, most: 5000, unit: 'ml' }}
                value={cup.ml}
                onChange={(ml) => set({ ml })}
                problem={problem('ml')}
              />
              {cup.kind === 'cup' && <CupByWeighing onFound={(ml) => set({ ml })} />}
              {cup.kind === 'jug' && (
                <NumberInput
                  label="Marked every"
                  range={{ least: 1, most: 1000, unit: 'ml' }}
                  value={cup.stepMl ?? 50}
                  onChange={(stepMl) => set({ stepMl })}
                  problem={problem('stepMl')}
                />
              )}
              {cup.kind !== 'jug' && (
                <fieldset className="m-0 border-0 p-0">
                  <legend className="p-0">Can be filled to</legend>
                  <div className="flex flex-wrap gap-2">
                    {CUP_PARTS.map((part) => (
                      <label key={part} className="flex min-h-12 items-center gap-2 pr-3">
                        <input
                          type="checkbox"
                          className="size-6 accent-(--ink)"
                          checked={cup.parts.includes(part)}
                          onChange={(e) =>
                            set({
                              parts: e.currentTarget.checked
                                ? [...cup.parts, part]
                                : cup.parts.filter((p) => p !== part),
                            })
                          }
                        />
                        {part}
                      </label>
                    ))}
                  </div>
                </fieldset>
              )}
            </>
          )}
        />
        <ThingList
          kind="ingredients"
          title="Ingredients of your own"
          one="ingredient"
          fresh={NEW_INGREDIENT}
          describe={describeOwn}
          refused={(own) => wrongWith(own, useKitchen.getState().ingredients) !== undefined}
          fields={(own, set, problem) => <IngredientInputs own={own} set={set} problem={problem} />}
        />
        <div className="flex flex-col gap-9">
          <MethodList />
          <section className="hung" aria-labelledby="steam">
            <h2 id="steam" className="m-0 text-[1.35rem] font-bold">
              Steam, pot by ring
            </h2>
            <SteamSoFar />
            <Link
              to="/kitchen/water-test"
              className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
            >
              Measure it with a pot of water
            </Link>
          </section>
        </div>
      </div>
      <HouseholdForm />
      <Copies />
    </div>
  );
}

/** Which pots have been measured on which ring. */
function SteamSoFar() {
  const tests = useKitchen((s) => s.steamTests);
  if (tests.length === 0)
    return <p className="m-0">Not measured: every pot goes by what is usual for its width, wall and lid.</p>;
  return (
    <ul className="m-0 list-none p-0">
      {tests.map((t) => (
        <li key={t.id} className="border-b border-line py-1.5">
          {t.label}
        </li>
      ))}
    </ul>
  );
}
