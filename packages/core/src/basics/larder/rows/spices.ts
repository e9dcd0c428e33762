import { tableOf } from './table.js';

/** Spices and dried herbs. Pieces are common practice †. */
export const SPICES = tableOf(`
blackPepper | Black pepper | 13.2 2.7 0.06 | 0.5 | dry | ifct | ground black pepper, ground pepper, black peppercorn, peppercorn, kali mirch | peppercorn 0.05, pinch 0.3
whitePepper | White pepper | 11.4 2.1 0.01 | 0.5 | dry | srLegacy | ground white pepper, white peppercorn | pinch 0.3
cuminSeed | Cumin seed | 10.6 16.6 0.32 | 0.45 | dry | ifct | cumin, whole cumin, jeera, zeera, cumin seeds | pinch 0.5
cuminGround | Cumin, ground | 8.1 22.3 0.43 | 0.45 | dry | srLegacy | ground cumin, cumin powder, jeera powder, roasted cumin powder | pinch 0.3
corianderSeed | Coriander seed | 8.7 17.5 0.09 | 0.36 | dry | ifct | whole coriander, coriander seeds, dhania seeds | pinch 0.5
corianderGround | Coriander, ground | 8.9 17.8 0.09 | 0.38 | dry | srLegacy | ground coriander, coriander powder, dhania powder | pinch 0.3
turmeric | Turmeric, ground | 10.6 5 0.06 | 0.6 | dry | ifct | turmeric, turmeric powder, ground turmeric, haldi, haldi powder | pinch 0.3
chilliPowder | Chilli powder | 10.8 14.3 0.3 | 0.5 | dry | srLegacy | chili powder, red chilli powder, red chili powder, kashmiri chilli powder, cayenne, cayenne pepper, ground chilli, pepper powder, lal mirch | pinch 0.3
chilliDried | Chilli, dried | 14.6 6.4 0.05 | 0.2 | dry | ifct | dried chilli, dry red chilli, dried red chilli, dried chili, red chilli whole | chilli 0.7
chilliFlakes | Chilli flakes | 8.1 17.3 0.08 | 0.35 | dry | srLegacy | chili flakes, red pepper flakes, crushed chilli, aleppo pepper | pinch 0.3
paprika | Paprika | 11.2 12.9 0.17 | 0.46 | dry | srLegacy | sweet paprika, ground paprika | pinch 0.3
paprikaSmoked | Paprika, smoked | 11.2 12.9 0.17 | 0.46 | dry | srLegacy | smoked paprika, pimenton | pinch 0.3
garamMasala | Garam masala | 8 15 0.2 | 0.45 | dry | practice | tandoori masala, biryani masala, meat masala, pulao masala | pinch 0.3
curryPowder | Curry powder | 8.8 14 0.13 | 0.42 | dry | srLegacy | mild curry powder, hot curry powder, madras curry powder | pinch 0.3
cardamom | Cardamom, green | 11.2 2.6 0.04 | 0.4 | dry | ifct | cardamom, cardamom pod, green cardamom, elaichi, green elaichi, cardamom powder, ground cardamom | pod 0.2
cardamomBlack | Cardamom, black | 6.7 2.8 0.04 | 0.35 | dry | ifct | black cardamom, black elaichi, badi elaichi, brown cardamom | pod 1.5
cinnamon | Cinnamon | 10.6 1.2 0.03 | 0.5 | dry | srLegacy | cinnamon stick, cinnamon bark, cassia, dalchini, ground cinnamon, cinnamon powder | stick 3, inch 1.5
cloves | Cloves | 26.5 8.4 0.47 | 0.45 | dry | ifct | clove, whole clove, laung, ground cloves | clove 0.1
bayLeaf | Bay leaf | 5.4 8.4 0.06 | 0.1 | dry | srLegacy | bay leaves, bay, tej patta, indian bay leaf | leaf 0.2
starAnise | Star anise | 9.5 15.9 0.04 | 0.2 | dry | srLegacy | anise star | star 0.7
nutmeg | Nutmeg | 15.6 36.5 0.04 | 0.47 | dry | ifct | grated nutmeg, ground nutmeg, jaiphal | nutmeg 6, pinch 0.3
mace | Mace | 20.1 24.4 0.07 | 0.35 | dry | ifct | blade of mace, mace blade, javitri | blade 0.5
fennelSeed | Fennel seed | 8.8 14.9 0.22 | 0.4 | dry | srLegacy | fennel seeds, saunf, sonf, ground fennel | pinch 0.4
fenugreekSeed | Fenugreek seed | 7.8 5.7 0.1 | 0.75 | dry | ifct | fenugreek seeds, methi seeds, methi dana, fenugreek | pinch 0.5
fenugreekDried | Fenugreek leaf, dried | 8 3.5 0.3 | 0.1 | dry | practice | kasuri methi, kasoori methi, kasuri, dried fenugreek, dried fenugreek leaves, dried methi | pinch 0.2
ajwain | Ajwain seed | 9.7 21.1 0.07 | 0.45 | dry | ifct | ajwain, carom, carom seed, omum | pinch 0.4
asafoetida | Asafoetida | 9.4 1.3 0.04 | 0.6 | dry | ifct | hing, asafetida | pinch 0.2
mustardSeed | Mustard seed | 5.7 40.2 0.01 | 0.7 | dry | ifct | mustard seeds, rai, black mustard seed, yellow mustard seed, brown mustard seed | pinch 0.5
nigella | Nigella seed | 6 33 0.2 | 0.5 | dry | practice | nigella, nigella seeds, kalonji, onion seed | pinch 0.4
caraway | Caraway seed | 9.9 14.6 0.04 | 0.45 | dry | srLegacy | caraway, caraway seeds, shah jeera, black cumin | pinch 0.4
dillSeed | Dill seed | 7.7 14.5 0.05 | 0.45 | dry | srLegacy | dill seeds | pinch 0.4
celerySeed | Celery seed | 6 25.3 0.41 | 0.45 | dry | srLegacy | celery seeds | pinch 0.4 | celery
allspice | Allspice | 8.5 8.7 0.2 | 0.42 | dry | srLegacy | pimento, ground allspice, allspice berry, seven spice, baharat | berry 0.06, pinch 0.3
sumac | Sumac | 10 7 1 | 0.5 | dry | practice | ground sumac | pinch 0.3
fiveSpice | Five-spice powder | 9 10 0.2 | 0.45 | dry | practice | five spice, chinese five spice | pinch 0.3
gingerGround | Ginger, ground | 9.9 4.2 0.07 | 0.38 | dry | srLegacy | ground ginger, ginger powder, dry ginger, dried ginger | pinch 0.3
garlicPowder | Garlic powder | 6.5 0.7 0.15 | 0.6 | dry | srLegacy | granulated garlic, dried garlic, garlic granules | pinch 0.4
onionPowder | Onion powder | 5.4 1 0.19 | 0.5 | dry | srLegacy | dried onion, onion granules, onion flakes | pinch 0.4
mustardPowder | Mustard powder | 5.3 36.2 0.03 | 0.4 | dry | srLegacy | dry mustard, ground mustard, english mustard powder | pinch 0.3 | mustard
thyme | Thyme, fresh | 65.1 1.7 0.02 | 0.16 | dry | srLegacy | thyme, fresh thyme, thyme leaves | sprig 1
thymeDried | Thyme, dried | 7.8 7.4 0.14 | 0.3 | dry | srLegacy | dried thyme, ground thyme | pinch 0.2
oregano | Oregano, dried | 9.9 4.3 0.06 | 0.2 | dry | srLegacy | oregano, dried oregano, marjoram, dried marjoram | pinch 0.2
rosemary | Rosemary | 67.8 5.9 0.07 | 0.16 | dry | srLegacy | fresh rosemary, rosemary leaves, dried rosemary | sprig 1.5
basil | Basil | 92.1 0.6 0.01 | 0.1 | dry | srLegacy | basil leaf, fresh basil, holy basil, thai basil, scent leaf | leaf 0.5, bunch 30, sprig 2
basilDried | Basil, dried | 10.4 4.1 0.19 | 0.18 | dry | srLegacy | dried basil, mixed herbs, italian seasoning, italian herbs, dried herbs, herbes de provence, dried parsley, dried mint, dried dill | pinch 0.2
sage | Sage | 66 3 0.03 | 0.12 | dry | practice | sage leaf, fresh sage, dried sage | leaf 0.4
chives | Chives | 90.7 0.7 0.01 | 0.2 | dry | srLegacy | chive, garlic chive, fresh chives | bunch 25
lemongrass | Lemongrass | 70.6 0.5 0.02 | 0.3 | dry | srLegacy | lemon grass, lemongrass stalk | stalk 20
pandan | Pandan leaf | 85 1 0.05 | 0.2 | dry | practice | pandan, pandan leaves, screwpine leaf | leaf 4
kaffirLimeLeaf | Lime leaf | 70 1 0.05 | 0.1 | dry | practice | lime leaves, makrut lime leaf, kaffir lime leaf | leaf 0.5
galangal | Galangal | 79 1 0.03 | 0.55 | dry | practice | fresh galangal | inch 8, slice 3
citrusPeel | Citrus peel | 81.6 0.3 0.02 | 0.4 | dry | srLegacy | lemon zest, orange zest, lime zest, lemon peel, orange peel, zest of lemon, zest of orange, zest of lime, strip of lemon peel | strip 2, lemon 4, orange 6, lime 2
limeDried | Lime, dried | 10 2 0.02 | 0.3 | dry | practice | dried lime, black lime, loomi | lime 5
lemonPreserved | Lemon, preserved | 75 0.5 12 | 0.9 | dry | practice | preserved lemon, salted lemon | lemon 60
allPurpose | All-purpose seasoning | 3 3 40 | 0.8 | dry | label | all purpose seasoning, seasoning salt, seasoned salt, jollof seasoning, rice seasoning, chicken seasoning, adobo | pinch 0.4 | celery
crayfishGround | Crayfish, dried ground | 8 4 2 | 0.45 | dry | practice | crayfish powder, ground crayfish, crayfish, dried crayfish | pinch 0.4 | crustaceans
locustBean | Locust beans, fermented | 45 17 1 | 0.8 | dry | practice | locust bean, fermented locust bean, iru, dawadawa
shrimpPaste | Shrimp paste | 45 1.5 20 | 1.1 | dry | label | prawn paste, belacan, terasi |  | crustaceans
seaweed | Seaweed, dried | 8 2 6 | 0.15 | driedVegetable | practice | kelp, kombu, nori, dried seaweed | sheet 3, piece 5
juniper | Juniper berries | 20 8 0.02 | 0.4 | dry | practice | juniper, juniper berry | berry 0.1
sesameBlack | Sesame seed, black | 4.5 43.1 0.04 | 0.62 | dry | ifct | black sesame, black sesame seed |  | sesame
`);
