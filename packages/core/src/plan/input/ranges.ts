/** A range a field must lie in, with its unit. */
export interface Range {
  readonly least: number;
  readonly most: number;
  readonly unit: string;
}

/** Every numeric field of a plan: the widest range a kitchen can mean. */
export const RANGES = {
  amountG: { least: 0, most: 100_000, unit: 'g' },
  grainG: { least: 10, most: 5000, unit: 'g' },
  fingerMm: { least: 5, most: 60, unit: 'mm' },
  /** One standard deviation of an amount that was not measured, as a share. */
  spread: { least: 0, most: 1, unit: '' },
  ingredientG: { least: 0.001, most: 10_000, unit: 'g' },
  soakMin: { least: 0, most: 1440, unit: 'min' },
  waterC: { least: 1, most: 100, unit: '°C' },
  sieveMin: { least: 0, most: 240, unit: 'min' },
  baseG: { least: 1, most: 20_000, unit: 'g' },
  ladledG: { least: 0, most: 20_000, unit: 'g' },
  pouredMl: { least: 0, most: 50_000, unit: 'ml' },
  leanMl: { least: -3000, most: 3000, unit: 'ml' },
  laterShare: { least: 0, most: 0.8, unit: 'of the pour' },
  lidLoss: { least: 0, most: 1500, unit: 'W/m²K' },
  pots: { least: 1, most: 6, unit: 'pots' },
  whistles: { least: 0, most: 15, unit: 'whistles' },
  stageCount: { least: 1, most: 15, unit: 'whistles' },
  per100G: { least: 0, most: 100, unit: 'g per 100 g' },
  densityGPerMl: { least: 0.05, most: 3, unit: 'g/ml' },
  sauceLeftG: { least: 0, most: 3000, unit: 'g' },
  diameterCm: { least: 10, most: 60, unit: 'cm' },
  volumeMl: { least: 300, most: 50_000, unit: 'ml' },
  powerW: { least: 0, most: 8000, unit: 'W' },
  altitudeM: { least: -430, most: 6000, unit: 'm' },
  roomC: { least: -10, most: 50, unit: '°C' },
  portions: { least: 1, most: 60, unit: 'people' },
  cupMl: { least: 50, most: 1000, unit: 'ml' },
  stageMin: { least: 0, most: 1440, unit: 'min' },
  besideMin: { least: 0, most: 1440, unit: 'min' },
  timedMin: { least: 1, most: 1440, unit: 'min' },
  learntPoints: { least: -15, most: 15, unit: 'points' },
  learntSpread: { least: 0.05, most: 1.5, unit: 'of the first doubt' },
  softerSteps: { least: -1, most: 1, unit: 'steps' },
  texture: { least: 1, most: 5, unit: 'step' },
  count: { least: 0.01, most: 1000, unit: 'pieces' },
  ml: { least: 0.01, most: 100_000, unit: 'ml' },
  cups: { least: 0.01, most: 400, unit: 'cups' },
} as const satisfies Record<string, Range>;

/** Most ingredients and stages one plan may hold. */
export const MOST_INGREDIENTS = 60;
export const MOST_STAGES = 40;
/** Most minutes all stages of one plan may take together: three days are more than any pot stands. */
export const MOST_MINUTES = 3 * 1440;
/** Most own ingredients one plan may carry. */
export const MOST_OWN = 60;
/** Most things made beside one pot. */
export const MOST_BESIDE = 8;
