import { tableOf } from './table.js';

/** Sauces, pastes and the rarer liquids. From memory of labels †. */
export const SAUCES = tableOf(`
oysterSauce | Oyster sauce | 50 0.3 11 | 1.25 | dry | label | vegetarian oyster sauce, hoisin, hoisin sauce, teriyaki sauce |  | molluscs, soy, gluten
ketchup | Ketchup | 68 0.1 2.2 | 1.15 | smoothTomato | label | tomato ketchup |  | film:tomato
worcestershire | Worcestershire sauce | 70 0 3 | 1.15 | liquid | label | worcester sauce, brown sauce |  | fish, gluten
hotSauce | Hot sauce | 88 0.5 5 | 1.02 | liquid | label | chilli sauce, chili sauce, pepper sauce, sriracha, sweet chilli sauce
maggiLiquid | Liquid seasoning | 60 0 19 | 1.2 | liquid | label | seasoning sauce, liquid aminos, browning, gravy browning |  | soy, gluten
fermentedChilli | Fermented chilli bean paste | 50 6 9 | 1.15 | dry | label | chilli bean paste, doubanjiang, gochujang, black bean sauce, black bean paste |  | soy, gluten
pestoGreen | Herb and oil paste | 35 45 2.5 | 1 | dry | label | pesto, chimichurri, chermoula, green sauce, sofrito, recaito, green seasoning |  | nuts, milk
riceWine | Rice wine and sherry | 80 0 0.5 | 1 | liquid | label | rice wine, mirin, shaoxing wine, sherry, sake, cooking wine, marsala, vermouth
wineRed | Red wine | 86.5 0 0.01 | 0.99 | liquid | srLegacy | dry red wine, port
beer | Beer and cider | 92 0 0.01 | 1 | liquid | srLegacy | beer, lager, cider, stout
roseWater | Rose or orange-flower water | 99 0 0 | 1 | liquid | practice | rose water, orange blossom water, orange flower water, kewra water, kewra, rosewater
pomegranateMolasses | Pomegranate molasses | 25 0 0.1 | 1.35 | dry | label | pomegranate syrup, molasses, date syrup, maple syrup, treacle
vanilla | Vanilla extract | 52.6 0.1 0.02 | 0.9 | liquid | srLegacy | vanilla, vanilla essence
foodColour | Food colour | 90 0 0 | 1 | liquid | practice | food coloring, orange food colour, food colouring, saffron water | drop 0.05
whey | Whey | 93 0.2 0.14 | 1.02 | liquid | srLegacy | whey liquid, kefir, ayran |  | milk
cookingStockConcentrate | Stock concentrate | 30 10 25 | 1.15 | dry | label | stock pot, stock concentrate, stock jelly, bouillon paste, base paste, vegetable bouillon paste | pot 28 | celery
demiGlace | Gravy granules | 4 15 15 | 0.6 | dry | label | gravy powder, gravy granules, onion soup mix, soup powder | sachet 40 | gluten
cornflour | Starch and flour | 11 0.5 0.01 | 0.55 | dry | srLegacy | cornflour, cornstarch, flour, potato starch, gram flour, besan |  | gluten
breadcrumbs | Breadcrumbs | 7 5 1.5 | 0.4 | dry | srLegacy | breadcrumb, croutons, bread cubes | slice 30 | gluten
`);
