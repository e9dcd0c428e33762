import {
  defaultPowers,
  HEATS,
  heatsItself,
  HOB_KINDS,
  LID_FITS,
  VESSEL_KINDS,
  WALLS,
  type HeatSetting,
  type HobSpec,
  type VesselSpec,
} from '../../basics/heat/equipment.js';
import { METHOD_VESSEL, type Method } from '../../basics/method/methods.js';
import { fieldsOf, type Checker } from './checker.js';
import { PLAN_DEFAULTS as D, type HobInput, type VesselInput } from './planInput.js';
import { RANGES } from './ranges.js';

/** The vessel of a plan, with its defaults; undefined when there is none at all. */
export function vesselOf(c: Checker, input: VesselInput | undefined, method: Method): VesselSpec | undefined {
  // The check is for callers without types: the whole plan may be a stranger's JSON.
  if (typeof input !== 'object' || (input as unknown) === null) return c.add('vessel', 'missing');
  const lidLoss = input.lidLossWPerM2K;
  return {
    diameterCm: c.required('vessel.diameterCm', input.diameterCm, RANGES.diameterCm),
    volumeMl: c.required('vessel.volumeMl', input.volumeMl, RANGES.volumeMl),
    lid: c.choice('vessel.lid', input.lid, D.lid, LID_FITS),
    wall: c.choice('vessel.wall', input.wall, D.wall, WALLS),
    kind: c.choice('vessel.kind', input.kind, METHOD_VESSEL[method], VESSEL_KINDS),
    ...(c.flag('vessel.nonStick', input.nonStick, false) ? { nonStick: true } : {}),
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
  const defaults = defaultPowers(vessel ?? { kind: 'pot', volumeMl: 0, diameterCm: 0 });
  // A pot that heats itself does not mind which ring it would have stood on.
  if (own && kind !== 'builtIn') return { kind: 'builtIn', powerW: defaults };
  const powers = fieldsOf(input.powerW);
  const powerW = { ...defaults } as Record<HeatSetting, number>;
  for (const setting of HEATS) {
    powerW[setting] = c.number(`hob.powerW.${setting}`, powers[setting], defaults[setting], RANGES.powerW);
  }
  const measured = Array.isArray(input.measured) ? HEATS.filter((s) => input.measured?.includes(s)) : [];
  return { kind, powerW, ...(measured.length === 0 ? {} : { measured }) };
}
