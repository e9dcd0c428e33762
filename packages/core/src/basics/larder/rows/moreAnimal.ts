import { tableOf } from './table.js';

/** Dairy, fats, meat and fish beyond the ordinary. Pieces are common practice †. */
export const MORE_ANIMAL = tableOf(`
creamSoured | Cream, soured | 73 19.4 0.1 | 1 | cultured | srLegacy | sour cream, creme fraiche, soured cream |  | milk
creamSingle | Cream, single | 74 19 0.1 | 1 | cultured | srLegacy | single cream, light cream, half and half |  | milk
labneh | Labneh and cream cheese | 60 23 0.9 | 1 | cultured | label | labneh, cream cheese, mascarpone, kaymak |  | milk
mozzarella | Mozzarella | 50 22 1.5 | 0.45 | dry | srLegacy | mozzarella cheese, cheddar, cheese, halloumi, gouda, queso | slice 25 | milk
cheeseFresh | Fresh white cheese | 58 20 1.2 | 0.6 | dry | label | ricotta, cottage cheese, queso fresco, goat cheese |  | milk
almondMilk | Almond milk | 97 1.1 0.1 | 1.02 | liquid | label | almond drink |  | nuts
soyMilk | Soya milk | 91 2 0.1 | 1.03 | liquid | label | soy milk, soy drink, oat milk, oat drink |  | soy
sesameOil | Sesame oil | 0 100 0 | 0.92 | fat | srLegacy | toasted sesame oil, gingelly oil |  | sesame
peanutOil | Peanut oil | 0 100 0 | 0.91 | fat | srLegacy | peanut cooking oil |  | peanuts
poultryFat | Duck or chicken fat | 0.2 99.8 0 | 0.92 | fat | srLegacy | duck fat, chicken fat, goose fat, schmaltz, chicken skin fat
beefDripping | Beef dripping and suet | 1 98 0 | 0.92 | fat | srLegacy | suet, beef dripping, tallow, beef fat, lamb fat
pancetta | Pancetta | 40 37 4 | 0.5 | meat | label | pancetta, guanciale, salt pork | slice 10 | rawMeat
ham | Ham, cooked | 70 6 2.5 | 0.6 | dry | label | ham, cooked ham, ham cubes, gammon | slice 30
salami | Dry-cured sausage | 35 36 4 | 0.55 | dry | label | salami, cured chorizo, pepperoni, lap cheong, chinese sausage | slice 8
sausageFresh | Sausage, fresh | 55 25 1.6 | 0.9 | meat | label | fresh sausage, pork sausage, merguez | sausage 60 | rawMeat
chickenMince | Chicken or turkey mince | 73 8 0.2 | 0.95 | meat | srLegacy | minced chicken, ground chicken, chicken mince, turkey mince, ground turkey |  | rawMeat
porkMince | Pork mince | 61 21 0.15 | 0.95 | meat | srLegacy | minced pork, ground pork, pork mince |  | rawMeat
porkRib | Pork ribs | 64 18 0.2 | 0.6 | meat | srLegacy | pork rib, spare rib | rib 60 | rawMeat
porkBelly | Pork belly | 37 53 0.1 | 0.9 | meat | srLegacy | belly pork |  | rawMeat
beefRib | Beef ribs and oxtail | 58 23 0.15 | 0.7 | meat | srLegacy | beef rib, oxtail, short rib, beef chuck, beef shin, brisket |  | rawMeat
goatMince | Goat mince | 74 3 0.2 | 0.95 | meat | practice | minced mutton, mutton mince, keema, kheema, mutton keema |  | rawMeat
liver | Liver and giblets | 73 5 0.18 | 0.9 | meat | srLegacy | chicken liver, gizzard, chicken gizzard, liver, giblets | liver 40 | rawMeat
rabbit | Rabbit | 72.8 5.6 0.1 | 0.7 | meat | srLegacy | rabbit leg | leg 200 | rawMeat
tripe | Tripe | 84 3.7 0.25 | 0.8 | meat | srLegacy | shaki, cow foot |  | rawMeat
chickenCooked | Chicken, cooked | 65 8 0.2 | 0.55 | dry | srLegacy | cooked chicken, roast chicken, shredded chicken, leftover chicken, rotisserie chicken
meatCooked | Meat, cooked | 58 15 0.2 | 0.6 | dry | srLegacy | cooked meat, roast beef, boiled meat, roast lamb, leftover meat, meatballs cooked
meatDried | Meat, dried | 25 10 5 | 0.4 | dry | practice | dried meat, beef jerky, biltong, kilishi
prawnsCooked | Prawns, cooked | 74 1 1.5 | 0.6 | dry | label | cooked prawn, cooked shrimp, peeled cooked prawns | prawn 9 | crustaceans
prawnsDried | Prawns, dried | 20 3 8 | 0.35 | dry | practice | dried shrimp, dried prawn, dry shrimp, shrimp powder |  | crustaceans
lobster | Lobster and langoustine | 79 0.8 1 | 0.6 | meat | srLegacy | lobster, langoustine, lobster tail | tail 120 | crustaceans, rawMeat
clams | Clams | 80 1 1.5 | 0.6 | meat | srLegacy | clam, cockle, vongole, razor clam | clam 15 | molluscs, rawMeat
octopus | Octopus and cuttlefish | 81 0.9 0.6 | 0.9 | meat | srLegacy | octopus, cuttlefish, baby octopus |  | molluscs, rawMeat
scallops | Scallops | 79 0.8 0.9 | 0.9 | meat | srLegacy | scallop | scallop 20 | molluscs, rawMeat
snails | Snails | 79 1.4 0.18 | 0.7 | meat | srLegacy | snail, conch | snail 10 | molluscs, rawMeat
tunaTinned | Tuna, tinned, drained | 70 3 0.9 | 0.8 | dry | srLegacy | tinned tuna, canned tuna, tuna | tin 120 | fish
sardinesTinned | Sardines, tinned, drained | 60 11 1 | 0.8 | dry | srLegacy | tinned sardine, tinned mackerel, tinned pilchard | tin 90 | fish
anchovies | Anchovies, in oil | 50 10 14 | 0.8 | dry | srLegacy | anchovy, anchovy fillet | fillet 4 | fish
fishFried | Fish, fried | 60 12 0.5 | 0.5 | dry | practice | fried fish, cooked fish, fish balls | piece 100 | fish
fishDried | Fish, dried ground | 12 6 4 | 0.4 | dry | practice | fish powder, ground dried fish, dried fish ground, ground fish, dried fish powder, bonito flakes |  | fish
stockfish | Stockfish | 14 2 1.5 | 0.25 | dry | practice | dried cod, salt cod | piece 50 | fish
`);
