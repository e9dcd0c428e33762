import { grainById, minutesOf, turnedMinutes } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { useDraft } from '../../stores/plan/draft.js';
import { Pick } from '../../ui/controls/Pick.js';
import type { HowProps } from './sentence/howProps.js';
import { minutes, withOwn } from './sentence/minutes.js';
import * as w from '../../words/screens/pour.js';

const OPEN_BOILS = [0, 2, 3, 4, 5, 7, 10];
const COVERED = [10, 12, 15, 18, 20, 25, 30, 40, 50];
const RESTS = [0, 5, 8, 10, 15];
const set = (change: Partial<DishSpec>): void => useDraft.getState().setSpec(change);

/** The times that shape this method, each with the method's own as its default. */
export function Times(spec: HowProps) {
  const method = spec.method ?? 'coveredAbsorption';
  const timing = spec.timing ?? {};
  const grain = grainById(spec.grainId ?? '');
  // A grain that is not known yet has no times.
  if (!grain) return null;
  // As the plan itself has them, the cook's own and the method's.
  const plan = minutesOf(method, { grain, soakMin: spec.soakMin ?? 0, crust: spec.crust ?? false, timing });
  const retime = (change: typeof timing) => set({ timing: { ...timing, ...change } });
  const time = (
    label: string,
    list: readonly number[],
    value: number,
    none: string,
    key: keyof typeof timing,
  ) => (
    <Pick
      label={label}
      value={value.toString()}
      options={minutes(withOwn(list, value), none)}
      onChange={(v) => retime({ [key]: Number(v) })}
    />
  );
  const covered = (
    <>
      {w.covered} {time(w.minutesCovered, COVERED, plan.coveredMin, '', 'coveredMin')}
    </>
  );
  const rested = (
    <>
      {w.rested} {time(w.rest, RESTS, plan.restMin, w.notAtAll, 'restMin')}
    </>
  );
  switch (method) {
    case 'coveredAbsorption':
    case 'liquidFirst':
      return (
        <>
          {w.boiledOpen} {time(w.openBoil, OPEN_BOILS, plan.openBoilMin, w.notAtAll, 'openBoilMin')}
          {covered}
          {rested}
        </>
      );
    case 'boilDown':
      return (
        <>
          {w.boiledOpenUntilHolesShow}
          {covered}
          {rested}
        </>
      );
    case 'absorbButter':
      return (
        <>
          {w.boiledOpenUntilAbsorbed}
          {covered}
          {rested}
        </>
      );
    case 'stewSteam':
      return (
        <>
          {w.covered}{' '}
          <Pick
            label={w.minutesCovered}
            value={plan.coveredMin.toString()}
            options={withOwn(COVERED, plan.coveredMin).map((m) => ({
              value: m.toString(),
              label: w.minTurnedOverMore(turnedMinutes(m)),
            }))}
            onChange={(v) => retime({ coveredMin: Number(v) })}
          />
          {rested}
        </>
      );
    case 'fryDry':
      return (
        <>
          {covered}
          {rested}
        </>
      );
    case 'pressureCooker': {
      const whistles = timing.whistles ?? 0;
      return (
        <>
          {w.forWord}{' '}
          <Pick
            label={w.whistles}
            value={whistles.toString()}
            options={[0, 1, 2, 3, 4, 5, 6].map((n) => ({
              value: n.toString(),
              label: n === 0 ? w.minutesNotWhistles : `${n.toString()} ${n === 1 ? 'whistle' : 'whistles'}`,
            }))}
            onChange={(v) => retime({ whistles: Number(v) })}
          />
          {w.thenLow}{' '}
          {time(w.minutesAtPressure, [0, 3, 5, 8, 12, 20], plan.pressureMin, w.notAtAll, 'pressureMin')}
        </>
      );
    }
    case 'multiCooker':
      return (
        <>
          ;{' '}
          <Pick
            label={w.mode}
            value={timing.slow ?? 'pressure'}
            options={[
              { value: 'pressure', label: w.underPressure },
              { value: 'high', label: w.slowHigh },
              { value: 'low', label: w.slowLow },
            ]}
            onChange={(v) => set({ timing: v === 'pressure' ? {} : { slow: v } })}
          />
          {timing.slow === undefined ? (
            <> {time(w.minutesAtPressure, [3, 4, 6, 8, 12, 20, 25], plan.pressureMin, '', 'pressureMin')}</>
          ) : (
            <>
              {covered}
              {rested}
            </>
          )}
        </>
      );
    case 'riceCooker':
      return (
        <>
          {w.leftOnAfterItFlips} {time(w.keptOn, [0, 5, 10, 15, 20], plan.keptOnMin, w.notAtAll, 'keptOnMin')}
          {rested}
        </>
      );
  }
}
