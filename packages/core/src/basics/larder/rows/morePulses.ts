import { tableOf } from './table.js';

/** Pulses, bean curds and noodles beyond the ordinary. Tins are drained; pieces are common practice †. */
export const MORE_PULSES = tableOf(`
chickpeas | Chickpeas, dry | 8.6 5.1 0.07 | 0.8 | wholePulse | ifct | dried chickpea, dry chickpea, kabuli chana, kala chana, whole bengal gram
kidneyBeans | Kidney beans, dry | 9.9 1.8 0.03 | 0.78 | wholePulse | ifct | rajma, dried kidney bean, dry red beans, dried red bean
blackBeans | Black beans, dry | 8.7 1.6 0.02 | 0.78 | wholePulse | ifct | dried black bean, turtle bean
whiteBeans | White beans, dry | 11.3 0.9 0.04 | 0.78 | wholePulse | srLegacy | haricot bean, white bean, butter bean, cannellini, navy bean, borlotti, pinto bean, dried bean
whiteBeansTinned | White beans, tinned, drained | 70 0.4 0.4 | 0.7 | dry | label | tinned white bean, tinned haricot, cannellini beans tinned, tinned butter bean, cooked white bean | tin 240
lentilsTinned | Lentils, tinned, drained | 70 0.5 0.4 | 0.75 | dry | label | tinned lentil, cooked lentil, boiled lentil | tin 240
pigeonPeasTinned | Pigeon peas, tinned, drained | 70 0.8 0.6 | 0.65 | dry | label | tinned pigeon pea, gandules, tinned gungo peas | tin 240
blackGram | Black gram, whole | 8.7 1.6 0.07 | 0.82 | wholePulse | ifct | whole urad, sabut urad
blackGramSplit | Black gram, split | 9.2 1.7 0.05 | 0.82 | splitPulse | ifct | urad dal, urad, split black gram
horseGram | Horse gram | 9.3 0.6 0.03 | 0.82 | wholePulse | ifct | kulthi
mothBean | Moth beans | 8.1 1.8 0.07 | 0.82 | wholePulse | ifct | moth bean, matki
fieldBean | Field beans, dry | 8.6 0.9 0 | 0.78 | wholePulse | ifct | dried broad bean, field bean, lablab, val
riceBean | Rice beans | 11.1 0.7 0.03 | 0.82 | wholePulse | ifct | ricebean, adzuki, adzuki bean, red mung
soyBean | Soya beans, dry | 5.5 19.4 0.01 | 0.75 | wholePulse | ifct | soybean, dried soya bean |  | soy
lentilBlack | Lentils, black or green, small | 9.2 0.6 0.03 | 0.85 | wholePulse | ifct | beluga lentil, black lentil, puy lentil, french lentil
tempeh | Tempeh | 59.6 10.8 0.02 | 0.6 | dry | srLegacy | tempe |  | soy
seitan | Seitan | 58 2 1 | 0.7 | dry | label | wheat gluten |  | gluten
noodlesEgg | Egg noodles, dry | 9.1 4.4 0.05 | 0.35 | noodle | srLegacy | egg noodle | nest 60 | gluten, eggs
macaroni | Macaroni | 9.9 1.5 0.02 | 0.45 | noodle | srLegacy | elbow pasta, small pasta, ditalini |  | gluten
`);
