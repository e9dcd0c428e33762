import type { HouseholdFields } from '@hammock/core/records';

/**
 * A household that nobody has said anything of yet: what the first migration writes, and what erasing everything leaves.
 * The type demands every field there is, so that a new one is erased too.
 */
export const FIRST_DAY: Required<HouseholdFields> = {
  name: 'Our kitchen',
  altitudeM: 0,
  roomC: 20,
  fingerMm: null,
  texture: 2,
  softerSteps: null,
  textureNames: null,
  packets: null,
  people: null,
  told: null,
  served: 'plain',
  metric: false,
};

/** Fields that a device of an earlier version does not know: one that does not speak of them leaves them as they are. */
type LaterField = {
  [K in keyof HouseholdFields]-?: undefined extends HouseholdFields[K] ? K : never;
}[keyof HouseholdFields];

const later = (names: Readonly<Record<LaterField, true>>): readonly LaterField[] =>
  Object.keys(names) as LaterField[];

/** Their names; the type demands each of them. */
export const LATER_FIELDS = later({
  fingerMm: true,
  softerSteps: true,
  textureNames: true,
  packets: true,
  people: true,
  told: true,
});
