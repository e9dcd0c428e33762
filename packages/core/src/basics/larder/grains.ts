import { grain, type Grain } from './grain.js';
import { WHITE, LONG_AROMATIC, LOW_AMYLOSE, MEDIUM, PARBOILED, BROWN, SMALL, BULGUR } from './habits.js';

export type { Grain } from './grain.js';

/** The grains. Densities are of a levelled cup (every long grain 185 g per US customary cup: there is no published
 * figure by variety; medium 195, short 200) †. */
export const GRAINS: readonly Grain[] = [
  grain('longGrainWhite', 'Long-grain white rice', 11.6, 0.7, 0.782, WHITE, 'srLegacy', {
    cookedWater: 68.4,
    also: 'long grain, long grain white rice, long grain rice, white long grain rice, american long grain rice, carolina rice, patna rice, plain long grain',
  }),
  grain('mediumGrainWhite', 'Medium-grain white rice', 12.9, 0.6, 0.824, MEDIUM, 'srLegacy', {
    cookedWater: 68.6,
    also: 'medium grain rice, medium grain, medium grain white rice, calrose, calrose rice, egyptian rice, paella rice, baldo, vialone',
  }),
  grain('shortGrainWhite', 'Short-grain white rice', 13.3, 0.5, 0.845, LOW_AMYLOSE, 'srLegacy', {
    also: 'short grain, short grain white rice, short grain rice, sushi rice, round rice, pudding rice, japanese rice',
  }),
  grain('basmati', 'Basmati rice', 11.6, 0.7, 0.782, LONG_AROMATIC, 'srLegacy', {
    also: 'white basmati, basmati rice, aged basmati, long grain basmati, extra long basmati',
  }),
  grain('jasmine', 'Jasmine rice', 12, 0.6, 0.782, { ...LOW_AMYLOSE, scale: 'aromaticLow' }, 'srLegacy', {
    also: 'jasmine rice, thai rice, thai fragrant rice, fragrant rice, hom mali',
  }),
  grain(
    'brokenWhite',
    'Broken white rice',
    11.6,
    0.7,
    0.82,
    { ...WHITE, soakRatePerMin: 0.1, coveredMin: 12, longestSoakMin: 30 },
    'srLegacy',
    { also: 'broken rice, rice grits, middlings, broken jasmine' },
  ),
  grain('parboiledLong', 'Parboiled long-grain rice', 9.9, 1, 0.782, PARBOILED, 'srLegacy', {
    cookedWater: 70.4,
    also: 'parboiled, parboiled rice, converted rice, easy cook rice, long grain parboiled rice, parboiled long grain',
  }),
  grain('parboiledBasmati', 'Parboiled basmati rice', 9.9, 1, 0.782, PARBOILED, 'srLegacy', {
    also: 'sella, sella rice, golden sella, golden sella rice, sella basmati, cream sella, parboiled basmati, golden sella basmati',
  }),
  grain('brownLong', 'Brown long-grain rice', 11.8, 3.2, 0.782, BROWN, 'srLegacy', {
    cookedWater: 70.3,
    also: 'long grain brown rice, brown long grain rice, wholegrain long grain rice',
  }),
  grain('brownMedium', 'Brown medium-grain rice', 12.4, 2.7, 0.805, BROWN, 'srLegacy', {
    also: 'medium grain brown rice, short grain brown rice, brown short grain rice, brown sushi rice',
  }),
  grain('brownBasmati', 'Brown basmati rice', 11.8, 3.2, 0.782, BROWN, 'srLegacy', {
    also: 'wholegrain basmati, brown basmati rice',
  }),
  grain('millet', 'Millet', 8.7, 4.2, 0.845, SMALL, 'srLegacy', {
    cookedWater: 71.4,
    also: 'proso millet, yellow millet, pearl millet, bajra, millet grain',
  }),
  grain('littleMillet', 'Little millet', 11.4, 3.9, 0.845, SMALL, 'ifct', {
    also: 'samai, little millet rice, kutki',
  }),
  grain('bulgur', 'Bulgur, coarse', 9, 1.3, 0.6, BULGUR, 'srLegacy', {
    cookedWater: 77.8,
    allergens: ['gluten'],
    also: 'bulgur, bulgur wheat, coarse bulgur, bulghur, burghul, bulgar wheat, pilaf bulgur',
  }),
  grain(
    'pearlBarley',
    'Pearl barley',
    10.1,
    1.2,
    0.845,
    { ...BROWN, soakedW: 0.55, soakRatePerMin: 0.012, textureShift: 0.5 },
    'srLegacy',
    {
      cookedWater: 68.8,
      allergens: ['gluten'],
      also: 'barley, pearled barley, pot barley, pearl spelt, pearled farro, farro, spelt',
    },
  ),
  grain(
    'smallOvalAromatic',
    'Small oval aromatic rice',
    11.6,
    0.6,
    0.83,
    { ...WHITE, coveredMin: 12 },
    'practice',
    {
      also: 'small aromatic rice, short aromatic rice',
    },
  ),
  grain('sonaMasoori', 'Sona masoori rice', 11.6, 0.6, 0.8, { ...WHITE, coveredMin: 13 }, 'practice', {
    also: 'sona masuri, sona masoori, surti kolam, kolam rice raw, ponni raw rice, raw rice, swarna',
  }),
  grain('bomba', 'Bomba rice', 13, 0.6, 0.83, { ...WHITE, coveredMin: 18 }, 'practice', {
    also: 'bomba, calasparra rice, valencia rice',
  }),
  grain('arborio', 'Arborio rice', 13, 0.6, 0.83, { ...MEDIUM, coveredMin: 16 }, 'practice', {
    also: 'arborio, carnaroli, risotto rice',
  }),
  grain(
    'matta',
    'Matta rice, red parboiled',
    11,
    1.5,
    0.78,
    { ...PARBOILED, coveredMin: 35, uptakePerMin: 0.04, soakRatePerMin: 0.012, longestSoakMin: 480 },
    'practice',
    { also: 'matta, red matta, rosematta, palakkadan matta, kerala red rice' },
  ),
  grain('kodoMillet', 'Kodo millet', 14.2, 2.6, 0.83, SMALL, 'ifct', { also: 'kodo, varagu, kodra' }),
  grain('barnyardMillet', 'Barnyard millet', 10, 3, 0.83, SMALL, 'practice', {
    also: 'barnyard, kuthiraivali, sanwa, samo, sama ke chawal',
  }),
  grain('redRice', 'Red rice', 11.5, 2.6, 0.79, BROWN, 'practice', {
    also: 'red rice, camargue red rice, himalayan red rice',
  }),
  grain('blackRice', 'Black rice', 11.8, 3.2, 0.8, BROWN, 'practice', {
    also: 'black rice, forbidden rice',
  }),
  grain('quinoa', 'Quinoa', 13.3, 6.1, 0.72, { ...SMALL, coveredMin: 15 }, 'srLegacy', {
    cookedWater: 71.6,
    also: 'white quinoa, red quinoa, black quinoa, tricolour quinoa',
  }),
  grain(
    'fonio',
    'Fonio',
    10,
    1.5,
    0.76,
    { ...SMALL, uptakePerMin: 0.2, coveredMin: 6, textureShift: 2 },
    'practice',
    { also: 'fonio grain, acha' },
  ),
  grain('foxtailMillet', 'Foxtail millet', 11, 4, 0.83, SMALL, 'practice', {
    also: 'foxtail, thinai, kangni',
  }),
  grain('sorghum', 'Sorghum', 9, 1.7, 0.81, { ...BROWN, coveredMin: 50 }, 'ifct', {
    also: 'jowar, sorghum grain, whole sorghum, jowar grain',
  }),
  grain(
    'freekeh',
    'Freekeh, cracked',
    9,
    2.7,
    0.68,
    { ...BULGUR, textureShift: 3, coveredMin: 20 },
    'label',
    {
      allergens: ['gluten'],
      also: 'freekeh, cracked freekeh, frikeh',
    },
  ),
  grain(
    'wheatCracked',
    'Cracked wheat',
    10.6,
    1.5,
    0.67,
    { ...BULGUR, textureShift: 3, coveredMin: 18 },
    'ifct',
    {
      allergens: ['gluten'],
      also: 'broken wheat, dalia',
    },
  ),
  grain('bulgurFine', 'Bulgur, fine', 9, 1.3, 0.68, { ...BULGUR, coveredMin: 6 }, 'srLegacy', {
    allergens: ['gluten'],
    also: 'fine bulgur, fine bulgur wheat',
  }),
  grain(
    'buckwheat',
    'Buckwheat groats',
    8.4,
    2.7,
    0.72,
    { ...BULGUR, textureShift: 4, coveredMin: 15 },
    'srLegacy',
    {
      cookedWater: 75.6,
      also: 'buckwheat, kasha, roasted buckwheat',
    },
  ),
];
