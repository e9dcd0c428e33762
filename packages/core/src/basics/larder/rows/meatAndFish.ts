import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Meat, poultry, fish and seafood. Natural units are common practice †. */
export const MEAT_AND_FISH: readonly Ingredient[] = [
  row('chickenThigh', 'Chicken thigh, skin on', 67.6, 14.2, 0.95, 'meat', 'ifct', {
    salt: 0.16,
    rawMeat: true,
    units: { thigh: 120, drumstick: 90, leg: 200, piece: 100 },
    also: 'chicken, chicken piece, chicken leg, chicken thigh, bone-in chicken, chicken leg quarter, chicken drumstick, chicken pieces, whole chicken',
  }),
  row('chickenBreast', 'Chicken breast', 74.8, 1.2, 0.95, 'meat', 'srLegacy', {
    salt: 0.16,
    rawMeat: true,
    units: { breast: 170 },
    also: 'chicken breast fillet',
  }),
  row('chickenWing', 'Chicken wing', 67.5, 13.8, 0.9, 'meat', 'ifct', {
    salt: 0.2,
    rawMeat: true,
    units: { wing: 85 },
  }),
  row('turkeyThigh', 'Turkey thigh', 72.2, 6.3, 0.95, 'meat', 'ifct', {
    salt: 0.13,
    rawMeat: true,
    also: 'turkey, turkey leg, turkey breast',
  }),
  row('duckMeat', 'Duck', 73.5, 6, 0.95, 'meat', 'ifct', {
    salt: 0.21,
    rawMeat: true,
    also: 'duck breast, duck leg',
  }),
  row('goatLeg', 'Goat leg', 68.8, 7.9, 0.95, 'meat', 'ifct', {
    salt: 0.11,
    rawMeat: true,
    also: 'goat, goat meat, mutton, mutton on the bone, goat shoulder, goat chop',
  }),
  row('lambShoulder', 'Lamb shoulder', 66.5, 14.3, 0.95, 'meat', 'ifct', {
    salt: 0.12,
    rawMeat: true,
    also: 'lamb, lamb leg, lamb chop, lamb shank, lamb neck, diced lamb, stewing lamb',
  }),
  row('lambMince', 'Lamb mince', 59.5, 23.4, 0.95, 'meat', 'srLegacy', {
    salt: 0.15,
    rawMeat: true,
    also: 'minced lamb, ground lamb',
  }),
  row('beefRound', 'Beef round', 68, 7.4, 0.95, 'meat', 'ifct', {
    salt: 0.1,
    rawMeat: true,
    also: 'beef, stewing beef, beef steak, diced beef, braising steak',
  }),
  row('beefMince', 'Beef mince', 61.9, 20, 0.95, 'meat', 'srLegacy', {
    salt: 0.17,
    rawMeat: true,
    also: 'minced beef, ground beef, mince',
  }),
  row('porkShoulder', 'Pork shoulder', 62.9, 18.8, 0.95, 'meat', 'ifct', {
    salt: 0.14,
    rawMeat: true,
    also: 'pork',
  }),
  row('bacon', 'Bacon, smoked', 40, 40, 0.9, 'meat', 'srLegacy', {
    salt: 2.6,
    rawMeat: true,
    also: 'bacon, lardon, smoked bacon, streaky bacon, back bacon, bacon lardon',
    units: { rasher: 25 },
  }),
  row('sausageSmoked', 'Sausage, smoked', 54, 28, 0.9, 'meat', 'srLegacy', {
    units: { sausage: 80, link: 80 },
    salt: 2.2,
    also: 'sausage, smoked sausage, chorizo, andouille, kielbasa, smoked pork sausage, frankfurter, hot dog',
  }),
  row('prawns', 'Prawns', 78, 1, 0.75, 'meat', 'srLegacy', {
    salt: 0.6,
    rawMeat: true,
    allergens: ['crustaceans'],
    units: { prawn: 15 },
    also: 'raw prawn, shrimp, king prawn, tiger prawn, peeled prawn, jumbo shrimp, raw shrimp',
  }),
  row('crab', 'Crab', 79.8, 1.4, 0.7, 'meat', 'ifct', {
    salt: 0.62,
    rawMeat: true,
    allergens: ['crustaceans'],
  }),
  row('squid', 'Squid', 80.6, 1.1, 0.9, 'meat', 'ifct', {
    salt: 0.45,
    rawMeat: true,
    allergens: ['molluscs'],
    also: 'calamari',
  }),
  row('mussels', 'Mussels, in the shell', 80.6, 2.2, 0.6, 'meat', 'srLegacy', {
    salt: 0.73,
    rawMeat: true,
    allergens: ['molluscs'],
    also: 'mussel',
  }),
  row('fishWhite', 'White fish', 78.4, 2.1, 0.95, 'meat', 'ifct', {
    units: { fillet: 130, piece: 130 },
    salt: 0.09,
    rawMeat: true,
    allergens: ['fish'],
    also: 'cod, haddock, tilapia, fish fillet, fish, white fish fillet, hake, pollock, catfish, snapper, sea bass, kingfish',
  }),
  row('fishOily', 'Oily fish', 67.8, 9.9, 0.95, 'meat', 'ifct', {
    units: { fillet: 130 },
    salt: 0.05,
    rawMeat: true,
    allergens: ['fish'],
    also: 'salmon, mackerel, sardine, tuna steak, trout, herring',
  }),
  row('fishSmoked', 'Fish, smoked or dried', 45, 6, 0.7, 'meat', 'label', {
    units: { fillet: 120, mackerel: 250 },
    salt: 7,
    allergens: ['fish'],
    also: 'smoked fish, dried fish, smoked mackerel, smoked haddock, kipper, smoked salmon',
  }),
];
