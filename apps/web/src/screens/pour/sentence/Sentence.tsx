import { grainById, GRAINS, heatsItself } from '@hammock/core';
import type { CupRecord } from '@hammock/core/records';
import { useId, useMemo } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { showAmountInput } from '../../../words/measures/amounts.js';
import { useDraft } from '../../../stores/plan/draft.js';
import { cupOf } from '../../../stores/plan/planInput.js';
import { useMeasures, useMetric } from '../../../stores/kitchen/units.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import type { KitchenLists } from '../../../stores/kitchen/kitchenKept.js';
import { AmountField } from '../../../ui/controls/AmountField.js';
import { Pick } from '../../../ui/controls/Pick.js';
import type { Option } from '../../../ui/controls/pickParts.js';
import { VESSEL_KIND } from '../../../words/vesselKind.js';
import type { PlanView } from '../../../stores/plan/usePlan.js';
import { starchText } from '../../../words/plan/amyloseWords.js';
import { litres, typedNumber, whole } from '../../../words/measures/numbers.js';
import { DishName, NewDish } from './DishName.js';
import { isWidth, usualMl, vesselOfWidth } from '../../../stores/kitchen/potOfWidth.js';
import * as w from '../../../words/screens/pourSentence.js';

const MOST_PEOPLE = 16;
const MOST_POTS = 6;
const setPots = (pots: number): void => useDraft.getState().setSpec({ pots });

const setDish = (id: string): void => {
  const dish = useKitchen.getState().dishes.find((d) => d.id === id);
  if (dish) useDraft.getState().chooseDish(dish);
};
/** A grain of the larder in a list of bags. */
const LOOSE = 'grain:';
const setGrainOf = (value: string): void => {
  const { draft, choose, change } = useDraft.getState();
  if (!value.startsWith(LOOSE)) choose({ bagId: value });
  else if (draft) change({ bagId: null, spec: { ...draft.spec, grainId: value.slice(LOOSE.length) } });
};
/** A pot by its width in a list of pots. */
const WIDTH = 'width:';
const potTyped = (typed: string): Option<string> | undefined => {
  const cm = typedNumber(typed.replace(/\s*cm\s*$/iu, ''));
  return isWidth(cm)
    ? {
        value: `${WIDTH}${cm.toString()}`,
        label: w.aPotOfCm(cm),
        hint: `${litres(usualMl(cm))} l`,
      }
    : undefined;
};
const setVessel = (value: string): void =>
  useDraft.getState().choose({
    vesselId: value.startsWith(WIDTH) ? vesselOfWidth(Number(value.slice(WIDTH.length))) : value,
  });
const setHob = (hobId: string): void => useDraft.getState().choose({ hobId });

/** What, how much, which pot: one sentence whose words can be changed. */
export function Sentence({ plan }: { readonly plan: PlanView }) {
  const { draft, problemAt } = plan;
  const { dishes, bags, vessels, hobs, cups } = useKitchen(
    useShallow(({ dishes, bags, vessels, hobs, cups }) => ({ dishes, bags, vessels, hobs, cups })),
  );
  const metric = useMetric();
  const measures = useMeasures(draft.cupId);
  const setGrain = useDraft((s) => s.setGrain);
  const grain = grainById(draft.spec.grainId);
  const potProblem = problemAt('vessel');
  const potProblemId = useId();
  const vessel = vessels.find((v) => v.id === draft.vesselId);
  const ownHeat = vessel !== undefined && heatsItself(vessel.kind);
  const pots = draft.spec.pots ?? 1;
  const full = plan.problems.find((p) => p.code === 'tooSmall' || p.code === 'overHalf');
  const wanted = full && Number(full.values['pots']) <= MOST_POTS ? Number(full.values['pots']) : undefined;
  const options = useMemo(() => optionsFor({ dishes, bags, vessels, hobs }), [dishes, bags, vessels, hobs]);
  return (
    <div className="text-[1.3rem] leading-[2.9rem] sm:text-[1.5rem] short:text-[1.2rem]">
      {draft.dishId === null && <DishName label={draft.label} />}
      <Pick
        label={w.dish}
        value={draft.dishId ?? undefined}
        placeholder={draft.dishId === null ? w.anotherDish : draft.label}
        options={options.dishes}
        onChange={setDish}
      />{' '}
      {w.forWord} <People portions={draft.spec.portions ?? 4} />:{' '}
      <AmountField
        label={w.amountOfGrain}
        shown={grain ? showAmountInput(draft.spec.grain, grain, measures, metric) : ''}
        onChange={setGrain}
        placeholder={w.howMuch}
        problem={problemAt('grain')}
        className="align-top"
      />{' '}
      {!metric && <Cup cups={cups} cupId={draft.cupId} />}
      {w.of}{' '}
      <Pick
        label={w.grain2}
        value={draft.bagId ?? (draft.spec.grainId === '' ? undefined : `${LOOSE}${draft.spec.grainId}`)}
        placeholder={grain?.name ?? w.aGrain}
        options={options.grains}
        onChange={setGrainOf}
      />{' '}
      {w.inThe}{' '}
      <Pick
        label={w.pot}
        value={draft.vesselId ?? undefined}
        placeholder={w.pot2}
        wrongId={potProblem === undefined ? undefined : potProblemId}
        options={options.vessels}
        make={potTyped}
        onChange={setVessel}
      />
      {!ownHeat && (
        <>
          {' '}
          {w.onThe}{' '}
          <Pick
            label={w.burner}
            value={draft.hobId ?? undefined}
            placeholder={w.burner2}
            options={options.hobs}
            onChange={setHob}
          />
        </>
      )}
      {draft.spec.grainId !== '' && <NewDish />}
      {pots > 1 && (
        <>
          {w.sharedAmong}{' '}
          <button
            type="button"
            className="changeable"
            onClick={() => setPots(1)}
            aria-label={w.cookItInOnePot}
          >
            {w.pots(pots)}
          </button>
        </>
      )}
      {potProblem !== undefined && (
        <span id={potProblemId} role="alert" className="block text-[1.05rem] leading-snug text-ember">
          {potProblem === 'This is needed.' ? w.chooseAPot : potProblem}
          {wanted !== undefined && (
            <>
              {' '}
              <button type="button" className="changeable" onClick={() => setPots(wanted)}>
                {w.shareItAmongPots(wanted)}
              </button>
            </>
          )}
        </span>
      )}
    </div>
  );
}

