import type { VesselKind } from '@hammock/core';

/** What a kind of vessel is called. */
export const VESSEL_KIND: Readonly<Record<VesselKind, string>> = {
  pot: 'pot',
  pressureCooker: 'pressure cooker',
  multiCooker: 'multi-cooker',
  riceCooker: 'rice cooker',
};
