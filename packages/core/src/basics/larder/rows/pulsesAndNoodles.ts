import type { Ingredient } from '../composition.js';
import { row } from './row.js';

/** Pulses and noodles: they drink. Natural units are common practice †. */
export const PULSES_AND_NOODLES: readonly Ingredient[] = [
  row('lentilWhole', 'Lentils, whole', 9.2, 0.6, 0.83, 'wholePulse', 'ifct', {
    salt: 0.02,
    also: 'brown lentil, green lentil, whole lentil, lentil, whole masoor, brown lentils',
  }),
  row('lentilSplitRed', 'Lentils, split red', 9.7, 0.8, 0.83, 'splitPulse', 'ifct', {
    salt: 0.02,
    also: 'red lentil, split lentil, masoor, masoor dal, red split lentil, split red lentil',
  }),
  row('mungWhole', 'Mung beans, whole', 9.9, 1.1, 0.85, 'wholePulse', 'ifct', {
    salt: 0.04,
    also: 'mung bean, green gram, green moong, whole moong, sabut moong',
  }),
  row('mungSplit', 'Mung beans, split', 9.8, 1.4, 0.85, 'splitPulse', 'ifct', {
    salt: 0.03,
    also: 'split mung, moong dal, split moong, mung dal, yellow moong dal, yellow split mung, moong',
  }),
  row('chickpeaSplit', 'Chickpeas, split', 9.2, 5.3, 0.85, 'splitPulse', 'ifct', {
    salt: 0.05,
    also: 'split chickpea, chana dal, bengal gram, channa dal, split bengal gram, yellow split chickpea',
  }),
  row('pigeonPeaSplit', 'Pigeon peas, split', 9.2, 1.6, 0.85, 'splitPulse', 'ifct', {
    salt: 0.05,
    also: 'split pigeon pea, toor dal, arhar dal, tur dal, toovar dal',
  }),
  row('peasSplit', 'Peas, split dry', 9.3, 1.9, 0.83, 'splitPulse', 'ifct', {
    salt: 0.06,
    also: 'split pea, dried pea',
  }),
  row('pigeonPeas', 'Pigeon peas, whole', 9.3, 1.4, 0.83, 'wholePulse', 'ifct', {
    salt: 0.04,
    also: 'pigeon pea, gungo pea',
  }),
  row('cowpea', 'Cowpeas, whole', 9.4, 1.1, 0.8, 'wholePulse', 'ifct', {
    salt: 0.04,
    also: 'cowpea, black-eyed pea, black-eyed bean, black eye pea, black eyed pea, black eyed bean, lobia, honey bean',
  }),
  row('kidneyBeansTinned', 'Kidney beans, tinned, drained', 69, 0.6, 0.75, 'dry', 'srLegacy', {
    salt: 0.5,
    units: { tin: 240 },
    also: 'kidney bean, red bean, tinned kidney beans, cooked kidney bean, canned kidney bean, boiled kidney bean, boiled rajma',
  }),
  row('blackBeansTinned', 'Black beans, tinned, drained', 70, 0.5, 0.75, 'dry', 'srLegacy', {
    salt: 0.5,
    units: { tin: 240 },
    also: 'black bean, cooked black bean, canned black bean, tinned black bean',
  }),
  row('chickpeasTinned', 'Chickpeas, tinned, drained', 66.7, 2.8, 0.75, 'dry', 'srLegacy', {
    salt: 0.55,
    units: { tin: 240 },
    also: 'chickpea, garbanzo, tinned chickpeas, cooked chickpea, canned chickpea, boiled chickpea, boiled chana',
  }),
  row('cowpeasTinned', 'Cowpeas, tinned, drained', 72, 0.6, 0.75, 'dry', 'srLegacy', {
    salt: 0.5,
    units: { tin: 240 },
    also: 'tinned black-eyed peas',
  }),
  row('soyChunks', 'Soy chunks, dried', 6, 1, 0.2, 'soyChunk', 'label', {
    salt: 0.03,
    allergens: ['soy'],
    also: 'soy chunk, soya chunk, textured soy, soy mince, soya chunks, textured vegetable protein, meal maker, soya mince',
  }),
  row('tofuFirm', 'Tofu, firm', 70, 9, 0.8, 'dry', 'srLegacy', {
    salt: 0.04,
    allergens: ['soy'],
    also: 'tofu, bean curd, fried tofu, smoked tofu, silken tofu',
  }),
  row('noodlesShort', 'Noodles, short', 9.9, 1.5, 0.45, 'noodle', 'srLegacy', {
    salt: 0.02,
    allergens: ['gluten'],
    also: 'short noodle, broken spaghetti, orzo, pasta, noodle, rice shaped pasta, thin noodle, spaghetti broken, angel hair, short noodles, fideo',
  }),
  row('vermicelli', 'Vermicelli, wheat', 9.6, 0.5, 0.4, 'noodle', 'ifct', {
    units: { nest: 40 },
    salt: 0.01,
    allergens: ['gluten'],
    also: 'vermicelli, wheat vermicelli, broken vermicelli, roasted vermicelli, broken vermicelli noodles, seviyan, short vermicelli',
  }),
  row('vermicelliRice', 'Vermicelli, rice', 11.9, 0.6, 0.35, 'noodle', 'srLegacy', {
    salt: 0.46,
    also: 'rice noodle, rice vermicelli',
  }),
];
