/** What the plots show, from above. */
export const TITLES = ['moisture, %', 'cooked through, %', 'heat, °C', 'water, g'] as const;
/** Where there is no room beside the lines their names stand above them. */
export const NARROW_TITLES = [
  'moisture, %: lower ···, middle —, upper - -',
  'cooked through, %, the least done bed',
  'heat, °C: pot —, bottom - -',
  'water, g: free —, gone as steam - -',
] as const;
/** The same for two courses, one whole and one broken line each. */
export const NARROW_PAIR_TITLES = [
  'moisture of the middle bed, %',
  'cooked through, %, the least done bed',
  'heat, °C: the pot, and the bottom above it',
  'water, g: free falls, gone as steam rises',
] as const;
