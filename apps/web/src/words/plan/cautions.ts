import type { Caution, CautionCode } from '@hammock/core';
import { ALLERGEN } from '../words.js';

/** The usual cautions, in words. */
export const CAUTION: Readonly<Record<CautionCode, string>> = {
  allergens: 'Contains',
  rawMeat:
    'Raw meat or seafood: its own board, washed hands, cooked through. Probe temperatures are set by your local food authority.',
  pressure:
    'Pressure: grain never above half full, vent clear, ring in its place; let the pressure fall before you open. The maker’s manual comes first.',
  coverAtFlame:
    'Cloth, foil or paper at a flame: fold the corners up over the lid. Paper has a highest oven temperature on its packet.',
  turningOut: 'Turning it out: dry gloves, and a plate wider than the pot.',
  coals:
    'Coals: outdoors only, they give off a gas that kills and cannot be smelt. Long tongs, dry gloves, sand beside you.',
  nonStickHot: 'Non-stick: no high heat on a dry pan. The maker’s manual comes first.',
  hotFat: 'Hot fat burns and spits. Stay with it.',
  wetGrainInFat: 'Washed grain spits in hot fat: drain it well and let it in gently.',
  hotChilli: 'Hot chillies: gloves, and keep your hands from your eyes.',
  wholeSpices: 'Whole spices stay hard: take them out or point them out.',
  lowSodiumSalt:
    'Low-sodium salt is part potassium chloride: with kidney disease or some medicines, ask a clinician first.',
  steamBurn: 'Open the lid away from you.',
  leftovers:
    'Leftovers: spread shallow, cool within an hour or two, keep at 5 °C or below, reheat once until steaming. Your local food-safety rules come first.',
};

/** A caution as it is said; allergens by their names. */
export const cautionText = ({ code, allergens }: Caution): string =>
  allergens
    ? `${CAUTION[code]} ${allergens.map((a) => ALLERGEN[a]).join(', ')}. Packets vary: read them.`
    : CAUTION[code];
