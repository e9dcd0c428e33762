import { tableOf } from './table.js';

/** Fruit, nuts and seeds beyond the ordinary. Pieces are common practice †. */
export const FRUIT_AND_SEEDS = tableOf(`
apple | Apple | 83 0.6 0 | 0.5 | softVegetable | ifct | apples, green apple, cooking apple | apple 150
pear | Pear | 86.5 0.3 0 | 0.55 | softVegetable | ifct | pears | pear 160
quince | Quince | 83.8 0.1 0.01 | 0.55 | hardVegetable | srLegacy | quinces | quince 200
pineapple | Pineapple | 86.1 0.2 0 | 0.65 | softVegetable | ifct | pineapple chunks | slice 80, tin 260
mangoRipe | Mango, ripe | 88.4 0.6 0 | 0.65 | softVegetable | ifct | mango, ripe mango | mango 250
orange | Orange | 89.6 0.1 0 | 0.65 | softVegetable | ifct | oranges, orange segments | orange 140
sourCherries | Cherries | 83.6 0.5 0 | 0.6 | softVegetable | ifct | cherry, sour cherry, cherries | cherry 6
apricotFresh | Apricots, fresh | 85.8 0.6 0 | 0.6 | softVegetable | ifct | apricot, fresh apricot | apricot 40
currantsDried | Currants, dried | 19.2 0.3 0.02 | 0.6 | driedFruit | srLegacy | currant, zante currant
cranberriesDried | Cranberries, dried | 16 1.1 0.01 | 0.5 | driedFruit | srLegacy | dried cranberry, cranberry, goji, dried cherry
figsDried | Figs, dried | 30 0.9 0.03 | 0.6 | driedFruit | srLegacy | dried fig, fig | fig 15
prunes | Prunes | 30.9 0.4 0.01 | 0.65 | driedFruit | srLegacy | prune, dried plum | prune 9
hazelnut | Hazelnuts | 5.3 60.8 0 | 0.55 | dry | srLegacy | hazelnut, filbert | hazelnut 1.3 | nuts
pecan | Pecans | 3.5 72 0 | 0.45 | dry | srLegacy | pecan nut, pecan | pecan 2 | nuts
macadamia | Macadamia and Brazil nuts | 2.4 71 0.01 | 0.55 | dry | srLegacy | macadamia, brazil nut | nut 4 | nuts
chestnut | Chestnuts, cooked | 60 2 0.03 | 0.6 | dry | srLegacy | chestnut, cooked chestnut | chestnut 9
sunflowerSeeds | Sunflower seeds | 3.5 51.9 0 | 0.6 | dry | ifct | sunflower seed
pumpkinSeeds | Pumpkin seeds | 5.2 49 0.02 | 0.55 | dry | srLegacy | pumpkin seed, pepitas
egusi | Melon seeds, ground | 6 48 0.1 | 0.5 | dry | practice | egusi, melon seed, ground egusi
poppySeed | Poppy seeds | 4.2 30.4 0.06 | 0.6 | dry | ifct | poppy seed, khus khus
linseed | Linseed | 5.5 35.7 0.08 | 0.65 | dry | ifct | flaxseed, linseeds, flax
coconutFlakes | Coconut flakes | 3 64.5 0.09 | 0.3 | desiccated | srLegacy | coconut flakes, coconut shreds, toasted coconut, shredded coconut
`);
