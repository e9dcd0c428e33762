/** The things of the demo household: docs/decisions/0002-demo-household.md. All invented. */

export const HOUSEHOLD = {
  name: 'Upper Station, Tarn Line',
  altitudeM: 1640,
  roomC: 19,
  texture: 2,
  served: 'plain',
  metric: false,
};

export const BAGS = [
  ['longGrainWhite', 'Valley sack, long grain', 'Drinks more since the thaw.'],
  ['jasmine', 'Tin of jasmine', ''],
  ['parboiledLong', 'Winter store, parboiled', 'Hard to spoil. For the long shifts.'],
  ['basmati', 'Festival basmati', 'Half an hour in water, no more.'],
  ['brownLong', 'Snowed-in brown', 'Takes its time. So do we.'],
  ['parboiledBasmati', 'Cable-house sella', 'Long soak, stays long.'],
];
/** Days ago each bag was opened. */
export const OPENED = [47, 20, 110, 31, 9, 26];
export const VESSELS = [
  ['Blue enamel pot', 22, 4000, 'wellFitting', 'thin'],
  ['Mess kettle', 26, 7000, 'loose', 'thin'],
  ['Winch-house casserole', 28, 6000, 'tight', 'heavy'],
  ['Old whistler', 22, 5000, 'tight', 'heavy', 'pressureCooker'],
  ['Night-shift cooker', 21, 3000, 'wellFitting', 'thin', 'riceCooker'],
  ['Signal-box multi', 22, 6000, 'tight', 'thin', 'multiCooker'],
];
export const HOBS = [
  [
    'gas ring by the window',
    'gas',
    { high: 1050, mediumHigh: 820, medium: 500, low: 200, veryLow: 130, off: 0 },
  ],
  [
    'plate in the winch house',
    'electric',
    { high: 1200, mediumHigh: 900, medium: 560, low: 240, veryLow: 160, off: 0 },
  ],
  [
    'induction slab, summit kiosk',
    'induction',
    { high: 1500, mediumHigh: 1050, medium: 600, low: 260, veryLow: 120, off: 0 },
  ],
];
/** Pot on hob at a setting, lost covered in min, open in min: weighed on a slow Sunday. */
export const STEAM_TESTS = [[0, 0, 'low', 57, 15, 23, 5]];
export const INGREDIENTS = [
  ['Tarn jar, red', { like: 'tomatoPuree', body: 'thicker', salt: 0.9 }],
  ['Goat curd from the hut', { like: 'yoghurt', body: 'thicker' }],
];
const STAGE = (id, act, heat, lid, end, more = {}) => ({ id, act, heat, lid, end, ...more });
export const METHODS = [
  [
    'Double cloth, wrapped',
    'boilDown',
    [
      STAGE('boil', 'boil', 'high', 'off', { kind: 'sign', sign: 'boilAllOver', expectMin: 6 }),
      STAGE('down', 'boilDown', 'mediumHigh', 'off', { kind: 'sign', sign: 'holes', expectMin: 6 }),
      STAGE('steam', 'steam', 'veryLow', 'cloth', { kind: 'minutes', minutes: 10 }, { spreader: true }),
      STAGE('wrapped', 'rest', 'off', 'cloth', { kind: 'minutes', minutes: 20 }, { insulated: true }),
    ],
  ],
];
export const CUPS = [
  ['cup', 'cup', 250, ['1', '3/4', '1/2', '1/3', '1/4'], null],
  ['tbsp', 'spoon', 15, ['1', '1/2'], null],
  ['tsp', 'spoon', 5, ['1', '1/2', '1/4'], null],
  ['jug', 'jug', 1000, ['1'], 50],
];

/** dish, bag, pot, hob, days ago, poured over advised, verdict, base, note for next time. */
export const COOKS = [
  [0, 0, 0, 0, 39, 1.18, 5, 'clean', 'The old two-to-one. Never again up here.'],
  [1, 2, 1, 0, 36, 0.88, 2, 'dark', 'Kettle lid leaks. Cloth under it.'],
  [2, 1, 0, 0, 31, 1.1, 4, 'clean', 'A finger less water.'],
  [0, 0, 0, 0, 27, 1.06, 4, 'golden', ''],
  [3, 3, 0, 0, 24, 1.0, 3, 'clean', 'Soak timed by the noon car. Good.'],
  [1, 2, 2, 1, 20, 0.98, 3, 'golden', 'Casserole holds it. Keep this.'],
  [2, 1, 0, 0, 17, 1.0, 3, 'clean', ''],
  [0, 0, 2, 1, 13, 0.93, 2, 'clean', 'Three minutes longer covered.'],
  [3, 3, 0, 0, 10, 1.04, 4, 'clean', 'Sieve it, do not just shake.'],
  [1, 2, 1, 0, 7, 1.02, 3, 'golden', 'Cloth under the lid does it.'],
  [0, 0, 0, 0, 4, 1.0, 3, 'golden', 'Just so. Six of us, none left.'],
  [2, 1, 0, 0, 2, 1.0, 3, 'clean', 'Ginger in a cloth, easier to lift out.'],
  [3, 3, 0, 0, 1, 1.0, 3, 'clean', ''],
  [4, 3, 3, 0, 35, 1.12, 4, 'clean', 'Two whistles are enough.'],
  [4, 3, 3, 0, 22, 1.0, 3, 'clean', ''],
  [5, 3, 2, 1, 33, 0.9, 2, 'golden', 'Holes came late. Cover a minute later.'],
  [5, 3, 2, 1, 15, 1.0, 3, 'golden', 'The goat had its own pot. Right.'],
  [6, 5, 2, 1, 29, 1.0, 4, 'dark', 'Ladle more out.'],
  [6, 5, 2, 1, 8, 1.0, 3, 'golden', ''],
  [7, 2, 2, 0, 25, 1.0, 3, 'golden', 'Four rounds, as ever.'],
  [8, 3, 0, 0, 30, 0.95, 2, 'burnt', 'Butter sooner, heat lower.'],
  [8, 3, 0, 2, 12, 1.0, 3, 'golden', 'Came out in one piece.'],
  [9, 0, 4, 0, 28, 1.0, 4, 'clean', 'A little less for the noodles.'],
  [9, 0, 4, 0, 18, 1.0, 3, 'clean', ''],
  [9, 0, 4, 0, 6, 1.0, 3, 'clean', ''],
  [10, 4, 5, 0, 14, 1.0, 3, 'clean', 'Nobody missed the white.'],
  [11, 5, 0, 0, 11, 1.0, 4, 'clean', 'The prawns bring more than you think.'],
];
