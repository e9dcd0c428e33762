import {
  boilAt,
  boilingSteamRate,
  readWaterTest,
  withMeasured,
  type HeatSetting,
  type VesselSpec,
} from '@hammock/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useShallow } from 'zustand/react/shallow';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { MeasuredSoFar } from './MeasuredSoFar.js';
import { Change, Step, Weight } from './WaterTestParts.js';
import { Button } from '../../ui/controls/Button.js';
import { Pick } from '../../ui/controls/Pick.js';
import { optionsOf } from '../../ui/controls/pickParts.js';
import { HEAT } from '../../words/words.js';
import { WATER_TEST_PROBLEM } from '../../words/stove/waterTestWords.js';
import { NumberField } from '../../ui/controls/NumberField.js';
import { tenths, whole } from '../../words/measures/numbers.js';
import { newId } from '../../storage/newId.js';
import { useKeptState } from '../../stores/session/persisted.js';
import * as w from '../../words/screens/kitchen.js';

const MINUTES = { least: 1, most: 120, unit: 'min' } as const;
const SETTINGS = {
  high: HEAT.high,
  mediumHigh: HEAT.mediumHigh,
  medium: HEAT.medium,
  low: HEAT.low,
  veryLow: HEAT.veryLow,
};

/** Two weighings of a pot of water take the place of two guesses: what this ring gives, and what this lid loses. */
export function WaterTestScreen() {
  const { vessels, hobs, household, steamTests, keep } = useKitchen(
    useShallow(({ vessels, hobs, household, steamTests, keep }) => ({
      vessels,
      hobs,
      household,
      steamTests,
      keep,
    })),
  );
  const pots = vessels.filter((v) => v.kind === 'pot' || v.kind === 'pressureCooker');
  const [vesselId, setVessel] = useKeptState<string | undefined>('water.pot', undefined);
  const [hobId, setHob] = useKeptState<string | undefined>('water.ring', undefined);
  const [heat, setHeat] = useKeptState<HeatSetting>('water.heat', 'low');
  const [weights, setWeights] = useKeptState('water.weights', {
    before: Number.NaN,
    covered: Number.NaN,
    open: Number.NaN,
  });
  const [times, setTimes] = useKeptState('water.times', { coveredMin: 15, openMin: 5 });
  const [kept, setKept] = useState<string | undefined>(undefined);
  const vessel = pots.find((v) => v.id === vesselId) ?? pots[0];
  const hob = hobs.find((h) => h.id === hobId) ?? hobs[0];
  if (!vessel || !hob) {
    return (
      <section>
        <h1 className="m-0 text-[2rem] font-bold">{w.waterTest}</h1>
        <p>
          {w.itNeedsAPotAnd} <Link to="/kitchen">{w.putThemInTheKitchen}</Link> {w.first}
        </p>
      </section>
    );
  }
  const spec: VesselSpec = vessel;
  const ring = { kind: hob.kind, powerW: hob.powerW };
  const reading = {
    heat,
    coveredLossG: weights.before - weights.covered,
    openLossG: weights.covered - weights.open,
    ...times,
  };
  const weighed = Object.values(weights).every((g) => Number.isFinite(g) && g > 0);
  const upwards = weighed && (reading.coveredLossG < 0 || reading.openLossG < 0);
  const found = weighed && !upwards ? readWaterTest(reading, spec, ring, household) : undefined;
  const problem = upwards
    ? w.aPotThatBoilsGets
    : found && 'problem' in found
      ? WATER_TEST_PROBLEM[found.problem]
      : undefined;
  const measured = found && !('problem' in found) ? found : undefined;
  const rate = (lid: 'on' | 'off', on: readonly NonNullable<typeof measured>[]): string => {
    const { vessel: v, hob: h } = withMeasured(
      spec,
      ring,
      on.map((m) => ({ ...m, heat })),
    );
    const at = { vessel: v, hob: h, roomC: household.roomC, boil: boilAt(household.altitudeM) };
    return tenths(boilingSteamRate(at, { heat, lid }));
  };
  const weigh = (key: keyof typeof weights) => (g: number) => {
    setWeights({ ...weights, [key]: g });
    setKept(undefined);
  };
  const same = steamTests.find((t) => t.vesselId === vessel.id && t.hobId === hob.id && t.heat === heat);
  return (
    <div className="flex flex-col gap-5">
      <header>
        <h1 className="m-0 text-[2rem] leading-tight font-bold">{w.waterTest}</h1>
        <p className="m-0 max-w-4xl text-[1.1rem]">{w.howMuchSteamThisPot}</p>
      </header>
      <p className="m-0 leading-[3.1rem]">
        {w.the}{' '}
        <Pick
          label={w.pot}
          value={vessel.id}
          options={pots.map((v) => ({ value: v.id, label: v.label }))}
          onChange={setVessel}
        />{' '}
        {w.onThe}{' '}
        <Pick
          label={w.burner}
          value={hob.id}
          options={hobs.map((h) => ({ value: h.id, label: h.label }))}
          onChange={setHob}
        />{' '}
        {w.at}{' '}
        <Pick
          label={w.setting}
          value={heat}
          options={optionsOf(SETTINGS as Readonly<Record<HeatSetting, string>>)}
          onChange={setHeat}
        />
        .
      </p>
      <div className="grid gap-x-12 gap-y-6 lg:grid-cols-2">
        <ol className="m-0 flex list-none flex-col gap-4 p-0">
          <Step
            n={1}
            words="Put 500 g of water in, lid on, to a full boil. Turn to the setting. Weigh pot, lid and water."
          >
            <Weight label={w.itWeighs} value={weights.before} onChange={weigh('before')} />
          </Step>
          <Step n={2} words={w.lidOnLeaveItMin(times.coveredMin)}>
            <Weight label={w.itWeighsNow} value={weights.covered} onChange={weigh('covered')} />
            <NumberField
              label={w.after}
              unit={MINUTES.unit}
              value={times.coveredMin}
              onChange={(coveredMin) => setTimes({ ...times, coveredMin })}
            />
          </Step>
          <Step n={3} words={w.backToTheBoilLid(times.openMin)}>
            <Weight label={w.andNow} value={weights.open} onChange={weigh('open')} />
            <NumberField
              label={w.after}
              unit={MINUTES.unit}
              value={times.openMin}
              onChange={(openMin) => setTimes({ ...times, openMin })}
            />
          </Step>
        </ol>
        <div className="flex flex-col gap-6">
          {problem !== undefined && (
            <p role="alert" className="m-0 text-ember">
              {problem}
            </p>
          )}
          {!measured && problem === undefined && (
            <p className="m-0 text-faint">{w.whatTheThreeWeightsChange}</p>
          )}
          {measured && (
            <section className="hung" aria-labelledby="found">
              <h2 id="found" className="m-0 text-[1.35rem] font-bold">
                {w.whatThatChanges}
              </h2>
              <table className="mt-1 w-full max-w-2xl border-collapse">
                <thead>
                  <tr className="text-left text-faint">
                    <th className="font-normal">{w.ofThisPotAndBurner}</th>
                    <th className="font-normal">{w.takenUntilNow}</th>
                    <th className="font-normal">{w.measured}</th>
                  </tr>
                </thead>
                <tbody>
                  <Change
                    what={w.theBurnerGivesOn(HEAT[heat])}
                    was={`${whole(hob.powerW[heat])} W`}
                    now={`${whole(measured.powerW)} W`}
                  />
                  <Change
                    what={w.steamWithTheLidOn}
                    was={w.gAMinute(rate('on', []))}
                    now={w.gAMinute(rate('on', [measured]))}
                  />
                  <Change
                    what={w.steamWithTheLidOff}
                    was={w.gAMinute(rate('off', []))}
                    now={w.gAMinute(rate('off', [measured]))}
                  />
                </tbody>
              </table>
              <p className="mt-3 mb-0 flex flex-wrap items-center gap-4">
                <Button
                  weight="act"
                  onClick={() => {
                    const label = w.onThe2(vessel.label, hob.label, HEAT[heat]);
                    keep('steamTests', same?.id ?? newId(), {
                      label,
                      vesselId: vessel.id,
                      hobId: hob.id,
                      ...reading,
                    });
                    setKept(label);
                  }}
                >
                  {w.cookByWhatWasMeasured}
                </Button>
                <span role="status">{kept === undefined ? '' : w.keptEveryAnswerForThe(kept)}</span>
              </p>
            </section>
          )}
          <MeasuredSoFar />
        </div>
      </div>
    </div>
  );
}
