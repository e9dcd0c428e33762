import { tableOf } from './table.js';

/** Leaves, roots, gourds and pods beyond the ordinary basket. Pieces are common practice †. */
export const GREENS = tableOf(`
kale | Kale | 89.6 1.5 0.1 | 0.15 | softVegetable | srLegacy | curly kale, cavolo nero | bunch 200, leaf 20
collard | Collard and spring greens | 89.5 0.3 0.06 | 0.2 | softVegetable | ifct | collard, collard greens, spring greens, greens, ugu, pumpkin leaf | bunch 250, leaf 25
chard | Chard | 92.7 0.2 0.54 | 0.2 | softVegetable | srLegacy | swiss chard, rainbow chard | bunch 250
amaranthLeaf | Amaranth leaf | 86.9 0.7 0.04 | 0.15 | softVegetable | ifct | amaranth leaves, callaloo | bunch 200
pakChoi | Pak choi | 93.6 0.3 0.09 | 0.3 | softVegetable | ifct | bok choy, pak choy | head 150
cabbageChinese | Cabbage, Chinese | 93.2 0.1 0.05 | 0.3 | softVegetable | ifct | chinese cabbage, napa cabbage | head 800
cabbageRed | Cabbage, red | 91.9 0.2 0.06 | 0.35 | softVegetable | ifct | red cabbage, purple cabbage | head 900
brusselsSprouts | Brussels sprouts | 84.4 0.5 0.05 | 0.4 | hardVegetable | ifct | brussels sprout, sprout | sprout 18
fenugreekLeaf | Fenugreek leaf, fresh | 86.7 0.8 0.12 | 0.15 | softVegetable | ifct | methi leaves, methi leaf, fresh methi, fenugreek leaves, fresh fenugreek | bunch 150
mustardLeaf | Mustard greens | 88.2 0.5 0.05 | 0.15 | softVegetable | ifct | mustard leaves, mustard greens | bunch 200
sorrel | Sorrel | 93.2 0.3 0.05 | 0.15 | softVegetable | ifct | sorrel leaves, gongura | bunch 100
drumstickLeaf | Drumstick leaf | 75.7 1.6 0.02 | 0.12 | softVegetable | ifct | moringa leaves, moringa
rocket | Rocket | 91.7 0.7 0.07 | 0.1 | softVegetable | srLegacy | arugula, watercress, lettuce | bunch 60
bottleGourd | Bottle gourd | 95.2 0.1 0 | 0.6 | softVegetable | ifct | lauki, opo squash | gourd 600
bitterGourd | Bitter gourd | 90.9 0.2 0.03 | 0.5 | softVegetable | ifct | bitter melon, karela | gourd 120
ridgeGourd | Ridge gourd | 95 0.1 0.01 | 0.6 | softVegetable | ifct | ridged gourd, turai, luffa | gourd 200
ashGourd | Ash gourd | 92.2 0.1 0 | 0.6 | softVegetable | ifct | winter melon, white pumpkin
chayote | Chayote | 93.8 0.2 0 | 0.55 | hardVegetable | ifct | chow chow, christophene | chayote 250
clusterBeans | Cluster beans | 84.7 0.4 0.01 | 0.5 | hardVegetable | ifct | cluster bean, gavar
babyCorn | Baby corn | 75.4 1.3 0 | 0.5 | hardVegetable | ifct | baby corns, baby corn cob | cob 12
cucumber | Cucumber | 93 0.2 0.02 | 0.55 | softVegetable | ifct | cucumbers | cucumber 300
drumstick | Drumstick pods | 85.4 0.1 0.06 | 0.4 | hardVegetable | ifct | drumstick, moringa pod | drumstick 60
jackfruitGreen | Jackfruit, green | 85.5 0.4 0.01 | 0.5 | hardVegetable | ifct | green jackfruit, young jackfruit, jackfruit | tin 280
kohlrabi | Kohlrabi | 93.1 0.4 0.07 | 0.55 | hardVegetable | ifct | knol khol | kohlrabi 200
mangoGreen | Mango, green | 85.1 0.1 0.08 | 0.6 | softVegetable | ifct | green mango, raw mango | mango 250
tomatoGreen | Tomato, green | 93.2 0.3 0.03 | 0.9 | tomato | ifct | green tomato, tomatillo | tomato 110 | film:tomato
bambooShoot | Bamboo shoots | 94.6 0.4 0 | 0.5 | hardVegetable | ifct | bamboo shoot | tin 140
beanSprouts | Bean sprouts | 90.4 0.2 0.02 | 0.35 | softVegetable | srLegacy | bean sprout, sprouts mung
edamame | Edamame | 72.8 5.2 0.02 | 0.6 | hardVegetable | srLegacy | green soybeans, soya beans fresh |  | soy
sugarSnap | Sugar snap peas | 88.9 0.2 0.01 | 0.4 | hardVegetable | srLegacy | mangetout, snow pea, sugar snap, sugar snap pea
asparagus | Asparagus | 93.2 0.1 0.01 | 0.5 | softVegetable | srLegacy | asparagus spear | spear 18, bunch 250
artichoke | Artichoke hearts, tinned | 91 0.3 0.8 | 0.6 | hardVegetable | label | artichoke, artichoke heart | heart 30, tin 240
fennelBulb | Fennel bulb | 90.2 0.2 0.13 | 0.4 | softVegetable | srLegacy | fennel, head of fennel, bulb of fennel, bulb fennel | head 250, bulb 250
radish | Radish | 89.1 0.2 0.07 | 0.55 | hardVegetable | ifct | daikon, mooli, white radish | radish 60
turnip | Turnip | 91.9 0.1 0.17 | 0.55 | hardVegetable | srLegacy | turnips | turnip 120
swede | Swede | 89.4 0.2 0.03 | 0.6 | hardVegetable | srLegacy | rutabaga, neep | swede 500
parsnip | Parsnip | 79.5 0.3 0.03 | 0.55 | hardVegetable | srLegacy | parsnips | parsnip 130
celeriac | Celeriac | 88 0.3 0.25 | 0.6 | hardVegetable | srLegacy | celery root | celeriac 500 | celery
cassava | Cassava | 75.2 0.2 0.03 | 0.65 | potato | ifct | yuca, tapioca root, manioc | cassava 400
yam | Yam | 74.3 0.2 0.04 | 0.65 | potato | ifct | white yam, yam tuber | slice 120
taro | Taro | 73.5 0.2 0.01 | 0.65 | potato | ifct | colocasia, arbi, eddo, cocoyam | taro 80
lotusRoot | Lotus root | 76.3 0.9 0.05 | 0.6 | hardVegetable | ifct | lotus stem
waterChestnut | Water chestnut | 73.3 0.4 0.03 | 0.6 | hardVegetable | ifct | water chestnuts | tin 140
jalapeno | Jalapeño | 91.7 0.4 0.01 | 0.5 | hardVegetable | srLegacy | jalapeno, jalapeno pepper, green jalapeno | jalapeno 15
plantainRipe | Plantain, ripe | 65.3 0.4 0.01 | 0.6 | hardVegetable | srLegacy | ripe plantain, fried plantain, dodo | plantain 220
pepperRoasted | Peppers, roasted in a jar | 91 0.5 1 | 0.8 | softVegetable | label | roasted pepper, roasted red pepper, charred pepper, jarred pepper, piquillo | pepper 60
greenBeansFrozen | Green beans, frozen | 89 0.2 0.01 | 0.5 | frozenVegetable | srLegacy | frozen green beans, frozen beans, frozen french beans
broccoliFrozen | Broccoli, frozen | 91.5 0.3 0.06 | 0.35 | frozenVegetable | srLegacy | frozen broccoli, frozen cauliflower
okraFrozen | Okra, frozen | 90 0.3 0.01 | 0.5 | frozenVegetable | srLegacy | frozen okra
broadBeansFrozen | Broad beans, frozen | 77 0.5 0.1 | 0.6 | frozenVegetable | label | frozen broad beans, frozen fava beans, frozen edamame
sweetcornTinned | Sweetcorn, tinned | 78 1.2 0.5 | 0.65 | dry | label | tinned sweetcorn, canned corn, tinned corn | tin 165
garlicPaste | Garlic paste | 65 5 1.5 | 1.05 | softVegetable | label | garlic puree, crushed garlic paste
gingerPaste | Ginger paste | 80 2 1.5 | 1.05 | softVegetable | label | ginger puree
curedLeaf | Vine leaves, in brine | 76 2 5 | 0.4 | dry | label | vine leaves, grape leaves | leaf 5
`);
