import type { DishSpec } from '@hammock/core/records';

const FIELDS = [
  'grainId',
  'wash',
  'soakMin',
  'soakWaterC',
  'drain',
  'sieveMin',
  'soakWater',
  'toast',
  'liquidTempC',
  'timing',
  'texture',
  'method',
  'stages',
  'crust',
] as const;
type Fields = (typeof FIELDS)[number];
export type HowProps = { readonly [K in Fields]: DishSpec[K] | undefined } & { readonly roomC: number };

/** The fields of a dish that this section shows, one by one, so that typing elsewhere does not draw it again. */
export const howProps = (spec: DishSpec): Omit<HowProps, 'roomC'> =>
  Object.fromEntries(FIELDS.map((f) => [f, spec[f]])) as unknown as Omit<HowProps, 'roomC'>;
