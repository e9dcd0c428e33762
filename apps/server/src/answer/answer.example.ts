/** The example of the API document and of docs/api.md; a test sends it. */
export const ANSWER_EXAMPLE = {
  grainId: 'longGrainWhite',
  grain: { text: '1 1/2 cups' },
  toast: 'opaque',
  ingredients: [
    { ingredientId: 'onion', amount: { count: 1 }, state: 'translucent' },
    { ingredientId: 'butter', amount: { g: 25 } },
  ],
  pourWith: 'stockChicken',
  timing: { openBoilMin: 5, openBoilHeat: 'mediumHigh', coveredMin: 15 },
  vessel: { diameterCm: 22, volumeMl: 4000, lid: 'wellFitting', wall: 'thin' },
  hob: { kind: 'gas' },
  altitudeM: 0,
  texture: 2,
} as const;
