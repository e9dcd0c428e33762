import { RANGES } from '@hammock/core';
import type { VesselFields } from '@hammock/core/records';
import { newId } from '../../storage/newId.js';
import { useKitchen } from './kitchen.js';

/** A pot about half as high as wide (common practice), to the tenth of a litre, ml. */
export const usualMl = (diameterCm: number): number =>
  Math.round(((Math.PI / 8) * diameterCm ** 3) / 100) * 100;

/** Whether a pot can be so wide, cm. */
export const isWidth = (cm: number): boolean => cm >= RANGES.diameterCm.least && cm <= RANGES.diameterCm.most;

/** What is usual of a pot of which only the width is known. */
export const potOfWidth = (diameterCm: number, label: string): VesselFields => ({
  label,
  diameterCm,
  volumeMl: usualMl(diameterCm),
  lid: 'wellFitting',
  wall: 'thin',
  kind: 'pot',
});

/** Id of the household's pot of this width: one it has, or one that is added to the kitchen now. */
export function vesselOfWidth(cm: number): string {
  const { vessels, keep } = useKitchen.getState();
  const own = vessels.find((v) => v.kind === 'pot' && v.diameterCm === cm);
  if (own) return own.id;
  const id = newId();
  keep('vessels', id, potOfWidth(cm, `Pot of ${cm.toString()} cm`));
  return id;
}
