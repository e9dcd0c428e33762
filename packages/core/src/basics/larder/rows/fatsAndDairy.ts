import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Fats and dairy. The water of a frying fat is gone before the liquid goes in. Natural units are common practice †. */
export const FATS_AND_DAIRY: readonly Ingredient[] = [
  row('butter', 'Butter', 16.2, 81.1, 0.95, 'fat', 'srLegacy', {
    salt: 0.03,
    allergens: ['milk'],
    also: 'unsalted butter, vegan butter',
  }),
  row('butterSalted', 'Butter, salted', 15.9, 81.1, 0.95, 'fat', 'srLegacy', {
    salt: 1.6,
    allergens: ['milk'],
    also: 'salted butter',
  }),
  row('ghee', 'Ghee', 0.2, 99.5, 0.92, 'fat', 'srLegacy', {
    allergens: ['milk'],
    also: 'clarified butter, desi ghee, butter ghee, vanaspati',
  }),
  row('oil', 'Oil', 0, 100, 0.92, 'fat', 'srLegacy', {
    also: 'vegetable oil, sunflower oil, rapeseed oil, cooking oil, groundnut oil, corn oil, canola oil, neutral oil, avocado oil, soybean oil, flavourless oil',
  }),
  row('oilOlive', 'Olive oil', 0, 100, 0.91, 'fat', 'srLegacy', { also: 'extra virgin olive oil' }),
  row('oilPalm', 'Palm oil, red', 0, 100, 0.92, 'fat', 'srLegacy', { also: 'palm oil, red palm oil' }),
  row('oilMustard', 'Mustard oil', 0, 100, 0.92, 'fat', 'ifct', { allergens: ['mustard'] }),
  row('lard', 'Lard', 0, 100, 0.92, 'fat', 'srLegacy', { also: 'dripping, pork fat, bacon fat, pork lard' }),
  row('margarine', 'Margarine', 16.5, 80.2, 0.95, 'fat', 'srLegacy', { salt: 1.6, allergens: ['milk'] }),
  row('yoghurt', 'Yoghurt, whole', 87.9, 3.3, 1.03, 'cultured', 'srLegacy', {
    salt: 0.12,
    allergens: ['milk'],
    also: 'yoghurt, yogurt, curd, plain yoghurt, natural yoghurt, natural yogurt, dahi, full fat yogurt',
  }),
  row('yoghurtStrained', 'Yoghurt, strained', 81.3, 5, 1.05, 'cultured', 'srLegacy', {
    salt: 0.09,
    allergens: ['milk'],
    also: 'greek yoghurt, strained yoghurt, greek yogurt, strained yogurt, hung curd',
  }),
  row('buttermilk', 'Buttermilk', 90.1, 0.9, 1.03, 'cultured', 'srLegacy', {
    salt: 0.5,
    allergens: ['milk'],
  }),
  row('creamDouble', 'Cream, double', 58, 36, 0.99, 'cultured', 'srLegacy', {
    salt: 0.07,
    allergens: ['milk'],
    also: 'heavy cream, double cream, cream, whipping cream, cooking cream, fresh cream',
  }),
  row('evaporatedMilk', 'Evaporated milk', 74, 7.6, 1.07, 'liquid', 'srLegacy', {
    salt: 0.27,
    allergens: ['milk'],
    units: { tin: 410 },
  }),
  row('milkPowder', 'Milk powder', 2.5, 26.7, 0.5, 'dry', 'srLegacy', {
    salt: 0.94,
    allergens: ['milk'],
    also: 'powdered milk',
  }),
  row('paneer', 'Paneer', 52, 14.8, 0.7, 'browning', 'ifct', {
    also: 'paneer cubes, cottage cheese indian',
    salt: 0.05,
    allergens: ['milk'],
  }),
  row('feta', 'Feta', 55.2, 21.3, 0.65, 'dry', 'srLegacy', {
    also: 'feta cheese',
    salt: 2.9,
    allergens: ['milk'],
  }),
  row('hardCheese', 'Hard cheese, grated', 30, 28, 0.4, 'dry', 'srLegacy', {
    salt: 3,
    allergens: ['milk'],
    also: 'parmesan, grated cheese, parmesan cheese, pecorino, grated parmesan, manchego',
  }),
  row('egg', 'Egg', 76.2, 9.5, 1.03, 'dry', 'srLegacy', {
    also: 'eggs, hard boiled egg, boiled egg',
    salt: 0.36,
    allergens: ['eggs'],
    units: { egg: 50 },
  }),
];