/** The cup in use, in plain sight: another one holds another amount of grain and of water. */
function Cup({
  cups,
  cupId,
}: {
  readonly cups: readonly CupRecord[];
  readonly cupId?: string | null | undefined;
}) {
  const own = cups.filter((c) => c.kind === 'cup');
  const used = cupOf({ cups }, cupId);
  if (!used) return null;
  return (
    <span className="text-[0.8em]">
      (
      <Pick
        label={w.cupInUse}
        value={used.id}
        options={own.map((c) => ({ value: c.id, label: `${c.label} of ${whole(c.ml)} ml` }))}
        onChange={(id) => useDraft.getState().choose({ cupId: id })}
      />
      ){' '}
    </span>
  );
}

type Lists = { readonly [K in 'dishes' | 'bags' | 'vessels' | 'hobs']: KitchenLists[K] };

function optionsFor({ dishes, bags, vessels, hobs }: Lists) {
  return {
    dishes: dishes.map((d) => ({ value: d.id, label: d.label })),
    grains: [
      ...bags.map((b) => ({
        value: b.id,
        label: b.label,
        hint: `${grainById(b.grainId)?.name ?? ''}${starchText(b)}`,
        usual: true,
      })),
      ...GRAINS.map((g) => ({ value: `${LOOSE}${g.id}`, label: g.name, also: g.also.join(', ') })),
    ],
    vessels: vessels.map((v) => ({
      value: v.id,
      label: v.label,
      hint: `${v.kind === 'pot' ? '' : `${VESSEL_KIND[v.kind]} · `}${v.diameterCm.toString()} cm · ${litres(v.volumeMl)} l`,
    })),
    hobs: hobs.map((h) => ({ value: h.id, label: h.label })),
  };
}

function People({ portions }: { readonly portions: number }) {
  const setPortions = useDraft((s) => s.setPortions);
  const shown = Math.round(portions * 10) / 10;
  return (
    <span
      className="inline-flex items-center align-bottom whitespace-nowrap"
      role="group"
      aria-label={w.people}
    >
      <Step
        label={w.oneFewer}
        sign="−"
        disabled={shown <= 1}
        onClick={() => setPortions(Math.max(1, Math.ceil(shown) - 1))}
      />
      <output aria-label={w.howMany} className="figures min-w-8 text-center text-[2rem]">
        {shown}
      </output>
      <Step
        label={w.oneMore}
        sign="+"
        disabled={shown >= MOST_PEOPLE}
        onClick={() => setPortions(Math.floor(shown) + 1)}
      />
    </span>
  );
}

function Step(props: {
  readonly label: string;
  readonly sign: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
}) {
  return (
    <button
      type="button"
      aria-label={props.label}
      disabled={props.disabled}
      onClick={props.onClick}
      className="changeable size-12 text-[1.6rem] leading-none disabled:opacity-40"
    >
      {props.sign}
    </button>
  );
}
