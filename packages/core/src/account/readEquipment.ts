import { defaultPowers, heatsItself, type HobSpec, type VesselSpec } from '../heat/equipment.js';
import { METHOD_VESSEL, type Method } from '../method/methods.js';
import { fieldsOf, type Checker } from './checker.js';
import { PLAN_DEFAULTS as D, type HobInput, type VesselInput } from './planInput.js';
import { RANGES } from './ranges.js';

const LIDS = ['loose', 'wellFitting', 'tight'] as const;
const WALLS = ['thin', 'heavy'] as const;
const KINDS = ['pot', 'pressureCooker', 'multiCooker', 'riceCooker'] as const;
const HOB_KINDS = ['gas', 'electric', 'induction', 'builtIn'] as const;
export const SETTINGS = ['high', 'mediumHigh', 'medium', 'low', 'veryLow', 'off'] as const;

/** The vessel of a plan, with its defaults; undefined when there is none at all. */
export function vesselOf(c: Checker, input: VesselInput | undefined, method: Method): VesselSpec | undefined {
  // The check is for callers without types: the whole plan may be a stranger's JSON.
  if (typeof input !== 'object' || (input as unknown) === null) return c.add('vessel', 'missing');
  const lidLoss = input.lidLossWPerM2K;
  return {
    diameterCm: c.required('vessel.diameterCm', input.diameterCm, RANGES.diameterCm),
    volumeMl: c.required('vessel.volumeMl', input.volumeMl, RANGES.volumeMl),
    lid: c.choice('vessel.lid', input.lid, D.lid, LIDS),
    wall: c.choice('vessel.wall', input.wall, D.wall, WALLS),
    kind: c.choice('vessel.kind', input.kind, METHOD_VESSEL[method], KINDS),
    ...(lidLoss === undefined
      ? {}
      : { lidLossWPerM2K: c.required('vessel.lidLossWPerM2K', lidLoss, RANGES.lidLoss) }),
  };
}

/** The heat under the vessel: its own heater where it has one, else the hob that is given. */
export function hobOf(c: Checker, given: HobInput | undefined, vessel: VesselSpec | undefined): HobSpec {
  const input = fieldsOf(given);
  const kind = c.choice('hob.kind', input.kind, D.hobKind, HOB_KINDS);
  const own = vessel !== undefined && heatsItself(vessel.kind);
  const defaults = defaultPowers(vessel ?? { kind: 'pot', volumeMl: 0 });
  // A pot that heats itself does not mind which ring it would have stood on.
  if (own && kind !== 'builtIn') return { kind: 'builtIn', powerW: defaults };
  const powers = fieldsOf(input.powerW);
  const powerW = { ...defaults } as Record<(typeof SETTINGS)[number], number>;
  for (const setting of SETTINGS) {
    powerW[setting] = c.number(`hob.powerW.${setting}`, powers[setting], defaults[setting], RANGES.powerW);
  }
  const measured = Array.isArray(input.measured) ? SETTINGS.filter((s) => input.measured?.includes(s)) : [];
  return { kind, powerW, ...(measured.length === 0 ? {} : { measured }) };
}
